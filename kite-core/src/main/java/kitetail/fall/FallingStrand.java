package kitetail.fall;

import kitetail.geom.UnitVec;
import kitetail.geom.Vec3;
import kitetail.hair.GrowthField;
import kitetail.hair.HairMap;
import kitetail.head.BodyField;
import kitetail.head.Scalp;

/**
 * One strand of a fall after another, brought to rest: combed wet as a coarse rod, dried, and let
 * fall as a fine one. One for each thread.
 */
final class FallingStrand {
  /** Hair lies so far off the skin it presses on; an assumption. */
  private static final double SKIN_MM = 0.8;

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

  /** A hair combed to lie that is so far off the skin sticks up; an assumption. */
  private static final double STICKS_MM = 18;

  /** A turn of a piece too small to see: a long end moves less than a millimetre by it. */
  private static final double SETTLED_RAD = 4e-3;

  /** What the shortest hair keeps of what long hair does; an assumption. */
  private static final double SHORT_KEEPS = 0.4;

  /** Hair as long as this needs as many pieces as are drawn to bend over the head. */
  private static final double STIFF_MM = 105;

  private final RodSolver rod;
  private final Combing comb;
  private final Bends bends;
  private final float[] fallen;
  private final double[] drawn;
  private final double[] lift = new double[3];
  private final double[] way = new double[3];

  private final Styling styling;
  private final Setting setting;
  private final Scalp scalp;
  private final BodyField body;
  private final GrowthField field;
  private final Vec3 centre;
  private final HairMap map;
  private final int points;
  private final int coarse;
  private final int fine;
  private final float[] lengthMm;
  private final double[] curl;
  private final double[] exits;
  private final double[] clamps;
  private final float[] coarseWay;
  private final float[] xyz;
  private final boolean[] settled;

  FallingStrand(Falling all) {
    styling = all.styling;
    setting = styling.setting();
    scalp = all.ground.scalp();
    body = all.ground.body();
    field = all.field;
    centre = all.centre;
    map = all.map;
    points = all.points;
    coarse = Falling.COARSE;
    fine = points - 1;
    lengthMm = all.falls.lengthMm();
    curl = all.falls.curl();
    exits = all.exits;
    clamps = all.clamps;
    coarseWay = all.coarseWay;
    xyz = all.xyz;
    settled = all.settled;
    rod = new RodSolver(fine);
    comb = new Combing(all.lie, centre);
    bends = new Bends(fine);
    fallen = new float[3 * fine];
    drawn = new double[3 * fine];
  }

  /** The clamp: between growth and comb, the more combed the longer the hair. */
  void first(int i) {
    Vec3 p = scalp.pointMm(i);
    UnitVec n = scalp.normal(i);
    double length = lengthMm[i];
    comb.find(p.x(), p.y(), p.z());
    comb.read(i, share(length));
    double lying = comb.d[0] * n.x() + comb.d[1] * n.y() + comb.d[2] * n.z();
    Vec3 flat = new Vec3(comb.d[0], comb.d[1], comb.d[2]).minus(n.times(lying));
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
  }

  private static double share(double lengthMm) {
    return smooth((lengthMm - 4) / 22);
  }

  private static double smooth(double t) {
    double c = Math.max(0, Math.min(1, t));
    return c * c * (3 - 2 * c);
  }

