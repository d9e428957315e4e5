package kitetail.fall;

import java.util.stream.IntStream;
import kitetail.geom.UnitVec;
import kitetail.geom.Vec3;
import kitetail.hair.GrowthField;
import kitetail.hair.Hair;
import kitetail.hair.HairMap;
import kitetail.hair.Stock;
import kitetail.head.BodyField;
import kitetail.head.Scalp;

/**
 * One fall while it is worked out, in three passes: coarse rods alone, coarse rods on the hair that
 * lies under them, fine rods on that.
 */
final class Falling {
  /** Hair lies so far off the skin it presses on; an assumption. */
  private static final double SKIN_MM = 0.8;

  private static final int CHUNKS = 48;
  static final double BARE_MM = 0.25;

  /** Shorter hair is drawn straight: its bending cannot be seen. */
  private static final double STRAIGHT_MM = 2.5;

  /**
   * The comb's pull near the head, in weights of a millimetre of hair of usual thickness: it turns
   * such a hair from its exit to the comb's way within about a centimetre. An assumption.
   */
  private static final double COMB_PULL = 420;

  private static final double HOLD_MORE = 5;

  /** What is left of that in dry hair at full hold; an assumption. */
  private static final double DRY_HOLD = 3;

  private static final double USUAL_BENDING_MM3 = 89_900;

  /** Over what height the comb lets go; an assumption. */
  private static final double COMB_REACH_MM = 12;

  private static final double HOLD_REACH_MM = 60;

  /** Combing lays hair down: the angle it leaves the skin at, over that at which it grows. */
  private static final double COMBED_EXIT = 0.55;

  /** A turn of a piece too small to see: a long end moves less than a millimetre by it. */
  private static final double SETTLED_RAD = 4e-3;

  /** What the shortest hair keeps of what long hair does; an assumption. */
  private static final double SHORT_KEEPS = 0.4;

  /** Pieces of the rods that are combed wet. */
  private static final int COARSE = 5;

  /** Hair as long as this needs as many pieces as are drawn to bend over the head. */
  private static final double STIFF_MM = 105;

  private final Ground ground;
  private final Hair hair;
  private final Styling styling;
  private final Setting setting;

  private final Scalp scalp;
  private final Vec3 centre;
  private final HairMap map;
  private final Lie lie;
  private final GrowthField field;
  private final int strands;
  private final int points;
  private final int coarse;
  private final int fine;
  private final Strands falls;
  private final float[] lengthMm;
  private final double[] curl;
  private final double[] clamps;
  private final double[] exits;
  private final float[] coarseWay;
  private final float[] xyz;
  private final boolean[] settled;

  /** How hair comes to rest. */
  static Fall of(Ground ground, Hair hair, Stock stock, Styling styling, int points) {
    return new Falling(ground, hair, stock, styling, points).done();
  }

  private Falling(Ground ground, Hair hair, Stock stock, Styling styling, int points) {
    this.ground = ground;
    this.hair = hair;
    this.styling = styling;
    setting = styling.setting();
    this.points = points;
    scalp = ground.scalp();
    centre = scalp.head().surface().centreMm();
    map = ground.hair(hair);
    lie = ground.lie(hair, styling);
    field = ground.growth(hair);
    strands = scalp.sites();
    fine = points - 1;
    coarse = COARSE;
    falls = Strands.of(scalp, map, stock, styling);
    lengthMm = falls.lengthMm();
    curl = falls.curl();
    exits = ground.exitDeg(hair);
    clamps = new double[3 * strands];
    coarseWay = new float[3 * strands * coarse];
    xyz = new float[3 * strands * points];
    settled = new boolean[strands];
  }

  private Fall done() {
    each((s, i) -> first(s, i));
    each((s, i) -> coarse(s, i, null));
    Layer layer = new Laying(ground, falls, lie, coarseWay, coarse).measured();
    each((s, i) -> coarse(s, i, layer));
    Layer known = new Laying(ground, falls, lie, coarseWay, coarse).measured();
    each((s, i) -> fine(s, i, known));
    float[] lying = styling.wet() ? xyz : inLocks();
    return new Fall(ground, hair, styling, points, lying, falls, settled);
  }

