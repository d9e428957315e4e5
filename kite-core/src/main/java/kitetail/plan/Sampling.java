package kitetail.plan;

import kitetail.geom.Vec3;
import kitetail.head.Scalp;

/** Reads a state at a place. */
public final class Sampling {
  private Sampling() {}

  public static int nearestRoot(Scalp s, Vec3 p) {
    int best = 0;
    double closest = Double.MAX_VALUE;
    for (int i = 0; i < s.roots(); i++) {
      double d = s.pointMm(i).distanceTo(p);
      if (d < closest) {
        closest = d;
        best = i;
      }
    }
    return best;
  }
}
