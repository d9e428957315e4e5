package kitetail.head;

import kitetail.geom.Allowed;

/**
 * What a stylist sees and feels of a head, as numbers; each is a pick on screen and may lie between
 * two picks.
 *
 * @param sides −1 flat, 1 round
 * @param back −1 flat, 0 round, 1 a strong occipital bone
 * @param forehead −1 sloping, 1 upright
 * @param crown −1 low, 0 in the middle, 1 high
 * @param crownAcrossMm where the crown sits, toward the client's right, −35 to 35
 * @param earLeftMm how much higher than usual the left ear sits, −15 to 15
 * @param earRightMm the same for the right
 */
public record HeadShape(
    double sides,
    double back,
    double forehead,
    double crown,
    double crownAcrossMm,
    double earLeftMm,
    double earRightMm) {
  public static final HeadShape USUAL = new HeadShape(0, 0, 0, 0, 0, 0, 0);

  public HeadShape {
    within("sides", sides, 1);
    within("back", back, 1);
    within("forehead", forehead, 1);
    within("crown", crown, 1);
    within("crownAcrossMm", crownAcrossMm, 35);
    within("earLeftMm", earLeftMm, 15);
    within("earRightMm", earRightMm, 15);
  }

  @SuppressWarnings("ArgumentSelectionDefectChecker")
  HeadShape mirrored() {
    return new HeadShape(sides, back, forehead, crown, 0 - crownAcrossMm, earRightMm, earLeftMm);
  }

  static void within(String name, double value, double reach) {
    Allowed.within(name, value, -reach, reach);
  }
}
