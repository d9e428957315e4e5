package kitetail.plan;

import kitetail.cut.Comb;
import kitetail.cut.Cut;
import kitetail.cut.Fingers;

/** Seconds a bite, column or pass takes. The defaults are assumptions; a stylist has their own. */
public record Pace(double fingersSec, double combSec, double guardSec) {
  public static final Pace DEFAULT = new Pace(14, 11, 6);

  public Pace {
    for (double s : new double[] {fingersSec, combSec, guardSec}) {
      if (!(s >= 1 && s <= 300)) {
        throw new IllegalArgumentException("seconds a bite must be 1 to 300, was " + s);
      }
    }
  }

  double secondsFor(Cut cut) {
    return cut instanceof Fingers ? fingersSec : cut instanceof Comb ? combSec : guardSec;
  }
}
