package kitetail.fall;

import java.util.List;
import kitetail.geom.Vec3;

/**
 * A line pressed to the skin: no hair stands in it, until it has grown again.
 *
 * @param points of its middle in turn, on the skin, at least two
 * @param widthMm how wide it is
 */
public record SkinLine(List<Vec3> points, double widthMm) {
  public SkinLine {
    if (points.size() < 2) {
      throw new IllegalArgumentException("a line has two points at least, was " + points.size());
    }
    points = List.copyOf(points);
  }

  /** How far a place is off its nearer edge, mm; below 0 within it. */
  double offMm(Vec3 p) {
    return p.distanceTo(nearest(p)) - widthMm / 2;
  }

  /** The place of its middle nearest to another. */
  Vec3 nearest(Vec3 p) {
    Vec3 best = points.get(0);
    for (int k = 1; k < points.size(); k++) {
      Vec3 a = points.get(k - 1);
      Vec3 along = points.get(k).minus(a);
      double share = p.minus(a).dot(along) / Math.max(1e-9, along.dot(along));
      Vec3 q = a.plus(along.times(Math.max(0, Math.min(1, share))));
      best = q.distanceTo(p) < best.distanceTo(p) ? q : best;
    }
    return best;
  }
}
