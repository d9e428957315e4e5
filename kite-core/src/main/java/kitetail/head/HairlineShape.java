package kitetail.head;

import kitetail.geom.Allowed;
import kitetail.geom.Smooth;

/**
 * The hairline's shape: how far it lies further down (positive) the head than the usual one, as a
 * sum of smooth bumps by azimuth, so it stays one smooth closed curve whatever the numbers.
 *
 * @param frontPeakMm a V at the centre front, −20 to 30; below 0 the front is round
 * @param recessionLeftMm how far the left recession is set back, −15 to 45
 * @param recessionRightMm the same on the right
 * @param sideburnMm how far the sideburns hang below the middle of the ear, −25 to 40
 * @param napeDropMm how much lower than usual the nape ends, −20 to 30
 * @param napePointMm a V at the centre nape, 0 to 30
 * @param napePointsMm two points, one either side, 0 to 30
 * @param napeRoundMm how far the corners of the nape are rounded off, 0 to 30
 * @param templeMm how far forward and down the temple point comes, −15 to 20
 * @param sideburnWidthMm how much wider than usual the sideburns are, toward the face, −8 to 8
 */
public record HairlineShape(
    double frontPeakMm,
    double recessionLeftMm,
    double recessionRightMm,
    double sideburnMm,
    double napeDropMm,
    double napePointMm,
    double napePointsMm,
    double napeRoundMm,
    double templeMm,
    double sideburnWidthMm) {
  public static final HairlineShape USUAL = new HairlineShape(0, 0, 0, 0, 0, 0, 0, 0);

  static final double RECESSION_DEG = 34;

  /** Where the hair comes forward to a point, between recession and sideburn. */
  static final double TEMPLE_DEG = 50;

  static final double SIDEBURN_DEG = 70;

  /** Before the sideburn, and how steeply its front edge falls there. */
  private static final double SIDEBURN_FRONT_DEG = 59.5;

  private static final double SIDEBURN_FRONT_SLOPE = 4;
  private static final double NAPE_POINTS_DEG = 157;
  private static final double NAPE_CORNER_DEG = 140;

  public HairlineShape {
    Allowed.within("frontPeakMm", frontPeakMm, -20, 30);
    Allowed.within("recessionLeftMm", recessionLeftMm, -15, 45);
    Allowed.within("recessionRightMm", recessionRightMm, -15, 45);
    Allowed.within("sideburnMm", sideburnMm, -25, 40);
    Allowed.within("napeDropMm", napeDropMm, -20, 30);
    Allowed.within("napePointMm", napePointMm, 0, 30);
    Allowed.within("napePointsMm", napePointsMm, 0, 30);
    Allowed.within("napeRoundMm", napeRoundMm, 0, 30);
    Allowed.within("templeMm", templeMm, -15, 20);
    Allowed.within("sideburnWidthMm", sideburnWidthMm, -8, 8);
  }

  /** With temples and sideburns as wide as usual. */
  public HairlineShape(
      double frontPeakMm,
      double recessionLeftMm,
      double recessionRightMm,
      double sideburnMm,
      double napeDropMm,
      double napePointMm,
      double napePointsMm,
      double napeRoundMm) {
    this(
        frontPeakMm,
        recessionLeftMm,
        recessionRightMm,
        sideburnMm,
        napeDropMm,
        napePointMm,
        napePointsMm,
        napeRoundMm,
        0,
        0);
  }

  HairlineShape mirrored() {
    return new HairlineShape(
        frontPeakMm,
        recessionRightMm,
        recessionLeftMm,
        sideburnMm,
        napeDropMm,
        napePointMm,
        napePointsMm,
        napeRoundMm,
        templeMm,
        sideburnWidthMm);
  }

  /** How far further down the head than usual the hair ends at an azimuth, mm. */
  double downMm(double azimuthRad) {
    double a = Math.toDegrees(azimuthRad);
    return frontPeakMm * bump(a, 0, 15)
        - recessionRightMm * bump(a, RECESSION_DEG, 12)
        - recessionLeftMm * bump(a, -RECESSION_DEG, 12)
        + sideburnMm * sideburnShare(a)
        + templeMm * (bump(a, TEMPLE_DEG, 7) + bump(a, -TEMPLE_DEG, 7))
        + SIDEBURN_FRONT_SLOPE
            * sideburnWidthMm
            * (bump(a, SIDEBURN_FRONT_DEG, 2.6) + bump(a, -SIDEBURN_FRONT_DEG, 2.6))
        + napeDropMm * napeShare(azimuthRad)
        + napePointMm * bump(a, 180, 10)
        + napePointsMm * (bump(a, NAPE_POINTS_DEG, 7.5) + bump(a, -NAPE_POINTS_DEG, 7.5))
        - napeRoundMm * (bump(a, NAPE_CORNER_DEG, 12) + bump(a, -NAPE_CORNER_DEG, 12));
  }

  /** 1 over the end of the sideburn, falling to 0 in front of it and at the ear. */
  private static double sideburnShare(double deg) {
    double a = Math.abs(deg);
    return Smooth.step((a - 57) / 7) * (1 - Smooth.step((a - 73) / 7));
  }

  /** 1 over the nape, falling smoothly to 0 behind the ears. */
  static double napeShare(double azimuthRad) {
    return Smooth.step((Math.abs(Math.toDegrees(azimuthRad)) - 118) / 26);
  }

  /** 1 over the forehead, falling smoothly to 0 at the temples. */
  static double frontShare(double azimuthRad) {
    return 1 - Smooth.step((Math.abs(Math.toDegrees(azimuthRad)) - 34) / 30);
  }

  /** 1 round the ear, falling smoothly to 0 before and behind it. */
  static double earShare(double azimuthRad) {
    double a = Math.abs(Math.toDegrees(azimuthRad));
    return Smooth.step((a - 62) / 14) * (1 - Smooth.step((a - 108) / 18));
  }

  static double bump(double deg, double atDeg, double sigmaDeg) {
    double d = Math.IEEEremainder(deg - atDeg, 360) / sigmaDeg;
    return Math.exp(-0.5 * d * d);
  }
}
