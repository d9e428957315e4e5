package kitetail.planning;

import java.util.ArrayList;
import java.util.Arrays;
import java.util.EnumSet;
import java.util.List;
import java.util.Set;
import kitetail.hair.StartingHair;
import kitetail.hair.StartingLengths;
import kitetail.hair.Stock;
import kitetail.head.Place;
import kitetail.plan.Plan;
import kitetail.plan.PlanEngine;
import kitetail.plan.Workbench;

/**
 * The way from today's hair to a shape that wants more of it.
 *
 * @param reachable when the last place has grown what the shape needs
 * @param last the place all wait for
 * @param visits what to cut and leave each time, the last one with the whole shape
 */
public record GrowOut(Weeks reachable, Place last, List<Visit> visits) {
  /** Longer than any shape asks for. */
  private static final double PLENTY_MM = 900;

  private static final int MOST_VISITS = 12;

  /** Less is not worth a cut. */
  private static final double WORTH_MM = 3;

  /** What is worked on together, and so told together. */
  public enum Area {
    FRINGE(Place.FRONT, Place.RECESSION_LEFT, Place.RECESSION_RIGHT),
    TOP(Place.APEX, Place.RIDGE_LEFT, Place.RIDGE_RIGHT),
    CROWN(Place.CROWN, Place.DROP_CROWN),
    SIDES(
        Place.TEMPLE_LEFT,
        Place.TEMPLE_RIGHT,
        Place.SIDEBURN_LEFT,
        Place.SIDEBURN_RIGHT,
        Place.EAR_TOP_LEFT,
        Place.EAR_TOP_RIGHT),
    BEHIND_EARS(
        Place.BEHIND_EAR_LEFT, Place.BEHIND_EAR_RIGHT, Place.MASTOID_LEFT, Place.MASTOID_RIGHT),
    BACK(Place.OCCIPITAL),
    NAPE(Place.NAPE, Place.NAPE_CORNER_LEFT, Place.NAPE_CORNER_RIGHT);

    private final Set<Place> places;

    Area(Place first, Place... more) {
      places = EnumSet.of(first, more);
    }
  }

  /**
   * What is done to an area.
   *
   * @param cutMm the most that comes off in it; 0 when it is left
   * @param mayTrimMm what may come off all of it besides without putting the shape off
   */
  public record Part(Area area, double cutMm, double mayTrimMm) {}

  /** One visit. */
  public record Visit(double week, List<Step> steps) {
    /** Every area, what is cut there and what may be. */
    public List<Part> parts() {
      return Arrays.stream(Area.values()).map(this::part).toList();
    }

    private Part part(Area area) {
      List<Step> here = steps.stream().filter(s -> area.places.contains(s.place())).toList();
      return new Part(
          area,
          here.stream().mapToDouble(Step::cutMm).max().orElse(0),
          here.stream().mapToDouble(Step::mayTrimMm).min().orElse(0));
    }
  }

  /**
   * @param haveMm what is there by then
   * @param targetMm what the shape leaves there
   * @param cutMm what comes off: what is too long for the shape; 0 to leave it
   * @param mayTrimMm what may come off besides without putting the shape off
   */
  public record Step(Place place, double haveMm, double targetMm, double cutMm, double mayTrimMm) {}

  /**
   * @param today the plan whose start is today's hair; its moves are not run
   * @param target a shape on the same head
   * @param places a bench of the named places of that head
   * @param everyWeeks from one visit to the next, 1 to 26
   */
  public static GrowOut of(Plan today, Plan target, Workbench places, double everyWeeks) {
    if (!(everyWeeks >= 1 && everyWeeks <= 26)) {
      throw new IllegalArgumentException("everyWeeks must be 1 to 26, was " + everyWeeks);
    }
    Rate rate = Rate.of(today.hair());
    Stock have = PlanEngine.start(today, places);
    Stock wanted = wanted(target, places);
    Place last = Place.APEX;
    double most = 0;
    for (Place p : Place.values()) {
      int i = places.scalp().root(p);
      double want = wanted.endMm(i);
      double missing = keeps(want) ? 0 : want - have.endMm(i);
      if (missing > most) {
        most = missing;
        last = p;
      }
    }
    Weeks when = most == 0 ? Weeks.NOW : rate.weeksFor(most);
    List<Visit> visits = new ArrayList<>();
    double[] now = new double[Place.values().length];
    for (Place p : Place.values()) {
      now[p.ordinal()] = have.endMm(places.scalp().root(p));
    }
    double week = 0;
    for (int v = 0; v < MOST_VISITS; v++) {
      visits.add(visit(week, when.mean(), now, wanted, places, rate));
      if (week >= when.mean()) {
        break;
      }
      double next = Math.min(when.mean(), week + everyWeeks);
      // A last stretch shorter than half of the others is not worth a visit of its own.
      next = when.mean() - next < everyWeeks / 2 ? when.mean() : next;
      for (int k = 0; k < now.length; k++) {
        now[k] += rate.mmPerWeek() * (next - week);
      }
      week = next;
    }
    return new GrowOut(when, last, List.copyOf(visits));
  }

  /**
   * The hair as a visit leaves it, all visits before it kept to: what has grown until then, and
   * nowhere more than the shape leaves. Growth is even, so that it does not matter at which of the
   * visits a place was cut.
   *
   * @param bench of a scalp of the same head with all its sites
   * @param week of the visit, from today
   */
  public static StartingHair at(Plan today, Plan target, Workbench bench, double week) {
    Stock have = PlanEngine.start(today, bench);
    Stock wanted = wanted(target, bench);
    double grown = week * Rate.of(today.hair()).mmPerWeek();
    double[] left = new double[bench.scalp().sites()];
    for (int i = 0; i < left.length; i++) {
      double mm = have.endMm(i) + grown;
      left[i] = keeps(wanted.endMm(i)) ? mm : Math.min(mm, wanted.endMm(i));
    }
    return new StartingHair.Grown(StartingLengths.keep(bench.scalp(), left), 0, null);
  }

  /** What the shape leaves of hair that is long enough everywhere. */
  private static Stock wanted(Plan target, Workbench bench) {
    List<Stock> states =
        PlanEngine.states(
            target.withStart(
                StartingHair.Taped.six(
                    PLENTY_MM, PLENTY_MM, PLENTY_MM, PLENTY_MM, PLENTY_MM, PLENTY_MM)),
            bench);
    return states.get(states.size() - 1);
  }

  /** Where the shape cuts nothing it takes what is there. */
  private static boolean keeps(double wantMm) {
    return wantMm > PLENTY_MM / 2;
  }

  /** What is done at a week; {@code now} is shortened by it. */
  private static Visit visit(
      double week, double end, double[] now, Stock wanted, Workbench places, Rate rate) {
    List<Step> steps = new ArrayList<>();
    for (Place p : Place.values()) {
      double want = wanted.endMm(places.scalp().root(p));
      double have = now[p.ordinal()];
      if (keeps(want)) {
        continue;
      }
      double over = have - want;
      double cut = over > WORTH_MM ? over : 0;
      double then = have - cut + rate.mmPerWeek() * (end - week) - want;
      steps.add(new Step(p, have, want, cut, Math.max(0, Math.min(have - cut, then))));
      now[p.ordinal()] = have - cut;
    }
    return new Visit(week, List.copyOf(steps));
  }
}
