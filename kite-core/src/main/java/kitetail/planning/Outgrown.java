package kitetail.planning;

import java.util.ArrayList;
import java.util.Comparator;
import java.util.List;
import kitetail.client.Landing;
import kitetail.client.Wish;
import kitetail.cut.Edge;
import kitetail.cut.Outline;
import kitetail.head.Head;
import kitetail.head.Place;
import kitetail.plan.Job;
import kitetail.plan.Outcome;
import kitetail.plan.Plan;

/**
 * When a finished cut passes what the client lets it grow to.
 *
 * @param signs soonest first
 * @param returnFrom week from which coming back makes sense
 * @param returnTo week by which most would
 */
public record Outgrown(List<Sign> signs, double returnFrom, double returnTo) {
  /** Usual returns, common practice. */
  private static final double SOONEST = 2;

  private static final double LATEST = 16;
  private static final double USUAL_FROM = 4;
  private static final double USUAL_TO = 12;

  /** A return is told within so many weeks. */
  private static final double SPAN = 4;

  private static final double TAPER_TOP_MM = 35;

  /** A line cut crisp shows its growth sooner than the client's own measure; an assumption. */
  private static final double CRISP = 0.7;

  /** A soft rim shows what has grown by its share of it, and never hides more; assumptions. */
  private static final double RIM_SHARE = 0.3;

  private static final double RIM_MOST_MM = 30;

  /** Hair at the nape so much longer than at the ear is a tail; an assumption. */
  private static final double TAIL_SHARE = 1.6;

  private static final double TAIL_MM = 60;

  /** What grows less before it shows was meant to be so; an assumption. */
  private static final double LEAST_MM = 3;

  /** Hair that lies and is thick enough stands out in bands when short; common practice. */
  private static final double STRAIGHT = 0.85;

  private static final double THICK_UM = 60;

  /** What is seen to have grown; each has a clock of its own. */
  public enum What {
    /** A line drawn with blade or trimmer. */
    EDGE,
    /** A soft rim over ear or neck. */
    OUTLINE,
    /** Hair left long behind. */
    TAIL,
    TAPER,
    FRINGE,
    RIDGE_WEIGHT,
    STANDS_OUT
  }

  /**
   * @param growMm growth after which it shows
   */
  public record Sign(What what, Place place, double growMm, Weeks weeks) {}

  public static Outgrown of(Plan plan, Outcome o) {
    return of(plan, o, Limits.of(plan.wishes()));
  }

  public static Outgrown of(Plan plan, Outcome o, Limits limits) {
    Rate rate = Rate.of(plan.hair());
    List<Sign> signs = new ArrayList<>();
    rim(o, limits, rate, signs);
    taper(o, limits, rate, signs);
    fringe(plan, o, limits, rate, signs);
    Place heavy =
        o.endMm(Place.RIDGE_LEFT) > o.endMm(Place.RIDGE_RIGHT)
            ? Place.RIDGE_LEFT
            : Place.RIDGE_RIGHT;
    signs.add(sign(What.RIDGE_WEIGHT, heavy, limits.weightShare() * o.endMm(heavy), rate));
    stands(plan, o, limits, rate, signs);
    signs.sort(Comparator.comparing(s -> s.weeks().mean()));
    double first = signs.get(0).weeks().mean();
    double then = signs.size() > 1 ? signs.get(1).weeks().mean() : first * 1.5;
    double from = Math.max(SOONEST, Math.min(USUAL_TO, first));
    double next = Math.max(USUAL_FROM, Math.min(then, from + SPAN));
    double to = Math.max(from + 1, Math.min(LATEST, next));
    return new Outgrown(List.copyOf(signs), from, to);
  }

  private static Sign sign(What what, Place place, double growMm, Rate rate) {
    double mm = Math.max(0, growMm);
    return new Sign(what, place, mm, rate.weeksFor(mm));
  }

