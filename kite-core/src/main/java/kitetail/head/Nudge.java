package kitetail.head;

/**
 * A landmark moved by hand, in finger widths: up the head (away from the hairline's outside; for
 * the places on top, toward the back) and toward the client's right.
 *
 * @param upFingers −3 to 3
 * @param acrossFingers −3 to 3
 */
public record Nudge(double upFingers, double acrossFingers) {
  /** A finger is about 3/4 in wide, common practice. */
  public static final double FINGER_MM = 19;

  public static final Nudge NONE = new Nudge(0, 0);

  public Nudge {
    HeadShape.within("upFingers", upFingers, 3);
    HeadShape.within("acrossFingers", acrossFingers, 3);
  }

  double upMm() {
    return upFingers * FINGER_MM;
  }

  double acrossMm() {
    return acrossFingers * FINGER_MM;
  }
}
