package kitetail.fall;

import java.util.EnumMap;
import java.util.List;
import java.util.Map;
import kitetail.geom.Vec3;
import kitetail.hair.Hair;
import kitetail.hair.HairColour;
import kitetail.hair.Stock;
import kitetail.head.Place;
import kitetail.head.Scalp;

/**
 * Hair at rest: one strand for each site of a scalp, standing for the hairs that grow there. The
 * same hair on the same head falls the same way to the last bit.
 */
public final class Fall {
  public static final int DEFAULT_POINTS = 16;

  /** Sites of a scalp for a fall worth looking at, and for one while something is being moved. */
  public static final int STRANDS = 3000;

  public static final int PREVIEW_STRANDS = 800;

  private static final double HIDES = 2.3;

  /** No strand stands nearer to the edge of a line pressed to the skin. */
  private static final double BESIDE_LINE_MM = 1.2;

  /** A line of which less shows has grown over; an assumption. */
  private static final double GROWN_OVER = 0.1;

  private final Ground ground;
  private final Hair hair;
  private final Styling styling;
  private final int points;
  private final float[] xyz;
  private final float[] lengthMm;
  private final float[] endsMm;
  private final float[] hairs;
  private final double[] curl;
  private final float[] diameterMm;
  private final float[] perMm2;
  private final int[] leaders;
  private final boolean[] settled;
  private final double weeks;
  private final List<SkinLine> lines;

  Fall(
      Ground ground,
      Hair hair,
      Styling styling,
      int points,
      float[] xyz,
      Strands strands,
      boolean[] settled) {
    this.ground = ground;
    this.hair = hair;
    this.styling = styling;
    this.points = points;
    this.xyz = xyz;
    lengthMm = strands.lengthMm();
    endsMm = strands.endsMm();
    hairs = strands.hairs();
    curl = strands.curl();
    diameterMm = strands.diameterMm();
    perMm2 = strands.perMm2();
    leaders = ground.leaders(Locks.size(hair.wetDry().curlRatio()));
    this.settled = settled;
    weeks = 0;
    lines = List.of();
  }

  private Fall(Fall f, double weeks, List<SkinLine> lines, float[] xyz) {
    ground = f.ground;
    hair = f.hair;
    styling = f.styling;
    points = f.points;
    this.xyz = xyz;
    lengthMm = f.lengthMm;
    endsMm = f.endsMm;
    hairs = f.hairs;
    curl = f.curl;
    diameterMm = f.diameterMm;
    perMm2 = f.perMm2;
    leaders = f.leaders;
    settled = f.settled;
    this.weeks = weeks;
    this.lines = List.copyOf(lines);
  }

  /**
   * The same fall so long after the cut, for what else has grown since.
   *
   * @param weeks 0 or more
   */
  public Fall after(double weeks) {
    return new Fall(this, weeks, lines, xyz);
  }

  /**
   * The same fall with lines pressed to the skin at the cut: what stood in them stands beside them,
   * until they have grown over.
   */
  public Fall pressed(List<SkinLine> more) {
    if (more.isEmpty() || linesShow() < GROWN_OVER) {
      return this;
    }
    float[] beside = xyz.clone();
    for (int i = 0; i < strands(); i++) {
      Vec3 root = point(i, 0);
      for (SkinLine l : more) {
        double in = BESIDE_LINE_MM - l.offMm(root);
        if (in > 0) {
          Vec3 out = root.minus(l.nearest(root));
          shift(beside, i, out.times(in / Math.max(1e-3, out.norm())));
        }
      }
    }
    return new Fall(this, weeks, more, beside);
  }

  /** Moves a strand's first half with its root. */
  private void shift(float[] all, int strand, Vec3 by) {
    for (int k = 0; k < points; k++) {
      int at = 3 * (strand * points + k);
      double share = Math.max(0, 1 - 2.0 * k / points);
      all[at] += (float) (share * by.x());
      all[at + 1] += (float) (share * by.y());
      all[at + 2] += (float) (share * by.z());
    }
  }

  /** Lines pressed to the skin. */
  public List<SkinLine> lines() {
    return lines;
  }

  /** How much of the skin is still seen in them, as hair grows there again, 0 to 1. */
  public double linesShow() {
    double hides = hidesPerMm(hair.densityPerCm2() / 100, hair.diameterUm() / 1000);
    return Math.exp(-hides * 7 * hair.growthMmPerDay() * weeks);
  }

