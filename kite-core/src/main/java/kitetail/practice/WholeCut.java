package kitetail.practice;

import java.util.ArrayList;
import java.util.Arrays;
import java.util.Comparator;
import java.util.HashMap;
import java.util.List;
import java.util.Map;
import java.util.Optional;
import java.util.Random;
import kitetail.cut.Aside;
import kitetail.cut.Cut;
import kitetail.cut.Dial;
import kitetail.cut.Fingers;
import kitetail.cut.Hold;
import kitetail.head.Head;
import kitetail.head.Place;
import kitetail.head.Scalp;
import kitetail.head.Spot;
import kitetail.plan.Ledge;
import kitetail.plan.Move;
import kitetail.plan.Outcome;
import kitetail.plan.Plan;
import kitetail.plan.PlanEngine;
import kitetail.plan.Slip;
import kitetail.plan.Workbench;
import org.jspecify.annotations.Nullable;

/**
 * A shape on a made-up head, led move by move on hair of its own, and gone over in a check round.
 *
 * @param plan the head and its hair, nothing cut
 * @param wished with every move as it is asked
 */
public record WholeCut(int level, Plan plan, Plan wished) implements Task {
  /** So often a move may be gone over. */
  public static final int MOST_TIMES = 4;

  /** How near is good at every named place, easiest level first, mm; assumptions. */
  private static final double[] NEAR_MM = {18, 14, 10, 7, 5};

  /** So many ledges nobody meant may be left; assumptions. */
  private static final int[] LEDGES = {2, 1, 1, 0, 0};

  /** So many degrees tell as much as a millimetre, where it is asked what went wrong most. */
  private static final double DEG_PER_MM = 2.5;

  /** The numbers a hand sets in a move; the rest of it is done as it is asked. */
  private static final List<Dial> BY_HAND =
      List.of(
          Dial.LENGTH,
          Dial.FAR_LENGTH,
          Dial.OFF,
          Dial.ELEVATION_DEG,
          Dial.FINGER_DEG,
          Dial.GAP,
          Dial.LEAN_DEG,
          Dial.GUARD_NUMBER);

  /** Between the id of a move that is gone over and how often. */
  private static final String AGAIN = "~";

  static WholeCut of(long seed, int level, List<Plan> shapes) {
    Random r = MadeUp.numbers(Drill.WHOLE_CUT, seed, level);
    Plan shape = shapes.get(r.nextInt(shapes.size())).withFamily(null);
    Plan on =
        shape.on(
            MadeUp.head(r, 0.15 * level),
            shape.hair(),
            shape.start(),
            shape.wishes(),
            shape.cautions());
    // With a section that is all of the head, to be judged by.
    Plan wished = Slip.put(on, on.moves().size(), List.of());
    return new WholeCut(level, wished.withMoves(List.of()), wished);
  }

  @Override
  public Drill drill() {
    return Drill.WHOLE_CUT;
  }

  /** The numbers of a move that are the hand's. */
  public static List<Dial> byHand(Move m) {
    Cut c = handled(m.cut());
    return BY_HAND.stream().filter(d -> c.dial(d).isPresent()).toList();
  }

  /** What is asked of the hand in such a move, in the number's own unit. */
  public static double asked(Move m, Dial d) {
    return handled(m.cut()).dial(d).orElseThrow().value();
  }

  /**
   * How far a number can be led.
   *
   * @param begins where the hand lies before it is: hair hangs, fingers at its ends, the comb far
   *     off, the longest guard
   */
  public record Reach(double least, double most, double begins) {}

  public Reach reach(Dial d) {
    return switch (d) {
      case ELEVATION_DEG -> new Reach(0, 180, 0);
      case FINGER_DEG -> new Reach(-60, 60, 0);
      case GAP -> new Reach(0, 60, 60);
      case LEAN_DEG -> new Reach(-20, 60, 0);
      case GUARD_NUMBER -> new Reach(0, 12, 12);
      case OFF -> new Reach(0, longestMm(), 0);
      default -> new Reach(0, longestMm(), longestMm());
    };
  }

  /** A whole centimetre that no hair of this head is longer than. */
  private double longestMm() {
    double[] had = PlanEngine.run(plan, Scalp.ofPlaces(Head.of(plan.head()))).afterMm();
    return 10 * Math.ceil(Arrays.stream(had).max().orElseThrow() / 10);
  }

