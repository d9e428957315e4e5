package kitetail.head;

import kitetail.geom.UnitVec;
import kitetail.geom.Vec3;

/**
 * How a scanner's frame lies in the head's: {@code head = unitMm · R (scan) + shift}.
 *
 * @param unitMm millimetres in a unit of the scan
 * @param rows the rows of the rotation R
 */
public record Pose(double unitMm, UnitVec[] rows, Vec3 shiftMm) {
  static final Pose SAME =
      new Pose(1, new UnitVec[] {UnitVec.RIGHT, UnitVec.FORWARD, UnitVec.UP}, new Vec3(0, 0, 0));

  public Vec3 toHead(double x, double y, double z) {
    Vec3 p = new Vec3(x, y, z);
    return new Vec3(
        unitMm * rows[0].dot(p) + shiftMm.x(),
        unitMm * rows[1].dot(p) + shiftMm.y(),
        unitMm * rows[2].dot(p) + shiftMm.z());
  }

  /** Turned a little more about the head's axes (rotation vector, radians) and shifted. */
  Pose moved(double rx, double ry, double rz, Vec3 by) {
    Vec3 axis = new Vec3(rx, ry, rz);
    double angle = axis.norm();
    UnitVec[] r = new UnitVec[3];
    Vec3[] columns = new Vec3[3];
    for (int k = 0; k < 3; k++) {
      Vec3 c = new Vec3(part(rows[0], k), part(rows[1], k), part(rows[2], k));
      columns[k] = angle < 1e-12 ? c : turned(c, axis.times(1 / angle), angle);
    }
    r[0] = UnitVec.of(columns[0].x(), columns[1].x(), columns[2].x());
    r[1] = UnitVec.of(columns[0].y(), columns[1].y(), columns[2].y());
    r[2] = UnitVec.of(columns[0].z(), columns[1].z(), columns[2].z());
    Vec3 s = angle < 1e-12 ? shiftMm : turned(shiftMm, axis.times(1 / angle), angle);
    return new Pose(unitMm, r, s.plus(by));
  }

  /** The angle between two poses, radians. */
  double turnedFrom(Pose o) {
    double trace = 0;
    for (int k = 0; k < 3; k++) {
      trace += rows[k].dot(o.rows[k].times(1));
    }
    return Math.acos(Math.max(-1, Math.min(1, (trace - 1) / 2)));
  }

  private static double part(UnitVec u, int k) {
    return k == 0 ? u.x() : k == 1 ? u.y() : u.z();
  }

  /** Rodrigues' rotation. */
  private static Vec3 turned(Vec3 v, Vec3 axis, double angle) {
    double c = Math.cos(angle);
    return v.times(c)
        .plus(axis.cross(v).times(Math.sin(angle)))
        .plus(axis.times(axis.dot(v) * (1 - c)));
  }
}
