package kitetail.server.security;

import static org.assertj.core.api.Assertions.assertThat;

import java.nio.charset.StandardCharsets;
import java.time.Instant;
import org.apache.commons.codec.binary.Base32;
import org.junit.jupiter.api.Test;
import org.junit.jupiter.params.ParameterizedTest;
import org.junit.jupiter.params.provider.CsvSource;

class OneTimeCodeTest {
  /** The secret of the test vectors of RFC 6238, appendix B, for HMAC-SHA-1. */
  private static final String SECRET =
      new Base32().encodeToString("12345678901234567890".getBytes(StandardCharsets.US_ASCII));

  /** RFC 6238, appendix B: the last six of its eight digits. */
  @ParameterizedTest
  @CsvSource({
    "59, 287082",
    "1111111109, 081804",
    "1111111111, 050471",
    "1234567890, 005924",
    "2000000000, 279037",
    "20000000000, 353130"
  })
  void theDigits_areThoseOfTheStandard(long seconds, String digits) {
    assertThat(OneTimeCode.digits(SECRET, Instant.ofEpochSecond(seconds))).isEqualTo(digits);
  }

  @Test
  void aStepEitherWay_isTaken_andNoneTwice() {
    Instant at = Instant.ofEpochSecond(1_111_111_111);
    String before = OneTimeCode.digits(SECRET, at.minusSeconds(30));
    assertThat(OneTimeCode.step(SECRET, before, at, 0)).hasValue(1_111_111_111 / 30 - 1);
    assertThat(OneTimeCode.step(SECRET, before, at, 1_111_111_111 / 30 - 1)).as("used").isEmpty();
    assertThat(OneTimeCode.step(SECRET, OneTimeCode.digits(SECRET, at.minusSeconds(90)), at, 0))
        .as("a minute and a half old")
        .isEmpty();
    assertThat(OneTimeCode.step(SECRET, "", at, 0)).isEmpty();
  }
}
