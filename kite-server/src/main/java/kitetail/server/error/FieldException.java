package kitetail.server.error;

import java.util.List;
import kitetail.formats.json.PlanProblem;

/** What was sent cannot be taken; each fault with its field, value and range. */
public class FieldException extends RuntimeException {
  private final transient List<PlanProblem> problems;

  public FieldException(String field, String value, String allowed) {
    super(field + ": " + allowed);
    problems = List.of(new PlanProblem(field, value, allowed));
  }

  public List<PlanProblem> problems() {
    return problems;
  }
}
