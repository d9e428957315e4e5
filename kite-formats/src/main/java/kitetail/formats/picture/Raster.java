package kitetail.formats.picture;

import java.util.Arrays;
import kitetail.geom.Mesh;
import kitetail.geom.UnitVec;
import kitetail.geom.Vec3;

/**
 * A depth-buffered canvas onto which meshes are projected as an eye across the chair sees them: per
 * pixel a normal, a length and a depth.
 */
final class Raster {
  private static final double EYE_MM = Drawing.OF_ALL.eyeMm();

  final int width;
  final int height;
  final float[] depth;
  final float[] normalX;
  final float[] normalY;
  final float[] normalZ;
  final float[] worldZ;

  /** Length of hair where the scalp is seen; NaN elsewhere. */
  final float[] lengthMm;

  private final UnitVec right;
  private final UnitVec up;
  private final UnitVec toward;
  private final Vec3 middle;
  private final double pixelsPerMm;

  Raster(int width, int height, UnitVec from, Vec3 middle, double pixelsPerMm) {
    this.width = width;
    this.height = height;
    this.middle = middle;
    this.pixelsPerMm = pixelsPerMm;
    toward = from;
    Vec3 f = from.times(1);
    right = UnitVec.of(new Vec3(0, 0, 1).cross(f));
    up = UnitVec.of(f.cross(right.times(1)));
    depth = new float[width * height];
    normalX = new float[width * height];
    normalY = new float[width * height];
    normalZ = new float[width * height];
    worldZ = new float[width * height];
    lengthMm = new float[width * height];
    Arrays.fill(depth, Float.NEGATIVE_INFINITY);
    Arrays.fill(lengthMm, Float.NaN);
  }

  /** How squarely the skin at a pixel faces the eye: 1 straight on, 0 edge on. */
  double facing(int x, int y) {
    int at = y * width + x;
    return toward.x() * normalX[at] + toward.y() * normalY[at] + toward.z() * normalZ[at];
  }

  /** Pixel across, pixel down and depth (mm) of a point. */
  float[] project(Vec3 p) {
    float[] out = projected(p);
    out[2] /= (float) pixelsPerMm;
    return out;
  }

  /** Pixels a mm at a depth: what is nearer is larger. */
  private double scaleAt(double depthMm) {
    return pixelsPerMm * EYE_MM / (EYE_MM - depthMm);
  }

  /** A point in pixels across, down and toward the eye, all three to one scale. */
  float[] projected(Vec3 p) {
    float[] out = new float[3];
    project(new float[] {(float) p.x(), (float) p.y(), (float) p.z()}, 0, 1, out);
    return out;
  }

  /** The same for n points of x, y and z in turn. */
  void project(float[] xyz, int from, int n, float[] out) {
    for (int i = 0; i < n; i++) {
      double x = xyz[from + 3 * i] - middle.x();
      double y = xyz[from + 3 * i + 1] - middle.y();
      double z = xyz[from + 3 * i + 2] - middle.z();
      double near = x * toward.x() + y * toward.y() + z * toward.z();
      double scale = scaleAt(near);
      out[3 * i] = (float) (width / 2.0 + scale * (x * right.x() + y * right.y() + z * right.z()));
      out[3 * i + 1] = (float) (height / 2.0 - scale * (x * up.x() + y * up.y() + z * up.z()));
      out[3 * i + 2] = (float) (pixelsPerMm * near);
    }
  }

  /** Height of what is seen in a row of pixels at a depth, mm. */
  double heightMm(int row, double depthMm) {
    double across = (height / 2.0 - row) / scaleAt(depthMm);
    return middle.z() + up.z() * across + toward.z() * depthMm;
  }

  /** What is seen at a pixel, in the head's frame. */
  Vec3 pointMm(int at) {
    double scale = scaleAt(depth[at]);
    double across = (at % width - width / 2.0) / scale;
    double high = (height / 2.0 - at / width) / scale;
    return middle.plus(right.times(across)).plus(up.times(high)).plus(toward.times(depth[at]));
  }

