package kitetail.planning;

import java.util.ArrayList;
import java.util.Collections;
import java.util.Comparator;
import java.util.EnumMap;
import java.util.List;
import java.util.Map;
import java.util.concurrent.atomic.AtomicInteger;
import java.util.function.Function;
import java.util.function.IntConsumer;
import kitetail.client.Wishes;
import kitetail.cut.Aside;
import kitetail.cut.Fingers;
import kitetail.cut.Texture;
import kitetail.fall.Styling;
import kitetail.hair.Stock;
import kitetail.head.Place;
import kitetail.plan.Family;
import kitetail.plan.Plan;
import kitetail.plan.PlanEngine;
import kitetail.plan.SitDown;
import kitetail.plan.Workbench;
import kitetail.work.Deadline;
import org.jspecify.annotations.Nullable;

/** Families held against one client, best first, each with its reasons. */
public final class Ranking {
  /** What counts against a family, in mm of missed wish; assumptions. */
  private static final double A_WEEK = 1.5;

  private static final double NEEDS = 25;
  private static final double LEFT_ALONE = 20;
  private static final double OTHERWISE = 12;
  private static final double UPKEEP = 8;
  private static final double A_WEEK_SOONER = 3;

  /** A hand sets whole millimetres. */
  private static final double ROUNDING_MM = 1.5;

  private static final double ALL_OPEN = 20;

  /** What a hand strays farther than others is told from here on. */
  private static final double TOLD_MM = 1;

  /** Firmer is done with product and dryer. */
  private static final double FIRM = 0.5;

  private Ranking() {}

  /** What a reason is about. */
  public enum Kind {
    /** The client's wish farthest from met; mm. */
    WORST_WISH,
    /** All wishes are met; the largest error, mm. */
    WISHES_MET,
    /** The shape waits for hair to grow; weeks. */
    GROW_FIRST,
    /** Hair too thin for the family; hairs per cm² missing. */
    TOO_THIN,
    /** Hair too straight or too curly for it. */
    WRONG_CURL,
    /** It cuts where nothing is to be cut; mm. */
    CUTS_LEFT_ALONE,
    /** More comes off than the client lets go; mm over it. */
    TAKES_TOO_MUCH,
    /** It is made to be worn another way than the client wears it. */
    WORN_OTHERWISE,
    /** It wants more done in the morning than the client does. */
    MORE_UPKEEP,
    /** It has grown out before the client comes again; weeks too soon. */
    BACK_SOONER,
    /** Most of it is cut with open blades, on a client who moves a lot; share of its cuts. */
    OPEN_BLADES,
    /** This hand strays farther in it than usual hands do; mm farther, where it is most. */
    HAND_STRAYS
  }

  /**
   * @param place null when it is not about one
   */
  public record Why(Kind kind, @Nullable Place place, double amount) {}

  /**
   * One family for this client.
   *
   * @param score what counts against it, in mm; the less the better
   * @param reasons most telling first
   * @param reach when there is hair for it
   */
  public record Ranked(Planner.Fit fit, double score, List<Why> reasons, Reach reach) {
    public Family family() {
      return fit.plan().family();
    }
  }

  /**
   * @param places a bench of the named places of the client's head
   * @param fit fits one plan, or knows the answer; asked for several at once
   * @param hands that will cut it
   * @param done told how many are done, one after another
   */
  public static List<Ranked> of(
      Workbench places,
      SitDown client,
      List<Plan> families,
      Function<Plan, Planner.Fit> fit,
      Hands hands,
      IntConsumer done) {
    AtomicInteger count = new AtomicInteger();
    Deadline until = Deadline.current();
    List<Ranked> out =
        new ArrayList<>(
            families.parallelStream()
                .map(
                    f -> {
                      Plan made = client.planOf(f);
                      Ranked r = of(made, until.during(() -> fit.apply(made)), places, hands);
                      synchronized (count) {
                        done.accept(count.incrementAndGet());
                      }
                      return r;
                    })
                .toList());
    // Less than a millimetre tells nothing: such families stay in the order they came in.
    out.sort(Comparator.comparingDouble(r -> Math.rint(r.score())));
    return List.copyOf(out);
  }

  /**
   * One shape held against its client.
   *
   * @param made the shape on the client, before it was fitted
   * @param hands that will cut it
   */
  public static Ranked of(Plan made, Planner.Fit fit, Workbench places, Hands hands) {
    List<Why> why = new ArrayList<>();
    double score = fit.rmsMm();
    Planner.Unmet worst = null;
    for (Planner.Unmet u : fit.unmet()) {
      double off = Math.abs(u.needMm() - u.getsMm());
      boolean cut = u.reason() != Planner.Reason.TOO_SHORT;
      if (cut && u.asked() && (worst == null || off > Math.abs(worst.needMm() - worst.getsMm()))) {
        worst = u;
      }
    }
    score += needs(fit.plan(), why);
    Reach reach = Reach.of(fit, places);
    Map<Place, Double> taken = taken(fit.plan(), places);
    score += leftAlone(fit.plan().wishes(), taken, why);
    score += tooMuch(fit.plan().wishes(), taken, why);
    score += worn(made, why);
    score += sooner(fit.plan(), places, why);
    score += openBlades(fit.plan(), why);
    score += strays(fit.plan(), places, hands, why);
    if (reach.weeks() > 0) {
      score += A_WEEK * reach.weeks();
      why.add(new Why(Kind.GROW_FIRST, reach.place(), reach.weeks()));
    }
    if (worst != null) {
      double off = worst.getsMm() - worst.needMm();
      score += Math.abs(off);
      why.add(new Why(Kind.WORST_WISH, worst.place(), off));
    } else {
      why.add(new Why(Kind.WISHES_MET, null, fit.worstMm()));
    }
    return new Ranked(fit, score, List.copyOf(why), reach);
  }

