package kitetail.section;

import kitetail.geom.Vec3;
import kitetail.head.Head;
import kitetail.head.Place;
import kitetail.head.Scalp;

/**
 * A number every place of the scalp has, tied to the landmarks of that head. Sections and rock-outs
 * are given by it.
 */
public enum Scalar {
  /** Degrees round the head from the front, positive to the client's right, −180 to 180. */
  AROUND_DEG {
    @Override
    double of(Head h, Vec3 p, double azimuthRad, double fromApexMm) {
      return Math.toDegrees(azimuthRad);
    }
  },
  ABOVE_HAIRLINE_MM {
    @Override
    double of(Head h, Vec3 p, double azimuthRad, double fromApexMm) {
      return Math.max(0, h.hairlineFromApexMm(azimuthRad) - fromApexMm);
    }

    @Override
    public double of(Scalp s, int i) {
      return s.aboveHairlineMm(i);
    }
  },
  ABOVE_RIDGE_MM {
    @Override
    double of(Head h, Vec3 p, double azimuthRad, double fromApexMm) {
      return h.ridgeFromApexMm(azimuthRad) - fromApexMm;
    }

    @Override
    public double of(Scalp s, int i) {
      return s.aboveRidgeMm(i);
    }
  },
  FROM_APEX_MM {
    @Override
    double of(Head h, Vec3 p, double azimuthRad, double fromApexMm) {
      return fromApexMm;
    }
  },
  /** From the centre line toward the client's right. */
  ACROSS_MM {
    @Override
    double of(Head h, Vec3 p, double azimuthRad, double fromApexMm) {
      return p.x();
    }
  },
  /** From the centre line to either side. */
  FROM_CENTRE_MM {
    @Override
    double of(Head h, Vec3 p, double azimuthRad, double fromApexMm) {
      return Math.abs(p.x());
    }
  },
  /** Forward of the apex. */
  FORWARD_MM {
    @Override
    double of(Head h, Vec3 p, double azimuthRad, double fromApexMm) {
      return p.y() - h.place(Place.APEX).y();
    }
  },
  /** How much lower than the apex, plumb. */
  BELOW_APEX_MM {
    @Override
    double of(Head h, Vec3 p, double azimuthRad, double fromApexMm) {
      return h.place(Place.APEX).z() - p.z();
    }
  };

  /**
   * @param azimuthRad of p about the apex
   * @param fromApexMm distance of p down the head
   */
  abstract double of(Head h, Vec3 p, double azimuthRad, double fromApexMm);

  public double of(Scalp s, int i) {
    return of(s.head(), s.pointMm(i), s.azimuthRad(i), s.fromApexMm(i));
  }

  /** At a named place of a head. */
  public double of(Head h, Place place) {
    Vec3 p = h.place(place);
    return of(h, p, h.azimuthRad(p), h.fromApexMm(p));
  }

  /** True when left and right have opposite signs. */
  public boolean signed() {
    return this == AROUND_DEG || this == ACROSS_MM;
  }
}
