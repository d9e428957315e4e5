package kitetail.cut;

import kitetail.geom.UnitVec;
import kitetail.section.Facing;

/** How hair is held between the fingers: the direction of its pull. */
public sealed interface Hold {
  /** Lifted no higher, hair still hangs as it falls; an assumption. */
  double FALLS_DEG = 15;

  UnitVec pull(UnitVec normal);

  /** True when the hair hangs as it falls: lines so cut are judged on an upright head. */
  default boolean falls() {
    return false;
  }

  /**
   * How much longer each mm further up the section is left when every bite comes to a guide that
   * follows the head, and the fingers lie square to the pull ({@code fingerDeg} 0) or turned out by
   * an angle φ: {@code cos e + sin e tan φ}.
   */
  double gainUp(double fingerDeg);

  Hold mirrored();

  /** 90° off the skin: even layers. */
  record StraightOut() implements Hold {
    @Override
    public UnitVec pull(UnitVec normal) {
      return normal;
    }

    @Override
    public double gainUp(double fingerDeg) {
      return Math.tan(Math.toRadians(fingerDeg));
    }

    @Override
    public StraightOut mirrored() {
      return this;
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
    public boolean falls() {
      return elevationDeg <= FALLS_DEG;
    }

    @Override
    public UnitVec pull(UnitVec n) {
      UnitVec down = UnitVec.UP.opposite().alongSurface(n);
      double c = Math.cos(Math.toRadians(elevationDeg));
      double s = Math.sin(Math.toRadians(elevationDeg));
      return UnitVec.of(down.times(c).plus(n.times(s)));
    }

    @Override
    public double gainUp(double fingerDeg) {
      double e = Math.toRadians(elevationDeg);
      return Math.cos(e) + Math.sin(e) * Math.tan(Math.toRadians(fingerDeg));
    }

    @Override
    public Elevation mirrored() {
      return this;
    }
  }

  /** Pulled toward a side of the room, e.g. straight up. */
  record Toward(Facing facing) implements Hold {
    @Override
    public UnitVec pull(UnitVec normal) {
      return facing.direction();
    }

    @Override
    public double gainUp(double fingerDeg) {
      return Math.tan(Math.toRadians(fingerDeg));
    }

    @Override
    public Toward mirrored() {
      return new Toward(facing.mirrored());
    }
  }
}
