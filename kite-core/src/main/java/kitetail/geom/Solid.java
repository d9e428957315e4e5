package kitetail.geom;

import org.jspecify.annotations.Nullable;

/**
 * A rounded solid given by a value that is below 0 inside, 0 on the skin and above 0 outside,
 * growing by about 1 a millimetre near the skin; farther off than 16 mm only roughly.
 */
public sealed interface Solid {
  double valueMm(double x, double y, double z);

  /** The same with left and right changed over. */
  Solid mirrored();

  /**
   * Ellipsoid with half axes along the head axes. Value {@code k0(k0-1)/k1} with k0 = |p/r|, k1 =
   * |p/r²|: exact on the skin, a first-order distance near it. Tilt: the top leans back by {@code
   * tiltBackRad}.
   */
  record Ellipsoid(Vec3 centreMm, Vec3 halfAxesMm, double tiltBackRad) implements Solid {
    public Ellipsoid {
      if (!(halfAxesMm.x() > 0 && halfAxesMm.y() > 0 && halfAxesMm.z() > 0)) {
        throw new IllegalArgumentException("half axes must be above 0, were " + halfAxesMm);
      }
    }

    @Override
    public Solid mirrored() {
      return new Ellipsoid(
          new Vec3(-centreMm.x(), centreMm.y(), centreMm.z()), halfAxesMm, tiltBackRad);
    }

    @Override
    public double valueMm(double x, double y, double z) {
      double px = x - centreMm.x();
      double qy = y - centreMm.y();
      double qz = z - centreMm.z();
      double py = qy;
      double pz = qz;
      if (tiltBackRad != 0) {
        double c = Math.cos(tiltBackRad);
        double s = Math.sin(tiltBackRad);
        py = c * qy + s * qz;
        pz = c * qz - s * qy;
      }
      double ux = px / halfAxesMm.x();
      double uy = py / halfAxesMm.y();
      double uz = pz / halfAxesMm.z();
      double k0 = Math.sqrt(ux * ux + uy * uy + uz * uz);
      double vx = ux / halfAxesMm.x();
      double vy = uy / halfAxesMm.y();
      double vz = uz / halfAxesMm.z();
      double k1 = Math.sqrt(vx * vx + vy * vy + vz * vz);
      return k1 < 1e-12
          ? -Math.min(halfAxesMm.x(), Math.min(halfAxesMm.y(), halfAxesMm.z()))
          : k0 * (k0 - 1) / k1;
    }
  }

  /** A rod from one end to the other whose radius changes evenly along it. */
  record Capsule(Vec3 fromMm, Vec3 toMm, double fromRadiusMm, double toRadiusMm) implements Solid {
    @Override
    public Solid mirrored() {
      return new Capsule(
          new Vec3(-fromMm.x(), fromMm.y(), fromMm.z()),
          new Vec3(-toMm.x(), toMm.y(), toMm.z()),
          fromRadiusMm,
          toRadiusMm);
    }

    @Override
    public double valueMm(double x, double y, double z) {
      double bx = toMm.x() - fromMm.x();
      double by = toMm.y() - fromMm.y();
      double bz = toMm.z() - fromMm.z();
      double px = x - fromMm.x();
      double py = y - fromMm.y();
      double pz = z - fromMm.z();
      double t = (px * bx + py * by + pz * bz) / (bx * bx + by * by + bz * bz);
      t = Math.max(0, Math.min(1, t));
      double dx = px - t * bx;
      double dy = py - t * by;
      double dz = pz - t * bz;
      return Math.sqrt(dx * dx + dy * dy + dz * dz)
          - (fromRadiusMm + t * (toRadiusMm - fromRadiusMm));
    }
  }

  /**
   * Solids joined one after another by the cubic smooth minimum {@code min(a,b) - h³k/6, h =
   * max(k-|a-b|,0)/k}; k mm is the reach of the join. A hollow is taken out in the same way.
   */
  final class Joined implements Solid {
    /**
     * A solid, and where it has one its fellow on the other side.
     *
     * @param middle of a ball about it beyond which it changes nothing within {@value #CLOSE_MM} mm
     *     of the skin; null when it is always asked
     */
    private record Part(
        Solid solid,
        @Nullable Solid fellow,
        double blendMm,
        boolean hollow,
        @Nullable Vec3 middle,
        double reachMm) {
      private static final double CLOSE_MM = 16;

      static Part of(Solid solid, @Nullable Solid fellow, double blendMm, boolean hollow) {
        if (solid instanceof Ellipsoid e) {
          double most = Math.max(e.halfAxesMm.x(), Math.max(e.halfAxesMm.y(), e.halfAxesMm.z()));
          return new Part(solid, fellow, blendMm, hollow, e.centreMm, most + blendMm + CLOSE_MM);
        }
        return new Part(solid, fellow, blendMm, hollow, null, 0);
      }

      private boolean far(double x, double y, double z) {
        if (middle == null) {
          return false;
        }
        double dx = fellow == null ? x - middle.x() : Math.abs(x) - Math.abs(middle.x());
        double dy = y - middle.y();
        double dz = z - middle.z();
        return dx * dx + dy * dy + dz * dz > reachMm * reachMm;
      }

      double joinedTo(double v, double x, double y, double z) {
        if (far(x, y, z)) {
          return v;
        }
        double w = solid.valueMm(x, y, z);
        if (fellow == null) {
          return joined(v, w);
        }
        double o = fellow.valueMm(x, y, z);
        // The order of two joins shows a little: half of each, so that left and right are alike.
        return 0.5 * (joined(joined(v, w), o) + joined(joined(v, o), w));
      }

      Part mirrored() {
        return Part.of(
            solid.mirrored(), fellow == null ? null : fellow.mirrored(), blendMm, hollow);
      }

      private double joined(double v, double w) {
        return hollow ? -smoothMin(-v, w, blendMm) : smoothMin(v, w, blendMm);
      }
    }

    private final Part[] parts;

    private Joined(Part[] parts) {
      this.parts = parts;
    }

    public static Joined first(Solid s) {
      return new Joined(new Part[] {Part.of(s, null, 0, false)});
    }

    public Joined with(Solid s, double blendMm) {
      return add(Part.of(s, null, blendMm, false));
    }

    public Joined without(Solid s, double blendMm) {
      return add(Part.of(s, null, blendMm, true));
    }

    /** A solid and its mirror image, joined so that neither comes first. */
    public Joined withBoth(Solid s, double blendMm) {
      return add(Part.of(s, s.mirrored(), blendMm, false));
    }

    public Joined withoutBoth(Solid s, double blendMm) {
      return add(Part.of(s, s.mirrored(), blendMm, true));
    }

    private Joined add(Part p) {
      Part[] more = java.util.Arrays.copyOf(parts, parts.length + 1);
      more[parts.length] = p;
      return new Joined(more);
    }

    @Override
    public Solid mirrored() {
      return new Joined(java.util.Arrays.stream(parts).map(Part::mirrored).toArray(Part[]::new));
    }

    @Override
    public double valueMm(double x, double y, double z) {
      double v = parts[0].solid.valueMm(x, y, z);
      for (int i = 1; i < parts.length; i++) {
        v = parts[i].joinedTo(v, x, y, z);
      }
      return v;
    }

    static double smoothMin(double a, double b, double k) {
      double h = Math.max(k - Math.abs(a - b), 0) / k;
      return Math.min(a, b) - h * h * h * k / 6;
    }
  }
}
