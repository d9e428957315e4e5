package kitetail.formats.words;

import java.util.Locale;
import kitetail.cut.Comb;
import kitetail.cut.CutLine;
import kitetail.cut.Facing;
import kitetail.cut.Fingers;
import kitetail.cut.Guard;
import kitetail.cut.Guide;
import kitetail.cut.Hold;
import kitetail.head.Place;
import kitetail.plan.Finding;
import kitetail.plan.Move;

/** Says moves and findings in short trade words. The only place where they are worded. */
public record Words(Units units) {

  /** The whole move in one sentence. */
  public String sentence(Move m) {
    if (m.cut() instanceof Fingers f) {
      return String.format(
          "Over the fingers, %s bites working %s, held %s, %s; %s.",
          units.length(f.biteMm()),
          toward(f.progress()),
          hold(f.hold()),
          line(f.line()),
          guide(f.guide()));
    }
    if (m.cut() instanceof Comb c) {
      return String.format(
          Locale.ROOT,
          "%s over the comb, starting %s off the skin, %s, up in a straight line until no hair is caught.",
          c.tool() == Comb.Blade.CLIPPER ? "Clipper" : "Scissors",
          units.length(c.gapMm()),
          lean(c.outDeg()));
    }
    Guard g = (Guard) m.cut();
    return String.format(
        Locale.ROOT,
        "Guard %s (%s), %s the grain%s.",
        number(g.number()),
        units.length(g.heightMm()),
        g.grain() == Guard.Grain.WITH ? "with" : "against",
        g.rockOut() == null ? "" : ", rocked out at the top");
  }

  /** What the hand does, in a few large words for the chair. */
  public String headline(Move m) {
    if (m.cut() instanceof Fingers f) {
      return units.length(f.line().lengthMm());
    }
    if (m.cut() instanceof Comb c) {
      return units.length(c.gapMm()) + " off the skin";
    }
    Guard g = (Guard) m.cut();
    return "Guard " + number(g.number());
  }

  public String hold(Hold h) {
    if (h instanceof Hold.StraightOut) {
      return "straight out";
    }
    if (h instanceof Hold.Elevation e) {
      return e.elevationDeg() == 0
          ? "lying down the head"
          : String.format(Locale.ROOT, "at %.0f°", e.elevationDeg());
    }
    Hold.Toward t = (Hold.Toward) h;
    return "straight " + toward(t.facing());
  }

  private String line(CutLine l) {
    if (l instanceof CutLine.Round r) {
      return "cut to " + units.length(r.lengthMm()) + " following the head";
    }
    CutLine.Flat f = (CutLine.Flat) l;
    return "cut to "
        + (f.facing() == Facing.UP || f.facing() == Facing.DOWN ? "a level" : "an upright")
        + " line leaving "
        + units.length(f.lengthMm())
        + " at the "
        + place(f.place())
        + (f.fingerDeg() == 0
            ? ""
            : String.format(
                Locale.ROOT,
                ", fingers %s %.0f°",
                f.fingerDeg() > 0 ? "out" : "in",
                Math.abs(f.fingerDeg())));
  }

  public String guide(Guide g) {
    if (g instanceof Guide.Travelling) {
      return "travelling guide";
    }
    if (g instanceof Guide.LastBite) {
      return "each bite brought back to the last";
    }
    Guide.Fixed f = (Guide.Fixed) g;
    return "all brought to a fixed guide at the "
        + place(f.place())
        + (f.gather() == Guide.Gather.SPOT ? ", gathered to one spot" : "");
  }

  private static String toward(Facing f) {
    return switch (f) {
      case UP -> "up";
      case DOWN -> "down";
      case FRONT -> "forward";
      case BACK -> "back";
      case LEFT -> "to the left";
      case RIGHT -> "to the right";
    };
  }

  private static String lean(double outDeg) {
    if (Math.abs(outDeg) < 1) {
      return "parallel to the head";
    }
    return String.format(
        Locale.ROOT, "leaning %.0f° %s the head", Math.abs(outDeg), outDeg > 0 ? "off" : "into");
  }

  private static String number(double n) {
    return n == Math.rint(n)
        ? String.format(Locale.ROOT, "%.0f", n)
        : String.format(Locale.ROOT, "%.1f", n);
  }

  public String place(Place p) {
    return switch (p) {
      case FRONT -> "front";
      case RECESSION_LEFT -> "left recession";
      case RECESSION_RIGHT -> "right recession";
      case TEMPLE_LEFT -> "left temple";
      case TEMPLE_RIGHT -> "right temple";
      case SIDEBURN_LEFT -> "left sideburn";
      case SIDEBURN_RIGHT -> "right sideburn";
      case EAR_TOP_LEFT -> "top of the left ear";
      case EAR_TOP_RIGHT -> "top of the right ear";
      case BEHIND_EAR_LEFT -> "left behind-ear corner";
      case BEHIND_EAR_RIGHT -> "right behind-ear corner";
      case MASTOID_LEFT -> "left mastoid";
      case MASTOID_RIGHT -> "right mastoid";
      case NAPE_CORNER_LEFT -> "left nape corner";
      case NAPE_CORNER_RIGHT -> "right nape corner";
      case NAPE -> "nape";
      case APEX -> "apex";
      case RIDGE_LEFT -> "left ridge";
      case RIDGE_RIGHT -> "right ridge";
      case CROWN -> "crown";
      case DROP_CROWN -> "drop crown";
      case OCCIPITAL -> "occipital bone";
    };
  }

  /** What was found, with place, amount and remedy. */
  public String finding(Finding f) {
    String amount = units.length(f.amountMm());
    String where = place(f.place());
    return switch (f.rule()) {
      case "bulk-before-comb" ->
          "Hair is "
              + amount
              + " near the "
              + where
              + " and will fall over the comb. Take bulk off over the fingers or with a guard first.";
      case "does-not-reach" ->
          "Near the "
              + where
              + " hair is "
              + amount
              + " short of the guide and stays as it is. Shorten the guide, or let it grow.";
      case "bite-wide" ->
          "Bites of " + amount + " are bold: errors add up about with the square. Take half.";
      case "line-meets-skin" ->
          "The line comes down to the skin near the "
              + where
              + ". Raise the line, or end the section earlier.";
      case "takes-nothing" ->
          "Takes nothing off near the " + where + ". Shorten its length, or leave the move out.";
      case "wish-too-short" ->
          "At the " + where + " the result is " + amount + " short of the wish.";
      case "leave-alone" ->
          "The "
              + where
              + " is to be left alone; this takes "
              + amount
              + " there. End the section before it.";
      case "skin-stop" -> CareWords.stop(where);
      case "skin-place" -> CareWords.place(where);
      default -> f.rule() + " near the " + where + ": " + amount + ".";
    };
  }
}
