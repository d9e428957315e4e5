package kitetail.cut;

import java.util.Optional;
import kitetail.geom.Smooth;
import kitetail.geom.UnitVec;
import kitetail.geom.Vec3;
import kitetail.head.Head;
import kitetail.head.Place;
import kitetail.section.Facing;

/** The line the hair is cut along in the hand. */
public sealed interface CutLine {
  /** No hair on a head is longer. */
  Range LENGTH = new Range(0, 1500);

  /** So far fingers can be turned out or in while they hold a bite. */
  Range FINGERS = new Range(-60, 60);

  /** Length in mm left where the line is set, or taken off; what a stylist changes first. */
  double lengthMm();

  /**
   * True when hair that does not reach the line anywhere is a shortfall; a flat line leaves such
   * hair alone on purpose.
   */
  boolean asksEverywhere();

  /** The same line set to another length. */
  CutLine withLength(double lengthMm);

  /** A number of this line with its range; none when it has none of that kind. */
  default Optional<Dialled> dial(Dial dial) {
    return dial == Dial.LENGTH ? Optional.of(LENGTH.at(lengthMm())) : Optional.empty();
  }

  /** The same with a number it has changed. */
  default CutLine turned(Dial dial, double value) {
    return withLength(value);
  }

  CutLine mirrored();

  /** The line laid on one head, with the hair held one way. */
  Laid on(Head head, Hold hold);

  /** A line on one head. */
  interface Laid {
    /**
     * Distance in mm from a root along its pull to the line; infinite where the pull never meets
     * it.
     *
     * @param riseMm how far the root lies above the lower edge of its section, along the head
     */
    double distanceMm(Vec3 rootMm, UnitVec pull, double riseMm);
  }

  /** True when how far up its section a root lies changes what is left there. */
  default boolean asksRise(Hold hold) {
    return false;
  }

  /** A line whose fingers can be turned out or in. */
  sealed interface Fingered extends CutLine permits Round, Flat {
    double fingerDeg();

    Fingered withFingers(double deg);

    @Override
    default Optional<Dialled> dial(Dial dial) {
      return dial == Dial.FINGER_DEG
          ? Optional.of(FINGERS.at(fingerDeg()))
          : CutLine.super.dial(dial);
    }

    @Override
    default CutLine turned(Dial dial, double value) {
      return dial == Dial.FINGER_DEG ? withFingers(value) : withLength(value);
    }
  }

  /**
   * Follows the head: every place keeps the guide's length, and gains {@link Hold#gainUp} mm for
   * each mm further up the section, since each bite is brought down to the one under it.
   *
   * @param fingerDeg fingers out (positive) leave more further up, −60 to 60
   */
  record Round(double lengthMm, double fingerDeg) implements Fingered {
    public Round {
      LENGTH.check("lengthMm", lengthMm);
      FINGERS.check("fingerDeg", fingerDeg);
    }

    public Round(double lengthMm) {
      this(lengthMm, 0);
    }

    @Override
    public boolean asksEverywhere() {
      return true;
    }

    @Override
    public Round withLength(double mm) {
      return new Round(mm, fingerDeg);
    }

    @Override
    public Round withFingers(double deg) {
      return new Round(lengthMm, deg);
    }

    @Override
    public Round mirrored() {
      return this;
    }

    @Override
    public boolean asksRise(Hold hold) {
      return Math.abs(hold.gainUp(fingerDeg)) > 1e-12;
    }

    @Override
    public Laid on(Head head, Hold hold) {
      double gain = hold.gainUp(fingerDeg);
      return (root, pull, rise) -> Math.max(0, lengthMm + gain * rise);
    }
  }

  /**
   * A flat line, parallel to ceiling or wall, set by the length it leaves at one place. A finger
   * angle leans it: on a wall, fingers out (positive) leaves more further up; on a level line,
   * positive leaves more to the front.
   */
  record Flat(Facing facing, Place place, double lengthMm, double fingerDeg) implements Fingered {
    /**
     * Fingers cannot be laid on the line where the pull meets it flatter than about 20°; an
     * assumption.
     */
    private static final double GRAZING = 0.35;

    private static final double LIFTS_OVER = 0.15;

    public Flat {
      LENGTH.check("lengthMm", lengthMm);
      FINGERS.check("fingerDeg", fingerDeg);
    }

    @Override
    public Flat withLength(double mm) {
      return new Flat(facing, place, mm, fingerDeg);
    }

    @Override
    public Flat withFingers(double deg) {
      return new Flat(facing, place, lengthMm, deg);
    }

    @Override
    public Flat mirrored() {
      return new Flat(facing.mirrored(), place.mirrored(), lengthMm, fingerDeg);
    }

