package kitetail.hair;

import kitetail.geom.Smooth;
import kitetail.geom.Vec3;
import kitetail.head.Place;
import kitetail.head.Scalp;

/**
 * Density, diameter and curl at every root. The thick bands above the ear and under the crown and
 * the thin places at temples, nape and hairline are common practice, their amounts assumptions; the
 * mean density over the scalp's area is the client's own before patches are painted in.
 *
 * @param densityPerCm2 hairs per cm² at each root
 * @param diameterUm µm
 * @param curlRatio dry and let go over dry and straight
 */
public record HairMap(
    Scalp scalp, double[] densityPerCm2, double[] diameterUm, double[] curlRatio) {
  /** Keratin, g/cm³: handbook value, from memory (1.30 to 1.33). */
  public static final double DENSITY_G_PER_CM3 = 1.32;

  public static HairMap of(Scalp s, Hair hair) {
    int n = s.roots();
    double[] density = new double[n];
    double[] diameter = new double[n];
    double[] curl = new double[n];
    double sum = 0;
    for (int i = 0; i < n; i++) {
      density[i] = bands(s, i);
      sum += i < s.sites() ? density[i] * s.areaMm2(i) : 0;
    }
    double scale = hair.densityPerCm2() * s.totalAreaMm2() / sum;
    for (int i = 0; i < n; i++) {
      density[i] *= scale;
      diameter[i] = hair.diameterUm() * (1 - 0.1 * thin(s, s.pointMm(i)));
      curl[i] = hair.wetDry().curlRatio();
    }
    for (HairPatch p : hair.patches()) {
      Vec3 at = p.at().on(s.head());
      for (int i = 0; i < n; i++) {
        double share = HairPatch.share(s.pointMm(i).distanceTo(at), p.radiusMm());
        density[i] *= 1 + share * (p.density() - 1);
        diameter[i] *= 1 + share * (p.diameter() - 1);
        curl[i] = Math.max(0.2, Math.min(1, curl[i] * (1 + share * (p.curl() - 1))));
      }
    }
    return new HairMap(s, density, diameter, curl);
  }

  private static double bands(Scalp s, int i) {
    Vec3 p = s.pointMm(i);
    double side = Math.abs(Math.sin(s.azimuthRad(i)));
    double aboveEar =
        Smooth.step((s.aboveHairlineMm(i) - 12) / 20)
            * Smooth.step((14 - s.aboveRidgeMm(i)) / 20)
            * side;
    double underCrown = near(s, p, Place.DROP_CROWN, 32);
    double edge = Smooth.step(s.aboveHairlineMm(i) / 16);
    return (1 + 0.2 * aboveEar + 0.14 * underCrown - 0.15 * thin(s, p)) * (0.6 + 0.4 * edge);
  }

  private static double thin(Scalp s, Vec3 p) {
    return Math.min(
        1,
        near(s, p, Place.RECESSION_LEFT, 24)
            + near(s, p, Place.RECESSION_RIGHT, 24)
            + near(s, p, Place.NAPE, 34));
  }

  private static double near(Scalp s, Vec3 p, Place place, double reachMm) {
    double d = p.distanceTo(s.head().place(place)) / reachMm;
    return Math.exp(-d * d);
  }

  /** Hairs on the head. */
  public double strands() {
    double sum = 0;
    for (int i = 0; i < scalp.sites(); i++) {
      sum += strandsAt(i);
    }
    return sum;
  }

  /** Weight of the hair at these lengths, grams. */
  public double grams(double[] lengthsMm) {
    double sum = 0;
    for (int i = 0; i < scalp.sites(); i++) {
      sum += grams(i, lengthsMm[i]);
    }
    return sum;
  }

  /** Weight of so much hair at one site, grams. */
  public double grams(int i, double lengthMm) {
    double radiusCm = diameterUm[i] / 2 * 1e-4;
    return strandsAt(i) * Math.PI * radiusCm * radiusCm * lengthMm / 10 * DENSITY_G_PER_CM3;
  }

  private double strandsAt(int i) {
    return densityPerCm2[i] * scalp.areaMm2(i) / 100;
  }
}
