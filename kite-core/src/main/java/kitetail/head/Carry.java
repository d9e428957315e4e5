package kitetail.head;

import kitetail.geom.RadiusTable;
import kitetail.geom.Smooth;
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

  /** 1 on the ear, falling smoothly to 0 round it. */
  private static double ofTheEar(Vec3 p) {
    double x = (Math.abs(p.x()) - EAR_X) / 14;
    double y = (p.y() - EAR_Y) / 24;
    double z = (p.z() - EAR_Z) / 40;
    return 1 - Smooth.step(2 * (Math.sqrt(x * x + y * y + z * z) - 0.9));
  }
}
