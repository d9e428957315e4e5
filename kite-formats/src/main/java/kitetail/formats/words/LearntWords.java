package kitetail.formats.words;

import java.util.Locale;
import kitetail.hair.WetDry;
import kitetail.shopday.Learnt;

/** What visits taught, in words. */
public record LearntWords(Learnt learnt, Units units) {

  public String growth() {
    return say("Hair grows %s in four weeks.", units.length(28 * learnt.growthMmPerDay()));
  }

  public String pace() {
    return say("Moves take %.0f %% of the time planned.", 100 * learnt.pace());
  }

  public String bites() {
    return say("A bite takes %.0f seconds.", learnt.secondsABite());
  }

  /**
   * @param strays whether the hand leaves so much more or less than planned that it is said
   */
  public String bias(boolean strays) {
    return strays
        ? say(
            "The hand leaves %s %s than planned.",
            units.length(Math.abs(learnt.biasMm())), learnt.biasMm() < 0 ? "less" : "more")
        : "The hand leaves what is planned.";
  }

  public static String stretch(WetDry own) {
    return say("Wet hair stretches by %.0f %%.", 100 * own.stretchShare());
  }

  private static String say(String words, Object... values) {
    return String.format(Locale.ROOT, words, values);
  }
}
