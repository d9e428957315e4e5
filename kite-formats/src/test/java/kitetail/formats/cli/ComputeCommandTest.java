package kitetail.formats.cli;

import static org.assertj.core.api.Assertions.assertThat;
import static org.assertj.core.api.Assertions.within;

import java.io.ByteArrayOutputStream;
import java.io.IOException;
import java.io.PrintStream;
import java.nio.charset.StandardCharsets;
import java.nio.file.Files;
import java.nio.file.Path;
import org.junit.jupiter.api.Test;
import org.junit.jupiter.api.io.TempDir;
import tools.jackson.databind.JsonNode;
import tools.jackson.databind.json.JsonMapper;

class ComputeCommandTest {
  private static final Path EXAMPLES = Path.of("../docs/examples");
  private final ByteArrayOutputStream out = new ByteArrayOutputStream();
  private final ByteArrayOutputStream err = new ByteArrayOutputStream();

  private int run(String... args) {
    return Compute.run(
        args,
        new PrintStream(out, true, StandardCharsets.UTF_8),
        new PrintStream(err, true, StandardCharsets.UTF_8));
  }

  private static double at(JsonNode walk, double distance) {
    JsonNode d = walk.path("distanceMm");
    JsonNode l = walk.path("afterMove").get(0).path("lengthMm");
    int best = 0;
    for (int i = 0; i < d.size(); i++) {
      best =
          Math.abs(d.get(i).asDouble() - distance) < Math.abs(d.get(best).asDouble() - distance)
              ? i
              : best;
    }
    double a = d.get(best).asDouble() / 90;
    double reach = 150;
    double max = Math.acos(90 / reach);
    double want =
        a <= max
            ? Math.sqrt(8100 + reach * reach - 2 * 90 * reach * Math.cos(a))
            : Math.sqrt(reach * reach - 8100) + 90 * (a - max);
    assertThat(l.get(best).asDouble()).isCloseTo(want, within(0.1));
    return want;
  }

  @Test
  void theBallExample_canBeCheckedByAnyoneAgainstTheLawOfCosines() {
    assertThat(run(EXAMPLES.resolve("ball-fixed-guide.json").toString())).isZero();
    JsonNode r = new JsonMapper().readTree(out.toString(StandardCharsets.UTF_8));
    JsonNode centre = r.path("walks").get(0);
    assertThat(at(centre, 40)).isLessThan(at(centre, 160));
    assertThat(r.path("scalp").path("areaMm2").asDouble())
        .isCloseTo(2 * Math.PI * 8100, within(51.0));
    assertThat(r.has("sites")).isFalse();
  }

  @Test
  void theSitesFlag_addsEverySite() {
    assertThat(run("--sites", EXAMPLES.resolve("ellipsoid-level-line.json").toString())).isZero();
    JsonNode sites = new JsonMapper().readTree(out.toString(StandardCharsets.UTF_8)).path("sites");
    assertThat(sites.size()).isGreaterThanOrEqualTo(3000);
    for (JsonNode s : sites) { // a level line 70 mm over the apex leaves the height under it
      assertThat(s.get(5).asDouble()).isCloseTo(86 + 70 - s.get(2).asDouble(), within(0.1));
    }
  }

  @Test
  void badInput_exitsTwoWithOneLineAnError(@TempDir Path dir) throws IOException {
    String bad =
        Files.readString(EXAMPLES.resolve("quiet-side-part.json"))
            .replaceFirst("\"biteMm\": 9", "\"biteMm\": 190");
    Path file = Files.writeString(dir.resolve("bad.json"), bad);
    assertThat(run(file.toString())).isEqualTo(2);
    assertThat(err.toString(StandardCharsets.UTF_8).lines())
        .singleElement()
        .asString()
        .endsWith("bad.json: $.moves[0].cut.biteMm: 190 is not allowed; allowed 3 to 60");
    assertThat(out.size()).isZero();
  }

  @Test
  void aMissingFile_anUnknownFlag_andNoFile_exitTwo() {
    assertThat(run("nowhere.json")).isEqualTo(2);
    assertThat(run("--pretty")).isEqualTo(2);
    assertThat(run()).isEqualTo(2);
    // Two things asked at once: which of them was meant cannot be told.
    assertThat(run("--fit", "--risk", "nowhere.json")).isEqualTo(2);
    assertThat(err.toString(StandardCharsets.UTF_8))
        .contains("no such file")
        .contains("--sites")
        .contains("no file given");
  }

  @Test
  void computeWritesTheFallenShape_itsDrawings_andItsTable(@TempDir Path dir) throws IOException {
    String file = EXAMPLES.resolve("short-sides-chipped-top.json").toString();
    assertThat(run("--look", "--glb", "--svg", "--csv", "--png", "--out=" + dir, "--week=4", file))
        .as(err.toString(StandardCharsets.UTF_8))
        .isZero();
    JsonNode look = JsonMapper.builder().build().readTree(out.toByteArray());
    assertThat(look.path("week").asDouble()).isEqualTo(4);
    assertThat(look.path("landings").size()).isPositive();
    assertThat(look.path("silhouettes").size()).isEqualTo(5);
    assertThat(look.path("checkRound").size()).isPositive();
    try (var files = Files.list(dir)) {
      assertThat(
              files.map(
                  f -> f.getFileName().toString().replaceFirst("^short-sides-chipped-top", "")))
          .contains(
              ".glb",
              "-silhouettes.svg",
              "-scalp-map.svg",
              "-profile.svg",
              "-profile.csv",
              "-back.png");
    }
    assertThat(run("--week=60", file)).isEqualTo(2);
    assertThat(err.toString(StandardCharsets.UTF_8))
        .contains("--week=60")
        .contains("allowed 0 to 52");
  }
}
