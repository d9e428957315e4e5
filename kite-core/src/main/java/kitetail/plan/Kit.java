package kitetail.plan;

import java.util.List;
import kitetail.cut.Guard;
import kitetail.geom.Allowed;

/**
 * The shop's own clipper: what its guards leave as measured, and its lever.
 *
 * @param guards measured ones; the others leave number × 1/8 in
 * @param halfLeverMm what the lever adds half open, 0 to 5
 * @param openLeverMm what it adds fully open
 */
public record Kit(List<Measured> guards, double halfLeverMm, double openLeverMm) {
  /** The numbers of a usual set of guards; common practice. */
  public static final List<Double> USUAL_SET =
      List.of(0.5, 1.0, 1.5, 2.0, 3.0, 3.5, 4.0, 5.0, 6.0, 7.0, 8.0);

  /** The lever's offsets are assumptions; a shop measures its own. */
  public static final Kit USUAL = new Kit(List.of(), 0.7, 1.4);

  /**
   * @param number 0 to 12
   * @param mm what it leaves with the lever closed, 0.1 to 60
   */
  public record Measured(double number, double mm) {
    public Measured {
      Allowed.within("number", number, 0, 12);
      Allowed.within("mm", mm, 0.1, 60);
    }
  }

  public Kit {
    guards = guards == null ? List.of() : List.copyOf(guards);
    Allowed.within("halfLeverMm", halfLeverMm, 0, 5);
    Allowed.within("openLeverMm", openLeverMm, 0, 5);
  }

  /** What a guard leaves with the lever closed, mm. */
  public double guardMm(double number) {
    return guards.stream()
        .filter(g -> g.number() == number)
        .mapToDouble(Measured::mm)
        .findFirst()
        .orElse(number * Guard.MM_PER_NUMBER);
  }
}