  /** Held straight out is an elevation that can be missed. */
  private static Cut handled(Cut c) {
    return c instanceof Fingers f && f.hold() instanceof Hold.StraightOut
        ? f.with(new Hold.Elevation(90))
        : c;
  }

  @Override
  public Plan after(Tried tried) {
    Map<String, Integer> times = new HashMap<>();
    List<Move> moves = new ArrayList<>();
    for (Tried.Led l : Task.as(Tried.Whole.class, tried).led()) {
      Move m = meant(l.move());
      int n = times.merge(m.id(), 1, Integer::sum);
      if (n > MOST_TIMES) {
        throw new IllegalArgumentException(
            "move \"" + m.id() + "\" may be gone over " + MOST_TIMES + " times at most");
      }
      moves.add(again(m, n).with(led(m, l)));
    }
    return plan.withMoves(moves);
  }

  private Move meant(String id) {
    return wished.moves().stream()
        .filter(m -> m.id().equals(id))
        .findFirst()
        .orElseThrow(() -> new IllegalArgumentException("no move is called \"" + id + "\""));
  }

  /** A move as it is done for the n-th time; what it waits for may have been left out. */
  private static Move again(Move m, int n) {
    return new Move(
        n == 1 ? m.id() : m.id() + AGAIN + n,
        m.name(),
        m.section(),
        m.cut(),
        m.job(),
        List.of(),
        m.damp(),
        m.stand(),
        m.purpose(),
        m.watch(),
        m.askFirst(),
        m.handling());
  }

  private static Cut led(Move m, Tried.Led l) {
    List<Dial> own = byHand(m);
    Cut c = m.cut();
    for (Map.Entry<Dial, Double> d : l.dials().entrySet()) {
      if (!own.contains(d.getKey())) {
        throw new IllegalArgumentException(
            "move \"" + m.id() + "\" has no " + d.getKey() + " to be set by hand");
      }
      if (d.getValue() != asked(m, d.getKey())) {
        c = handled(c).turned(d.getKey(), d.getValue());
      }
    }
    return c;
  }

  /** What of a cut is right and what is not, beside single places. */
  private record Left(Compared all, List<Off> offs, Off worst, double apartMm, int ledges) {}

  private Left left(Tried.Whole tried) {
    Head head = Head.of(plan.head());
    Compared all =
        new Compared(
            wished, after(tried), Slip.WHOLE, new Workbench(Scalp.of(head, Practice.SITES)));
    List<Off> offs = new ArrayList<>();
    double apart = 0;
    for (Place p : Place.values()) {
      offs.add(off(all, p));
      apart = Math.max(apart, off(all, p).by() - off(all, p.mirrored()).by());
    }
    Off worst = offs.stream().max(Comparator.comparingDouble(o -> Math.abs(o.by()))).orElseThrow();
    int ledges = unmeant(all.left) - unmeant(all.wished);
    return new Left(all, List.copyOf(offs), worst, apart, Math.max(0, ledges));
  }

  private static Off off(Compared all, Place p) {
    Head head = all.scalp().head();
    int root = all.scalp().root(p);
    return new Off(p, Spot.of(head, head.place(p)), all.wantMm()[root], all.gotMm()[root]);
  }

  private static int unmeant(Outcome o) {
    return (int) o.ledges().stream().filter(l -> !l.meant()).map(Ledge::near).distinct().count();
  }

  @Override
  public Score score(Tried tried) {
    Tried.Whole c = Task.as(Tried.Whole.class, tried);
    Left left = left(c);
    double near = nearMm();
    boolean good =
        Math.abs(left.worst().by()) <= near
            && left.apartMm() <= near
            && left.ledges() <= LEDGES[level - 1];
    double[] all = left.all().meanAndSpread();
    return new Score(
        left.all().share(),
        good,
        near,
        all[0],
        all[1],
        left.worst(),
        good ? Cause.NONE : cause(c, left),
        left.offs(),
        seen(c),
        judged(c, left));
  }

  /** How near a place has to come to what was asked, mm. */
  public double nearMm() {
    return NEAR_MM[level - 1];
  }

