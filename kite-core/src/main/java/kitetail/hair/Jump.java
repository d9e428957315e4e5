package kitetail.hair;

import kitetail.geom.Allowed;
import kitetail.geom.Vec3;
import kitetail.head.Head;

/**
 * A line across which lengths do not run into one another: what was cut apart stays apart.
 *
 * @param offsetMm how far above the ridge, or behind the ears, the line runs; −80 to 80
 */
public record Jump(Along along, double offsetMm) {
  /** What the line runs along. */
  public enum Along {
    RIDGE,
    BEHIND_EARS
  }

  public Jump {
    Allowed.within("offsetMm", offsetMm, -80, 80);
  }

  /** True above the ridge line, or behind the line behind the ears. */
  boolean beyond(Head h, Vec3 p) {
    double a = h.azimuthRad(p);
    return switch (along) {
      case RIDGE -> h.ridgeFromApexMm(a) - h.fromApexMm(p) > offsetMm;
      case BEHIND_EARS -> h.place(kitetail.head.Place.BEHIND_EAR_LEFT).y() - p.y() > offsetMm;
    };
  }
}
