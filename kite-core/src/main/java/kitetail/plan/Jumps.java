package kitetail.plan;

import java.util.ArrayList;
import java.util.Arrays;
import java.util.List;
import kitetail.geom.Vec3;
import kitetail.head.Place;
import kitetail.head.Scalp;
import kitetail.section.Section;

/**
 * Jumps in length where two sections meet.
 *
 * @param one id of the section with the longer hair
 * @param other id of the one beside it
 * @param mm how much longer it is along their common edge, on average
 * @param meant true when the plan says so
 */
public record Jumps(String one, String other, double mm, Place near, boolean meant) {
  /** A jump shows when it is this much and this share of the shorter hair; assumptions. */
  private static final double SHOWS_MM = 10;

  private static final double SHOWS_SHARE = 0.35;

  /** Fewer neighbours than these touch at a corner only. */
  private static final int EDGE_PAIRS = 8;

  static List<Jumps> of(Plan plan, Workbench bench, double[] lengthsMm) {
    Scalp s = bench.scalp();
    List<Section> counted = plan.sections().stream().filter(x -> !x.over()).toList();
    int n = counted.size();
    int[] at = new int[s.sites()];
    Arrays.fill(at, -1);
    for (int k = 0; k < n; k++) {
      for (int i : bench.zone(plan.region(counted.get(k).id())).roots()) {
        if (i < at.length && at[i] < 0) {
          at[i] = k;
        }
      }
    }
    double[] sum = new double[n * n];
    double[] shorter = new double[n * n];
    int[] count = new int[n * n];
    Vec3[] middle = new Vec3[n * n];
    int[] pairs = bench.neighbours().pairs();
    for (int k = 0; k < pairs.length; k += 2) {
      int i = pairs[k];
      int j = pairs[k + 1];
      if (at[i] < 0 || at[j] < 0 || at[i] == at[j]) {
        continue;
      }
      boolean swap = at[i] > at[j];
      int e = swap ? at[j] * n + at[i] : at[i] * n + at[j];
      sum[e] += (lengthsMm[i] - lengthsMm[j]) * (swap ? -1 : 1);
      shorter[e] += Math.min(lengthsMm[i], lengthsMm[j]);
      count[e]++;
      middle[e] = middle[e] == null ? s.pointMm(i) : middle[e].plus(s.pointMm(i));
    }
    List<Jumps> out = new ArrayList<>();
    for (int e = 0; e < sum.length; e++) {
      double mm = count[e] == 0 ? 0 : sum[e] / count[e];
      if (count[e] >= EDGE_PAIRS
          && Math.abs(mm) > Math.max(SHOWS_MM, SHOWS_SHARE * shorter[e] / count[e])) {
        String a = counted.get(e / n).id();
        String b = counted.get(e % n).id();
        Place near = s.head().nearestPlace(middle[e].times(1.0 / count[e]));
        boolean meant = plan.jumps().stream().anyMatch(j -> j.between(a, b));
        out.add(new Jumps(mm > 0 ? a : b, mm > 0 ? b : a, Math.abs(mm), near, meant));
      }
    }
    return List.copyOf(out);
  }
}
