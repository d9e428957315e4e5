package kitetail.fall;

/**
 * A strand with its curl: the way it lies and, about that, its coil, as points close enough to draw
 * each turn. Hairs of the strand stand about it at phases of their own. Holds one strand at a time;
 * not safe to share between threads.
 */
public final class CurledStrand {
  private static final int PER_TURN = 9;
  public static final int MOST = 120;

  /** A coil widens from the root over so many turns. */
  private static final double OPENS_TURNS = 0.6;

  /** Locks coil wider or closer than each other by so much. */
  private static final double UNLIKE = 0.18;

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

  public void of(Fall f, int strand) {
    int leader = f.leader(strand);
    Coil coil = Coil.of(f.curlRatio(strand)).times(1 + UNLIKE * (2 * Combing.hash(leader, 9) - 1));
    double length = f.lengthMm(strand);
    double turns = length / coil.pitchMm();
    int n = f.points();
    curled = !coil.straight() && length > 3;
    points = curled ? (int) Math.max(n, Math.min(MOST, 2 + Math.ceil(turns * PER_TURN))) : n;
    float[] xyz = f.xyz();
    int from = 3 * strand * n;
    if (!curled) {
      System.arraycopy(xyz, from, way, 0, 3 * n);
      return;
    }
    double hand = Combing.hash(leader, 7) < 0.5 ? -1 : 1;
    double begun = 2 * Math.PI * Combing.hash(leader, 8);
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
}
