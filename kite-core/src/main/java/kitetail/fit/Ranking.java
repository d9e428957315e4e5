package kitetail.fit;

import java.util.ArrayList;
import java.util.Comparator;
import java.util.List;
import java.util.concurrent.atomic.AtomicInteger;
import java.util.function.Function;
import java.util.function.IntConsumer;
import kitetail.hair.Stock;
import kitetail.head.Head;
import kitetail.head.Place;
import kitetail.head.Scalp;
import kitetail.plan.Family;
import kitetail.plan.Plan;
import kitetail.plan.PlanEngine;
import kitetail.plan.SitDown;
import kitetail.plan.Workbench;
import kitetail.wish.Reading;
import kitetail.wish.Wish;
import kitetail.wish.Wishes;

/** Families held against one client, best first, each with its reasons. */
public final class Ranking {
  /** What counts against a family, in mm of missed wish; assumptions. */
  private static final double A_WEEK = 1.5;

  private static final double NEEDS = 25;
  private static final double LEFT_ALONE = 20;

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
    CUTS_LEFT_ALONE
  }

  /**
   * @param place null when it is not about one
   */
  public record Why(Kind kind, Place place, double amount) {}

  /**
   * One family for this client.
   *
   * @param score what counts against it, in mm; the less the better
   * @param reasons most telling first
   */
  public record Ranked(Planner.Fit fit, double score, List<Why> reasons) {
    public Family family() {
      return fit.plan().family();
    }
  }

  /**
   * @param families each a plan with a family
   * @param done told how many are fitted so far
   */
  public static List<Ranked> of(SitDown client, List<Plan> families, IntConsumer done) {
    Workbench places = new Workbench(Scalp.ofPlaces(Head.of(client.head())));
    return of(places, client, families, p -> Planner.fit(p, places), done);
  }

  /**
   * @param places a bench of the named places of the client's head
   * @param fit fits one plan, or knows the answer; asked for several at once
   * @param done told how many are done, one after another
   */
  public static List<Ranked> of(
      Workbench places,
      SitDown client,
      List<Plan> families,
      Function<Plan, Planner.Fit> fit,
      IntConsumer done) {
    AtomicInteger count = new AtomicInteger();
    List<Ranked> out =
        new ArrayList<>(
            families.parallelStream()
                .map(
                    f -> {
                      Ranked r = rank(fit.apply(client.planOf(f)), places);
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

  private static Ranked rank(Planner.Fit fit, Workbench places) {
    List<Why> why = new ArrayList<>();
    double score = fit.rmsMm();
    Planner.Unmet worst = null;
    double weeks = 0;
    Place waits = null;
    for (Planner.Unmet u : fit.unmet()) {
      double off = Math.abs(u.needMm() - u.getsMm());
      if (u.reason() == Planner.Reason.TOO_SHORT) {
        if (u.weeks() > weeks) {
          weeks = u.weeks();
          waits = u.place();
        }
      } else if (u.asked() && (worst == null || off > Math.abs(worst.needMm() - worst.getsMm()))) {
        worst = u;
      }
    }
    score += needs(fit.plan(), why);
    List<Reading> missing =
        Reading.all(
            Wishes.of(fit.plan().family().needs().atLeast().toArray(Wish[]::new)),
            places.scalp().head(),
            fit.plan().hair(),
            p -> PlanEngine.start(fit.plan(), places).endMm(places.scalp().root(p)));
    for (Reading r : missing) {
      if (r.weeks() > weeks) {
        weeks = r.weeks();
        waits = r.wish().place();
      }
    }
    score += leftAlone(fit.plan(), places, why);
    if (weeks > 0) {
      score += A_WEEK * weeks;
      why.add(new Why(Kind.GROW_FIRST, waits, weeks));
    }
    if (worst != null) {
      double off = worst.getsMm() - worst.needMm();
      score += Math.abs(off);
      why.add(new Why(Kind.WORST_WISH, worst.place(), off));
    } else {
      why.add(new Why(Kind.WISHES_MET, null, fit.worstMm()));
    }
    return new Ranked(fit, score, List.copyOf(why));
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

  private static double leftAlone(Plan plan, Workbench places, List<Why> why) {
    List<Stock> states = PlanEngine.states(plan, places);
    double counts = 0;
    for (Place p : plan.wishes().leaveAlone()) {
      int root = places.scalp().root(p);
      double off = states.get(0).longest()[root] - states.get(states.size() - 1).longest()[root];
      if (off > 1) {
        why.add(new Why(Kind.CUTS_LEFT_ALONE, p, off));
        counts += LEFT_ALONE;
      }
    }
    return counts;
  }
}
