package kitetail.practice;

import java.util.ArrayList;
import java.util.List;
import java.util.Random;
import java.util.stream.IntStream;
import kitetail.cut.CutLine;
import kitetail.cut.Fingers;
import kitetail.cut.Guide;
import kitetail.cut.Hold;
import kitetail.cut.Spot;
import kitetail.hair.Damp;
import kitetail.head.Head;
import kitetail.head.Place;
import kitetail.head.Scalp;
import kitetail.plan.Job;
import kitetail.plan.Move;
import kitetail.plan.Plan;
import kitetail.plan.PlanEngine;
import kitetail.section.Facing;
import kitetail.section.Limit;
import kitetail.section.Scalar;
import kitetail.section.Section;

/**
 * A finished cut of one length with one fault in it: where is it, and what was it?
 *
 * @param wished the same without it
 * @param fault what was planted
 */
public record FindFault(int level, Plan plan, Plan wished, PlantedFault fault) implements Task {
  public static final double LENGTH_MM = 60;

  /** How much is off where it is most, easiest level first, mm; assumptions. */
  private static final double[] BY_MM = {26, 21, 17, 13, 10};

  /** A place is found when it is so near to where something is off, mm. */
  private static final double NEAR_MM = 30;

  /** Hair is off by so much of the most. */
  private static final double HALF = 0.5;

  static FindFault of(long seed, int level) {
    Random r = MadeUp.numbers(Drill.FIND_FAULT, seed, level);
    PlantedFault fault = PlantedFault.values()[r.nextInt(PlantedFault.values().length)];
    return of(MadeUp.head(r, 0.1 * level), fault, r.nextBoolean(), level);
  }

  /** With a fault of one's own choosing. */
  static FindFault of(kitetail.head.HeadSpec head, PlantedFault fault, boolean left, int level) {
    double by = BY_MM[level - 1];
    List<Section> sections = new ArrayList<>();
    sections.add(new Section("all", "All", List.of()));
    Section where = where(fault, left);
    sections.add(where);
    Plan plan = Made.plan(head, MadeUp.hair(), Made.even(140), sections, List.of());
    Move even = Made.move("even", "all", round(LENGTH_MM), Move.Stand.BACK);
    Plan wished = plan.withMoves(List.of(even));
    List<Move> moves = new ArrayList<>();
    if (fault == PlantedFault.CUT_ON_WHORL) {
      moves.add(even);
      moves.add(
          new Move(
              "fault",
              "fault",
              where.id(),
              new Spot(Place.CROWN, by, 35, 0),
              Job.BLEND,
              List.of(),
              Damp.DRY,
              Move.Stand.BACK,
              "",
              "",
              false,
              null));
    } else {
      // Everything but the place with the fault, and there as it went wrong.
      Section rest = new Section("rest", "Rest", List.of(), List.of(where.id()), false);
      sections.set(0, rest);
      plan = Made.plan(head, MadeUp.hair(), Made.even(140), sections, List.of());
      moves.add(Made.move("even", "rest", round(LENGTH_MM), Move.Stand.BACK));
      moves.add(Made.move("fault", where.id(), wrong(fault, by), Move.Stand.BACK));
    }
    return new FindFault(level, plan.withMoves(moves), wished, fault);
  }

  private static Fingers round(double mm) {
    return new Fingers(
        new Hold.StraightOut(), new CutLine.Round(mm), new Guide.Travelling(), Facing.UP, 12);
  }

  private static Section where(PlantedFault fault, boolean left) {
    double sign = left ? -1 : 1;
    List<Limit> limits =
        switch (fault) {
          case ELBOW_SANK, GUIDE_CREPT ->
              List.of(
                  new Limit.Between(Scalar.AROUND_DEG, 135, -135),
                  new Limit.Between(Scalar.ABOVE_HAIRLINE_MM, 40, 130));
          case OLD_TO_NEW ->
              List.of(
                  new Limit.Between(Scalar.FROM_CENTRE_MM, 0, 45),
                  new Limit.Between(Scalar.FORWARD_MM, -20, 80));
          case CUT_ON_WHORL -> List.of();
          case CORNER_LEFT ->
              left
                  ? List.of(
                      new Limit.Between(Scalar.AROUND_DEG, -60, -22),
                      new Limit.Between(Scalar.ABOVE_HAIRLINE_MM, 0, 40))
                  : List.of(
                      new Limit.Between(Scalar.AROUND_DEG, 22, 60),
                      new Limit.Between(Scalar.ABOVE_HAIRLINE_MM, 0, 40));
          case ONE_SIDE_LONGER ->
              List.of(
                  new Limit.Between(
                      Scalar.AROUND_DEG,
                      Math.min(sign * 60, sign * 120),
                      Math.max(sign * 60, sign * 120)),
                  new Limit.Between(Scalar.ABOVE_HAIRLINE_MM, 0, 60));
        };
    return new Section("fault", "Fault", limits, List.of(), fault == PlantedFault.CUT_ON_WHORL);
  }

  private static Fingers wrong(PlantedFault fault, double by) {
    return switch (fault) {
      // On 90 mm of rise so many mm are gained at the top.
      case ELBOW_SANK ->
          new Fingers(
              new Hold.Elevation(90 - Math.toDegrees(Math.asin(Math.min(0.9, by / 90)))),
              new CutLine.Round(LENGTH_MM),
              new Guide.Travelling(),
              Facing.UP,
              12);
      case GUIDE_CREPT ->
          new Fingers(
              new Hold.StraightOut(),
              new CutLine.Round(LENGTH_MM, Math.toDegrees(Math.atan(by / 90))),
              new Guide.Travelling(),
              Facing.UP,
              25);
      case OLD_TO_NEW ->
          new Fingers(
              new Hold.StraightOut(),
              new CutLine.Round(LENGTH_MM),
              new Guide.Fixed(Place.FRONT, Guide.Gather.ROW),
              Facing.BACK,
              12);
      case CUT_ON_WHORL -> throw new IllegalStateException("cut on the whorl is cut by eye");
      case CORNER_LEFT, ONE_SIDE_LONGER -> round(LENGTH_MM + by);
    };
  }

  @Override
  public Drill drill() {
    return Drill.FIND_FAULT;
  }

  @Override
  public Score score(Tried tried) {
    Tried.Found found = Task.as(Tried.Found.class, tried);
    Head head = Head.of(plan.head());
    Scalp scalp = Scalp.of(head, Practice.SITES);
    double[] has = PlanEngine.run(plan, scalp).afterMm();
    double[] should = PlanEngine.run(wished, scalp).afterMm();
    double most = 0;
    for (int i = 0; i < scalp.sites(); i++) {
      most = Math.max(most, Math.abs(has[i] - should[i]));
    }
    double least = HALF * most;
    var at = head.place(found.place());
    double away =
        IntStream.range(0, scalp.sites())
            .filter(i -> Math.abs(has[i] - should[i]) >= least)
            .mapToDouble(i -> scalp.pointMm(i).distanceTo(at))
            .min()
            .orElse(0);
    boolean there = away <= NEAR_MM;
    boolean named = found.fault() == fault;
    double share = (there ? 0.5 : 0) + (named ? 0.5 : 0);
    Off off = new Off(found.place(), kitetail.head.Spot.of(head, at), 0, away);
    return Score.of(
        share,
        NEAR_MM,
        List.of(off),
        there && named ? Cause.NONE : there || named ? Cause.HALF_FOUND : Cause.OTHER_ONE,
        there && named,
        List.of());
  }
}
