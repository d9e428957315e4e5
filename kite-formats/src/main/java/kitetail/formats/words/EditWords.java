package kitetail.formats.words;

import java.util.ArrayList;
import java.util.Arrays;
import java.util.List;
import java.util.Optional;
import java.util.stream.Collectors;
import kitetail.client.Landing;
import kitetail.client.Reading;
import kitetail.cut.Dial;
import kitetail.edit.RefusedException;
import kitetail.head.Place;
import kitetail.plan.Knob;
import kitetail.plan.Move;
import kitetail.plan.Outcome;
import kitetail.plan.Plan;
import kitetail.planning.Dials;
import kitetail.planning.SameLongest;
import kitetail.planning.Shaping;
import kitetail.planning.Thinned;
import kitetail.planning.WeightOff;
import kitetail.section.EdgeDrag;
import kitetail.section.Limit;
import kitetail.section.Scalar;
import kitetail.section.Section;

/** What an edit did, or why it was refused, in short trade words. */
public record EditWords(Words words) {

  /** What was done so that a cut looks the same longest. */
  public String longest(SameLongest s, int weeks) {
    return Messages.say(
        s.share() == 1 ? "edit.longest.as-it-is" : "edit.longest.set",
        "percent",
        Math.round(100 * Math.abs(s.share() - 1)),
        "longer",
        s.share() > 1,
        "less",
        Math.round(100 * (1 - s.changeMm() / s.wasMm())),
        "weeks",
        weeks);
  }

  /** A dose, told in passes. */
  public String thinned(Thinned t) {
    if (t.hadG() <= t.wishedG()) {
      return Messages.say("edit.thinned.none");
    }
    String dose =
        Messages.say(
            "edit.thinned.dose",
            "passes",
            t.passes(),
            "share",
            Math.round(100 * t.share()),
            "goes",
            Math.round(100 * (1 - t.getsG() / t.hadG())));
    return t.met() ? dose : Messages.say("edit.thinned.most", "dose", dose);
  }

  /** What a dial set, and what came along. */
  public String dialled(Dials.Turned t) {
    return set(Words.capital(Messages.of("edit.dial.name", t.part())), t);
  }

  /** Where the fringe ends now, and what came along. */
  public String landed(Dials.Turned t, Landing at) {
    return set(Messages.say("edit.dial.ends", "landing", Names.LANDINGS.of(at)), t);
  }

  /** How much of a plan's weight is taken out now. */
  public String lighter(WeightOff.Turned t) {
    return Messages.say(
        "edit.weight-off", "from", Math.round(100 * t.was()), "to", Math.round(100 * t.got()));
  }

  private String set(String what, Dials.Turned t) {
    String along =
        Words.joined(
            "also",
            t.along().entrySet().stream()
                .map(
                    e ->
                        Messages.say(
                            "edit.dial.part",
                            "part",
                            Messages.of("edit.dial.name", e.getKey()),
                            "longer",
                            e.getValue() > 0,
                            "by",
                            mm(Math.abs(e.getValue())))));
    return Messages.say(
        "edit.dial.set",
        "part",
        what,
        "from",
        mm(t.wasMm()),
        "to",
        mm(t.gotMm()),
        "along",
        along,
        "alone",
        along.isEmpty());
  }

  /** What was turned for a length set by hand. */
  public String shaped(Shaping s, Plan plan) {
    if (s.changes().isEmpty()) {
      return s.wantedMm() > s.hadMm() + 0.25
          ? Messages.say("edit.shaped.too-short", "length", mm(s.hadMm()))
          : Messages.say("edit.shaped.nothing");
    }
    String what =
        Words.joined(
            "next",
            s.changes().stream()
                .map(
                    c ->
                        Messages.say(
                            "edit.shaped.turned",
                            "move",
                            Words.named(plan.move(c.move()).name()),
                            "turned",
                            turned(c))));
    return Messages.say(
        Math.abs(s.gotMm() - s.wantedMm()) > 1 ? "edit.shaped.nearest" : "edit.shaped.done",
        "what",
        what,
        "length",
        mm(s.gotMm()));
  }

  private String turned(Shaping.Change c) {
    return switch (c.dial()) {
      case GUARD_NUMBER -> turned("guard", Words.number(c.from()), Words.number(c.to()));
      case LEAN_DEG -> turned("comb", angle(c.from()), angle(c.to()));
      case FINGER_DEG -> turned("fingers", angle(c.from()), angle(c.to()));
      case GAP -> turned("gap", mm(c.from()), mm(c.to()));
      default -> turned("length", mm(c.from()), mm(c.to()));
    };
  }

  private static String turned(String what, String from, String to) {
    return Messages.say("edit.shaped." + what, "from", from, "to", to);
  }

  private static String angle(double deg) {
    return Messages.say("degrees", "deg", Words.number(deg));
  }

  /** Where a dragged edge came to lie, and what came along. */
  public String dragged(EdgeDrag d, Plan plan, String section, int limit, boolean upper) {
    Limit moved = plan.section(section).limits().get(limit);
    String on =
        d.place() != null
            ? on(words.place(d.place()))
            : d.line() ? on(line(moved)) : lies(moved, upper);
    List<String> others = d.moved().stream().filter(s -> !s.equals(section)).toList();
    return Messages.say(
        others.isEmpty() ? "edit.dragged.alone" : "edit.dragged.along",
        "on",
        on,
        "others",
        Words.joined("also", others.stream().map(s -> Words.named(plan.section(s).name()))),
        "count",
        others.size());
  }

  private static String on(String where) {
    return Messages.say("edit.dragged.on", "where", where);
  }

