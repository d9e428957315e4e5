package kitetail.server.security;

import java.io.IOException;
import java.io.InputStream;
import java.io.UncheckedIOException;
import java.nio.charset.StandardCharsets;
import java.util.Locale;
import java.util.Set;
import java.util.stream.Collectors;
import kitetail.server.error.FieldException;

/**
 * What is no password, as NIST SP 800-63B has it: common ones, repetitions and runs, the name
 * itself. No mixture of signs is asked for. The common ones are a short list from memory, held
 * against what is left of a password without the digits and marks at its ends.
 */
public final class Passwords {
  private static final int FEWEST_SIGNS = 4;
  private static final Set<String> COMMON = common();

  private Passwords() {}

  private static Set<String> common() {
    try (InputStream in = Passwords.class.getResourceAsStream("/kitetail/common-passwords.txt")) {
      return new String(in.readAllBytes(), StandardCharsets.UTF_8)
          .lines()
          .collect(Collectors.toUnmodifiableSet());
    } catch (IOException e) {
      throw new UncheckedIOException(e);
    }
  }

  /**
   * @throws FieldException with what is wrong and what to do
   */
  public static void check(String field, String password, String signIn, String name) {
    String small = password.toLowerCase(Locale.ROOT);
    String bare = small.replaceAll("^[^a-z]+|[^a-z]+$", "");
    if (small.chars().distinct().count() < FEWEST_SIGNS) {
      refuse(field, "the same few signs again and again");
    }
    if (run(small)) {
      refuse(field, "signs in a row");
    }
    if (COMMON.contains(small) || COMMON.contains(bare) || COMMON.contains(halved(bare))) {
      refuse(field, "one of the first that are tried");
    }
    if (bare.equals(signIn.toLowerCase(Locale.ROOT))
        || bare.equals(name.toLowerCase(Locale.ROOT).replaceAll("[^a-z]", ""))) {
      refuse(field, "the name itself");
    }
  }

  private static void refuse(String field, String what) {
    throw new FieldException(
        field, what, "allowed is what others do not guess; a few words do well");
  }

  /** True when every sign follows the one before it, up or down. */
  private static boolean run(String p) {
    return p.length() > 2 && (steps(p, 1) || steps(p, -1));
  }

  private static boolean steps(String p, int by) {
    for (int i = 1; i < p.length(); i++) {
      int step = p.charAt(i) - p.charAt(i - 1);
      boolean round = p.charAt(i - 1) == '9' && p.charAt(i) == '0';
      if (step != by && !(by > 0 && round)) {
        return false;
      }
    }
    return true;
  }

  /** One half of what is said twice. */
  private static String halved(String p) {
    String half = p.substring(0, p.length() / 2);
    return p.equals(half + half) ? half : p;
  }
}
