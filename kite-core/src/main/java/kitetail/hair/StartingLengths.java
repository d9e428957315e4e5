package kitetail.hair;

import kitetail.geom.Vec3;
import kitetail.head.Head;
import kitetail.head.Place;
import kitetail.head.Scalp;

/**
 * Taped lengths spread over the scalp: the inverse-distance mean {@code L = Σ wᵢLᵢ / Σ wᵢ, wᵢ =
 * 1/dᵢ³} (Shepard, "A two-dimensional interpolation function for irregularly-spaced data", 1968;
 * from memory). Exact at the places, never above the longest nor below the shortest.
 */
public final class StartingLengths {
  private StartingLengths() {}

  /** One length in mm for each root of the scalp. */
  public static double[] spread(Scalp scalp, TapedLengths t) {
    Head h = scalp.head();
    Place[] places = {
      Place.FRONT,
      Place.APEX,
      Place.CROWN,
      Place.EAR_TOP_LEFT,
      Place.EAR_TOP_RIGHT,
      Place.OCCIPITAL,
      Place.NAPE
    };
    double[] taped = {
      t.frontMm(), t.topMm(), t.crownMm(), t.sideMm(), t.sideMm(), t.occipitalMm(), t.napeMm()
    };
    double[] out = new double[scalp.roots()];
    for (int i = 0; i < out.length; i++) {
      out[i] = at(scalp.pointMm(i), h, places, taped);
    }
    return out;
  }

  private static double at(Vec3 p, Head h, Place[] places, double[] taped) {
    double sum = 0;
    double weight = 0;
    for (int k = 0; k < places.length; k++) {
      double d = p.distanceTo(h.place(places[k]));
      if (d < 1e-6) {
        return taped[k];
      }
      double w = 1 / (d * d * d);
      sum += w * taped[k];
      weight += w;
    }
    return sum / weight;
  }
}
