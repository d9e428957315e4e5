package kitetail.plan;

import java.util.ArrayList;
import java.util.Arrays;
import java.util.List;
import java.util.stream.IntStream;
import kitetail.client.Reading;
import kitetail.cut.Before;
import kitetail.cut.Bites;
import kitetail.cut.Cut;
import kitetail.cut.CutLine;
import kitetail.cut.Fingers;
import kitetail.cut.Texture;
import kitetail.hair.Stock;
import kitetail.head.Head;
import kitetail.head.Place;
import kitetail.head.Scalp;
import kitetail.section.Region;
import kitetail.section.Zone;
import kitetail.work.Deadline;

/**
 * Runs a plan on a scalp: each move leaves the smaller of what was there and what its cut leaves.
 * The same plan on the same scalp gives the same numbers to the last bit.
 */
public final class PlanEngine {
  /** Changes whenever the same plan may give other numbers. */
  public static final String VERSION = "0.6.8";

  private PlanEngine() {}

  /** Fits the head, lays out the sites and runs the plan. */
  public static Outcome run(Plan plan) {
    return run(plan, Scalp.of(Head.of(plan.head()), Scalp.DEFAULT_SITES));
  }

  /** Runs a plan on a scalp made earlier for the same head. */
  public static Outcome run(Plan plan, Scalp scalp) {
    return run(plan, new Workbench(scalp));
  }

  /** Runs a plan where earlier runs on the same scalp left their work. */
  public static Outcome run(Plan plan, Workbench bench) {
    List<Region> regions = regions(plan);
    double[][] ready = sideBySide(plan, bench, regions);
    Stock before = start(plan, bench);
    Stock state = before;
    List<Cut> cuts = new ArrayList<>();
    List<Stock> states = new ArrayList<>();
    for (int m = 0; m < ready.length; m++) {
      Move move = plan.moves().get(m);
      Cut cut = resolved(plan, move, state, bench.scalp());
      cuts.add(cut);
      states.add(state);
      state = after(plan, bench, move, cut, bench.zone(regions.get(m)), ready[m], state);
    }
    states.add(state);
    Deadline.current().check();
    Dose.Book book = new Dose.Book();
    Double attached = null;
    List<Outcome.Step> steps = new ArrayList<>();
    for (int m = 0; m < ready.length; m++) {
      Cut cut = cuts.get(m);
      Zone zone = bench.zone(regions.get(m));
      List<Dose> doses =
          cut instanceof Texture t
              ? book.enter(
                  bench.scalp(),
                  bench.hair(plan.hair()),
                  t.roots(zone),
                  states.get(m),
                  states.get(m + 1),
                  t.passes())
              : List.of();
      double change = Pace.changes(attached, cut) * plan.pace().changeSec();
      attached = cut.guarded() ? cut.attachments().get(cut.attachments().size() - 1) : attached;
      steps.add(step(plan, bench, m, cut, zone, states, doses, change));
    }
    List<Seam> seams = Seam.all(plan, bench, state.longest());
    return new Outcome(
        bench.scalp(),
        bench.around(),
        before,
        List.copyOf(steps),
        wishes(plan, bench.scalp(), state),
        bench.cover(plan.sections()),
        seams,
        Jumps.of(plan, seams),
        Ledge.all(plan, bench, state),
        extents(plan, bench, state));
  }

  /**
   * The hair before the first move and after each, and nothing else; for work that asks the same
   * plan many times.
   */
  public static List<Stock> states(Plan plan, Workbench bench) {
    Deadline.current().check();
    List<Region> regions = regions(plan);
    List<Stock> out = new ArrayList<>();
    Stock state = start(plan, bench);
    out.add(state);
    for (int m = 0; m < plan.moves().size(); m++) {
      state = next(plan, bench, plan.moves().get(m), regions.get(m), state);
      out.add(state);
    }
    return out;
  }

  /** The hair before the first move. */
  public static Stock start(Plan plan, Workbench bench) {
    return Stock.of(bench.start(plan.start(), plan.hair()));
  }

  /** The hair after one more move of a plan's sections, hair and kit. */
  public static Stock next(Plan plan, Workbench bench, Move move, Stock state) {
    return next(plan, bench, move, plan.region(move.section()), state);
  }

  private static Stock next(Plan plan, Workbench bench, Move move, Region region, Stock state) {
    Cut cut = resolved(plan, move, state, bench.scalp());
    return after(plan, bench, move, cut, bench.zone(region), null, state);
  }

  private static List<Region> regions(Plan plan) {
    return plan.moves().stream().map(m -> plan.region(m.section())).toList();
  }

