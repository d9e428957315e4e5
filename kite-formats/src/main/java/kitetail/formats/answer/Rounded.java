package kitetail.formats.answer;

import kitetail.geom.Vec3;

/** Numbers as answers say them; a zero is never negative. */
public final class Rounded {
  private Rounded() {}

  /** To a thousandth. */
  public static double thousandth(double x) {
    return Math.round(x * 1000) / 1000.0 + 0.0;
  }

  /** To a tenth. */
  public static double tenth(double x) {
    return Math.round(x * 10) / 10.0 + 0.0;
  }

  /** To a hundredth. */
  public static double hundredth(double x) {
    return Math.round(x * 100) / 100.0 + 0.0;
  }

  /** A point's three numbers, mm, to a thousandth. */
  static double[] point(Vec3 v) {
    return new double[] {thousandth(v.x()), thousandth(v.y()), thousandth(v.z())};
  }

  static double[] row(double[] values) {
    return row(values, 0, values.length);
  }

  /** Some numbers in a row, to a thousandth. */
  static double[] row(double[] values, int from, int count) {
    double[] out = new double[count];
    for (int i = 0; i < count; i++) {
      out[i] = thousandth(values[from + i]);
    }
    return out;
  }
}
