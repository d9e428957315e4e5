package kitetail.formats.mesh;

import java.io.IOException;

/** Wavefront OBJ: vertices ({@code v}) and faces ({@code f}); all else is passed over. */
final class ObjReader {
  private ObjReader() {}

  static ScanMesh read(ByteSource s) throws IOException {
    Points points = new Points();
    long triangles = 0;
    boolean known = false;
    while (s.nextLine()) {
      if (s.startsWith("v")) {
        s.word();
        points.add(s.number("x"), s.number("y"), s.number("z"), s);
        known = true;
      } else if (s.startsWith("f")) {
        s.word();
        triangles += face(s, points.count());
        known = true;
      } else if (!known && !comment(s)) {
        throw s.problem(
            "\"" + s.lineText() + "\" is not OBJ, PLY or STL; an OBJ mesh has lines \"v x y z\"");
      }
    }
    return points.mesh("OBJ", triangles, s);
  }

  private static boolean comment(ByteSource s) {
    String w = s.word();
    return w.isEmpty()
        || w.startsWith("#")
        || w.matches("mtllib|usemtl|o|g|s|vn|vt|vp|l|p|mg|cstype|deg");
  }

  /** A face of n corners is n − 2 triangles. */
  private static int face(ByteSource s, int points) {
    int corners = 0;
    for (String w = s.word(); !w.isEmpty(); w = s.word()) {
      int slash = w.indexOf('/');
      String index = slash < 0 ? w : w.substring(0, slash);
      int i;
      try {
        i = Integer.parseInt(index);
      } catch (NumberFormatException e) {
        throw s.problem("corner \"" + w + "\" is not a vertex number");
      }
      if (i == 0 || i > points || -i > points) {
        throw s.problem("corner " + i + " of a face; allowed 1 to " + points);
      }
      corners++;
    }
    if (corners < 3) {
      throw s.problem("a face of " + corners + " corners; allowed 3 or more");
    }
    return corners - 2;
  }
}
