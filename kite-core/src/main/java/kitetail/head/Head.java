package kitetail.head;

import java.util.EnumMap;
import java.util.Map;
import kitetail.geom.EllipsoidSurface;
import kitetail.geom.StarSurface;
import kitetail.geom.UnitVec;
import kitetail.geom.Vec3;

/**
 * A fitted head: its skin, landmarks, ridge and hairline. Immutable and safe to share between
 * threads.
 */
public final class Head {
  /** Where the ridge of a calibration body is taken to be: half way up. */
  private static final double CALIBRATION_RIDGE_RAD = Math.PI / 4;

  /**
   * On the centre line behind the apex the head has begun to fall by this much where a crown of
   * middle height is taken to be; a low or a high one lies where it falls this much more or less.
   */
  private static final double CROWN_FALL_DEG = 38;

  private static final double CROWN_STEP_DEG = 13;

  /** Height of the ear lobe on the model. */
  private static final double LOBE_Z = -22;

  private final HeadSpec spec;
  private final StarSurface surface;
  private final HeadBody body;
  private final Meridians meridians;
  private final Ring hairline;
  private final Ring ridge;
  private final Map<Place, Vec3> places = new EnumMap<>(Place.class);
  private final Map<FacePlace, Vec3> face;
  private final Measures measures;

  /**
   * What a tape and a calliper would read on this head, mm.
   *
   * @param occipitalMm how far the occipital bone stands out from the chord from crown to nape
   */
  public record Measures(
      double girthMm,
      double earToEarMm,
      double frontToNapeMm,
      double breadthMm,
      double lengthMm,
      double occipitalMm) {}

  private Head(HeadSpec spec, StarSurface surface, HeadBody body) {
    this.spec = spec;
    this.surface = surface;
    this.body = body;
    this.meridians = new Meridians(surface);
    this.hairline =
        body == null ? Hairline.level(meridians, surface) : Hairline.of(meridians, body);
    this.ridge =
        body == null
            ? new Ring(a -> CALIBRATION_RIDGE_RAD)
            : Ridge.find(meridians, hairline, body.spec());
    this.face = body == null ? Map.of() : Face.of(body);
    findPlaces();
    this.measures = measure();
  }

  /**
   * @throws HeadMeasureException when no head has these measures
   */
  public static Head of(HeadSpec spec) {
    if (spec instanceof HeadSpec.Ball b) {
      return new Head(spec, new EllipsoidSurface(b.radiusMm(), b.radiusMm(), b.radiusMm()), null);
    }
    if (spec instanceof HeadSpec.Ellipsoid e) {
      return new Head(spec, new EllipsoidSurface(e.acrossMm(), e.forwardMm(), e.upMm()), null);
    }
    HeadBody body = HeadFit.of((HeadSpec.Measured) spec);
    return new Head(spec, body.surface(), body);
  }

  private void findPlaces() {
    places.put(Place.APEX, nudged(Place.APEX, meridians.point(0, 0)));
    places.put(Place.FRONT, edge(0));
    places.put(Place.NAPE, edge(Math.PI));
    Vec3 back = farthestBack();
    Vec3 crown = crown();
    places.put(Place.OCCIPITAL, nudged(Place.OCCIPITAL, back));
    places.put(Place.CROWN, crown);
    places.put(
        Place.DROP_CROWN, nudged(Place.DROP_CROWN, surface.onto(crown.plus(back).times(0.5))));
    oneSide(
        1,
        Place.RECESSION_RIGHT,
        Place.TEMPLE_RIGHT,
        Place.SIDEBURN_RIGHT,
        Place.EAR_TOP_RIGHT,
        Place.BEHIND_EAR_RIGHT,
        Place.MASTOID_RIGHT,
        Place.NAPE_CORNER_RIGHT,
        Place.RIDGE_RIGHT);
    oneSide(
        -1,
        Place.RECESSION_LEFT,
        Place.TEMPLE_LEFT,
        Place.SIDEBURN_LEFT,
        Place.EAR_TOP_LEFT,
        Place.BEHIND_EAR_LEFT,
        Place.MASTOID_LEFT,
        Place.NAPE_CORNER_LEFT,
        Place.RIDGE_LEFT);
  }