    @Override
    public Laid on(Head head, Hold hold) {
      Vec3 set = head.place(place);
      Vec3 through = set.plus(hold.pull(head.surface().normalAt(set)).times(lengthMm));
      UnitVec n = normal();
      double level = n.dot(through);
      return (root, pull, rise) -> {
        double toward = n.dot(pull);
        if (toward <= GRAZING) {
          return Double.POSITIVE_INFINITY;
        }
        // Before they cannot be laid on it, fingers lift off the line: it ends in no step.
        double laid = Smooth.step((toward - GRAZING) / LIFTS_OVER);
        return Math.max(0, (level - n.dot(root)) / toward) / Math.max(1e-9, laid);
      };
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

  /**
   * Longer toward one end: from one length at a place to another at another place, even between
   * them along the scalp map and level past both. Equal lengths follow the head.
   *
   * @param eachSide when the places are those of one side and the other side has its own, across
   *     the middle
   */
  record Slope(Place place, double lengthMm, Place far, double farMm, boolean eachSide)
      implements CutLine {
    public Slope {
      LENGTH.check("lengthMm", lengthMm);
      LENGTH.check("farMm", farMm);
      if (place == far) {
        throw new IllegalArgumentException("a sloping line needs two places, was " + place);
      }
    }

    public Slope(Place place, double lengthMm, Place far, double farMm) {
      this(place, lengthMm, far, farMm, false);
    }

    @Override
    public boolean asksEverywhere() {
      return true;
    }

    @Override
    public Slope withLength(double mm) {
      return new Slope(place, mm, far, farMm, eachSide);
    }

    @Override
    public Optional<Dialled> dial(Dial dial) {
      return dial == Dial.FAR_LENGTH ? Optional.of(LENGTH.at(farMm)) : CutLine.super.dial(dial);
    }

    @Override
    public Slope turned(Dial dial, double value) {
      return dial == Dial.FAR_LENGTH
          ? new Slope(place, lengthMm, far, value, eachSide)
          : withLength(value);
    }

    @Override
    public Slope mirrored() {
      return new Slope(place.mirrored(), lengthMm, far.mirrored(), farMm, eachSide);
    }

    @Override
    public Laid on(Head head, Hold hold) {
      Vec3 a = head.place(place);
      Vec3 b = head.place(far);
      double ax = mapX(head, a);
      double ay = mapY(head, a);
      double dx = mapX(head, b) - ax;
      double dy = mapY(head, b) - ay;
      double size = dx * dx + dy * dy;
      double side = Math.abs(ax) > Math.abs(ax + dx) ? ax : ax + dx;
      return (root, pull, rise) -> {
        double x = mapX(head, root);
        double t =
            (((eachSide ? Math.copySign(x, side) : x) - ax) * dx + (mapY(head, root) - ay) * dy)
                / size;
        return lengthMm + Math.max(0, Math.min(1, t)) * (farMm - lengthMm);
      };
    }

    private static double mapX(Head h, Vec3 p) {
      return h.fromApexMm(p) * Math.sin(h.azimuthRad(p));
    }

    private static double mapY(Head h, Vec3 p) {
      return h.fromApexMm(p) * Math.cos(h.azimuthRad(p));
    }
  }

  /**
   * A level all round, cut as the hair falls: down the head to the hairline, then plumb to the
   * level. An outline that hangs level is longer where the hairline is higher.
   *
   * @param place of the hairline where the level is set
   * @param fallsDeg how much the level falls toward the back; below 0 toward the front, −45 to 45
   */
  record Level(Place place, double lengthMm, double fallsDeg) implements CutLine {
    public Level {
      LENGTH.check("lengthMm", lengthMm);
      if (!(Math.abs(fallsDeg) <= 45)) {
        throw new IllegalArgumentException("fallsDeg must be -45 to 45, was " + fallsDeg);
      }
    }

    @Override
    public boolean asksEverywhere() {
      return true;
    }

    @Override
    public Level withLength(double mm) {
      return new Level(place, mm, fallsDeg);
    }

    @Override
    public Level mirrored() {
      return new Level(place.mirrored(), lengthMm, fallsDeg);
    }

    @Override
    public Laid on(Head head, Hold hold) {
      double falls = Math.tan(Math.toRadians(fallsDeg));
      Vec3 set = hairline(head, head.place(place));
      double level = set.z() - lengthMm;
      return (root, pull, rise) -> {
        Vec3 edge = hairline(head, root);
        double plumb = edge.z() - level + falls * (set.y() - edge.y());
        double down = head.hairlineFromApexMm(head.azimuthRad(root)) - head.fromApexMm(root);
        return Math.max(0, plumb + Math.max(0, down));
      };
    }

    private static Vec3 hairline(Head h, Vec3 p) {
      double a = h.azimuthRad(p);
      return h.point(a, h.hairlineFromApexMm(a));
    }
  }

  /**
   * So much off the ends, the same everywhere: the line that is there is followed. What it leaves
   * goes by the hair before it, so it has no length of its own where it is laid.
   *
   * @param lengthMm taken off, as it lies in the hand
   */
  record Off(double lengthMm) implements CutLine {
    public Off {
      LENGTH.check("lengthMm", lengthMm);
    }

    @Override
    public boolean asksEverywhere() {
      return false;
    }

    @Override
    public Off withLength(double mm) {
      return new Off(mm);
    }

    @Override
    public Optional<Dialled> dial(Dial dial) {
      return dial == Dial.OFF ? Optional.of(LENGTH.at(lengthMm)) : Optional.empty();
    }

    @Override
    public Off mirrored() {
      return this;
    }

    @Override
    public Laid on(Head head, Hold hold) {
      return (root, pull, rise) -> Double.POSITIVE_INFINITY;
    }
  }
}
