package kitetail.section;

import java.util.List;
import kitetail.geom.Vec3;
import kitetail.head.Head;
import kitetail.head.Place;
import kitetail.head.Scalp;
import org.jspecify.annotations.Nullable;
import org.locationtech.jts.algorithm.locate.IndexedPointInAreaLocator;
import org.locationtech.jts.geom.Coordinate;
import org.locationtech.jts.geom.GeometryFactory;
import org.locationtech.jts.geom.Location;

/** What a place must meet to lie in a section. The records do the work. */
public sealed interface Limit {
  /** This limit on one head, its landmarks looked up. */
  Test on(Head head);

  /** The same with left and right changed over. */
  Limit mirrored();

  /** Asks one place of one head. */
  interface Test {
    boolean holds(Vec3 p, double azimuthRad, double fromApexMm);

    /** The same at a root, whose numbers are known. */
    default boolean holds(Scalp s, int i) {
      return holds(s.pointMm(i), s.azimuthRad(i), s.fromApexMm(i));
    }
  }

  /**
   * Keeps the places whose scalar lies from {@code min} (included) to {@code max} (left out). A
   * bound tied to a landmark counts from that landmark's own scalar. Where min comes above max the
   * limit runs round the back of the head: from min up to 180° and on from −180° to max.
   *
   * @param minAt null when min counts from zero
   * @param maxAt null when max counts from zero
   */
  record Between(Scalar by, double min, double max, @Nullable Place minAt, @Nullable Place maxAt)
      implements Limit {
    public Between {
      if (!Double.isFinite(min) || !Double.isFinite(max)) {
        throw new IllegalArgumentException("a limit must be finite, was " + min + " to " + max);
      }
      if (min > max && by != Scalar.AROUND_DEG && minAt == null && maxAt == null) {
        throw new IllegalArgumentException("min must not be above max, was " + min + " to " + max);
      }
    }

    public Between(Scalar by, double min, double max) {
      this(by, min, max, null, null);
    }

    double minOn(Head h) {
      return min + (minAt == null ? 0 : by.of(h, minAt));
    }

    double maxOn(Head h) {
      return max + (maxAt == null ? 0 : by.of(h, maxAt));
    }

    @Override
    public Test on(Head h) {
      double from = minOn(h);
      double to = maxOn(h);
      boolean round = from > to && by == Scalar.AROUND_DEG;
      return new Test() {
        @Override
        public boolean holds(Vec3 p, double a, double d) {
          return within(by.of(h, p, a, d));
        }

        @Override
        public boolean holds(Scalp s, int i) {
          return within(by.of(s, i));
        }

        private boolean within(double v) {
          return round ? v >= from || v < to : v >= from && v < to;
        }
      };
    }

    /** Of a place outside: true when it is the upper end that keeps it out. */
    boolean upperEnds(Head h, Vec3 p, double a, double d) {
      double v = by.of(h, p, a, d);
      double from = minOn(h);
      double to = maxOn(h);
      // Round the back both ends are passed; the nearer one is meant.
      return by == Scalar.AROUND_DEG
          ? Math.abs(Math.IEEEremainder(v - to, 360)) < Math.abs(Math.IEEEremainder(v - from, 360))
          : v >= to;
    }

    @Override
    public Between mirrored() {
      Place from = minAt == null ? null : minAt.mirrored();
      Place to = maxAt == null ? null : maxAt.mirrored();
      return by.signed()
          ? new Between(by, 0 - max, 0 - min, to, from)
          : new Between(by, min, max, from, to);
    }
  }

  /** Which side of a line, walking along it as seen from above. */
  enum Side {
    LEFT,
    RIGHT
  }

  /**
   * Keeps one side of a line drawn on the scalp map through two to eight points; beyond its ends it
   * runs on straight.
   */
  record Beside(List<Anchor> line, Side side) implements Limit {
    public Beside {
      line = List.copyOf(line);
      if (line.size() < 2 || line.size() > 8) {
        throw new IllegalArgumentException("line must have 2 to 8 points, had " + line.size());
      }
    }

    @Override
    public Test on(Head h) {
      double[][] xy = line.stream().map(a -> a.on(h)).toArray(double[][]::new);
      boolean left = side == Side.LEFT;
      // A place on the line itself belongs to the left.
      return (p, a, d) -> (leftOf(xy, d * Math.sin(a), d * Math.cos(a)) >= 0) == left;
    }

    @Override
    public Beside mirrored() {
      return new Beside(
          line.stream().map(Anchor::mirrored).toList(), side == Side.LEFT ? Side.RIGHT : Side.LEFT);
    }

    /** Signed by the nearest stretch of the line; positive to its left. */
    private static double leftOf(double[][] line, double x, double y) {
      double nearest = Double.MAX_VALUE;
      double signed = 0;
      double straightest = -1;
      for (int i = 0; i + 1 < line.length; i++) {
        double dx = line[i + 1][0] - line[i][0];
        double dy = line[i + 1][1] - line[i][1];
        double px = x - line[i][0];
        double py = y - line[i][1];
        double length = Math.hypot(dx, dy);
        double t = (px * dx + py * dy) / (length * length);
        double from = i == 0 ? Double.NEGATIVE_INFINITY : 0;
        double to = i + 2 == line.length ? Double.POSITIVE_INFINITY : 1;
        double c = Math.max(from, Math.min(to, t));
        double off = Math.hypot(px - c * dx, py - c * dy);
        double across = (dx * py - dy * px) / length;
        // At a corner both stretches are as near; the one the place lies more squarely beside
        // tells.
        boolean tie = Math.abs(off - nearest) < 1e-9;
        if (off < nearest - 1e-9 || tie && Math.abs(across) > straightest) {
          nearest = Math.min(nearest, off);
          signed = across;
          straightest = Math.abs(across);
        }
      }
      return signed;
    }
  }

  /** Keeps the inside of a shape drawn on the scalp map through three to twenty-four points. */
  record Inside(List<Anchor> corners) implements Limit {
    public Inside {
      corners = List.copyOf(corners);
      if (corners.size() < 3 || corners.size() > 24) {
        throw new IllegalArgumentException(
            "corners must have 3 to 24 points, had " + corners.size());
      }
    }

    @Override
    public Test on(Head h) {
      Coordinate[] ring = new Coordinate[corners.size() + 1];
      for (int i = 0; i < ring.length; i++) {
        double[] xy = corners.get(i % corners.size()).on(h);
        ring[i] = new Coordinate(xy[0], xy[1]);
      }
      IndexedPointInAreaLocator area =
          new IndexedPointInAreaLocator(new GeometryFactory().createPolygon(ring));
      return (p, a, d) ->
          area.locate(new Coordinate(d * Math.sin(a), d * Math.cos(a))) != Location.EXTERIOR;
    }

    @Override
    public Inside mirrored() {
      return new Inside(corners.stream().map(Anchor::mirrored).toList());
    }
  }
}
