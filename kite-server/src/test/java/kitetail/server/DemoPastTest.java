package kitetail.server;

import static org.assertj.core.api.Assertions.assertThat;

import java.util.List;
import org.junit.jupiter.api.Test;
import tools.jackson.databind.JsonNode;

/** The demo as it is started: months lie behind it whenever that is. */
class DemoPastTest {
  @Test
  void theDemo_hasRegularsWithVisits_services_andALearner() {
    try (TestShop shop = TestShop.with("--kitetail.demo-past=true")) {
      TestShop.Visitor maud = shop.new Visitor().signedIn("maud");
      assertThat(maud.json("/api/clients").size()).isEqualTo(11);
      assertThat(maud.json("/api/shop/services").path("services").size()).isEqualTo(4);
      JsonNode gerda = maud.json("/api/clients?q=Gerda").path(0);
      JsonNode card = maud.json("/api/clients/" + gerda.path("id").asLong());
      List<Integer> minutes =
          card.path("visits").valueStream().map(v -> v.path("minutes").asInt()).toList();
      assertThat(minutes).hasSize(4).allMatch(m -> m >= 10 && m <= 90);
      // "Same again" has a last time to start from.
      assertThat(
              maud.send(
                      "POST",
                      "/api/clients/" + gerda.path("id").asLong() + "/plans",
                      "{\"family\":\"todays-cut\"}")
                  .statusCode())
          .isEqualTo(201);
      TestShop.Visitor noor = shop.new Visitor().signedIn("noor");
      assertThat(noor.json("/api/session").path("role").asString()).isEqualTo("learner");
      assertThat(noor.send("POST", "/api/clients", "{\"name\":\"x\"}").statusCode()).isEqualTo(403);
      // What the learner's hand is known for can be seen, and by who teaches too.
      List<String> known =
          noor.json("/api/practice")
              .path("progress")
              .path("skills")
              .valueStream()
              .filter(k -> !k.path("estimate").isMissingNode())
              .map(k -> k.path("skill").asString())
              .toList();
      assertThat(known).contains("lengthByEye", "elevation");
      JsonNode learner = maud.json("/api/practice/learners").path(0);
      assertThat(learner.path("name").asString()).isEqualTo("Noor Dijk");
      assertThat(learner.path("courses").path(0).path("done").path(0).asInt()).isPositive();
    }
  }
}
