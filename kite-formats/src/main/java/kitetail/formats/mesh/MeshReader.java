package kitetail.formats.mesh;

import java.io.IOException;
import java.io.InputStream;
import java.nio.charset.StandardCharsets;
import java.util.function.LongConsumer;

/** Tells the format by the file's content and reads it. */
public final class MeshReader {
  private static final int SNIFF = 512;

  private MeshReader() {}

  /**
   * @param progress told how many bytes have been read, now and then
   * @throws MeshProblemException with line or byte, when the file is broken or no mesh
   */
  public static ScanMesh read(InputStream in, LongConsumer progress) throws IOException {
    ByteSource source = new ByteSource(in, progress);
    byte[] start = source.peek(SNIFF);
    String text = new String(start, StandardCharsets.ISO_8859_1);
    if (start.length == 0) {
      throw new MeshProblemException("the file is empty; an OBJ, PLY or STL mesh was expected");
    }
    if (text.startsWith("ply\n") || text.startsWith("ply\r")) {
      return PlyReader.read(source);
    }
    if (text.startsWith("solid") && text.contains("facet")) {
      return StlReader.ascii(source);
    }
    boolean binary = text.chars().anyMatch(c -> c < 9 || c > 13 && c < 32);
    return binary ? StlReader.binary(source) : ObjReader.read(source);
  }
}
