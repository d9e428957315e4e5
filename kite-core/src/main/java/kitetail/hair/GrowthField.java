package kitetail.hair;

import java.util.ArrayList;
import java.util.List;
import kitetail.geom.Smooth;
import kitetail.geom.UnitVec;
import kitetail.geom.Vec3;
import kitetail.head.Head;
import kitetail.head.Place;

/**
 * The direction in which hair leaves each place of the skin: outward from the whorl with a turn
 * that fades, forward to the front, down the sides, and as the front and the nape will have it.
 * Reach of the turns in mm and their angles are assumptions.
 */
public final class GrowthField {
  private static final double TURN_RAD = 1.1;
  private static final double TURN_REACH_MM = 34;
  private static final double DOUBLE_APART_MM = 21;
  private static final double COWLICK_REACH_MM = 24;
  private static final double NAPE_REACH_MM = 30;
  private static final double STANDS_UP_DEG = 18;

  private final Head head;
  private final Growth growth;
  private final double exitDeg;
  private final List<Vec3> whorls = new ArrayList<>();
  private final List<Double> hands = new ArrayList<>();
  private final Vec3 cowlick;

  public GrowthField(Head head, Hair hair) {
    this.head = head;
    this.growth = hair.growth();
    this.exitDeg = hair.exitDeg();
    Vec3 crown = head.place(Place.CROWN);
    switch (growth.whorl()) {
      case RIGHT -> whorl(crown, 1);
      case LEFT -> whorl(crown, -1);
      case DOUBLE -> {
        Vec3 apart = UnitVec.RIGHT.times(DOUBLE_APART_MM);
        whorl(head.surface().onto(crown.plus(apart)), -1);
        whorl(head.surface().onto(crown.minus(apart)), 1);
      }
    }
    cowlick =
        switch (growth.front()) {
          case NONE -> null;
          case LEFT -> inside(-22);
          case CENTRE -> inside(0);
          case RIGHT -> inside(22);
        };
  }

  private void whorl(Vec3 at, double hand) {
    whorls.add(at);
    hands.add(hand);
  }

  private Vec3 inside(double azimuthDeg) {
    double a = Math.toRadians(azimuthDeg);
    return head.point(a, head.hairlineFromApexMm(a) - 9);
  }

  /** The centres of the whorls at the crown. */
  public List<Vec3> whorls() {
    return List.copyOf(whorls);
  }

  /** The way hair lies at a point of the skin: a direction along the skin. */
  public UnitVec at(Vec3 p) {
    UnitVec normal = head.surface().normalAt(p);
    Vec3 sum = new Vec3(0, 0, 0);
    for (int i = 0; i < whorls.size(); i++) {
      Vec3 away = p.minus(whorls.get(i));
      double d = away.norm();
      if (d < 1e-6) {
        continue;
      }
      double turn = -hands.get(i) * TURN_RAD * Math.exp(-d / TURN_REACH_MM);
      sum = sum.plus(turned(along(away, normal), normal, turn).times(1 / (d * d + 30)));
    }
    Vec3 v = along(sum, normal);
    double side = Smooth.step(-aboveRidgeMm(p) / 35);
    v = along(v.plus(down(normal).times(0.8 * side)), normal);
    return UnitVec.of(nape(p, normal, front(p, normal, v)));
  }

  /** Angle at which the hair leaves the skin: it stands up at whorls. */
  public double exitDegAt(Vec3 p) {
    double up = 0;
    for (Vec3 w : whorls) {
      up = Math.max(up, Math.exp(-sq(p.distanceTo(w) / 14)));
    }
    if (cowlick != null) {
      up = Math.max(up, Math.exp(-sq(p.distanceTo(cowlick) / 16)));
    }
    return Math.min(90, exitDeg + STANDS_UP_DEG * up);
  }