  /** What one thread works with. */
  private record Bench(
      RodSolver rod,
      Combing comb,
      Bends bends,
      float[] fallen,
      double[] drawn,
      double[] lift,
      double[] way) {
    static Bench of(int most, Lie lie, Vec3 centre) {
      return new Bench(
          new RodSolver(most),
          new Combing(lie, centre),
          new Bends(most),
          new float[3 * most],
          new double[3 * most],
          new double[3],
          new double[3]);
    }
  }

  private interface One {
    void strand(Bench bench, int i);
  }

  private void each(One one) {
    IntStream.range(0, CHUNKS)
        .parallel()
        .forEach(
            c -> {
              Bench bench = Bench.of(fine, lie, centre);
              int from = (int) ((long) strands * c / CHUNKS);
              int to = (int) ((long) strands * (c + 1) / CHUNKS);
              for (int i = from; i < to; i++) {
                one.strand(bench, i);
              }
            });
  }

  /** Strands drawn together into locks, and kept off the skin. */
  private float[] inLocks() {
    int[] leaders = ground.leaders(Locks.size(hair.wetDry().curlRatio()));
    float[] out = new float[xyz.length];
    each(
        (b, i) -> {
          int l = leaders[i];
          int at = 3 * i * points;
          if (l == i || lengthMm[i] < STRAIGHT_MM || lengthMm[l] < STRAIGHT_MM) {
            System.arraycopy(xyz, at, out, at, 3 * points);
            return;
          }
          double pull = Locks.pull(lengthMm[i], curl[i], styling.productShare());
          Locks.draw(xyz, i, l, points, lengthMm[i], lengthMm[l], pull, out);
          // A few times: set out of the skin a strand is a little longer, and shortened back in
          // again.
          for (int again = 0; again < 4; again++) {
            for (int k = 1; k < points; k++) {
              OffSkin.set(ground.body(), centre, out, at + 3 * k, b.way());
            }
            if (again < 3) {
              OffSkin.lengthen(out, at, points, lengthMm[i] / (double) fine);
            }
          }
        });
    return out;
  }

  /** The clamp: between growth and comb, the more combed the longer the hair. */
  private void first(Bench b, int i) {
    Vec3 p = scalp.pointMm(i);
    UnitVec n = scalp.normal(i);
    double length = lengthMm[i];
    b.comb().find(p.x(), p.y(), p.z());
    b.comb().read(i, share(length));
    double lying = b.comb().d[0] * n.x() + b.comb().d[1] * n.y() + b.comb().d[2] * n.z();
    Vec3 flat = new Vec3(b.comb().d[0], b.comb().d[1], b.comb().d[2]).minus(n.times(lying));
    double up = styling.way() == Styling.Way.UP ? Math.max(0, lying) : 0;
    double exit = Math.toRadians(exits[i]);
    double down = 1 - (1 - COMBED_EXIT) * smooth(length / 32) * curl[i];
    exit = Math.max(exit * down, Math.atan2(up, Math.max(1e-6, flat.norm())));
    exit += 0.16 * (Combing.hash(i, 3) - 0.5);
    Vec3 along = flat.norm() < 1e-6 ? field.at(p).times(1) : flat.times(1 / flat.norm());
    UnitVec c = UnitVec.of(along.times(Math.cos(exit)).plus(n.times(Math.sin(exit))));
    clamps[3 * i] = c.x();
    clamps[3 * i + 1] = c.y();
    clamps[3 * i + 2] = c.z();
    guess(b, i);
  }

  private static double share(double lengthMm) {
    return smooth((lengthMm - 4) / 22);
  }

  private static double smooth(double t) {
    double c = Math.max(0, Math.min(1, t));
    return c * c * (3 - 2 * c);
  }

