package kitetail.formats.mesh;

import java.io.IOException;
import java.util.ArrayList;
import java.util.List;
import java.util.Map;

/** PLY 1.0: ascii, binary little-endian and binary big-endian, with any further properties. */
final class PlyReader {
  private static final Map<String, Integer> BYTES =
      Map.ofEntries(
          Map.entry("char", 1),
          Map.entry("uchar", 1),
          Map.entry("short", 2),
          Map.entry("ushort", 2),
          Map.entry("int", 4),
          Map.entry("uint", 4),
          Map.entry("float", 4),
          Map.entry("double", 8),
          Map.entry("int8", 1),
          Map.entry("uint8", 1),
          Map.entry("int16", 2),
          Map.entry("uint16", 2),
          Map.entry("int32", 4),
          Map.entry("uint32", 4),
          Map.entry("float32", 4),
          Map.entry("float64", 8));

  private enum Coding {
    ASCII,
    LITTLE,
    BIG
  }

  /**
   * @param counted type of a list's count; null when it is no list
   */
  private record Property(String name, String counted, String type) {}

  private record Element(String name, long count, List<Property> properties) {}

  private final ByteSource s;
  private Coding coding;
  private final List<Element> elements = new ArrayList<>();

  private PlyReader(ByteSource s) {
    this.s = s;
  }

  static ScanMesh read(ByteSource s) throws IOException {
    PlyReader r = new PlyReader(s);
    r.header();
    Points points = new Points();
    long triangles = 0;
    for (Element e : r.elements) {
      if (e.name.equals("vertex")) {
        r.vertices(e, points);
      } else if (e.name.equals("face")) {
        triangles += r.faces(e, points.count());
      } else {
        r.passOver(e);
      }
    }
    return points.mesh("PLY", triangles, s);
  }

  private void header() throws IOException {
    s.nextLine();
    while (true) {
      if (!s.nextLine()) {
        throw s.problem("the file ends early; \"end_header\" was expected");
      }
      String w = s.word();
      switch (w) {
        case "format" -> coding = coding(s.word());
        case "element" -> elements.add(new Element(s.word(), count(), new ArrayList<>()));
        case "property" -> property();
        case "end_header" -> {
          if (coding == null) {
            throw s.problem("no format line in the header");
          }
          if (coding != Coding.ASCII) {
            s.binaryFromHere();
          }
          return;
        }
        case "comment", "obj_info", "" -> {
          // nothing to read
        }
        default -> throw s.problem("\"" + w + "\" in a PLY header");
      }
    }
  }

  private Coding coding(String name) {
    return switch (name) {
      case "ascii" -> Coding.ASCII;
      case "binary_little_endian" -> Coding.LITTLE;
      case "binary_big_endian" -> Coding.BIG;
      default ->
          throw s.problem(
              "format \"" + name + "\"; allowed ascii, binary_little_endian, binary_big_endian");
    };
  }

  private long count() {
    String w = s.word();
    try {
      long n = Long.parseLong(w);
      if (n >= 0 && n <= 4L * Points.MOST) {
        return n;
      }
    } catch (NumberFormatException e) {
      // said below
    }
    throw s.problem("\"" + w + "\" elements; allowed 0 to " + 4L * Points.MOST);
  }

  private void property() {
    if (elements.isEmpty()) {
      throw s.problem("a property before any element");
    }
    String type = s.word();
    String counted = null;
    if (type.equals("list")) {
      counted = known(s.word());
      type = s.word();
    }
    known(type);
    elements.get(elements.size() - 1).properties.add(new Property(s.word(), counted, type));
  }

  private String known(String type) {
    if (!BYTES.containsKey(type)) {
      throw s.problem("property type \"" + type + "\"");
    }
    return type;
  }

  private void vertices(Element e, Points points) throws IOException {
    int[] at = {-1, -1, -1};
    for (int i = 0; i < e.properties.size(); i++) {
      int k = "xyz".indexOf(e.properties.get(i).name);
      if (k >= 0 && e.properties.get(i).name.length() == 1) {
        at[k] = i;
      }
    }
    if (at[0] < 0 || at[1] < 0 || at[2] < 0) {
      throw s.problem("vertices without x, y and z");
    }
    float[] v = new float[e.properties.size()];
    for (long n = 0; n < e.count; n++) {
      startOf(e, n);
      for (int i = 0; i < v.length; i++) {
        v[i] = (float) value(e, i, n);
      }
      points.add(v[at[0]], v[at[1]], v[at[2]], s);
    }
  }

  private long faces(Element e, int points) throws IOException {
    long triangles = 0;
    for (long n = 0; n < e.count; n++) {
      startOf(e, n);
      for (int i = 0; i < e.properties.size(); i++) {
        Property p = e.properties.get(i);
        if (p.counted == null) {
          value(e, i, n);
          continue;
        }
        long corners = (long) read(p.counted, e, n);
        for (long c = 0; c < corners; c++) {
          double index = read(p.type, e, n);
          if (p.name.startsWith("vert") && !(index >= 0 && index < points)) {
            throw s.problem(
                "face "
                    + (n + 1)
                    + " has corner "
                    + (long) index
                    + "; allowed 0 to "
                    + (points - 1));
          }
        }
        triangles += p.name.startsWith("vert") ? Math.max(0, corners - 2) : 0;
      }
    }
    return triangles;
  }

  private void passOver(Element e) throws IOException {
    for (long n = 0; n < e.count; n++) {
      startOf(e, n);
      for (int i = 0; i < e.properties.size(); i++) {
        value(e, i, n);
      }
    }
  }

  private void startOf(Element e, long n) throws IOException {
    if (coding == Coding.ASCII && !s.nextLine()) {
      throw s.problem(
          "the file ends early; " + e.name + " " + (n + 1) + " of " + e.count + " was expected");
    }
  }

  /** A property's value; of a list, read whole, its last. */
  private double value(Element e, int property, long n) throws IOException {
    Property p = e.properties.get(property);
    if (p.counted == null) {
      return read(p.type, e, n);
    }
    double last = 0;
    long count = (long) read(p.counted, e, n);
    for (long c = 0; c < count; c++) {
      last = read(p.type, e, n);
    }
    return last;
  }

  private double read(String type, Element e, long n) throws IOException {
    if (coding == Coding.ASCII) {
      return s.number(e.name + " " + (n + 1));
    }
    long b = s.bits(BYTES.get(type), coding == Coding.LITTLE, e.name, n + 1, e.count);
    return switch (type) {
      case "float", "float32" -> Float.intBitsToFloat((int) b);
      case "double", "float64" -> Double.longBitsToDouble(b);
      case "char", "int8" -> (byte) b;
      case "short", "int16" -> (short) b;
      case "int", "int32" -> (int) b;
      default -> b;
    };
  }
}
