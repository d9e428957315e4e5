package kitetail.formats.words;

import java.util.ArrayList;
import java.util.List;
import java.util.Locale;
import java.util.Map;
import kitetail.check.CheckRound;
import kitetail.look.Landing;
import kitetail.look.Look;
import kitetail.look.WeightLine;
import kitetail.plan.Plan;
import kitetail.planning.GrowOut;
import kitetail.planning.Outgrown;
import kitetail.planning.Weeks;
import kitetail.planning.Worn;

/** What is seen of fallen hair, in words. */
public record LookWords(Words words) {
  private static final double NEAR_MM = 6;

  /** Short lines, most telling first. */
  public List<String> of(Worn w) {
    Look l = w.look();
    List<String> out = new ArrayList<>();
    l.landings().forEach(x -> out.add(landing(x)));
    if (l.ears().leftShare() + l.ears().rightShare() > 0.1) {
      out.add(
          "Ears covered: left "
              + percent(l.ears().leftShare())
              + ", right "
              + percent(l.ears().rightShare())
              + ".");
    } else {
      out.add("Both ears show.");
    }
    for (WeightLine x : l.lines()) {
      out.add(
          "Weight builds near the "
              + words.place(x.near())
              + ", "
              + (x.share() > 0.5 ? "strongly" : "softly")
              + ", "
              + words.units().length(Math.max(0, x.aboveEdgeMm()))
              + " above the edge.");
    }
    if (l.fall().unsettled() > l.fall().strands() / 20) {
      String where =
          l.fall().unsettledNear().entrySet().stream()
              .max(Map.Entry.comparingByValue())
              .map(e -> words.place(e.getKey()))
              .orElseThrow();
      out.add(
          l.fall().unsettled()
              + " strands had not come to rest, most near the "
              + where
              + "; take their ends as rough.");
    }
    return out;
  }

  private String landing(Landing x) {
    String who =
        switch (x.side()) {
          case FRINGE -> "The front";
          case LEFT -> "The left side";
          case RIGHT -> "The right side";
          case NAPE -> "The back";
        };
    if (x.place() == null) {
      return who
          + switch (x.side()) {
            case FRINGE -> " stays off the face.";
            case LEFT, RIGHT -> " ends above the ear.";
            case NAPE -> " ends within the hairline.";
          };
    }
    double off = x.belowMm();
    String place = words.facePlace(x.place());
    if (Math.abs(off) < NEAR_MM) {
      return who + " ends at the " + place + ".";
    }
    return who
        + " ends "
        + words.units().length(Math.abs(off))
        + (off > 0 ? " below the " : " above the ")
        + place
        + ".";
  }

  public String outgrown(Outgrown o) {
    String why = o.signs().isEmpty() ? "" : ": " + sign(o.signs().get(0)) + " first";
    return String.format(
        Locale.ROOT, "Back in %.0f to %.0f weeks%s.", o.returnFrom(), o.returnTo(), why);
  }

  private static String sign(Outgrown.Sign s) {
    return switch (s.what()) {
      case EDGE -> "the edge grows out";
      case OUTLINE -> "the outline loses its line";
      case TAIL -> "the tail outgrows its length";
      case TAPER -> "the taper loses its contrast";
      case FRINGE -> "the fringe reaches the eyes";
      case RIDGE_WEIGHT -> "weight builds at the ridge";
      case STANDS_OUT -> "short hair begins to stand out";
    };
  }

  public String growOut(GrowOut g) {
    Weeks w = g.reachable();
    return w.mean() == 0
        ? "It can be cut today."
        : String.format(
            Locale.ROOT,
            "First reached in about %.0f weeks (%.0f to %.0f), when the %s has grown; %d visits.",
            w.mean(),
            w.early(),
            w.late(),
            words.place(g.last()),
            g.visits().size());
  }

  /** One thing to check, as it is said at the chair. */
  public String item(CheckRound.Item i, Plan plan) {
    String within = " Take only what stands out by more than " + length(i.toleranceMm()) + ".";
    return switch (i.kind()) {
      case SEAM ->
          "Where "
              + section(plan, i.sections().get(0))
              + " meets "
              + section(plan, i.sections().get(1))
              + ": both near "
              + length(i.otherMm())
              + "."
              + within;
      case LAST_BITE ->
          "The last bite of "
              + section(plan, i.sections().get(0))
              + ", most easily over-directed: "
              + length(i.expectMm())
              + "."
              + within;
      case ACROSS ->
          section(plan, i.sections().get(0))
              + ": check "
              + way(i.way())
              + ", across the way it was cut."
              + within;
      case BALANCE ->
          "Both sides at the "
              + words.place(i.place()).replace("left ", "")
              + ": "
              + length(i.expectMm())
              + (Math.abs(i.expectMm() - i.otherMm()) < 1
                  ? ""
                  : " left, " + length(i.otherMm()) + " right")
              + "."
              + (Math.abs(i.levelOffMm()) < 1
                  ? ""
                  : " The ears sit "
                      + length(Math.abs(i.levelOffMm()))
                      + " apart: go by the eyes.");
    };
  }

  private String length(double mm) {
    return words.units().length(mm);
  }

  private static String section(Plan plan, String id) {
    return "“" + plan.section(id).name() + "”";
  }

  private static String way(CheckRound.Way w) {
    return switch (w) {
      case LEVEL -> "level";
      case UPRIGHT -> "upright";
      case DIAGONAL -> "on the other diagonal";
      case ROUND -> "round the point";
      case NONE -> "as it lies";
    };
  }

  private static String percent(double share) {
    return String.format(Locale.ROOT, "%.0f %%", 100 * share);
  }
}
