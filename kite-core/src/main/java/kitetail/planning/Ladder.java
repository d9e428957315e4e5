package kitetail.planning;

import java.util.ArrayList;
import java.util.Arrays;
import java.util.List;

/**
 * The ladder of guards up from the hairline that comes nearest to a wished profile, exactly: the
 * smallest worst error over every column, with no step that shows.
 *
 * <p>Every column is sampled at the same shares of its way up, so one ladder serves all of them:
 * its bands change at a share of the way, a different height in mm on each column. A band keeps one
 * guard. Where the next guard is longer by no more than {@code stepShare} of the hair under it, the
 * change does not show; where it is longer by more, the clipper is rocked off the head there on an
 * arc {@code g + r − √(r² − s²)} until it has risen to the next guard. Guards only get longer up
 * the head.
 *
 * <p>Dynamic programming over (height, guard, changes of attachment): O(samples² · guards² ·
 * changes) steps at worst, a few hundred thousand for 24 columns and 12 guards. Proved against
 * exhaustive search in the tests.
 */
public final class Ladder {
  private Ladder() {}

  /**
   * What can be done and what shows.
   *
   * @param guardsMm what each guard leaves, rising, 1 to 24 of them
   * @param rockRadiiMm arcs the clipper may be rocked off on, mm; may be empty
   * @param stepShare a step shows when it is more than this share of the length under it, 0 to 1
   * @param mostChanges how often the attachment may be changed, 0 to 11
   * @param combErrorMm what comb work errs by wherever it is used instead of a guard; 0 leaves the
   *     comb out
   */
  public record Rules(
      double[] guardsMm,
      double[] rockRadiiMm,
      double stepShare,
      int mostChanges,
      double combErrorMm) {
    /** What shows and what can be done as usual. */
    public static Rules usual(double[] guardsMm, int mostChanges, double combErrorMm) {
      return new Rules(guardsMm, ROCK_OUTS_MM, USUAL_STEP_SHARE, mostChanges, combErrorMm);
    }

    /** The same where a step shows from another share on. */
    public Rules showing(double share) {
      return new Rules(guardsMm, rockRadiiMm, share, mostChanges, combErrorMm);
    }

    public Rules {
      guardsMm = guardsMm.clone();
      rockRadiiMm = rockRadiiMm.clone();
      if (guardsMm.length < 1 || guardsMm.length > 24) {
        throw new IllegalArgumentException(
            "guardsMm must have 1 to 24 entries, had " + guardsMm.length);
      }
      for (int i = 0; i < guardsMm.length; i++) {
        if (!(guardsMm[i] > 0 && guardsMm[i] <= 60 && (i == 0 || guardsMm[i] > guardsMm[i - 1]))) {
          throw new IllegalArgumentException(
              "guardsMm must rise and lie above 0 and up to 60, was " + guardsMm[i]);
        }
      }
      if (!(stepShare >= 0 && stepShare <= 1)) {
        throw new IllegalArgumentException("stepShare must be 0 to 1, was " + stepShare);
      }
      if (mostChanges < 0 || mostChanges > 11) {
        throw new IllegalArgumentException("mostChanges must be 0 to 11, was " + mostChanges);
      }
      if (!(combErrorMm >= 0 && combErrorMm <= 20)) {
        throw new IllegalArgumentException("combErrorMm must be 0 to 20, was " + combErrorMm);
      }
    }
  }

  /** Arcs a clipper is usually rocked out on; an assumption. */
  private static final double[] ROCK_OUTS_MM = {30, 60, 120};

  /** A change of length up the head of less than this share of it does not show; an assumption. */
  private static final double USUAL_STEP_SHARE = 0.35;

  /** The number of a band that is done over the comb. */
  public static final int COMB = -1;

  /**
   * One rung.
   *
   * @param guard index into the guards, or {@link #COMB}
   * @param fromSample first sample it cuts
   * @param toSample one past the last, its rock-out included
   * @param rockFromSample where the clipper begins to leave the head; {@code toSample} when it does
   *     not
   * @param rockRadiusMm 0 when it does not
   */
  public record Band(
      int guard, int fromSample, int toSample, int rockFromSample, double rockRadiusMm) {}

  /**
   * The best ladder with so many changes of attachment.
   *
   * @param worstMm worst error anywhere
   * @param combSamples how many samples are left to the comb
   */
  public record Answer(List<Band> bands, int changes, double worstMm, int combSamples) {}

