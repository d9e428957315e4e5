package kitetail.cut;

import java.util.List;
import kitetail.geom.StarSurface;
import kitetail.geom.TautPath;
import kitetail.geom.UnitVec;
import kitetail.geom.Vec3;
import kitetail.head.Head;
import kitetail.head.Scalp;
import kitetail.section.Facing;
import kitetail.section.Parting;
import kitetail.section.Zone;

/** Works out one cut over the fingers: where each hair is held, and how long it is up to there. */
final class HeldHair {
  private static final double TRACE_MM = 13;
  private static final int MAX_BITES = 120;

  private final Fingers cut;
  private final Hold hold;
  private final CutLine line;
  private final Parting parting;
  private final Zone zone;
  private final Scalp scalp;
  private final int[] roots;
  private final Head head;
  private final StarSurface skin;
  private final TautPath taut;
  private final CutLine.Laid laid;
  private final boolean asksRise;
  private final double start;
  private final boolean wraps;
  private final List<Vec3> middles;
  private final Vec3[] chain = new Vec3[MAX_BITES + 1];
  private final UnitVec[] normals = new UnitVec[MAX_BITES + 1];

  HeldHair(Fingers cut, Zone zone) {
    this.cut = cut;
    this.hold = cut.hold();
    this.line = cut.line();
    this.parting = cut.parting();
    this.zone = zone;
    this.scalp = zone.scalp();
    this.roots = zone.roots();
    this.head = scalp.head();
    this.skin = head.surface();
    this.taut = new TautPath(skin);
    this.laid = line.on(head, hold);
    this.asksRise = line.asksRise(hold);
    boolean chained = !(cut.guide().travels() || cut.guide() instanceof Guide.Fixed);
    this.start = chained || cut.rollDeg() > 0 ? zone.firstMm(parting) : 0;
    boolean pinched = cut.guide() instanceof Guide.Pinched;
    this.wraps = cut.hand() != null && cut.hand().wraps();
    this.middles = pinched ? zone.middlesMm(parting, cut.biteMm()) : List.of();
  }

  double[] lengths() {
    double[] out = new double[roots.length];
    if (cut.guide() instanceof Guide.Fixed f) {
      fixed(f, out);
    } else if (cut.guide().travels()) {
      for (int k = 0; k < roots.length; k++) {
        out[k] = travelling(roots[k]);
      }
    } else if (!middles.isEmpty()) {
      for (int k = 0; k < roots.length; k++) {
        out[k] = reaching(roots[k], tip(middle(scalp.pointMm(roots[k]))));
      }
    } else {
      Handed handed = handed(cut.guide());
      for (int k = 0; k < roots.length; k++) {
        out[k] = chained(roots[k], handed);
      }
    }
    if (cut.rollDeg() > 0) {
      roll(out);
    }
    if (cut.hand() != null) {
      shape(cut.hand(), out);
    }
    return out;
  }

  /** Where the hand turns in or out over a stretch, or lifts the bite before it cuts the line. */
  private void shape(Hand hand, double[] out) {
    for (int k = 0; k < roots.length; k++) {
      if (hand.tuck() != null) {
        out[k] = Math.max(0, out[k] + hand.tuck().addsMm(scalp, roots[k]));
      }
      if (hand.first() != null) {
        out[k] = Math.min(out[k], hand.first().leavesMm(rise(roots[k])));
      }
    }
  }

  private double travelling(int i) {
    double past = wraps ? head.ridgeFromApexMm(scalp.azimuthRad(i)) : 0;
    if (scalp.fromApexMm(i) >= past) {
      return held(scalp.pointMm(i), scalp.normal(i), asksRise ? rise(i) : 0);
    }
    Vec3 ridge = head.point(scalp.azimuthRad(i), past);
    return held(ridge, skin.normalAt(ridge), rise(ridge));
  }

  private double reaching(int i, Vec3 tip) {
    return tip == null
        ? Double.POSITIVE_INFINITY
        : taut.lengthMm(scalp.pointMm(i), scalp.normal(i), tip);
  }

  /** Fingers rolled up: in each bite the hair of its upper edge ends up shortest. */
  private void roll(double[] out) {
    double lost = Math.tan(Math.toRadians(cut.rollDeg()));
    for (int k = 0; k < roots.length; k++) {
      double in = (parting.atMm(head, scalp.pointMm(roots[k])) - start) % cut.biteMm();
      out[k] = Math.max(0, out[k] - in * lost);
    }
  }

