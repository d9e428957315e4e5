package kitetail.cut;

import java.util.ArrayList;
import java.util.List;
import java.util.function.DoubleUnaryOperator;
import kitetail.geom.Allowed;
import kitetail.geom.Smooth;
import kitetail.geom.Vec3;
import kitetail.hair.Hair;
import kitetail.head.Head;
import kitetail.head.Scalp;
import kitetail.section.Zone;
import org.jspecify.annotations.Nullable;

/**
 * A fade: guards one above the other from the hairline up, run against the growth, each rocked out
 * into the next. Its bands begin and end at shares of its height, and its height changes round the
 * head, so one set of bands serves a low fade and a drop alike; they are told apart by the heights.
 *
 * <p>A band leaves its guard's length as far as it is held to the skin. From there to where the
 * next one begins the clipper leaves the head on the arc that comes to the next guard's length just
 * there: {@code g + r − √(r² − s²)} with {@code r = (d² + h²)/2h} for a rise h over a distance d.
 * Above the last band it is rocked out on an arc of its own and no longer cuts.
 *
 * @param bands from the hairline up, 1 to 8; each at least as long as the one below it, the first
 *     from 0, the last held to 1
 * @param sideburnMm its height at the sideburn, 0 to 120; 0 where it does not run
 * @param behindEarMm its height behind the ear
 * @param napeMm its height at the centre of the nape
 * @param left the heights on the client's left; null when as on the right
 * @param rockMm radius of the arc on which the clipper leaves the head above the last band, 5 to
 *     300; 0 for a usual one
 */
