package kitetail.cut;

import java.util.Optional;
import kitetail.geom.UnitVec;
import kitetail.section.Facing;

/** How hair is held between the fingers: the direction of its pull. */
public sealed interface Hold {
  /** Lifted no higher, hair still hangs as it falls; an assumption. */
  double FALLS_DEG = 15;

  UnitVec pull(UnitVec normal);

  Range ELEVATION = new Range(0, 180);

  /** A number of this hold with its range; none when it has none of that kind. */
  default Optional<Dialled> dial(Dial dial) {
    return Optional.empty();
  }

  /**
   * The same with a number it has changed.
   *
   * @throws IllegalArgumentException when it has no such number
   */
  default Hold turned(Dial dial, double value) {
    throw new IllegalArgumentException("this hold has no " + dial);
  }

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
      ELEVATION.check("elevationDeg", elevationDeg);
    }

    @Override
    public Optional<Dialled> dial(Dial dial) {
      return dial == Dial.ELEVATION_DEG
          ? Optional.of(ELEVATION.at(elevationDeg))
          : Optional.empty();
    }

    @Override
    public Elevation turned(Dial dial, double value) {
      return dial(dial).isPresent()
          ? new Elevation(value)
          : (Elevation) Hold.super.turned(dial, value);
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
