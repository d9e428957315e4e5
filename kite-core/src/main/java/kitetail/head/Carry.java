package kitetail.head;

import kitetail.geom.RadiusTable;
import kitetail.geom.Smooth;
import kitetail.geom.Solid;
import kitetail.geom.Vec3;

/** Takes points of the model head to the same points of a fitted one. */
final class Carry {
  private static final double EAR_X = 77;
  private static final double EAR_Y = -12;
  private static final double EAR_Z = 2;

  private final RadiusTable from = ModelHead.surface();
  private final HeadBody body;

  Carry(HeadBody body) {
    this.body = body;
  }

  Vec3 to(Vec3 model) {
    Vec3 c = from.centreMm();
    Vec3 d = model.minus(c);
    double k = body.table().radiusMm(d.x(), d.y(), d.z()) / from.radiusMm(d.x(), d.y(), d.z());
    Vec3 p = c.plus(d.times(k));
    double lift = model.x() > 0 ? body.shape().earRightMm() : body.shape().earLeftMm();
    if (lift != 0) {
      p = p.plus(new Vec3(0, 0, lift * ofTheEar(model)));
    }
    return p.scaled(body.factors());
  }

  /**
   * Distance from a point near the fitted head to a solid of the model carried to it, mm: the
   * model's value at the point it comes from, stretched as the head is there.
   */
  double distanceMm(Solid model, double x, double y, double z) {
    Vec3 f = body.factors();
    Vec3 c = from.centreMm();
    double qx = x / f.x() - c.x();
    double qy = y / f.y() - c.y();
    double qz = z / f.z() - c.z();
    double lift = qx > 0 ? body.shape().earRightMm() : body.shape().earLeftMm();
    if (lift != 0) {
      qz -= lift * ofTheEar(new Vec3(qx + c.x(), qy + c.y(), qz + c.z() - lift));
    }
    double k = from.radiusMm(qx, qy, qz) / body.table().radiusMm(qx, qy, qz);
    double v = model.valueMm(c.x() + k * qx, c.y() + k * qy, c.z() + k * qz);
    return v / k * Math.cbrt(f.x() * f.y() * f.z());
  }

  /** 1 on the ear, falling smoothly to 0 round it. */
  private static double ofTheEar(Vec3 p) {
    double x = (Math.abs(p.x()) - EAR_X) / 14;
    double y = (p.y() - EAR_Y) / 24;
    double z = (p.z() - EAR_Z) / 40;
    return 1 - Smooth.step(2 * (Math.sqrt(x * x + y * y + z * z) - 0.9));
  }
}
