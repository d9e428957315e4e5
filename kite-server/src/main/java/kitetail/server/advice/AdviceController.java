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
import kitetail.formats.json.AdviceJson;
import kitetail.formats.json.PlanJson;
import kitetail.formats.words.AdviceWords;
import kitetail.formats.words.Units;
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
import org.springframework.security.core.annotation.AuthenticationPrincipal;
import org.springframework.web.bind.annotation.PostMapping;
import org.springframework.web.bind.annotation.RequestBody;
import org.springframework.web.bind.annotation.RequestMapping;
import org.springframework.web.bind.annotation.RestController;
import tools.jackson.databind.JsonNode;

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
      @NotNull(message = "must be given") JsonNode document,
      int done,
      Map<String, Double> measuredMm,
      Map<String, Double> tookMoreMm) {}

  /** {@code damp} is wet, damp or dry; {@code tensed} whether the hair is held firmly. */
  record Now(
      @NotNull(message = "must be given") JsonNode document,
      int done,
      String damp,
      boolean tensed) {}

  /** The ladder for a section of a plan's result. */
  record LadderAsked(
      @NotNull(message = "must be given") JsonNode document,
      @NotNull(message = "must be given") String section,
      double[] guardNumbers,
      Double stepShare,
      Double toleranceMm,
      Integer mostChanges) {}

  /** The same move by other guides, and the widest bite that keeps a tolerance. */
  record BiteAsked(
      @NotNull(message = "must be given") JsonNode document,
      @NotNull(message = "must be given") String move,
      double toleranceMm) {}

  record GuideRow(String guide, double straysMm) {}

  /** {@code widestBiteMm} is left out when no bite keeps the tolerance. */
  record BiteAdvice(List<GuideRow> guides, Double widestBiteMm) {}

  private static AdviceWords words(Person me) {
    return new AdviceWords(new Words(Units.valueOf(me.units())));
  }

  @PostMapping("/fit")
  JsonNode fit(@AuthenticationPrincipal Person me, @RequestBody JsonNode document) {
    return AdviceJson.fit(advice.fit(PlanJson.read(document)), words(me));
  }

  @PostMapping("/risk")
  JsonNode risk(@RequestBody JsonNode document) {
    Plan plan = PlanJson.read(document);
    return AdviceJson.risk(Risk.of(plan, advice.few(plan.head()), Hands.USUAL), plan);
  }

  @PostMapping("/bites")
  BiteAdvice bites(@Valid @RequestBody BiteAsked b) {
    Plan plan = PlanJson.read(b.document());
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
  JsonNode replan(@AuthenticationPrincipal Person me, @Valid @RequestBody Measured m) {
    Plan plan = PlanJson.read(m.document());
    done(plan, m.done());
    Map<Place, Double> at = new EnumMap<>(Place.class);
    Workbench places = advice.places(plan.head());
    if (m.measuredMm() != null) {
      m.measuredMm().forEach((name, mm) -> at.put(place(name), length("$.measuredMm." + name, mm)));
    }
    if (m.tookMoreMm() != null) {
      double[] left = PlanEngine.states(plan, places).get(m.done()).longest();
      m.tookMoreMm()
          .forEach(
              (name, mm) -> {
                Place p = place(name);
                double more = length("$.tookMoreMm." + name, mm);
                at.put(p, Math.max(0, left[places.scalp().root(p)] - more));
              });
    }
    return AdviceJson.replan(Replan.after(plan, places, m.done(), at), plan, m.done(), words(me));
  }

  private static double length(String field, Double mm) {
    if (mm == null || !(mm >= 0 && mm <= 1500)) {
      throw new FieldException(field, String.valueOf(mm), "allowed 0 to 1500");
    }
    return mm;
  }

  private static Place place(String name) {
    try {
      return PlanJson.place(name);
    } catch (IllegalArgumentException e) {
      throw new FieldException("$.measuredMm", name, e.getMessage());
    }
  }

  private static void done(Plan plan, int done) {
    if (done < 0 || done > plan.moves().size()) {
      throw new FieldException(
          "$.done", Integer.toString(done), "allowed 0 to " + plan.moves().size());
    }
  }

  @PostMapping("/next-cut")
  JsonNode nextCut(@Valid @RequestBody Now n) {
    Plan plan = PlanJson.read(n.document());
    done(plan, n.done());
    Damp damp =
        Arrays.stream(Damp.values())
            .filter(d -> d.name().equalsIgnoreCase(String.valueOf(n.damp())))
            .findFirst()
            .orElseThrow(
                () ->
                    new FieldException(
                        "$.damp", String.valueOf(n.damp()), "allowed wet, damp, dry"));
    return AdviceJson.nextCut(
        NextCut.of(plan, advice.places(plan.head()), n.done(), damp, n.tensed()));
  }

  @PostMapping("/order")
  JsonNode order(@RequestBody JsonNode document) {
    Plan plan = PlanJson.read(document);
    return AdviceJson.order(Order.of(plan), plan);
  }

  /** The same cut with left and right changed over, on the same client. */
  @PostMapping("/mirror")
  JsonNode mirror(@RequestBody JsonNode document) {
    return PlanJson.tree(PlanJson.read(document).mirroredCut());
  }

  @PostMapping("/ladder")
  JsonNode ladder(@Valid @RequestBody LadderAsked a) {
    Plan plan = PlanJson.read(a.document());
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
      return AdviceJson.ladder(
          answers,
          Ladder.choose(answers, tolerance, plan.pace().changeSec(), plan.pace().combSec()),
          columns,
          guards);
    } catch (IllegalArgumentException e) {
      throw new FieldException("$", "this", e.getMessage());
    }
  }
}