  private static double needs(Plan plan, List<Why> why) {
    Family.Needs needs = plan.family().needs();
    double counts = 0;
    double missing = needs.minDensityPerCm2() - plan.hair().densityPerCm2();
    if (missing > 0) {
      why.add(new Why(Kind.TOO_THIN, null, missing));
      counts += NEEDS;
    }
    double curl = plan.hair().wetDry().curlRatio();
    if (curl > needs.maxCurlRatio() || curl < needs.minCurlRatio()) {
      why.add(new Why(Kind.WRONG_CURL, null, curl));
      counts += NEEDS;
    }
    return counts;
  }

  /** What comes off at the named places, mm. */
  private static Map<Place, Double> taken(Plan plan, Workbench places) {
    List<Stock> states = PlanEngine.states(plan, places);
    double[] before = states.get(0).longest();
    double[] after = states.get(states.size() - 1).longest();
    Map<Place, Double> out = new EnumMap<>(Place.class);
    for (Place p : Place.values()) {
      int root = places.scalp().root(p);
      out.put(p, before[root] - after[root]);
    }
    return out;
  }

  private static double leftAlone(Wishes w, Map<Place, Double> taken, List<Why> why) {
    double counts = 0;
    for (Place p : w.leaveAlone()) {
      if (taken.get(p) > 1) {
        why.add(new Why(Kind.CUTS_LEFT_ALONE, p, taken.get(p)));
        counts += LEFT_ALONE;
      }
    }
    return counts;
  }

  private static double tooMuch(Wishes w, Map<Place, Double> taken, List<Why> why) {
    Map.Entry<Place, Double> most = Collections.max(taken.entrySet(), Map.Entry.comparingByValue());
    double over = most.getValue() - w.mostOffMm();
    if (over <= ROUNDING_MM) {
      return 0;
    }
    why.add(new Why(Kind.TAKES_TOO_MUCH, most.getKey(), over));
    return over;
  }

  /**
   * @param made the shape as it is made to be worn, before it is worn as the client wears hair
   */
  private static double worn(Plan made, List<Why> why) {
    Wishes w = made.wishes();
    Styling s = made.styling();
    double counts = 0;
    if (!w.worn().isEmpty() && s.way() != Styling.Way.NATURAL && !w.worn().contains(way(s))) {
      why.add(new Why(Kind.WORN_OTHERWISE, null, 0));
      counts += OTHERWISE;
    }
    boolean dries = s.dried() != Styling.Dried.AIR && s.dried() != Styling.Dried.CLOTH;
    boolean product = s.productShare() > 0 && s.hold() >= FIRM;
    boolean less =
        w.upkeep() == Wishes.Upkeep.NOTHING && (dries || s.productShare() > 0)
            || w.upkeep() == Wishes.Upkeep.HANDS && dries && s.hold() >= FIRM
            || w.upkeep() == Wishes.Upkeep.DRYER && product;
    if (less) {
      why.add(new Why(Kind.MORE_UPKEEP, null, 0));
      counts += UPKEEP;
    }
    return counts;
  }

  private static Wishes.Worn way(Styling s) {
    return switch (s.way()) {
      case FORWARD -> Wishes.Worn.FORWARD;
      case BACK -> Wishes.Worn.BACK;
      case UP -> Wishes.Worn.UP;
      default -> Wishes.Worn.SIDE;
    };
  }

  /** Guards and combs keep the blade off who moves. */
  private static double openBlades(Plan plan, List<Why> why) {
    long cuts = plan.moves().stream().filter(m -> !(m.cut() instanceof Aside)).count();
    long open =
        plan.moves().stream()
            .filter(m -> m.cut() instanceof Fingers || m.cut() instanceof Texture)
            .count();
    double share = (double) open / Math.max(1, cuts);
    if (!plan.lively()) {
      return 0;
    }
    if (share > 0.5) {
      why.add(new Why(Kind.OPEN_BLADES, null, share));
    }
    return ALL_OPEN * share;
  }

  /** How much farther it comes out off the plan than under usual hands, mm, over all places. */
  private static double strays(Plan plan, Workbench places, Hands hands, List<Why> why) {
    if (hands.equals(Hands.USUAL)) {
      return 0;
    }
    double[] own = Risk.spreadMm(plan, places, hands);
    double[] usual = Risk.spreadMm(plan, places, Hands.USUAL);
    double sum = 0;
    double most = TOLD_MM;
    Place worst = null;
    for (Place p : Place.values()) {
      int root = places.scalp().root(p);
      double farther = own[root] - usual[root];
      sum += farther;
      if (farther > most) {
        most = farther;
        worst = p;
      }
    }
    if (worst != null) {
      why.add(new Why(Kind.HAND_STRAYS, worst, most));
    }
    return sum / Place.values().length;
  }

  private static double sooner(Plan plan, Workbench places, List<Why> why) {
    Integer hold = plan.wishes().holdWeeks();
    if (hold == null) {
      return 0;
    }
    double weeks = hold - Outgrown.of(plan, PlanEngine.run(plan, places)).returnTo();
    if (weeks < 1) {
      return 0;
    }
    why.add(new Why(Kind.BACK_SOONER, null, weeks));
    return A_WEEK_SOONER * weeks;
  }
}
