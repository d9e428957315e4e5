package kitetail.head;

import kitetail.geom.UnitVec;
import kitetail.geom.Vec3;

/** Three points marked on a scan, in its own frame and unit. */
public record ScanMarks(Vec3 leftEarCanal, Vec3 rightEarCanal, Vec3 noseBridge) {
  /** Between the ear canals of the usual head, mm. */
  static final double EARS_APART_MM = 148;

  /** Where the nose bridge of the usual head lies. */
  private static final double BRIDGE_Y = 90;

  private static final double BRIDGE_Z = 22;

  /**
   * The pose in which the marks lie where they do on the usual head, the unit being given.
   *
   * @throws IllegalArgumentException when the marks lie on one line
   */
  Pose pose(double unitMm) {
    Vec3 across = rightEarCanal.minus(leftEarCanal);
    Vec3 middle = leftEarCanal.plus(rightEarCanal).times(0.5);
    UnitVec x = UnitVec.of(across);
    Vec3 ahead = noseBridge.minus(middle);
    Vec3 forward = ahead.minus(x.times(x.dot(ahead)));
    if (forward.norm() < 0.05 * across.norm()) {
      throw new IllegalArgumentException(
          "the three marks lie on one line; mark both ear canals and the bridge of the nose");
    }
    UnitVec f = UnitVec.of(forward);
    UnitVec u = UnitVec.of(x.times(1).cross(f.times(1)));
    double tilt = Math.atan2(BRIDGE_Z, BRIDGE_Y);
    UnitVec y = UnitVec.of(f.times(Math.cos(tilt)).minus(u.times(Math.sin(tilt))));
    UnitVec z = UnitVec.of(f.times(Math.sin(tilt)).plus(u.times(Math.cos(tilt))));
    UnitVec[] rows = {x, y, z};
    Pose turned = new Pose(unitMm, rows, new Vec3(0, 0, 0));
    return new Pose(unitMm, rows, turned.toHead(middle.x(), middle.y(), middle.z()).times(-1));
  }

  double earsApart() {
    return rightEarCanal.distanceTo(leftEarCanal);
  }
}