  /** A first shape: along the comb while near the head, then down. */
  private void guess(Bench b, int i) {
    double h = lengthMm[i] / (double) coarse;
    Vec3 r = scalp.pointMm(i);
    double x = r.x();
    double y = r.y();
    double z = r.z();
    double px = clamps[3 * i];
    double py = clamps[3 * i + 1];
    double pz = clamps[3 * i + 2];
    BodyField body = ground.body();
    for (int k = 0; k < coarse; k++) {
      b.comb().find(x, y, z);
      b.comb().read(i, share(lengthMm[i]));
      double phi = body.atMm(x, y, z, b.way());
      double out =
          b.comb().d[0] * b.way()[0] + b.comb().d[1] * b.way()[1] + b.comb().d[2] * b.way()[2];
      double hold = b.comb().held(true) * Math.exp(-sq(Math.max(0, phi - 4) / COMB_REACH_MM));
      double free = 1 - hold;
      double dx = hold * b.comb().d[0] + 0.4 * px;
      double dy = hold * b.comb().d[1] + 0.4 * py;
      double dz = hold * b.comb().d[2] + 0.4 * pz - 0.8 * free;
      double in = dx * b.way()[0] + dy * b.way()[1] + dz * b.way()[2];
      double least = out > 0.3 ? 0 : (2 - phi) / Math.max(2, h);
      if (in < least) {
        dx += (least - in) * b.way()[0];
        dy += (least - in) * b.way()[1];
        dz += (least - in) * b.way()[2];
      }
      double l = Math.sqrt(dx * dx + dy * dy + dz * dz) + 1e-12;
      px = dx / l;
      py = dy / l;
      pz = dz / l;
      int q = 3 * (i * coarse + k);
      coarseWay[q] = (float) px;
      coarseWay[q + 1] = (float) py;
      coarseWay[q + 2] = (float) pz;
      x += h * px;
      y += h * py;
      z += h * pz;
    }
  }

  private void load(Bench b, int i, int n, boolean wet) {
    RodSolver s = b.rod();
    s.n = n;
    s.h = lengthMm[i] / (double) n;
    s.rest = null;
    s.bending =
        Rod.of(map.diameterUm()[i], wet ? map.curlRatio()[i] : curl[i], wet, styling.productShare())
            .bendingMm3();
    Vec3 r = scalp.pointMm(i);
    s.rootX = r.x();
    s.rootY = r.y();
    s.rootZ = r.z();
    s.clamp[0] = clamps[3 * i];
    s.clamp[1] = clamps[3 * i + 1];
    s.clamp[2] = clamps[3 * i + 2];
    s.body = ground.body();
  }

  /** The comb and the hair beneath, as they are where the rod now lies. */
  private void surroundings(Bench b, int i, Layer layer, boolean wet) {
    RodSolver s = b.rod();
    double x = s.rootX;
    double y = s.rootY;
    double z = s.rootZ;
    double share = share(lengthMm[i]);
    double curl = this.curl[i];
    double combed =
        wet ? 1 + HOLD_MORE * styling.hold() : setting.rubs() + DRY_HOLD * styling.hold();
    double pull =
        COMB_PULL
            * combed
            * curl
            * curl
            * Math.min(1.5, s.bending / USUAL_BENDING_MM3 + 0.4)
            * (0.06 + 0.94 * smooth((lengthMm[i] - 8) / (0.9 * Math.cbrt(s.bending))));
    double reach = COMB_REACH_MM + HOLD_REACH_MM * styling.hold();
    double own = 0.85 + 0.3 * Combing.hash(i, 4);
    for (int k = 0; k < s.n; k++) {
      int q = 3 * k;
      double mx = x + 0.5 * s.h * s.t[q];
      double my = y + 0.5 * s.h * s.t[q + 1];
      double mz = z + 0.5 * s.h * s.t[q + 2];
      b.comb().find(mx, my, mz);
      b.comb().read(i, share);
      s.comb[q] = b.comb().d[0];
      s.comb[q + 1] = b.comb().d[1];
      s.comb[q + 2] = b.comb().d[2];
      double phi = s.body.atMm(mx, my, mz, null);
      double above = phi - (layer == null ? 4 : layer.allMm(b.comb().nodes, b.comb().shares));
      double near = above <= 0 ? 1 : Math.exp(-sq(above / reach));
      s.combPull[k] = pull * b.comb().held(wet) * near;
      x += s.h * s.t[q];
      y += s.h * s.t[q + 1];
      z += s.h * s.t[q + 2];
      double from = (k + 1) * s.h;
      double under = SKIN_MM;
      if (layer != null) {
        // Near its root a hair comes up through what lies there.
        under += smooth(from / 16) * own * layer.underMm(b.comb().nodes, b.comb().shares, from);
      }
      s.clear[k] = Math.min(under, SKIN_MM + 0.8 * from);
    }
  }

