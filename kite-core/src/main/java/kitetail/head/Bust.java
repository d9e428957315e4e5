package kitetail.head;

import kitetail.geom.Mesh;
import kitetail.geom.Solid;
import kitetail.geom.SurfaceNets;
import kitetail.geom.Vec3;
import kitetail.work.Lazy;

/**
 * The head as it is drawn: face, ears, neck and shoulders of a measured head; the bare body of a
 * calibration one.
 */
public final class Bust {
  private static final double CELL_MM = 5.5;
  private static final double EAR_CELL_MM = 2.2;
  private static final Lazy<Mesh> MODEL = new Lazy<>(Bust::made);

  private Bust() {}

  public static Mesh of(Head head) {
    if (head.body() != null) {
      return model().moved(new Carry(head.body())::to);
    }
    Vec3 a = head.place(Place.APEX);
    Vec3 f = head.place(Place.FRONT);
    double across = head.measures().breadthMm() / 2;
    Solid body = new Solid.Ellipsoid(new Vec3(0, 0, 0), new Vec3(across, f.y(), a.z()), 0);
    double m = 10;
    Vec3 reach = new Vec3(across + m, f.y() + m, a.z() + m);
    return SurfaceNets.of(body, reach.times(-1), reach, CELL_MM);
  }

  /**
   * Before it is carried to a head; of each of its vertices there is one of every measured head.
   */
  static Mesh model() {
    return MODEL.get();
  }

  /** The body in coarse triangles, and over it each ear in fine ones. */
  private static Mesh made() {
    return SurfaceNets.of(
            ModelHead.BODY, new Vec3(-172, -125, -158), new Vec3(172, 128, 140), CELL_MM)
        .and(ear(-1))
        .and(ear(1));
  }

  private static Mesh ear(int side) {
    double near = side < 0 ? -96 : 62;
    return SurfaceNets.of(
        ModelHead.BUST, new Vec3(near, -42, -40), new Vec3(near + 34, 18, 46), EAR_CELL_MM);
  }
}
