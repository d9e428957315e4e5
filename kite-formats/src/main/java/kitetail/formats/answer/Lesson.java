package kitetail.formats.answer;

import java.util.ArrayList;
import java.util.List;
import kitetail.formats.words.LearntWords;
import kitetail.formats.words.Units;
import kitetail.hair.WetDry;
import kitetail.shopday.Learnt;

/**
 * One thing learnt of a client or of the hand that cuts them.
 *
 * @param from on how many observations it rests
 * @param used whether that is enough to be reckoned with
 * @param heed whether it is worth saying while cutting
 */
public record Lesson(What what, String words, int from, boolean used, boolean heed) {

  /** What a lesson is about. */
  public enum What {
    GROWTH,
    PACE,
    BITES,
    BIAS,
    STRETCH
  }

  /** By so much a hand leaves more or less than planned before it is said. */
  private static final double STRAYS_MM = 0.5;

  /**
   * @param own how this client's hair stretches, as measured at the sit-down
   */
  public static List<Lesson> of(Learnt l, WetDry own, Units units) {
    LearntWords said = new LearntWords(l, units);
    List<Lesson> all = new ArrayList<>();
    if (l.growths() > 0) {
      all.add(new Lesson(What.GROWTH, said.growth(), l.growths(), l.growth().isPresent(), false));
    }
    if (l.timedMoves() > 0) {
      all.add(new Lesson(What.PACE, said.pace(), l.timedMoves(), enough(l.timedMoves()), false));
    }
    if (l.bites() > 0) {
      all.add(new Lesson(What.BITES, said.bites(), l.bites(), enough(l.bites()), false));
    }
    if (l.measured() > 0) {
      boolean strays = Math.abs(l.biasMm()) >= STRAYS_MM;
      boolean used = enough(l.measured());
      all.add(new Lesson(What.BIAS, said.bias(strays), l.measured(), used, used && strays));
    }
    if (own.stretchShare() != WetDry.STRAIGHT.stretchShare()) {
      // Of a strand measured wet and dry; it goes on with the hair to the next sit-down.
      all.add(new Lesson(What.STRETCH, LearntWords.stretch(own), 1, true, false));
    }
    return all;
  }

  private static boolean enough(int observations) {
    return observations >= Learnt.ENOUGH;
  }
}
