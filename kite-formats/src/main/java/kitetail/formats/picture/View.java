package kitetail.formats.picture;

import java.util.List;
import kitetail.geom.UnitVec;

/** The side a head is seen from; left and right are the client's. */
public enum View {
  FRONT(0, 1, 0.3),
  LEFT(-1, 0, 0.14),
  RIGHT(1, 0, 0.14),
  BACK(0, -1, 0.26),
  TOP(0, -0.06, 1),
  CORNER(0.72, 0.72, 0.28),
  CORNER_LEFT(-0.72, 0.72, 0.28),
  BACK_RIGHT(0.72, -0.72, 0.2),
  BACK_LEFT(-0.72, -0.72, 0.2);

  /** The six a plan is told by in files; the others lie between. */
  public static final List<View> SIX = List.of(FRONT, LEFT, RIGHT, BACK, TOP, CORNER);

  private final UnitVec from;

  View(double x, double y, double z) {
    from = UnitVec.of(x, y, z);
  }

  public UnitVec from() {
    return from;
  }
}
