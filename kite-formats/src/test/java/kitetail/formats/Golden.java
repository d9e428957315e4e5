package kitetail.formats;

import static org.assertj.core.api.Assertions.assertThat;
import static org.assertj.core.api.Assertions.within;

import java.io.IOException;
import java.io.InputStream;
import java.nio.charset.StandardCharsets;
import java.nio.file.Files;
import java.nio.file.Path;
import java.security.MessageDigest;
import java.security.NoSuchAlgorithmException;
import java.util.List;
import java.util.Locale;
import java.util.Map;
import kitetail.plan.PlanEngine;

/**
 * Numbers written down under the version of the engine they were worked out with. They are what
 * this engine gave, not what is right; other tests ask that.
 */
final class Golden {
  /** Written with three digits. */
  private static final double ROUNDED = 0.0011;

  private Golden() {}

  /**
   * The numbers are those written down; fresh ones are put in target.
   *
   * @param kind what its file is called before the version
   */
  static void holds(String kind, Map<String, Double> now) throws IOException {
    String name = name(kind);
    String mend = mend(name);
    List<String> written =
        written(
            name,
            now.entrySet().stream()
                .map(e -> String.format(Locale.ROOT, "%s,%.3f", e.getKey(), e.getValue()))
                .toList());
    assertThat(now).as(mend).hasSize(written.size());
    for (String line : written) {
      int comma = line.lastIndexOf(',');
      String what = line.substring(0, comma);
      assertThat(now.get(what))
          .as(what + ". " + mend)
          .isCloseTo(Double.parseDouble(line.substring(comma + 1)), within(ROUNDED));
    }
  }

  /**
   * Digests are those written down, where the last bit of a sine is the one it had there: on this
   * kind of processor and this release of Java. Elsewhere only their number is asked.
   */
  static void holdsToTheBit(String kind, Map<String, String> now) throws IOException {
    String name = name(kind);
    List<String> fresh = now.entrySet().stream().map(e -> e.getKey() + "," + e.getValue()).toList();
    List<String> written = written(name, fresh);
    if (System.getProperty("os.arch").equals("amd64") && Runtime.version().feature() == 17) {
      assertThat(fresh).as(mend(name)).isEqualTo(written);
    } else {
      assertThat(fresh).as(mend(name)).hasSameSizeAs(written);
    }
  }

  static byte[] digest(byte[] of) {
    try {
      return MessageDigest.getInstance("SHA-256").digest(of);
    } catch (NoSuchAlgorithmException e) {
      throw new IllegalStateException(e);
    }
  }

  private static String name(String kind) {
    return kind + "-" + PlanEngine.VERSION + ".csv";
  }

  private static Path fresh(String name) {
    return Path.of("target", name);
  }

  private static String mend(String name) {
    return "If the engine gives other numbers on purpose, change PlanEngine.VERSION and put "
        + fresh(name)
        + " beside this test's other golden files in place of the old one.";
  }

  /** The lines written down; the fresh ones are put in target. */
  private static List<String> written(String name, List<String> fresh) throws IOException {
    Files.write(fresh(name), fresh);
    List<String> written;
    try (InputStream in = Golden.class.getResourceAsStream("/golden/" + name)) {
      written =
          in == null
              ? List.of()
              : new String(in.readAllBytes(), StandardCharsets.UTF_8).lines().toList();
    }
    assertThat(written)
        .as("No numbers of version " + PlanEngine.VERSION + ". " + mend(name))
        .isNotEmpty();
    return written;
  }
}
