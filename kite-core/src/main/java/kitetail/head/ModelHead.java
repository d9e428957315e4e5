package kitetail.head;

import kitetail.geom.RadiusTable;
import kitetail.geom.Solid;
import kitetail.geom.Solid.Capsule;
import kitetail.geom.Solid.Ellipsoid;
import kitetail.geom.UnitVec;
import kitetail.geom.Vec3;
import kitetail.work.Lazy;

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
  private static final Lazy<Baked> BAKED = new Lazy<>(Baked::new);

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
    double eminenceX = 20.8 + 9 * flat;
    double eminenceZ = 63.5 + 4 * flat;
    return Solid.Joined.first(egg(0, -4.5 - 4 * bone, 37.8, 76 - 2 * flat, 95.1 + 4 * bone, 91.9))
        .withBoth(egg(eminenceX, -30.9, eminenceZ, 42.4 + 2 * flat, 50.2 + 8 * full, 47.3), 48)
        .with(
            egg(
                0,
                -52.4 - 11 * bone,
                19.7 - 3 * bone,
                47.3 - 3 * bone + 12 * full,
                29.8,
                34 - 9 * Math.max(0, bone)),
            46)
        .with(egg(0, 43.3 + 6 * up, 51.9 + 4 * up, 53.4 + 12 * full, 43.6, 50.3), 44)
        .with(egg(0, 25.9, -23.7, 64.2, 62.3, 70.5), 40)
        .withBoth(egg(42.6, 46.4, 1.1, 17.5, 15.8, 13), 36)
        .withBoth(rod(43.1, 22.3, -57.3, 21.3, 55.9, -87.5, 14.9, 14.2), 44)
        .with(egg(0, 64.9, -89.7, 17.4, 18.6, 15.7), 36)
        .with(egg(0, 78.2, -43.6, 18.5, 13.9, 23.7), 40)
        .with(rod(0, -26, -20, 0, -44, -120, 50, 54), 40);
  }

  private static Solid.Joined body() {
    return skull(Build.USUAL)
        .withBoth(rod(20, -50, -188, 150, -50, -218, 50, 42), 60)
        .withoutBoth(egg(36, 102, 20.5, 23, 23, 12), 16)
        .withBoth(egg(31, 72.5, 19.5, 13, 12, 11), 8)
        .with(rod(0, 91, 25, 0, 104, -17, 5, 8.5), 16)
        .withBoth(egg(9.5, 97, -23, 7, 9, 6.5), 8)
        .withBoth(egg(25, 82, 43, 20, 8, 5), 16)
        .with(egg(0, 92, -48, 18, 5, 4), 10)
        .with(egg(0, 90, -57, 15, 5, 4.5), 10);
  }

  private static Solid bust() {
    Solid shell = new Ellipsoid(new Vec3(77, -12, 2), new Vec3(7, 18, 31), EAR_TILT_RAD);
    Solid bowl = new Ellipsoid(new Vec3(85, -10, 5), new Vec3(7, 9.5, 17), EAR_TILT_RAD);
    return body().withBoth(Solid.Joined.first(shell).without(bowl, 4), 7);
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
    return BAKED.get().usual;
  }

  /** The radii of a skull of another build, about the same centre. */
  static RadiusTable surface(Build b) {
    RadiusTable t = surface();
    for (int i = 0; i < NUMBERS; i++) {
      t = with(t, b, i);
    }
    return t;
  }

  /** One number of a build laid over radii that lack it. */
  static RadiusTable with(RadiusTable t, Build b, int i) {
    double w = b.number(i);
    if (w == 0) {
      return t;
    }
    Baked baked = BAKED.get();
    return t.plus(w, baked.slope[i], w * w, baked.bend[i]);
  }

  static RadiusTable withFullness(RadiusTable t, double fullness) {
    return with(t, Build.only(NUMBERS - 1, fullness), NUMBERS - 1);
  }

  private static final class Baked {
    final RadiusTable usual = RadiusTable.bake(skull(Build.USUAL), new Vec3(0, apexY(), 40), CELLS);
    final RadiusTable[] slope = new RadiusTable[NUMBERS];
    final RadiusTable[] bend = new RadiusTable[NUMBERS];

    Baked() {
      for (int i = 0; i < NUMBERS; i++) {
        RadiusTable more = usual.rebaked(skull(Build.only(i, 1)));
        RadiusTable less = usual.rebaked(skull(Build.only(i, -1)));
        slope[i] = more.times(0.5).plus(-0.5, less, 0, less);
        bend[i] = more.times(0.5).plus(0.5, less, -1, usual);
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
