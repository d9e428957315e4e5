package kitetail.hair;

import java.util.ArrayList;
import java.util.Comparator;
import java.util.List;
import kitetail.geom.Vec3;
import kitetail.head.Head;
import kitetail.head.Place;
import kitetail.head.Scalp;
import kitetail.head.Spot;
import org.locationtech.jts.geom.Coordinate;
import org.locationtech.jts.index.kdtree.KdNode;
import org.locationtech.jts.index.kdtree.KdTree;

/**
 * The starting state spread over the scalp, mm dry and straight.
 *
 * <p>Taped lengths: the inverse-distance mean {@code L = Σ wᵢLᵢ / Σ wᵢ, wᵢ = 1/dᵢ³} (Shepard, "A
 * two-dimensional interpolation function for irregularly-spaced data", 1968; from memory). Exact at
 * the places, never above the longest nor below the shortest. Across a jump only the places on the
 * same side count, if there are any.
 *
 * <p>Kept lengths: the same mean of the four nearest spots.
 */
public final class StartingLengths {
  private static final int NEAREST = 4;

  /** Spots kept of a cut: their spacing is some 7 mm. */
  private static final int KEPT_SITES = 1200;

  private StartingLengths() {}

  /** One length in mm for each root of the scalp. */
  public static double[] spread(Scalp scalp, StartingHair start, Hair hair) {
    double[] out;
    if (start instanceof StartingHair.Taped t) {
      out = taped(scalp, t, hair);
    } else {
      out = grown(scalp, (StartingHair.Grown) start, hair);
    }
    for (LengthPatch p : start.patches()) {
      Vec3 at = p.at().on(scalp.head());
      for (int i = 0; i < out.length; i++) {
        double share = HairPatch.share(scalp.pointMm(i).distanceTo(at), p.radiusMm());
        out[i] += share * (p.lengthMm() - out[i]);
      }
    }
    return out;
  }

  private record Known(Vec3 at, double lengthMm, int side) {}

  private static double[] taped(Scalp scalp, StartingHair.Taped t, Hair hair) {
    Head h = scalp.head();
    List<Known> known = new ArrayList<>();
    // In the order of the places, so that the sums come out the same to the last bit.
    for (Place p : Place.values()) {
      Double mm = t.tapedMm().get(p);
      if (mm != null) {
        Vec3 at = h.place(p);
        known.add(new Known(at, hair.wetDry().straightMm(mm, t.state()), side(t, h, at)));
      }
    }
    double[] out = new double[scalp.roots()];
    for (int i = 0; i < out.length; i++) {
      Vec3 p = scalp.pointMm(i);
      int side = side(t, h, p);
      boolean any = known.stream().anyMatch(k -> k.side() == side);
      out[i] = mean(p, known, any ? side : -1);
    }
    return out;
  }

  /** On which side of each jump a point lies, a bit a jump. */
  private static int side(StartingHair.Taped t, Head h, Vec3 p) {
    int bits = 0;
    for (int j = 0; j < t.jumps().size(); j++) {
      bits |= t.jumps().get(j).beyond(h, p) ? 1 << j : 0;
    }
    return bits;
  }

  private static double mean(Vec3 p, List<Known> known, int side) {
    double sum = 0;
    double weight = 0;
    for (Known k : known) {
      if (side >= 0 && k.side() != side) {
        continue;
      }
      double d = p.distanceTo(k.at());
      if (d < 1e-6) {
        return k.lengthMm();
      }
      double w = 1 / (d * d * d);
      sum += w * k.lengthMm();
      weight += w;
    }
    return sum / weight;
  }

  private static double[] grown(Scalp scalp, StartingHair.Grown g, Hair hair) {
    Head h = scalp.head();
    double grownMm = g.days() * hair.growthMmPerDay();
    KdTree tree = new KdTree();
    for (StartingHair.Kept k : g.kept()) {
      Vec3 at = k.spot().on(h);
      tree.insert(flat(h, at), new Known(at, Math.min(1500, k.lengthMm() + grownMm), 0));
    }
    double[] out = new double[scalp.roots()];
    for (int i = 0; i < out.length; i++) {
      out[i] = mean(scalp.pointMm(i), nearest(tree, h, scalp.pointMm(i)), -1);
    }
    return out;
  }

  private static Coordinate flat(Head h, Vec3 p) {
    double a = h.azimuthRad(p);
    double d = h.fromApexMm(p);
    return new Coordinate(d * Math.sin(a), d * Math.cos(a));
  }

  private static List<Known> nearest(KdTree tree, Head h, Vec3 p) {
    Coordinate c = flat(h, p);
    List<Known> found = List.of();
    for (double reach = 12; found.size() < NEAREST && reach < 1000; reach *= 2) {
      var box = new org.locationtech.jts.geom.Envelope(c);
      box.expandBy(reach);
      List<Known> here = new ArrayList<>();
      for (Object n : tree.query(box)) {
        here.add((Known) ((KdNode) n).getData());
      }
      found = here;
    }
    return found.stream()
        .sorted(Comparator.comparingDouble(k -> k.at().distanceTo(p)))
        .limit(NEAREST)
        .toList();
  }

  /** A state kept for later: what {@link StartingHair.Grown} starts from. */
  public static List<StartingHair.Kept> keep(Scalp scalp, double[] lengthsMm) {
    List<StartingHair.Kept> kept = new ArrayList<>();
    int step = Math.max(1, scalp.sites() / KEPT_SITES);
    for (int i = 0; i < scalp.sites(); i += step) {
      Spot s = Spot.of(scalp.head(), scalp.pointMm(i));
      kept.add(
          new StartingHair.Kept(
              round(s.azimuthDeg(), 100), round(s.share(), 10_000), round(lengthsMm[i], 10)));
    }
    return kept;
  }

  private static double round(double v, double per) {
    return Math.round(v * per) / per;
  }
}
