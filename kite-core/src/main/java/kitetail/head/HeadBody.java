package kitetail.head;

import kitetail.geom.RadiusTable;
import kitetail.geom.StarSurface;
import kitetail.geom.StretchedSurface;
import kitetail.geom.UnitVec;
import kitetail.geom.Vec3;

/**
 * A head as the fit makes it: a build of the model, stretched along the three axes.
 *
 * @param factors stretch across, forward and up
 * @param fullness how full the corners of the head are seen from above; found by the fit
 * @param hairSpreadMm how much farther apart than usual the hairlines front and back lie along the
 *     centre; found by the fit
 */
record HeadBody(
    StarSurface surface,
    RadiusTable table,
    Vec3 factors,
    double fullness,
    double hairSpreadMm,
    HeadSpec.Measured spec) {
  /** The model in one build with what a scan found besides, before it is stretched and filled. */
  static RadiusTable picked(HeadSpec.Measured spec) {
    RadiusTable t = ModelHead.surface(ModelHead.Build.of(spec.shape(), 0));
    return spec.relief() == null ? t : spec.relief().on(t);
  }

  static HeadBody of(
      RadiusTable picked,
      Vec3 factors,
      double fullness,
      double hairSpreadMm,
      HeadSpec.Measured spec) {
    RadiusTable t = ModelHead.withFullness(picked, fullness);
    return new HeadBody(StretchedSurface.of(t, factors), t, factors, fullness, hairSpreadMm, spec);
  }

  private record Skin(
      ModelHead.Build build, double earLeftMm, double earRightMm, Relief relief, Vec3 factors) {}

  Object skin() {
    return new Skin(
        ModelHead.Build.of(shape(), fullness),
        shape().earLeftMm(),
        shape().earRightMm(),
        spec.relief(),
        factors);
  }

  HeadShape shape() {
    return spec.shape();
  }

  /** The front hairline on the centre line. */
  Vec3 front() {
    return downBy(centreLine(Measure.FRONT_Z, 1), 0, edgeDownMm(0));
  }

  /** The nape's hairline on the centre line. */
  Vec3 nape() {
    return downBy(centreLine(Measure.NAPE_Z, -1), Math.PI, edgeDownMm(Math.PI));
  }

  /** How far further down than the usual hairline this head's lies at an azimuth, mm. */
  double edgeDownMm(double azimuthRad) {
    double spread = hairSpreadMm / 2;
    return spec.hairline().downMm(azimuthRad)
        + spread * HairlineShape.frontShare(azimuthRad)
        + spread * HairlineShape.napeShare(azimuthRad)
        - HairlineShape.earShare(azimuthRad)
            * (azimuthRad > 0 ? shape().earRightMm() : shape().earLeftMm())
        - EdgeNudges.upMm(spec, azimuthRad);
  }

  /** The skin of the centre line at a height of the usual head. */
  Vec3 centreLine(double baseZ, double forward) {
    return skin(baseZ, UnitVec.of(0, forward, 0));
  }

  Vec3 side(double baseZ, double right) {
    return skin(baseZ, UnitVec.of(right, 0, 0));
  }

  private Vec3 skin(double baseZ, UnitVec d) {
    Vec3 from = new Vec3(0, surface.centreMm().y(), baseZ * factors.z());
    return from.plus(d.times(Tape.fromInside(surface, from, d)));
  }

  /** A point of the centre line moved along the skin, away from the apex. */
  private Vec3 downBy(Vec3 p, double azimuth, double mm) {
    int steps = (int) Math.ceil(Math.abs(mm) / 2);
    Vec3 c = surface.centreMm();
    Vec3 at = p;
    Vec3 rel = p.minus(c);
    double polar = Math.atan2(Math.hypot(rel.x(), rel.y()), rel.z());
    for (int i = 0; i < steps; i++) {
      double step = mm / steps;
      double ahead = polar + Math.signum(mm) * 0.01;
      double perRad = atPolar(azimuth, ahead).distanceTo(at) / 0.01;
      double mid = polar + step / perRad / 2;
      perRad = atPolar(azimuth, mid + 0.005).distanceTo(atPolar(azimuth, mid - 0.005)) / 0.01;
      polar += step / perRad;
      at = atPolar(azimuth, polar);
    }
    return at;
  }

  private Vec3 atPolar(double azimuth, double polar) {
    double s = Math.sin(polar);
    return surface.onto(
        surface
            .centreMm()
            .plus(new Vec3(s * Math.sin(azimuth), s * Math.cos(azimuth), Math.cos(polar))));
  }
}
