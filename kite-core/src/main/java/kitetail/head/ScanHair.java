package kitetail.head;

import kitetail.geom.Smooth;
import kitetail.geom.Vec3;
import kitetail.work.Lazy;

/**
 * Hair on a scan: the scanner saw it in place of the skin, so far off it, from a little above the
 * usual hairline on. What is bare (forehead, and with marks the ears and the bridge of the nose)
 * tells how large the head beneath is.
 *
 * @param mm how far it stands off, 0 to 30
 */
record ScanHair(double mm) {
  static final ScanHair NONE = new ScanHair(0);

  /** It rises from the hairline over so much. */
  private static final double RISES_MM = 16;

  private static final Lazy<Head> USUAL =
      new Lazy<>(() -> Head.of(new HeadSpec.Measured(570, null, null)));

  ScanHair {
    if (!(mm >= 0 && mm <= 30)) {
      throw new IllegalArgumentException("hair on a scan must be 0 to 30 mm, was " + mm);
    }
  }

  /** How far the scan stands off the skin near a place in the head's frame, mm. */
  double at(Vec3 p) {
    if (mm == 0) {
      return 0;
    }
    Head usual = USUAL.get();
    Vec3 edge = usual.edge(usual.azimuthRad(p));
    return mm * Smooth.step((p.z() - edge.z()) / RISES_MM);
  }
}
