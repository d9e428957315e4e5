package kitetail.plan;

import java.util.ArrayList;
import java.util.BitSet;
import java.util.List;
import kitetail.geom.Vec3;
import kitetail.head.Head;
import kitetail.head.HeadSpec;
import kitetail.section.Limit;
import kitetail.section.Region;

/** The usual head, on which questions are answered that do not depend on whose head it is. */
final class Reference {
  static final Head HEAD = Head.of(new HeadSpec.Measured(570, null, null));
  private static final int GRID = 36;
  private static final List<Spot> SPOTS = spots();

  /** A place of the usual scalp, as regions are asked about it. */
  private record Spot(Vec3 at, double azimuthRad, double fromApexMm) {
    boolean in(Limit.Test region) {
      return region.holds(at, azimuthRad, fromApexMm);
    }
  }

  private Reference() {}

  private static List<Spot> spots() {
    List<Spot> out = new ArrayList<>();
    for (int i = 0; i < GRID; i++) {
      double az = 2 * Math.PI * i / GRID - Math.PI;
      double edge = HEAD.hairlineFromApexMm(az);
      for (int k = 1; k <= GRID; k++) {
        double d = edge * k / GRID;
        out.add(new Spot(HEAD.point(az, d), az, d));
      }
    }
    return List.copyOf(out);
  }

  /**
   * The numbered spots of the usual scalp that lie in a region; two regions meet where both have
   * one.
   */
  static BitSet spots(Region r) {
    Limit.Test in = r.on(HEAD);
    BitSet out = new BitSet(SPOTS.size());
    for (int i = 0; i < SPOTS.size(); i++) {
      out.set(i, SPOTS.get(i).in(in));
    }
    return out;
  }
}
