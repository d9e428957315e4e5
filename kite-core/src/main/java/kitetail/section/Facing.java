package kitetail.section;

import kitetail.geom.UnitVec;

/** Directions of the room as the client sits: what a flat line faces, or where hair is pulled. */
public enum Facing {
  UP(0, 0, 1),
  DOWN(0, 0, -1),
  FRONT(0, 1, 0),
  BACK(0, -1, 0),
  LEFT(-1, 0, 0),
  RIGHT(1, 0, 0);

  private final UnitVec direction;

  Facing(double x, double y, double z) {
    direction = UnitVec.of(x, y, z);
  }

  public UnitVec direction() {
    return direction;
  }

  /** The same seen in a mirror: left and right changed over. */
  public Facing mirrored() {
    return this == LEFT ? RIGHT : this == RIGHT ? LEFT : this;
  }
}
