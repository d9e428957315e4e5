package kitetail.plan;

import java.util.ArrayList;
import java.util.BitSet;
import java.util.List;
import kitetail.geom.Vec3;
import kitetail.head.Head;
import kitetail.head.HeadSpec;
import kitetail.section.Limit;
import kitetail.section.Region;
import kitetail.work.Lazy;

/** The usual head, on which questions are answered that do not depend on whose head it is. */
final class Reference {
  private static final int GRID = 36;
  private static final Lazy<Reference> USUAL = new Lazy<>(Reference::new);

  private final Head head = Head.of(new HeadSpec.Measured(570, null, null));
  private final List<Spot> spots = spots(head);

  /** A place of the usual scalp, as regions are asked about it. */
  private record Spot(Vec3 at, double azimuthRad, double fromApexMm) {
    boolean in(Limit.Test region) {
      return region.holds(at, azimuthRad, fromApexMm);
    }
  }

  private Reference() {}

  private static List<Spot> spots(Head head) {
    List<Spot> out = new ArrayList<>();
    for (int i = 0; i < GRID; i++) {
      double az = 2 * Math.PI * i / GRID - Math.PI;
      double edge = head.hairlineFromApexMm(az);
      for (int k = 1; k <= GRID; k++) {
        double d = edge * k / GRID;
        out.add(new Spot(head.point(az, d), az, d));
      }
    }
    return List.copyOf(out);
  }

  static Head head() {
    return USUAL.get().head;
  }

  /**
   * The numbered spots of the usual scalp that lie in a region; two regions meet where both have
   * one.
   */
  static BitSet spots(Region r) {
    List<Spot> all = USUAL.get().spots;
    Limit.Test in = r.on(head());
    BitSet out = new BitSet(all.size());
    for (int i = 0; i < all.size(); i++) {
      out.set(i, all.get(i).in(in));
    }
    return out;
  }
}
