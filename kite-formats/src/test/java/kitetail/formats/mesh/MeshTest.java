package kitetail.formats.mesh;

import static org.assertj.core.api.Assertions.assertThat;
import static org.assertj.core.api.Assertions.assertThatThrownBy;

import java.io.ByteArrayInputStream;
import java.io.IOException;
import java.nio.charset.StandardCharsets;
import java.util.Arrays;
import java.util.concurrent.atomic.AtomicLong;
import java.util.function.Function;
import java.util.stream.Stream;
import kitetail.geom.Mesh;
import kitetail.head.Bust;
import kitetail.head.Head;
import kitetail.head.HeadSpec;
import kitetail.head.ScanFit;
import org.junit.jupiter.api.Test;
import org.junit.jupiter.params.ParameterizedTest;
import org.junit.jupiter.params.provider.CsvSource;
import org.junit.jupiter.params.provider.MethodSource;

class MeshTest {
  private static final Head HEAD = Head.of(new HeadSpec.Measured(580, 355.0, null));
  private static final Mesh BUST = Bust.of(HEAD);

  static Stream<Function<Mesh, byte[]>> writers() {
    return Stream.of(MeshWriter::obj, MeshWriter::ply, MeshWriter::stl, MeshTest::plyAscii);
  }

  private static byte[] plyAscii(Mesh m) {
    StringBuilder b =
        new StringBuilder("ply\nformat ascii 1.0\nelement vertex ")
            .append(m.vertices())
            .append("\nproperty double x\nproperty double y\nproperty double z\n")
            .append("property uchar red\nelement face ")
            .append(m.triangles().length / 3)
            .append("\nproperty list uchar int vertex_index\nend_header\n");
    for (int i = 0; i < m.points().length; i += 3) {
      b.append(m.points()[i]).append(' ').append(m.points()[i + 1]).append(' ');
      b.append(m.points()[i + 2]).append(" 200\n");
    }
    for (int i = 0; i < m.triangles().length; i += 3) {
      b.append("3 ").append(m.triangles()[i]).append(' ').append(m.triangles()[i + 1]);
      b.append(' ').append(m.triangles()[i + 2]).append('\n');
    }
    return b.toString().getBytes(StandardCharsets.US_ASCII);
  }

  private static ScanMesh read(byte[] file) throws IOException {
    return MeshReader.read(new ByteArrayInputStream(file), n -> {});
  }

  private static ScanMesh read(String file) throws IOException {
    return read(file.getBytes(StandardCharsets.ISO_8859_1));
  }

  @ParameterizedTest
  @MethodSource("writers")
  void aWrittenHead_readsBack_andFitsToAFifthOfAMillimetre(Function<Mesh, byte[]> writer)
      throws IOException {
    byte[] file = writer.apply(BUST);
    AtomicLong seen = new AtomicLong();
    ScanMesh m = MeshReader.read(new ByteArrayInputStream(file), seen::set);
    assertThat(seen.get()).isEqualTo(file.length);
    assertThat(m.triangles()).isEqualTo(BUST.triangles().length / 3);
    ScanFit.Result f = ScanFit.of(m.xyz(), m.points(), null);
    assertThat(f.rmsMm()).isLessThan(0.2);
    assertThat(f.spec().girthMm()).isBetween(579.4, 580.6);
  }

  @Test
  void bigEndianPly_readsLikeLittle() throws IOException {
    byte[] little = MeshWriter.ply(BUST);
    String header = new String(little, StandardCharsets.ISO_8859_1);
    int start = header.indexOf("end_header\n") + 11;
    byte[] body = Arrays.copyOfRange(little, start, little.length);
    int v = 4 * BUST.points().length;
    for (int i = 0; i < v; i += 4) {
      swap(body, i);
    }
    for (int i = v; i < body.length; i += 13) {
      for (int k = 1; k < 13; k += 4) {
        swap(body, i + k);
      }
    }
    byte[] head =
        header.substring(0, start).replace("little", "big").getBytes(StandardCharsets.US_ASCII);
    byte[] big = Arrays.copyOf(head, head.length + body.length);
    System.arraycopy(body, 0, big, head.length, body.length);
    ScanMesh a = read(little);
    ScanMesh b = read(big);
    assertThat(Arrays.copyOf(b.xyz(), 3 * b.points()))
        .isEqualTo(Arrays.copyOf(a.xyz(), 3 * a.points()));
  }

  private static void swap(byte[] b, int i) {
    byte t = b[i];
    b[i] = b[i + 3];
    b[i + 3] = t;
    t = b[i + 1];
    b[i + 1] = b[i + 2];
    b[i + 2] = t;
  }

  @ParameterizedTest
  @CsvSource(
      delimiter = '|',
      value = {
        "v 1 2 3;v 4 x 6 | line 2: y is \"x\", not a number",
        "v 1 2 3;v 4 5 | line 2: z is missing",
        "v 1 2 3;f 1 2 3 | line 2: corner 2 of a face; allowed 1 to 1",
        "v 1 2 3;f 1 | line 2: a face of 1 corners; allowed 3 or more",
        "v 1 2 NaN | line 1: a coordinate that is not a finite number",
        "hello world | line 1: \"hello world\" is not OBJ, PLY or STL",
        "ply;format ascii 1.0;element vertex 2;property float x;property float y;property float z;end_header;1 2 3 | line 9: the file ends early; vertex 2 of 2 was expected",
        "ply;format latin 1.0 | line 2: format \"latin\"; allowed ascii",
        "ply;format ascii 1.0;element vertex 1;property float x;end_header;1 | line 5: vertices without x, y and z",
        "solid a;facet normal 0 0 1;outer loop;vertex 1 2 q | line 4: z is \"q\", not a number",
        "solid a;facet normal 0 0 1;outer loop;vertex 1 2 3 | line 5: the file ends early; \"endsolid\" was expected"
      })
  void aBrokenFile_isSaidWithItsLine(String file, String line) {
    assertThatThrownBy(() -> read(file.replace(';', '\n')))
        .isInstanceOf(MeshProblemException.class)
        .hasMessageContaining(line);
  }

  @Test
  void aCutOffBinary_saysHowFarItGot() {
    byte[] stl = MeshWriter.stl(BUST);
    assertThatThrownBy(() -> read(Arrays.copyOf(stl, 84 + 50 * 7 + 9)))
        .hasMessage(
            "byte 443: the file ends early; triangle 8 of "
                + BUST.triangles().length / 3
                + " was expected");
    assertThatThrownBy(() -> read(new byte[0])).hasMessageContaining("empty");
  }
}
