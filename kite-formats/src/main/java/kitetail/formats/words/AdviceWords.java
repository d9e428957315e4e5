package kitetail.formats.words;

import kitetail.cut.Dial;
import kitetail.plan.Finding;
import kitetail.plan.Plan;
import kitetail.planning.DryPass;
import kitetail.planning.Planner;
import kitetail.planning.Ranking;
import kitetail.planning.Repairs;
import kitetail.planning.Replan;

/** Advice in short trade words. */
public record AdviceWords(Words words) {

  /** Why a wish is not met. */
  public String unmet(Planner.Unmet u) {
    return Messages.of(
        "unmet",
        u.reason(),
        "where",
        words.place(u.place()),
        "off",
        mm(Math.abs(u.needMm() - u.getsMm())),
        "longer",
        u.getsMm() > u.needMm(),
        "weeks",
        weeks(u.weeks()));
  }

  /** What the planner changed so that a finding would not stand. */
  public String answered(Finding f) {
    boolean school = f.rule().startsWith("order-");
    return Messages.say(
        "answered." + (school ? "order" : f.rule()), "amount", school ? "" : mm(f.amount()));
  }

  /** One reason for a family's place in the ranking. */
  public String why(Ranking.Why w) {
    return Messages.of(
        "why",
        w.kind(),
        "where",
        w.place() == null ? "" : words.place(w.place()),
        "length",
        mm(Math.abs(w.amount())),
        "longer",
        w.amount() > 0,
        "weeks",
        weeks(w.amount()));
  }

  /** What to do after a slip. */
  public String replan(Replan r, Plan plan) {
    if (r.offMm() <= Replan.TOLERANCE_MM) {
      return r.shorterMm() <= Replan.TOLERANCE_MM
          ? Messages.say("replan.nothing")
          : Messages.say(
              "replan.shorter", "shorter", mm(r.shorterMm()), "where", words.place(r.shorterAt()));
    }
    String wait = r.weeks() > 0 ? Messages.say("replan.waits", "weeks", weeks(r.weeks())) : "";
    if (r.changes().isEmpty()) {
      return Messages.say("replan.none", "wait", wait);
    }
    String what = Words.joined("next", r.changes().stream().map(c -> change(c, plan)));
    return Messages.say(
        "replan.done",
        "what",
        Words.capital(what),
        "rest",
        r.restored() ? "" : Messages.say("replan.stays", "left", mm(r.leftMm())),
        "wait",
        wait);
  }

  /** What a slip comes to in the end. */
  public String slipped(Repairs r) {
    return r.all().size() == 1
        ? Messages.say("slipped.cut-away", "where", words.place(r.place()))
        : Messages.say("slipped.short", "short", mm(r.shortMm()), "where", words.place(r.place()));
  }

  /** One way out of it, and what it takes. */
  public String repair(Repairs r, Repairs.Repair one) {
    return Messages.of(
        "repair",
        one.kind(),
        "weeks",
        weeks(r.weeks()),
        "most",
        mm(one.mostMm()),
        "opposite",
        words.place(r.place().mirrored()),
        "apart",
        one.apartMm() >= 1 ? Messages.say("repair.apart", "by", mm(one.apartMm())) : "",
        "step",
        one.ledgeMm() > 0 ? Messages.say("repair.step", "height", mm(one.ledgeMm())) : "",
        "minutes",
        Math.max(1, Math.round(one.minutes())));
  }

  private String change(Replan.Change c, Plan plan) {
    return Messages.say(
        c.again() ? "replan.again" : "replan.set",
        "move",
        Words.named(plan.move(c.move()).name()),
        "to",
        c.dial() == Dial.GUARD_NUMBER
            ? Messages.say("replan.guard", "number", c.to())
            : mm(c.to()));
  }

  private String mm(double mm) {
    return words.units().length(mm);
  }

  private static String weeks(double weeks) {
    return Messages.say("weeks", "weeks", Math.max(1, Math.round(weeks)));
  }

  /** How short or how long hair that stands out dry would have to be to lie. */
  public String dryPass(DryPass d) {
    String way =
        d.lies()
            ? "lies"
            : d.shorterMm() > 0
                ? d.longerMm() > 0 ? "both" : "shorter"
                : d.longerMm() > 0 ? "longer" : "neither";
    return Messages.say(
        "dry." + way,
        "where",
        words.place(d.place()),
        "length",
        words.units().length(d.lengthMm()),
        "shorter",
        words.units().length(d.shorterMm()),
        "longer",
        words.units().length(d.longerMm()),
        "weeks",
        Math.max(1, Math.round(d.weeks())));
  }
}