  /** How far from what it is counted from. */
  private String lies(Limit l, boolean upper) {
    if (!(l instanceof Limit.Between b)) {
      return Messages.say("edit.dragged.moved");
    }
    double at = upper ? b.max() : b.min();
    Place tied = upper ? b.maxAt() : b.minAt();
    if (b.by() == Scalar.AROUND_DEG) {
      String angle = Messages.say("degrees", "deg", Math.round(at));
      return tied == null
          ? Messages.say("edit.dragged.round", "angle", angle)
          : Messages.say("edit.dragged.from", "by", angle, "where", words.place(tied));
    }
    boolean up = b.by() == Scalar.ABOVE_RIDGE_MM || b.by() == Scalar.ABOVE_HAIRLINE_MM;
    return Messages.say(
        "edit.dragged." + (up ? at < 0 ? "below" : "above" : "from"),
        "by",
        mm(Math.abs(at)),
        "where",
        tied != null ? words.place(tied) : countedFrom(b.by()));
  }

  private static String countedFrom(Scalar by) {
    return Messages.say(
        "edit.dragged."
            + switch (by) {
              case ABOVE_RIDGE_MM -> "ridge";
              case ABOVE_HAIRLINE_MM -> "hairline";
              case ACROSS_MM, FROM_CENTRE_MM -> "centre";
              case FORWARD_MM -> "ears";
              default -> "apex";
            });
  }

  /**
   * What a plan has otherwise than another: moves in, out and set anew, edges of sections moved.
   */
  public List<String> differences(Plan from, Plan to) {
    List<String> out = new ArrayList<>();
    if (!from.title().equals(to.title())) {
      out.add(Messages.say("edit.differs.called", "name", Words.named(to.title())));
    }
    for (Move m : from.moves()) {
      if (find(to, m.id()) == null) {
        out.add(Messages.say("edit.differs.left-out", "move", Words.named(m.name())));
      }
    }
    for (Move m : to.moves()) {
      Move was = find(from, m.id());
      if (was == null) {
        out.add(
            Messages.say(
                "edit.differs.added",
                "move",
                Words.named(m.name()),
                "headline",
                words.headline(m)));
      } else if (!was.equals(m)) {
        out.add(
            Messages.say(
                "edit.differs.set", "move", Words.named(m.name()), "how", setAnew(was, m)));
      }
    }
    if (!order(from, to).equals(order(to, from))) {
      out.add(Messages.say("edit.differs.order"));
    }
    for (Section s : to.sections()) {
      boolean same = from.sections().stream().anyMatch(s::equals);
      if (!same) {
        boolean known = from.sections().stream().anyMatch(o -> o.id().equals(s.id()));
        out.add(
            Messages.say(
                known ? "edit.differs.section-edges" : "edit.differs.section-added",
                "section",
                Words.named(s.name())));
      }
    }
    if (!from.styling().equals(to.styling())) {
      out.add(Messages.say("edit.differs.worn"));
    }
    if (!from.head().equals(to.head())) {
      out.add(Messages.say("edit.differs.head"));
    }
    return out;
  }

  /** Differences as one line that begins with a capital. */
  public static String line(List<String> differences) {
    return differences.isEmpty()
        ? ""
        : Words.capital(
            Messages.say("sentence", "what", Words.joined("next", differences.stream())));
  }

  private String setAnew(Move was, Move m) {
    String before = words.headline(was);
    String after = words.headline(m);
    if (!before.equals(after)) {
      return Messages.say("edit.differs.becomes", "before", before, "after", after);
    }
    List<String> known = clauses(was);
    List<String> fresh = clauses(m).stream().filter(c -> !known.contains(c)).toList();
    return fresh.isEmpty()
        ? Messages.say("edit.differs.otherwise")
        : Messages.say("edit.differs.now", "clauses", Words.joined("also", fresh.stream()));
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
    return l instanceof Limit.Between b
        ? countedFrom(
            b.by() == Scalar.ABOVE_RIDGE_MM || b.by() == Scalar.ABOVE_HAIRLINE_MM
                ? b.by()
                : Scalar.FROM_CENTRE_MM)
        : Messages.say("edit.dragged.line");
  }

  /** Why an order is not taken. */
  public String refused(RefusedException e, Plan plan) {
    FindingWords said = new FindingWords(words, plan);
    return e.rules().stream().map(said::order).collect(Collectors.joining(" "));
  }

  /** Why a number of a move is what it is: what it decides, and which wish it meets. */
  public String why(Move m, Plan plan, Outcome o, Outcome.Step step) {
    List<String> out = new ArrayList<>();
    if (plan.family() != null) {
      plan.family().knobs().stream()
          .filter(k -> k.moves().contains(m.id()) && !k.why().isBlank())
          .map(Knob::why)
          .distinct()
          .forEach(w -> out.add(Words.capital(Messages.say("sentence", "what", w))));
    }
    for (Reading r : o.wishes()) {
      int root = o.scalp().root(r.wish().place());
      if (Arrays.stream(step.roots()).anyMatch(i -> i == root)) {
        out.add(
            Messages.say(
                "edit.why.wished",
                "where",
                words.place(r.wish().place()),
                "need",
                mm(r.needMm()),
                "have",
                mm(r.haveMm())));
      }
    }
    hand(m, plan).ifPresent(out::add);
    return String.join(" ", out);
  }

  private Optional<String> hand(Move m, Plan plan) {
    double ratio = m.handRatio(plan.hair());
    return m.cut()
        .dial(Dial.LENGTH)
        .filter(length -> Math.abs(ratio - 1) >= 0.005)
        .map(
            length ->
                Messages.say(
                    "edit.why.hand",
                    "damp",
                    Messages.of("damp", m.damp()),
                    "length",
                    mm(length.value()),
                    "dry",
                    mm(length.value() / ratio)));
  }

  private String mm(double mm) {
    return words.units().length(mm);
  }
}