  private void oneSide(
      int side,
      Place recession,
      Place temple,
      Place sideburn,
      Place earTop,
      Place behindEar,
      Place mastoid,
      Place napeCorner,
      Place ridgeSide) {
    places.put(recession, edge(side * extreme(side, 20, 50, false)));
    places.put(temple, edge(side * Math.toRadians(HairlineShape.TEMPLE_DEG)));
    double low = extreme(side, 58, 84, true);
    double top = extreme(side, Math.toDegrees(low), 118, false);
    places.put(sideburn, edge(side * low));
    places.put(earTop, edge(side * top));
    places.put(behindEar, edge(side * (top + Math.toRadians(24))));
    places.put(mastoid, edge(side * lobeHigh(side, top + Math.toRadians(24))));
    places.put(napeCorner, edge(side * Math.toRadians(146)));
    places.put(ridgeSide, onRidge(side * Math.PI / 2));
  }

  /** Behind the ear, where the hairline has come down to the height of the lobe. */
  private double lobeHigh(int side, double fromRad) {
    double lobe = LOBE_Z;
    if (body != null) {
      lobe =
          LOBE_Z * body.factors().z()
              + (side > 0 ? body.shape().earRightMm() : body.shape().earLeftMm());
    }
    double a = fromRad;
    while (a < Math.toRadians(158) && edge(side * a).z() > lobe) {
      a += 0.01;
    }
    return a;
  }

  /** A place moved by hand: up toward the apex (the apex itself forward) and across. */
  private Vec3 nudged(Place place, Vec3 p) {
    Nudge n = body == null ? Nudge.NONE : body.spec().nudge(place);
    if (n.equals(Nudge.NONE)) {
      return p;
    }
    UnitVec normal = surface.normalAt(p);
    UnitVec up = (place == Place.APEX ? UnitVec.FORWARD : UnitVec.UP).alongSurface(normal);
    UnitVec right = UnitVec.RIGHT.alongSurface(normal);
    return surface.onto(p.plus(up.times(n.upMm())).plus(right.times(n.acrossMm())));
  }

  /** Azimuth to one side at which the hairline stands lowest or highest between two azimuths. */
  private double extreme(int side, double fromDeg, double toDeg, boolean lowest) {
    double best = Double.NEGATIVE_INFINITY;
    double at = Math.toRadians(fromDeg);
    for (double d = fromDeg; d <= toDeg; d += 0.5) {
      double z = edge(side * Math.toRadians(d)).z() * (lowest ? -1 : 1);
      if (z > best + 1e-9) {
        best = z;
        at = Math.toRadians(d);
      }
    }
    return at;
  }

  private Vec3 crown() {
    HeadShape shape = body == null ? HeadShape.USUAL : body.shape();
    double fall = Math.toRadians(CROWN_FALL_DEG - CROWN_STEP_DEG * shape.crown());
    double polar = 0.05;
    Vec3 p = meridians.point(Math.PI, polar);
    while (polar < 1.4 && Math.acos(surface.normalAt(p).z()) < fall) {
      polar += 0.005;
      p = meridians.point(Math.PI, polar);
    }
    Vec3 across = p.plus(UnitVec.RIGHT.times(shape.crownAcrossMm()));
    return nudged(Place.CROWN, surface.onto(across));
  }

  private Vec3 farthestBack() {
    Vec3 best = places.get(Place.APEX);
    for (double polar = 0.3; polar <= hairline.at(Math.PI); polar += 0.004) {
      Vec3 p = meridians.point(Math.PI, polar);
      best = p.y() < best.y() ? p : best;
    }
    return best;
  }

