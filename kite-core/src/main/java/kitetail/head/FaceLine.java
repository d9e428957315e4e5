package kitetail.head;

import java.util.ArrayList;
import java.util.Arrays;
import java.util.EnumMap;
import java.util.List;
import java.util.Map;
import kitetail.geom.Mesh;
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
  private static final double OVER_SKIN_MM = 0.9;

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

  /** How wide it is at a share of its way, mm: a brow is widest a third of the way out. */
  public double widthMm(double t) {
    double at = kind == Kind.BROW ? 0.18 + 0.82 * Math.pow(t, 0.8) : t;
    return widthMm * (0.25 + 0.75 * Math.sin(Math.PI * at));
  }

  /** All lines of a kind as ribbons on the skin of a head. */
  private static Mesh ribbons(Head head, Kind kind) {
    return head.body() == null
        ? new Mesh(new float[0], new float[0], new int[0])
        : Model.RIBBONS.get(kind).moved(new Carry(head.body())::to);
  }

  /** The ribbons of every kind, in the order of the kinds. */
  public static List<Mesh> ribbons(Head head) {
    return Arrays.stream(Kind.values()).map(k -> ribbons(head, k)).toList();
  }

  private static final class Model {
    static final List<FaceLine> LINES = new ArrayList<>();
    static final Map<Kind, Mesh> RIBBONS = new EnumMap<>(Kind.class);

    static {
      for (Drawn d : MODEL) {
        LINES.add(on(d, 1));
        if (d.both) {
          LINES.add(on(d, -1));
        }
      }
      for (Kind k : Kind.values()) {
        RIBBONS.put(k, ribbons(k));
      }
    }

    /** Ribbons lie a little over the skin, in the plane that a line makes with straight ahead. */
    private static Mesh ribbons(Kind kind) {
      List<FaceLine> lines = LINES.stream().filter(l -> l.kind == kind).toList();
      int points = lines.size() * (STEPS + 1);
      float[] p = new float[6 * points];
      int[] corners = new int[6 * lines.size() * STEPS];
      int v = 0;
      int c = 0;
      for (FaceLine l : lines) {
        for (int i = 0; i <= STEPS; i++) {
          Vec3 at = l.pointsMm.get(i);
          Vec3 along =
              l.pointsMm.get(Math.min(STEPS, i + 1)).minus(l.pointsMm.get(Math.max(0, i - 1)));
          double wide = l.widthMm((double) i / STEPS) / 2 / Math.hypot(along.x(), along.z());
          for (int side = -1; side <= 1; side += 2) {
            double x = at.x() - side * wide * along.z();
            double z = at.z() + side * wide * along.x();
            Vec3 on = Face.front(x, z);
            p[3 * v] = (float) on.x();
            p[3 * v + 1] = (float) (on.y() + OVER_SKIN_MM);
            p[3 * v + 2] = (float) on.z();
            v++;
          }
          if (i < STEPS) {
            int a = v - 2;
            for (int k : new int[] {a, a + 1, a + 2, a + 1, a + 3, a + 2}) {
              corners[c++] = k;
            }
          }
        }
      }
      return new Mesh(p, Mesh.normals(p, corners), corners);
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
