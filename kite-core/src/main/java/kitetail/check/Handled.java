package kitetail.check;

import java.util.ArrayList;
import java.util.Arrays;
import java.util.List;
import java.util.stream.Stream;
import kitetail.cut.Aside;
import kitetail.cut.Comb;
import kitetail.cut.Cut;
import kitetail.cut.Edge;
import kitetail.cut.Fade;
import kitetail.cut.Fingers;
import kitetail.cut.Guard;
import kitetail.cut.Texture;
import kitetail.geom.UnitVec;
import kitetail.geom.Vec3;
import kitetail.hair.Damp;
import kitetail.head.Place;
import kitetail.head.Scalp;
import kitetail.plan.Handling;
import kitetail.plan.Handling.EarHeld;
import kitetail.plan.Handling.Stroke;
import kitetail.plan.Handling.Wetting;
import kitetail.plan.Move;
import kitetail.plan.Outcome;
import kitetail.plan.Plan;
import kitetail.section.Facing;
import org.jspecify.annotations.Nullable;

/**
 * How one move is done beside its cut: as it was set, and where nothing was set as it is worked out
 * from the hold, the tool and where the stylist stands. That heads are tilted, strokes go one way
 * on both sides and dry shears cut dry is common practice; the angles are assumptions.
 *
 * @param tiltDeg how far the head is tilted away from the stylist; negative toward; 0 upright
 * @param stroke null for a cut that does not stroke
 * @param hand the hand the stroke comes natural to; null when either does
 * @param ear null when no ear is near the blade
 * @param shears null when none are used
 */
