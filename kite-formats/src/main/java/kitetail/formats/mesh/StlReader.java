package kitetail.formats.mesh;

import java.io.IOException;

/** STL, ascii and binary. */
final class StlReader {
  private static final int HEADER = 80;

  private StlReader() {}

  static ScanMesh ascii(ByteSource s) throws IOException {
    Points points = new Points();
    boolean closed = false;
    while (s.nextLine()) {
      if (s.startsWith("vertex")) {
        s.word();
        points.add(s.number("x"), s.number("y"), s.number("z"), s);
      } else if (s.startsWith("endsolid")) {
        closed = true;
      } else if (!s.startsWith("facet")
          && !s.startsWith("outer")
          && !s.startsWith("endloop")
          && !s.startsWith("endfacet")
          && !s.startsWith("solid")
          && !s.lineText().isEmpty()) {
        throw s.problem(
            "\"" + s.lineText() + "\"; allowed facet, outer loop, vertex and their ends");
      }
    }
    if (!closed) {
      throw s.problem("the file ends early; \"endsolid\" was expected");
    }
    return points.mesh("STL", points.count() / 3, s);
  }

  static ScanMesh binary(ByteSource s) throws IOException {
    for (int i = 0; i < HEADER; i++) {
      s.bits(1, true, "header byte", i + 1L, HEADER);
    }
    long count = s.bits(4, true, "number of triangles", 1, 1);
    if (count < 1 || count > Points.MOST / 3) {
      throw s.problem(
          "not OBJ, PLY or STL, or an STL of "
              + count
              + " triangles; allowed 1 to "
              + Points.MOST / 3);
    }
    Points points = new Points();
    for (long t = 1; t <= count; t++) {
      for (int skip = 0; skip < 3; skip++) {
        number(s, t, count);
      }
      for (int v = 0; v < 3; v++) {
        points.add(number(s, t, count), number(s, t, count), number(s, t, count), s);
      }
      s.bits(2, true, "triangle", t, count);
    }
    return points.mesh("STL", count, s);
  }

  private static float number(ByteSource s, long triangle, long of) throws IOException {
    return Float.intBitsToFloat((int) s.bits(4, true, "triangle", triangle, of));
  }
}