  private void fixed(Guide.Fixed f, double[] out) {
    Vec3 place = head.place(f.place());
    Vec3 spot = f.gather() == Guide.Gather.SPOT ? tip(place) : null;
    UnitVec along = across(f, place);
    for (int k = 0; k < roots.length; k++) {
      Vec3 tip = spot != null ? spot : tip(inRow(scalp.pointMm(roots[k]), place, along));
      out[k] = reaching(roots[k], tip);
    }
  }

  /** The way a hair goes to a fixed guide, when not all go to the one spot. */
  private UnitVec across(Guide.Fixed f, Vec3 place) {
    return f.gather() == Guide.Gather.PLANE ? Facing.RIGHT.direction() : rowDirection(place);
  }

  private double rise(int i) {
    return Math.max(0, zone.lowerEdgeFromApexMm(scalp.azimuthRad(i)) - scalp.fromApexMm(i));
  }

  private double rise(Vec3 p) {
    return asksRise
        ? Math.max(0, zone.lowerEdgeFromApexMm(head.azimuthRad(p)) - head.fromApexMm(p))
        : 0;
  }

  private double held(Vec3 p, UnitVec normal, double rise) {
    if (line.asksEverywhere()) {
      // It follows the head: where the hand is does not matter.
      return laid.distanceMm(p, normal, rise);
    }
    UnitVec pull = hold.pull(normal);
    double d = laid.distanceMm(p, pull, rise);
    return !Double.isFinite(d) || d == 0 || pull.dot(normal) > 0.999
        ? d
        : taut.lengthMm(p, normal, p.plus(pull.times(d)));
  }

  /**
   * Where the guide hair that grows at g ends in the hand; null where the line is out of its reach.
   */
  private Vec3 tip(Vec3 g) {
    UnitVec pull = hold.pull(skin.normalAt(g));
    double d = laid.distanceMm(g, pull, rise(g));
    return Double.isFinite(d) ? g.plus(pull.times(d)) : null;
  }

  /** Where the hair of a root ends in the hand when it is left so long. */
  Vec3 heldAt(int root, double lengthMm) {
    Vec3 p = scalp.pointMm(root);
    UnitVec n = scalp.normal(root);
    if (cut.guide() instanceof Guide.Fixed f) {
      Vec3 place = head.place(f.place());
      Vec3 to =
          f.gather() == Guide.Gather.SPOT ? tip(place) : tip(inRow(p, place, across(f, place)));
      return to == null ? p.plus(hold.pull(n).times(lengthMm)) : to;
    }
    if (!middles.isEmpty()) {
      Vec3 to = tip(middle(p));
      return to == null ? p.plus(hold.pull(n).times(lengthMm)) : to;
    }
    boolean back = cut.guide() instanceof Guide.LastBite;
    if (back || cut.guide() instanceof Guide.Middle) {
      Vec3 old = stepBack(p, n);
      if (old != null && !offScalp(old)) {
        Vec3 at = back ? old : skin.onto(old.plus(p).times(0.5));
        UnitVec up = skin.normalAt(at);
        return at.plus(hold.pull(up).times(reach(p, n, lengthMm, at, up)));
      }
    }
    return p.plus(hold.pull(n).times(lengthMm));
  }

  /** The way the work goes at the guide; rows run along it. */
  private UnitVec rowDirection(Vec3 place) {
    return parting instanceof Parting.Across a
        ? a.toward().direction()
        : parting.back(head, place, skin.normalAt(place)).opposite();
  }

  /** From p straight across to the level of the guide's parting, staying on the skin. */
  private Vec3 inRow(Vec3 p, Vec3 place, UnitVec along) {
    Vec3 q = p.plus(along.times(along.dot(place.minus(p))));
    for (int k = 0; k < 8; k++) {
      double h = skin.heightMm(q.x(), q.y(), q.z());
      UnitVec n = skin.normalAt(skin.onto(q));
      double cos = Math.sqrt(Math.max(0.05, 1 - n.dot(along) * n.dot(along)));
      q = q.minus(n.alongSurface(along).times(h / cos));
      if (Math.abs(h) < 1e-3) {
        break;
      }
    }
    return skin.onto(q);
  }

  /** How length is handed from a bite to the next. */
  private interface Handed {
    /**
     * @param old where the last bite grows
     * @param oldNormal of the skin there
     * @param lengthMm what it was left
     * @param next where the new bite grows
     * @param nextNormal of the skin there
     */
    double on(Vec3 old, UnitVec oldNormal, double lengthMm, Vec3 next, UnitVec nextNormal);
  }

