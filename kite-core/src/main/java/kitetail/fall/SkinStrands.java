package kitetail.fall;

import java.util.Arrays;
import kitetail.geom.Mesh;
import kitetail.geom.Vec3;
import kitetail.hair.Beard;
import kitetail.hair.Hair;
import kitetail.hair.NeckHair;
import kitetail.head.Head;
import kitetail.head.SkinHair;

/**
 * Beard and neck hair as they are drawn: how much of the skin they hide at each vertex of a bust,
 * and strands that stand as they grow, for they are too short or too stiff to hang on anything.
 */
public final class SkinStrands {
  /** Shorter hair is the skin's own shade alone. */
  private static final double LEAST_MM = 0.4;

  /** How far a hair leans from the skin as it leaves it: out over along. */
  private static final double OUT = 0.55;

  /** Over the lip it is kept off the mouth; where that is, and how long at most. */
  private static final double LIP_Y = 78;

  private static final double LIP_Z = -50;
  private static final double LIP_MM = 11;

  /** Over what length a beard's hair bends down by its weight and the comb; an assumption. */
  private static final double BENDS_MM = 26;

  private static final int MOST_POINTS = 40;

  private final Mesh bust;
  private final float[] beard;
  private final float[] neck;

  /**
   * @param bust of the head
   */
  public SkinStrands(Head head, Mesh bust) {
    this.bust = bust;
    beard = SkinHair.beard(head);
    neck = SkinHair.neck(head, bust);
  }

  /** Share of the skin hidden at each vertex of the bust, 0 to 1; none on a calibration body. */
  public float[] cover(Fall f) {
    Hair hair = f.hair();
    double ofBeard =
        hides(Fall.hidesPerMm(Beard.PER_MM2, Beard.DIAMETER_MM), hair.beard().lengthMm());
    double ofNeck = hides(Fall.hidesPerMm(NeckHair.PER_MM2, NeckHair.DIAMETER_MM), f.neckMm());
    float[] out = new float[beard.length];
    for (int i = 0; i < out.length; i++) {
      out[i] = (float) Math.max(ofBeard * beard[i], ofNeck * neck[i]);
    }
    return out;
  }

  private static double hides(double perMm, double lengthMm) {
    return 1 - Math.exp(-perMm * Math.min(10, lengthMm));
  }

  /**
   * The beard's strands.
   *
   * @param points of each strand
   * @param perMm2 strands a mm² where it stands full; each stands for several hairs
   * @return x, y, z of each point of each strand in turn, root first, mm
   */
  public float[] beard(Fall f, int points, double perMm2) {
    return strands(beard, f.hair().beard().lengthMm(), coil(f), points, perMm2);
  }

  /** How many points a strand of the beard wants, to be drawn as it curls. */
  public int beardPoints(Fall f, int straight) {
    Coil c = coil(f);
    double turns = f.hair().beard().lengthMm() * c.ratio() / c.pitchMm();
    return c.straight() ? straight : (int) Math.max(straight, Math.min(MOST_POINTS, 9 * turns));
  }

  /** A beard curls as the hair does; an assumption. */
  private static Coil coil(Fall f) {
    return Coil.of(f.hair().wetDry().curlRatio());
  }

  /** The neck's, likewise. */
  public float[] neck(Fall f, int points, double perMm2) {
    return strands(neck, f.neckMm(), Coil.NONE, points, perMm2);
  }

  private float[] strands(float[] share, double length, Coil coil, int points, double perMm2) {
    int[] t = bust.triangles();
    float[] out = new float[0];
    if (length < LEAST_MM) {
      return out;
    }
    int n = 0;
    for (int k = 0; k < t.length && share.length > 0; k += 3) {
      double here = (share[t[k]] + share[t[k + 1]] + share[t[k + 2]]) / 3.0;
      if (here < 0.02) {
        continue;
      }
      int wanted = (int) (perMm2 * here * area(t, k) + Combing.hash(k, 1));
      for (int j = 0; j < wanted; j++) {
        int at = 3 * n * points;
        if (at + 3 * points > out.length) {
          out = Arrays.copyOf(out, Math.max(3 * points * 256, 2 * out.length));
        }
        // Shorter toward its borders.
        strand(k, j, length * (0.4 + 0.6 * here), coil, points, out, at);
        n++;
      }
    }
    return Arrays.copyOf(out, 3 * n * points);
  }

  private void strand(int k, int j, double usual, Coil coil, int points, float[] out, int at) {
    int[] t = bust.triangles();
    int seed = 31 * k + j;
    double a = Math.sqrt(Combing.hash(seed, 2));
    double b = Combing.hash(seed, 3);
    double[] share = {1 - a, a * (1 - b), a * b};
    Vec3 p = new Vec3(0, 0, 0);
    Vec3 n = new Vec3(0, 0, 0);
    for (int c = 0; c < 3; c++) {
      p = p.plus(at(bust.points(), t[k + c]).times(share[c]));
      n = n.plus(at(bust.normals(), t[k + c]).times(share[c]));
    }
    n = n.times(1 / n.norm());
    Vec3 stray =
        new Vec3(
            Combing.hash(seed, 4) - 0.5, Combing.hash(seed, 5) - 0.5, Combing.hash(seed, 6) - 0.5);
    // It grows down and a little forward.
    Vec3 grows = new Vec3(0, 0.25, -1).plus(stray.times(0.5));
    Vec3 along = grows.minus(n.times(grows.dot(n)));
    Vec3 d = n.times(OUT).plus(along.times(1 / (along.norm() + 1e-9)));
    double lip = p.y() > LIP_Y && p.z() > LIP_Z ? Math.min(usual, LIP_MM) : usual;
    double length = lip * (0.75 + 0.25 * Combing.hash(seed, 7));
    // Curled it winds about the way it grows, which is so much shorter.
    double h = length * coil.ratio() / (points - 1);
    double turned = 2 * Math.PI * Combing.hash(seed, 8);
    for (int i = 0; i < points; i++) {
      Vec3 way = d.plus(new Vec3(0, 0, -i * h / BENDS_MM));
      Vec3 drawn = coil.straight() ? p : p.plus(off(coil, way, n, i * h, turned));
      out[at + 3 * i] = (float) drawn.x();
      out[at + 3 * i + 1] = (float) drawn.y();
      out[at + 3 * i + 2] = (float) drawn.z();
      p = p.plus(way.times(h / way.norm()));
    }
  }

  /** Off the axis of a helix, so far along it; at the root on it. */
  private static Vec3 off(Coil coil, Vec3 way, Vec3 normal, double alongMm, double turned) {
    Vec3 w = way.times(1 / way.norm());
    Vec3 side = w.cross(normal);
    Vec3 u = side.times(1 / (side.norm() + 1e-9));
    Vec3 v = u.cross(w);
    double phi = 2 * Math.PI * alongMm / coil.pitchMm() + turned;
    double r = coil.radiusMm() * Math.min(1, 2 * alongMm / coil.pitchMm());
    return u.times(r * Math.cos(phi)).plus(v.times(r * Math.sin(phi)));
  }

  private double area(int[] t, int k) {
    Vec3 a = at(bust.points(), t[k]);
    return at(bust.points(), t[k + 1]).minus(a).cross(at(bust.points(), t[k + 2]).minus(a)).norm()
        / 2;
  }

  private static Vec3 at(float[] v, int i) {
    return new Vec3(v[3 * i], v[3 * i + 1], v[3 * i + 2]);
  }
}
