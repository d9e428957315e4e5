package kitetail.server;

import static org.assertj.core.api.Assertions.assertThat;

import java.util.UUID;
import org.junit.jupiter.api.Test;
import tools.jackson.databind.JsonNode;

class KitTest extends InShop {
  private static long tool(String kind) {
    return post(201, "/api/kit", "{\"kind\":\"%s\",\"name\":\"of the test\"}".formatted(kind))
        .path("id")
        .asLong();
  }

  private static void did(long tool, String act, Long client, UUID token) {
    told(
        204,
        maud.send(
            "POST",
            "/api/kit/" + tool + "/events",
            "{\"token\":\"%s\",\"act\":\"%s\",\"clientId\":%s}".formatted(token, act, client)));
  }

  private static JsonNode needs(long tool, long client) {
    return maud.json("/api/kit?clientId=" + client)
        .path("tools")
        .valueStream()
        .filter(t -> t.path("id").asLong() == tool)
        .findFirst()
        .orElseThrow()
        .path("needs");
  }

  @Test
  void aRazorUsed_needsABlade_beforeTheNextClient() {
    long razor = tool("razor");
    assertThat(needs(razor, 1)).isEmpty();
    did(razor, "used", 1L, UUID.randomUUID());
    assertThat(needs(razor, 1)).isEmpty();
    assertThat(needs(razor, 2).valueStream().map(n -> n.path("act").asString()))
        .containsExactly("blade", "disinfected");
    UUID once = UUID.randomUUID();
    did(razor, "blade", null, once);
    did(razor, "blade", null, once);
    did(razor, "disinfected", null, UUID.randomUUID());
    JsonNode lies = needs(razor, 2);
    assertThat(lies).hasSize(1);
    assertThat(lies.get(0).path("readyAt").isMissingNode()).isFalse();
  }

  /**
   * A razor that only cleans the neck is a razor: which tools a plan asks for is read of its moves.
   */
  @Test
  void aPlan_asksForTheToolsItCutsWith_andForNoOthers() {
    long razor = tool("razor");
    long shears = tool("shears");
    long guard = tool("guard");
    long plan =
        post(201, "/api/clients/2/plans", "{\"family\":\"piecey-pixie\"}").path("id").asLong();
    var asked =
        maud.json("/api/kit?clientId=2&planId=" + plan).path("tools").valueStream().toList();
    assertThat(asked)
        .filteredOn(t -> t.path("asked").asBoolean())
        .extracting(t -> t.path("id").asLong())
        .contains(razor, shears)
        .doesNotContain(guard);
    assertThat(maud.json("/api/kit").path("tools").valueStream())
        .allMatch(t -> t.path("asked").asBoolean());
    assertThat(maud.send("GET", "/api/kit?planId=99999", null).statusCode()).isEqualTo(404);
  }

  @Test
  void theDemoShop_hasItsTools_withMeasuredGuards() {
    assertThat(maud.json("/api/kit").path("tools").valueStream())
        .anyMatch(
            t ->
                t.path("kind").asString().equals("guard")
                    && t.path("measuredMm").asDouble() == 3.4);
  }

  @Test
  void badTools_areRefusedWithTheirRange() {
    assertThat(
            maud.send("POST", "/api/kit", "{\"kind\":\"guard\",\"name\":\"x\",\"measuredMm\":400}")
                .body())
        .contains("0.1 to 250");
    assertThat(maud.send("POST", "/api/kit", "{\"kind\":\"guard\",\"name\":\" \"}").statusCode())
        .isEqualTo(422);
    assertThat(
            maud.send(
                    "POST",
                    "/api/kit/99999/events",
                    "{\"token\":\"%s\",\"act\":\"oiled\"}".formatted(UUID.randomUUID()))
                .statusCode())
        .isEqualTo(404);
  }

  @Test
  void aToolPutAway_isNotAskedAfter() {
    long comb = tool("comb");
    told(
        204,
        maud.send(
            "PUT", "/api/kit/" + comb, "{\"kind\":\"comb\",\"name\":\"old\",\"retired\":true}"));
    assertThat(
            maud.json("/api/kit")
                .path("tools")
                .valueStream()
                .filter(t -> t.path("id").asLong() == comb)
                .findFirst()
                .orElseThrow()
                .path("retired")
                .asBoolean())
        .isTrue();
  }
}
