package kitetail.head;

import java.util.ArrayList;
import java.util.List;
import kitetail.geom.Vec3;

/**
 * A line of the face as it is drawn in ink on the skin: calm, so that where hair ends can be judged
 * by it. No likeness of anyone.
 *
 * @param pointsMm along it, on the skin
 * @param widthMm in its middle; it runs out thin at both ends
 */
public record FaceLine(Kind kind, List<Vec3> pointsMm, double widthMm) {
  /** What it is drawn of. */
  public enum Kind {
    BROW,
    LID,
    LIPS,
    SHADE
  }

  private static final int STEPS = 14;

  /** The model's lines: x to the right and z of three points each, a curve through them. */
  private record Drawn(Kind kind, double[] x, double[] z, double widthMm, boolean both) {}

  private static final List<Drawn> MODEL =
      List.of(
          new Drawn(Kind.BROW, new double[] {13, 34, 53}, new double[] {41.5, 46.5, 39}, 5.5, true),
          new Drawn(
              Kind.LID, new double[] {19.5, 31, 43.5}, new double[] {18, 13.6, 17.6}, 1.7, true),
          new Drawn(Kind.SHADE, new double[] {20, 31, 43}, new double[] {24.5, 28, 24}, 1.6, true),
          new Drawn(
              Kind.SHADE, new double[] {4, 7.5, 12}, new double[] {-28.5, -29.5, -27}, 1.8, true),
          new Drawn(
              Kind.LIPS, new double[] {-24, 0, 24}, new double[] {-51, -52.6, -51}, 1.5, false),
          new Drawn(
              Kind.SHADE, new double[] {-11, 0, 11}, new double[] {-65.5, -67, -65.5}, 2, false));

  public FaceLine {
    pointsMm = List.copyOf(pointsMm);
  }

  /** The lines of a measured head; none of a calibration body. */
  public static List<FaceLine> of(Head head) {
    List<FaceLine> out = new ArrayList<>();
    if (head.body() != null) {
      Carry carry = new Carry(head.body());
      for (FaceLine l : Model.LINES) {
        out.add(new FaceLine(l.kind, l.pointsMm.stream().map(carry::to).toList(), l.widthMm));
      }
    }
    return out;
  }

  private static final class Model {
    static final List<FaceLine> LINES = new ArrayList<>();

    static {
      for (Drawn d : MODEL) {
        LINES.add(on(d, 1));
        if (d.both) {
          LINES.add(on(d, -1));
        }
      }
    }

    private static FaceLine on(Drawn d, int side) {
      List<Vec3> points = new ArrayList<>();
      for (int i = 0; i <= STEPS; i++) {
        double t = (double) i / STEPS;
        points.add(Face.front(side * through(d.x, t), through(d.z, t)));
      }
      return new FaceLine(d.kind, points, d.widthMm);
    }

    /** A parabola through three values at 0, a half and 1. */
    private static double through(double[] v, double t) {
      return v[0] * (2 * t - 1) * (t - 1) + v[1] * 4 * t * (1 - t) + v[2] * t * (2 * t - 1);
    }
  }
}
