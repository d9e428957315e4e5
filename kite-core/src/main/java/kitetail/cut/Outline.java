package kitetail.cut;

import java.util.List;
import java.util.Optional;
import java.util.stream.IntStream;
import kitetail.geom.Allowed;
import kitetail.geom.Smooth;
import kitetail.geom.Vec3;
import kitetail.head.Head;
import kitetail.head.Place;
import kitetail.head.Scalp;
import org.jspecify.annotations.Nullable;

/** The shapes an edge is cut to. The records do the work. */
public sealed interface Outline {
  Drawn on(Head head);

  Outline mirrored();

  /** True when hair hangs to the outline, so that its length is that in the hand. */
  default boolean hangs() {
    return true;
  }

  /** What cuts it over a comb; null when the bare blade does. */
  default Comb.@Nullable Tool over() {
    return null;
  }

  /** A number of this outline with its range; none when it has none of that kind. */
  Optional<Dialled> dial(Dial dial);

  Outline turned(Dial dial, double value);

  /** An outline on one head. */
  interface Drawn {
    /** Length left at a root, mm; infinite where the outline does not run. */
    double leavesMm(Scalp s, int i);
  }

  /** A side of the client. */
  enum Side {
    LEFT,
    RIGHT;

    Place of(Place right) {
      return this == RIGHT ? right : right.mirrored();
    }

    Side mirrored() {
      return this == LEFT ? RIGHT : LEFT;
    }
  }

  private static IllegalArgumentException none(Dial dial) {
    return new IllegalArgumentException("this outline has no " + dial);
  }

  /** An outline set by how far it is moved up the head. */
  sealed interface Raised extends Outline {
    double raiseMm();

    /** How far down and up the head it may be moved. */
    Range raise();

    /** The same outline, moved elsewhere. */
    Raised raised(double mm);

    @Override
    default Optional<Dialled> dial(Dial dial) {
      return dial == Dial.RAISE ? Optional.of(raise().at(raiseMm())) : Optional.empty();
    }

    @Override
    default Raised turned(Dial dial, double value) {
      if (dial != Dial.RAISE) {
        throw none(dial);
      }
      return raised(value);
    }
  }

  /**
   * The half moon over an ear, from the sideburn to behind it.
   *
   * @param raiseMm how far off the natural hairline at the ear's top: above 0 off the ear, below it
   *     so much hair lies on the ear, −80 to 20
   */
  record HalfMoon(Side side, double raiseMm) implements Raised {
    /** The last of the arc on either side, over which it runs out; an assumption. */
    private static final double LEAVES_SHARE = 0.2;

    private static final Range RAISE = new Range(-80, 20);

    public HalfMoon {
      RAISE.check("raiseMm", raiseMm);
    }

    @Override
    public Range raise() {
      return RAISE;
    }

    @Override
    public Drawn on(Head h) {
      double front = h.azimuthRad(h.place(side.of(Place.SIDEBURN_RIGHT)));
      double back = h.azimuthRad(h.place(side.of(Place.BEHIND_EAR_RIGHT)));
      double mid = (front + back) / 2;
      double half = Math.abs(back - front) / 2;
      return (s, i) -> {
        double u = (s.azimuthRad(i) - mid) / half;
        if (Math.abs(u) >= 1) {
          return Double.POSITIVE_INFINITY;
        }
        double above = s.aboveHairlineMm(i) - raiseMm * Math.sqrt(1 - u * u);
        // At both ends the trimmer leaves the head.
        return above / Smooth.step((1 - Math.abs(u)) / LEAVES_SHARE);
      };
    }

    @Override
    public HalfMoon mirrored() {
      return new HalfMoon(side.mirrored(), raiseMm);
    }

    @Override
    public HalfMoon raised(double mm) {
      return new HalfMoon(side, mm);
    }
  }

  /**
   * A sideburn's end, from the temple to the front of the ear.
   *
   * @param raiseMm above its natural end, −60 to 40
   * @param slopeDeg 0 level; above 0 the front is cut higher, to a point at the ear, −60 to 60
   */
  record Sideburn(Side side, double raiseMm, double slopeDeg) implements Raised {
    private static final double WIDE_RAD = Math.toRadians(11);

    private static final Range RAISE = new Range(-60, 40);

    public Sideburn {
      RAISE.check("raiseMm", raiseMm);
      Allowed.within("slopeDeg", slopeDeg, -60, 60);
    }

    @Override
    public Range raise() {
      return RAISE;
    }

