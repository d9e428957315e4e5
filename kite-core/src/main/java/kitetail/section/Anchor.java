package kitetail.section;

import kitetail.geom.Vec3;
import kitetail.head.Head;
import kitetail.head.Place;

/**
 * A point of the scalp map tied to a landmark, so that it follows the head.
 *
 * <p>The scalp map is the scalp laid flat about the apex, at true distance along every direction
 * from it: x to the client's right, y forward, mm.
 *
 * @param forwardMm how far forward of the landmark on the map, −300 to 300
 * @param acrossMm how far to the client's right of it, −300 to 300
 */
public record Anchor(Place at, double forwardMm, double acrossMm) {
  public Anchor {
    if (!(Math.abs(forwardMm) <= 300 && Math.abs(acrossMm) <= 300)) {
      throw new IllegalArgumentException(
          "forwardMm and acrossMm must be -300 to 300, were " + forwardMm + " and " + acrossMm);
    }
  }

  public Anchor(Place at) {
    this(at, 0, 0);
  }

  Anchor mirrored() {
    return new Anchor(at.mirrored(), forwardMm, 0 - acrossMm);
  }

  /** Right and forward on the map, mm. */
  public double[] on(Head h) {
    Vec3 p = h.place(at);
    double[] xy = onMap(h.azimuthRad(p), h.fromApexMm(p));
    xy[0] += acrossMm;
    xy[1] += forwardMm;
    return xy;
  }

  static double[] onMap(double azimuthRad, double fromApexMm) {
    return new double[] {fromApexMm * Math.sin(azimuthRad), fromApexMm * Math.cos(azimuthRad)};
  }
}
