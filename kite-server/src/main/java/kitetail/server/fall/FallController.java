package kitetail.server.fall;

import com.fasterxml.jackson.annotation.JsonUnwrapped;
import java.util.List;
import kitetail.check.CheckRound;
import kitetail.finish.Finishing;
import kitetail.formats.answer.CheckItem;
import kitetail.formats.answer.GrowOutView;
import kitetail.formats.answer.LandingView;
import kitetail.formats.json.Families;
import kitetail.formats.words.FinishWords;
import kitetail.formats.words.LookWords;
import kitetail.formats.words.Units;
import kitetail.formats.words.Words;
import kitetail.growth.GrowOut;
import kitetail.growth.Outgrown;
import kitetail.growth.Worn;
import kitetail.hair.Damp;
import kitetail.head.Scalp;
import kitetail.look.OtherWay;
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
  private final FallBytes bytes;

  FallController(Falls falls, Heads heads, FamilyBook families, FallBytes bytes) {
    this.bytes = bytes;
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
      @RequestBody Plan plan,
      @RequestParam(defaultValue = "0") double week,
      @RequestParam(defaultValue = "false") boolean preview) {
    return fall(plan, FieldException.within("week", week, 0, Worn.MOST_WEEKS), preview, me.reads());
  }

  private byte[] fall(Plan plan, double week, boolean preview, Units units) {
    Worn w = preview ? falls.of(plan, week, true) : falls.inTime(plan, week);
    return bytes.of(FallAnswer.of(plan, w, units), w.fall());
  }

  /** What shows when it is worn another way. */
  @PostMapping("/worn-ways")
  List<LandingView.Worn> ways(@RequestBody Plan plan) {
    Worn w = falls.of(plan, 0, true);
    return LandingView.Worn.of(
        OtherWay.all(falls.coarse(plan).ground(), plan.hair(), w.stock(), plan.styling()));
  }

  /** What to look at when the cut is done, and each in words. */
  record Round(List<CheckItem> items, List<String> words) {}

  /** Visits on the way to a shape, and the whole in words. */
  record GrowingOut(@JsonUnwrapped GrowOutView visits, String words) {}

  /**
   * @param damp how the hair should be when the step begins
   */
  record FinishStep(Damp damp, String words) {}

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
  Finish finishing(@AuthenticationPrincipal Person me, @RequestBody Plan plan) {
    Outgrown grown = Outgrown.of(plan, heads.run(plan));
    return new Finish(
        Finishing.of(plan).steps().stream()
            .map(s -> new FinishStep(s.damp(), FinishWords.step(s, plan)))
            .toList(),
        FinishWords.home(plan),
        grown.returnFrom(),
        grown.returnTo(),
        new LookWords(new Words(me.reads())).outgrown(grown));
  }

  /** What to check when the cut is done. */
  @PostMapping("/check-round")
  Round checkRound(@AuthenticationPrincipal Person me, @RequestBody Plan plan) {
    CheckRound round = CheckRound.of(plan, heads.run(plan));
    LookWords said = new LookWords(new Words(me.reads()));
    return new Round(
        CheckItem.of(round), round.items().stream().map(i -> said.item(i, plan)).toList());
  }

  /** From this plan's starting hair to a family, over several visits. */
  @PostMapping("/grow-out")
  GrowingOut growOut(
      @AuthenticationPrincipal Person me,
      @RequestBody Plan today,
      @RequestParam String family,
      @RequestParam(defaultValue = "6") double everyWeeks) {
    FieldException.within("everyWeeks", everyWeeks, 1, 26);
    Plan shape = families.get(me.shopId(), family);
    Plan target =
        shape.on(today.head(), today.hair(), today.start(), shape.wishes(), today.cautions());
    Workbench places = new Workbench(Scalp.ofPlaces(heads.fitted(today.head())));
    GrowOut g = GrowOut.of(today, target, places, everyWeeks);
    return new GrowingOut(GrowOutView.of(g), new LookWords(new Words(me.reads())).growOut(g));
  }
}