  /**
   * The best answer for every number of changes from none to the most allowed, so that attachment
   * changes can be traded against error and comb work; an entry is null when no ladder has so few
   * changes without a step that shows.
   *
   * @param targetMm wished length, [column][sample] from the hairline up
   * @param sampleMm how far apart the samples lie, at most over the columns
   */
  public static List<Answer> solve(double[][] targetMm, double sampleMm, Rules rules) {
    return new Search(targetMm, sampleMm, rules).answers();
  }

  /**
   * The answers by guards alone, and after them those that may leave the top to the comb, if there
   * is one: what {@link #choose} chooses from.
   */
  public static List<Answer> trade(double[][] targetMm, double sampleMm, Rules rules) {
    Rules guardsOnly =
        new Rules(rules.guardsMm(), rules.rockRadiiMm(), rules.stepShare(), rules.mostChanges(), 0);
    List<Answer> all = new ArrayList<>(solve(targetMm, sampleMm, guardsOnly));
    if (rules.combErrorMm() > 0) {
      all.addAll(solve(targetMm, sampleMm, rules));
    }
    return java.util.Collections.unmodifiableList(all);
  }

  /** The cheapest answer in seconds that errs no more than asked, else the one that errs least. */
  public static Answer choose(
      List<Answer> answers, double toleranceMm, double changeSec, double combSecASample) {
    Answer best = null;
    double cost = Double.MAX_VALUE;
    Answer least = null;
    for (Answer a : answers) {
      if (a == null) {
        continue;
      }
      double c = a.changes() * changeSec + a.combSamples() * combSecASample;
      if (a.worstMm() <= toleranceMm && c < cost) {
        best = a;
        cost = c;
      }
      least = least == null || a.worstMm() < least.worstMm() - 1e-9 ? a : least;
    }
    return best == null ? least : best;
  }

  /** What a rocked guard leaves at each sample past where it begins to leave the head. */
  static double rocked(double guardMm, double radiusMm, double pastMm) {
    return pastMm >= radiusMm
        ? Double.POSITIVE_INFINITY
        : guardMm + radiusMm - Math.sqrt(radiusMm * radiusMm - pastMm * pastMm);
  }

  /** True when a change of length up the head does not show. */
  static boolean hidden(double underMm, double overMm, double stepShare) {
    return overMm - underMm <= stepShare * underMm + 1e-12;
  }

  private static final class Search {
    private final int samples;
    private final double[] low;
    private final double[] high;
    private final double stepMm;
    private final Rules rules;
    private final double[] guards;
    private final double[] radii;

    /** What a guard rocked off on an arc leaves, [guard][radius][samples past the point]. */
    private final double[][][] arcs;

    private final int kinds;

    /** worst[c][i][t]: least worst error of samples 0..i−1 whose last band is t, with c changes. */
    private final double[][][] worst;

    private final Link[][][] links;

    private record Link(int sample, int tool, int changes, int rockFrom, double radius) {}

    Search(double[][] target, double stepMm, Rules rules) {
      samples = target.length == 0 ? 0 : target[0].length;
      if (samples == 0 || !(stepMm > 0)) {
        throw new IllegalArgumentException("a ladder needs at least one column and one sample");
      }
      low = new double[samples];
      high = new double[samples];
      Arrays.fill(low, Double.MAX_VALUE);
      for (double[] column : target) {
        if (column.length != samples) {
          throw new IllegalArgumentException("every column must have " + samples + " samples");
        }
        for (int i = 0; i < samples; i++) {
          if (!(column[i] >= 0 && column[i] <= 1500)) {
            throw new IllegalArgumentException("targetMm must be 0 to 1500, was " + column[i]);
          }
          low[i] = Math.min(low[i], column[i]);
          high[i] = Math.max(high[i], column[i]);
        }
      }
      this.stepMm = stepMm;
      this.rules = rules;
      guards = rules.guardsMm();
      radii = rules.rockRadiiMm();
      arcs = new double[guards.length][radii.length][samples];
      for (int t = 0; t < guards.length; t++) {
        for (int r = 0; r < radii.length; r++) {
          for (int k = 0; k < samples; k++) {
            arcs[t][r][k] = rocked(guards[t], radii[r], (k + 1) * stepMm);
          }
        }
      }
      // The comb is one more tool at the top: above it no guard is taken up again.
      kinds = guards.length + (rules.combErrorMm() > 0 ? 1 : 0);
      worst = new double[rules.mostChanges() + 1][samples + 1][kinds];
      links = new Link[rules.mostChanges() + 1][samples + 1][kinds];
      for (double[][] w : worst) {
        for (double[] row : w) {
          Arrays.fill(row, Double.POSITIVE_INFINITY);
        }
      }
    }

