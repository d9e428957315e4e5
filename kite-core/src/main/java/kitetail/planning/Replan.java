package kitetail.planning;

import java.util.ArrayList;
import java.util.Comparator;
import java.util.List;
import java.util.Map;
import java.util.Optional;
import java.util.stream.IntStream;
import kitetail.cut.Cut;
import kitetail.cut.Dial;
import kitetail.cut.Dialled;
import kitetail.geom.Smooth;
import kitetail.geom.Vec3;
import kitetail.hair.Stock;
import kitetail.head.Place;
import kitetail.head.Scalp;
import kitetail.plan.Move;
import kitetail.plan.Plan;
import kitetail.plan.PlanEngine;
import kitetail.plan.Workbench;
import kitetail.work.Deadline;

/**
 * After a slip or a measured difference: the fewest and smallest changes to the rest that bring the
 * shape back, or how many weeks restore it.
 *
 * <p>The shape is back when no place differs from its planned length by more than its opposite and
 * its neighbours do, give or take a tolerance: a cut that is shorter all over still has its shape.
 * Moves still to come may be set anew; moves already done may be gone over once more, shorter. All
 * single changes are tried, then all pairs, and the fewest that do are taken; among those, the ones
 * that take least hair.
 *
 * @param changes what to do; empty when nothing needs to change or nothing helps
 * @param restored true when the shape is back within the tolerance
 * @param offMm how far from it at most without the changes
 * @param leftMm how far from it at most with them
 * @param shorterMm by how much it comes out shorter than planned at most, with the changes, though
 *     the shape may hold: what goes by a guide follows it
 * @param shorterAt where that is
 * @param weeks until the slip has grown out, if nothing is changed
 * @param plan what is still to do, the changes in it: moves gone over come first
 */
