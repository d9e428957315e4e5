package kitetail.head;

import kitetail.geom.RadiusTable;
import kitetail.geom.Solid;
import kitetail.geom.Solid.Capsule;
import kitetail.geom.Solid.Ellipsoid;
import kitetail.geom.UnitVec;
import kitetail.geom.Vec3;

/**
 * The default adult head as smooth-joined solids (docs/engine.md has the table), and how the solids
 * move with the shape. The skull is what hair grows on and is cut over; the bust adds what a
 * picture needs: shoulders, nose, brows and ears.
 *
 * <p>A shape's solids are baked once at both ends of each number; between, and together, the radii
 * are blended: {@code R = R0 + Σ w(R₊−R₋)/2 + w²((R₊+R₋)/2−R0)}, exact at both ends.
 */
final class ModelHead {
  private static final double EAR_TILT_RAD = Math.toRadians(12);
  private static final int CELLS = 72;

  /** The bust without its ears. */
  static final Solid BODY = body();

  static final Solid BUST = bust();

  /** The numbers that move solids. The last is found by the fit, not picked. */
  record Build(double sides, double back, double forehead, double fullness) {
    static final Build USUAL = new Build(0, 0, 0, 0);

    static Build of(HeadShape s, double fullness) {
      return new Build(s.sides(), s.back(), s.forehead(), fullness);
    }

    double number(int i) {
      return switch (i) {
        case 0 -> sides;
        case 1 -> back;
        case 2 -> forehead;
        default -> fullness;
      };
    }

    private static Build only(int i, double v) {
      return new Build(i == 0 ? v : 0, i == 1 ? v : 0, i == 2 ? v : 0, i == 3 ? v : 0);
    }
  }

  private static final int NUMBERS = 4;

  private ModelHead() {}

  static Solid.Joined skull(Build b) {
    double flat = -b.sides;
    double bone = b.back;
    double up = b.forehead;
    double full = b.fullness;
    double eminenceX = 36 + 9 * flat;
    double eminenceZ = 68 + 4 * flat;
    return Solid.Joined.first(egg(0, -4, 44, 74 - 2 * flat, 96, 84))
        .with(egg(eminenceX, -26, eminenceZ, 34 + 2 * flat, 54 + 8 * full, 46), 48)
        .with(egg(-eminenceX, -26, eminenceZ, 34 + 2 * flat, 54 + 8 * full, 46), 48)
        .with(
            egg(
                0,
                -64 - 12 * bone,
                24 - 3 * bone,
                50 - 3 * bone + 12 * full,
                34,
                40 - 9 * Math.max(0, bone)),
            46)
        .with(egg(0, 48 + 6 * up, 66 + 4 * up, 54 + 12 * full, 40, 46), 44)
        .with(egg(0, 44, -14, 57, 46, 54), 36)
        .with(rod(45, 12, -36, 16, 70, -66, 11, 12), 46)
        .with(rod(-45, 12, -36, -16, 70, -66, 11, 12), 46)
        .with(egg(0, 78, -66, 17, 15, 14), 26)
        .with(egg(0, 78, -38, 26, 14, 18), 30)
        .with(rod(0, -26, -20, 0, -44, -120, 50, 55), 40);
  }

  private static Solid.Joined body() {
    return skull(Build.USUAL)
        .with(rod(-120, -52, -190, 120, -52, -190, 58, 58), 60)
        .with(rod(0, 86, 24, 0, 104, -16, 5, 8.5), 18)
        .with(egg(26, 82, 34, 22, 10, 8), 28)
        .with(egg(-26, 82, 34, 22, 10, 8), 28);
  }

  private static Solid bust() {
    Solid.Joined b = body();
    for (int s = -1; s <= 1; s += 2) {
      Solid shell = new Ellipsoid(new Vec3(s * 77, -12, 2), new Vec3(7, 18, 31), EAR_TILT_RAD);
      Solid bowl = new Ellipsoid(new Vec3(s * 85, -10, 5), new Vec3(7, 9.5, 17), EAR_TILT_RAD);
      b = b.with(Solid.Joined.first(shell).without(bowl, 4), 7);
    }
    return b;
  }

  private static Solid egg(double x, double y, double z, double a, double b, double c) {
    return new Ellipsoid(new Vec3(x, y, z), new Vec3(a, b, c), 0);
  }

  private static Solid rod(
      double x, double y, double z, double x2, double y2, double z2, double r, double r2) {
    return new Capsule(new Vec3(x, y, z), new Vec3(x2, y2, z2), r, r2);
  }

  /** The usual skull's radii. */
  static RadiusTable surface() {
    return Baked.USUAL;
  }

  /** The radii of a skull of another build, about the same centre. */
  static RadiusTable surface(Build b) {
    RadiusTable t = Baked.USUAL;
    for (int i = 0; i < NUMBERS; i++) {
      t = with(t, b, i);
    }
    return t;
  }

  /** One number of a build laid over radii that lack it. */
  static RadiusTable with(RadiusTable t, Build b, int i) {
    double w = b.number(i);
    return w == 0 ? t : t.plus(w, Baked.SLOPE[i], w * w, Baked.BEND[i]);
  }

  static RadiusTable withFullness(RadiusTable t, double fullness) {
    return with(t, Build.only(NUMBERS - 1, fullness), NUMBERS - 1);
  }

  private static final class Baked {
    static final Vec3 CENTRE = new Vec3(0, apexY(), 40);
    static final RadiusTable USUAL = RadiusTable.bake(skull(Build.USUAL), CENTRE, CELLS);
    static final RadiusTable[] SLOPE = new RadiusTable[NUMBERS];
    static final RadiusTable[] BEND = new RadiusTable[NUMBERS];

    static {
      for (int i = 0; i < NUMBERS; i++) {
        RadiusTable more = USUAL.rebaked(skull(Build.only(i, 1)));
        RadiusTable less = USUAL.rebaked(skull(Build.only(i, -1)));
        SLOPE[i] = more.times(0.5).plus(-0.5, less, 0, less);
        BEND[i] = more.times(0.5).plus(0.5, less, -1, USUAL);
      }
    }

    private static double apexY() {
      double lo = -60;
      double hi = 40;
      Solid usual = skull(Build.USUAL);
      while (hi - lo > 1e-4) {
        double a = lo + (hi - lo) / 3;
        double b = hi - (hi - lo) / 3;
        if (topZ(usual, a) < topZ(usual, b)) {
          lo = a;
        } else {
          hi = b;
        }
      }
      return (lo + hi) / 2;
    }

    private static double topZ(Solid s, double y) {
      return RadiusTable.firstSkin(s, new Vec3(0, y, 40), UnitVec.UP);
    }
  }
}