  /**
   * What a cut leaves does not depend on the moves before it unless it takes a guide over from
   * them, so the others are worked out side by side.
   */
  private static double[][] sideBySide(Plan plan, Workbench bench, List<Region> regions) {
    double[][] ready = new double[plan.moves().size()][];
    Before kitOnly =
        new Before() {
          @Override
          public double handMm(Place place) {
            return Double.NaN;
          }

          @Override
          public double guardMm(double number) {
            return plan.kit().guardMm(number);
          }
        };
    // And with them what is asked of the scalp when the last move is done.
    IntStream.range(-2, ready.length)
        .parallel()
        .forEach(
            m -> {
              if (m == -2) {
                bench.neighbours();
                bench.around();
                return;
              }
              if (m == -1) {
                bench.cover(plan.sections());
                return;
              }
              Cut cut = plan.moves().get(m).cut();
              if (!(cut instanceof Fingers f && f.takesOver())) {
                ready[m] = bench.leaves(cut.resolved(kitOnly), regions.get(m), plan.hair());
              }
            });
    return ready;
  }

  /** A move's cut with what it takes over from the hair before it, or from the kit, put in. */
  static Cut resolved(Plan plan, Move move, Stock state, Scalp scalp) {
    double ratio = move.handRatio(plan.hair());
    return move.cut()
        .resolved(
            new Before() {
              @Override
              public double handMm(Place place) {
                return ratio * state.longest()[scalp.root(place)];
              }

              @Override
              public double guardMm(double number) {
                return plan.kit().guardMm(number);
              }
            });
  }

  private static Stock after(
      Plan plan, Workbench bench, Move move, Cut cut, Zone zone, double[] ready, Stock state) {
    double[] leaves =
        ready == null && !(cut instanceof Texture)
            ? bench.leaves(cut, zone.region(), plan.hair())
            : ready;
    return after(cut, zone, leaves, move.handRatio(plan.hair()), state);
  }

  /**
   * What is left of the hair after one cut.
   *
   * @param leaves what the cut would leave at each root of the zone; not looked at for texturising
   */
  static Stock after(Cut cut, Zone zone, double[] leaves, double handRatio, Stock state) {
    if (cut instanceof Texture t) {
      return state.texturised(t.roots(zone), t.share(), t.backMm(), t.passes());
    }
    double[] line =
        cut.follows() ? cut.following(zone, Cut.held(zone, handRatio, state.longest())) : leaves;
    return state.cut(zone.roots(), line, handRatio, cut.ends());
  }

  private static Outcome.Step step(
      Plan plan,
      Workbench bench,
      int number,
      Cut cut,
      Zone zone,
      List<Stock> states,
      List<Dose> doses,
      double changeSec) {
    Scalp scalp = bench.scalp();
    Move move = plan.moves().get(number);
    Stock left = states.get(number + 1);
    double[] start = states.get(0).longest();
    double[] end = states.get(states.size() - 1).longest();
    double[] had = states.get(number).longest();
    double[] has = left.longest();
    double ratio = move.handRatio(plan.hair());
    double[] leaves = cut instanceof Fingers ? bench.leaves(cut, zone.region(), plan.hair()) : null;
    int set =
        cut instanceof Fingers f && f.line() instanceof CutLine.Flat flat
            ? scalp.root(flat.place())
            : -1;
    boolean everywhere = cut instanceof Fingers f && f.line().asksEverywhere();
    double area = 0;
    double taken = 0;
    double shortfall = 0;
    int at = -1;
    int cuts = 0;
    int[] reached = new int[zone.roots().length];
    for (int k = 0; k < zone.roots().length; k++) {
      int i = zone.roots()[k];
      double off = had[i] - has[i];
      if (Outcome.cut(had[i], has[i])) {
        area += scalp.areaMm2(i);
        reached[cuts++] = i;
        taken = Math.max(taken, off);
      } else if (leaves != null && (everywhere || i == set) && Double.isFinite(leaves[k])) {
        double missing = leaves[k] / ratio - had[i];
        // What another move cuts is short on purpose.
        if (missing > shortfall && !Outcome.cut(start[i], end[i])) {
          shortfall = missing;
          at = i;
        }
      }
    }
    Bites hand =
        cut instanceof Fingers f
            ? Bites.of(f, zone, Arrays.copyOf(reached, cuts), plan.school().handMm())
            : null;
    // What slipped takes no time to do again.
    int bites = move.job() == Job.SLIP ? 0 : hand == null ? cut.bites(zone) : hand.count();
    return new Outcome.Step(
        move,
        cut,
        zone.roots(),
        left,
        bites,
        hand == null ? 0 : hand.turns(),
        (bites * plan.pace().secondsFor(cut) + changeSec) / 60,
        area,
        taken,
        shortfall,
        at < 0 ? null : scalp.head().nearestPlace(scalp.pointMm(at)),
        doses);
  }

  private static List<Extent> extents(Plan plan, Workbench bench, Stock left) {
    return plan.sections().stream()
        .map(s -> Extent.of(s.id(), bench.zone(plan.region(s.id())), left.longest()))
        .toList();
  }

  private static List<Reading> wishes(Plan plan, Scalp scalp, Stock state) {
    return Reading.all(plan.wishes(), scalp.head(), plan.hair(), p -> state.endMm(scalp.root(p)));
  }
}