public record Replan(
    List<Change> changes,
    boolean restored,
    double offMm,
    double leftMm,
    double shorterMm,
    Place shorterAt,
    double weeks,
    List<Move> plan) {
  /** The shape is held to this; an assumption. */
  public static final double TOLERANCE_MM = 4;

  /** Neighbours lie within this of each other. */
  private static final double NEIGHBOUR_MM = 75;

  /** And so many of the nearest are neighbours however far they lie. */
  /** So far a number of a move still to do is turned either way. */
  private static final double AWAY = 40;

  private static final int NEAREST = 3;

  /** A slip fades out over this distance. */
  private static final double SLIP_MM = 55;

  /**
   * @param again true when a move already done is gone over once more
   */
  public record Change(String move, Dial dial, double from, double to, boolean again) {}

  /**
   * @param places a bench of the named places of the plan's head
   * @param done how many moves are done
   * @param measuredMm what is really there at some places after them, mm dry and straight
   */
  public static Replan after(Plan plan, Workbench places, int done, Map<Place, Double> measuredMm) {
    if (done < 0 || done > plan.moves().size()) {
      throw new IllegalArgumentException(
          "done must be 0 to " + plan.moves().size() + ", was " + done);
    }
    measuredMm.forEach(
        (p, mm) -> {
          if (!(mm >= 0 && mm <= 1500)) {
            throw new IllegalArgumentException(
                "measuredMm at " + p + " must be 0 to 1500, was " + mm);
          }
        });
    return new Work(plan, places, done, measuredMm).find();
  }

  /**
   * The plan as it goes on: its moves up to {@code done}, then what is still to do. A move gone
   * over once more is a move of its own, the client asked before it.
   */
  public Plan applied(Plan before, int done) {
    List<Move> all = new ArrayList<>(before.moves().subList(0, done));
    for (Move m : plan) {
      String id = m.id();
      while (taken(all, id)) {
        id += "Again";
      }
      all.add(
          id.equals(m.id())
              ? m
              : new Move(
                  id,
                  m.name() + ", once more",
                  m.section(),
                  m.cut(),
                  m.job(),
                  List.of(m.id()),
                  m.damp(),
                  m.stand(),
                  m.purpose(),
                  m.watch(),
                  true,
                  m.handling()));
    }
    return before.withMoves(all);
  }

  private static boolean taken(List<Move> all, String id) {
    return all.stream().anyMatch(m -> m.id().equals(id));
  }

  /** A number that may be changed. */
  private record Choice(int move, Dial dial, double value, double low, double high) {}

  private static final class Work {
    private final Plan plan;
    private final Workbench bench;
    private final int done;
    private final Scalp scalp;
    private final Stock slipped;
    private final double[] planned;
    private final double slipMm;
    private final int[] pairs;

    Work(Plan plan, Workbench bench, int done, Map<Place, Double> measured) {
      this.plan = plan;
      this.bench = bench;
      this.done = done;
      this.scalp = bench.scalp();
      List<Stock> states = PlanEngine.states(plan, bench);
      this.planned = ends(states.get(states.size() - 1));
      this.slipped = slip(states.get(done), measured);
      this.slipMm =
          measured.entrySet().stream()
              .mapToDouble(e -> states.get(done).longest()[scalp.root(e.getKey())] - e.getValue())
              .max()
              .orElse(0);
      this.pairs = pairs();
    }

    private double[] ends(Stock s) {
      double[] out = new double[Place.values().length];
      for (Place p : Place.values()) {
        out[p.ordinal()] = s.endMm(scalp.root(p));
      }
      return out;
    }

    /** What is measured, fading into what was planned around it. */
    private Stock slip(Stock state, Map<Place, Double> measured) {
      double[] mm = state.longest().clone();
      for (Place p : Place.values()) {
        Vec3 at = scalp.head().place(p);
        double off = 0;
        double most = 0;
        for (Map.Entry<Place, Double> e : measured.entrySet()) {
          double d = at.distanceTo(scalp.head().place(e.getKey()));
          double w = Smooth.step(1 - d / SLIP_MM);
          double o = e.getValue() - state.longest()[scalp.root(e.getKey())];
          if (w > most) {
            most = w;
            off = w * o;
          }
        }
        int root = scalp.root(p);
        mm[root] = Math.max(0, mm[root] + off);
      }
      return Stock.of(mm);
    }

    /** Opposite places, and places that lie side by side. */
    private int[] pairs() {
      return IntStream.range(0, Place.values().length)
          .flatMap(
              i ->
                  IntStream.range(i + 1, Place.values().length)
                      .filter(j -> near(Place.values()[i], Place.values()[j]))
                      .flatMap(j -> IntStream.of(i, j)))
          .toArray();
    }

    private boolean near(Place a, Place b) {
      return a.mirrored() == b
          || distance(a, b) < NEIGHBOUR_MM
          || nearest(a).contains(b)
          || nearest(b).contains(a);
    }

    /** The top has no place close by: every place is held against some. */
    private List<Place> nearest(Place a) {
      return java.util.Arrays.stream(Place.values())
          .filter(b -> b != a)
          .sorted(Comparator.comparingDouble(b -> distance(a, b)))
          .limit(NEAREST)
          .toList();
    }

    private double distance(Place a, Place b) {
      return scalp.head().place(a).distanceTo(scalp.head().place(b));
    }

    private List<Choice> choices() {
      List<Choice> out = new ArrayList<>();
      for (int m = 0; m < plan.moves().size(); m++) {
        Cut c = plan.moves().get(m).cut();
        for (Dial d : List.of(Dial.LENGTH, Dial.GAP, Dial.GUARD_NUMBER)) {
          Optional<Dialled> dial = c.dial(d);
          if (dial.isPresent()) {
            double v = dial.get().value();
            double most = m < done ? v : dial.get().within(v + AWAY);
            out.add(new Choice(m, d, v, dial.get().within(v - AWAY), most));
          }
        }
      }
      return out;
    }

    /** What is still to do with some numbers changed. */
    private List<Move> rest(List<Choice> chosen, double[] x) {
      List<Move> out = new ArrayList<>();
      for (int k = 0; k < x.length; k++) {
        Choice c = chosen.get(k);
        if (c.move < done && x[k] < c.value - 1e-9) {
          Move m = plan.moves().get(c.move);
          out.add(m.with(m.cut().turned(c.dial, x[k])));
        }
      }
      for (int m = done; m < plan.moves().size(); m++) {
        Move move = plan.moves().get(m);
        for (int k = 0; k < x.length; k++) {
          if (chosen.get(k).move == m) {
            move = move.with(move.cut().turned(chosen.get(k).dial, x[k]));
          }
        }
        out.add(move);
      }
      return out;
    }

    private double[] offsets(List<Choice> chosen, double[] x) {
      Stock s = slipped;
      for (Move m : rest(chosen, x)) {
        s = PlanEngine.next(plan, bench, m, s);
      }
      double[] out = ends(s);
      for (int i = 0; i < out.length; i++) {
        out[i] -= planned[i];
      }
      return out;
    }

    private double worst(double[] offsets) {
      double worst = 0;
      for (int k = 0; k < pairs.length; k += 2) {
        worst = Math.max(worst, Math.abs(offsets[pairs[k]] - offsets[pairs[k + 1]]));
      }
      return worst;
    }

    private double[] residuals(List<Choice> chosen, double[] x) {
      double[] o = offsets(chosen, x);
      double[] r = new double[pairs.length / 2 + x.length];
      for (int k = 0; k < pairs.length; k += 2) {
        double d = Math.abs(o[pairs[k]] - o[pairs[k + 1]]);
        r[k / 2] = Math.max(0, d - TOLERANCE_MM / 2);
      }
      for (int k = 0; k < x.length; k++) {
        r[pairs.length / 2 + k] = 0.05 * (x[k] - chosen.get(k).value);
      }
      return r;
    }

    private record Try(List<Choice> chosen, double[] x, double worst, double size) {}

    private Try attempt(List<Choice> chosen) {
      double[] from = chosen.stream().mapToDouble(Choice::value).toArray();
      double[] low = chosen.stream().mapToDouble(Choice::low).toArray();
      double[] high = chosen.stream().mapToDouble(Choice::high).toArray();
      double[] x = Descent.within(y -> residuals(chosen, y), from, low, high);
      double size = 0;
      for (int k = 0; k < x.length; k++) {
        size += Math.abs(x[k] - from[k]);
      }
      return new Try(chosen, x, worst(offsets(chosen, x)), size);
    }

    Replan find() {
      double off = worst(offsets(List.of(), new double[0]));
      Try best = new Try(List.of(), new double[0], off, 0);
      List<Choice> all = choices();
      if (off > TOLERANCE_MM) {
        best = better(best, all.stream().map(List::of).toList());
        if (best.worst > TOLERANCE_MM) {
          best = better(best, twos(all));
        }
      }
      List<Change> changes = new ArrayList<>();
      for (int k = 0; k < best.x.length; k++) {
        Choice c = best.chosen.get(k);
        if (Math.abs(best.x[k] - c.value) > 0.3) {
          changes.add(
              new Change(plan.moves().get(c.move).id(), c.dial, c.value, best.x[k], c.move < done));
        }
      }
      double weeks = Math.max(0, slipMm) / plan.hair().growthMmPerDay() / 7;
      double[] end = offsets(best.chosen, best.x);
      int at = 0;
      for (int i = 0; i < end.length; i++) {
        at = end[i] < end[at] ? i : at;
      }
      return new Replan(
          List.copyOf(changes),
          best.worst <= TOLERANCE_MM,
          off,
          best.worst,
          Math.max(0, -end[at]),
          Place.values()[at],
          weeks,
          List.copyOf(rest(best.chosen, best.x)));
    }

    private Try better(Try so, List<List<Choice>> sets) {
      Deadline until = Deadline.current();
      return java.util.stream.Stream.concat(
              java.util.stream.Stream.of(so),
              sets.stream().parallel().map(s -> until.during(() -> attempt(s))))
          .min(
              Comparator.<Try>comparingDouble(t -> Math.max(TOLERANCE_MM, t.worst))
                  .thenComparingDouble(Try::size))
          .orElse(so);
    }

    /** Pairs of changes, those that help by themselves first; so many as there is time for. */
    private List<List<Choice>> twos(List<Choice> all) {
      List<Choice> telling =
          all.stream()
              .filter(c -> matters(c))
              .sorted(Comparator.comparingInt(Choice::move))
              .toList();
      List<List<Choice>> out = new ArrayList<>();
      for (int i = 0; i < telling.size(); i++) {
        for (int j = i + 1; j < telling.size(); j++) {
          out.add(List.of(telling.get(i), telling.get(j)));
        }
      }
      return out;
    }

    /** True when turning a number down changes anything at a named place. */
    private boolean matters(Choice c) {
      double[] a = offsets(List.of(), new double[0]);
      double[] b = offsets(List.of(c), new double[] {Math.max(c.low, c.value - 6)});
      return IntStream.range(0, a.length).anyMatch(i -> Math.abs(a[i] - b[i]) > 0.5);
    }
  }
}
