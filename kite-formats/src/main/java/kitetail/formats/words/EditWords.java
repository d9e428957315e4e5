package kitetail.formats.words;

import java.util.ArrayList;
import java.util.List;
import java.util.Locale;
import java.util.stream.Collectors;
import kitetail.client.Reading;
import kitetail.cut.Dial;
import kitetail.edit.RefusedException;
import kitetail.head.Place;
import kitetail.plan.Knob;
import kitetail.plan.Move;
import kitetail.plan.Outcome;
import kitetail.plan.Plan;
import kitetail.planning.SameLongest;
import kitetail.planning.Shaping;
import kitetail.planning.Thinned;
import kitetail.section.EdgeDrag;
import kitetail.section.Limit;
import kitetail.section.Scalar;
import kitetail.section.Section;

/** What an edit did, or why it was refused, in short trade words. */
public record EditWords(Words words) {

  /** What was done so that a cut looks the same longest. */
  public String longest(SameLongest s, int weeks) {
    String over = " over " + weeks + (weeks == 1 ? " week" : " weeks");
    if (s.share() == 1) {
      return "It changes least" + over + " as it is.";
    }
    return String.format(
        Locale.ROOT,
        "All lengths %.0f %% %s: its outline changes %.0f %% less%s.",
        100 * Math.abs(s.share() - 1),
        s.share() > 1 ? "longer" : "shorter",
        100 * (1 - s.changeMm() / s.wasMm()),
        over);
  }

  /** A dose, told in passes. */
  public String thinned(Thinned t) {
    if (t.hadG() <= t.wishedG()) {
      return "It is no heavier than that: nothing needs to be thinned.";
    }
    String dose =
        String.format(
            Locale.ROOT,
            "%s touching %.0f %% of the hairs: %.0f %% of its weight goes.",
            t.passes() == 1 ? "One pass" : t.passes() + " passes",
            100 * t.share(),
            100 * (1 - t.getsG() / t.hadG()));
    return t.met() ? dose : dose + " More than that this tool does not take.";
  }

  /** What was turned for a length set by hand. */
  public String shaped(Shaping s, Plan plan) {
    if (s.changes().isEmpty()) {
      return s.wantedMm() > s.hadMm() + 0.25
          ? "There is only " + mm(s.hadMm()) + " of hair here; it cannot be longer."
          : "Nothing that cuts here can be set so.";
    }
    String what =
        s.changes().stream()
            .map(c -> "“" + plan.move(c.move()).name() + "” " + turned(c))
            .collect(Collectors.joining("; "));
    return Math.abs(s.gotMm() - s.wantedMm()) > 1
        ? what + ". That leaves " + mm(s.gotMm()) + "; no nearer with this tool."
        : what + ".";
  }

  private String turned(Shaping.Change c) {
    return switch (c.dial()) {
      case GUARD_NUMBER -> "guard " + number(c.from()) + " to " + number(c.to());
      case LEAN_DEG -> "comb " + number(c.from()) + "° to " + number(c.to()) + "°";
      case FINGER_DEG -> "fingers " + number(c.from()) + "° to " + number(c.to()) + "°";
      case GAP -> "gap " + mm(c.from()) + " to " + mm(c.to());
      default -> mm(c.from()) + " to " + mm(c.to());
    };
  }

  /** Where a dragged edge came to lie, and what came along. */
  public String dragged(EdgeDrag d, Plan plan, String section, int limit, boolean upper) {
    Limit moved = plan.section(section).limits().get(limit);
    String on =
        d.place() != null
            ? "On the " + words.place(d.place())
            : d.line() ? "On the " + line(moved) : lies(moved, upper);
    List<String> others = d.moved().stream().filter(s -> !s.equals(section)).toList();
    return others.isEmpty()
        ? on + "."
        : on
            + "; "
            + others.stream()
                .map(s -> "“" + plan.section(s).name() + "”")
                .collect(Collectors.joining(", "))
            + (others.size() == 1 ? " comes" : " come")
            + " along.";
  }

  /** How far from what it is counted from. */
  private String lies(Limit l, boolean upper) {
    if (!(l instanceof Limit.Between b)) {
      return "Moved";
    }
    double at = upper ? b.max() : b.min();
    Place tied = upper ? b.maxAt() : b.minAt();
    if (b.by() == Scalar.AROUND_DEG) {
      return tied == null
          ? String.format(Locale.ROOT, "%.0f° round from the front", at)
          : String.format(Locale.ROOT, "%.0f° from the %s", at, words.place(tied));
    }
    String from =
        tied != null
            ? words.place(tied)
            : switch (b.by()) {
              case ABOVE_RIDGE_MM -> "ridge";
              case ABOVE_HAIRLINE_MM -> "hairline";
              case ACROSS_MM, FROM_CENTRE_MM -> "centre line";
              case FORWARD_MM -> "ear canals";
              default -> "apex";
            };
    boolean up = b.by() == Scalar.ABOVE_RIDGE_MM || b.by() == Scalar.ABOVE_HAIRLINE_MM;
    return mm(Math.abs(at)) + (up ? at < 0 ? " below the " : " above the " : " from the ") + from;
  }

