package kitetail.server.fall;

import static org.assertj.core.api.Assertions.assertThat;

import java.io.IOException;
import java.nio.file.Files;
import java.nio.file.Path;
import java.util.Arrays;
import java.util.HexFormat;
import org.junit.jupiter.api.Test;
import tools.jackson.databind.JsonNode;
import tools.jackson.databind.json.JsonMapper;

/** Byte for byte what the page's own tests read ({@code contract/vectors/layouts.json}). */
class FallLayoutTest {
  @Test
  void fallenHair_isLaidOutAsThePageReadsIt() throws IOException {
    JsonMapper json = new JsonMapper();
    JsonNode v =
        json.readTree(Files.readString(Path.of("..", "contract", "vectors", "layouts.json")))
            .path("fall");
    float[] xyz = json.convertValue(v.path("xyzMm"), float[].class);
    byte[] is =
        FallBytes.of(
            v.path("json").asString(),
            v.path("points").asInt(),
            json.convertValue(v.path("cover"), float[].class),
            Arrays.copyOf(xyz, 6),
            Arrays.copyOfRange(xyz, 6, xyz.length));
    assertThat(HexFormat.of().formatHex(is)).isEqualTo(v.path("hex").asString());
  }
}