  private static double sq(double x) {
    return x * x;
  }

  private void coarse(Bench b, int i, Layer layer) {
    if (lengthMm[i] < STRAIGHT_MM) {
      return;
    }
    load(b, i, coarse, true);
    RodSolver s = b.rod();
    for (int k = 0; k < 3 * coarse; k++) {
      s.t[k] = coarseWay[3 * i * coarse + k];
    }
    normalise(s.t, coarse);
    for (int round = 0; round < 2; round++) {
      surroundings(b, i, layer, true);
      s.settle(5, 0.02, null);
    }
    for (int k = 0; k < 3 * coarse; k++) {
      coarseWay[3 * i * coarse + k] = (float) s.t[k];
    }
  }

  private static void normalise(double[] t, int n) {
    for (int k = 0; k < n; k++) {
      double l =
          Math.sqrt(
              t[3 * k] * t[3 * k] + t[3 * k + 1] * t[3 * k + 1] + t[3 * k + 2] * t[3 * k + 2]);
      t[3 * k] /= l;
      t[3 * k + 1] /= l;
      t[3 * k + 2] /= l;
    }
  }

  private void fine(Bench b, int i, Layer layer) {
    RodSolver s = b.rod();
    int n = pieces(lengthMm[i]);
    load(b, i, n, styling.wet());
    settled[i] = true;
    if (lengthMm[i] < STRAIGHT_MM) {
      for (int k = 0; k < n; k++) {
        System.arraycopy(s.clamp, 0, s.t, 3 * k, 3);
      }
    } else {
      // Long hair lies along more of the head and needs more steps to rest on it.
      int steps = 8 + (int) (lengthMm[i] / 20);
      if (styling.wet()) {
        refine(s.t, n, i, coarseWay, 3 * i * coarse, coarse);
      } else {
        dried(b, i, layer);
      }
      surroundings(b, i, layer, styling.wet());
      settled[i] = s.settle(steps, SETTLED_RAD, null);
    }
    write(b, i);
  }

  /**
   * A rod has two pieces to three that are drawn, and fewer where it is so short that it is stiff.
   */
  private int pieces(double length) {
    int most = 2 * fine / 3;
    return Math.max(coarse, Math.min(most, (int) Math.ceil(length * fine / STIFF_MM)));
  }

  /**
   * The hair as it was combed wet dries and keeps a share of its bends: a coarse rod first falls
   * with them, and the fine one starts where that has come to rest.
   */
  private void dried(Bench b, int i, Layer layer) {
    RodSolver s = b.rod();
    load(b, i, coarse, false);
    for (int k = 0; k < 3 * coarse; k++) {
      s.t[k] = coarseWay[3 * i * coarse + k];
    }
    b.bends().dry(s);
    s.rest = b.bends().turns;
    for (int round = 0; round < 2; round++) {
      keep(b, i);
      surroundings(b, i, layer, false);
      s.settle(6, 0.02, null);
    }
    for (int k = 0; k < 3 * coarse; k++) {
      b.fallen()[k] = (float) s.t[k];
    }
    int n = pieces(lengthMm[i]);
    load(b, i, n, false);
    refine(s.t, n, i, coarseWay, 3 * i * coarse, coarse);
    b.bends().dry(s);
    s.rest = b.bends().turns;
    refine(s.t, n, i, b.fallen(), 0, coarse);
    keep(b, i);
  }