  /** Colours of the hair by then: what has grown since is as it grows. */
  public HairColour colour() {
    return hair.colour().grown(7 * hair.growthMmPerDay() * weeks);
  }

  /** Length of the fine hair of the neck by then. */
  public double neckMm() {
    return hair.neck().lengthMm(7 * hair.growthMmPerDay(), weeks);
  }

  public static Fall of(Ground ground, Hair hair, Stock stock, Styling styling) {
    return of(ground, hair, stock, styling, DEFAULT_POINTS);
  }

  /**
   * @param stock the hair at every root of the ground's scalp
   * @param points points of a strand, 7 to 61
   */
  public static Fall of(Ground ground, Hair hair, Stock stock, Styling styling, int points) {
    if (points < 7 || points > 61) {
      throw new IllegalArgumentException("points must be 7 to 61, was " + points);
    }
    return Falling.of(ground, hair, stock, styling, points);
  }

  public int strands() {
    return lengthMm.length;
  }

  public int points() {
    return points;
  }

  /** x, y, z of each point of each strand in turn, root first, mm; not to be written to. */
  public float[] xyz() {
    return xyz;
  }

  /** Length of a strand let go; 0 where no hair is. Strands stand in the order of the sites. */
  public double lengthMm(int strand) {
    return lengthMm[strand];
  }

  /** How far short of a strand's length its hairs end, as the blade left them, mm. */
  public double endsMm(int strand) {
    return endsMm[strand];
  }

  /** How many hairs a strand stands for. */
  public double hairs(int strand) {
    return hairs[strand];
  }

  /** Over what length a hair of the strand bends. */
  public double bendingLengthMm(int strand) {
    double dry = styling.wet() ? curlRatio(strand) * curlRatio(strand) : curlRatio(strand);
    return Rod.of(1000 * diameterMm(strand), dry, styling.wet(), styling.productShare())
        .bendingLengthMm();
  }

  /** Thickness of a hair of the strand. */
  public double diameterMm(int strand) {
    return diameterMm[strand];
  }

  /** Length let go over length straight. */
  public double curlRatio(int strand) {
    return curl[strand];
  }

  /**
   * Share of the skin at a strand's root that its hairs hide: {@code 1 − e^(−2.3 n d l)}, n hairs
   * of width d a square millimetre, each lying over the skin for its length, at most a centimetre
   * of it; as for any things that fall at random. A hair hides somewhat more than it covers, by its
   * shadow and as it stands aslant: 2.3 is an assumption that looks right.
   */
  public double cover(int strand) {
    double hides = hidesPerMm(perMm2[strand], diameterMm[strand]);
    return 1 - Math.exp(-hides * Math.min(10, lengthMm[strand]));
  }

  /** {@code 2.3 n d}: how soon roots hide the skin they stand in, a millimetre of length. */
  public static double hidesPerMm(double hairsPerMm2, double diameterMm) {
    return HIDES * hairsPerMm2 * diameterMm;
  }

  public Vec3 point(int strand, int k) {
    int at = 3 * (strand * points + k);
    return new Vec3(xyz[at], xyz[at + 1], xyz[at + 2]);
  }

  public Vec3 tip(int strand) {
    return point(strand, points - 1);
  }

  /** Strands that were still moving when the last pass gave up on them. */
  public int unsettled() {
    int n = 0;
    for (boolean s : settled) {
      n += s ? 0 : 1;
    }
    return n;
  }

  /** Named places near which strands had not come to rest, with how many. */
  public Map<Place, Integer> unsettledNear() {
    Map<Place, Integer> out = new EnumMap<>(Place.class);
    Scalp s = ground.scalp();
    for (int i = 0; i < settled.length; i++) {
      if (!settled[i]) {
        out.merge(s.head().nearestPlace(s.pointMm(i)), 1, Integer::sum);
      }
    }
    return out;
  }

  /** The hair that fell. */
  public Hair hair() {
    return hair;
  }

  /** The strand that leads the lock a strand lies in. */
  public int leader(int strand) {
    return leaders[strand];
  }

  public Ground ground() {
    return ground;
  }

  public Styling styling() {
    return styling;
  }
}
