package kitetail.planning;

import java.util.ArrayList;
import java.util.List;
import java.util.Optional;
import kitetail.cut.Cut;
import kitetail.cut.Dial;
import kitetail.cut.Dialled;
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

  /** Longer hair is not shaped from a spot; a search has to end somewhere. */
  private static final double MOST_MM = 400;

  /** So far from where it leans a comb or a finger is tried either way. */
  private static final double LEANS_DEG = 45;

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

    /** What a move leaves at a root with one number turned. */
    private double leaves(Move move, Dial d, double value, Stock state, int at) {
      return leaves(move.with(move.cut().turned(d, value)), state, at);
    }

    /** Turns the number of a move that has most to say at the spot; false when none does. */
    private boolean set(int m, Stock state, double wanted) {
      Move move = plan.moves().get(m);
      Dial best = null;
      double most = 0.02;
      for (Dial d : LENGTHS) {
        Optional<Dialled> v = move.cut().dial(d);
        if (v.isPresent()) {
          double effect =
              Math.max(
                  moved(move, d, v.get(), d.handStep(), state),
                  moved(move, d, v.get(), -d.handStep(), state));
          if (effect > most) {
            most = effect;
            best = d;
          }
        }
      }
      if (best == null) {
        return false;
      }
      return turn(m, best, solved(move, best, state, root, wanted));
    }

    private double moved(Move move, Dial d, Dialled v, double by, Stock state) {
      return v.allows(v.value() + by)
          ? Math.abs(leaves(move, d, v.value() + by, state, root) - leaves(move, state, root))
              / Math.abs(by)
          : 0;
    }

    /** The value, as a hand can set it, that leaves nearest to what is wanted. */
    private double solved(Move move, Dial d, Stock state, int at, double wanted) {
      double step = d.handStep();
      Dialled now = move.cut().dial(d).orElseThrow();
      double best = now.value();
      double off = Double.MAX_VALUE;
      double low = now.least();
      double high = Math.min(now.most(), MOST_MM);
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
        if (v < low || v > high) {
          continue;
        }
        double l = leaves(move, d, v, state, at);
        if (Math.abs(l - wanted) < off - 1e-9) {
          off = Math.abs(l - wanted);
          best = v;
        }
      }
      return best;
    }

    /** False when it stands so already. */
    private boolean turn(int m, Dial d, double to) {
      Move move = plan.moves().get(m);
      double from = move.cut().dial(d).orElseThrow().value();
      if (Math.abs(to - from) < 1e-9) {
        return false;
      }
      List<Move> moves = new ArrayList<>(plan.moves());
      moves.set(m, move.with(move.cut().turned(d, to)));
      plan = plan.withMoves(moves);
      changes.add(new Change(move.id(), d, from, to));
      return true;
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
          SLOPES.stream().filter(d -> move.cut().dial(d).isPresent()).findFirst().orElse(null);
      Dial length = move.cut().dial(Dial.GAP).isPresent() ? Dial.GAP : Dial.LENGTH;
      if (slope == null || move.cut().dial(length).isEmpty()) {
        return;
      }
      Dialled leans = move.cut().dial(slope).orElseThrow();
      double stays = leaves(move, state, kept);
      double best = Double.MAX_VALUE;
      Cut chosen = null;
      boolean angle = slope.unit() == Dial.Unit.DEGREES;
      double low = angle ? leans.within(leans.value() - LEANS_DEG) : leans.least();
      double high = angle ? leans.within(leans.value() + LEANS_DEG) : leans.within(MOST_MM);
      for (double v = Math.ceil(low); v <= high; v++) {
        Move leant = move.with(move.cut().turned(slope, v));
        double set = solved(leant, length, state, kept, stays);
        Cut cut = leant.cut().turned(length, set);
        double off = Math.abs(leaves(move.with(cut), state, root) - wanted);
        double strays = Math.abs(leaves(move.with(cut), state, kept) - stays);
        if (off + 2 * strays < best) {
          best = off + 2 * strays;
          chosen = cut;
        }
      }
      if (chosen != null) {
        turn(m, slope, chosen.dial(slope).orElseThrow().value());
        turn(m, length, chosen.dial(length).orElseThrow().value());
      }
    }
  }
}