  /** True when nothing that was drawn hides a projected point by more than a little. */
  boolean seen(float[] at) {
    int x = Math.round(at[0]);
    int y = Math.round(at[1]);
    return x >= 0 && y >= 0 && x < width && y < height && at[2] > depth[y * width + x] - 1.2f;
  }

  double pixelsPerMm() {
    return pixelsPerMm;
  }

  /** A direction, as long as it is, in the picture's axes. */
  void turn(float[] xyz, int from, int n, float[] out) {
    for (int i = 0; i < n; i++) {
      double x = xyz[from + 3 * i];
      double y = xyz[from + 3 * i + 1];
      double z = xyz[from + 3 * i + 2];
      out[3 * i] = (float) (pixelsPerMm * (x * right.x() + y * right.y() + z * right.z()));
      out[3 * i + 1] = (float) (-pixelsPerMm * (x * up.x() + y * up.y() + z * up.z()));
      out[3 * i + 2] = (float) (pixelsPerMm * (x * toward.x() + y * toward.y() + z * toward.z()));
    }
  }

  UnitVec right() {
    return right;
  }

  UnitVec up() {
    return up;
  }

  /**
   * @param lengths a length for each vertex, or null for bare skin
   */
  void draw(Mesh m, float[] lengths) {
    float[] seen = new float[m.points().length];
    project(m.points(), 0, m.vertices(), seen);
    int[] t = m.triangles();
    for (int k = 0; k < t.length; k += 3) {
      triangle(m, lengths, t[k], t[k + 1], t[k + 2], seen);
    }
  }

  /**
   * @param seen pixel across, down and toward the eye of each vertex
   */
  private void triangle(Mesh m, float[] lengths, int a, int b, int c, float[] seen) {
    float ax = seen[3 * a];
    float ay = seen[3 * a + 1];
    float bx = seen[3 * b];
    float by = seen[3 * b + 1];
    float cx = seen[3 * c];
    float cy = seen[3 * c + 1];
    float area = (bx - ax) * (cy - ay) - (cx - ax) * (by - ay);
    if (area >= 0) {
      return; // seen from behind, y runs down
    }
    float share = 1 / area;
    float mmPerPixel = (float) (1 / pixelsPerMm);
    int x0 = Math.max(0, (int) Math.floor(Math.min(ax, Math.min(bx, cx))));
    int x1 = Math.min(width - 1, (int) Math.ceil(Math.max(ax, Math.max(bx, cx))));
    int y0 = Math.max(0, (int) Math.floor(Math.min(ay, Math.min(by, cy))));
    int y1 = Math.min(height - 1, (int) Math.ceil(Math.max(ay, Math.max(by, cy))));
    for (int y = y0; y <= y1; y++) {
      for (int x = x0; x <= x1; x++) {
        float u = ((bx - x) * (cy - y) - (cx - x) * (by - y)) * share;
        float v = ((cx - x) * (ay - y) - (ax - x) * (cy - y)) * share;
        float w = 1 - u - v;
        if (u < -1e-5f || v < -1e-5f || w < -1e-5f) {
          continue;
        }
        float d = (u * seen[3 * a + 2] + v * seen[3 * b + 2] + w * seen[3 * c + 2]) * mmPerPixel;
        int at = y * width + x;
        if (d > depth[at]) {
          depth[at] = d;
          float[] n = m.normals();
          normalX[at] = u * n[3 * a] + v * n[3 * b] + w * n[3 * c];
          normalY[at] = u * n[3 * a + 1] + v * n[3 * b + 1] + w * n[3 * c + 1];
          normalZ[at] = u * n[3 * a + 2] + v * n[3 * b + 2] + w * n[3 * c + 2];
          worldZ[at] =
              u * m.points()[3 * a + 2] + v * m.points()[3 * b + 2] + w * m.points()[3 * c + 2];
          lengthMm[at] =
              lengths == null ? Float.NaN : u * lengths[a] + v * lengths[b] + w * lengths[c];
        }
      }
    }
  }
}
