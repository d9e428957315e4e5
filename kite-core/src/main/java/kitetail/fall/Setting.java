package kitetail.fall;

/**
 * What drying leaves in the hair. Hair dries in the shape it is held in and keeps a share of its
 * bends; hours and damp air undo it. Every number is an assumption: shares of a half to four fifths
 * as hair combed and left, or blown dry, shows them; common practice says that heat moves, cool and
 * product hold, a brush draws a wave out, and damp brings it back.
 *
 * @param share of the bends it dried in that the hair keeps, 0 to 1
 * @param liftDeg how much farther from the skin it leaves it
 * @param endTurnDegPerMm how much its last {@code endMm} bend in toward the head
 * @param curlKept what is left of its curl, 0 (drawn out) to 1
 * @param rubs the comb's pull over that of the comb in wet hair that hairs lying on each other keep
 */
public record Setting(
    double share,
    double liftDeg,
    double endTurnDegPerMm,
    double endMm,
    double curlKept,
    double rubs) {
  private static final double RUBS = 0.16;

  /** The share hair comes down to in the end, under its own weight. */
  private static final double LEFT_ALONE = 0.62;

  private static final double MOST_SHARE = 0.92;
  private static final double HOLD_ADDS = 0.4;

  /** A round brush of usual size, mm, and how far hair is wound on it. */
  private static final double BRUSH_RADIUS_MM = 24;

  private static final double WOUND_MM = 38;

  /** What each way of drying does, and after how many hours half of it is left. */
  private enum With {
    AIR(0.72, 0, 0, 1, 60),
    CLOTH(0.52, 5, 0, 1, 48),
    NOZZLE(0.80, 3, 0, 0.75, 20),
    DIFFUSER(0.45, 11, 0, 1, 20),
    VENT_BRUSH(0.70, 10, 0, 0.7, 18),
    FLAT_BRUSH(0.84, 0, 0, 0.45, 20),
    ROUND_BRUSH(0.78, 9, Math.toDegrees(1 / BRUSH_RADIUS_MM), 0.4, 18),
    IRON(0.85, 0, 0, 0.08, 26);

    private final double share;
    private final double liftDeg;
    private final double endTurn;
    private final double curlKept;
    private final double halfHours;

    With(double share, double liftDeg, double endTurn, double curlKept, double halfHours) {
      this.share = share;
      this.liftDeg = liftDeg;
      this.endTurn = endTurn;
      this.curlKept = curlKept;
      this.halfHours = halfHours;
    }
  }

  static Setting of(Styling s) {
    With w = With.valueOf(s.dried().name());
    double half = w.halfHours * (1 + 2 * s.hold()) * (1 - 0.75 * s.dampAir());
    double left = Math.pow(0.5, s.hours() / half);
    double share = Math.min(MOST_SHARE, w.share + HOLD_ADDS * s.hold());
    return new Setting(
        LEFT_ALONE + (share - LEFT_ALONE) * left,
        w.liftDeg * left,
        w.endTurn * w.share * left,
        WOUND_MM,
        1 - (1 - w.curlKept) * left,
        RUBS);
  }
}