  /** A first shape: along the comb while near the head, then down. */
  private void guess(int i) {
    double h = lengthMm[i] / (double) coarse;
    Vec3 r = scalp.pointMm(i);
    double x = r.x();
    double y = r.y();
    double z = r.z();
    double px = clamps[3 * i];
    double py = clamps[3 * i + 1];
    double pz = clamps[3 * i + 2];
    for (int k = 0; k < coarse; k++) {
      comb.find(x, y, z);
      comb.read(i, share(lengthMm[i]));
      double phi = body.atMm(x, y, z, way);
      double out = comb.d[0] * way[0] + comb.d[1] * way[1] + comb.d[2] * way[2];
      double hold = comb.held(true) * Math.exp(-sq(Math.max(0, phi - 4) / COMB_REACH_MM));
      double free = 1 - hold;
      double dx = hold * comb.d[0] + 0.4 * px;
      double dy = hold * comb.d[1] + 0.4 * py;
      double dz = hold * comb.d[2] + 0.4 * pz - 0.8 * free;
      double in = dx * way[0] + dy * way[1] + dz * way[2];
      double least = out > 0.3 ? 0 : (2 - phi) / Math.max(2, h);
      if (in < least) {
        dx += (least - in) * way[0];
        dy += (least - in) * way[1];
        dz += (least - in) * way[2];
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

  private void load(int i, int n, boolean wet) {
    RodSolver s = rod;
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
    s.body = body;
  }

  /** The comb and the hair beneath, as they are where the rod now lies. */
  private void surroundings(int i, Layer layer, boolean wet) {
    RodSolver s = rod;
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
      comb.find(mx, my, mz);
      comb.read(i, share);
      s.comb[q] = comb.d[0];
      s.comb[q + 1] = comb.d[1];
      s.comb[q + 2] = comb.d[2];
      double phi = s.body.atMm(mx, my, mz, null);
      double above = phi - (layer == null ? 4 : layer.allMm(comb.nodes, comb.shares));
      double near = above <= 0 ? 1 : Math.exp(-sq(above / reach));
      s.combPull[k] = pull * comb.held(wet) * near;
      x += s.h * s.t[q];
      y += s.h * s.t[q + 1];
      z += s.h * s.t[q + 2];
      double from = (k + 1) * s.h;
      double under = SKIN_MM;
      if (layer != null) {
        // Near its root a hair comes up through what lies there.
        under += smooth(from / 16) * own * layer.underMm(comb.nodes, comb.shares, from);
      }
      s.clear[k] = Math.min(under, SKIN_MM + 0.8 * from);
    }
  }

  private static double sq(double x) {
    return x * x;
  }

  /** Combed wet as if no other hair were there. */
  void alone(int i) {
    guess(i);
    coarse(i, null, 2);
  }

  /** Combed wet with the strand that leads it. */
  void goAlong(int i, int leader) {
    double[] t = drawn;
    read(t, coarse, i, over(i, leader), coarseWay, 3 * leader * coarse, coarse);
    for (int k = 0; k < 3 * coarse; k++) {
      coarseWay[3 * i * coarse + k] = (float) t[k];
    }
  }

  /**
   * Combed wet from where it lies.
   *
   * @param rounds how often comb and hair beneath are read anew
   */
  void coarse(int i, Layer layer, int rounds) {
    if (lengthMm[i] < Falling.STRAIGHT_MM) {
      return;
    }
    load(i, coarse, true);
    RodSolver s = rod;
    for (int k = 0; k < 3 * coarse; k++) {
      s.t[k] = coarseWay[3 * i * coarse + k];
    }
    normalise(s.t, coarse);
    for (int round = 0; round < rounds; round++) {
      surroundings(i, layer, true);
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

  /**
   * @param leader whose lying it starts from; itself when none leads it
   */
  void fine(int i, Layer layer, int leader) {
    RodSolver s = rod;
    int n = pieces(lengthMm[i]);
    load(i, n, styling.wet());
    settled[i] = true;
    if (lengthMm[i] < Falling.STRAIGHT_MM) {
      for (int k = 0; k < n; k++) {
        System.arraycopy(s.clamp, 0, s.t, 3 * k, 3);
      }
    } else {
      // Long hair lies along more of the head and needs more steps to rest on it.
      int steps = 8 + (int) (lengthMm[i] / 20);
      if (leader != i) {
        beside(leader);
      }
      if (!styling.wet()) {
        dried(i, layer, leader);
      } else if (leader == i) {
        read(s.t, n, i, 1, coarseWay, 3 * i * coarse, coarse);
      } else {
        read(s.t, n, i, over(i, leader), fallen, 0, fine);
      }
      surroundings(i, layer, styling.wet());
      settled[i] = s.settle(steps, SETTLED_RAD, null);
      if (s.rest != null && laid() && sticksUp()) {
        s.rest = null;
        surroundings(i, layer, true);
        settled[i] = s.settle(steps, SETTLED_RAD, null);
      }
    }
    write(i);
  }

  /** Whether it was combed to lie, and not up or as it falls. */
  private boolean laid() {
    return styling.way() != Styling.Way.NATURAL && styling.way() != Styling.Way.UP;
  }

  /** True when some of it stands well off the head above its root, or its end points away. */
  private boolean sticksUp() {
    RodSolver s = rod;
    double x = s.rootX;
    double y = s.rootY;
    double z = s.rootZ;
    double phi = 0;
    for (int k = 0; k < s.n; k++) {
      x += s.h * s.t[3 * k];
      y += s.h * s.t[3 * k + 1];
      z += s.h * s.t[3 * k + 2];
      phi = body.atMm(x, y, z, way);
      if (phi > STICKS_MM && z > s.rootZ) {
        return true;
      }
    }
    int q = 3 * (s.n - 1);
    double out = s.t[q] * way[0] + s.t[q + 1] * way[1] + s.t[q + 2] * way[2];
    return phi > STICKS_MM && out > 0.1;
  }

  /**
   * A rod has two pieces to three that are drawn, and fewer where it is so short that it is stiff.
   */
  private int pieces(double length) {
    int most = 2 * fine / 3;
    return Math.max(coarse, Math.min(most, (int) Math.ceil(length * fine / STIFF_MM)));
  }

  /**
   * The hair as it was combed wet dries and keeps a share of its bends, and falls with them from
   * where its leader lies; one that has none falls as a coarse rod first.
   */
  private void dried(int i, Layer layer, int leader) {
    RodSolver s = rod;
    if (leader == i) {
      driedCoarse(i, layer);
    }
    int n = pieces(lengthMm[i]);
    load(i, n, false);
    read(s.t, n, i, 1, coarseWay, 3 * i * coarse, coarse);
    bends.dry(s);
    s.rest = bends.turns;
    read(s.t, n, i, over(i, leader), fallen, 0, leader == i ? coarse : fine);
    keep(i);
  }

  private void driedCoarse(int i, Layer layer) {
    RodSolver s = rod;
    load(i, coarse, false);
    for (int k = 0; k < 3 * coarse; k++) {
      s.t[k] = coarseWay[3 * i * coarse + k];
    }
    bends.dry(s);
    s.rest = bends.turns;
    for (int round = 0; round < 2; round++) {
      keep(i);
      surroundings(i, layer, false);
      s.settle(6, 0.02, null);
    }
    for (int k = 0; k < 3 * coarse; k++) {
      fallen[k] = (float) s.t[k];
    }
  }

  /** Which way each piece of a strand at rest lies. */
  private void beside(int leader) {
    for (int k = 0; k < 3 * fine; k++) {
      int at = 3 * leader * points + k;
      fallen[k] = (xyz[at + 3] - xyz[at]) * fine / lengthMm[leader];
    }
  }

  private double over(int strand, int leader) {
    return lengthMm[strand] / (double) lengthMm[leader];
  }

  private void keep(int i) {
    Setting set = setting;
    RodSolver s = rod;
    UnitVec n = scalp.normal(i);
    double[] c = s.clamp;
    double[] axis = lift;
    axis[0] = c[1] * n.z() - c[2] * n.y();
    axis[1] = c[2] * n.x() - c[0] * n.z();
    axis[2] = c[0] * n.y() - c[1] * n.x();
    unit(axis);
    // A curl takes its own way again, and so does hair too short to be held by its own weight.
    double kept = curl[i] * (SHORT_KEEPS + (1 - SHORT_KEEPS) * smooth((lengthMm[i] - 12) / 36));
    double lift = Math.toRadians(set.liftDeg()) * smooth((lengthMm[i] - 6) / 20);
    bends.keep(set.share() * kept, lift, axis, s.t);
    if (set.endTurnDegPerMm() > 0) {
      woundIn(i, Math.toRadians(set.endTurnDegPerMm()) * s.h, set.endMm());
    }
  }

  /** The last of the hair wound on a brush: bent in toward the head. */
  private void woundIn(int i, double turnRad, double endMm) {
    RodSolver s = rod;
    double[] axis = lift;
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
        bends.also(k, turnRad * axis[0], turnRad * axis[1], turnRad * axis[2]);
      }
    }
  }

  private static void unit(double[] v) {
    double l = Math.sqrt(sq(v[0]) + sq(v[1]) + sq(v[2])) + 1e-9;
    for (int k = 0; k < 3; k++) {
      v[k] /= l;
    }
  }

  /**
   * A rod's directions read between the middles of its pieces, for one of more or fewer of them.
   *
   * @param ratio the length of the one over that of the other
   */
  private void read(double[] t, int n, int i, double ratio, float[] from, int at0, int pieces) {
    for (int k = 0; k < n; k++) {
      double at = (k + 0.5) * ratio * pieces / n - 0.5;
      int a = Math.min(pieces - 1, (int) Math.floor(at));
      double share = at - a;
      int b = Math.min(a + 1, pieces - 1);
      for (int c = 0; c < 3; c++) {
        double low = a < 0 ? clamps[3 * i + c] : from[at0 + 3 * a + c];
        double high = from[at0 + 3 * b + c];
        t[3 * k + c] = low + share * (high - low) + (c == 2 ? -1e-9 : 0);
      }
    }
    normalise(t, n);
  }

  /** Points; what was caught inside a thin part, such as an ear, is set on its skin. */
  private void write(int i) {
    RodSolver s = rod;
    for (int k = 0; k < 3 * s.n; k++) {
      fallen[k] = (float) s.t[k];
    }
    read(drawn, fine, i, 1, fallen, 0, s.n);
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
        OffSkin.set(body, centre, xyz, at, way);
      }
      at += 3;
      if (k < fine) {
        x += h * drawn[3 * k];
        y += h * drawn[3 * k + 1];
        z += h * drawn[3 * k + 2];
      }
    }
  }

