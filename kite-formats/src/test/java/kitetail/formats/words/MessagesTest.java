package kitetail.formats.words;

import static org.assertj.core.api.Assertions.assertThat;
import static org.assertj.core.api.Assertions.assertThatThrownBy;

import com.ibm.icu.text.MessageFormat;
import com.ibm.icu.util.ULocale;
import java.io.IOException;
import java.io.UncheckedIOException;
import java.nio.file.Files;
import java.nio.file.Path;
import java.util.ArrayList;
import java.util.Arrays;
import java.util.LinkedHashMap;
import java.util.List;
import java.util.Map;
import java.util.regex.MatchResult;
import java.util.regex.Pattern;
import java.util.stream.Collectors;
import java.util.stream.Stream;
import kitetail.check.Check;
import kitetail.cut.Aside;
import kitetail.cut.Blade;
import kitetail.cut.Comb;
import kitetail.cut.Guard;
import kitetail.cut.Outline;
import kitetail.cut.Texture;
import kitetail.fall.Styling;
import kitetail.formats.json.PlanJson;
import kitetail.hair.Damp;
import kitetail.look.Side;
import kitetail.plan.Handling;
import kitetail.planning.GrowOut;
import kitetail.planning.Outgrown;
import kitetail.planning.Planner;
import kitetail.planning.Ranking;
import kitetail.section.Facing;
import kitetail.shopday.Finishing;
import org.junit.jupiter.api.Test;
import org.junit.jupiter.params.ParameterizedTest;
import org.junit.jupiter.params.provider.Arguments;
import org.junit.jupiter.params.provider.MethodSource;
import tools.jackson.databind.JsonNode;

/** Every sentence is in the catalogue, and everything in the catalogue is said. */
class MessagesTest {
  private static final Map<String, String> ALL = new LinkedHashMap<>();
  private static final Path SOURCES = Path.of("src/main/java/kitetail/formats/words");

  static {
    gather("", PlanJson.shipped("words/messages.json", JsonNode.class));
  }

  private static void gather(String prefix, JsonNode at) {
    at.properties()
        .forEach(
            e -> {
              if (e.getValue().isString()) {
                ALL.put(prefix + e.getKey(), e.getValue().asString());
              } else {
                gather(prefix + e.getKey() + ".", e.getValue());
              }
            });
  }

  /** The literals of the package that words things, with the file they stand in. */
  private static Map<Path, List<String>> literals() {
    try (Stream<Path> files = Files.list(SOURCES)) {
      return files
          .filter(f -> f.toString().endsWith(".java"))
          .collect(Collectors.toMap(f -> f, MessagesTest::literals));
    } catch (IOException e) {
      throw new UncheckedIOException(e);
    }
  }

  private static List<String> literals(Path file) {
    try {
      String code = Files.readString(file).replaceAll("(?s)/\\*.*?\\*/|//[^\n]*", "");
      return Pattern.compile("\"((?:[^\"\\\\\n]++|\\\\.)*+)\"")
          .matcher(code)
          .results()
          .map((MatchResult r) -> r.group(1))
          .toList();
    } catch (IOException e) {
      throw new UncheckedIOException(e);
    }
  }

  @Test
  void everyMessageIsUsed() {
    List<String> named = literals().values().stream().flatMap(List::stream).toList();
    // Refusals are said where something is refused; the server's own test holds both together.
    assertThat(ALL.keySet().stream().filter(k -> !k.startsWith("refused.")).toList())
        .isNotEmpty()
        .allSatisfy(
            key -> {
              String group = key.substring(0, Math.max(0, key.lastIndexOf('.')));
              assertThat(named)
                  .as(key)
                  .anyMatch(
                      n ->
                          n.equals(key)
                              || !group.isEmpty() && (n.equals(group) || n.equals(group + ".")));
            });
  }

