package kitetail.formats.sheet;

import java.util.List;
import kitetail.check.Check;
import kitetail.formats.picture.HeadPicture;
import kitetail.formats.picture.View;
import kitetail.formats.words.SheetWords;
import kitetail.formats.words.Units;
import kitetail.formats.words.Words;
import kitetail.plan.Finding;
import kitetail.plan.Outcome;
import kitetail.plan.Plan;

/**
 * What every form of the cut sheet shows.
 *
 * @param fallenPng the hair as it falls, {@link #PICTURE_WIDTH} by {@link #PICTURE_HEIGHT}
 * @param who whom it is for, as the shop writes it; may be empty
 */
public record Sheet(
    Plan plan, Outcome outcome, HeadPicture picture, byte[] fallenPng, Units units, String who) {
  public static final int PICTURE_WIDTH = 400;
  public static final int PICTURE_HEIGHT = 440;

  Words words() {
    return new Words(units);
  }

  /** The head painted with the lengths left in the end, from each of these sides. */
  List<byte[]> maps(List<View> sides) {
    double[] after = outcome.afterMm();
    return sides.parallelStream()
        .map(v -> picture.png(after, v, PICTURE_WIDTH, PICTURE_HEIGHT, units))
        .toList();
  }

  /** Whom it is for, how many moves, how long. */
  String subtitle() {
    return who
        + (who.isBlank() ? "" : " · ")
        + SheetWords.movesAndMinutes(plan.moves().size(), outcome.minutes());
  }

  /** What to know before cutting, but what is meant. */
  List<String> cautions(int most) {
    return Check.of(plan, outcome).stream()
        .filter(f -> f.meant() == null)
        .limit(most)
        .map(this::said)
        .toList();
  }

  private String said(Finding f) {
    return words().finding(f, plan);
  }
}
