package kitetail.formats;

import static org.assertj.core.api.Assertions.assertThat;
import static org.assertj.core.api.Assertions.assertThatThrownBy;
import static org.assertj.core.api.Assertions.catchThrowableOfType;

import java.io.IOException;
import java.nio.file.Files;
import java.nio.file.Path;
import java.util.stream.Stream;
import kitetail.check.Check;
import kitetail.cut.Aside;
import kitetail.cut.Comb;
import kitetail.cut.CutLine;
import kitetail.cut.Fingers;
import kitetail.cut.Guide;
import kitetail.cut.Hold;
import kitetail.cut.Texture;
import kitetail.formats.answer.PlanResult;
import kitetail.formats.json.Families;
import kitetail.formats.json.PlanJson;
import kitetail.formats.json.PlanProblem;
import kitetail.formats.json.PlanProblemException;
import kitetail.hair.Ends;
import kitetail.head.HeadSpec;
import kitetail.head.Scalp;
import kitetail.plan.Move;
import kitetail.plan.Plan;
import kitetail.plan.PlanEngine;
import kitetail.plan.SitDown;
import kitetail.section.Facing;
import kitetail.section.Limit;
import kitetail.section.Scalar;
import org.junit.jupiter.api.Test;
import org.junit.jupiter.api.Timeout;
import org.junit.jupiter.params.ParameterizedTest;
import org.junit.jupiter.params.provider.CsvSource;
import org.junit.jupiter.params.provider.MethodSource;
import org.junit.jupiter.params.provider.ValueSource;

class PlanDocumentTest {
  private static final Path EXAMPLES = Path.of("../docs/examples");

  static Stream<Path> examples() throws IOException {
    try (Stream<Path> files = Files.list(EXAMPLES)) {
      return files.filter(f -> f.toString().endsWith(".json")).sorted().toList().stream();
    }
  }

  private static String example() throws IOException {
    return Files.readString(EXAMPLES.resolve("quiet-side-part.json"));
  }

  private static PlanProblemException refused(String json) {
    return catchThrowableOfType(PlanProblemException.class, () -> PlanJson.read(json));
  }

  @ParameterizedTest
  @MethodSource("examples")
  void whatIsWritten_readsBackAsTheSamePlan(Path file) throws IOException {
    Plan plan = PlanJson.read(Files.readString(file));
    assertThat(PlanJson.read(PlanJson.write(plan))).isEqualTo(plan);
    assertThat(PlanJson.write(PlanJson.read(PlanJson.write(plan)))).isEqualTo(PlanJson.write(plan));
  }

  @ParameterizedTest
  @MethodSource("examples")
  void theSameDocument_givesTheSameBytes(Path file) throws IOException {
    Plan plan = PlanJson.read(Files.readString(file));
    String first = PlanJson.written(PlanResult.of(plan, PlanEngine.run(plan), true));
    String second = PlanJson.written(PlanResult.of(plan, PlanEngine.run(plan), true));
    assertThat(first).isEqualTo(second).contains("\"sites\"").contains("\"earToEar\"");
  }

  @ParameterizedTest
  @CsvSource(
      delimiter = '|',
      value = {
        "\"biteMm\": 9 | \"biteMm\": 99 | $.moves[0].cut.biteMm: 99 is not allowed; allowed 3 to 60",
        "\"girthMm\": 565 | \"girthMm\": \"wide\" | $.head.girthMm: \"wide\" is not allowed; allowed is a value of type number, 440 to 680",
        "\"facing\": \"up\" | \"facing\": \"skyward\" | $.moves[1].cut.hold.facing: \"skyward\" is not allowed; allowed up, down, front, back, left, right",
        "\"title\": \"Quiet Side Part\" | \"titel\": \"Quiet Side Part\" | $.title: missing; it must be given",
        "\"version\": 4 | \"version\": 5 | $.version: 5 is not allowed; allowed 4"
      })
  void badInput_isSaidWithPathValueAndRange(String from, String to, String line)
      throws IOException {
    String bad =
        example()
            .replaceFirst(
                java.util.regex.Pattern.quote(from), java.util.regex.Matcher.quoteReplacement(to));
    assertThat(refused(bad).problems()).extracting(PlanProblem::line).contains(line);
  }

  private static Plan golden(int version) throws IOException {
    return PlanJson.read(
        Files.readString(Path.of("src/test/resources/golden/plan-" + version + ".json")));
  }

