package kitetail.server;

import static org.assertj.core.api.Assertions.assertThat;
import static org.assertj.core.api.Assertions.assertThatThrownBy;

import java.util.List;
import org.junit.jupiter.api.Test;
import tools.jackson.databind.JsonNode;

/** Who did what, when and from which device, and that nobody can make it look otherwise. */
class TrailTest extends InShop {
  private static List<String> lines(String of) {
    return maud.json("/api/" + of + "/trail")
        .valueStream()
        .map(
            l ->
                l.path("who").asString("server")
                    + " "
                    + l.path("done").asString()
                    + " / "
                    + l.path("device").asString())
        .toList();
  }

  private static void save(TestShop.Visitor by, long plan) {
    JsonNode stored = by.json("/api/plans/" + plan);
    told(
        200,
        by.send(
            "PUT",
            "/api/plans/" + plan,
            "{\"version\":"
                + stored.path("version")
                + ",\"document\":"
                + stored.path("document")
                + "}"));
  }

  @Test
  void planClientAndVisit_tellWhoDidWhat_theNewestFirst() {
    TestShop.Visitor joris = shop.new Visitor().signedIn("joris").on("tablet 3f2a");
    long client =
        post(201, "/api/clients", "{\"name\":\"Ina Verhoog\",\"phone\":\"+31 6 5550 0123\"}")
            .path("id")
            .asLong();
    told(
        204,
        joris.send(
            "PUT",
            "/api/clients/" + client,
            "{\"name\":\"Ina Verhoog\",\"phone\":\"+31 6 5550 0999\",\"note\":\"by ferry\"}"));
    told(201, maud.send("POST", "/api/clients/" + client + "/sitdowns", "{}"));
    long plan =
        post(201, "/api/clients/" + client + "/plans", "{\"family\":\"quiet-side-part\"}")
            .path("id")
            .asLong();
    save(joris, plan);
    save(joris, plan);
    save(joris, plan);

    assertThat(lines("plans/" + plan))
        .containsExactly(
            "Joris Pier changed the plan / tablet 3f2a", "Maud Terwiel made the plan / ");
    assertThat(lines("clients/" + client))
        .contains(
            "Joris Pier changed the client's card: note, phone / tablet 3f2a",
            "Maud Terwiel wrote down the client's card / ");
    assertThat(lines("clients/" + client).toString())
        .as("never what stood there")
        .doesNotContain("0999", "0123", "ferry");

    long visit = visit(client, "2026-10-01T08:00:00Z", "2026-10-01T08:40:00Z", "");
    assertThat(lines("visits/" + visit)).containsExactly("Maud Terwiel finished the visit / ");
  }

  /** What the server does by itself after somebody's request is not laid to them. */
  @Test
  void anErasing_isSomebodys_andTheServerMakesItFinal() {
    long client = post(201, "/api/clients", "{\"name\":\"Gone Soon\"}").path("id").asLong();
    told(204, maud.send("DELETE", "/api/clients/" + client + "?name=gone%20soon", null));
    finallyErased(client);
    assertThat(
            shop.sql(
                "select what || coalesce(' ' || person_id, ' by itself') from trail where kind = 'client' and what <> 'CHANGED' and client_id = "
                    + client
                    + " order by id"))
        .containsExactly("MADE 1", "ERASED 1", "ERASED by itself");
  }

  @Test
  void signingIn_andWhatIsTakenOut_areWrittenDown() {
    TestShop.Visitor on = shop.new Visitor().on("phone 1b2c").signedIn("maud").withPasswordAgain();
    assertThat(on.send("GET", "/api/contacts.vcf", null).statusCode()).isEqualTo(200);
    assertThat(
            shop.sql(
                "select kind || ' ' || what || ' ' || device from trail where device = 'phone 1b2c'"))
        .contains("person SIGNED_IN phone 1b2c", "cards TAKEN_OUT phone 1b2c");
  }

  @Test
  void theTrail_isOnlyAddedTo() {
    for (String change :
        List.of("update trail set person_id = 2", "delete from trail", "truncate trail")) {
      assertThatThrownBy(() -> shop.sql(change)).hasMessageContaining("only added to");
    }
  }

  @Test
  void anotherShop_seesNoneOfIt() {
    shop.otherShop();
    TestShop.Visitor stranger = shop.new Visitor().signedIn("stranger");
    for (String of : List.of("clients/1", "plans/1")) {
      assertThat(stranger.send("GET", "/api/" + of + "/trail", null).statusCode()).isEqualTo(404);
    }
  }
}