    private double error(int sample, double mm) {
      return Math.max(mm - low[sample], high[sample] - mm);
    }

    private double error(int sample, int tool) {
      return tool == guards.length ? rules.combErrorMm() : error(sample, guards[tool]);
    }

    List<Answer> answers() {
      for (int t = 0; t < kinds; t++) {
        run(0, 0, t, 0, new Link(-1, -1, 0, 0, 0));
      }
      for (int c = 0; c <= rules.mostChanges(); c++) {
        for (int i = 1; i < samples; i++) {
          for (int t = 0; t < guards.length; t++) {
            if (worst[c][i][t] < Double.POSITIVE_INFINITY) {
              onward(c, i, t);
            }
          }
        }
      }
      List<Answer> out = new ArrayList<>();
      for (int c = 0; c <= rules.mostChanges(); c++) {
        int best = -1;
        for (int t = 0; t < kinds; t++) {
          boolean better = best < 0 || worst[c][samples][t] < worst[c][samples][best];
          best = better ? t : best;
        }
        out.add(Double.isInfinite(worst[c][samples][best]) ? null : answer(c, best));
      }
      return out;
    }

    /** A band of one tool from a sample on, ended everywhere it may end. */
    private void run(int changes, int from, int tool, double sofar, Link link) {
      double w = sofar;
      for (int j = from; j < samples; j++) {
        w = Math.max(w, error(j, tool));
        if (w >= worst[changes][j + 1][tool]) {
          // What is known here goes on with the same tool at least as well.
          return;
        }
        worst[changes][j + 1][tool] = w;
        links[changes][j + 1][tool] = link;
      }
    }

    private void onward(int c, int i, int t) {
      for (int u = t + 1; u < kinds; u++) {
        boolean comb = u == guards.length;
        int changes = comb ? c : c + 1;
        if (changes > rules.mostChanges()) {
          continue;
        }
        if (comb || hidden(guards[t], guards[u], rules.stepShare())) {
          run(changes, i, u, worst[c][i][t], new Link(i, t, c, i, 0));
        }
        if (!comb) {
          for (int r = 0; r < radii.length; r++) {
            rock(c, i, t, u, changes, r);
          }
        }
      }
    }

    /** Leaves the head at sample i and takes up the next guard where the arc has risen to it. */
    private void rock(int c, int i, int t, int u, int changes, int radius) {
      double w = worst[c][i][t];
      int j = i;
      while (j < samples) {
        double mm = arcs[t][radius][j - i];
        if (mm >= guards[u]) {
          break;
        }
        w = Math.max(w, error(j, mm));
        j++;
      }
      if (j > i && j < samples) {
        run(changes, j, u, w, new Link(i, t, c, i, radii[radius]));
      }
    }

    private Answer answer(int changes, int tool) {
      List<Band> bands = new ArrayList<>();
      int c = changes;
      int t = tool;
      int to = samples;
      int comb = 0;
      int rockFrom = samples;
      double radius = 0;
      while (t >= 0) {
        Link l = links[c][to][t];
        int from = l.sample < 0 ? 0 : start(l, t);
        bands.add(0, new Band(t == guards.length ? COMB : t, from, to, rockFrom, radius));
        comb += t == guards.length ? to - from : 0;
        rockFrom = l.radius > 0 ? l.rockFrom : from;
        radius = l.radius;
        to = l.sample < 0 ? 0 : l.sample;
        c = l.changes;
        t = l.tool;
      }
      return new Answer(List.copyOf(close(bands)), changes, worst[changes][samples][tool], comb);
    }

    /** Where the band after a link begins: past the arc. */
    private int start(Link l, int tool) {
      if (l.radius == 0 || tool == guards.length) {
        return l.sample;
      }
      int j = l.sample;
      while (rocked(guards[l.tool], l.radius, (j - l.sample + 1) * stepMm) < guards[tool]) {
        j++;
      }
      return j;
    }

    /** Each band reaches to the next one's start, its own arc included. */
    private List<Band> close(List<Band> bands) {
      List<Band> out = new ArrayList<>();
      for (int k = 0; k < bands.size(); k++) {
        Band b = bands.get(k);
        int to = k + 1 < bands.size() ? bands.get(k + 1).fromSample() : samples;
        boolean rocks = b.rockRadiusMm() > 0;
        out.add(
            new Band(
                b.guard(),
                b.fromSample(),
                to,
                rocks ? b.rockFromSample() : to,
                rocks ? b.rockRadiusMm() : 0));
      }
      return out;
    }
  }
}
