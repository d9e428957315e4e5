package kitetail.fall;

import kitetail.geom.Vec3;

/**
 * A strand with its curl: the way it lies and, about that, its coil, as points close enough to draw
 * each turn. Hairs of the strand stand about it at phases of their own; locks beside each other
 * wave nearly together, so that waves run on across them, and curl each by itself. Holds one strand
 * at a time; not safe to share between threads.
 */
public final class CurledStrand {
  private static final int PER_TURN = 9;
  private static final int COARSELY = 6;

  /** Shorter hair is drawn without its curl. */
  private static final double LEAST_MM = 3;

  public static final int MOST = 120;

  /** A coil widens from the root over so many turns. */
  private static final double OPENS_TURNS = 0.6;

  /** Locks coil wider or closer than each other by so much. */
  private static final double UNLIKE = 0.18;

  /** How far locks beside each other may be apart in their waves, radians; an assumption. */
  private static final double APART_RAD = 1;

  /** From here on locks wave together; below that each lock curls by itself. */
  private static final double WAVE = 0.82;

  private static final double CURL = 0.65;

  /** How far waves drift over the head, radians. */
  private static final double DRIFT_RAD = 0.6;

  /** The strand's own way, x, y, z in turn. */
  public final float[] way = new float[3 * MOST];

  /** Two directions across it, as long as the coil is wide there. */
  public final float[] across = new float[3 * MOST];

  public final float[] over = new float[3 * MOST];

  /** How far round the coil has come, radians. */
  public final float[] round = new float[MOST];

  private int points;
  private boolean curled;

  public int points() {
    return points;
  }

  public boolean curled() {
    return curled;
  }

  /** A strand, with as many points as its turns need. */
  public void of(Fall f, int strand) {
    Coil coil = coil(f, strand);
    of(f, strand, coil, points(f, coil, strand, PER_TURN, MOST));
  }

  /** A strand without a curl, as it lies in an array of points of x, y and z in turn. */
  public void straight(float[] xyz, int from, int points) {
    this.points = points;
    curled = false;
    System.arraycopy(xyz, from, way, 0, 3 * points);
  }

  private static Coil coil(Fall f, int strand) {
    double own = 1 + UNLIKE * (2 * Combing.hash(f.leader(strand), 9) - 1);
    return Coil.of(f.curlRatio(strand)).times(own);
  }

  private static int points(Fall f, Coil coil, int strand, int perTurn, int most) {
    double turns = f.lengthMm(strand) / coil.pitchMm();
    return curled(f, coil, strand)
        ? (int) Math.max(f.points(), Math.min(most, 2 + Math.ceil(turns * perTurn)))
        : f.points();
  }

  private static boolean curled(Fall f, Coil coil, int strand) {
    return !coil.straight() && f.lengthMm(strand) > LEAST_MM;
  }

  /**
   * Points of each strand with its curl, for a drawing that wants as many of every strand.
   *
   * @param most points, at most {@link #MOST}
   */
  public static int points(Fall f, int most) {
    int n = f.points();
    for (int s = 0; s < f.strands(); s++) {
      n = Math.max(n, points(f, coil(f, s), s, COARSELY, most));
    }
    return n;
  }

  /**
   * All strands with their curls.
   *
   * @param points of each
   * @return x, y, z of each point of each strand in turn, root first, mm
   */
  public static float[] all(Fall f, int points) {
    if (points == f.points()) {
      return f.xyz();
    }
    float[] out = new float[3 * f.strands() * points];
    CurledStrand s = new CurledStrand();
    for (int i = 0; i < f.strands(); i++) {
      s.of(f, i, coil(f, i), points);
      for (int k = 0; k < points; k++) {
        s.at(k, out, 3 * (i * points + k));
      }
    }
    return out;
  }

  private void at(int k, float[] out, int to) {
    double cos = curled ? Math.cos(round[k]) - Math.cos(round[0]) : 0;
    double sin = curled ? Math.sin(round[k]) - Math.sin(round[0]) : 0;
    for (int c = 0; c < 3; c++) {
      int q = 3 * k + c;
      out[to + c] = (float) (way[q] + cos * across[q] + sin * over[q]);
    }
  }

  private void of(Fall f, int strand, Coil coil, int points) {
    this.points = points;
    int n = f.points();
    double turns = f.lengthMm(strand) / coil.pitchMm();
    curled = curled(f, coil, strand);
    float[] xyz = f.xyz();
    int from = 3 * strand * n;
    if (!curled && points == n) {
      System.arraycopy(xyz, from, way, 0, 3 * n);
      return;
    }
    int leader = f.leader(strand);
    double hand = Combing.hash(leader, 7) < 0.5 ? -1 : 1;
    double alone = Math.max(0, Math.min(1, (WAVE - f.curlRatio(strand)) / (WAVE - CURL)));
    double apart = APART_RAD + alone * (2 * Math.PI - APART_RAD);
    double begun = DRIFT_RAD * drift(f.point(leader, 0)) + apart * Combing.hash(leader, 8);
    double ux = 0;
    double uy = 0;
    double uz = 0;
    for (int i = 0; i < points; i++) {
      double at = (double) i / (points - 1) * (n - 1);
      int b = Math.min(n - 2, (int) at);
      double t = at - b;
      int q = from + 3 * b;
      for (int c = 0; c < 3; c++) {
        way[3 * i + c] = (float) (xyz[q + c] + t * (xyz[q + 3 + c] - xyz[q + c]));
      }
      double dx = xyz[q + 3] - xyz[q];
      double dy = xyz[q + 4] - xyz[q + 1];
      double dz = xyz[q + 5] - xyz[q + 2];
      double l = Math.sqrt(dx * dx + dy * dy + dz * dz) + 1e-9;
      dx /= l;
      dy /= l;
      dz /= l;
      if (i == 0) {
        ux = Math.abs(dz) < 0.9 ? -dy : 0;
        uy = Math.abs(dz) < 0.9 ? dx : -dz;
        uz = Math.abs(dz) < 0.9 ? 0 : dy;
      }
      double in = ux * dx + uy * dy + uz * dz;
      ux -= in * dx;
      uy -= in * dy;
      uz -= in * dz;
      double ul = Math.sqrt(ux * ux + uy * uy + uz * uz) + 1e-9;
      ux /= ul;
      uy /= ul;
      uz /= ul;
      double turn = turns * i / (points - 1);
      double wide = coil.radiusMm() * Math.min(1, turn / OPENS_TURNS);
      across[3 * i] = (float) (wide * ux);
      across[3 * i + 1] = (float) (wide * uy);
      across[3 * i + 2] = (float) (wide * uz);
      over[3 * i] = (float) (wide * (dy * uz - dz * uy));
      over[3 * i + 1] = (float) (wide * (dz * ux - dx * uz));
      over[3 * i + 2] = (float) (wide * (dx * uy - dy * ux));
      round[i] = (float) (begun + hand * 2 * Math.PI * turn);
    }
  }

  /** A slow, uneven rise and fall over the head, between some −3 and 3. */
  private static double drift(Vec3 p) {
    return Math.sin(p.x() / 23 + 1.3 * Math.sin(p.z() / 31))
        + Math.sin(2 + p.y() / 27 + 1.1 * Math.sin(p.x() / 37))
        + Math.sin(1 + p.z() / 19 + Math.sin(p.y() / 29));
  }
}
