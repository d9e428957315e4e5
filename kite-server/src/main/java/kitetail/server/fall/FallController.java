package kitetail.server.fall;

import java.util.List;
import kitetail.check.Check;
import kitetail.check.CheckRound;
import kitetail.fall.Fall;
import kitetail.finish.Finishing;
import kitetail.formats.json.Families;
import kitetail.formats.json.PlanJson;
import kitetail.formats.json.ResultJson;
import kitetail.formats.look.LookJson;
import kitetail.formats.words.FinishWords;
import kitetail.formats.words.LookWords;
import kitetail.formats.words.Units;
import kitetail.formats.words.Words;
import kitetail.growth.GrowOut;
import kitetail.growth.Outgrown;
import kitetail.growth.Worn;
import kitetail.head.Scalp;
import kitetail.look.OtherWay;
import kitetail.plan.Finding;
import kitetail.plan.Plan;
import kitetail.plan.Workbench;
import kitetail.server.answer.EngineWork;
import kitetail.server.error.FieldException;
import kitetail.server.family.FamilyBook;
import kitetail.server.head.Heads;
import kitetail.server.security.Person;
import kitetail.server.warm.Warms;
import org.springframework.core.annotation.Order;
import org.springframework.http.MediaType;
import org.springframework.security.core.annotation.AuthenticationPrincipal;
import org.springframework.web.bind.annotation.PostMapping;
import org.springframework.web.bind.annotation.RequestBody;
import org.springframework.web.bind.annotation.RequestMapping;
import org.springframework.web.bind.annotation.RequestParam;
import org.springframework.web.bind.annotation.RestController;
import tools.jackson.databind.JsonNode;
import tools.jackson.databind.node.ArrayNode;
import tools.jackson.databind.node.ObjectNode;

/** How a plan falls, now and weeks later. */
@RestController
@RequestMapping("/api")
@Order(4)
@EngineWork
class FallController implements Warms {
  private static final int WARM = 6;

  private final Falls falls;
  private final Heads heads;
  private final FamilyBook families;

  FallController(Falls falls, Heads heads, FamilyBook families) {
    this.falls = falls;
    this.heads = heads;
    this.families = families;
  }

  @Override
  public void warm() {
    Families.all().values().stream()
        .limit(WARM)
        .forEach(
            p -> {
              fall(p, 0, true, Units.CM);
              fall(p, 0, false, Units.CM);
            });
  }

  /** Strands at rest and what is read of them (docs/formats.md has the layout). */
  @PostMapping(value = "/fall", produces = MediaType.APPLICATION_OCTET_STREAM_VALUE)
  byte[] fall(
      @AuthenticationPrincipal Person me,
      @RequestBody JsonNode document,
      @RequestParam(defaultValue = "0") double week,
      @RequestParam(defaultValue = "false") boolean preview) {
    return fall(PlanJson.read(document), checked(week), preview, Units.valueOf(me.units()));
  }

  private byte[] fall(Plan plan, double week, boolean preview, Units units) {
    Worn w = preview ? falls.of(plan, week, true) : falls.inTime(plan, week);
    Words words = new Words(units);
    LookWords said = new LookWords(words);
    ObjectNode n = LookJson.of(w);
    Outgrown grown = Outgrown.of(plan, w.outcome());
    FallBytes.colours(n, w.fall());
    n.put("coarse", w.fall().strands() < Fall.STRANDS / 2);
    n.set("outgrown", LookJson.outgrown(grown));
    List<Finding> found = Check.of(plan, w.outcome(), w.look());
    n.set("findings", ResultJson.findings(found));
    ArrayNode findingWords = n.putArray("findingWords");
    found.forEach(f -> findingWords.add(words.finding(f, plan)));
    ArrayNode lines = n.putArray("words");
    said.of(w).forEach(lines::add);
    n.put("returnWords", said.outgrown(grown));
    return FallBytes.of(n.toString(), w.fall());
  }

  static double checked(double week) {
    if (!(week >= 0 && week <= Worn.MOST_WEEKS)) {
      throw new FieldException("week", String.valueOf(week), "allowed 0 to 52");
    }
    return week;
  }

  /** What shows when it is worn another way. */
  @PostMapping("/worn-ways")
  JsonNode ways(@RequestBody JsonNode document) {
    Plan plan = PlanJson.read(document);
    Worn w = falls.of(plan, 0, true);
    return LookJson.ways(
        OtherWay.all(falls.coarse(plan).ground(), plan.hair(), w.stock(), plan.styling()));
  }

  /**
   * @param damp how the hair should be when the step begins
   */
  record FinishStep(String damp, String words) {}

  /**
   * @param returnFrom weeks until coming back makes sense, and by which most would
   */
  record Finish(
      List<FinishStep> steps,
      List<String> home,
      double returnFrom,
      double returnTo,
      String returnWords) {}

  /** Drying and styling in order, care at home, and when to come back. */
  @PostMapping("/finishing")
  Finish finishing(@AuthenticationPrincipal Person me, @RequestBody JsonNode document) {
    Plan plan = PlanJson.read(document);
    Outgrown grown = Outgrown.of(plan, heads.run(plan));
    return new Finish(
        Finishing.of(plan).steps().stream()
            .map(
                s ->
                    new FinishStep(
                        s.damp().name().toLowerCase(java.util.Locale.ROOT),
                        FinishWords.step(s, plan)))
            .toList(),
        FinishWords.home(plan),
        grown.returnFrom(),
        grown.returnTo(),
        new LookWords(new Words(Units.valueOf(me.units()))).outgrown(grown));
  }

  /** What to check when the cut is done. */
  @PostMapping("/check-round")
  JsonNode checkRound(@AuthenticationPrincipal Person me, @RequestBody JsonNode document) {
    Plan plan = PlanJson.read(document);
    CheckRound round = CheckRound.of(plan, heads.run(plan));
    ObjectNode n = PlanJson.json().createObjectNode();
    n.set("items", LookJson.round(round));
    ArrayNode words = n.putArray("words");
    LookWords said = new LookWords(new Words(Units.valueOf(me.units())));
    round.items().forEach(i -> words.add(said.item(i, plan)));
    return n;
  }

  /** From this plan's starting hair to a family, over several visits. */
  @PostMapping("/grow-out")
  JsonNode growOut(
      @AuthenticationPrincipal Person me,
      @RequestBody JsonNode document,
      @RequestParam String family,
      @RequestParam(defaultValue = "6") double everyWeeks) {
    if (!(everyWeeks >= 1 && everyWeeks <= 26)) {
      throw new FieldException("everyWeeks", String.valueOf(everyWeeks), "allowed 1 to 26");
    }
    Plan today = PlanJson.read(document);
    Plan shape = families.get(me.shopId(), family);
    Plan target =
        shape.on(today.head(), today.hair(), today.start(), shape.wishes(), today.cautions());
    Workbench places = new Workbench(Scalp.ofPlaces(heads.fitted(today.head())));
    GrowOut g = GrowOut.of(today, target, places, everyWeeks);
    ObjectNode n = LookJson.growOut(g);
    n.put("words", new LookWords(new Words(Units.valueOf(me.units()))).growOut(g));
    return n;
  }
}