public record Fade(
    List<Band> bands,
    double sideburnMm,
    double behindEarMm,
    double napeMm,
    @Nullable Side left,
    double rockMm)
    implements Cut {
  public static final int MOST_BANDS = 8;
  private static final double HIGHEST_MM = 120;
  private static final double USUAL_ROCK_MM = 60;

  /** A fade lower than this is no longer pressed home: it runs out to nothing. */
  private static final double RUNS_OUT_MM = 6;

  private static final int PATH_STEPS = 12;

  /**
   * The heights on one side.
   *
   * @param sideburnMm 0 to 120
   * @param behindEarMm 0 to 120
   */
  public record Side(double sideburnMm, double behindEarMm) {
    public Side {
      Allowed.within("sideburnMm", sideburnMm, 0, HIGHEST_MM);
      Allowed.within("behindEarMm", behindEarMm, 0, HIGHEST_MM);
    }
  }

  /**
   * One guard of a fade.
   *
   * @param number eighths of an inch, 0 to 12; 0 is the bare blade
   * @param leverMm what the lever adds as it stands, 0 (closed) to 5
   * @param fromShare of the fade's height, where it begins
   * @param toShare as far as it is held to the skin
   * @param measuredMm what this guard leaves with the lever closed; 0 when not measured
   */
  public record Band(
      double number, double leverMm, double fromShare, double toShare, double measuredMm) {
    public Band {
      Allowed.within("number", number, 0, 12);
      Allowed.within("leverMm", leverMm, 0, 5);
      Allowed.within("fromShare", fromShare, 0, 1);
      Allowed.within("toShare", toShare, fromShare, 1);
    }

    public Band(double number, double leverMm, double fromShare, double toShare) {
      this(number, leverMm, fromShare, toShare, 0);
    }

    /** Height of the cutting edge off the skin. */
    public double heightMm() {
      return Guard.heightMm(number, leverMm, measuredMm);
    }

    /** The same held elsewhere. */
    public Band at(double from, double to) {
      return new Band(number, leverMm, from, to, measuredMm);
    }

    /** The same as the shop's own guard leaves it. */
    public Band measured(double mm) {
      return mm == number * Guard.MM_PER_NUMBER
          ? this
          : new Band(number, leverMm, fromShare, toShare, mm);
    }
  }

  public Fade {
    bands = List.copyOf(bands);
    if (bands.isEmpty() || bands.size() > MOST_BANDS) {
      throw new IllegalArgumentException(
          "bands must be 1 to " + MOST_BANDS + ", were " + bands.size());
    }
    Allowed.within("sideburnMm", sideburnMm, 0, HIGHEST_MM);
    Allowed.within("behindEarMm", behindEarMm, 0, HIGHEST_MM);
    Allowed.within("napeMm", napeMm, 0, HIGHEST_MM);
    rockMm = rockMm == 0 ? USUAL_ROCK_MM : rockMm;
    Guard.checkRadius(rockMm);
    Allowed.within("fromShare of the first band", bands.get(0).fromShare(), 0, 0);
    Allowed.within("toShare of the last band", bands.get(bands.size() - 1).toShare(), 1, 1);
    for (int k = 1; k < bands.size(); k++) {
      Band under = bands.get(k - 1);
      Band over = bands.get(k);
      Allowed.within("fromShare", over.fromShare(), under.toShare(), 1);
      double least = Guard.heightMm(under.number(), under.leverMm(), 0);
      if (Guard.heightMm(over.number(), over.leverMm(), 0) < least) {
        throw new IllegalArgumentException(
            "number must rise up the head, was " + over.number() + " over " + under.number());
      }
    }
  }

  /**
   * Length left so far up a fade so high, mm.
   *
   * @param aboveMm above the hairline, 0 or more
   * @param highMm the fade's height there, above 0
   */
  public double leavesMm(double aboveMm, double highMm) {
    double share = Math.max(0, aboveMm) / highMm;
    int k = band(share);
    Band b = bands.get(k);
    if (k + 1 == bands.size()) {
      return b.heightMm() + Guard.arcMm(rockMm, aboveMm - highMm);
    }
    Band over = bands.get(k + 1);
    double rise = over.heightMm() - b.heightMm();
    double past = (share - b.toShare()) * highMm;
    return past <= 0 || rise <= 0
        ? b.heightMm()
        : b.heightMm() + arcMm(rise, (over.fromShare() - b.toShare()) * highMm, past);
  }

  /** The arc that rises so much over a distance; steeper than round, an ellipse's quarter. */
  private static double arcMm(double rise, double distance, double past) {
    return distance > rise
        ? Guard.arcMm((distance * distance + rise * rise) / (2 * rise), past)
        : rise * Guard.arcMm(1, Math.min(past / distance, 1 - 1e-9));
  }

  @Override
  public <R> R as(Cases<R> cases) {
    return cases.fade(this);
  }

  @Override
  public double[] leaves(Zone zone, Hair hair) {
    Drawn drawn = new Drawn(zone.head());
    Scalp s = zone.scalp();
    int[] roots = zone.roots();
    double[] out = new double[roots.length];
    for (int k = 0; k < roots.length; k++) {
      double around = s.azimuthRad(roots[k]);
      double high = drawn.heightMm(around);
      double on = drawn.on(around) * Smooth.step(high / RUNS_OUT_MM);
      out[k] =
          on < 1e-9
              ? Double.POSITIVE_INFINITY
              : leavesMm(s.fromSideHairlineMm(roots[k]), high) / on;
    }
    return out;
  }

  /** Its heights round one head. */
  private final class Drawn {
    private final Climb.Drawn onRight;
    private final Climb.Drawn onLeft;

    Drawn(Head h) {
      onRight = new Climb(sideburnMm, behindEarMm, napeMm).on(h);
      onLeft =
          left == null ? onRight : new Climb(left.sideburnMm(), left.behindEarMm(), napeMm).on(h);
    }

    double heightMm(double azimuthRad) {
      return (azimuthRad < 0 ? onLeft : onRight).heightMm(azimuthRad);
    }

    double on(double azimuthRad) {
      return (azimuthRad < 0 ? onLeft : onRight).on(azimuthRad);
    }
  }

  /** Its height there round a head, mm. */
  public double heightMm(Head h, double azimuthRad) {
    return new Drawn(h).heightMm(azimuthRad);
  }

  /** The clipper's way up one column, from the hairline to the top of the last band. */
  List<Vec3> path(Head h, double azimuthRad) {
    double high = heightMm(h, azimuthRad);
    List<Vec3> out = new ArrayList<>();
    double edge = h.hairlineFromApexMm(azimuthRad);
    for (int k = 0; high > 0 && k <= PATH_STEPS; k++) {
      double up = high * k / PATH_STEPS;
      Vec3 p = h.point(azimuthRad, Math.max(1, edge - up));
      out.add(p.plus(h.surface().normalAt(p).times(leavesMm(up, high))));
    }
    return out;
  }

  /** Passes round the head for every band, the clipper as wide as its blade. */
  @Override
  public int bites(Zone zone) {
    Drawn drawn = new Drawn(zone.head());
    Scalp s = zone.scalp();
    double[] area = new double[bands.size()];
    double whole = 0;
    double volume = 0;
    for (int i : zone.roots()) {
      double high = drawn.heightMm(s.azimuthRad(i));
      double share = high > 0 ? s.fromSideHairlineMm(i) / high : Double.POSITIVE_INFINITY;
      if (share <= 1 && drawn.on(s.azimuthRad(i)) > 0.5) {
        area[band(share)] += s.areaMm2(i);
        whole += s.areaMm2(i);
        volume += high * s.areaMm2(i);
      }
    }
    int passes = 0;
    for (int k = 0; k < bands.size(); k++) {
      double to = k + 1 < bands.size() ? bands.get(k + 1).fromShare() : 1;
      double deep = (to - bands.get(k).fromShare()) * volume / Math.max(1, whole);
      passes += Guard.passes(area[k], deep);
    }
    return Math.max(1, passes);
  }

  /** The band a share of the height lies in, the arc above it counted to it. */
  private int band(double share) {
    int k = 0;
    while (k + 1 < bands.size() && bands.get(k + 1).fromShare() <= share) {
      k++;
    }
    return k;
  }

  @Override
  public List<Double> attachments() {
    return bands.stream().map(Band::number).distinct().toList();
  }

  @Override
  public Fade resolved(Before before) {
    return measured(before::guardMm);
  }

  /** The same with what its guards leave as measured, by their number. */
  public Fade measured(DoubleUnaryOperator guardMm) {
    return with(bands.stream().map(b -> b.measured(guardMm.applyAsDouble(b.number()))).toList());
  }

  /** The same with other bands. */
  public Fade with(List<Band> others) {
    return new Fade(others, sideburnMm, behindEarMm, napeMm, left, rockMm);
  }

  /** The tallest it is anywhere, mm. */
  public double highestMm() {
    double side = Math.max(Math.max(sideburnMm, behindEarMm), napeMm);
    return left == null ? side : Math.max(side, Math.max(left.sideburnMm(), left.behindEarMm()));
  }

  @Override
  public Fade mirrored() {
    return left == null
        ? this
        : new Fade(
            bands,
            left.sideburnMm(),
            left.behindEarMm(),
            napeMm,
            new Side(sideburnMm, behindEarMm),
            rockMm);
  }
}
