package kitetail.formats.words;

import java.util.Locale;
import java.util.stream.Collectors;
import kitetail.cut.Dial;
import kitetail.plan.Finding;
import kitetail.plan.Plan;
import kitetail.planning.Planner;
import kitetail.planning.Ranking;
import kitetail.planning.Replan;

/** Advice in short trade words. */
public record AdviceWords(Words words) {

  /** Why a wish is not met. */
  public String unmet(Planner.Unmet u) {
    String where = words.place(u.place());
    String off = mm(Math.abs(u.needMm() - u.getsMm()));
    return switch (u.reason()) {
      case TOO_SHORT ->
          "At the "
              + where
              + " hair is "
              + off
              + " short; it grows in about "
              + weeks(u.weeks())
              + ".";
      case SHAPE ->
          "At the "
              + where
              + " this shape is "
              + off
              + (u.getsMm() > u.needMm() ? " longer" : " shorter")
              + " than the wish.";
      case RANGE ->
          "At the " + where + " the wish lies " + off + " outside what this shape is made for.";
    };
  }

  /** What the planner changed so that a finding would not stand. */
  public String answered(Finding f) {
    return switch (f.rule()) {
      case "ear-spring" ->
          "Over the ear hair is rested on the comb: under tension it would come up by "
              + mm(f.amount())
              + ".";
      case "texture-over" -> "Texturised less: this hair bears no more.";
      case "fine-thinned" -> "Thinned lightly: the hair is fine.";
      case "wet-reserve" ->
          "The fringe is cut dry: wet it would come up by " + mm(f.amount()) + ".";
      case "wet-tool-on-dry" -> "No razor on dry hair.";
      case "dry-tool-on-wet" -> "Dried before the clippers.";
      case "takes-nothing" -> "What would take nothing is left out.";
      case "bite-wide" -> "Smaller bites than usual.";
      case "cut-on-whorl" -> "At the whorl each bite goes by the last.";
      case "old-to-new" -> "New hair is brought back to the old.";
      case "hairline-pushed" -> "The outline keeps to the hairline.";
      case "ask-first" -> "The client is asked before it.";
      case "section-overlap" -> "Sections that lay over each other are parted.";
      default -> "In another order, as your way has it.";
    };
  }

  /** One reason for a family's place in the ranking. */
  public String why(Ranking.Why w) {
    return switch (w.kind()) {
      case WISHES_MET -> "Fits this head and hair.";
      case WORST_WISH ->
          "At the "
              + words.place(w.place())
              + " it comes out "
              + mm(Math.abs(w.amount()))
              + (w.amount() > 0 ? " longer" : " shorter")
              + " than wished.";
      case GROW_FIRST ->
          "Waits for the " + words.place(w.place()) + " to grow: about " + weeks(w.amount()) + ".";
      case TOO_THIN -> "Meant for thicker hair.";
      case WRONG_CURL -> "Meant for hair with another curl.";
      case CUTS_LEFT_ALONE ->
          "Takes "
              + mm(w.amount())
              + " at the "
              + words.place(w.place())
              + ", which is to be left alone.";
      case TAKES_TOO_MUCH ->
          "At the "
              + words.place(w.place())
              + " "
              + mm(w.amount())
              + " more comes off than is to go.";
      case WORN_OTHERWISE -> "Made to be worn another way.";
      case MORE_UPKEEP -> "Wants more done in the morning.";
      case BACK_SOONER -> "Grown out about " + weeks(w.amount()) + " sooner than wished.";
      case OPEN_BLADES -> "Mostly open blades, on a client who moves a lot.";
    };
  }

  /** What to do after a slip. */
  public String replan(Replan r, Plan plan) {
    if (r.offMm() <= Replan.TOLERANCE_MM) {
      return r.shorterMm() <= Replan.TOLERANCE_MM
          ? "Nothing else needs to change."
          : "The shape holds, but comes out up to "
              + mm(r.shorterMm())
              + " shorter, most at the "
              + words.place(r.shorterAt())
              + ".";
    }
    String wait =
        r.weeks() > 0 ? " Left as it is, it grows out in about " + weeks(r.weeks()) + "." : "";
    if (r.changes().isEmpty()) {
      return "Nothing that is left to do brings it back." + wait;
    }
    String what = r.changes().stream().map(c -> change(c, plan)).collect(Collectors.joining("; "));
    String rest = r.restored() ? "" : " " + mm(r.leftMm()) + " of difference stays.";
    return Character.toUpperCase(what.charAt(0)) + what.substring(1) + "." + rest + wait;
  }

  private String change(Replan.Change c, Plan plan) {
    String name = "“" + plan.move(c.move()).name() + "”";
    String to =
        c.dial() == Dial.GUARD_NUMBER
            ? String.format(Locale.ROOT, "guard %.1f", c.to())
            : mm(c.to());
    return (c.again() ? "go over " + name + " once more at " : "set " + name + " to ") + to;
  }

  private String mm(double mm) {
    return words.units().length(mm);
  }

  private static String weeks(double weeks) {
    long n = Math.max(1, Math.round(weeks));
    return n == 1 ? "a week" : n + " weeks";
  }
}
