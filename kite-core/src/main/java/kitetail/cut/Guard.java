package kitetail.cut;

import java.util.List;
import java.util.Optional;
import kitetail.geom.Allowed;
import kitetail.hair.Hair;
import kitetail.section.Scalar;
import kitetail.section.Zone;
import org.jspecify.annotations.Nullable;

/**
 * Clipper with a guard: number × 1/8 in (common practice) unless the shop has measured its own, and
 * the lever's offset. With the grain the hair lies over and {@code guard / sin(exit angle)} is
 * left; against it, the guard itself.
 *
 * @param number 0 to 12; 0 is the bare blade
 * @param leverMm what the lever adds as it stands, 0 (closed) to 5
 * @param rockOut where the clipper leaves the head; null when it runs on to the section's edge
 * @param measuredMm what this guard leaves with the lever closed; 0 when not measured
 */
public record Guard(
    double number, double leverMm, Grain grain, @Nullable RockOut rockOut, double measuredMm)
    implements Cut {
  public static final double MM_PER_NUMBER = 25.4 / 8;
  private static final double BLADE_MM = 40;
  private static final double PASS_MM = 45;

  private static final Range NUMBER = new Range(0, 12);
  private static final Range ROCK_AT = new Range(-1000, 1000);

  /** Which way the clipper runs against the growth. */
  public enum Grain {
    WITH,
    AGAINST
  }

  /**
   * The clipper rocks off the head on an arc: {@code r − √(r² − s²)} more at s past the point of
   * leaving, and nothing is cut from s = r on.
   *
   * @param by the scalar that grows past the point of leaving
   * @param radiusMm 5 to 300
   */
  public record RockOut(Scalar by, double atMm, double radiusMm) {
    public RockOut {
      ROCK_AT.check("atMm", atMm);
      checkRadius(radiusMm);
    }
  }

  static void checkRadius(double radiusMm) {
    Allowed.within("radiusMm", radiusMm, 5, 300);
  }

  /** How far an arc that leaves the head has risen, {@code r − √(r² − s²)}; infinite from s = r. */
  public static double arcMm(double radiusMm, double pastMm) {
    if (pastMm <= 0) {
      return 0;
    }
    return pastMm >= radiusMm
        ? Double.POSITIVE_INFINITY
        : radiusMm - Math.sqrt(radiusMm * radiusMm - pastMm * pastMm);
  }

  public Guard {
    NUMBER.check("number", number);
    if (!(leverMm >= 0 && leverMm <= 5)) {
      throw new IllegalArgumentException("leverMm must be 0 to 5, was " + leverMm);
    }
  }

  public Guard(double number, double leverMm, Grain grain, RockOut rockOut) {
    this(number, leverMm, grain, rockOut, 0);
  }

  /** Height of the cutting edge off the skin. */
  public double heightMm() {
    return heightMm(number, leverMm, measuredMm);
  }

  static double heightMm(double number, double leverMm, double measuredMm) {
    double closed = measuredMm > 0 ? measuredMm : number * MM_PER_NUMBER;
    return Math.max(0.3, closed + leverMm);
  }

  @Override
  public <R> R as(Cases<R> cases) {
    return cases.guard(this);
  }

  @Override
  public double[] leaves(Zone zone, Hair hair) {
    double grown = grain == Grain.WITH ? Math.sin(Math.toRadians(hair.exitDeg())) : 1;
    int[] roots = zone.roots();
    double[] out = new double[roots.length];
    for (int k = 0; k < roots.length; k++) {
      double arc =
          rockOut == null
              ? 0
              : arcMm(rockOut.radiusMm(), rockOut.by().of(zone.scalp(), roots[k]) - rockOut.atMm());
      out[k] = (heightMm() + arc) / grown;
    }
    return out;
  }

  @Override
  public int bites(Zone zone) {
    return passes(zone.areaMm2(), PASS_MM);
  }

  /** Passes over an area, each as wide as the blade and at most as long as a stroke. */
  static int passes(double areaMm2, double deepMm) {
    return areaMm2 <= 0
        ? 0
        : (int) Math.ceil(areaMm2 / (BLADE_MM * Math.max(1, Math.min(PASS_MM, deepMm))));
  }

  @Override
  public List<Double> attachments() {
    return List.of(number);
  }

  @Override
  public Guard resolved(Before before) {
    double mm = before.guardMm(number);
    return mm == number * MM_PER_NUMBER ? this : new Guard(number, leverMm, grain, rockOut, mm);
  }

  @Override
  public Guard mirrored() {
    return this;
  }

  @Override
  public Optional<Dialled> dial(Dial dial) {
    return switch (dial) {
      case GUARD_NUMBER -> Optional.of(NUMBER.at(number));
      case ROCK_AT -> Optional.ofNullable(rockOut).map(r -> ROCK_AT.at(r.atMm()));
      default -> Optional.empty();
    };
  }

  @Override
  public Guard turned(Dial dial, double value) {
    if (dial(dial).isEmpty()) {
      throw new IllegalArgumentException("this guard has no " + dial);
    }
    return dial == Dial.GUARD_NUMBER
        ? new Guard(value, leverMm, grain, rockOut, 0)
        : new Guard(
            number,
            leverMm,
            grain,
            new RockOut(rockOut.by(), value, rockOut.radiusMm()),
            measuredMm);
  }
}
