package kitetail.server;

import static org.assertj.core.api.Assertions.assertThat;

import java.net.http.HttpResponse;
import kitetail.formats.json.Families;
import kitetail.formats.json.PlanJson;
import org.junit.jupiter.api.Test;

/** A server on which no work may take long. */
class DeadlineTest {
  @Test
  void workThatTakesTooLong_isStoppedAndSaid_andAllElseGoesOn() {
    try (TestShop shop = TestShop.with("--kitetail.longest-answer=40ms")) {
      TestShop.Visitor maud = shop.new Visitor().signedIn("maud");
      String plan = PlanJson.tree(Families.all().get("tapered-pixie")).toString();

      for (String work : new String[] {"/api/fall", "/api/risk"}) {
        HttpResponse<String> late = maud.send("POST", work, plan);
        assertThat(late.statusCode()).as(work).isEqualTo(503);
        assertThat(late.headers().firstValue("Retry-After")).isPresent();
        assertThat(InShop.told(503, late).path("detail").asText()).contains("ask for less");
        assertThat(InShop.told(503, late).path("askAgain").asBoolean()).isFalse();
      }
      HttpResponse<String> begun =
          maud.send("POST", "/api/same-longest", "{\"document\":" + plan + ",\"weeks\":8}");
      assertThat(begun.body().lines().reduce((a, b) -> b).orElse(""))
          .as("the last line")
          .contains("\"stopped\"");
      assertThat(maud.send("GET", "/api/clients", null).statusCode()).isEqualTo(200);
    }
  }
}
