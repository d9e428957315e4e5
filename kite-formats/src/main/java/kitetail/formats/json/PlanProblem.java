package kitetail.formats.json;

import org.jspecify.annotations.Nullable;

/**
 * One thing wrong with what was sent: where (a JSON path), what stands there, and what may.
 *
 * @param value as JSON, shortened; empty when nothing stands there
 * @param allowed in words
 * @param min the least that may stand there, where a range was left
 * @param max the most
 * @param unit of the range, where it has one
 * @param given what the range hangs on, where it does
 */
public record PlanProblem(
    String path,
    String value,
    String allowed,
    @Nullable Double min,
    @Nullable Double max,
    @Nullable String unit,
    @Nullable String given) {

  public PlanProblem(String path, String value, String allowed) {
    this(path, value, allowed, null, null, null, null);
  }

  /** A number outside its range; the unit is read from the field's name. */
  public static PlanProblem range(String path, String value, double min, double max) {
    return new PlanProblem(
        path,
        value,
        "allowed " + shown(min) + " to " + shown(max),
        min,
        max,
        FieldUnit.of(path),
        null);
  }

  private static String shown(double x) {
    return x == Math.rint(x) ? Long.toString((long) x) : Double.toString(x);
  }

  /** One line. */
  public String line() {
    return path
        + (value.isEmpty() ? ": missing" : ": " + value + " is not allowed")
        + "; "
        + allowed;
  }
}