  /**
   * The golden files are as their versions wrote them; what they say now is what they said then.
   */
  @ParameterizedTest
  @ValueSource(ints = {1, 2})
  void aDocumentOfAnEarlierVersion_stillLoads(int version) throws IOException {
    Plan old = golden(version);
    assertThat(old).isEqualTo(golden(2));
    assertThat(PlanJson.write(old)).contains("\"version\" : 4");
    assertThat(old.moves()).hasSize(13);
    assertThat(old.section("back").limits())
        .containsExactly(
            new Limit.Between(Scalar.ABOVE_RIDGE_MM, -400, 0),
            new Limit.Between(Scalar.AROUND_DEG, 118, -118));
    assertThat(old.move("crown").cut())
        .isEqualTo(
            new Fingers(
                new Hold.StraightOut(),
                new CutLine.Round(66),
                new Guide.LastBite(),
                Facing.BACK,
                12));
    assertThat(old.move("taperNape").cut()).isEqualTo(new Comb(2.5, 22, 2, Comb.Tool.CLIPPER));
  }

  /** What came with version 4 reads, in a document of version 3, as it was before it came. */
  @Test
  void aDocumentOfVersionThree_cutsAsItDid() throws IOException {
    Plan old = golden(3);
    assertThat(PlanJson.write(old)).contains("\"version\" : 4");
    assertThat(old.moves()).isNotEmpty();
    for (Move m : old.moves()) {
      assertThat(m.cut().ends()).isSameAs(Ends.BLUNT);
      if (m.cut() instanceof Fingers f && f.line() instanceof CutLine.Slope s) {
        assertThat(s.eachSide()).isFalse();
      }
      if (m.cut() instanceof Texture t) {
        assertThat(t.layer()).isEqualTo(Texture.Layer.ALL);
      }
    }
  }

  @Test
  void everyFault_isSaidAtOnce() throws IOException {
    String bad =
        example()
            .replaceFirst("\"biteMm\": 9", "\"biteMm\": 99")
            .replaceFirst("\"girthMm\": 565", "\"girthMm\": 5");
    assertThat(refused(bad).problems()).hasSize(2);
  }

  @Test
  void textThatIsNotJson_isSaidWithItsLine() {
    assertThat(refused("{\n \"version\": 1,,}").problems().get(0).line())
        .startsWith("$: text that is not JSON (line 2");
  }

  /** However many faults, the first fifty are told, and at once: time grows with the document. */
  @ParameterizedTest
  @ValueSource(ints = {55, 500, 100_000})
  @Timeout(20)
  void aDocumentOfFaults_isRefusedAtOnce_withFiftyAtMost(int zeros) {
    String moves = "0" + ",0".repeat(zeros - 1);
    assertThatThrownBy(() -> PlanJson.read("{\"version\":4,\"moves\":[" + moves + "]}"))
        .isInstanceOfSatisfying(
            PlanProblemException.class, e -> assertThat(e.problems()).hasSizeBetween(1, 50));
  }

  @Test
  void aListTooLong_andNestingTooDeep_areToldWithWhatIsAllowed() {
    assertThatThrownBy(() -> PlanJson.read("{\"version\":4,\"moves\":[" + "0,".repeat(90) + "0]}"))
        .hasMessageContaining("$.moves")
        .hasMessageContaining("a list of 91")
        .hasMessageContaining("allowed up to 80");
    String deep = "[".repeat(60) + "]".repeat(60);
    assertThatThrownBy(() -> PlanJson.read("{\"version\":4,\"moves\":" + deep + "}"))
        .hasMessageContaining("levels");
  }

  @Test
  void anUnknownSection_isNamed() throws IOException {
    String bad = example().replaceFirst("\"section\": \"leftWall\"", "\"section\": \"sideburns\"");
    assertThatThrownBy(() -> PlanJson.read(bad))
        .hasMessageContaining("sideburns")
        .hasMessageContaining("leftWall");
  }

  @Test
  void anImpossibleHead_isRefusedWithTheRangeGivenTheOthers() throws IOException {
    Plan plan = PlanJson.read(example().replaceFirst("\"earToEarMm\": 345", "\"earToEarMm\": 440"));
    assertThatThrownBy(() -> PlanJson.head(plan))
        .hasMessageContaining("$.head.earToEarMm: 440")
        .hasMessageContaining("allowed");
  }

  @Test
  void everyFamily_runsOnItsHead_andLeavesNothingUncut() {
    Families.all()
        .forEach(
            (id, family) -> {
              Plan plan =
                  new SitDown(
                          SitDown.VERSION,
                          new HeadSpec.Measured(560, 345.0, 330.0),
                          family.hair(),
                          family.start(),
                          null,
                          null)
                      .planOf(family);
              var outcome = PlanEngine.run(plan, Scalp.of(PlanJson.head(plan), 1500));
              assertThat(outcome.minutes()).as(id).isBetween(15.0, 90.0); // common practice
              assertThat(outcome.steps())
                  .as(id)
                  .filteredOn(s -> !(s.cut() instanceof Aside || s.cut() instanceof Texture))
                  .allSatisfy(s -> assertThat(s.cutAreaMm2()).isPositive());
              assertThat(Check.of(plan, outcome))
                  .as(id)
                  .noneMatch(f -> f.severity() == kitetail.plan.Finding.Severity.STOP);
            });
  }
}
