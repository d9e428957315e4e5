package kitetail.cut;

import java.util.List;
import kitetail.geom.Allowed;
import kitetail.geom.UnitVec;
import kitetail.geom.Vec3;
import kitetail.hair.Hair;
import kitetail.head.Head;
import kitetail.head.Scalp;
import kitetail.section.Zone;

/**
 * Cut over a comb as a hand led it, stroke by stroke. A stroke cuts what its comb holds: hair
 * within half the comb's teeth to either side of its track, down to the track along the hair lifted
 * straight out ({@link Comb} where the track is straight), and no nearer to the skin than the comb
 * is thick. Where the comb dips the hair is gone; a later stroke does not bring it back.
 *
 * @param strokes in the order they were made, up to {@value #MOST}
 * @param thicknessMm of the comb, 0.5 to 15
 * @param teethMm of the comb in use, 15 to 200
 */
public record Strokes(List<Stroke> strokes, Comb.Tool tool, double thicknessMm, double teethMm)
    implements Cut {
  public static final int MOST = 80;
  public static final int MOST_POINTS = 240;

  /** So far below the hairline a comb may be set down, as a share of the way from the apex. */
  private static final double LOWEST = 1.5;

  /**
   * Where the cutting edge was at a moment.
   *
   * @param seconds since the stroke began
   * @param aroundDeg round the head from the front, positive to the client's right, −180 to 180
   * @param share of the way from the apex to the hairline, 0 to 1.5
   * @param gapMm off the skin, 0 to 120
   * @param cuts true while the blades close
   */
  public record At(double seconds, double aroundDeg, double share, double gapMm, boolean cuts) {
    public At {
      Allowed.within("seconds", seconds, 0, 600);
      Allowed.within("aroundDeg", aroundDeg, -180, 180);
      Allowed.within("share", share, 0, LOWEST);
      Allowed.within("gapMm", gapMm, 0, 120);
    }
  }

  /**
   * The way of the comb from where it is set down to where it is taken off.
   *
   * @param track in the order of time, 2 to {@value Strokes#MOST_POINTS} points
   */
  public record Stroke(List<At> track) {
    public Stroke {
      track = List.copyOf(track);
      if (track.size() < 2 || track.size() > MOST_POINTS) {
        throw new IllegalArgumentException(
            "track must have 2 to " + MOST_POINTS + " points, had " + track.size());
      }
      for (int k = 1; k < track.size(); k++) {
        if (track.get(k).seconds() < track.get(k - 1).seconds()) {
          throw new IllegalArgumentException(
              "seconds must not go back, went from "
                  + track.get(k - 1).seconds()
                  + " to "
                  + track.get(k).seconds());
        }
      }
    }

    /** How long it took. */
    public double seconds() {
      return track.get(track.size() - 1).seconds() - track.get(0).seconds();
    }
  }

  public Strokes {
    strokes = List.copyOf(strokes);
    if (strokes.size() > MOST) {
      throw new IllegalArgumentException(
          "strokes must be at most " + MOST + ", were " + strokes.size());
    }
    if (!(thicknessMm >= 0.5 && thicknessMm <= 15)) {
      throw new IllegalArgumentException("thicknessMm must be 0.5 to 15, was " + thicknessMm);
    }
    if (!(teethMm >= 15 && teethMm <= 200)) {
      throw new IllegalArgumentException("teethMm must be 15 to 200, was " + teethMm);
    }
  }

  @Override
  public <R> R as(Cases<R> cases) {
    return cases.strokes(this);
  }

  @Override
  public double[] leaves(Zone zone, Hair hair) {
    int[] roots = zone.roots();
    double[] out = new double[roots.length];
    java.util.Arrays.fill(out, Double.POSITIVE_INFINITY);
    for (Stroke s : strokes) {
      Swept swept = new Swept(zone.head(), s, teethMm / 2);
      for (int k = 0; k < roots.length; k++) {
        double mm = swept.leavesMm(zone.scalp(), roots[k]);
        out[k] = Math.min(out[k], Math.max(thicknessMm, mm));
      }
    }
    return out;
  }

  @Override
  public int bites(Zone zone) {
    return strokes.size();
  }

  @Override
  public boolean shears() {
    return tool == Comb.Tool.SCISSORS;
  }

  @Override
  public Strokes mirrored() {
    return new Strokes(
        strokes.stream()
            .map(
                s ->
                    new Stroke(
                        s.track().stream()
                            .map(
                                a ->
                                    new At(
                                        a.seconds(),
                                        0 - a.aroundDeg(),
                                        a.share(),
                                        a.gapMm(),
                                        a.cuts()))
                            .toList()))
            .toList(),
        tool,
        thicknessMm,
        teethMm);
  }

  /** A stroke's track on one head: its points on the skin, and the edge over them. */
  private static final class Swept {
    private final double half;
    private final Vec3[] skin;
    private final double[] outMm;
    private final double[] upMm;
    private final boolean[] cuts;
    private final Vec3 middle;
    private final double reach;

    Swept(Head head, Stroke s, double half) {
      this.half = half;
      int n = s.track().size();
      skin = new Vec3[n];
      outMm = new double[n];
      upMm = new double[n];
      cuts = new boolean[n];
      Vec3 sum = new Vec3(0, 0, 0);
      for (int k = 0; k < n; k++) {
        At at = s.track().get(k);
        double azimuth = Math.toRadians(at.aroundDeg());
        double down = at.share() * head.hairlineFromApexMm(azimuth);
        skin[k] = head.point(azimuth, down);
        double[] edge = Comb.offSkin(head, azimuth, down, at.gapMm());
        outMm[k] = edge[0];
        upMm[k] = edge[1];
        cuts[k] = at.cuts();
        sum = sum.plus(skin[k]);
      }
      middle = sum.times(1.0 / n);
      double far = 0;
      for (Vec3 p : skin) {
        far = Math.max(far, p.distanceTo(middle));
      }
      // A root is past the ends of a track by no more than its hair leans over them.
      reach = far + half + 60;
    }

    double leavesMm(Scalp scalp, int root) {
      Vec3 p = scalp.pointMm(root);
      double best = Double.POSITIVE_INFINITY;
      if (p.distanceTo(middle) > reach) {
        return best;
      }
      Column hair = Column.of(scalp, root, scalp.azimuthRad(root), null);
      for (int k = 0; k + 1 < skin.length; k++) {
        if (cuts[k] && cuts[k + 1] && beside(p, scalp.normal(root), k)) {
          best = Math.min(best, toPieceMm(hair, k));
        }
      }
      return best;
    }

    /** Within the comb's teeth: so far across the way the comb goes, along the skin. */
    private boolean beside(Vec3 p, UnitVec normal, int k) {
      Vec3 way = skin[k + 1].minus(skin[k]);
      Vec3 to = p.minus(skin[k]);
      double length = way.norm();
      if (length < 1e-9) {
        return to.norm() <= half;
      }
      Vec3 level = to.minus(normal.times(normal.dot(to)));
      double along = level.dot(way) / length;
      Vec3 across = level.minus(way.times(along / length));
      return across.norm() <= half;
    }

    private double toPieceMm(Column hair, int k) {
      double dOut = outMm[k + 1] - outMm[k];
      double dUp = upMm[k + 1] - upMm[k];
      double length = Math.hypot(dOut, dUp);
      if (length < 1e-6) {
        return Double.POSITIVE_INFINITY;
      }
      // Up the head or down it: the same line of hair is cut.
      double way = dUp >= 0 ? 1 : -1;
      double alongOut = way * dOut / length;
      double alongUp = way * dUp / length;
      double mm = hair.toTrackMm(outMm[k], upMm[k], alongOut, alongUp);
      if (!Double.isFinite(mm) || mm < 0) {
        return Double.POSITIVE_INFINITY;
      }
      double at = way * hair.alongMm(mm, outMm[k], upMm[k], alongOut, alongUp);
      return at >= -1e-9 && at <= length + 1e-9 ? mm : Double.POSITIVE_INFINITY;
    }
  }
}
