package kitetail.server;

import static org.assertj.core.api.Assertions.assertThat;

import org.junit.jupiter.api.Test;

/** A shop begins with its own data on an empty database. */
class BeginTest {
  private static final String SHOP =
      "{\"name\":\"By the Quay\",\"zone\":\"%s\",\"owner\":{\"name\":\"Ida Holm\",\"signIn\":\"ida\",\"password\":\"%s\"}}";

  @Test
  void begunOnce_byItsOwner_whoAddsTheOthers() {
    try (TestShop empty = TestShop.empty()) {
      var ida = empty.new Visitor();
      assertThat(ida.json("/api/session/shop").path("begun").asBoolean()).isFalse();
      assertThat(
              ida.send("POST", "/api/session/shop", SHOP.formatted("Mars/Base", "long enough now"))
                  .body())
          .contains("Europe/Amsterdam");
      assertThat(
              ida.send("POST", "/api/session/shop", SHOP.formatted("Europe/Amsterdam", "short"))
                  .body())
          .contains("10 to 200");
      assertThat(
              ida.send(
                      "POST",
                      "/api/session/shop",
                      SHOP.formatted("Europe/Amsterdam", "long enough now"))
                  .statusCode())
          .isEqualTo(204);
      assertThat(
              ida.send(
                      "POST",
                      "/api/session/shop",
                      SHOP.formatted("Europe/Amsterdam", "long enough now"))
                  .body())
          .contains("has begun");
      InShop.told(
          200,
          ida.send(
              "POST", "/api/session", "{\"signIn\":\"ida\",\"password\":\"long enough now\"}"));
      InShop.told(
          204,
          ida.send(
              "POST",
              "/api/people",
              "{\"name\":\"Ole Berg\",\"signIn\":\"ole\",\"password\":\"another long one\"}"));
      assertThat(
              ida.send(
                      "POST",
                      "/api/people",
                      "{\"name\":\"Ole Berg\",\"signIn\":\"ole\",\"password\":\"another long one\"}")
                  .body())
          .contains("nobody signs in");
      assertThat(ida.json("/api/diary").path("chairs")).hasSize(2);
      var ole = empty.new Visitor();
      InShop.told(
          200,
          ole.send(
              "POST", "/api/session", "{\"signIn\":\"ole\",\"password\":\"another long one\"}"));
      assertThat(
              ole.send(
                      "POST",
                      "/api/people",
                      "{\"name\":\"X\",\"signIn\":\"xx\",\"password\":\"another long one\"}")
                  .body())
          .contains("owner");
    }
  }
}