  private Vec3 front(Vec3 p, UnitVec normal, Vec3 v) {
    if (cowlick == null) {
      return v;
    }
    Vec3 away = p.minus(cowlick);
    double share = Math.exp(-sq(away.norm() / COWLICK_REACH_MM));
    if (away.norm() < 1e-6) {
      return v;
    }
    double hand = growth.front() == Growth.FrontCowlick.LEFT ? 1 : -1;
    Vec3 swirl = turned(along(away, normal), normal, hand * 0.9);
    // The front of a cowlick stands up and back off the forehead.
    Vec3 lifted = along(swirl.plus(up(normal).times(0.5)), normal);
    return along(v.times(1 - share).plus(lifted.times(share)), normal);
  }

  private Vec3 nape(Vec3 p, UnitVec normal, Vec3 v) {
    return switch (growth.nape()) {
      case DOWN -> v;
      case SWIRL_LEFT -> swirl(p, normal, v, Place.NAPE_CORNER_LEFT, 1);
      case SWIRL_RIGHT -> swirl(p, normal, v, Place.NAPE_CORNER_RIGHT, -1);
      case SWIRLS ->
          swirl(
              p,
              normal,
              swirl(p, normal, v, Place.NAPE_CORNER_LEFT, 1),
              Place.NAPE_CORNER_RIGHT,
              -1);
      case ALL_LEFT -> swept(p, normal, v, UnitVec.RIGHT.times(-1).plus(up(normal).times(0.25)));
      case ALL_RIGHT -> swept(p, normal, v, UnitVec.RIGHT.times(1).plus(up(normal).times(0.25)));
      case UP -> swept(p, normal, v, up(normal));
    };
  }

  private Vec3 swirl(Vec3 p, UnitVec normal, Vec3 v, Place corner, double toward) {
    double share = Math.exp(-sq(p.distanceTo(head.place(corner)) / NAPE_REACH_MM));
    Vec3 in = along(UnitVec.RIGHT.times(toward), normal).plus(up(normal).times(0.7));
    return along(v.times(1 - share).plus(along(in, normal).times(share)), normal);
  }

  private Vec3 swept(Vec3 p, UnitVec normal, Vec3 v, Vec3 way) {
    double nape = head.place(Place.NAPE).z();
    double bone = head.place(Place.OCCIPITAL).z();
    double share = Smooth.step((bone - p.z()) / (0.75 * (bone - nape)));
    share *= p.y() < head.place(Place.APEX).y() ? 1 : 0;
    return along(v.times(1 - share).plus(along(way, normal).times(share)), normal);
  }

  private double aboveRidgeMm(Vec3 p) {
    return head.ridgeFromApexMm(head.azimuthRad(p)) - head.fromApexMm(p);
  }

  private static Vec3 down(UnitVec normal) {
    return UnitVec.UP.opposite().alongSurface(normal).times(1);
  }

  private static Vec3 up(UnitVec normal) {
    return UnitVec.UP.alongSurface(normal).times(1);
  }

  /** The direction of a vector along the skin, length 1. */
  private static Vec3 along(Vec3 v, UnitVec normal) {
    Vec3 flat = v.minus(normal.times(normal.dot(v)));
    double n = flat.norm();
    return n < 1e-9 ? down(normal) : flat.times(1 / n);
  }

  private static Vec3 turned(Vec3 v, UnitVec normal, double rad) {
    return v.times(Math.cos(rad)).plus(normal.times(1).cross(v).times(Math.sin(rad)));
  }

  private static double sq(double x) {
    return x * x;
  }

  /** A comb stroke along the growth: points on the skin, each a step further. */
  public List<Vec3> stroke(Vec3 from, double lengthMm, int steps) {
    List<Vec3> out = new ArrayList<>(steps + 1);
    Vec3 p = from;
    out.add(p);
    for (int i = 0; i < steps; i++) {
      p = head.surface().onto(p.plus(at(p).times(lengthMm / steps)));
      out.add(p);
    }
    return out;
  }
}