  private Measures measure() {
    double bone = standsOutMm();
    if (body != null) {
      return new Measures(
          Measure.GIRTH.of(body),
          Measure.EAR_TO_EAR.of(body),
          Measure.FRONT_TO_NAPE.of(body),
          Measure.BREADTH.of(body),
          Measure.LENGTH.of(body),
          bone);
    }
    Vec3 apex = places.get(Place.APEX);
    Vec3 f = places.get(Place.FRONT);
    Vec3 n = places.get(Place.NAPE);
    Vec3 right = surface.onto(UnitVec.RIGHT.times(1));
    Vec3 left = surface.onto(UnitVec.RIGHT.times(-1));
    return new Measures(
        Tape.girthMm(surface, f, n),
        Tape.arcMm(surface, left, apex, right),
        Tape.arcMm(surface, f, apex, n),
        right.x() - left.x(),
        f.y() - n.y(),
        bone);
  }

  /** How far the centre line at the back stands out from the chord from crown to nape, at most. */
  private double standsOutMm() {
    Vec3 nape = places.get(Place.NAPE);
    Vec3 crown = places.get(Place.CROWN);
    UnitVec chord = UnitVec.of(crown.minus(nape));
    double most = 0;
    for (double polar = meridians.polarRad(crown); polar < hairline.at(Math.PI); polar += 0.01) {
      Vec3 d = meridians.point(Math.PI, polar).minus(nape);
      most = Math.max(most, d.minus(chord.times(chord.dot(d))).norm());
    }
    return most;
  }

  public HeadSpec spec() {
    return spec;
  }

  public StarSurface surface() {
    return surface;
  }

  /** How a measured head was made from the model; null for a calibration body. */
  /** What makes the skin of a head, whatever grows on it: heads of equal skins share a body. */
  public Object skin() {
    return body == null ? spec : body.skin();
  }

  HeadBody body() {
    return body;
  }

  public Measures measures() {
    return measures;
  }

  public Vec3 place(Place p) {
    return places.get(p);
  }

  /** The named place nearest to a point. */
  public Place nearestPlace(Vec3 p) {
    Place best = Place.APEX;
    for (Place q : Place.values()) {
      best = places.get(q).distanceTo(p) < places.get(best).distanceTo(p) ? q : best;
    }
    return best;
  }

  public Map<Place, Vec3> places() {
    return java.util.Collections.unmodifiableMap(places);
  }

  /** Places of the face and neck; empty for a calibration body. */
  public Map<FacePlace, Vec3> face() {
    return face;
  }

  /** The point of the hairline at an azimuth. */
  public Vec3 edge(double azimuthRad) {
    return meridians.point(azimuthRad, hairline.at(azimuthRad));
  }

  public Vec3 onRidge(double azimuthRad) {
    return meridians.point(azimuthRad, ridge.at(azimuthRad));
  }

  public double azimuthRad(Vec3 p) {
    return meridians.azimuthRad(p);
  }

  /** The point at a distance down from the apex. */
  public Vec3 point(double azimuthRad, double fromApexMm) {
    return meridians.point(azimuthRad, meridians.polarAtArcRad(azimuthRad, fromApexMm));
  }

  /** Distance down the head from the apex to a point of the skin, mm. */
  public double fromApexMm(Vec3 p) {
    return meridians.arcMm(meridians.azimuthRad(p), meridians.polarRad(p));
  }

  /** Distance from the apex to the hairline along an azimuth, mm. */
  public double hairlineFromApexMm(double azimuthRad) {
    return meridians.arcMm(azimuthRad, hairline.at(azimuthRad));
  }

  public double ridgeFromApexMm(double azimuthRad) {
    return meridians.arcMm(azimuthRad, ridge.at(azimuthRad));
  }

  double hairlinePolarRad(double azimuthRad) {
    return hairline.at(azimuthRad);
  }

  Meridians meridians() {
    return meridians;
  }
}