  /**
   * What was off at the worst place, by the last move there that was not led as asked: where it is
   * long of those that were to cut it, where it is short of those that did.
   */
  private Cause cause(Tried.Whole c, Left left) {
    Off worst = left.worst();
    int root = left.all().scalp().root(worst.near());
    Outcome by = worst.by() > 0 ? left.all().wished : left.all().left;
    for (Move at : by.allAt(root)) {
      Move m = meant(at.id().split(AGAIN)[0]);
      List<Tried.Led> of = c.led().stream().filter(l -> l.move().equals(m.id())).toList();
      if (of.isEmpty()) {
        return Cause.LEFT_UNCUT;
      }
      Optional<Strayed> most =
          of.stream()
              .flatMap(l -> l.dials().entrySet().stream())
              .map(d -> new Strayed(d.getKey(), d.getValue() - asked(m, d.getKey())))
              .filter(s -> s.by() != 0)
              .max(Comparator.comparingDouble(Strayed::tells));
      if (most.isPresent()) {
        return most.get().cause();
      }
    }
    return c.led().isEmpty() ? Cause.LEFT_UNCUT : Cause.OUT_OF_ORDER;
  }

  /** A number of a move as the hand had it, over what was asked. */
  private record Strayed(Dial dial, double by) {
    double tells() {
      return switch (dial) {
        case ELEVATION_DEG, FINGER_DEG, LEAN_DEG -> Math.abs(by) / DEG_PER_MM;
        default -> Math.abs(by);
      };
    }

    Cause cause() {
      return switch (dial) {
        case ELEVATION_DEG -> by < 0 ? Cause.HELD_LOW : Cause.HELD_HIGH;
        case FINGER_DEG -> by < 0 ? Cause.FINGERS_IN : Cause.FINGERS_OUT;
        case GAP -> by < 0 ? Cause.BEGAN_NEAR : Cause.BEGAN_FAR;
        case LEAN_DEG -> by < 0 ? Cause.LEANED_IN : Cause.LEANED_OUT;
        case GUARD_NUMBER -> Cause.OTHER_GUARD;
        // More off is shorter.
        case OFF -> by > 0 ? Cause.CUT_SHORT : Cause.CUT_LONG;
        default -> by < 0 ? Cause.CUT_SHORT : Cause.CUT_LONG;
      };
    }
  }

  private List<Seen> seen(Tried.Whole c) {
    List<Seen> out = new ArrayList<>();
    for (Tried.Led l : c.led()) {
      Move m = meant(l.move());
      l.dials()
          .forEach(
              (d, v) -> {
                Skill skill = skill(d);
                double off = v - asked(m, d);
                // What was left where it lay, or read off the drawing as something else, is no
                // error of the hand.
                if (skill != null && v != reach(d).begins() && Math.abs(off) <= skill.most()) {
                  out.add(new Seen(skill, off));
                }
              });
    }
    return out;
  }

  /** Which guard is taken, and what is taken off what is there, teach nothing. */
  private static @Nullable Skill skill(Dial d) {
    return switch (d) {
      case ELEVATION_DEG -> Skill.ELEVATION;
      case FINGER_DEG -> Skill.FINGERS;
      case GAP -> Skill.COMB_GAP;
      case LEAN_DEG -> Skill.COMB_LEAN;
      case LENGTH, FAR_LENGTH -> Skill.FINGER_LENGTH;
      default -> null;
    };
  }

  /**
   * What a cut is judged by as a whole.
   *
   * @param met named places within {@link #nearMm()} of what was asked
   * @param apartMm how much farther left and right are apart than they were to be, at the worst
   * @param ledges steps nobody meant, over those the shape has itself
   * @param minutes a practised hand takes for it on a client
   * @param found places that are off and that the check round found
   * @param missed places that are off and that it did not find
   * @param sound places it called not right that are
   */
  public record Judged(
      int met,
      int places,
      double apartMm,
      int ledges,
      double minutes,
      List<Place> found,
      List<Place> missed,
      List<Place> sound) {}

  private Judged judged(Tried.Whole c, Left left) {
    List<Place> off =
        left.offs().stream().filter(o -> Math.abs(o.by()) > nearMm()).map(Off::near).toList();
    List<Place> said = c.notRight();
    return new Judged(
        left.offs().size() - off.size(),
        left.offs().size(),
        left.apartMm(),
        left.ledges(),
        left.all().wished.minutes(),
        off.stream().filter(said::contains).toList(),
        off.stream().filter(p -> !said.contains(p)).toList(),
        said.stream().filter(p -> !off.contains(p)).toList());
  }

  /** Whether something comes off in a move, or the ends are softened. */
  public static boolean cuts(Move m) {
    return !(m.cut() instanceof Aside);
  }
}
