package kitetail.cut;

import kitetail.geom.UnitVec;
import kitetail.geom.Vec3;
import kitetail.head.Head;
import kitetail.head.Place;

/** The line the hair is cut along in the hand. */
public sealed interface CutLine {
  /** Length in mm left where the line is set; what a stylist changes first. */
  double lengthMm();

  /**
   * True when hair that does not reach the line anywhere is a shortfall; a flat line leaves such
   * hair alone on purpose.
   */
  boolean asksEverywhere();

  /**
   * Distance in mm from a root along its pull to the line; infinite where the pull never meets it.
   *
   * @param riseMm how far the root lies above the lower edge of its section, along the head
   */
  double distanceMm(Head head, Hold hold, Vec3 rootMm, UnitVec pull, double riseMm);

  /**
   * Follows the head: every place keeps the guide's length, and below 90° gains {@code
   * cos(elevation)} mm for each mm further up the section, since each bite is brought down to the
   * one under it and cut square to the pull.
   */
  record Round(double lengthMm) implements CutLine {
    public Round {
      checkLength(lengthMm);
    }

    @Override
    public boolean asksEverywhere() {
      return true;
    }

    @Override
    public double distanceMm(Head head, Hold hold, Vec3 rootMm, UnitVec pull, double riseMm) {
      return Math.max(0, lengthMm + hold.gainUp() * riseMm);
    }
  }

  /**
   * A flat line, parallel to ceiling or wall, set by the length it leaves at one place. A finger
   * angle leans it: on a wall, fingers out (positive) leaves more further up; on a level line,
   * positive leaves more to the front.
   */
  record Flat(Facing facing, Place place, double lengthMm, double fingerDeg) implements CutLine {
    /**
     * Fingers cannot be laid on the line where the pull meets it flatter than about 20°; an
     * assumption.
     */
    private static final double GRAZING = 0.35;

    public Flat {
      checkLength(lengthMm);
      if (!(Math.abs(fingerDeg) <= 60)) {
        throw new IllegalArgumentException("fingerDeg must be -60 to 60, was " + fingerDeg);
      }
    }

    @Override
    public double distanceMm(Head head, Hold hold, Vec3 rootMm, UnitVec pull, double riseMm) {
      Vec3 set = head.place(place);
      Vec3 through = set.plus(hold.pull(head.surface().normalAt(set)).times(lengthMm));
      UnitVec n = normal();
      double toward = n.dot(pull);
      return toward < GRAZING
          ? Double.POSITIVE_INFINITY
          : Math.max(0, n.dot(through.minus(rootMm)) / toward);
    }

    @Override
    public boolean asksEverywhere() {
      return false;
    }

    private UnitVec normal() {
      UnitVec away = facing.direction();
      UnitVec lean = Math.abs(away.z()) > 0.5 ? UnitVec.FORWARD : UnitVec.UP;
      double c = Math.cos(Math.toRadians(fingerDeg));
      double s = Math.sin(Math.toRadians(fingerDeg));
      return UnitVec.of(away.times(c).minus(lean.times(s)));
    }
  }

  private static void checkLength(double lengthMm) {
    if (!(lengthMm >= 0 && lengthMm <= 1500)) {
      throw new IllegalArgumentException("lengthMm must be 0 to 1500, was " + lengthMm);
    }
  }
}
