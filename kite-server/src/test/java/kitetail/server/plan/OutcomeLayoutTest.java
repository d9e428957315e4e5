package kitetail.server.plan;

import static org.assertj.core.api.Assertions.assertThat;

import java.io.IOException;
import java.nio.ByteBuffer;
import java.nio.ByteOrder;
import java.nio.file.Files;
import java.nio.file.Path;
import java.util.HexFormat;
import java.util.List;
import java.util.stream.IntStream;
import kitetail.geom.Mesh;
import kitetail.server.head.MeshBytes;
import org.junit.jupiter.api.Test;
import tools.jackson.databind.JsonNode;
import tools.jackson.databind.json.JsonMapper;

/** Byte for byte what the page's own tests read ({@code contract/vectors/layouts.json}). */
class OutcomeLayoutTest {
  private static final JsonMapper JSON = new JsonMapper();

  private static JsonNode layout(String name) throws IOException {
    return JSON.readTree(Files.readString(Path.of("..", "contract", "vectors", "layouts.json")))
        .path(name);
  }

  @Test
  void anOutcome_isLaidOutAsThePageReadsIt() throws IOException {
    JsonNode v = layout("outcome");
    List<double[]> states = List.of(JSON.convertValue(v.path("statesMm"), double[][].class));
    int[] roots = IntStream.range(0, states.get(0).length).toArray();
    assertThat(HexFormat.of().formatHex(Binary.outcome(v.path("json").asString(), states, roots)))
        .isEqualTo(v.path("hex").asString());
  }

  @Test
  void aMesh_isLaidOutAsThePageReadsIt() throws IOException {
    JsonNode v = layout("mesh");
    Mesh m =
        new Mesh(
            JSON.convertValue(v.path("points"), float[].class),
            JSON.convertValue(v.path("normals"), float[].class),
            JSON.convertValue(v.path("triangles"), int[].class));
    ByteBuffer b = ByteBuffer.allocate(MeshBytes.size(m)).order(ByteOrder.LITTLE_ENDIAN);
    MeshBytes.put(b, m);
    assertThat(HexFormat.of().formatHex(b.array())).isEqualTo(v.path("hex").asString());
  }
}
