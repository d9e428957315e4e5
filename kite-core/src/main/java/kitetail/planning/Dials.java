package kitetail.planning;

import java.util.ArrayList;
import java.util.EnumMap;
import java.util.List;
import java.util.Map;
import java.util.Optional;
import kitetail.client.Landing;
import kitetail.client.Wish;
import kitetail.cut.Dial;
import kitetail.cut.Dialled;
import kitetail.fall.Styling;
import kitetail.hair.Stock;
import kitetail.head.Head;
import kitetail.head.Place;
import kitetail.head.Scalp;
import kitetail.plan.Course;
import kitetail.plan.Move;
import kitetail.plan.Plan;
import kitetail.plan.PlanEngine;
import kitetail.plan.Workbench;

/**
 * Few numbers by which a whole plan is set: how long sides, top, fringe and neck are left, as one
 * says "same again, but the sides shorter". Turning one turns every number of the plan that shapes
 * that part more than all the others, all by the same share, so that the shape there stays.
 */
public final class Dials {
  private Dials() {}

  /** What a plan is set by. */
  public enum Part {
    /** Between ears and ridge. */
    SIDES,
    /** Above the ridge, but for the fringe. */
    TOP,
    /** What grows within an inch of the front. */
    FRINGE,
    /** Over the nape. */
    NECK
  }

  /**
   * @param mm left there in the mean, dry and straight
   * @param mostMm the hair there before the first move
   * @param own whether numbers of the plan shape it more than other parts; else it comes along with
   *     them
   */
  public record Reading(Part part, double mm, double mostMm, boolean own) {}

  /**
   * A plan with one part set.
   *
   * @param gotMm what is left there now, as near as hands can set it
   * @param along what the other parts changed by, mm; those that did
   */
  public record Turned(Plan plan, Part part, double wasMm, double gotMm, Map<Part, Double> along) {}

  /**
   * Where a fringe can be asked to end.
   *
   * @param needMm how long the hair at the front must be for it, dry and straight
   * @param there whether it is as long before the first move
   */
  public record Lands(Landing landing, double needMm, boolean there) {}

  /** Where stylists say that a fringe ends. */
  public static final List<Landing> FRINGE_ENDS =
      List.of(Landing.BROW, Landing.EYE, Landing.NOSE_TIP, Landing.CHIN);

  /** Less is not noticed. */
  private static final double NOTICED_MM = 0.5;

  private static final List<Dial> LENGTHS =
      List.of(Dial.LENGTH, Dial.FAR_LENGTH, Dial.OFF, Dial.GAP, Dial.GUARD_NUMBER);

  /** How far a number is turned to see what it shapes. */
  private static final double TRIED_SHARE = 0.1;

  private static final double LEAST_FACTOR = 0.1;
  private static final double MOST_FACTOR = 6;
  private static final int HALVINGS = 18;

  /** How often what came along is brought back. */
  private static final int ROUNDS = 2;

  /** Farther from what was wished it is not met. */
  private static final double MISSED_MM = 2;

  private static final double MISSED_SHARE = 0.05;

  private static final double FRONT_DEG = 40;
  private static final double FRONT_MM = 25.4;
  private static final double SIDE_FROM_DEG = 55;
  private static final double SIDE_TO_DEG = 125;
  private static final double BACK_DEG = 145;

  /** Parts begin so far off the lines between them. */
  private static final double OFF_RIDGE_MM = 8;

  private static final double OFF_HAIRLINE_MM = 12;
  private static final double NECK_MM = 40;

  private static boolean in(Part part, Scalp s, int i) {
    double around = Math.abs(Math.toDegrees(s.azimuthRad(i)));
    boolean front = around < FRONT_DEG && s.aboveHairlineMm(i) < FRONT_MM;
    return switch (part) {
      case FRINGE -> front;
      case TOP -> !front && s.aboveRidgeMm(i) > OFF_RIDGE_MM;
      case SIDES ->
          around >= SIDE_FROM_DEG
              && around <= SIDE_TO_DEG
              && s.aboveRidgeMm(i) < -OFF_RIDGE_MM
              && s.fromSideHairlineMm(i) > OFF_HAIRLINE_MM;
      case NECK -> around >= BACK_DEG && s.aboveHairlineMm(i) < NECK_MM;
    };
  }

  /** What a plan leaves of each part. */
  public static List<Reading> read(Plan plan, Workbench bench) {
    Work w = new Work(plan, bench);
    double[] now = w.means(w.course.after(plan.moves()));
    double[] most = w.means(PlanEngine.start(plan, bench));
    List<Reading> out = new ArrayList<>();
    for (Part p : Part.values()) {
      boolean own = !w.shaping(plan.moves(), p, now).isEmpty();
      out.add(new Reading(p, now[p.ordinal()], most[p.ordinal()], own));
    }
    return List.copyOf(out);
  }