  private Handed handed(Guide guide) {
    if (guide instanceof Guide.NewBite) {
      return (old, n, length, next, m) -> reach(old, n, length, next, m);
    }
    if (guide instanceof Guide.Middle) {
      return (old, n, length, next, m) -> {
        Vec3 mid = skin.onto(old.plus(next).times(0.5));
        UnitVec up = skin.normalAt(mid);
        double t = reach(old, n, length, mid, up);
        return taut.lengthMm(next, m, mid.plus(hold.pull(up).times(t)));
      };
    }
    return (old, n, length, next, m) ->
        taut.lengthMm(next, m, old.plus(hold.pull(n).times(length)));
  }

  /**
   * How far out along the pull at {@code at} hair of a length reaches that grows at {@code old}:
   * straight by the quadratic, and where the head is in the way by the secant rule from there.
   */
  private double reach(Vec3 old, UnitVec oldNormal, double length, Vec3 at, UnitVec normal) {
    UnitVec pull = hold.pull(normal);
    Vec3 w = at.minus(old);
    double along = pull.dot(w);
    double under = along * along - w.dot(w) + length * length;
    double t = under < 0 ? 0 : Math.max(0, -along + Math.sqrt(under));
    double miss = taut.lengthMm(old, oldNormal, at.plus(pull.times(t))) - length;
    for (int k = 0; k < 6 && Math.abs(miss) > 1e-3 && t > 0; k++) {
      t = Math.max(0, t - miss);
      miss = taut.lengthMm(old, oldNormal, at.plus(pull.times(t))) - length;
    }
    return t;
  }

  /** Goes back bite by bite to the first, then forward again, length handed on bite by bite. */
  private double chained(int root, Handed handed) {
    chain[0] = scalp.pointMm(root);
    normals[0] = scalp.normal(root);
    double at = parting.atMm(head, chain[0]);
    int n = 0;
    while (n < MAX_BITES) {
      Vec3 back = stepBack(chain[n], normals[n]);
      double next = back == null ? Double.NaN : parting.atMm(head, back);
      if (!(next >= start - 1e-6 && next <= at) || offScalp(back)) {
        break;
      }
      at = next;
      chain[++n] = back;
      normals[n] = skin.normalAt(back);
    }
    double length = held(chain[n], normals[n], 0);
    for (int k = n; k > 0 && Double.isFinite(length); k--) {
      length = handed.on(chain[k], normals[k], length, chain[k - 1], normals[k - 1]);
    }
    return asksRise ? length + gained(chain[0], normals[0]) : length;
  }

  /** What a finger angle or a low hand adds up to here, bite by bite. */
  private double gained(Vec3 p, UnitVec normal) {
    UnitVec pull = hold.pull(normal);
    return laid.distanceMm(p, pull, rise(p)) - laid.distanceMm(p, pull, 0);
  }

  private boolean offScalp(Vec3 p) {
    return head.fromApexMm(p) > head.hairlineFromApexMm(head.azimuthRad(p)) + 1e-3;
  }

  /** One bite back along the skin; null where the head has no further place that way. */
  private Vec3 stepBack(Vec3 from, UnitVec normal) {
    int steps = (int) Math.ceil(cut.biteMm() / TRACE_MM);
    Vec3 p = from;
    UnitVec last = null;
    for (int k = 0; k < steps; k++) {
      UnitVec back = parting.back(head, p, k == 0 ? normal : skin.normalAt(p));
      if (last != null && back.dot(last) < 0) {
        return null;
      }
      last = back;
      // Brought back to the skin, a step along the tangent loses what its arc is shorter.
      double r = p.distanceTo(skin.centreMm());
      p = skin.onto(p.plus(back.times(r * Math.tan(cut.biteMm() / steps / r))));
    }
    return p;
  }

  /** The middle of the bite a place lies in; between two bites as far as it lies between. */
  private Vec3 middle(Vec3 p) {
    double bites = (parting.atMm(head, p) - start) / cut.biteMm() - 0.5;
    double f = Math.max(0, Math.min(middles.size() - 1.0, bites));
    Vec3 here = middles.get((int) f);
    Vec3 next = middles.get(Math.min(middles.size() - 1, (int) f + 1));
    return skin.onto(here.plus(next.minus(here).times(f - (int) f)));
  }
}
