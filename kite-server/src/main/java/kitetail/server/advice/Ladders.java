package kitetail.server.advice;

import jakarta.validation.constraints.NotNull;
import java.util.Arrays;
import java.util.List;
import kitetail.formats.answer.LadderView;
import kitetail.plan.Kit;
import kitetail.plan.Plan;
import kitetail.plan.PlanEngine;
import kitetail.plan.School;
import kitetail.plan.Workbench;
import kitetail.planning.Columns;
import kitetail.planning.Ladder;
import kitetail.server.error.FieldException;
import org.jspecify.annotations.Nullable;
import org.springframework.stereotype.Component;

/** Guards and comb in steps that leave a section as a plan leaves it. */
@Component
class Ladders {
  private static final int COLUMNS = 24;
  private static final int SAMPLES = 30;

  private static final double THINNEST_MM = 0.3;
  private static final double USUAL_TOLERANCE_MM = 2;

  private final Advice advice;

  Ladders(Advice advice) {
    this.advice = advice;
  }

  /** The ladder for a section of a plan's result. */
  record LadderAsked(
      @NotNull Plan document,
      @NotNull String section,
      double @Nullable [] guardNumbers,
      @Nullable Double stepShare,
      @Nullable Double toleranceMm,
      @Nullable Integer mostChanges) {}

  /**
   * @throws FieldException when there is no such section, or no ladder for what was asked
   */
  LadderView of(LadderAsked a) {
    Plan plan = a.document();
    if (plan.sections().stream().noneMatch(s -> s.id().equals(a.section()))) {
      throw new FieldException(
          "$.section",
          a.section(),
          "allowed " + plan.sections().stream().map(s -> s.id()).toList());
    }
    double[] numbers =
        a.guardNumbers() == null || a.guardNumbers().length == 0
            ? Kit.USUAL_SET.stream().mapToDouble(n -> n).toArray()
            : a.guardNumbers();
    double[] guards =
        Arrays.stream(numbers)
            .map(n -> Math.max(THINNEST_MM, plan.kit().guardMm(n)))
            .sorted()
            .toArray();
    // Where either would do, by the stylist's school.
    School.Work work = plan.school().work();
    int usual = work == School.Work.COMB ? 1 : 5;
    int changes = a.mostChanges() == null ? usual : a.mostChanges();
    double combErrorMm = work == School.Work.ATTACHMENTS ? 0 : 1;
    double tolerance = a.toleranceMm() == null ? USUAL_TOLERANCE_MM : a.toleranceMm();
    Workbench few = advice.few(plan.head());
    try {
      Columns columns =
          Columns.of(
              few.zone(plan.region(a.section())),
              PlanEngine.run(plan, few).afterMm(),
              COLUMNS,
              SAMPLES);
      Ladder.Rules as = Ladder.Rules.usual(guards, changes, combErrorMm);
      Ladder.Rules rules = a.stepShare() == null ? as : as.showing(a.stepShare());
      List<Ladder.Answer> answers = Ladder.trade(columns.targetMm(), columns.sampleMm(), rules);
      return LadderView.of(
          answers,
          Ladder.choose(answers, tolerance, plan.pace().changeSec(), plan.pace().combSec()),
          columns,
          guards);
    } catch (IllegalArgumentException e) {
      throw new FieldException("$", "this", e.getMessage());
    }
  }
}