    @Override
    public Drawn on(Head h) {
      Vec3 end = h.place(side.of(Place.SIDEBURN_RIGHT));
      double mid = h.azimuthRad(end);
      double slope = Math.tan(Math.toRadians(slopeDeg));
      return (s, i) -> {
        if (Math.abs(s.azimuthRad(i) - mid) > WIDE_RAD) {
          return Double.POSITIVE_INFINITY;
        }
        double level = end.z() + raiseMm + slope * (s.pointMm(i).y() - end.y());
        return s.pointMm(i).z() - level;
      };
    }

    @Override
    public Sideburn mirrored() {
      return new Sideburn(side.mirrored(), raiseMm, slopeDeg);
    }

    @Override
    public Sideburn raised(double mm) {
      return new Sideburn(side, mm, slopeDeg);
    }
  }

  /**
   * The nape from corner to corner. Neck hair below it is not head hair and is only cleaned.
   *
   * @param raiseMm above (below 0: under) the natural hairline at the centre, −300 to 40
   * @param cornerRadiusMm of the corners of a square one, 0 to 40
   */
  record Nape(Form form, double raiseMm, double cornerRadiusMm) implements Raised {
    /** How it runs. */
    public enum Form {
      /** Beside the natural hairline. */
      NATURAL,
      /** Level, its corners rounded by their radius. */
      SQUARE,
      /** One arc from corner to corner. */
      ROUNDED,
      /** Down to the centre by 30°. */
      POINTED
    }

    private static final double POINT_SLOPE = Math.tan(Math.toRadians(30));

    private static final Range RAISE = new Range(-300, 40);

    public Nape {
      RAISE.check("raiseMm", raiseMm);
      Allowed.within("cornerRadiusMm", cornerRadiusMm, 0, 40);
    }

    @Override
    public Range raise() {
      return RAISE;
    }

    @Override
    public Drawn on(Head h) {
      double level = h.place(Place.NAPE).z() + raiseMm;
      double corner = Math.abs(h.azimuthRad(h.place(Place.NAPE_CORNER_RIGHT)));
      double wide = Math.abs(h.place(Place.NAPE_CORNER_RIGHT).x());
      return (s, i) -> {
        if (Math.abs(s.azimuthRad(i)) < corner) {
          return Double.POSITIVE_INFINITY;
        }
        double z = s.pointMm(i).z();
        double x = Math.min(wide, Math.abs(s.pointMm(i).x()));
        return switch (form) {
          case NATURAL -> s.aboveHairlineMm(i) - raiseMm;
          case SQUARE -> z - level - Guard.arcMm(cornerRadiusMm, inside(x, wide));
          case ROUNDED -> z - level - (wide - Math.sqrt(wide * wide - x * x)) / 2;
          case POINTED -> z - level - POINT_SLOPE * x;
        };
      };
    }

    /** How far past the start of its rounded corner a place lies. */
    private double inside(double x, double wide) {
      return Math.min(0.999 * cornerRadiusMm, x - (wide - cornerRadiusMm));
    }

    @Override
    public Nape mirrored() {
      return this;
    }

    @Override
    public Nape raised(double mm) {
      return new Nape(form, mm, cornerRadiusMm);
    }
  }

  /** A line to the skin between two places, straight on the scalp map; pressed once. */
  record HardLine(Place from, Place to, double widthMm) implements Outline {
    private static final double PIECE_MM = 9;

    public HardLine {
      Allowed.within("widthMm", widthMm, 1, 8);
      if (from == to) {
        throw new IllegalArgumentException("a hard line needs two places, was " + from);
      }
    }

    @Override
    public boolean hangs() {
      return false;
    }

    @Override
    public Drawn on(Head h) {
      double[] a = onMap(h, from);
      double[] b = onMap(h, to);
      double dx = b[0] - a[0];
      double dy = b[1] - a[1];
      double length = Math.hypot(dx, dy);
      return (s, i) -> {
        double px = s.fromApexMm(i) * Math.sin(s.azimuthRad(i)) - a[0];
        double py = s.fromApexMm(i) * Math.cos(s.azimuthRad(i)) - a[1];
        double along = (px * dx + py * dy) / length;
        double off = Math.abs(dx * py - dy * px) / length;
        return along >= 0 && along <= length && off <= widthMm / 2 ? 0 : Double.POSITIVE_INFINITY;
      };
    }

