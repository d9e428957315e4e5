package kitetail.cut;

import java.util.Arrays;
import java.util.Optional;
import kitetail.geom.Allowed;
import kitetail.geom.Smooth;
import kitetail.geom.Vec3;
import kitetail.hair.Hair;
import kitetail.head.Place;
import kitetail.section.Zone;

/**
 * Hair about one place cut freehand, by what is there: so much comes off, most at the place and
 * less and less round it, and nothing is cut shorter than the place itself. With a core it softens
 * round hair that is short already: nothing comes off at the place, and what was a dent as wide as
 * the core is one as wide as the span.
 *
 * @param offMm what comes off, mm dry and straight, 0 to 1500
 * @param spanMm how far from the place it reaches, 5 to 120
 * @param coreMm how far the hair is short already, 0 to the span; 0 to cut the place itself
 */
public record Spot(Place place, double offMm, double spanMm, double coreMm) implements Cut {
  /** What one bite takes in freehand: half an inch by a hand's width; an assumption. */
  private static final double BITE_MM2 = 12.7 * Fingers.HAND_MM;

  public Spot {
    if (place == null) {
      throw new IllegalArgumentException("place must be given");
    }
    CutLine.LENGTH.check("offMm", offMm);
    Allowed.within("spanMm", spanMm, 5, 120);
    Allowed.within("coreMm", coreMm, 0, spanMm);
  }

  /** What comes off so far from the place, mm. */
  public double offMm(double awayMm) {
    double short0 = coreMm == 0 ? 0 : Smooth.step(1 - awayMm / coreMm);
    return offMm * (Smooth.step(1 - awayMm / spanMm) - short0);
  }

  @Override
  public <R> R as(Cases<R> cases) {
    return cases.spot(this);
  }

  @Override
  public double[] leaves(Zone zone, Hair hair) {
    double[] out = new double[zone.roots().length];
    Arrays.fill(out, Double.POSITIVE_INFINITY);
    return out;
  }

  @Override
  public boolean follows() {
    return true;
  }

  @Override
  public double[] following(Zone zone, double[] hadMm) {
    Vec3 at = zone.head().place(place);
    double least = leastMm(zone, hadMm);
    double[] out = new double[hadMm.length];
    for (int k = 0; k < out.length; k++) {
      double away = zone.scalp().pointMm(zone.roots()[k]).distanceTo(at);
      out[k] = Math.max(Math.min(hadMm[k], least), hadMm[k] - offMm(away));
    }
    return out;
  }

  /** What is left at the place itself; nothing is cut where the zone does not hold it. */
  private double leastMm(Zone zone, double[] hadMm) {
    int k = Arrays.binarySearch(zone.roots(), zone.scalp().root(place));
    if (k < 0) {
      return Double.POSITIVE_INFINITY;
    }
    return coreMm > 0 ? hadMm[k] : Math.max(0, hadMm[k] - offMm);
  }

  @Override
  public int bites(Zone zone) {
    Vec3 at = zone.head().place(place);
    double area =
        Arrays.stream(zone.roots())
            .filter(i -> offMm(zone.scalp().pointMm(i).distanceTo(at)) > 0)
            .mapToDouble(zone.scalp()::areaMm2)
            .sum();
    return (int) Math.max(1, Math.ceil(area / BITE_MM2));
  }

  @Override
  public boolean shears() {
    return true;
  }

  @Override
  public Spot mirrored() {
    return new Spot(place.mirrored(), offMm, spanMm, coreMm);
  }

  @Override
  public Optional<Dialled> dial(Dial dial) {
    return dial == Dial.OFF ? Optional.of(CutLine.LENGTH.at(offMm)) : Optional.empty();
  }

  @Override
  public Spot turned(Dial dial, double value) {
    if (dial != Dial.OFF) {
      throw new IllegalArgumentException("this cut has no " + dial);
    }
    return new Spot(place, value, spanMm, coreMm);
  }
}
