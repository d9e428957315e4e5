package kitetail.planning;

import java.util.Arrays;
import java.util.List;
import kitetail.fall.Fall;
import kitetail.geom.StarSurface;
import kitetail.geom.UnitVec;
import kitetail.geom.Vec3;
import kitetail.head.Scalp;
import kitetail.section.Zone;

/**
 * Hair that would hang over what is being cut, wound up and clipped: drawn over the skin to one
 * place of its section and side, and wound there. A drawing: its length is not kept.
 */
final class ClippedAway {
  /** Shorter hair that waits for its bite stays where it lies; an assumption. */
  private static final double LONG_MM = 70;

  /** Shorter hair does not hang over the work far enough to hide it; an assumption. */
  private static final double OVER_MM = 40;

  /** Beyond this from the centre line a section is clipped up side by side; an assumption. */
  private static final double SIDE_MM = 28;

  private static final double LIFT_MM = 2;
  private static final double WOUND_LIFT_MM = 6;
  private static final double WOUND_MM = 7;
  private static final double WOUND_MORE_MM = 7;
  private static final double WOUND_TURNS = 0.85;

  /** Of a strand's points so many are wound. */
  private static final double WOUND_SHARE = 0.4;

  private static final double GOLDEN = 0.6180339887;

  private final Fall fall;
  private final Scalp scalp;
  private final StarSurface skin;

  private ClippedAway(Fall fall) {
    this.fall = fall;
    scalp = fall.ground().scalp();
    skin = scalp.head().surface();
  }

  /**
   * @param fall the hair before the move
   * @param sections of the plan, the one that is cut among them
   * @param cut the one that is cut
   * @param bite of each strand, 0 where it is not cut
   * @return for each strand x, y, z of its points in turn, or null where it never is in the way
   */
  static float[][] of(Fall fall, List<Zone> sections, Zone cut, int[] bite) {
    return new ClippedAway(fall).away(sections, cut, bite);
  }

  private float[][] away(List<Zone> sections, Zone cut, int[] bite) {
    float[][] out = new float[fall.strands()][];
    int[] group = new int[fall.strands()];
    Arrays.fill(group, -1);
    for (int z = 0; z < sections.size(); z++) {
      for (int i : sections.get(z).roots()) {
        if (i < group.length && group[i] < 0) {
          group[i] = 3 * z + side(scalp.pointMm(i));
        }
      }
    }
    boolean[] up = new boolean[fall.strands()];
    for (int i = 0; i < up.length; i++) {
      up[i] =
          group[i] >= 0
              && (bite[i] > 0
                  ? fall.lengthMm(i) > LONG_MM
                  : fall.lengthMm(i) > OVER_MM && hangsOver(i, cut));
    }
    for (int g = 0; g < 3 * sections.size(); g++) {
      gather(g, group, up, bite, out);
    }
    return out;
  }

  private static int side(Vec3 root) {
    return root.x() < -SIDE_MM ? 0 : root.x() > SIDE_MM ? 2 : 1;
  }

  private boolean hangsOver(int strand, Zone cut) {
    for (int k = fall.points() / 4; k < fall.points(); k++) {
      if (cut.holds(fall.point(strand, k))) {
        return true;
      }
    }
    return false;
  }

  /** The clip sits among what is cut last. */
  private void gather(int g, int[] group, boolean[] up, int[] bite, float[][] out) {
    Vec3 sum = new Vec3(0, 0, 0);
    double weight = 0;
    for (int i = 0; i < up.length; i++) {
      if (up[i] && group[i] == g) {
        double late = 1.0 + (double) bite[i] * bite[i];
        sum = sum.plus(scalp.pointMm(i).times(late));
        weight += late;
      }
    }
    if (weight == 0) {
      return;
    }
    Vec3 clip = skin.onto(sum.times(1 / weight));
    for (int i = 0; i < up.length; i++) {
      if (up[i] && group[i] == g) {
        out[i] = wound(i, clip);
      }
    }
  }

  private float[] wound(int strand, Vec3 clip) {
    int n = fall.points();
    int run = n - (int) Math.round(WOUND_SHARE * n);
    double own = strand * GOLDEN % 1;
    Vec3 root = scalp.pointMm(strand);
    double way = root.distanceTo(clip);
    double length = fall.lengthMm(strand);
    boolean reaches = length > way;
    float[] out = new float[3 * n];
    for (int k = 0; k < n; k++) {
      double along = reaches ? Math.min(1, (double) k / (run - 1)) : length / way * k / (n - 1);
      Vec3 p = over(root, clip, along, LIFT_MM + along * (WOUND_LIFT_MM - LIFT_MM) * own);
      if (reaches && k >= run) {
        p = ring(clip, root, own, (double) (k - run + 1) / (n - run));
      }
      out[3 * k] = (float) p.x();
      out[3 * k + 1] = (float) p.y();
      out[3 * k + 2] = (float) p.z();
    }
    return out;
  }

  private Vec3 over(Vec3 from, Vec3 to, double t, double liftMm) {
    if (t == 0) {
      return from;
    }
    Vec3 on = skin.onto(from.plus(to.minus(from).times(t)));
    return on.plus(skin.normalAt(on).times(liftMm));
  }

  /** Round the clip, each strand on a ring of its own. */
  private Vec3 ring(Vec3 clip, Vec3 root, double own, double t) {
    UnitVec out = skin.normalAt(clip);
    Vec3 from = root.minus(clip);
    UnitVec toward = (from.norm() > 1 ? UnitVec.of(from) : UnitVec.RIGHT).alongSurface(out);
    Vec3 across = out.times(1).cross(toward.times(1));
    double radius = WOUND_MM + WOUND_MORE_MM * own;
    double turn = 2 * Math.PI * WOUND_TURNS * t;
    double high = WOUND_LIFT_MM * (0.6 + own);
    return clip.plus(toward.times(radius * Math.cos(turn)))
        .plus(across.times(radius * Math.sin(turn)))
        .plus(out.times(high));
  }
}
