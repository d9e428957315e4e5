package kitetail.practice;

import java.util.List;
import kitetail.cut.Cut;
import kitetail.hair.Damp;
import kitetail.hair.Hair;
import kitetail.hair.StartingHair;
import kitetail.head.HeadSpec;
import kitetail.plan.Move;
import kitetail.plan.Plan;
import kitetail.section.Section;

/** Plans of drills, with all the rest as usual. */
final class Made {
  private Made() {}

  static Plan plan(
      HeadSpec head, Hair hair, StartingHair start, List<Section> sections, List<Move> moves) {
    return new Plan(
        Plan.VERSION,
        "Practice",
        head,
        hair,
        start,
        null,
        null,
        null,
        sections,
        moves,
        null,
        null,
        null,
        null,
        null,
        null);
  }

  /** Hair of one length all over. */
  static StartingHair even(double mm) {
    return StartingHair.Taped.six(mm, mm, mm, mm, mm, mm);
  }

  /** A move that cuts a section. */
  static Move move(String id, String section, Cut cut, Move.Stand stand) {
    return new Move(id, id, section, cut, Damp.DRY, stand, "", "", false);
  }
}
