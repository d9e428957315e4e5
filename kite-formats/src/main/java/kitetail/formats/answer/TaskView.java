package kitetail.formats.answer;

import java.util.ArrayList;
import java.util.List;
import java.util.stream.IntStream;
import kitetail.cut.Dial;
import kitetail.formats.json.PlanJson;
import kitetail.formats.words.PracticeWords;
import kitetail.formats.words.Words;
import kitetail.head.Place;
import kitetail.plan.Move;
import kitetail.plan.Plan;
import kitetail.planning.Repairs;
import kitetail.practice.Drill;
import kitetail.practice.FindLandmark;
import kitetail.practice.HoldIt;
import kitetail.practice.OneCentimetre;
import kitetail.practice.OverComb;
import kitetail.practice.PlantedFault;
import kitetail.practice.ReadLength;
import kitetail.practice.SaveIt;
import kitetail.practice.Task;
import kitetail.practice.Tried;
import kitetail.practice.WalkGuide;
import kitetail.practice.WhatLeaves;
import kitetail.practice.WholeCut;
import kitetail.practice.WithGuards;
import org.jspecify.annotations.Nullable;

/**
 * A drill on one head, as it is shown before a try; nothing of it tells the answer but what a
 * learner may see.
 *
 * @param ask what is to be done
 * @param document the head, its hair, and the move the hand begins from
 * @param asked places that are asked for; empty in other drills
 * @param gapMm how far off the skin the comb is to begin; 0 where that is the hand's to find
 * @param leanDeg how far it is to lean off
 * @param columnsDeg where columns are, round the head; empty in other drills
 * @param rise what guards are to come to; null in other drills
 * @param ghost the plan whose lengths are to come out; null where nothing is cut, or where seeing
 *     it would tell
 * @param strip where bites are walked; null in other drills
 * @param pictures four plans, one of which is right; empty in other drills
 * @param choices what may be answered, in words; empty where the hand answers
 * @param moves of a whole cut, in their order; empty in other drills
 */
public record TaskView(
    Drill drill,
    String name,
    long seed,
    int level,
    String ask,
    Plan document,
    List<Place> asked,
    double gapMm,
    double leanDeg,
    List<Double> columnsDeg,
    @Nullable Rise rise,
    @Nullable Plan ghost,
    @Nullable Strip strip,
    List<Plan> pictures,
    List<Choice> choices,
    List<MoveRow> moves) {

  /**
   * An even rise of length and how high it goes.
   *
   * @param fromMm at the hairline
   * @param toMm at its top
   */
  public record Rise(
      double fromMm, double toMm, double sideburnMm, double behindEarMm, double napeMm) {}

  /**
   * @param fromMm where it begins, forward of the apex
   * @param toMm where it ends
   */
  public record Strip(double fromMm, double toMm) {}

  /**
   * @param id as it is written in a try
   */
  public record Choice(String id, String words) {}

  /**
   * A move as it is asked.
   *
   * @param asks it in a sentence
   * @param cuts whether something comes off in it, or the ends are softened
   * @param dials the numbers that are the hand's; empty where it is done as it is asked
   */
  public record MoveRow(
      String id, String name, String asks, Move.Stand stand, boolean cuts, List<DialRow> dials) {}

  /**
   * A number the hand sets.
   *
   * @param begins where the hand lies before it is led
   */
  public record DialRow(Dial dial, double least, double most, double step, double begins) {}

  public static TaskView of(Task t, long seed, int level, PracticeWords words) {
    List<Place> asked =
        t instanceof ReadLength r ? r.asked() : t instanceof FindLandmark f ? f.asked() : List.of();
    boolean shows =
        t instanceof HoldIt
            || t instanceof OverComb
            || t instanceof OneCentimetre
            || t instanceof WalkGuide;
    return new TaskView(
        t.drill(),
        PracticeWords.name(t.drill()),
        seed,
        level,
        words.ask(t),
        t.begun(),
        asked,
        t instanceof OverComb c ? c.wish().gapMm() : 0,
        t instanceof OverComb c ? c.wish().outDeg() : 0,
        t instanceof OneCentimetre ? columns() : List.of(),
        t instanceof WithGuards g ? rise(g) : null,
        shows ? t.wished() : null,
        t instanceof WalkGuide w ? new Strip(w.fromMm(), w.toMm()) : null,
        t instanceof WhatLeaves w ? w.shown() : List.of(),
        choices(t),
        t instanceof WholeCut w ? moves(w, words.words()) : List.of());
  }

  private static List<MoveRow> moves(WholeCut w, Words words) {
    return w.wished().moves().stream()
        .map(
            m ->
                new MoveRow(
                    m.id(),
                    m.name(),
                    words.sentence(m),
                    m.stand(),
                    WholeCut.cuts(m),
                    WholeCut.byHand(m).stream().map(d -> dial(w, d)).toList()))
        .toList();
  }

  private static DialRow dial(WholeCut w, Dial d) {
    WholeCut.Reach r = w.reach(d);
    return new DialRow(d, r.least(), r.most(), d.handStep(), r.begins());
  }

  private static List<Double> columns() {
    return IntStream.range(0, OneCentimetre.COLUMNS)
        .mapToObj(OneCentimetre::columnDeg)
        .map(Rounded::hundredth)
        .toList();
  }

  private static Rise rise(WithGuards g) {
    var f = g.best().fade();
    return new Rise(
        g.wish().fromMm(), g.wish().toMm(), f.sideburnMm(), f.behindEarMm(), f.napeMm());
  }

  private static List<Choice> choices(Task t) {
    List<Choice> out = new ArrayList<>();
    switch (t.drill()) {
      case FIND_FAULT -> {
        for (PlantedFault f : PlantedFault.values()) {
          out.add(new Choice(PlanJson.name(f), PracticeWords.fault(f)));
        }
      }
      case WALK_GUIDE -> {
        for (Tried.Walked.Pair p : Tried.Walked.Pair.values()) {
          out.add(new Choice(PlanJson.name(p), PracticeWords.pair(p)));
        }
      }
      case SAVE_IT -> {
        for (Repairs.Repair w : ((SaveIt) t).ways().all()) {
          out.add(new Choice(PlanJson.name(w.kind()), PracticeWords.way(w.kind())));
        }
      }
      case PUT_IN_ORDER -> t.plan().moves().forEach(m -> out.add(new Choice(m.id(), m.name())));
      default -> {
        // Answered by the hand.
      }
    }
    return List.copyOf(out);
  }
}