  private void keep(Bench b, int i) {
    Setting set = setting;
    RodSolver s = b.rod();
    UnitVec n = scalp.normal(i);
    double[] c = s.clamp;
    double[] axis = b.lift();
    axis[0] = c[1] * n.z() - c[2] * n.y();
    axis[1] = c[2] * n.x() - c[0] * n.z();
    axis[2] = c[0] * n.y() - c[1] * n.x();
    unit(axis);
    // A curl takes its own way again, and so does hair too short to be held by its own weight.
    double kept = curl[i] * (SHORT_KEEPS + (1 - SHORT_KEEPS) * smooth((lengthMm[i] - 12) / 36));
    double lift = Math.toRadians(set.liftDeg()) * smooth((lengthMm[i] - 6) / 20);
    b.bends().keep(set.share() * kept, lift, axis, s.t);
    if (set.endTurnDegPerMm() > 0) {
      woundIn(b, i, Math.toRadians(set.endTurnDegPerMm()) * s.h, set.endMm());
    }
  }

  /** The last of the hair wound on a brush: bent in toward the head. */
  private void woundIn(Bench b, int i, double turnRad, double endMm) {
    RodSolver s = b.rod();
    double[] axis = b.lift();
    double x = s.rootX - centre.x();
    double y = s.rootY - centre.y();
    for (int k = 0; k < s.n; k++) {
      int q = 3 * k;
      x += s.h * s.t[q];
      y += s.h * s.t[q + 1];
      if (lengthMm[i] - (k + 1) * s.h < Math.min(endMm, 0.5 * lengthMm[i])) {
        // Along t × in, in being level toward the middle of the head.
        axis[0] = s.t[q + 2] * y;
        axis[1] = -s.t[q + 2] * x;
        axis[2] = s.t[q + 1] * x - s.t[q] * y;
        unit(axis);
        b.bends().also(k, turnRad * axis[0], turnRad * axis[1], turnRad * axis[2]);
      }
    }
  }

  private static void unit(double[] v) {
    double l = Math.sqrt(sq(v[0]) + sq(v[1]) + sq(v[2])) + 1e-9;
    for (int k = 0; k < 3; k++) {
      v[k] /= l;
    }
  }

  /** A rod's directions read between the middles of its pieces, for one of more pieces. */
  private void refine(double[] t, int n, int i, float[] from, int at0, int pieces) {
    for (int k = 0; k < n; k++) {
      double at = (k + 0.5) * pieces / n - 0.5;
      int a = (int) Math.floor(at);
      double share = at - a;
      for (int c = 0; c < 3; c++) {
        double low = a < 0 ? clamps[3 * i + c] : from[at0 + 3 * a + c];
        double high = from[at0 + 3 * Math.min(a + 1, pieces - 1) + c];
        t[3 * k + c] = low + share * (high - low) + (c == 2 ? -1e-9 : 0);
      }
    }
    normalise(t, n);
  }

  /** Points; what was caught inside a thin part, such as an ear, is set on its skin. */
  private void write(Bench b, int i) {
    RodSolver s = b.rod();
    for (int k = 0; k < 3 * s.n; k++) {
      b.fallen()[k] = (float) s.t[k];
    }
    double[] drawn = b.drawn();
    refine(drawn, fine, i, b.fallen(), 0, s.n);
    double h = lengthMm[i] / (double) fine;
    double x = s.rootX;
    double y = s.rootY;
    double z = s.rootZ;
    int at = 3 * i * points;
    for (int k = 0; k <= fine; k++) {
      xyz[at] = (float) x;
      xyz[at + 1] = (float) y;
      xyz[at + 2] = (float) z;
      if (k > 0) {
        OffSkin.set(ground.body(), centre, xyz, at, b.way());
      }
      at += 3;
      if (k < fine) {
        x += h * drawn[3 * k];
        y += h * drawn[3 * k + 1];
        z += h * drawn[3 * k + 2];
      }
    }
  }
}