  /**
   * @param bench of a scalp of the plan's head with some hundred sites
   * @param wantedMm in the mean, 0 to 1500
   * @throws IllegalArgumentException when no number of the plan shapes this part more than others
   */
  public static Turned turn(Plan plan, Workbench bench, Part part, double wantedMm) {
    if (!(wantedMm >= 0 && wantedMm <= 1500)) {
      throw new IllegalArgumentException("wantedMm must be 0 to 1500, was " + wantedMm);
    }
    return new Work(plan, bench).turned(part, wantedMm);
  }

  /**
   * Where the fringe of a plan can end, and how long its front is now; none for hair worn off the
   * forehead, nor for a body without a face.
   */
  public static List<Lands> lands(Plan plan, Workbench bench) {
    Styling.Way way = plan.styling().way();
    Head head = bench.scalp().head();
    if (way == Styling.Way.BACK || way == Styling.Way.UP || head.face().isEmpty()) {
      return List.of();
    }
    double most = PlanEngine.start(plan, bench).longest()[bench.scalp().root(Place.FRONT)];
    return FRINGE_ENDS.stream()
        .map(
            l -> {
              double need = new Wish(Place.FRONT, l).needMm(head, plan.hair());
              return new Lands(l, need, need <= most + NOTICED_MM);
            })
        .toList();
  }

  /** What a plan leaves at the middle of the front, mm. */
  public static double frontMm(Plan plan, Workbench bench) {
    return new Course(plan, bench).after(plan.moves()).longest()[bench.scalp().root(Place.FRONT)];
  }

  /**
   * The fringe set so that its middle ends at a place of the face; lengths of the answer are those
   * at the middle of the front.
   *
   * @throws IllegalArgumentException when no number of the plan shapes the fringe more than others,
   *     or the hair does not reach
   */
  public static Turned land(Plan plan, Workbench bench, Landing landing) {
    Lands asked =
        lands(plan, bench).stream()
            .filter(l -> l.landing() == landing)
            .findFirst()
            .orElseThrow(
                () -> new IllegalArgumentException("a fringe worn so ends at none of the face"));
    if (!asked.there()) {
      throw new IllegalArgumentException("the hair at the front is not so long");
    }
    Work w = new Work(plan, bench);
    w.fringeAt = bench.scalp().root(Place.FRONT);
    return w.turned(Part.FRINGE, asked.needMm());
  }

  /** A number of a move. */
  private record Turn(int move, Dial dial, Dialled at) {
    double value() {
      return at.value();
    }
  }

  private static final class Work {
    private final Plan plan;
    private final Scalp scalp;
    private final Course course;
    private final double[] share;

    /** The root the fringe is told by; below nothing for the mean of it. */
    private int fringeAt = -1;

    Work(Plan plan, Workbench bench) {
      this.plan = plan;
      this.scalp = bench.scalp();
      this.course = new Course(plan, bench);
      this.share = new double[Part.values().length];
      for (int i = 0; i < scalp.sites(); i++) {
        for (Part p : Part.values()) {
          share[p.ordinal()] += in(p, scalp, i) ? scalp.areaMm2(i) : 0;
        }
      }
    }

    double[] means(Stock stock) {
      double[] longest = stock.longest();
      double[] out = new double[share.length];
      for (int i = 0; i < scalp.sites(); i++) {
        for (Part p : Part.values()) {
          if (in(p, scalp, i)) {
            out[p.ordinal()] += scalp.areaMm2(i) / share[p.ordinal()] * longest[i];
          }
        }
      }
      if (fringeAt >= 0) {
        out[Part.FRINGE.ordinal()] = longest[fringeAt];
      }
      return out;
    }

    Turned turned(Part part, double wanted) {
      double[] was = means(course.after(plan.moves()));
      Map<Part, List<Turn>> turns = new EnumMap<>(Part.class);
      for (Part p : Part.values()) {
        turns.put(p, shaping(plan.moves(), p, was));
      }
      if (turns.get(part).isEmpty()) {
        throw new IllegalArgumentException("no move of this plan shapes this part by itself");
      }
      List<Move> moves = plan.moves();
      // Parts share what lies between them: what came along is brought back, and the part set anew.
      for (int round = 0; round < ROUNDS; round++) {
        moves = solved(moves, part, wanted);
        double[] now = means(course.after(moves));
        for (Part o : Part.values()) {
          boolean strayed = Math.abs(now[o.ordinal()] - was[o.ordinal()]) > NOTICED_MM;
          if (o != part && strayed && !turns.get(o).isEmpty()) {
            moves = better(moves, solved(moves, o, was[o.ordinal()]), part, was);
          }
        }
      }
      moves = solved(moves, part, wanted);
      double[] got = means(course.after(moves));
      if (Math.abs(got[part.ordinal()] - wanted) > Math.max(MISSED_MM, MISSED_SHARE * wanted)) {
        throw new IllegalArgumentException("this part cannot be set so by itself in this plan");
      }
      Map<Part, Double> along = new EnumMap<>(Part.class);
      for (Part o : Part.values()) {
        double by = got[o.ordinal()] - was[o.ordinal()];
        if (o != part && Math.abs(by) > NOTICED_MM) {
          along.put(o, by);
        }
      }
      int p = part.ordinal();
      return new Turned(plan.withMoves(moves), part, was[p], got[p], along);
    }

