package kitetail.look;

import java.util.ArrayList;
import java.util.List;
import java.util.stream.IntStream;
import kitetail.fall.Fall;
import kitetail.geom.DirectionGrid;
import kitetail.geom.Vec3;
import kitetail.hair.HairMap;
import kitetail.head.Head;
import kitetail.head.Place;
import kitetail.head.Scalp;

/**
 * Hair per area of the outer shape, mm³ of hair a mm², by direction from the head's middle: where
 * much of it lies, the cut looks heavy.
 */
public final class Weight {
  private static final DirectionGrid GRID = DirectionGrid.SHARED;

  /** A hole shows where there is less than this share of the hair around; an assumption. */
  private static final double HOLE_SHARE = 0.45;

  /** A parting opens the hair this far to both sides. */
  private static final double PART_OPENS_MM = 18;

  private static final double GRAMS_PER_MM3 = HairMap.DENSITY_G_PER_CM3 / 1000;
  private static final double AROUND_MM = 30;
  private static final double WORTH_MM = 18;

  private final Fall fall;
  private final float[] mm = new float[GRID.nodes()];
  private final double partX;
  private final double leftGrams;
  private final double rightGrams;

  /**
   * A place with much less hair than around it.
   *
   * @param share of the hair around
   */
  public record Hole(Place place, double share) {}

  Weight(Fall f, double partX) {
    fall = f;
    this.partX = partX;
    Vec3 c = f.ground().scalp().head().surface().centreMm();
    int[] nodes = new int[4];
    double[] shares = new double[4];
    float[] reach = new float[mm.length];
    float[] count = new float[mm.length];
    double left = 0;
    double right = 0;
    int n = f.points();
    float[] p = f.xyz();
    for (int i = 0; i < f.strands(); i++) {
      double d = f.diameterMm(i);
      double section = f.hairs(i) * Math.PI * d * d / 4 / f.curlRatio(i);
      double step = f.lengthMm(i) / (n - 1);
      for (int k = 1; k < n; k++) {
        int b = 3 * (i * n + k);
        double x = 0.5 * (p[b] + p[b - 3]) - c.x();
        double y = 0.5 * (p[b + 1] + p[b - 2]) - c.y();
        double z = 0.5 * (p[b + 2] + p[b - 1]) - c.z();
        GRID.find(x, y, z, nodes, shares);
        double r = Math.sqrt(x * x + y * y + z * z);
        for (int q = 0; q < 4; q++) {
          mm[nodes[q]] += (float) (shares[q] * section * step);
          reach[nodes[q]] += (float) (shares[q] * r);
          count[nodes[q]] += (float) shares[q];
        }
      }
      double grams = section * f.lengthMm(i) * GRAMS_PER_MM3;
      if (fallsLeft(i)) {
        left += grams;
      } else {
        right += grams;
      }
    }
    leftGrams = left;
    rightGrams = right;
    for (int i = 0; i < mm.length; i++) {
      if (count[i] > 0) {
        double r = reach[i] / count[i];
        mm[i] /= (float) (GRID.solidAngle(i) * r * r);
      }
    }
    GRID.smooth(mm, 2);
  }

  /** Seen at a point of the skin. */
  public double atMm(Vec3 p) {
    Vec3 c = fall.ground().scalp().head().surface().centreMm();
    int[] nodes = new int[4];
    double[] shares = new double[4];
    GRID.find(p.x() - c.x(), p.y() - c.y(), p.z() - c.z(), nodes, shares);
    double sum = 0;
    for (int k = 0; k < 4; k++) {
      sum += shares[k] * mm[nodes[k]];
    }
    return sum;
  }

  /** At every root of the fall's scalp. */
  public double[] byRootMm() {
    Scalp s = fall.ground().scalp();
    double[] out = new double[s.roots()];
    for (int i = 0; i < out.length; i++) {
      out[i] = atMm(s.pointMm(i));
    }
    return out;
  }

  /** Weight of the hair that falls to the left of the parting, or of the middle, grams. */
  public double leftGrams() {
    return leftGrams;
  }

  public double rightGrams() {
    return rightGrams;
  }

  /** The strands that fall to one side of the parting, or of the middle. */
  public int[] side(boolean left) {
    return IntStream.range(0, fall.strands()).filter(i -> fallsLeft(i) == left).toArray();
  }

  private boolean fallsLeft(int strand) {
    return fall.tip(strand).x() < partX;
  }

  /** Named places inside the hairline with much less hair than around them. */
  List<Hole> holes() {
    Head head = fall.ground().scalp().head();
    List<Hole> out = new ArrayList<>();
    for (Place place : HOLES) {
      Vec3 p = head.place(place);
      if (fall.styling().parts() && Math.abs(p.x() - partX) < PART_OPENS_MM) {
        continue;
      }
      double az = head.azimuthRad(p);
      double down = head.fromApexMm(p);
      double turn = AROUND_MM / Math.max(20, Math.hypot(p.x(), p.y()));
      double[] beside = {
        atMm(head.point(az + turn, down)),
        atMm(head.point(az - turn, down)),
        atMm(head.point(az, down - AROUND_MM))
      };
      java.util.Arrays.sort(beside);
      double around = (beside[1] + beside[2]) / 2;
      double share = atMm(p) / around;
      if (share < HOLE_SHARE && meanLength(p) < WORTH_MM * 4 && around > 0.02) {
        out.add(new Hole(place, share));
      }
    }
    return List.copyOf(out);
  }

  /** Not the crown: a whorl opens on every head. */
  private static final List<Place> HOLES =
      List.of(
          Place.RECESSION_LEFT,
          Place.RECESSION_RIGHT,
          Place.APEX,
          Place.RIDGE_LEFT,
          Place.RIDGE_RIGHT,
          Place.DROP_CROWN,
          Place.OCCIPITAL);

  private double meanLength(Vec3 p) {
    double sum = 0;
    int n = 0;
    Scalp s = fall.ground().scalp();
    for (int i = 0; i < fall.strands(); i++) {
      if (s.pointMm(i).distanceTo(p) < 14) {
        sum += fall.lengthMm(i);
        n++;
      }
    }
    return n == 0 ? 0 : sum / n;
  }
}