  /**
   * A drawn line is seen to grow within two or three weeks, a soft rim by its share of what hangs
   * there, a tail by its own length; common practice.
   */
  private static void rim(Outcome o, Limits limits, Rate rate, List<Sign> signs) {
    boolean crisp = o.steps().stream().anyMatch(Outgrown::drawn);
    double ear = o.endMm(Place.EAR_TOP_RIGHT);
    double nape = o.endMm(Place.NAPE);
    if (crisp) {
      signs.add(sign(What.EDGE, Place.EAR_TOP_RIGHT, CRISP * limits.edgeMm(), rate));
    } else {
      signs.add(sign(What.OUTLINE, Place.EAR_TOP_RIGHT, softMm(ear, limits), rate));
    }
    if (nape > TAIL_MM && nape > TAIL_SHARE * ear) {
      signs.add(sign(What.TAIL, Place.NAPE, RIM_MOST_MM, rate));
    } else if (nape > limits.edgeMm()) {
      signs.add(sign(What.OUTLINE, Place.NAPE, softMm(nape, limits), rate));
    }
  }

  private static boolean drawn(Outcome.Step s) {
    return s.cut() instanceof Edge e
        && !(e.outline() instanceof Outline.Taper)
        && !(e.outline() instanceof Outline.Nape n && n.form() == Outline.Nape.Form.NATURAL);
  }

  private static double softMm(double hangsMm, Limits limits) {
    return Math.max(limits.edgeMm(), Math.min(RIM_MOST_MM, RIM_SHARE * hangsMm));
  }

  /**
   * A taper from e at the edge to u above it has the contrast {@code (u − e)/u}; grown by g it is
   * {@code (u − e)/(u + g)}, so a share k of it is left at {@code g = u (1/k − 1)}.
   */
  private static void taper(Outcome o, Limits limits, Rate rate, List<Sign> signs) {
    boolean tapered =
        o.steps().stream().anyMatch(s -> s.move().job() == Job.TAPER || s.cut().guarded());
    double above = above(o);
    double edge = o.endMm(Place.NAPE);
    if (tapered && above > 1.5 * edge) {
      signs.add(sign(What.TAPER, Place.NAPE, above * (1 / limits.contrastKept() - 1), rate));
    }
  }

  /** Length a taper's height above the nape. */
  private static double above(Outcome o) {
    int best = 0;
    double off = Double.MAX_VALUE;
    for (int i = 0; i < o.scalp().sites(); i++) {
      double d =
          Math.abs(o.scalp().aboveHairlineMm(i) - TAPER_TOP_MM)
              + 40 * Math.abs(Math.PI - Math.abs(o.scalp().azimuthRad(i)));
      if (d < off) {
        off = d;
        best = i;
      }
    }
    return o.after().endMm(best);
  }

  private static void fringe(Plan plan, Outcome o, Limits limits, Rate rate, List<Sign> signs) {
    Head head = o.scalp().head();
    double have = o.endMm(Place.FRONT);
    double brow = new Wish(Place.FRONT, Landing.BROW).needMm(head, plan.hair());
    double eye = new Wish(Place.FRONT, Landing.EYE).needMm(head, plan.hair());
    boolean worn =
        plan.styling().way() == kitetail.fall.Styling.Way.NATURAL
            || plan.styling().way() == kitetail.fall.Styling.Way.FORWARD;
    if (worn && have > brow / 2 && have < eye) {
      double left = eye - limits.fringeOverEyeMm() - have;
      if (left > LEAST_MM) {
        signs.add(sign(What.FRINGE, Place.FRONT, left, rate));
      }
    }
  }

  private static void stands(Plan plan, Outcome o, Limits limits, Rate rate, List<Sign> signs) {
    boolean lies = plan.hair().wetDry().curlRatio() > STRAIGHT;
    if (!lies || plan.hair().diameterUm() < THICK_UM) {
      return;
    }
    for (Place p : List.of(Place.DROP_CROWN, Place.RIDGE_RIGHT, Place.OCCIPITAL)) {
      double have = o.endMm(p);
      if (have > 2 && have < limits.standsMm() - LEAST_MM) {
        signs.add(sign(What.STANDS_OUT, p, limits.standsMm() - have, rate));
        return;
      }
    }
  }
}
