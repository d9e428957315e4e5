package kitetail.planning;

import java.util.ArrayList;
import java.util.List;
import kitetail.cut.Cut;
import kitetail.cut.Dial;
import kitetail.hair.Stock;
import kitetail.plan.Move;
import kitetail.plan.Plan;
import kitetail.plan.PlanEngine;
import kitetail.plan.Workbench;

/**
 * What to set when a length is asked for at one spot, as by dragging a profile.
 *
 * <p>To have more there, every move that would leave less is let out just so far; to have less, the
 * move that shapes the spot last is taken in. Numbers come out as a hand can set them: whole
 * millimetres, half millimetres over a comb, half guards.
 *
 * @param changes what was turned; empty when nothing helps
 * @param wasMm there before
 * @param gotMm there with the changes
 * @param hadMm the hair before the first move; no more than that can be left
 * @param plan with the changes in it
 */
public record Shaping(
    List<Change> changes, double wantedMm, double wasMm, double gotMm, double hadMm, Plan plan) {
  /** One number turned. */
  public record Change(String move, Dial dial, double from, double to) {}

  /** Less is not seen. */
  private static final double SEEN_MM = 0.25;

  private static final double TAKES_MM = 0.05;
  private static final List<Dial> LENGTHS =
      List.of(Dial.LENGTH, Dial.FAR_LENGTH, Dial.GAP, Dial.GUARD_NUMBER, Dial.RAISE);
  private static final List<Dial> SLOPES = List.of(Dial.LEAN_DEG, Dial.FINGER_DEG, Dial.FAR_LENGTH);

  /**
   * @param bench of a scalp that has the spot as a root
   * @param root the spot
   * @param wantedMm 0 to 1500, dry and straight
   */
  public static Shaping length(Plan plan, Workbench bench, int root, double wantedMm) {
    check(wantedMm);
    Work w = new Work(plan, bench, root);
    double was = w.endMm();
    if (wantedMm > was + SEEN_MM) {
      w.letOut(wantedMm);
    } else if (wantedMm < was - SEEN_MM) {
      w.takeIn(wantedMm);
    }
    return w.done(wantedMm, was);
  }

  /**
   * A slope: what is left at {@code root} changes and at {@code kept} stays, by turning the comb or
   * the fingers of the move that shapes {@code root} last. Nothing changes when that move has
   * nothing that slopes.
   */
  public static Shaping slope(Plan plan, Workbench bench, int kept, int root, double wantedMm) {
    check(wantedMm);
    Work w = new Work(plan, bench, root);
    double was = w.endMm();
    w.lean(kept, wantedMm);
    return w.done(wantedMm, was);
  }

  private static void check(double wantedMm) {
    if (!(wantedMm >= 0 && wantedMm <= 1500)) {
      throw new IllegalArgumentException("wantedMm must be 0 to 1500, was " + wantedMm);
    }
  }

  private static double low(Dial d) {
    return switch (d) {
      case RAISE -> -300;
      case LEAN_DEG -> -20;
      case FINGER_DEG -> -60;
      default -> 0;
    };
  }

  private static double high(Dial d) {
    return switch (d) {
      case GAP, FINGER_DEG -> 60;
      case GUARD_NUMBER -> 12;
      case RAISE -> 40;
      case LEAN_DEG -> 80;
      default -> 400;
    };
  }

  private static final class Work {
    private final Workbench bench;
    private final int root;
    private final Plan before;
    private final List<Change> changes = new ArrayList<>();
    private Plan plan;

    Work(Plan plan, Workbench bench, int root) {
      this.before = plan;
      this.plan = plan;
      this.bench = bench;
      this.root = root;
    }

    Shaping done(double wanted, double was) {
      double had = PlanEngine.start(before, bench).longest()[root];
      return new Shaping(List.copyOf(changes), wanted, was, endMm(), had, plan);
    }

    double endMm() {
      List<Stock> states = PlanEngine.states(plan, bench);
      return states.get(states.size() - 1).longest()[root];
    }

    void letOut(double wanted) {
      Stock state = PlanEngine.start(plan, bench);
      for (int m = 0; m < plan.moves().size(); m++) {
        Stock after = PlanEngine.next(plan, bench, plan.moves().get(m), state);
        double takes = state.longest()[root] - after.longest()[root];
        if (takes > TAKES_MM && after.longest()[root] < wanted - TAKES_MM) {
          set(m, state, Math.min(wanted, state.longest()[root]));
          after = PlanEngine.next(plan, bench, plan.moves().get(m), state);
        }
        state = after;
      }
    }

    void takeIn(double wanted) {
      List<Stock> states = PlanEngine.states(plan, bench);
      int last = shapes(states);
      if (last >= 0 && set(last, states.get(last), wanted)) {
        return;
      }
      for (int m = plan.moves().size() - 1; m >= 0; m--) {
        if (m != last && works(m) && set(m, states.get(m), wanted)) {
          return;
        }
      }
    }

    /** The last move that takes hair at the spot; −1 when none does. */
    private int shapes(List<Stock> states) {
      for (int m = plan.moves().size() - 1; m >= 0; m--) {
        if (states.get(m).longest()[root] - states.get(m + 1).longest()[root] > TAKES_MM) {
          return m;
        }
      }
      return -1;
    }

    private boolean works(int m) {
      for (int i : bench.zone(plan.region(plan.moves().get(m).section())).roots()) {
        if (i == root) {
          return true;
        }
      }
      return false;
    }

    private double leaves(Move move, Stock state, int at) {
      return PlanEngine.next(plan, bench, move, state).longest()[at];
    }

    /** What a move leaves at a root with one number turned; NaN where that is not allowed. */
    private double leaves(Move move, Dial d, double value, Stock state, int at) {
      try {
        return leaves(move.with(move.cut().turned(d, value)), state, at);
      } catch (IllegalArgumentException e) {
        // Outside the range this number has in this cut.
        return Double.NaN;
      }
    }

    /** Turns the number of a move that has most to say at the spot; false when none does. */
    private boolean set(int m, Stock state, double wanted) {
      Move move = plan.moves().get(m);
      Dial best = null;
      double most = 0.02;
      for (Dial d : LENGTHS) {
        double v = move.cut().dial(d);
        if (!Double.isNaN(v)) {
          double effect =
              Math.max(
                  moved(move, d, v, d.handStep(), state), moved(move, d, v, -d.handStep(), state));
          if (effect > most) {
            most = effect;
            best = d;
          }
        }
      }
      if (best == null) {
        return false;
      }
      double from = move.cut().dial(best);
      double to = solved(move, best, state, root, wanted);
      if (Double.isNaN(to) || Math.abs(to - from) < 1e-9) {
        return false;
      }
      turn(m, best, to);
      return true;
    }

    private double moved(Move move, Dial d, double v, double by, Stock state) {
      double there = leaves(move, d, v + by, state, root);
      return Double.isNaN(there) ? 0 : Math.abs(there - leaves(move, state, root)) / Math.abs(by);
    }

    /** The value, as a hand can set it, that leaves nearest to what is wanted. */
    private double solved(Move move, Dial d, Stock state, int at, double wanted) {
      double step = d.handStep();
      double best = Double.NaN;
      double off = Double.MAX_VALUE;
      // A number outside its range in this cut leaves NaN: the ends come in until it does not.
      double low = allowed(move, d, low(d), state, at);
      double high = allowed(move, d, high(d), state, at);
      boolean rising = leaves(move, d, high, state, at) >= leaves(move, d, low, state, at);
      double a = low;
      double b = high;
      while (b - a > step / 4) {
        double mid = (a + b) / 2;
        boolean tooMuch = leaves(move, d, mid, state, at) > wanted;
        if (tooMuch == rising) {
          b = mid;
        } else {
          a = mid;
        }
      }
      for (double v :
          new double[] {
            Math.floor(a / step) * step, Math.ceil(b / step) * step, Math.rint(a / step) * step
          }) {
        double l = v < low || v > high ? Double.NaN : leaves(move, d, v, state, at);
        if (!Double.isNaN(l) && Math.abs(l - wanted) < off - 1e-9) {
          off = Math.abs(l - wanted);
          best = v;
        }
      }
      return best;
    }

    private double allowed(Move move, Dial d, double end, Stock state, int at) {
      double now = move.cut().dial(d);
      double v = end;
      while (Double.isNaN(leaves(move, d, v, state, at)) && Math.abs(v - now) > d.handStep()) {
        v = now + (v - now) * 0.9;
      }
      return v;
    }

    private void turn(int m, Dial d, double to) {
      Move move = plan.moves().get(m);
      double from = move.cut().dial(d);
      if (Math.abs(to - from) < 1e-9) {
        return;
      }
      List<Move> moves = new ArrayList<>(plan.moves());
      moves.set(m, move.with(move.cut().turned(d, to)));
      plan = plan.withMoves(moves);
      changes.add(new Change(move.id(), d, from, to));
    }

    void lean(int kept, double wanted) {
      List<Stock> states = PlanEngine.states(plan, bench);
      int m = shapes(states);
      if (m < 0) {
        return;
      }
      Move move = plan.moves().get(m);
      Stock state = states.get(m);
      Dial slope =
          SLOPES.stream().filter(d -> !Double.isNaN(move.cut().dial(d))).findFirst().orElse(null);
      Dial length = Double.isNaN(move.cut().dial(Dial.GAP)) ? Dial.LENGTH : Dial.GAP;
      if (slope == null || Double.isNaN(move.cut().dial(length))) {
        return;
      }
      double stays = leaves(move, state, kept);
      double best = Double.MAX_VALUE;
      Cut chosen = null;
      double low = slope == Dial.FAR_LENGTH ? 0 : Math.max(low(slope), move.cut().dial(slope) - 45);
      double high =
          slope == Dial.FAR_LENGTH
              ? high(slope)
              : Math.min(high(slope), move.cut().dial(slope) + 45);
      for (double v = Math.ceil(low); v <= high; v++) {
        if (Double.isNaN(leaves(move, slope, v, state, root))) {
          continue;
        }
        Move leant = move.with(move.cut().turned(slope, v));
        double set = solved(leant, length, state, kept, stays);
        if (Double.isNaN(set)) {
          continue;
        }
        Cut cut = leant.cut().turned(length, set);
        double off = Math.abs(leaves(move.with(cut), state, root) - wanted);
        double strays = Math.abs(leaves(move.with(cut), state, kept) - stays);
        if (off + 2 * strays < best) {
          best = off + 2 * strays;
          chosen = cut;
        }
      }
      if (chosen != null) {
        turn(m, slope, chosen.dial(slope));
        turn(m, length, chosen.dial(length));
      }
    }
  }
}
