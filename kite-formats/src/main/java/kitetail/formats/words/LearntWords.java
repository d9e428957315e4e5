package kitetail.formats.words;

import kitetail.hair.WetDry;
import kitetail.shopday.Learnt;

/** What visits taught, in words. */
public record LearntWords(Learnt learnt, Units units) {

  public String growth() {
    return Messages.say("learnt.growth", "length", units.length(28 * learnt.growthMmPerDay()));
  }

  public String pace() {
    return Messages.say("learnt.pace", "percent", Math.round(100 * learnt.pace()));
  }

  public String bites() {
    return Messages.say("learnt.bites", "seconds", Math.round(learnt.secondsABite()));
  }

  /**
   * @param strays whether the hand leaves so much more or less than planned that it is said
   */
  public String bias(boolean strays) {
    return strays
        ? Messages.say(
            "learnt.strays",
            "length",
            units.length(Math.abs(learnt.biasMm())),
            "less",
            learnt.biasMm() < 0)
        : Messages.say("learnt.steady");
  }

  public static String stretch(WetDry own) {
    return Messages.say("learnt.stretch", "percent", Math.round(100 * own.stretchShare()));
  }
}