  /** Words with a space between them are a sentence; what is thrown is none. */
  @Test
  void noSentenceStandsOutsideTheCatalogue() {
    Map<String, String> said = new LinkedHashMap<>();
    literals()
        .forEach(
            (file, all) ->
                all.stream()
                    .filter(l -> Pattern.compile("\\p{L}+[,;:]? \\p{L}+").matcher(l).find())
                    .filter(l -> !THROWN.contains(l))
                    .forEach(l -> said.put(l, file.getFileName().toString())));
    assertThat(said).isEmpty();
  }

  private static final List<String> THROWN =
      List.of("messages.json has no ", " wants ", "names.json has no name for ");

  @Test
  void everyPatternReads_andNamesItsArguments() {
    ALL.forEach(
        (key, pattern) ->
            assertThat(
                    new MessageFormat(pattern, ULocale.ENGLISH).usesNamedArguments()
                        || !pattern.contains("{"))
                .as(key)
                .isTrue());
  }

  static Stream<Arguments> choices() {
    return Stream.of(
        Arguments.of("facing", Facing.values()),
        Arguments.of("damp", Damp.values()),
        Arguments.of("unmet", Planner.Reason.values()),
        Arguments.of("why", Ranking.Kind.values()),
        Arguments.of("grow-out.area", GrowOut.Area.values()),
        Arguments.of("grow-out.way", Styling.Way.values()),
        Arguments.of("skin", kitetail.client.SkinNote.Kind.values()),
        Arguments.of("cut.grain", Guard.Grain.values()),
        Arguments.of("cut.blade", Blade.values()),
        Arguments.of("cut.tool", Comb.Tool.values()),
        Arguments.of("cut.side", Outline.Side.values()),
        Arguments.of("cut.nape-form", Outline.Nape.Form.values()),
        Arguments.of("cut.layer", Texture.Layer.values()),
        Arguments.of("cut.texture-tool", Texture.Tool.values()),
        Arguments.of("cut.aside", Aside.What.values()),
        Arguments.of("headline.aside", Aside.What.values()),
        Arguments.of("handling.ear", Handling.EarHeld.values()),
        Arguments.of("handling.way", Handling.Stroke.values()),
        Arguments.of("handling.shears", kitetail.check.Handled.Shears.values()),
        Arguments.of("finish", Finishing.What.values()),
        Arguments.of("worn", Styling.Way.values()),
        Arguments.of("look.who", Side.values()),
        Arguments.of("look.nowhere", Side.values()),
        Arguments.of("outgrown.sign", Outgrown.What.values()),
        Arguments.of("round.way", kitetail.check.CheckRound.Way.values()));
  }

  @ParameterizedTest
  @MethodSource("choices")
  void everyChoiceHasItsWords(String group, Enum<?>[] choices) {
    assertThat(ALL.keySet())
        .containsAll(Arrays.stream(choices).map(c -> group + "." + c.name()).toList());
  }

  /** A rule without words does not build, nor do words without a rule. */
  @Test
  void everyRuleHasItsWords() {
    List<String> found = new ArrayList<>(Check.finds());
    found.removeIf(id -> id.startsWith("order-"));
    assertThat(
            ALL.keySet().stream()
                .filter(k -> k.startsWith("finding."))
                .map(k -> k.substring("finding.".length())))
        .containsExactlyInAnyOrderElementsOf(found);
  }

  @Test
  void aNumberIsSaidInItsPlural_andOneIsOne() {
    assertThat(Messages.say("weeks", "weeks", 1)).isEqualTo("a week");
    assertThat(Messages.say("weeks", "weeks", 7)).isEqualTo("7 weeks");
    assertThat(Messages.say("learnt.bites", "seconds", 1)).isEqualTo("A bite takes 1 second.");
    assertThat(Messages.say("cut.times", "times", 2)).isEqualTo("twice");
  }

  @Test
  void whatIsMissing_isAFaultOfOurs() {
    assertThatThrownBy(() -> Messages.say("finding.none")).hasMessageContaining("finding.none");
    assertThatThrownBy(() -> Messages.say("finding.hole", "where", "the crown"))
        .hasMessageContaining("amount");
    // What somebody typed is no pattern.
    assertThat(Messages.say("named", "name", "a {b} 'c'")).isEqualTo("“a {b} 'c'”");
  }
}
