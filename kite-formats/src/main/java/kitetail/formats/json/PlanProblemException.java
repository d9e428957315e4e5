package kitetail.formats.json;

import java.util.List;
import java.util.stream.Collectors;

/** A document that cannot be a plan, with everything that is wrong with it. */
public final class PlanProblemException extends RuntimeException {
  private final transient List<PlanProblem> problems;

  public PlanProblemException(List<PlanProblem> problems) {
    super(problems.stream().map(PlanProblem::line).collect(Collectors.joining("\n")));
    this.problems = List.copyOf(problems);
  }

  public List<PlanProblem> problems() {
    return problems;
  }
}
