package kitetail.fall;

import kitetail.geom.Smooth;
import kitetail.head.Head;
import kitetail.head.Place;

/**
 * The line of skin where hair is parted, from the front hairline to the crown: hairs stand to
 * either side of it. How wide it is is common practice for a combed part, 3 to 5 mm.
 *
 * @param x how far to the client's right it runs, mm
 * @param fromY where it ends toward the back, mm
 */
public record PartLine(double x, double fromY) {
  /** No hair stands nearer the line than this, and none is seen through beyond that. */
  private static final double BARE_MM = 1.5;

  private static final double COVERED_MM = 3.2;

  /** Over so much toward its end it draws in to nothing, as a comb leaves it. */
  private static final double RUNS_OUT_MM = 26;

  /** The line of hair as it is worn; null where it does not part. */
  public static PartLine of(Styling s, Head head) {
    return s.part() == Styling.Part.NONE
        ? null
        : new PartLine(s.partX(head), head.place(Place.CROWN).y());
  }

  /** How wide it is at a place, of its whole width. */
  private double width(double atY) {
    return Smooth.step((atY - fromY) / RUNS_OUT_MM);
  }

  /** How far from the line, mm, as if it were whole: farther where it draws in, infinite behind. */
  public double offMm(double atX, double atY) {
    double width = width(atY);
    return width > 0 ? Math.abs(atX - x) / width : Double.POSITIVE_INFINITY;
  }

  /** Share of the skin that is seen at a place, 0 to 1. */
  public double bare(double atX, double atY) {
    return 1 - Smooth.step((offMm(atX, atY) - BARE_MM) / (COVERED_MM - BARE_MM));
  }

  /** How far to the right what stands at a place is set so that it stands beside the line, mm. */
  double beside(double atX, double atY) {
    double half = BARE_MM * width(atY);
    double off = Math.abs(atX - x);
    return off >= half ? 0 : (half - off) * (atX < x ? -1 : 1);
  }
}
