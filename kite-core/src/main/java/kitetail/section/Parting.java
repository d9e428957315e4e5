package kitetail.section;

import kitetail.geom.UnitVec;
import kitetail.geom.Vec3;
import kitetail.head.Head;
import kitetail.head.Place;

/**
 * How a section is parted into bites: a number that grows, in mm, from the first bite to the last;
 * partings are its level lines. The records do the work.
 */
public sealed interface Parting {
  /** How far on in the work a place lies, mm; it counts from anywhere. */
  double atMm(Head head, Vec3 p);

  /** The way along the skin to the bite before; never across the partings' middle line. */
  UnitVec back(Head head, Vec3 p, UnitVec normal);

  Parting mirrored();

  /** Panels worked one after another, each from its own first bite. */
  default int panels() {
    return 1;
  }

  /**
   * Straight across the way the work goes: level partings going up, upright ones going back or to a
   * side.
   */
  record Across(Facing toward) implements Parting {
    @Override
    public double atMm(Head head, Vec3 p) {
      return toward.direction().dot(p);
    }

    @Override
    public UnitVec back(Head head, Vec3 p, UnitVec normal) {
      return toward.direction().opposite().alongSurface(normal);
    }

    @Override
    public Across mirrored() {
      return new Across(toward.mirrored());
    }
  }

  /**
   * Diagonal: across a way that goes toward a side of the room and also up (or, below 0°, down).
   * Going back and up, partings run down toward the face: diagonal forward.
   *
   * @param slopeDeg −80 to 80
   */
  record Diagonal(Facing toward, double slopeDeg) implements Parting {
    public Diagonal {
      if (!(Math.abs(slopeDeg) <= 80)) {
        throw new IllegalArgumentException("slopeDeg must be -80 to 80, was " + slopeDeg);
      }
      if (toward == Facing.UP || toward == Facing.DOWN) {
        throw new IllegalArgumentException("a diagonal goes front, back, left or right first");
      }
    }

    private UnitVec way() {
      double s = Math.toRadians(slopeDeg);
      return UnitVec.of(toward.direction().times(Math.cos(s)).plus(UnitVec.UP.times(Math.sin(s))));
    }

    @Override
    public double atMm(Head head, Vec3 p) {
      return way().dot(p);
    }

    @Override
    public UnitVec back(Head head, Vec3 p, UnitVec normal) {
      return way().opposite().alongSurface(normal);
    }

    @Override
    public Diagonal mirrored() {
      return new Diagonal(toward.mirrored(), slopeDeg);
    }
  }

  /** Along the hairline, from it up. */
  record Hairline() implements Parting {
    @Override
    public double atMm(Head head, Vec3 p) {
      return head.hairlineFromApexMm(head.azimuthRad(p)) - head.fromApexMm(p);
    }

    @Override
    public UnitVec back(Head head, Vec3 p, UnitVec normal) {
      Vec3 out = p.minus(head.place(Place.APEX));
      return (out.norm() < 1e-6 ? UnitVec.FORWARD : UnitVec.of(out)).alongSurface(normal);
    }

    @Override
    public Hairline mirrored() {
      return this;
    }
  }

  /** Along the centre line, from it to either side. */
  record Centre() implements Parting {
    @Override
    public double atMm(Head head, Vec3 p) {
      return Math.abs(p.x());
    }

    @Override
    public UnitVec back(Head head, Vec3 p, UnitVec normal) {
      UnitVec in = p.x() > 0 ? UnitVec.RIGHT.opposite() : UnitVec.RIGHT;
      return in.alongSurface(normal);
    }

    @Override
    public Centre mirrored() {
      return this;
    }
  }

  /**
   * Wedges about a point, from the front on round it; a bite is so wide at the ridge of the head,
   * 90 mm from the point.
   *
   * @param clockwise as seen from above
   */
  record Pivot(Place about, boolean clockwise) implements Parting {
    private static final double RIM_MM = 90;

    @Override
    public double atMm(Head head, Vec3 p) {
      Vec3 d = p.minus(head.place(about));
      double turn = Math.atan2(clockwise ? d.x() : -d.x(), d.y());
      return (turn < 0 ? turn + 2 * Math.PI : turn) * RIM_MM;
    }

    @Override
    public UnitVec back(Head head, Vec3 p, UnitVec normal) {
      Vec3 d = p.minus(head.place(about));
      double way = clockwise ? 1 : -1;
      Vec3 back = new Vec3(-way * d.y(), way * d.x(), 0);
      return (back.norm() < 1e-6 ? UnitVec.RIGHT : UnitVec.of(back)).alongSurface(normal);
    }

    @Override
    public Pivot mirrored() {
      return new Pivot(about.mirrored(), !clockwise);
    }
  }

  /** Panels side by side over the head, each worked toward the same side of the room. */
  record Panels(int panels, Facing toward) implements Parting {
    public Panels {
      if (panels < 2 || panels > 7) {
        throw new IllegalArgumentException("panels must be 2 to 7, was " + panels);
      }
    }

    @Override
    public double atMm(Head head, Vec3 p) {
      return toward.direction().dot(p);
    }

    @Override
    public UnitVec back(Head head, Vec3 p, UnitVec normal) {
      return toward.direction().opposite().alongSurface(normal);
    }

    @Override
    public Panels mirrored() {
      return new Panels(panels, toward.mirrored());
    }
  }
}