    /** What was brought back, where the other parts are then nearer to what they were. */
    private List<Move> better(List<Move> had, List<Move> back, Part part, double[] was) {
      return strays(back, part, was) < strays(had, part, was) ? back : had;
    }

    private double strays(List<Move> moves, Part part, double[] was) {
      double[] now = means(course.after(moves));
      double all = 0;
      for (Part o : Part.values()) {
        all += o == part ? 0 : Math.abs(now[o.ordinal()] - was[o.ordinal()]);
      }
      return all;
    }

    /**
     * A part's own numbers by the factor that leaves what is wanted, set as a hand can set them.
     */
    private List<Move> solved(List<Move> from, Part part, double wanted) {
      int p = part.ordinal();
      double[] was = means(course.after(from));
      List<Turn> turns = shaping(from, part, was);
      double low = LEAST_FACTOR;
      double high = MOST_FACTOR;
      for (int k = 0; k < HALVINGS; k++) {
        double mid = Math.sqrt(low * high);
        if (means(course.after(set(from, turns, mid, was[p], false)))[p] > wanted) {
          high = mid;
        } else {
          low = mid;
        }
      }
      List<Move> best = from;
      double off = Math.abs(was[p] - wanted);
      for (double f : new double[] {low * 0.97, low * 0.99, low, high, high * 1.01, high * 1.03}) {
        List<Move> moves = set(from, turns, f, was[p], true);
        double there = Math.abs(means(course.after(moves))[p] - wanted);
        if (there < off - 1e-9) {
          off = there;
          best = moves;
        }
      }
      return best;
    }

    /** The numbers that change this part more than all the others together. */
    private List<Turn> shaping(List<Move> from, Part part, double[] was) {
      List<Turn> out = new ArrayList<>();
      for (int m = 0; m < from.size(); m++) {
        for (Dial d : LENGTHS) {
          Optional<Dialled> dial = from.get(m).cut().dial(d);
          if (dial.isPresent()) {
            Turn t = new Turn(m, d, dial.get());
            double here = 0;
            double elsewhere = 0;
            double[] changes = changes(from, t, was);
            for (Part o : Part.values()) {
              double by = changes[o.ordinal()] * share[o.ordinal()];
              here += o == part ? by : 0;
              elsewhere += o == part ? 0 : by;
            }
            if (changes[part.ordinal()] > 0 && here > elsewhere) {
              out.add(t);
            }
          }
        }
      }
      return out;
    }

    /** By how much a number changes each part, the way that changes most. */
    private double[] changes(List<Move> from, Turn t, double[] was) {
      double by = Math.max(t.dial().handStep(), TRIED_SHARE * Math.abs(t.value()));
      double[] out = new double[was.length];
      for (double way : new double[] {-by, by}) {
        List<Move> moves = new ArrayList<>(from);
        put(moves, t, t.value() + way);
        double[] now = means(course.after(moves));
        for (int k = 0; k < out.length; k++) {
          out[k] = Math.max(out[k], Math.abs(now[k] - was[k]));
        }
      }
      return out;
    }

    private List<Move> set(
        List<Move> from, List<Turn> turns, double factor, double mean, boolean byHand) {
      List<Move> moves = new ArrayList<>(from);
      for (Turn t : turns) {
        // What is taken off is less by what is to be left more.
        double v =
            t.dial() == Dial.OFF
                ? Math.max(0, t.value() - (factor - 1) * mean)
                : t.value() * factor;
        double step = t.dial().handStep();
        put(moves, t, byHand ? Math.max(t.dial() == Dial.GAP ? 0 : step, rounded(v, t)) : v);
      }
      return moves;
    }

    /** As near to a value as its range in this cut allows. */
    private static void put(List<Move> moves, Turn t, double value) {
      Move m = moves.get(t.move());
      moves.set(t.move(), m.with(m.cut().turned(t.dial(), t.at().within(value))));
    }

    private static double rounded(double v, Turn t) {
      return Math.rint(v / t.dial().handStep()) * t.dial().handStep();
    }
  }
}
