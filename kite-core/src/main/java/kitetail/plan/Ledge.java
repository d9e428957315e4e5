package kitetail.plan;

import java.util.ArrayList;
import java.util.Arrays;
import java.util.Comparator;
import java.util.List;
import kitetail.geom.Vec3;
import kitetail.hair.Stock;
import kitetail.head.Place;
import kitetail.head.Scalp;
import kitetail.section.Section;

/**
 * A step in length between hairs that grow side by side, wherever it lies: inside a section, at a
 * band laid over, at a corner. Hairs within 8 mm of each other differ by more than 5 mm and a
 * quarter of the longer, beyond what the lengths on both sides rise by themselves; common practice
 * tells a ledge by eye, the figures are assumptions.
 *
 * @param heightMm the greatest step
 * @param lengthMm along the ledge
 * @param at root of the longer hair of the greatest step
 * @param one id of the section the longer hair belongs to; empty where none holds it
 * @param other id of the section of the shorter
 * @param meant true when the plan says that one stands off the other
 */
public record Ledge(
    double heightMm, double lengthMm, int at, Place near, String one, String other, boolean meant) {
  public static final double REACH_MM = 8;
  private static final double STEP_MM = 5;
  private static final double SHARE = 0.25;

  /** So near the hairline a crisp edge is an outline and no ledge. */
  private static final double OUTLINE_MM = 4;

  /** Fewer pairs, or shorter, is a stray hair and no ledge. */
  private static final int LEAST_PAIRS = 4;

  private static final double LEAST_MM = 10;

  /** All of a head, the highest first. */
  static List<Ledge> all(Plan plan, Workbench bench, Stock stock) {
    Scalp s = bench.scalp();
    double[] mm = new double[s.sites()];
    for (int i = 0; i < mm.length; i++) {
      mm[i] = stock.endMm(i);
    }
    Around around = bench.around();
    List<int[]> steps = steps(s, around, mm);
    if (steps.size() < LEAST_PAIRS) {
      return List.of();
    }
    Sections sections = new Sections(plan, bench);
    List<int[]> meant = new ArrayList<>();
    List<int[]> not = new ArrayList<>();
    for (int[] p : steps) {
      (sections.meant(p[0], p[1]) ? meant : not).add(p);
    }
    List<Ledge> out = new ArrayList<>();
    gather(s, around, mm, not, sections, false, out);
    gather(s, around, mm, meant, sections, true, out);
    out.sort(Comparator.comparing(Ledge::heightMm).reversed());
    return List.copyOf(out);
  }

  /** True when hair so much longer than its neighbour, and so long, stands off it. */
  static boolean stands(double offMm, double longerMm) {
    return offMm > Math.max(STEP_MM, SHARE * longerMm);
  }

  /** True where a step is none of the outline. */
  static boolean inside(Scalp s, int shorter) {
    return Math.min(s.aboveHairlineMm(shorter), s.fromSideHairlineMm(shorter)) > OUTLINE_MM;
  }

  /** Pairs with a step between them, the longer first. */
  private static List<int[]> steps(Scalp s, Around around, double[] mm) {
    List<int[]> out = new ArrayList<>();
    for (int i = 0; i < mm.length; i++) {
      for (int k = around.from(i); k < around.from(i + 1); k++) {
        int j = around.root(k);
        double off = mm[i] - mm[j];
        if (stands(off, mm[i])
            && inside(s, j)
            && stands(off - explained(s, around, mm, i, j), mm[i])) {
          out.add(new int[] {i, j});
        }
      }
    }
    return out;
  }

  /** What the longer would be longer anyway, by how the lengths change on both sides of the two. */
  private static double explained(Scalp s, Around around, double[] mm, int longer, int shorter) {
    Vec3 way = s.pointMm(shorter).minus(s.pointMm(longer));
    double d = way.norm();
    double a = -slope(s, around, mm, longer, way.times(-1 / d));
    double b = slope(s, around, mm, shorter, way.times(1 / d));
    // Both fall from the longer to the shorter, or it is no slope that the step could be part of.
    return a < 0 && b < 0 ? d * Math.min(-a, -b) : 0;
  }

  /** Mean change of length a mm from a root that way; 0 where nothing lies there. */
  private static double slope(Scalp s, Around around, double[] mm, int root, Vec3 way) {
    double sum = 0;
    int n = 0;
    for (int k = around.from(root); k < around.from(root + 1); k++) {
      int j = around.root(k);
      double along = s.pointMm(j).minus(s.pointMm(root)).dot(way);
      if (along > 2) {
        sum += (mm[j] - mm[root]) / along;
        n++;
      }
    }
    return n == 0 ? 0 : sum / n;
  }

  /** Steps that touch are one ledge. */
  private static void gather(
      Scalp s,
      Around around,
      double[] mm,
      List<int[]> steps,
      Sections sections,
      boolean meant,
      List<Ledge> out) {
    int[] lead = new int[mm.length];
    Arrays.fill(lead, -1);
    for (int[] p : steps) {
      for (int i : p) {
        lead[i] = lead[i] < 0 ? i : lead[i];
      }
    }
    for (int[] p : steps) {
      join(lead, p[0], p[1]);
      for (int k = around.from(p[0]); k < around.from(p[0] + 1); k++) {
        if (lead[around.root(k)] >= 0) {
          join(lead, p[0], around.root(k));
        }
      }
    }
    boolean[] counted = new boolean[mm.length];
    double[] area = new double[mm.length];
    int[] pairs = new int[mm.length];
    int[][] most = new int[mm.length][];
    for (int[] p : steps) {
      int l = find(lead, p[0]);
      pairs[l]++;
      if (!counted[p[0]]) {
        counted[p[0]] = true;
        area[l] += s.areaMm2(p[0]);
      }
      if (most[l] == null || mm[p[0]] - mm[p[1]] > mm[most[l][0]] - mm[most[l][1]]) {
        most[l] = p;
      }
    }
    for (int l = 0; l < most.length; l++) {
      double length = area[l] / REACH_MM;
      if (most[l] != null && pairs[l] >= LEAST_PAIRS && length >= LEAST_MM) {
        int i = most[l][0];
        int j = most[l][1];
        out.add(
            new Ledge(
                mm[i] - mm[j],
                length,
                i,
                s.head().nearestPlace(s.pointMm(i)),
                sections.id(i),
                sections.id(j),
                meant));
      }
    }
  }

  private static int find(int[] lead, int i) {
    int l = i;
    while (lead[l] != l) {
      lead[l] = lead[lead[l]];
      l = lead[l];
    }
    return l;
  }

  private static void join(int[] lead, int i, int j) {
    lead[find(lead, i)] = find(lead, j);
  }

  /** Which sections hold a root, and so between which of them a step may be meant. */
  private static final class Sections {
    private final List<Section> all;
    private final long[] holds;

    /** Sections of hard lines: nothing is meant more. */
    private long lines;

    private final List<long[]> meant = new ArrayList<>();

    Sections(Plan plan, Workbench bench) {
      all = plan.sections();
      holds = new long[bench.scalp().roots()];
      for (int k = 0; k < Math.min(Long.SIZE, all.size()); k++) {
        for (int i : bench.zone(plan.region(all.get(k).id())).roots()) {
          holds[i] |= 1L << k;
        }
      }
      for (Move m : plan.moves()) {
        lines |= m.job() == Job.HARD_LINE ? bit(m.section()) : 0;
      }
      for (MeantJump j : plan.jumps()) {
        meant.add(new long[] {bit(j.one()), bit(j.other())});
      }
    }

    private long bit(String id) {
      for (int k = 0; k < all.size(); k++) {
        if (all.get(k).id().equals(id)) {
          return 1L << k;
        }
      }
      return 0;
    }

    boolean meant(int i, int j) {
      if ((holds[j] & lines) != 0) {
        return true;
      }
      for (long[] m : meant) {
        if (apart(i, j, m[0], m[1]) || apart(j, i, m[0], m[1])) {
          return true;
        }
      }
      return false;
    }

    private boolean apart(int i, int j, long one, long other) {
      return (holds[i] & one) != 0
          && (holds[j] & other) != 0
          && ((holds[i] & other) == 0 || (holds[j] & one) == 0);
    }

    String id(int root) {
      for (int k = 0; k < Math.min(Long.SIZE, all.size()); k++) {
        if (!all.get(k).over() && (holds[root] & 1L << k) != 0) {
          return all.get(k).id();
        }
      }
      return "";
    }
  }
}
