package kitetail.server;

import static org.assertj.core.api.Assertions.assertThat;

import java.io.IOException;
import java.io.InputStream;
import java.io.OutputStream;
import java.net.Socket;
import java.net.http.HttpResponse;
import java.nio.charset.StandardCharsets;
import java.util.List;
import org.junit.jupiter.api.Test;
import org.junit.jupiter.api.Timeout;
import org.junit.jupiter.params.ParameterizedTest;
import org.junit.jupiter.params.provider.ValueSource;

/** What a careless or a hostile visitor sends, and a database that goes: said, and survived. */
class StandsTest extends InShop {
  private static final int MB = 1_000_000;

  /** What says it is too large is refused before a byte of it is read, signed in or not. */
  @Test
  @Timeout(20)
  void aBodyOfFiftyMegabytes_isRefusedUnread() throws IOException {
    int port = shop.port();
    try (Socket s = new Socket("127.0.0.1", port)) {
      s.setSoTimeout(10_000);
      OutputStream out = s.getOutputStream();
      out.write(
          ("POST /api/fit HTTP/1.1\r\nHost: x\r\nContent-Type: application/json\r\nContent-Length: "
                  + 50 * MB
                  + "\r\n\r\n")
              .getBytes(StandardCharsets.US_ASCII));
      out.flush();
      InputStream in = s.getInputStream();
      StringBuilder answer = new StringBuilder();
      for (int b = in.read(); b >= 0 && answer.indexOf("MB") < 0; b = in.read()) {
        answer.append((char) b);
      }
      assertThat(answer.toString()).startsWith("HTTP/1.1 413").contains("allowed up to 2.5 MB");
    }
  }

  /** And what does not say so as soon as it is. */
  @Test
  @Timeout(30)
  void aBodyWithoutEnd_isCutOff() throws IOException {
    int port = shop.port();
    try (Socket s = new Socket("127.0.0.1", port)) {
      s.setSoTimeout(20_000);
      OutputStream out = s.getOutputStream();
      out.write(
          "POST /api/session HTTP/1.1\r\nHost: x\r\nContent-Type: application/json\r\nTransfer-Encoding: chunked\r\n\r\n"
              .getBytes(StandardCharsets.US_ASCII));
      byte[] chunk =
          ("10000\r\n" + "[".repeat(0x10000) + "\r\n").getBytes(StandardCharsets.US_ASCII);
      try {
        for (int i = 0; i < 200; i++) {
          out.write(chunk);
        }
        out.write("0\r\n\r\n".getBytes(StandardCharsets.US_ASCII));
      } catch (IOException e) {
        // Hung up on: that is what is asked.
      }
    }
    assertThat(maud.send("GET", "/api/session", null).statusCode()).isEqualTo(200);
  }

  /** A tablet that was long without a network sends whole plans along with its taps. */
  @Test
  void whatAChairKept_isNotTooLarge() {
    String entries = "{\"entries\":[]," + " ".repeat(3 * MB) + "\"device\":\"x\"}";
    String to = "/api/sittings/00000000-0000-0000-0000-000000000000/entries";
    assertThat(maud.send("POST", to, entries).statusCode()).isIn(400, 404, 422);
    assertThat(maud.send("POST", "/api/fit", entries).statusCode()).isEqualTo(413);
  }

  /**
   * When somebody was last seen is written with the answer. A connection that has died just then is
   * told, with its sentence, also when the next one lives.
   */
  @ParameterizedTest
  @ValueSource(strings = {"/api/session", "/api/fit", "/api/clients"})
  void aConnectionLostWhileARefusalIsWritten_isTold(String path) {
    for (String none : new String[] {"[no JSON", "{\"moves\":[0]}"}) {
      shop.sql(
          """
          create sequence losses;
          create function lost() returns trigger language plpgsql as
            $$ begin
              if nextval('losses') = 2 then -- the token is asked for first
                raise exception 'terminating connection' using errcode = '57P01';
              end if;
              return null;
            end $$;
          create trigger lost before update on spring_session for each statement execute function lost()
          """);
      try {
        HttpResponse<String> r = maud.send("POST", path, none);
        assertThat(r.statusCode()).as(r.body()).isEqualTo(503);
        assertThat(r.body()).contains("database does not answer");
        assertThat(r.headers().firstValue("Retry-After")).isPresent();
        assertThat(shop.sql("select last_value::text from losses")).isNotEqualTo(List.of("1"));
      } finally {
        shop.sql("drop function lost() cascade; drop sequence losses");
      }
    }
  }

  @Test
  @Timeout(20)
  void aDocumentOfFaults_isAnsweredAtOnce() {
    String moves = "0" + ",0".repeat(99_999);
    HttpResponse<String> r =
        maud.send("POST", "/api/fit", "{\"version\":4,\"moves\":[" + moves + "]}");
    assertThat(r.statusCode()).isEqualTo(422);
    assertThat(r.body()).contains("a list of 100000").hasSizeLessThan(4000);
  }

  @ParameterizedTest
  @ValueSource(strings = {"aaaaaaaaaa", "1234567890", "Password123!", "kapperkapper", "olivia.vos"})
  void whatEverybodyTries_isNoPassword(String password) {
    assertThat(
            told(
                    422,
                    maud.send(
                        "POST",
                        "/api/people",
                        "{\"name\":\"Olivia Vos\",\"signIn\":\"olivia.vos\",\"password\":\""
                            + password
                            + "\"}"))
                .path("detail")
                .asString())
        .contains("do not guess");
  }

