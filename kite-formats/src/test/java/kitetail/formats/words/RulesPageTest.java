package kitetail.formats.words;

import static org.assertj.core.api.Assertions.assertThat;

import java.io.IOException;
import java.nio.file.Files;
import java.nio.file.Path;
import java.util.Locale;
import java.util.stream.Collectors;
import kitetail.check.Check;
import org.junit.jupiter.api.Test;

/** docs/rules.md tells every rule, in its own words; left anew in target when it does not. */
class RulesPageTest {
  private static final String HEAD =
      """
      # What a plan is checked for

      Made from the rules and their messages; `…` stands for a place, a length or names.

      | rule | at its gravest | says |
      |---|---|---|
      """;

  private static String said(String id) {
    return id.equals("order-circle")
        ? Messages.say("order.circle", "moves", "…")
        : id.startsWith("order-")
            ? Messages.say(
                "order.do",
                "before",
                "…",
                "then",
                "…",
                "why",
                Messages.say("order.why." + id.substring("order-".length())))
            : Messages.say(
                "finding." + id,
                "amount",
                "…",
                "where",
                "…",
                "with",
                "…",
                "between",
                true,
                "below",
                true,
                "side",
                "…");
  }

  @Test
  void thePageTellsEveryRule() throws IOException {
    String page =
        HEAD
            + Check.severities().entrySet().stream()
                .map(
                    r ->
                        "| `%s` | %s | %s |\n"
                            .formatted(
                                r.getKey(),
                                r.getValue().name().toLowerCase(Locale.ROOT),
                                said(r.getKey())))
                .collect(Collectors.joining());
    Files.writeString(Path.of("target", "rules.md"), page);
    assertThat(Path.of("..", "docs", "rules.md")).content().isEqualTo(page);
  }
}
