package kitetail.geom;

/**
 * The radii of a solid about an inner point, baked on the six faces of a cube and read by bicubic
 * (Catmull-Rom) interpolation. Reading takes some tens of nanoseconds and no trigonometry; on the
 * default head the table is within 0.02 mm of the solid (checked in tests).
 */
public final class RadiusTable implements StarSurface {
  private static final int PAD = 2;

  private final Vec3 centreMm;
  private final int n;
  private final int stride;
  private final double[] radii;

  private RadiusTable(Vec3 centreMm, int n, double[] radii) {
    this.centreMm = centreMm;
    this.n = n;
    this.stride = n + 1 + 2 * PAD;
    this.radii = radii;
  }

  /**
   * @param n cells along a face edge, 8 to 512
   */
  public static RadiusTable bake(Solid solid, Vec3 centreMm, int n) {
    return bake(centreMm, n, (d, at) -> firstSkin(solid, centreMm, d));
  }

  /** Another solid that differs little from this table's: found from its radii in a few steps. */
  public RadiusTable rebaked(Solid solid) {
    return bake(centreMm, n, (d, at) -> skinNear(solid, centreMm, d, radii[at]));
  }

  private interface Radius {
    double along(UnitVec d, int at);
  }

  private static RadiusTable bake(Vec3 centreMm, int n, Radius radius) {
    if (n < 8 || n > 512) {
      throw new IllegalArgumentException("n must be 8 to 512, was " + n);
    }
    int stride = n + 1 + 2 * PAD;
    double[] radii = new double[6 * stride * stride];
    java.util.stream.IntStream.range(0, 6 * stride)
        .parallel()
        .forEach(
            row -> {
              int face = row / stride;
              double v = 2.0 * (row % stride - PAD) / n - 1;
              for (int i = 0; i < stride; i++) {
                double u = 2.0 * (i - PAD) / n - 1;
                double s = face % 2 == 0 ? 1 : -1;
                double x = face < 2 ? s : u;
                double y = face < 2 ? u : face < 4 ? s : v;
                double z = face < 4 ? v : s;
                int at = row * stride + i;
                radii[at] = radius.along(UnitVec.of(x, y, z), at);
              }
            });
    return new RadiusTable(centreMm, n, radii);
  }

  /** The secant rule from a radius nearby; the slow, sure way when it does not settle. */
  private static double skinNear(Solid solid, Vec3 c, UnitVec d, double nearMm) {
    double a = nearMm;
    double fa = valueAt(solid, c, d, a);
    double b = a - fa;
    for (int i = 0; i < 12 && Math.abs(b - a) > 1e-7; i++) {
      double fb = valueAt(solid, c, d, b);
      double slope = (fb - fa) / (b - a);
      if (!(slope > 0.2)) {
        return firstSkin(solid, c, d);
      }
      a = b;
      fa = fb;
      b -= fb / slope;
    }
    return b;
  }

  private static double valueAt(Solid solid, Vec3 c, UnitVec d, double t) {
    return solid.valueMm(c.x() + t * d.x(), c.y() + t * d.y(), c.z() + t * d.z());
  }

  /** The radii of this table and, {@code a} and {@code b} times, of two others about one centre. */
  public RadiusTable plus(double a, RadiusTable ta, double b, RadiusTable tb) {
    double[] sum = new double[radii.length];
    for (int i = 0; i < sum.length; i++) {
      sum[i] = radii[i] + a * ta.radii[i] + b * tb.radii[i];
    }
    return new RadiusTable(centreMm, n, sum);
  }

  /** How much higher the skin stands along a direction of length 1, mm. */
  public interface Rise {
    double mm(double x, double y, double z);
  }

  /** The same radii with something laid on. */
  public RadiusTable raised(Rise rise) {
    return bake(centreMm, n, (d, at) -> radii[at] + rise.mm(d.x(), d.y(), d.z()));
  }

  public RadiusTable times(double k) {
    return new RadiusTable(centreMm, n, java.util.Arrays.stream(radii).map(r -> k * r).toArray());
  }

  /** Distance from an inner point to the first skin met along a direction. */
  public static double firstSkin(Solid solid, Vec3 c, UnitVec d) {
    double t = 0;
    double step = 0;
    for (int i = 0; i < 400; i++) {
      double v = valueAt(solid, c, d, t);
      if (v >= 0) {
        return bisect(solid, c, d, t - step, t);
      }
      step = Math.max(0.05, -0.8 * v);
      t += step;
    }
    throw new IllegalArgumentException(
        "no skin met from " + c + " along " + d + " after " + t + " mm");
  }

  private static double bisect(Solid solid, Vec3 c, UnitVec d, double inside, double outside) {
    double lo = inside;
    double hi = outside;
    while (hi - lo > 1e-7) {
      double m = (lo + hi) / 2;
      if (valueAt(solid, c, d, m) < 0) {
        lo = m;
      } else {
        hi = m;
      }
    }
    return (lo + hi) / 2;
  }

  @Override
  public Vec3 centreMm() {
    return centreMm;
  }

  @Override
  public double radiusMm(double x, double y, double z) {
    double ax = Math.abs(x);
    double ay = Math.abs(y);
    double az = Math.abs(z);
    int face;
    double u;
    double v;
    if (ax >= ay && ax >= az) {
      face = x > 0 ? 0 : 1;
      u = y / ax;
      v = z / ax;
    } else if (ay >= az) {
      face = y > 0 ? 2 : 3;
      u = x / ay;
      v = z / ay;
    } else {
      face = z > 0 ? 4 : 5;
      u = x / az;
      v = y / az;
    }
    double fu = (u + 1) * n / 2 + PAD;
    double fv = (v + 1) * n / 2 + PAD;
    int iu = Math.max(1, Math.min(stride - 3, (int) fu));
    int iv = Math.max(1, Math.min(stride - 3, (int) fv));
    double tu = fu - iu;
    double tv = fv - iv;
    int at = (face * stride + iv - 1) * stride + iu - 1;
    return cubic(
        row(at, tu), row(at + stride, tu), row(at + 2 * stride, tu), row(at + 3 * stride, tu), tv);
  }

  private double row(int at, double t) {
    return cubic(radii[at], radii[at + 1], radii[at + 2], radii[at + 3], t);
  }

  private static double cubic(double a, double b, double c, double d, double t) {
    return b + 0.5 * t * (c - a + t * (2 * a - 5 * b + 4 * c - d + t * (3 * (b - c) + d - a)));
  }

  @Override
  public UnitVec normalAt(Vec3 p) {
    return StarSurface.normalByDifferences(this, p, 0.5);
  }
}