  /** Ten wrong tries and a name waits, with the right password too; others sign in as before. */
  @Test
  void whoTriesTooOften_waits() {
    post(
        204,
        "/api/people",
        "{\"name\":\"Pim Daan\",\"signIn\":\"pim\",\"password\":\"three words here\"}");
    var stranger = shop.new Visitor();
    String wrong = "{\"signIn\":\"pim\",\"password\":\"a guess at it\"}";
    for (int i = 0; i < 10; i++) {
      told(401, stranger.send("POST", "/api/session", wrong));
    }
    HttpResponse<String> waits =
        stranger.send(
            "POST", "/api/session", "{\"signIn\":\"pim\",\"password\":\"three words here\"}");
    assertThat(told(429, waits).path("detail").asString()).contains("Wait");
    assertThat(Long.parseLong(waits.headers().firstValue("Retry-After").orElseThrow()))
        .isBetween(600L, 900L);
    assertThat(shop.new Visitor().signedIn("joris")).isNotNull();
  }

  /** Nobody is taken for signed out, no password for wrong; and it goes on by itself. */
  @Test
  void aDatabaseThatIsGone_isSaid_andComesBack() {
    shop.databaseAnswers(false);
    try {
      HttpResponse<String> read = maud.send("GET", "/api/clients", null);
      assertThat(told(503, read).path("detail").asString()).contains("does not answer");
      assertThat(read.headers().firstValue("Retry-After")).isPresent();
      assertThat(
              shop.new Visitor()
                  .send(
                      "POST",
                      "/api/session",
                      "{\"signIn\":\"maud\",\"password\":\"ferry-landing\"}")
                  .statusCode())
          .isEqualTo(503);
    } finally {
      shop.databaseAnswers(true);
    }
    long until = System.nanoTime() + 30_000_000_000L;
    int status = 0;
    while (status != 200 && System.nanoTime() < until) {
      status = maud.send("GET", "/api/clients", null).statusCode();
      assertThat(status).isIn(200, 503);
    }
    assertThat(status).isEqualTo(200);
  }

  @Test
  void whatIsToldTheBrowser_isNotKept_andTheMachineIsNotShown() {
    HttpResponse<String> r = maud.send("GET", "/api/clients", null);
    assertThat(r.headers().firstValue("Cache-Control").orElseThrow()).contains("no-store");
    assertThat(r.headers().firstValue("Referrer-Policy")).hasValue("same-origin");
    assertThat(shop.new Visitor().send("GET", "/api/openapi", null).statusCode()).isEqualTo(401);
    assertThat(shop.new Visitor().send("GET", "/error", null).statusCode()).isBetween(400, 499);
  }

  /** Signs that no text has: refused with a sentence, nothing is written. */
  @Test
  void aSignThatCannotBeKept_isSaid() {
    HttpResponse<String> r =
        maud.send(
            "POST",
            "/api/clients",
            "{\"name\":\"A\\u0000B\",\"phone\":\"\",\"email\":\"\",\"note\":\"\"}");
    assertThat(told(422, r).path("detail").asString()).contains("cannot be kept");
  }

  /** Nobody has been cut in 2099, and no chair is kept for a thousand years. */
  @ParameterizedTest
  @ValueSource(strings = {"2099-01-01T10:00:00Z", "1970-01-01T10:00:00Z", "9999-12-31T10:00:00Z"})
  void aTimeThatCannotBe_isRefused_withWhatCan(String at) {
    String token = java.util.UUID.randomUUID().toString();
    assertThat(
            post(
                    422,
                    "/api/visits",
                    "{\"token\":\"%s\",\"planId\":1,\"startedAt\":\"%s\",\"finishedAt\":\"%s\"}"
                        .formatted(token, at, at))
                .path("detail")
                .asString())
        .contains("$.startedAt", "allowed from 2000");
    assertThat(
            post(
                    422,
                    "/api/appointments",
                    "{\"personId\":1,\"clientId\":1,\"startsAt\":\"%s\",\"minutes\":30}"
                        .formatted(at))
                .path("detail")
                .asString())
        .contains("$.startsAt", "allowed from 2000");
    post(
        422,
        "/api/plans/1/sitting",
        "{\"token\":\"%s\",\"startedAt\":\"%s\"}".formatted(token, at));
  }

  /**
   * Behind a proxy that speaks HTTPS browsers stay with it, and no cookie goes over anything else.
   */
  /** A collector on the machine, or who is signed in; through a proxy a stranger is one. */
  @Test
  void howItStands_isNotForStrangers() throws Exception {
    String path = "/actuator/prometheus";
    assertThat(maud.send("GET", path, null).body()).contains("kitetail_engine_waiting");
    assertThat(shop.new Visitor().send("GET", path, null).statusCode()).isEqualTo(200);
    HttpResponse<String> far =
        java.net.http.HttpClient.newHttpClient()
            .send(
                java.net.http.HttpRequest.newBuilder(
                        java.net.URI.create("http://127.0.0.1:" + shop.port() + path))
                    .header("X-Forwarded-For", "203.0.113.7")
                    .build(),
                HttpResponse.BodyHandlers.ofString());
    assertThat(far.statusCode()).isEqualTo(401);
  }

  @Test
  void behindHttps_itStaysHttps() throws Exception {
    HttpResponse<String> r =
        java.net.http.HttpClient.newHttpClient()
            .send(
                java.net.http.HttpRequest.newBuilder(
                        java.net.URI.create(
                            "http://127.0.0.1:" + shop.port() + "/api/session/token"))
                    .header("X-Forwarded-Proto", "https")
                    .header("X-Forwarded-Host", "shop.example")
                    .build(),
                HttpResponse.BodyHandlers.ofString());
    assertThat(r.headers().firstValue("Strict-Transport-Security").orElse(""))
        .contains("max-age=31536000");
    assertThat(r.headers().allValues("Set-Cookie"))
        .isNotEmpty()
        .allMatch(c -> c.contains("Secure"));
  }
}
