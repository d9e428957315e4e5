package kitetail.plan;

import java.util.ArrayList;
import java.util.Arrays;
import java.util.List;
import kitetail.geom.Vec3;
import kitetail.head.Place;
import kitetail.head.Scalp;
import kitetail.section.Section;

/**
 * Where two sections meet.
 *
 * @param one id of the section with the longer hair
 * @param other id of the one beside it
 * @param mm how much longer it is along their common edge, on average
 * @param shorterMm length of the shorter hair there, mean
 */
public record Seam(String one, String other, double mm, double shorterMm, Place near) {
  /** Fewer neighbours than these touch at a corner only. */
  private static final int EDGE_PAIRS = 8;

  static List<Seam> all(Plan plan, Workbench bench, double[] lengthsMm) {
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
    List<Seam> out = new ArrayList<>();
    for (int e = 0; e < sum.length; e++) {
      if (count[e] >= EDGE_PAIRS) {
        double mm = sum[e] / count[e];
        String a = counted.get(e / n).id();
        String b = counted.get(e % n).id();
        Place near = s.head().nearestPlace(middle[e].times(1.0 / count[e]));
        out.add(
            new Seam(mm > 0 ? a : b, mm > 0 ? b : a, Math.abs(mm), shorter[e] / count[e], near));
      }
    }
    return List.copyOf(out);
  }
}
