package kitetail.check;

import java.util.ArrayList;
import java.util.Collection;
import java.util.LinkedHashMap;
import java.util.List;
import java.util.Map;
import kitetail.cut.Fingers;
import kitetail.cut.Spot;
import kitetail.head.Place;
import kitetail.plan.Extent;
import kitetail.plan.Job;
import kitetail.plan.Jumps;
import kitetail.plan.Outcome;
import kitetail.plan.Plan;
import kitetail.plan.Seam;
import kitetail.section.Facing;
import kitetail.section.Parting;

/**
 * What to check when the cut is done, in order: what slipped, then seams, then the last bites of
 * each section, each section across the way it was cut, and left against right.
 */
public record CheckRound(List<Item> items) {
  /** A section is checked to this or its share of the length; assumptions. */
  private static final double LEAST_MM = 3;

  private static final double SHARE = 0.05;

  /** A section that holds less of the scalp is small; an assumption. */
  private static final double SMALL_SHARE = 0.07;

  private static final double USUAL_BITE_MM = 12.7;

  /** What an item looks at. */
  public enum Kind {
    SLIP,
    SEAM,
    LAST_BITE,
    ACROSS,
    BALANCE
  }

  /** How the hair is parted for it. */
  public enum Way {
    LEVEL,
    UPRIGHT,
    DIAGONAL,
    ROUND,
    NONE
  }

  /**
   * @param sections ids of what it is about; empty for balance
   * @param place where, on the left for balance
   * @param way how to part for it: across the way the section was cut
   * @param expectMm length to be found there; on the left for balance
   * @param otherMm on the right for balance, of the shorter section at a seam, on the other side
   *     for a slip; else 0
   * @param toleranceMm take only what stands out by more
   * @param levelOffMm how much higher the right ear sits than the left where ears mislead; else 0
   */
  public record Item(
      Kind kind,
      List<String> sections,
      Place place,
      Way way,
      double expectMm,
      double otherMm,
      double toleranceMm,
      double levelOffMm) {}

  public static CheckRound of(Plan plan, Outcome o) {
    Evidence all = new Evidence(plan, o, null);
    List<Item> items = new ArrayList<>(slips(plan, all));
    for (Seam s : o.seams()) {
      boolean jump = o.jumps().stream().anyMatch(j -> same(j, s));
      if (!jump) {
        items.add(
            new Item(
                Kind.SEAM,
                List.of(s.one(), s.other()),
                s.near(),
                Way.NONE,
                s.shorterMm() + s.mm(),
                s.shorterMm(),
                tolerance(s.shorterMm(), USUAL_BITE_MM),
                0));
      }
    }
    List<Item> across = new ArrayList<>();
    for (Outcome.Step step : lastOfEachSection(o)) {
      fingers(o, step, (Fingers) step.cut(), items, across);
    }
    items.addAll(across);
    double ears = Balance.earsMm(o.scalp().head());
    for (Place left : Balance.PAIRS) {
      double l = all.meanEndMm(left);
      double r = all.meanEndMm(left.mirrored());
      items.add(
          new Item(
              Kind.BALANCE,
              List.of(),
              left,
              Way.NONE,
              l,
              r,
              tolerance(Math.min(l, r), USUAL_BITE_MM),
              Balance.atTheEar(left) ? ears : 0));
    }
    return new CheckRound(List.copyOf(items));
  }

  /** Each place that slipped, once. */
  private static List<Item> slips(Plan plan, Evidence all) {
    return plan.moves().stream()
        .filter(m -> m.job() == Job.SLIP)
        .map(m -> ((Spot) m.cut()).place())
        .distinct()
        .map(
            p -> {
              double here = all.meanEndMm(p);
              double there = all.meanEndMm(p.mirrored());
              double least = tolerance(Math.min(here, there), USUAL_BITE_MM);
              return new Item(Kind.SLIP, List.of(), p, Way.NONE, here, there, least, 0);
            })
        .toList();
  }

  /**
   * A section is checked as the last move over the fingers left it; small ones are seen with their
   * neighbours, so that the round stays short.
   */
  private static Collection<Outcome.Step> lastOfEachSection(Outcome o) {
    Map<String, Outcome.Step> last = new LinkedHashMap<>();
    double small = SMALL_SHARE * o.scalp().totalAreaMm2();
    List<String> large =
        o.extents().stream().filter(e -> e.areaMm2() >= small).map(Extent::section).toList();
    for (Outcome.Step step : o.steps()) {
      if (step.cut() instanceof Fingers
          && step.cutAreaMm2() > 0
          && large.contains(step.move().section())) {
        last.remove(step.move().section());
        last.put(step.move().section(), step);
      }
    }
    return last.values();
  }

  private static void fingers(
      Outcome o, Outcome.Step step, Fingers f, List<Item> last, List<Item> across) {
    int end = step.roots()[0];
    int mid = step.roots()[step.roots().length / 2];
    double farthest = -Double.MAX_VALUE;
    for (int i : step.roots()) {
      double at = f.parting().atMm(o.scalp().head(), o.scalp().pointMm(i));
      if (at > farthest) {
        farthest = at;
        end = i;
      }
    }
    List<String> section = List.of(step.move().section());
    last.add(item(Kind.LAST_BITE, o, section, end, Way.NONE, f.biteMm()));
    across.add(item(Kind.ACROSS, o, section, mid, across(f.parting()), f.biteMm()));
  }

  private static Item item(
      Kind kind, Outcome o, List<String> section, int root, Way way, double biteMm) {
    double mm = o.after().endMm(root);
    return new Item(
        kind,
        section,
        o.scalp().head().nearestPlace(o.scalp().pointMm(root)),
        way,
        mm,
        0,
        tolerance(mm, biteMm),
        0);
  }

  /** Errors add up about with the square of the bite; common practice. */
  private static double tolerance(double mm, double biteMm) {
    double bold = Math.max(0.5, biteMm * biteMm / (USUAL_BITE_MM * USUAL_BITE_MM));
    return Math.max(LEAST_MM, SHARE * mm) * Math.min(2, bold);
  }

  private static Way across(Parting p) {
    if (p instanceof Parting.Across a) {
      return a.toward() == Facing.UP || a.toward() == Facing.DOWN ? Way.UPRIGHT : Way.LEVEL;
    }
    if (p instanceof Parting.Hairline) {
      return Way.UPRIGHT;
    }
    if (p instanceof Parting.Pivot) {
      return Way.ROUND;
    }
    return p instanceof Parting.Diagonal ? Way.DIAGONAL : Way.LEVEL;
  }

  private static boolean same(Jumps j, Seam s) {
    return j.one().equals(s.one()) && j.other().equals(s.other());
  }
}
