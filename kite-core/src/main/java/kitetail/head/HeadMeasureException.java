package kitetail.head;

import java.util.Locale;

/**
 * A measure no head has, given the others. Carries the field, its value and the range allowed, in
 * mm.
 */
public final class HeadMeasureException extends IllegalArgumentException {
  private final String field;
  private final double valueMm;
  private final double minMm;
  private final double maxMm;

  HeadMeasureException(String field, double valueMm, double minMm, double maxMm, String reason) {
    super(
        String.format(
            Locale.ROOT,
            "%s %.0f mm %s; allowed %.0f to %.0f mm",
            field,
            valueMm,
            reason,
            minMm,
            maxMm));
    this.field = field;
    this.valueMm = valueMm;
    this.minMm = minMm;
    this.maxMm = maxMm;
  }

  /** How far outside its range the value lies, as a share of it. */
  double outsideShare() {
    return Math.max(minMm - valueMm, valueMm - maxMm) / valueMm;
  }

  public String field() {
    return field;
  }

  public double valueMm() {
    return valueMm;
  }

  public double minMm() {
    return minMm;
  }

  public double maxMm() {
    return maxMm;
  }
}
