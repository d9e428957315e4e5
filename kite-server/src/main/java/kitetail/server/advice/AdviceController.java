package kitetail.server.advice;

import jakarta.validation.Valid;
import jakarta.validation.constraints.NotNull;
import java.util.Arrays;
import java.util.EnumMap;
import java.util.List;
import java.util.Map;
import kitetail.cut.Fingers;
import kitetail.cut.Guide;
import kitetail.fit.Columns;
import kitetail.fit.NextCut;
import kitetail.fit.Replan;
import kitetail.formats.answer.FitView;
import kitetail.formats.answer.LadderView;
import kitetail.formats.answer.NextCutView;
import kitetail.formats.answer.OrderView;
import kitetail.formats.answer.ReplanView;
import kitetail.formats.answer.RiskView;
import kitetail.formats.json.PlanJson;
import kitetail.formats.words.AdviceWords;
import kitetail.formats.words.Words;
import kitetail.hair.Damp;
import kitetail.head.Place;
import kitetail.plan.Order;
import kitetail.plan.Plan;
import kitetail.plan.PlanEngine;
import kitetail.plan.School;
import kitetail.plan.Workbench;
import kitetail.risk.Hands;
import kitetail.risk.Risk;
import kitetail.server.answer.EngineWork;
import kitetail.server.error.FieldException;
import kitetail.server.security.Person;
import kitetail.taper.Ladder;
import org.jspecify.annotations.Nullable;
import org.springframework.security.core.annotation.AuthenticationPrincipal;
import org.springframework.web.bind.annotation.PostMapping;
import org.springframework.web.bind.annotation.RequestBody;
import org.springframework.web.bind.annotation.RequestMapping;
import org.springframework.web.bind.annotation.RestController;

/** Asks the engine for advice on a plan document or a client. */
@RestController
@RequestMapping("/api")
@EngineWork
class AdviceController {
  private static final int LADDER_COLUMNS = 24;
  private static final int LADDER_SAMPLES = 30;

  private final Advice advice;

  AdviceController(Advice advice) {
    this.advice = advice;
  }

  /**
   * After {@code done} moves.
   *
   * @param measuredMm what is really there at some places, mm dry and straight
   * @param tookMoreMm by how much more than planned was taken at others
   */
  record Measured(
      @NotNull(message = "must be given") Plan document,
      int done,
      @Nullable Map<Place, Double> measuredMm,
      @Nullable Map<Place, Double> tookMoreMm) {}

  /** {@code tensed}: whether the hair is held firmly. */
  record Now(
      @NotNull(message = "must be given") Plan document,
      int done,
      @NotNull(message = "must be given") Damp damp,
      boolean tensed) {}

  /** The ladder for a section of a plan's result. */
  record LadderAsked(
      @NotNull(message = "must be given") Plan document,
      @NotNull(message = "must be given") String section,
      double @Nullable [] guardNumbers,
      @Nullable Double stepShare,
      @Nullable Double toleranceMm,
      @Nullable Integer mostChanges) {}

  /** The same move by other guides, and the widest bite that keeps a tolerance. */
  record BiteAsked(
      @NotNull(message = "must be given") Plan document,
      @NotNull(message = "must be given") String move,
      double toleranceMm) {}

  record GuideRow(String guide, double straysMm) {}

  /** {@code widestBiteMm} is left out when no bite keeps the tolerance. */
  record BiteAdvice(List<GuideRow> guides, @Nullable Double widestBiteMm) {}

  private static AdviceWords words(Person me) {
    return new AdviceWords(new Words(me.reads()));
  }

  @PostMapping("/fit")
  FitView fit(@AuthenticationPrincipal Person me, @RequestBody Plan plan) {
    return FitView.of(advice.fit(plan), words(me));
  }

  @PostMapping("/risk")
  RiskView risk(@RequestBody Plan plan) {
    return RiskView.of(Risk.of(plan, advice.few(plan.head()), Hands.USUAL), plan);
  }

