package kitetail.formats.picture;

import kitetail.fall.Styling;
import kitetail.hair.Stock;
import kitetail.head.Head;
import kitetail.head.Place;
import kitetail.head.Scalp;

/**
 * The hair a pick is shown with: one length all over, and where the pick is about it longer hair
 * cut to a line.
 *
 * @param mm all over
 * @param longer null for none
 * @param way how it is combed; null as it grows
 * @param part where it parts; null for nowhere
 * @param strokes whether strokes over it show how it grows
 */
public record PickHair(
    double mm, Longer longer, Styling.Way way, Styling.Part part, boolean strokes) {
  /** Strands hang a little aside on their way down. */
  private static final double ASIDE = 1.04;

  /**
   * Longer hair between two azimuths, degrees from the front.
   *
   * @param upMm how far above the hairline it grows
   * @param mm how far its ends reach beyond the hairline; null when they reach to a height
   * @param toMm the height its ends reach, over the top of the ear; null when they reach beyond the
   *     hairline
   * @param roundMm how much higher the outer ends are than the middle ones
   */
  public record Longer(
      double fromDeg, double toDeg, double upMm, Double mm, Double toMm, double roundMm) {
    /** Length of the hair at a root; 0 where it is not longer. */
    private double at(Scalp s, int i, double earZ) {
      double deg = Math.toDegrees(s.azimuthRad(i));
      double middle = (fromDeg + toDeg) / 2;
      double off = Math.IEEEremainder(deg - middle, 360) / ((toDeg - fromDeg) / 2);
      double up = s.head().hairlineFromApexMm(s.azimuthRad(i)) - s.fromApexMm(i);
      if (Math.abs(off) > 1 || up > upMm) {
        return 0;
      }
      double higher = roundMm * off * off;
      return mm != null ? up + mm - higher : ASIDE * (s.pointMm(i).z() - earZ - toMm - higher);
    }
  }

  Styling styling() {
    return new Styling(way, part, 0, 0, false);
  }

  Stock on(Scalp scalp) {
    Head head = scalp.head();
    double earZ = (head.place(Place.EAR_TOP_LEFT).z() + head.place(Place.EAR_TOP_RIGHT).z()) / 2;
    double[] out = new double[scalp.sites()];
    for (int i = 0; i < out.length; i++) {
      out[i] = longer == null ? mm : Math.max(mm, longer.at(scalp, i, earZ));
    }
    return Stock.of(out);
  }
}
