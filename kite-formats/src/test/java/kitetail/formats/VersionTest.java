package kitetail.formats;

import static org.assertj.core.api.Assertions.assertThat;

import java.io.IOException;
import java.nio.file.Files;
import java.nio.file.Path;
import java.util.regex.Matcher;
import java.util.regex.Pattern;
import org.junit.jupiter.api.Test;

/** One version everywhere, so that a commit can be tagged as it is. */
class VersionTest {
  private static String first(String file, String pattern) throws IOException {
    Matcher m = Pattern.compile(pattern).matcher(Files.readString(Path.of("..", file)));
    assertThat(m.find()).as(file).isTrue();
    return m.group(1);
  }

  @Test
  void poms_pageAndChangelog_haveOneVersion() throws IOException {
    String version =
        first("pom.xml", "<artifactId>kitetail</artifactId>\\s*<version>([^<]*)</version>");
    assertThat(first("kite-web/package.json", "\"version\": \"([^\"]*)\"")).isEqualTo(version);
    assertThat(first("CHANGELOG.md", "\n## (\\S+)\n")).isEqualTo(version);
    assertThat(first("kite-formats/pom.xml", "<version>([^<]*)</version>")).isEqualTo(version);
  }
}
