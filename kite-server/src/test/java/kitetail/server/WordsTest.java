package kitetail.server;

import static org.assertj.core.api.Assertions.assertThat;

import java.io.IOException;
import java.io.UncheckedIOException;
import java.nio.file.Files;
import java.nio.file.Path;
import java.util.LinkedHashMap;
import java.util.List;
import java.util.Map;
import java.util.regex.MatchResult;
import java.util.regex.Pattern;
import java.util.stream.Stream;
import kitetail.formats.json.PlanJson;
import org.junit.jupiter.api.Test;
import tools.jackson.databind.JsonNode;

/** What the server says to people stands in the catalogue, and what stands there for it is said. */
class WordsTest {
  private static final Path SOURCES = Path.of("src/main/java/kitetail/server");
  private static final Path FORMATS = Path.of("../kite-formats/src/main/java/kitetail/formats");

  /** Names, remarks and notes of a made-up shop are data. */
  private static final Pattern DEMO = Pattern.compile("Demo\\w+\\.java");

  /** Read by who asks for the description of the API or the command, not by who cuts hair. */
  private static final Pattern CONTRACT = Pattern.compile(".*/(contract|cli)/.*");

  private static Map<Path, String> sources() {
    try (Stream<Path> files = Stream.concat(Files.walk(SOURCES), Files.walk(FORMATS))) {
      Map<Path, String> all = new LinkedHashMap<>();
      files
          .filter(f -> f.toString().endsWith(".java"))
          .filter(f -> !DEMO.matcher(f.getFileName().toString()).matches())
          .filter(f -> !CONTRACT.matcher(f.toString()).matches())
          .forEach(f -> all.put(f, code(f)));
      return all;
    } catch (IOException e) {
      throw new UncheckedIOException(e);
    }
  }

  private static String code(Path f) {
    try {
      return Files.readString(f).replaceAll("(?s)/\\*.*?\\*/|\"\"\".*?\"\"\"", "");
    } catch (IOException e) {
      throw new UncheckedIOException(e);
    }
  }

  private static List<String> literals(String code) {
    return Pattern.compile("\"((?:[^\"\\\\\n]++|\\\\.)*+)\"")
        .matcher(code)
        .results()
        .map((MatchResult r) -> r.group(1))
        .toList();
  }

  /** A capital, words, and a full stop at the end. */
  @Test
  void noSentenceStandsOutsideTheCatalogue() {
    Pattern sentence = Pattern.compile("\\p{Lu}.*\\p{L}+[,;:]? \\p{L}+.*[.!?]");
    Map<String, String> said = new LinkedHashMap<>();
    sources()
        .forEach(
            (file, code) ->
                literals(code).stream()
                    .filter(l -> sentence.matcher(l).matches())
                    .forEach(l -> said.put(l, file.getFileName().toString())));
    assertThat(said).isEmpty();
  }

  @Test
  void everyRefusalOfTheCatalogueIsSaid_andEachSaidIsThere() {
    JsonNode refused = PlanJson.shipped("words/messages.json", JsonNode.class).path("refused");
    List<String> asked =
        sources().values().stream()
            .flatMap(
                code ->
                    Pattern.compile("(?:Refused\\s*\\.because\\(\\s*|message = )\"([^\"]+)\"")
                        .matcher(code)
                        .results()
                        .map(r -> r.group(1)))
            .map(key -> key.endsWith(".") ? key.substring(0, key.length() - 1) : key)
            .distinct()
            .toList();
    assertThat(asked).containsExactlyInAnyOrderElementsOf(refused.propertyNames());
  }
}
