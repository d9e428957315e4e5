package kitetail.look;

import kitetail.fall.Fall;
import kitetail.geom.Vec3;
import kitetail.head.FacePlace;
import kitetail.head.Head;

/**
 * How much of each ear the hair covers, seen from the side: the share of its outline behind which
 * less than half the light comes through, hairs lying as they happen to.
 *
 * @param leftShare 0 bare to 1 covered
 */
public record Ears(double leftShare, double rightShare) {
  private static final double CELL_MM = 3;
  private static final double HALF_WIDTH_MM = 15;

  static Ears of(Fall f) {
    Head head = f.ground().scalp().head();
    return head.face().isEmpty() ? new Ears(0, 0) : new Ears(share(f, head, -1), share(f, head, 1));
  }

  private static double share(Fall f, Head head, int side) {
    Vec3 high = head.face().get(side < 0 ? FacePlace.EAR_HIGH_LEFT : FacePlace.EAR_HIGH_RIGHT);
    Vec3 lobe = head.face().get(side < 0 ? FacePlace.LOBE_LEFT : FacePlace.LOBE_RIGHT);
    Vec3 mid = high.plus(lobe).times(0.5);
    double half = high.distanceTo(lobe) / 2 + 3;
    int ny = (int) Math.ceil(2 * HALF_WIDTH_MM / CELL_MM);
    int nz = (int) Math.ceil(2 * half / CELL_MM);
    double[] shade = new double[ny * nz];
    for (int i = 0; i < f.strands(); i++) {
      if (f.lengthMm(i) > 3 && f.point(i, 0).x() * side > 20) {
        strand(f, i, side, mid, half, ny, nz, shade);
      }
    }
    int inside = 0;
    int covered = 0;
    for (int k = 0; k < shade.length; k++) {
      double y = ((k % ny) + 0.5) * CELL_MM / HALF_WIDTH_MM - 1;
      double z = ((k / ny) + 0.5) * CELL_MM / half - 1;
      if (y * y + z * z <= 1) {
        inside++;
        covered += shade[k] / (CELL_MM * CELL_MM) > Math.log(2) ? 1 : 0;
      }
    }
    return (double) covered / inside;
  }

  /** Adds a strand's shadow, mm² of hair, spread over its own hairs' width. */
  private static void strand(
      Fall f, int i, int side, Vec3 mid, double half, int ny, int nz, double[] shade) {
    double width = f.hairs(i) * f.diameterMm(i);
    for (int k = 1; k < f.points(); k++) {
      Vec3 a = f.point(i, k - 1);
      Vec3 b = f.point(i, k);
      if (b.x() * side < Math.abs(mid.x()) - 12) {
        continue;
      }
      double l = a.distanceTo(b);
      int steps = (int) Math.ceil(l / 2);
      for (int s = 0; s < steps; s++) {
        Vec3 p = a.plus(b.minus(a).times((s + 0.5) / steps));
        double fy = (p.y() - mid.y() + HALF_WIDTH_MM) / CELL_MM - 0.5;
        double fz = (p.z() - mid.z() + half) / CELL_MM - 0.5;
        for (int dz = 0; dz < 2; dz++) {
          for (int dy = 0; dy < 2; dy++) {
            int y = (int) Math.floor(fy) + dy;
            int z = (int) Math.floor(fz) + dz;
            if (y >= 0 && z >= 0 && y < ny && z < nz) {
              double share = (1 - Math.abs(fy - y)) * (1 - Math.abs(fz - z));
              shade[z * ny + y] += share * width * l / steps;
            }
          }
        }
      }
    }
  }
}