  /**
   * What a plan has otherwise than another: moves in, out and set anew, edges of sections moved.
   */
  public List<String> differences(Plan from, Plan to) {
    List<String> out = new ArrayList<>();
    if (!from.title().equals(to.title())) {
      out.add("it is called “" + to.title() + "”");
    }
    for (Move m : from.moves()) {
      if (find(to, m.id()) == null) {
        out.add("“" + m.name() + "” is left out");
      }
    }
    for (Move m : to.moves()) {
      Move was = find(from, m.id());
      if (was == null) {
        out.add("“" + m.name() + "” is added: " + words.headline(m));
      } else if (!was.equals(m)) {
        out.add("“" + m.name() + "” " + setAnew(was, m));
      }
    }
    if (!order(from, to).equals(order(to, from))) {
      out.add("the moves are in another order");
    }
    for (Section s : to.sections()) {
      boolean same = from.sections().stream().anyMatch(s::equals);
      if (!same) {
        boolean known = from.sections().stream().anyMatch(o -> o.id().equals(s.id()));
        out.add("section “" + s.name() + "” " + (known ? "has other edges" : "is added"));
      }
    }
    if (!from.styling().equals(to.styling())) {
      out.add("it is worn another way");
    }
    if (!from.head().equals(to.head())) {
      out.add("the head is measured otherwise");
    }
    return out;
  }

  /** Differences as one line that begins with a capital. */
  public static String line(List<String> differences) {
    return differences.isEmpty() ? "" : upper(String.join("; ", differences)) + ".";
  }

  private String setAnew(Move was, Move m) {
    String before = words.headline(was);
    String after = words.headline(m);
    if (!before.equals(after)) {
      return before + " becomes " + after;
    }
    List<String> known = clauses(was);
    List<String> fresh = clauses(m).stream().filter(c -> !known.contains(c)).toList();
    return fresh.isEmpty() ? "is done otherwise" : "now: " + String.join(", ", fresh);
  }

  private List<String> clauses(Move m) {
    return List.of(words.sentence(m).replaceAll("\\.$", "").split("[,;] "));
  }

  private static Move find(Plan plan, String id) {
    return plan.moves().stream().filter(m -> m.id().equals(id)).findFirst().orElse(null);
  }

  /** The moves of one plan, in its order, that the other has too. */
  private static List<String> order(Plan of, Plan other) {
    return of.moves().stream().map(Move::id).filter(id -> find(other, id) != null).toList();
  }

  private static String line(Limit l) {
    if (l instanceof Limit.Between b) {
      return b.by() == Scalar.ABOVE_RIDGE_MM
          ? "ridge"
          : b.by() == Scalar.ABOVE_HAIRLINE_MM ? "hairline" : "centre line";
    }
    return "line";
  }

  /** Why an order is not taken. */
  public String refused(RefusedException e, Plan plan) {
    FindingWords said = new FindingWords(words, plan);
    return e.rules().stream().map(said::order).collect(Collectors.joining(" "));
  }

  /** Why a number of a move is what it is: what it decides, and which wish it meets. */
  public String why(Move m, Plan plan, Outcome o, Outcome.Step step) {
    StringBuilder out = new StringBuilder();
    if (plan.family() != null) {
      plan.family().knobs().stream()
          .filter(k -> k.moves().contains(m.id()) && !k.why().isBlank())
          .map(Knob::why)
          .distinct()
          .forEach(w -> out.append(upper(w)).append(". "));
    }
    for (Reading r : o.wishes()) {
      int root = o.scalp().root(r.wish().place());
      boolean holds = java.util.Arrays.stream(step.roots()).anyMatch(i -> i == root);
      if (holds) {
        out.append(
            String.format(
                Locale.ROOT,
                "Wished at the %s: %s; it comes out %s. ",
                words.place(r.wish().place()),
                mm(r.needMm()),
                mm(r.haveMm())));
      }
    }
    String hand = hand(m, plan);
    return (out + hand).strip();
  }

  private String hand(Move m, Plan plan) {
    double ratio = m.handRatio(plan.hair());
    double length = m.cut().dial(Dial.LENGTH);
    if (Math.abs(ratio - 1) < 0.005 || Double.isNaN(length)) {
      return "";
    }
    return "Measured in the hand "
        + (m.damp().name().toLowerCase(Locale.ROOT))
        + ": "
        + mm(length)
        + " there is "
        + mm(length / ratio)
        + " dry.";
  }

  private static String upper(String s) {
    return Character.toUpperCase(s.charAt(0)) + s.substring(1);
  }

  private static String number(double n) {
    return n == Math.rint(n)
        ? String.format(Locale.ROOT, "%.0f", n)
        : String.format(Locale.ROOT, "%.1f", n);
  }

  private String mm(double mm) {
    return words.units().length(mm);
  }
}
