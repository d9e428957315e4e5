package kitetail.check;

import java.util.Comparator;
import java.util.LinkedHashMap;
import java.util.List;
import java.util.Map;
import java.util.Optional;
import kitetail.look.Look;
import kitetail.plan.Finding;
import kitetail.plan.Finding.Severity;
import kitetail.plan.Outcome;
import kitetail.plan.Plan;

/** The front door: all rules over a plan, worst first, what is answered last. */
public final class Check {
  private static final List<Rule> RULES =
      List.of(
          new BulkBeforeComb(),
          new DoesNotReach(),
          new BiteWide(),
          new LineMeetsSkin(),
          new TextureOver(),
          new FineThinned(),
          new OldToNew(),
          new HairlinePushed(),
          new AskFirst(),
          new TakesNothing(),
          new WishTooShort(),
          new WishStands(),
          new CautionNear(),
          new LeaveAlone(),
          new SectionGap(),
          new SectionOverlap(),
          new LedgeStands(),
          new OrderKept(),
          new CutOnWhorl(),
          new CornerAtRidge(),
          new PointOnTop(),
          new PointAtNape(),
          new OutlineNicked(),
          new EarSpring(),
          new WetReserve(),
          new DryToolOnWet(),
          new WetToolOnDry(),
          new HandReach(),
          new FrontShortest(),
          new MohawkLook(),
          new LeftRight(),
          new HoleAtFront(),
          new Hole(),
          new HairlineShows(),
          new FringeLands(),
          new EarCover(),
          new SkinShows(),
          new StandsOff(),
          new HelmetLook(),
          new SlabTail());

  private Check() {}

  /** What can be told from lengths alone. */
  public static List<Finding> of(Plan plan, Outcome outcome) {
    return of(plan, outcome, null);
  }

  /**
   * @param look how the hair left at the end falls; null to leave out what needs it
   */
  public static List<Finding> of(Plan plan, Outcome outcome, Look look) {
    Evidence e = new Evidence(plan, outcome, look);
    Found found = new Found();
    for (Rule r : RULES) {
      if (look != null || !r.needsLook()) {
        found.of(r);
        r.find(e, found);
      }
    }
    return found.all().stream()
        .map(f -> f.answered(plan.meant()))
        .sorted(
            Comparator.comparing((Finding f) -> f.meant() != null)
                .thenComparing(Finding::severity)
                .thenComparing(Finding::amount, Comparator.reverseOrder()))
        .toList();
  }

  /**
   * What answers a finding as its words advise; none when no single change does.
   *
   * @param plan as it is by now
   * @param outcome of the plan when the finding was made
   */
  public static Optional<Remedy> remedy(Plan plan, Outcome outcome, Finding f) {
    return RULES.stream()
        .filter(r -> r.finds().contains(f.rule()))
        .findFirst()
        .flatMap(r -> r.remedy(new Evidence(plan, outcome, null), f));
  }

  /** How grave what a rule finds may be, by the id of what it finds. */
  public static Map<String, Severity> severities() {
    Map<String, Severity> out = new LinkedHashMap<>();
    RULES.forEach(r -> r.finds().forEach(id -> out.put(id, r.severity(id))));
    return out;
  }

  /** Ids of all that may be found. */
  public static List<String> finds() {
    return RULES.stream().flatMap(r -> r.finds().stream()).toList();
  }

  static List<Rule> rules() {
    return RULES;
  }
}
