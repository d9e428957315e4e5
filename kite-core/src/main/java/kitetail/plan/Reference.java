package kitetail.plan;

import kitetail.geom.Vec3;
import kitetail.head.Head;
import kitetail.head.HeadSpec;
import kitetail.section.Limit;
import kitetail.section.Region;

/** The usual head, on which questions are answered that do not depend on whose head it is. */
final class Reference {
  static final Head HEAD = Head.of(new HeadSpec.Measured(570, null, null));
  private static final int GRID = 36;

  private Reference() {}

  /** True when two regions have skin in common. */
  static boolean meet(Region x, Region y) {
    Limit.Test a = x.on(HEAD);
    Limit.Test b = y.on(HEAD);
    for (int i = 0; i < GRID; i++) {
      double az = 2 * Math.PI * i / GRID - Math.PI;
      double edge = HEAD.hairlineFromApexMm(az);
      for (int k = 1; k <= GRID; k++) {
        double d = edge * k / GRID;
        Vec3 p = HEAD.point(az, d);
        if (a.holds(p, az, d) && b.holds(p, az, d)) {
          return true;
        }
      }
    }
    return false;
  }
}
