package kitetail.head;

import java.util.EnumMap;
import java.util.Map;
import kitetail.geom.EllipsoidSurface;
import kitetail.geom.StarSurface;
import kitetail.geom.StretchedSurface;
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
   * On the centre line behind the apex the head has begun to fall by this much where the whorl is
   * taken to be.
   */
  private static final double CROWN_FALL_RAD = Math.toRadians(38);

  private final HeadSpec spec;
  private final StarSurface surface;
  private final Vec3 stretch;
  private final Meridians meridians;
  private final Ring hairline;
  private final Ring ridge;
  private final Map<Place, Vec3> places = new EnumMap<>(Place.class);
  private final Measures measures;

  /** What a tape would read on this head, mm. */
  public record Measures(
      double girthMm, double earToEarMm, double frontToNapeMm, double breadthMm, double lengthMm) {}

  private Head(HeadSpec spec, StarSurface surface, Vec3 stretch) {
    this.spec = spec;
    this.surface = surface;
    this.stretch = stretch;
    this.meridians = new Meridians(surface);
    boolean calibration = !(spec instanceof HeadSpec.Measured);
    this.hairline =
        calibration
            ? Hairline.level(meridians, surface)
            : Hairline.stretched(meridians, surface, stretch);
    this.ridge =
        calibration ? new Ring(a -> CALIBRATION_RIDGE_RAD) : Ridge.find(meridians, hairline);
    findPlaces();
    this.measures = measure();
  }

  /**
   * @throws HeadMeasureException when no head has these measures
   */
  public static Head of(HeadSpec spec) {
    if (spec instanceof HeadSpec.Ball b) {
      return new Head(
          spec, new EllipsoidSurface(b.radiusMm(), b.radiusMm(), b.radiusMm()), new Vec3(1, 1, 1));
    }
    if (spec instanceof HeadSpec.Ellipsoid e) {
      return new Head(
          spec, new EllipsoidSurface(e.acrossMm(), e.forwardMm(), e.upMm()), new Vec3(1, 1, 1));
    }
    Vec3 factors = HeadFit.factors((HeadSpec.Measured) spec);
    return new Head(spec, StretchedSurface.of(ModelHead.surface(), factors), factors);
  }

  private void findPlaces() {
    places.put(Place.APEX, meridians.point(0, 0));
    places.put(Place.FRONT, edge(0));
    places.put(Place.NAPE, edge(Math.PI));
    places.put(Place.CROWN, crown());
    places.put(Place.OCCIPITAL, farthestBack());
    bothSides(Place.RECESSION_LEFT, Place.RECESSION_RIGHT, highest(25, 60));
    bothSides(Place.TEMPLE_LEFT, Place.TEMPLE_RIGHT, Math.toRadians(60));
    double sideburn = extreme(62, 92, true);
    bothSides(Place.SIDEBURN_LEFT, Place.SIDEBURN_RIGHT, sideburn);
    double ear = extreme(Math.toDegrees(sideburn), 118, false);
    bothSides(Place.EAR_TOP_LEFT, Place.EAR_TOP_RIGHT, ear);
    bothSides(Place.BEHIND_EAR_LEFT, Place.BEHIND_EAR_RIGHT, ear + Math.toRadians(24));
    bothSides(Place.NAPE_CORNER_LEFT, Place.NAPE_CORNER_RIGHT, Math.toRadians(146));
    places.put(Place.RIDGE_RIGHT, onRidge(Math.PI / 2));
    places.put(Place.RIDGE_LEFT, onRidge(-Math.PI / 2));
  }

  private void bothSides(Place left, Place right, double azimuthRad) {
    places.put(right, edge(azimuthRad));
    places.put(left, edge(-azimuthRad));
  }

  private double highest(int fromDeg, int toDeg) {
    return extreme(fromDeg, toDeg, false);
  }

  /** Azimuth at which the hairline stands lowest or highest between two azimuths. */
  private double extreme(double fromDeg, double toDeg, boolean lowest) {
    double best = Double.NEGATIVE_INFINITY;
    double at = Math.toRadians(fromDeg);
    for (double d = fromDeg; d <= toDeg; d += 0.5) {
      double z = edge(Math.toRadians(d)).z() * (lowest ? -1 : 1);
      if (z > best + 1e-9) {
        best = z;
        at = Math.toRadians(d);
      }
    }
    return at;
  }

  private Vec3 crown() {
    double polar = 0.05;
    while (polar < 2) {
      Vec3 p = meridians.point(Math.PI, polar);
      if (Math.acos(surface.normalAt(p).z()) >= CROWN_FALL_RAD) {
        return p;
      }
      polar += 0.005;
    }
    return meridians.point(Math.PI, Math.PI / 4);
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
    double breadth = 0;
    double front = 0;
    double back = 0;
    for (double z = -10; z < 100; z += 1) {
      Vec3 from = new Vec3(0, surface.centreMm().y(), Math.min(z, surface.radiusMm(0, 0, 1) * 0.9));
      breadth = Math.max(breadth, 2 * Tape.fromInside(surface, from, UnitVec.RIGHT));
      back = Math.max(back, Tape.fromInside(surface, from, UnitVec.FORWARD.opposite()));
      if (z >= 40) {
        front = Math.max(front, Tape.fromInside(surface, from, UnitVec.FORWARD));
      }
    }
    if (spec instanceof HeadSpec.Measured) {
      double[] m = HeadFit.measures(stretch);
      return new Measures(m[0], m[1], m[2], breadth, front + back);
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
        f.y() - n.y());
  }

  public HeadSpec spec() {
    return spec;
  }

  public StarSurface surface() {
    return surface;
  }

  /** How the default head was stretched, for what is drawn with it (bust, ears). */
  public Vec3 stretch() {
    return stretch;
  }

  public Measures measures() {
    return measures;
  }

  public Vec3 place(Place p) {
    return places.get(p);
  }

  public Map<Place, Vec3> places() {
    return java.util.Collections.unmodifiableMap(places);
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
