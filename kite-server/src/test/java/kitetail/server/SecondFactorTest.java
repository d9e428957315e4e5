package kitetail.server;

import static org.assertj.core.api.Assertions.assertThat;

import com.eatthepath.otp.TimeBasedOneTimePasswordGenerator;
import java.io.ByteArrayInputStream;
import java.io.IOException;
import java.net.http.HttpResponse;
import java.nio.charset.StandardCharsets;
import java.time.Instant;
import java.util.zip.ZipInputStream;
import javax.crypto.spec.SecretKeySpec;
import org.apache.commons.codec.binary.Base32;
import org.junit.jupiter.api.Test;
import tools.jackson.databind.JsonNode;

/** Digits beside the password: set up, asked, used once, lost and taken off. */
class SecondFactorTest extends InShop {
  private static final String PASSWORD = "{\"password\":\"ferry-landing\"}";

  private static String now(String secret, int stepsAhead) throws Exception {
    return new TimeBasedOneTimePasswordGenerator()
        .generateOneTimePasswordString(
            new SecretKeySpec(new Base32().decode(secret), "HmacSHA1"),
            Instant.now().plusSeconds(30L * stepsAhead));
  }

  private static HttpResponse<String> signIn(String code) {
    return shop.new Visitor()
        .send(
            "POST",
            "/api/session",
            "{\"signIn\":\"maud\",\"password\":\"ferry-landing\"%s}"
                .formatted(code == null ? "" : ",\"code\":\"" + code + "\""));
  }

  @Test
  void itIsAskedBesideThePassword_eachGoesOnce_andALostDeviceIsNoLockOut() throws Exception {
    assertThat(maud.json("/api/session/second").path("on").asBoolean()).isFalse();
    told(422, maud.send("POST", "/api/session/second", "{\"password\":\"not-this-one\"}"));
    told(422, maud.send("PUT", "/api/session/second", "{\"code\":\"123456\"}"));
    JsonNode offer = told(200, maud.send("POST", "/api/session/second", PASSWORD));
    String secret = offer.path("secret").asString();
    assertThat(offer.path("uri").asString())
        .startsWith("otpauth://totp/")
        .contains("secret=" + secret);
    assertThat(signIn(null).statusCode()).as("not before its digits were given").isEqualTo(200);
    told(422, maud.send("PUT", "/api/session/second", "{\"code\":\"000000\"}"));
    String first = now(secret, 0);
    JsonNode codes =
        told(200, maud.send("PUT", "/api/session/second", "{\"code\":\"" + first + "\"}"))
            .path("codes");
    assertThat(codes).hasSize(8);

    JsonNode asked = told(401, signIn(null));
    assertThat(asked.path("codeNeeded").asBoolean()).isTrue();
    assertThat(signIn(first).statusCode()).as("used when it was set up").isEqualTo(401);
    String next = now(secret, 1);
    assertThat(signIn(next).statusCode()).isEqualTo(200);
    assertThat(signIn(next).statusCode()).as("used").isEqualTo(401);
    String lost = codes.get(0).asString();
    assertThat(signIn(lost).statusCode()).isEqualTo(200);
    assertThat(signIn(lost).statusCode()).as("used").isEqualTo(401);
    assertThat(maud.json("/api/session/second").path("on").asBoolean()).isTrue();

    assertThat(archive())
        .contains("\"sign_in\"")
        .doesNotContain(secret, "\"second_secret\":", "\"second_codes\":");
    assertThat(
            told(
                    401,
                    shop.new Visitor()
                        .send(
                            "POST",
                            "/api/session",
                            "{\"signIn\":\"maud\",\"password\":\"wrong-one-here\",\"code\":\"1\"}"))
                .has("codeNeeded"))
        .as("nothing is said of it to who does not know the password")
        .isFalse();

    told(422, maud.send("POST", "/api/session/second/off", "{\"password\":\"not-this-one\"}"));
    told(204, maud.send("POST", "/api/session/second/off", PASSWORD));
    assertThat(signIn(null).statusCode()).isEqualTo(200);
  }

  /** All that is in it, unpacked. */
  private static String archive() throws IOException {
    byte[] zip =
        maud.withPasswordAgain().bytes("GET", "/api/records/archive.zip?year=2026", null).body();
    StringBuilder all = new StringBuilder();
    try (ZipInputStream in = new ZipInputStream(new ByteArrayInputStream(zip))) {
      while (in.getNextEntry() != null) {
        all.append(new String(in.readAllBytes(), StandardCharsets.ISO_8859_1));
      }
    }
    return all.toString();
  }
}