public record Handled(
    double tiltDeg,
    Stroke stroke,
    @Nullable Side hand,
    @Nullable EarHeld ear,
    Wetting wetting,
    @Nullable Shears shears) {
  /** A hand of the stylist. */
  public enum Side {
    LEFT,
    RIGHT
  }

  /** Which shears: fine edges are for wet hair, dry hair blunts them. */
  public enum Shears {
    PRECISION,
    DRY_CUTTING
  }

  /** Seen from the stylist, a pull lower than this is hard to cut along. */
  private static final double LOWEST_DEG = -15;

  /** The hollow of the nape is opened until it lies like this. */
  private static final double NAPE_DEG = 12;

  private static final double HIGHEST_DEG = 95;
  private static final double MOST_AWAY_DEG = 30;
  private static final double MOST_TOWARD_DEG = 15;

  /** A smaller tilt is not worth asking for. */
  private static final double LEAST_DEG = 8;

  private static final double TILT_STEP_DEG = 5;

  /** Hair that was damp so long ago is misted again; common practice. */
  private static final double DRIES_MIN = 10;

  /** A blade so near the top of an ear goes round it; an assumption. */
  private static final double EAR_MM = 45;

  /** For each move of a plan; null for a step between cuts. */
  public static List<Handled> of(Plan plan, Outcome o) {
    List<Handled> out = new ArrayList<>();
    double sinceWet = 0;
    boolean dried = false;
    for (int k = 0; k < o.steps().size(); k++) {
      Outcome.Step step = o.steps().get(k);
      Move m = step.move();
      if (step.cut() instanceof Aside a) {
        boolean wets = a.what() == Aside.What.MIST;
        sinceWet = wets ? 0 : sinceWet + step.minutes();
        dried = !wets && (dried || a.what() == Aside.What.DRY);
        out.add(null);
        continue;
      }
      boolean wet = m.damp() != Damp.DRY && wetted(step.cut());
      boolean mist = wet && k > 0 && (dried || sinceWet + step.minutes() > DRIES_MIN);
      Handled h = of(plan, o, k, mist ? Wetting.MIST : Wetting.NONE);
      out.add(h);
      sinceWet = h.wetting() == Wetting.NONE ? sinceWet + step.minutes() : step.minutes();
      dried = h.wetting() == Wetting.NONE && (dried || m.damp() == Damp.DRY);
    }
    return out;
  }

  /** Clippers and trimmers cut as well in dry hair. */
  private static boolean wetted(Cut cut) {
    return !(cut.guarded()
        || cut instanceof Edge
        || cut instanceof Comb c && c.tool() == Comb.Tool.CLIPPER);
  }

  private static Handled of(Plan plan, Outcome o, int k, Wetting first) {
    Outcome.Step step = o.steps().get(k);
    Move m = step.move();
    Handling set = m.handling() == null ? new Handling(null, null, null, null) : m.handling();
    boolean ear = o.worked(k).anyMatch(i -> nearEar(o, k, i));
    Stroke stroke = set.stroke() == null ? stroke(step, o.scalp()) : set.stroke();
    return new Handled(
        set.tiltDeg() == null ? tilt(o, k) : set.tiltDeg(),
        stroke,
        stroke == null ? null : hand(stroke, m.stand()),
        !ear ? null : set.ear() == null ? ear(step.cut(), plan) : set.ear(),
        set.wetting() == null ? first : set.wetting(),
        !step.cut().shears() ? null : m.damp() == Damp.DRY ? Shears.DRY_CUTTING : Shears.PRECISION);
  }

  /** Who sits still may hold an ear; who does not has enough to do. */
  private static EarHeld ear(Cut cut, Plan plan) {
    if (cut instanceof Comb) {
      return EarHeld.COMB;
    }
    return plan.lively() ? EarHeld.HAND : EarHeld.CLIENT;
  }

  private static double tilt(Outcome o, int k) {
    Outcome.Step step = o.steps().get(k);
    if (step.cut() instanceof Fingers f && f.hold().falls()) {
      return 0;
    }
    Scalp s = o.scalp();
    UnitVec toStylist = toward(step.move().stand());
    // Of a move on both sides the one that is worked on: then the stylist goes round.
    Vec3 sum =
        o.worked(k)
            .filter(i -> toStylist.dot(s.normal(i).times(1)) > 0)
            .mapToObj(i -> pull(step.cut(), s.normal(i)).times(s.areaMm2(i)))
            .reduce(new Vec3(0, 0, 0), Vec3::plus);
    double up = UnitVec.UP.dot(sum);
    double out = toStylist.dot(sum);
    if (Math.hypot(up, out) < 1e-9) {
      return 0;
    }
    double deg = Math.toDegrees(Math.atan2(up, out));
    double lowest = step.move().stand() == Move.Stand.BACK && low(o, k) ? NAPE_DEG : LOWEST_DEG;
    double away = Math.min(MOST_AWAY_DEG, Math.max(0, lowest - deg));
    double near = Math.min(MOST_TOWARD_DEG, Math.max(0, deg - HIGHEST_DEG));
    double tilt = TILT_STEP_DEG * Math.rint((away - near) / TILT_STEP_DEG);
    return Math.abs(tilt) < LEAST_DEG ? 0 : tilt;
  }

  /** True when most of it grows below the ears' openings. */
  private static boolean low(Outcome o, int k) {
    return o.worked(k).mapToDouble(i -> o.scalp().pointMm(i).z()).average().orElse(0) < 0;
  }

  private static boolean nearEar(Outcome o, int k, int i) {
    Scalp s = o.scalp();
    Vec3 blade = Heed.blade(o.steps().get(k), s, i);
    return Stream.of(Place.EAR_TOP_LEFT, Place.EAR_TOP_RIGHT)
        .anyMatch(ear -> s.head().place(ear).distanceTo(blade) < EAR_MM);
  }

  private static UnitVec pull(Cut cut, UnitVec normal) {
    return cut instanceof Fingers f ? f.hold().pull(normal) : normal;
  }

  private static UnitVec toward(Move.Stand stand) {
    return switch (stand) {
      case FRONT -> UnitVec.FORWARD;
      case BACK -> UnitVec.FORWARD.opposite();
      case RIGHT -> Facing.RIGHT.direction();
      case LEFT -> Facing.LEFT.direction();
    };
  }

  /** Clippers go against or with the growth, blades that slide away from the face. */
  private static Stroke stroke(Outcome.Step step, Scalp s) {
    if (step.cut() instanceof Guard g) {
      return g.grain() == Guard.Grain.AGAINST ? Stroke.UP : Stroke.DOWN;
    }
    if (step.cut() instanceof Fade) {
      return Stroke.UP;
    }
    boolean slides =
        step.cut() instanceof Texture t
            && (t.tool() == Texture.Tool.SLIDE || t.tool() == Texture.Tool.TWIST);
    if (!slides && !step.cut().razor()) {
      return null;
    }
    return besideFace(step, s) ? Stroke.BACK : Stroke.DOWN;
  }

  private static boolean besideFace(Outcome.Step step, Scalp s) {
    return Arrays.stream(step.roots())
        .mapToObj(i -> s.head().nearestPlace(s.pointMm(i)))
        .anyMatch(p -> p == Place.TEMPLE_LEFT || p == Place.TEMPLE_RIGHT);
  }

  /** A stroke comes natural outward: from the client's left, backward is to the stylist's right. */
  private static Side hand(Stroke stroke, Move.Stand stand) {
    boolean side = stand == Move.Stand.LEFT || stand == Move.Stand.RIGHT;
    if (!side || stroke == Stroke.DOWN || stroke == Stroke.UP) {
      return null;
    }
    return stand == Move.Stand.LEFT == (stroke == Stroke.BACK) ? Side.RIGHT : Side.LEFT;
  }
}
