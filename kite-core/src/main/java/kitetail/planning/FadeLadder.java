package kitetail.planning;

import java.util.ArrayList;
import java.util.List;
import kitetail.cut.Fade;
import kitetail.plan.Kit;

/**
 * The guards of a fade that come nearest to an even rise from one length at the hairline to another
 * at its top, by the exact {@link Ladder}, for every number of guards that buys something.
 */
public final class FadeLadder {
  private FadeLadder() {}

  private static final int SAMPLES = 50;
  private static final int FINE = 400;
  private static final double NOTICED_MM = 0.05;

  /**
   * One way to cut it.
   *
   * @param fade the same heights with the guards that come nearest
   * @param worstMm what it is off the even rise at the most, as its bands leave it
   */
  public record Offer(Fade fade, double worstMm) {}

  /** Even rise from the hairline to a fade's top, mm. */
  public record Wish(double fromMm, double toMm) {
    public Wish {
      if (!(fromMm >= 0.3 && fromMm <= 40)) {
        throw new IllegalArgumentException("fromMm must be 0.3 to 40, was " + fromMm);
      }
      if (!(toMm >= fromMm && toMm <= 40)) {
        throw new IllegalArgumentException("toMm must be " + fromMm + " to 40, was " + toMm);
      }
    }

    double atShare(double share) {
      return fromMm + share * (toMm - fromMm);
    }
  }

  /** What a fade's own guards ask: from its lowest to its highest. */
  public static Wish wish(Fade fade, Kit kit) {
    List<Fade.Band> bands = measured(fade, kit).bands();
    double low = bands.get(0).heightMm();
    return new Wish(low, Math.max(low, bands.get(bands.size() - 1).heightMm()));
  }

  /** A fade with the kit's measured guards put in. */
  public static Fade measured(Fade fade, Kit kit) {
    return fade.measured(kit::guardMm);
  }

  /** What a fade is off a wish at the most, anywhere up its tallest column, mm. */
  public static double worstMm(Fade fade, Wish wish, Kit kit) {
    Fade as = measured(fade, kit);
    double high = as.highestMm();
    double worst = 0;
    for (int i = 0; i < FINE && high > 0; i++) {
      double share = (i + 0.5) / FINE;
      worst = Math.max(worst, Math.abs(as.leavesMm(share * high, high) - wish.atShare(share)));
    }
    return worst;
  }

  /**
   * @return fewest guards first, each with more guards nearer than the one before; empty when the
   *     fade runs nowhere
   */
  public static List<Offer> offers(Fade fade, Kit kit, Wish wish) {
    double high = fade.highestMm();
    if (high <= 0) {
      return List.of();
    }
    List<Fade.Band> tools = tools(kit);
    double[][] target = new double[1][SAMPLES];
    for (int i = 0; i < SAMPLES; i++) {
      target[0][i] = wish.atShare((i + 0.5) / SAMPLES);
    }
    double[] guards = tools.stream().mapToDouble(Fade.Band::heightMm).toArray();
    List<Offer> out = new ArrayList<>();
    for (Ladder.Answer a :
        Ladder.solve(target, high / SAMPLES, Ladder.Rules.usual(guards, Fade.MOST_BANDS - 1, 0))) {
      if (a == null) {
        continue;
      }
      Fade offered = fade.with(bands(a, tools));
      double worst = worstMm(offered, wish, kit);
      if (out.isEmpty() || worst < out.get(out.size() - 1).worstMm() - NOTICED_MM) {
        out.add(new Offer(offered, worst));
      }
    }
    return List.copyOf(out);
  }

  /** What the clipper can be set to, shortest first: the bare blade by its lever, then guards. */
  private static List<Fade.Band> tools(Kit kit) {
    List<Fade.Band> out = new ArrayList<>();
    for (double lever : new double[] {0, kit.halfLeverMm(), kit.openLeverMm()}) {
      rising(out, new Fade.Band(0, lever, 0, 1, 0), kit);
    }
    for (double number : Kit.USUAL_SET) {
      rising(out, new Fade.Band(number, 0, 0, 1, 0), kit);
    }
    return out;
  }

  /** A guard that leaves no more than the one before it is of no use in a ladder. */
  private static void rising(List<Fade.Band> all, Fade.Band b, Kit kit) {
    Fade.Band as = b.measured(kit.guardMm(b.number()));
    if (all.isEmpty() || as.heightMm() > all.get(all.size() - 1).heightMm() + NOTICED_MM) {
      all.add(as);
    }
  }

  private static List<Fade.Band> bands(Ladder.Answer a, List<Fade.Band> tools) {
    List<Fade.Band> out = new ArrayList<>();
    for (int k = 0; k < a.bands().size(); k++) {
      Ladder.Band b = a.bands().get(k);
      boolean last = k + 1 == a.bands().size();
      double from = share(b.fromSample());
      double to = last ? 1 : Math.max(from, share(b.rockFromSample()));
      Fade.Band t = tools.get(b.guard());
      out.add(new Fade.Band(t.number(), t.leverMm(), from, to));
    }
    return out;
  }

  private static double share(int sample) {
    return (double) sample / SAMPLES;
  }
}
