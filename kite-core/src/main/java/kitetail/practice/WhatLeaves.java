package kitetail.practice;

import java.util.ArrayList;
import java.util.Collections;
import java.util.List;
import java.util.Random;
import kitetail.cut.CutLine;
import kitetail.cut.Fingers;
import kitetail.cut.Guide;
import kitetail.cut.Hold;
import kitetail.head.Place;
import kitetail.plan.Move;
import kitetail.plan.Plan;
import kitetail.section.Facing;
import kitetail.section.Section;

/**
 * A move is described: which of four heads does it leave? Of the others each has one thing done
 * otherwise.
 *
 * @param wished with the move as it is described
 * @param shown the four, in the order they are shown
 * @param otherwise what each was done otherwise; NOTHING for the true one
 */
public record WhatLeaves(
    int level, Plan plan, Plan wished, List<Plan> shown, List<Otherwise> otherwise)
    implements Task {
  /** What one of the pictures was done otherwise. */
  public enum Otherwise {
    NOTHING,
    HELD_LOWER,
    HELD_HIGHER,
    ALL_TO_ONE_PLACE,
    FINGERS_OUT,
    FINGERS_IN
  }

  private static final double LENGTH_MM = 60;

  /** How many degrees the others are off, easiest level first; assumptions. */
  private static final double[] BY_DEG = {60, 50, 40, 32, 25};

  private static final String ALL = "all";

  static WhatLeaves of(long seed, int level) {
    Random r = MadeUp.numbers(Drill.WHAT_LEAVES, seed, level);
    double elevation = 60 + 15 * r.nextInt(3);
    double by = BY_DEG[level - 1];
    Section all = new Section(ALL, "All of it", List.of());
    Plan plan =
        Made.plan(
            MadeUp.head(r, 0.1 * level), MadeUp.hair(), Made.even(260), List.of(all), List.of());
    List<Otherwise> wrong =
        new ArrayList<>(
            List.of(
                Otherwise.HELD_LOWER,
                Otherwise.HELD_HIGHER,
                Otherwise.ALL_TO_ONE_PLACE,
                Otherwise.FINGERS_OUT,
                Otherwise.FINGERS_IN));
    Collections.shuffle(wrong, r);
    List<Otherwise> four = new ArrayList<>(wrong.subList(0, 3));
    four.add(Otherwise.NOTHING);
    Collections.shuffle(four, r);
    List<Plan> shown = four.stream().map(o -> with(plan, cut(o, elevation, by))).toList();
    return new WhatLeaves(
        level, plan, with(plan, cut(Otherwise.NOTHING, elevation, by)), shown, List.copyOf(four));
  }

  private static Plan with(Plan plan, Fingers f) {
    return plan.withMoves(List.of(Made.move("bite", ALL, f, Move.Stand.BACK)));
  }

  private static Fingers cut(Otherwise o, double elevation, double by) {
    double held =
        switch (o) {
          case HELD_LOWER -> Math.max(0, elevation - by);
          case HELD_HIGHER -> Math.min(180, elevation + by);
          default -> elevation;
        };
    double fingers = o == Otherwise.FINGERS_OUT ? by / 2 : o == Otherwise.FINGERS_IN ? -by / 2 : 0;
    Guide guide =
        o == Otherwise.ALL_TO_ONE_PLACE
            ? new Guide.Fixed(Place.OCCIPITAL, Guide.Gather.SPOT)
            : new Guide.Travelling();
    return new Fingers(
        new Hold.Elevation(held), new CutLine.Round(LENGTH_MM, fingers), guide, Facing.UP, 12);
  }

  @Override
  public Drill drill() {
    return Drill.WHAT_LEAVES;
  }

  @Override
  public Plan after(Tried tried) {
    return shown.get(Task.as(Tried.Chosen.class, tried).which());
  }

  @Override
  public Score score(Tried tried) {
    int which = Task.as(Tried.Chosen.class, tried).which();
    boolean right = otherwise.get(which) == Otherwise.NOTHING;
    return Score.of(
        right ? 1 : 0, 0, List.of(), right ? Cause.NONE : Cause.OTHER_ONE, right, List.of());
  }
}
