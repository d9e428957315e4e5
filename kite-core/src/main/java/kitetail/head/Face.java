package kitetail.head;

import java.util.Collections;
import java.util.EnumMap;
import java.util.Map;
import java.util.function.DoubleUnaryOperator;
import kitetail.geom.Solid;
import kitetail.geom.Vec3;

/**
 * The places of the face and neck, found on the drawn model as by hand: the nose is farthest
 * forward, chin and jaw corner where the skin has turned half way under, the cheek hollow and
 * collar are where a line down the skin turns most; brow and eye are drawn at heights of their own.
 * Carried from there to a fitted head.
 */
final class Face {
  /** Heights over the ear canal of the open face mesh named in docs/engine.md. */
  private static final double BROW_Z = 44;

  private static final double EYE_Z = 20;

  private static final double BROW_X = 30;
  private static final double EYE_X = 31;

  /** How far forward of the ear canals the corner of the jaw is felt. */
  private static final double JAW_Y = 33;

  private static final Map<FacePlace, Vec3> MODEL = find();

  private Face() {}

  static Map<FacePlace, Vec3> of(HeadBody body) {
    Carry carry = new Carry(body);
    Map<FacePlace, Vec3> out = new EnumMap<>(FacePlace.class);
    MODEL.forEach((p, v) -> out.put(p, carry.to(v)));
    return Collections.unmodifiableMap(out);
  }

  private static Map<FacePlace, Vec3> find() {
    Map<FacePlace, Vec3> at = new EnumMap<>(FacePlace.class);
    DoubleUnaryOperator middle = z -> skin(0, z, 1);
    at.put(FacePlace.NOSE_TIP, front(0, highest(middle, -40, 10)));
    at.put(FacePlace.CHIN, front(0, highest(z -> middle.applyAsDouble(z) - z, -112, -70)));
    double cheek = highest(z -> bend(y -> skin(44, y, 1), z), -52, -14);
    double jaw = highest(z -> side(JAW_Y, z) - 0.45 * z, -100, -50);
    both(at, FacePlace.BROW_LEFT, FacePlace.BROW_RIGHT, front(BROW_X, BROW_Z));
    both(at, FacePlace.EYE_LEFT, FacePlace.EYE_RIGHT, front(EYE_X, EYE_Z));
    both(at, FacePlace.CHEEK_LEFT, FacePlace.CHEEK_RIGHT, front(44, cheek));
    both(at, FacePlace.JAW_LEFT, FacePlace.JAW_RIGHT, new Vec3(side(JAW_Y, jaw), JAW_Y, jaw));
    // The ear is drawn, not felt for: its top, middle and lobe are those of the drawn one.
    both(at, FacePlace.EAR_HIGH_LEFT, FacePlace.EAR_HIGH_RIGHT, new Vec3(80, -16, 32));
    both(at, FacePlace.MID_EAR_LEFT, FacePlace.MID_EAR_RIGHT, new Vec3(84, -12, 3));
    both(at, FacePlace.LOBE_LEFT, FacePlace.LOBE_RIGHT, new Vec3(80, -8, -26));
    double collar = highest(z -> bend(y -> skin(0, y, -1), z), -125, -70);
    at.put(FacePlace.COLLAR, new Vec3(0, -skin(0, collar, -1), collar));
    return at;
  }

  private static void both(Map<FacePlace, Vec3> at, FacePlace left, FacePlace right, Vec3 p) {
    at.put(right, p);
    at.put(left, new Vec3(-p.x(), p.y(), p.z()));
  }

  /** The point of the drawn face straight in front at x and z. */
  static Vec3 front(double x, double z) {
    return new Vec3(x, skin(x, z, 1), z);
  }

  /** How far forward (or back) the skin reaches at x and z. */
  private static double skin(double x, double z, double forward) {
    return fromOutside(y -> ModelHead.BODY.valueMm(x, forward * y, z), 150);
  }

  /** How far to the side the skin reaches at y and z. */
  private static double side(double y, double z) {
    Solid skull = ModelHead.BODY;
    return fromOutside(x -> skull.valueMm(x, y, z), 120);
  }

  private static double fromOutside(DoubleUnaryOperator value, double start) {
    double t = start;
    for (int i = 0; i < 300 && t > 0; i++) {
      double v = value.applyAsDouble(t);
      if (v < 0.01) {
        return t;
      }
      t -= Math.max(0.02, 0.6 * v);
    }
    return 0;
  }

  /** How much a line down the skin bends inward at a height. */
  private static double bend(DoubleUnaryOperator line, double z) {
    double h = 8;
    return line.applyAsDouble(z + h) + line.applyAsDouble(z - h) - 2 * line.applyAsDouble(z);
  }

  private static double highest(DoubleUnaryOperator f, double from, double to) {
    double best = Double.NEGATIVE_INFINITY;
    double at = from;
    for (double z = from; z <= to; z += 0.5) {
      double v = f.applyAsDouble(z);
      if (v > best) {
        best = v;
        at = z;
      }
    }
    return at;
  }
}
