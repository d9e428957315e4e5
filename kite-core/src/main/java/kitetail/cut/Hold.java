package kitetail.cut;

import kitetail.geom.UnitVec;

/** How hair is held between the fingers: the direction of its pull. */
public sealed interface Hold {
  UnitVec pull(UnitVec normal);

  /**
   * How much longer each mm further up the section is left when every bite comes to a guide that
   * follows the head.
   */
  double gainUp();

  /** 90° off the skin: even layers. */
  record StraightOut() implements Hold {
    @Override
    public UnitVec pull(UnitVec normal) {
      return normal;
    }

    @Override
    public double gainUp() {
      return 0;
    }
  }

  /** 0° lies down the head, 90° stands straight out, above it is lifted. 0 to 180. */
  record Elevation(double elevationDeg) implements Hold {
    public Elevation {
      if (!(elevationDeg >= 0 && elevationDeg <= 180)) {
        throw new IllegalArgumentException("elevationDeg must be 0 to 180, was " + elevationDeg);
      }
    }

    @Override
    public UnitVec pull(UnitVec n) {
      UnitVec down = UnitVec.UP.opposite().alongSurface(n);
      double c = Math.cos(Math.toRadians(elevationDeg));
      double s = Math.sin(Math.toRadians(elevationDeg));
      return UnitVec.of(down.times(c).plus(n.times(s)));
    }

    @Override
    public double gainUp() {
      return Math.cos(Math.toRadians(elevationDeg));
    }
  }

  /** Pulled toward a side of the room, e.g. straight up. */
  record Toward(Facing facing) implements Hold {
    @Override
    public UnitVec pull(UnitVec normal) {
      return facing.direction();
    }

    @Override
    public double gainUp() {
      return 0;
    }
  }
}
