package kitetail.head;

import kitetail.geom.RadiusTable;
import kitetail.geom.Solid;
import kitetail.geom.Solid.Capsule;
import kitetail.geom.Solid.Ellipsoid;
import kitetail.geom.StarSurface;
import kitetail.geom.UnitVec;
import kitetail.geom.Vec3;

/**
 * The default adult head as smooth-joined solids (docs/engine.md has the table). Measured heads are
 * stretched from it. The skull is what hair grows on and is cut over; the bust adds what a picture
 * needs: shoulders, nose, brows and ears.
 */
final class ModelHead {
  private static final double EAR_TILT_RAD = Math.toRadians(12);

  static final Solid SKULL = skull();

  /** The bust without its ears. */
  static final Solid BODY = body();

  static final Solid BUST = bust();

  private ModelHead() {}

  private static Solid.Joined skull() {
    return Solid.Joined.first(egg(0, -4, 44, 74, 96, 84))
        .with(egg(36, -26, 68, 34, 54, 46), 48)
        .with(egg(-36, -26, 68, 34, 54, 46), 48)
        .with(egg(0, -64, 24, 50, 34, 40), 46)
        .with(egg(0, 48, 66, 54, 40, 46), 44)
        .with(egg(0, 44, -14, 57, 46, 54), 36)
        .with(rod(45, 12, -36, 16, 70, -66, 11, 12), 46)
        .with(rod(-45, 12, -36, -16, 70, -66, 11, 12), 46)
        .with(egg(0, 78, -66, 17, 15, 14), 26)
        .with(egg(0, 78, -38, 26, 14, 18), 30)
        .with(rod(0, -26, -20, 0, -44, -120, 50, 55), 40);
  }

  private static Solid.Joined body() {
    return skull()
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

  /** The skull's radii, baked once, about a centre straight under the apex. */
  static StarSurface surface() {
    return Baked.SURFACE;
  }

  private static final class Baked {
    static final StarSurface SURFACE = RadiusTable.bake(SKULL, new Vec3(0, apexY(), 40), 72);

    private static double apexY() {
      double lo = -60;
      double hi = 40;
      while (hi - lo > 1e-4) {
        double a = lo + (hi - lo) / 3;
        double b = hi - (hi - lo) / 3;
        if (topZ(a) < topZ(b)) {
          lo = a;
        } else {
          hi = b;
        }
      }
      return (lo + hi) / 2;
    }

    private static double topZ(double y) {
      return RadiusTable.firstSkin(SKULL, new Vec3(0, y, 40), UnitVec.UP);
    }
  }
}
