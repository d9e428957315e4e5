package kitetail.server.security;

import com.eatthepath.otp.TimeBasedOneTimePasswordGenerator;
import java.net.URLEncoder;
import java.nio.charset.StandardCharsets;
import java.security.InvalidKeyException;
import java.security.SecureRandom;
import java.time.Duration;
import java.time.Instant;
import java.util.OptionalLong;
import javax.crypto.spec.SecretKeySpec;
import org.apache.commons.codec.binary.Base32;

/**
 * Six digits that change every half minute, from a secret two sides share (RFC 6238, with
 * HMAC-SHA-1 and 30 s as authenticators have it).
 */
final class OneTimeCode {
  private static final Duration STEP = Duration.ofSeconds(30);

  /** Clocks may differ by one step either way (RFC 6238, 5.2). */
  private static final int DRIFT = 1;

  /** As long as the hash is (RFC 4226, 4: 160 bits are recommended). */
  private static final int SECRET_BYTES = 20;

  private static final SecureRandom RANDOM = new SecureRandom();
  private static final Base32 BASE32 = new Base32();

  private OneTimeCode() {}

  static String newSecret() {
    byte[] b = new byte[SECRET_BYTES];
    RANDOM.nextBytes(b);
    return BASE32.encodeToString(b);
  }

  /** What an authenticator reads from a picture: the key URI format, common practice. */
  static String uri(String secret, String shop, String signIn) {
    return "otpauth://totp/"
        + escaped(shop)
        + ":"
        + escaped(signIn)
        + "?secret="
        + secret
        + "&issuer="
        + escaped(shop);
  }

  private static String escaped(String s) {
    return URLEncoder.encode(s, StandardCharsets.UTF_8).replace("+", "%20");
  }

  /**
   * @param after the last step that was used
   * @return the step whose digits these are; none when they are none of now, or were used
   */
  static OptionalLong step(String secret, String digits, Instant now, long after) {
    long at = now.getEpochSecond() / STEP.toSeconds();
    for (long step = Math.max(after + 1, at - DRIFT); step <= at + DRIFT; step++) {
      if (digits(secret, Instant.ofEpochSecond(step * STEP.toSeconds())).equals(digits)) {
        return OptionalLong.of(step);
      }
    }
    return OptionalLong.empty();
  }

  static String digits(String secret, Instant at) {
    try {
      return new TimeBasedOneTimePasswordGenerator(STEP)
          .generateOneTimePasswordString(
              new SecretKeySpec(
                  BASE32.decode(secret),
                  TimeBasedOneTimePasswordGenerator.TOTP_ALGORITHM_HMAC_SHA1),
              at);
    } catch (InvalidKeyException e) {
      throw new IllegalStateException(e);
    }
  }
}
