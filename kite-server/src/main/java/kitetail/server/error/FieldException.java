package kitetail.server.error;

import java.util.List;
import kitetail.formats.json.PlanProblem;
import org.jspecify.annotations.Nullable;

/** What was sent cannot be taken; each fault with its field, value and range. */
public class FieldException extends RuntimeException {
  private final transient List<PlanProblem> problems;

  public FieldException(String field, String value, String allowed) {
    super(field + ": " + allowed);
    problems = List.of(new PlanProblem(field, value, allowed));
  }

  private FieldException(PlanProblem problem) {
    super(problem.path() + ": " + problem.allowed());
    problems = List.of(problem);
  }

  /**
   * A number held to its range.
   *
   * @throws FieldException naming the range, when it is outside or missing
   */
  public static double within(String field, @Nullable Number value, double min, double max) {
    double x = value == null ? Double.NaN : value.doubleValue();
    if (!(x >= min && x <= max)) {
      throw new FieldException(PlanProblem.range(field, String.valueOf(value), min, max));
    }
    return x;
  }

  public List<PlanProblem> problems() {
    return problems;
  }
}