  /** Drawn into its lock, and kept off the skin. */
  void inLock(int i, int l, float[] out) {

    int at = 3 * i * points;
    if (l == i || lengthMm[i] < Falling.STRAIGHT_MM || lengthMm[l] < Falling.STRAIGHT_MM) {
      System.arraycopy(xyz, at, out, at, 3 * points);
      return;
    }
    double pull = Locks.pull(lengthMm[i], curl[i], styling.productShare());
    Locks.draw(xyz, i, l, points, lengthMm[i], lengthMm[l], pull, out);
    // A few times: set out of the skin a strand is a little longer, and shortened back in
    // again.
    for (int again = 0; again < 4; again++) {
      for (int k = 1; k < points; k++) {
        OffSkin.set(body, centre, out, at + 3 * k, way);
      }
      if (again < 3) {
        OffSkin.lengthen(out, at, points, lengthMm[i] / (double) fine);
      }
    }
  }

  /** Set beside the part where it would stand on it, its first half with its root. */
  void setBeside(PartLine part, int i, float[] out) {
    int at = 3 * i * points;
    double by = part.beside(out[at], out[at + 1]);
    for (int k = 0; k < points && by != 0; k++) {
      out[at + 3 * k] += (float) (by * Math.max(0, 1 - 2.0 * k / points));
      if (k > 0) {
        OffSkin.set(body, centre, out, at + 3 * k, way);
      }
    }
  }
}