  @PostMapping("/bites")
  BiteAdvice bites(@Valid @RequestBody BiteAsked b) {
    Plan plan = b.document();
    Fingers f = fingers(plan, b.move());
    Place place = f.guide() instanceof Guide.Fixed x ? x.place() : Place.APEX;
    var guides =
        Risk.guides(
            plan,
            advice.few(plan.head()),
            Hands.USUAL,
            b.move(),
            List.of(new Guide.Travelling(), new Guide.Fixed(place, Guide.Gather.SPOT)));
    var widest =
        Risk.widestBite(
            plan,
            advice.few(plan.head()),
            Hands.USUAL,
            b.move(),
            b.toleranceMm(),
            6.35,
            9.5,
            12.7,
            19,
            25.4);
    return new BiteAdvice(
        List.of(
            new GuideRow("travelling", guides.get(0).straysMm()),
            new GuideRow("fixed", guides.get(1).straysMm())),
        widest == null ? null : widest.biteMm());
  }

  private static Fingers fingers(Plan plan, String move) {
    return plan.moves().stream()
        .filter(m -> m.id().equals(move) && m.cut() instanceof Fingers)
        .map(m -> (Fingers) m.cut())
        .findFirst()
        .orElseThrow(
            () -> new FieldException("$.move", move, "it must be a move cut over the fingers"));
  }

  @PostMapping("/replan")
  ReplanView replan(@AuthenticationPrincipal Person me, @Valid @RequestBody Measured m) {
    Plan plan = m.document();
    done(plan, m.done());
    Map<Place, Double> at = new EnumMap<>(Place.class);
    Workbench places = advice.places(plan.head());
    if (m.measuredMm() != null) {
      m.measuredMm().forEach((p, mm) -> at.put(p, length("$.measuredMm.", p, mm)));
    }
    if (m.tookMoreMm() != null) {
      double[] left = PlanEngine.states(plan, places).get(m.done()).longest();
      m.tookMoreMm()
          .forEach(
              (p, mm) -> {
                double more = length("$.tookMoreMm.", p, mm);
                at.put(p, Math.max(0, left[places.scalp().root(p)] - more));
              });
    }
    return ReplanView.of(Replan.after(plan, places, m.done(), at), plan, m.done(), words(me));
  }

  private static double length(String field, Place at, @Nullable Double mm) {
    return FieldException.within(field + PlanJson.name(at), mm, 0, 1500);
  }

  private static void done(Plan plan, int done) {
    FieldException.within("$.done", done, 0, plan.moves().size());
  }

  @PostMapping("/next-cut")
  NextCutView nextCut(@Valid @RequestBody Now n) {
    Plan plan = n.document();
    done(plan, n.done());
    return NextCutView.of(
        NextCut.of(plan, advice.places(plan.head()), n.done(), n.damp(), n.tensed()));
  }

  @PostMapping("/order")
  OrderView order(@RequestBody Plan plan) {
    return OrderView.of(Order.of(plan), plan);
  }

  /** The same cut with left and right changed over, on the same client. */
  @PostMapping("/mirror")
  Plan mirror(@RequestBody Plan plan) {
    return plan.mirroredCut();
  }

  @PostMapping("/ladder")
  LadderView ladder(@Valid @RequestBody LadderAsked a) {
    Plan plan = a.document();
    if (plan.sections().stream().noneMatch(s -> s.id().equals(a.section()))) {
      throw new FieldException(
          "$.section",
          a.section(),
          "allowed " + plan.sections().stream().map(s -> s.id()).toList());
    }
    double[] numbers =
        a.guardNumbers() == null || a.guardNumbers().length == 0
            ? new double[] {0.5, 1, 1.5, 2, 3, 3.5, 4, 5, 6, 7, 8}
            : a.guardNumbers();
    double[] guards =
        Arrays.stream(numbers).map(n -> Math.max(0.3, plan.kit().guardMm(n))).sorted().toArray();
    double step = a.stepShare() == null ? 0.35 : a.stepShare();
    // Where either would do, by the stylist's school.
    School.Work work = plan.school().work();
    int usual = work == School.Work.COMB ? 1 : 5;
    int changes = a.mostChanges() == null ? usual : a.mostChanges();
    double combErrorMm = work == School.Work.ATTACHMENTS ? 0 : 1;
    double tolerance = a.toleranceMm() == null ? 2 : a.toleranceMm();
    try {
      Columns columns =
          Columns.of(
              advice.few(plan.head()).zone(plan.region(a.section())),
              PlanEngine.run(plan, advice.few(plan.head())).afterMm(),
              LADDER_COLUMNS,
              LADDER_SAMPLES);
      Ladder.Rules rules =
          new Ladder.Rules(guards, new double[] {30, 60, 120}, step, changes, combErrorMm);
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