    /** Where it runs on a head, from one place to the other. */
    public List<Vec3> along(Head h) {
      double[] a = onMap(h, from);
      double[] b = onMap(h, to);
      int pieces = (int) Math.max(1, Math.ceil(Math.hypot(b[0] - a[0], b[1] - a[1]) / PIECE_MM));
      return IntStream.rangeClosed(0, pieces)
          .mapToObj(
              k -> {
                double x = a[0] + (b[0] - a[0]) * k / pieces;
                double y = a[1] + (b[1] - a[1]) * k / pieces;
                return h.point(Math.atan2(x, y), Math.hypot(x, y));
              })
          .toList();
    }

    /** Of a place on the scalp map, mm right and forward of the apex. */
    private static double[] onMap(Head h, Place p) {
      double far = h.fromApexMm(h.place(p));
      double az = h.azimuthRad(h.place(p));
      return new double[] {far * Math.sin(az), far * Math.cos(az)};
    }

    @Override
    public HardLine mirrored() {
      return new HardLine(from.mirrored(), to.mirrored(), widthMm);
    }

    @Override
    public Optional<Dialled> dial(Dial dial) {
      return Optional.empty();
    }

    @Override
    public HardLine turned(Dial dial, double value) {
      throw none(dial);
    }
  }

  /**
   * A taper out of the edge: from one length at the hairline smoothly to another at a height above
   * it, which falls from the sideburn behind the ear to the nape (a drop taper) or stays level. In
   * front of the sideburn it runs out toward the temple; it never cuts the front.
   *
   * @param lengthMm at the hairline, 0 to 30
   * @param farMm where the taper ends, 1 to 80
   * @param sideburnMm its height at the sideburn, 2 to 120
   * @param behindEarMm its height behind the ear
   * @param napeMm its height at the nape
   * @param over null when the bare blade tapers it evenly; what cuts over a comb that is turned off
   *     the head in a C: with a height h it leaves {@code length + (far − length) r(s/h)} at s,
   *     where {@code r(t) = 1 − √(1 − t²)} while the comb turns, up to t = 0.9, and from there on
   *     rises as steeply as it does there: the comb goes straight on until no hair is caught
   */
  record Taper(
      double lengthMm,
      double farMm,
      double sideburnMm,
      double behindEarMm,
      double napeMm,
      Comb.@Nullable Tool over)
      implements Outline {
    private static final Range FOOT = new Range(0, 30);
    private static final Range TOP = new Range(1, 80);

    public Taper {
      FOOT.check("lengthMm", lengthMm);
      TOP.check("farMm", farMm);
      Allowed.within("sideburnMm", sideburnMm, 2, 120);
      Allowed.within("behindEarMm", behindEarMm, 2, 120);
      Allowed.within("napeMm", napeMm, 2, 120);
    }

    public Taper(
        double lengthMm, double farMm, double sideburnMm, double behindEarMm, double napeMm) {
      this(lengthMm, farMm, sideburnMm, behindEarMm, napeMm, null);
    }

    @Override
    public boolean hangs() {
      return false;
    }

    @Override
    public Comb.@Nullable Tool over() {
      return over;
    }

    @Override
    public Drawn on(Head h) {
      Climb.Drawn climb = new Climb(sideburnMm, behindEarMm, napeMm).on(h);
      return (s, i) -> {
        double on = climb.on(s.azimuthRad(i));
        double rise = rise(s.fromSideHairlineMm(i) / climb.heightMm(s.azimuthRad(i)));
        return on == 0
            ? Double.POSITIVE_INFINITY
            : (lengthMm + rise * (farMm - lengthMm)) / Math.max(1e-9, on);
      };
    }

    /** How much of the way from its foot to its top it has come at a share of its height. */
    private double rise(double t) {
      if (over != null) {
        return Comb.Turn.rise(t);
      }
      // Past its top the clipper is flicked out: no step is left where the taper ends.
      double past = Math.max(0, t - 1);
      return t + past * past;
    }

    @Override
    public Taper mirrored() {
      return this;
    }

    @Override
    public Optional<Dialled> dial(Dial dial) {
      return switch (dial) {
        case LENGTH -> Optional.of(FOOT.at(lengthMm));
        case FAR_LENGTH -> Optional.of(TOP.at(farMm));
        default -> Optional.empty();
      };
    }

    @Override
    public Taper turned(Dial dial, double value) {
      return switch (dial) {
        case LENGTH -> new Taper(value, farMm, sideburnMm, behindEarMm, napeMm, over);
        case FAR_LENGTH -> new Taper(lengthMm, value, sideburnMm, behindEarMm, napeMm, over);
        default -> throw none(dial);
      };
    }
  }
}
