package kitetail.server;

import static org.assertj.core.api.Assertions.assertThat;

import java.net.http.HttpResponse;
import java.util.List;
import java.util.Locale;
import java.util.UUID;
import org.junit.jupiter.api.Test;

/** Who was erased does not come back, whichever way something of them is still sent. */
class ErasingTest extends InShop {
  private static final String NAME = "Wilhelmina Nooitmeer";

  private static long client(String name, String phone) {
    return post(
            201,
            "/api/clients",
            "{\"name\":\"%s\",\"phone\":\"%s\",\"email\":\"%s@example.org\"}"
                .formatted(name, phone, name.toLowerCase(Locale.ROOT).substring(11)))
        .path("id")
        .asLong();
  }

  private static String begin() {
    return "{\"token\":\"%s\",\"startedAt\":\"2026-10-01T08:00:00Z\"}".formatted(UUID.randomUUID());
  }

  private static void gone(HttpResponse<String> r) {
    assertThat(told(410, r).path("detail").asString()).contains("erased at their wish");
  }

  /** All tables of the database, as a dump would have them. */
  private static List<String> dump(String word) {
    return shop
        .sql(
            "select table_name from information_schema.tables where table_schema = 'public' and table_type = 'BASE TABLE'")
        .stream()
        .filter(
            t ->
                !shop.sql("select 1::text from " + t + " t where t::text ilike '%" + word + "%'")
                    .isEmpty())
        .toList();
  }

  @Test
  void everyLaterWrite_isTold_alsoOnceItIsFinal_andNothingIsLeftInADump() {
    long id = client(NAME, "+31 6 5550 0777");
    long plan =
        post(201, "/api/clients/" + id + "/plans", "{\"family\":\"quiet-side-part\"}")
            .path("id")
            .asLong();
    var stored = maud.json("/api/plans/" + plan);
    String sitting = post(200, "/api/plans/" + plan + "/sitting", begin()).path("token").asString();
    var sat = maud.json("/api/clients/" + id + "/sitdown");
    long sitDown = sat.path("id").asLong();
    // A shape and a title named after them, and a message on its way.
    shop.sql(
        "update plan set document = jsonb_set(document, '{title}', '\"For "
            + NAME
            + "\"') where id = "
            + plan);
    shop.sql(
        "insert into family (shop_id, id, document, updated_at) select 1, 'of-hers', jsonb_set(jsonb_set(document, '{family}', '{}'), '{title}', '\"The "
            + NAME
            + "\"'), now() from plan where id = "
            + plan);
    shop.sql(
        "insert into message (key, shop_id, client_id, kind, address, words, made_at, sent_at) values ('return/w', 1, %d, 'RETURN', '+31 6 5550 0777', 'w', now(), now())"
            .formatted(id));
    shop.sql(
        "insert into standin_outbox (key, address, words) values ('return/w', '+31 6 5550 0777', 'w')");
    told(204, maud.send("DELETE", "/api/clients/" + id + "?name=wilhelmina%20nooitmeer", null));
    for (boolean last : new boolean[] {false, true}) {
      gone(maud.send("GET", "/api/clients/" + id, null));
      gone(maud.send("GET", "/api/plans/" + plan, null));
      gone(
          maud.send(
              "PUT",
              "/api/plans/" + plan,
              "{\"version\":1,\"document\":" + stored.path("document") + "}"));
      gone(maud.send("POST", "/api/clients/" + id + "/plans", "{\"family\":\"soft-tail\"}"));
      gone(maud.send("POST", "/api/clients/" + id + "/sitdowns", "{}"));
      gone(maud.send("PUT", "/api/clients/" + id, "{\"name\":\"Back Again\"}"));
      gone(
          maud.send(
              "PUT",
              "/api/sitdowns/" + sitDown,
              "{\"version\":1,\"document\":" + sat.path("document") + "}"));
      gone(
          maud.send(
              "POST",
              "/api/plans/" + plan + "/versions",
              "{\"name\":\"kept\",\"document\":" + stored.path("document") + "}"));
      gone(maud.send("POST", "/api/plans/" + plan + "/sitting", begin()));
      gone(
          maud.send(
              "POST",
              "/api/sittings/" + sitting + "/entries",
              "{\"device\":\"%s\",\"entries\":[{\"number\":0,\"at\":\"2026-10-01T08:00:00Z\",\"entry\":{\"kind\":\"done\",\"move\":\"top\"}}]}"
                  .formatted(UUID.randomUUID())));
      gone(
          maud.send(
              "POST",
              "/api/visits",
              "{\"token\":\"%s\",\"planId\":%d,\"startedAt\":\"2026-10-01T08:00:00Z\",\"finishedAt\":\"2026-10-01T08:30:00Z\"}"
                  .formatted(sitting, plan)));
      gone(
          maud.send(
              "POST",
              "/api/appointments",
              "{\"personId\":1,\"clientId\":%d,\"startsAt\":\"2031-01-02T10:00:00Z\",\"minutes\":30}"
                  .formatted(id)));
      if (!last) {
        finallyErased(id);
      }
    }
    for (String word : List.of("Nooitmeer", "0777", "nooitmeer@")) {
      assertThat(dump(word)).as(word).isEmpty();
    }
    assertThat(shop.sql("select document ->> 'title' from family where id = 'of-hers'"))
        .containsExactly("The Erased");
    told(422, maud.send("POST", "/api/clients/" + id + "/unerase", null));
  }

  /** Also what a server writes beside the erasing is not taken, by the database itself. */
  @Test
  void theDatabase_takesNothingOfWhoWasErased() {
    long id = client("Wilhelmina Straks", "+31 6 5550 0778");
    told(204, maud.send("DELETE", "/api/clients/" + id + "?name=wilhelmina%20straks", null));
    assertThat(
            org.assertj.core.api.Assertions.catchThrowable(
                () ->
                    shop.sql(
                        "insert into sitdown (client_id, document, created_at, updated_at) select %d, document, now(), now() from sitdown limit 1"
                            .formatted(id))))
        .hasMessageContaining("was erased");
  }

  @Test
  void aSlip_isUndoneWithinADay_byWhoMay() {
    long id = client("Wilhelmina Straks", "+31 6 5550 0778");
    visit(
        id,
        "2026-10-01T08:00:00Z",
        "2026-10-01T08:30:00Z",
        ",\"remarks\":\"told of her garden\",\"priceCents\":3100");
    var joris = shop.new Visitor().signedIn("joris");
    told(403, joris.send("DELETE", "/api/clients/" + id + "?name=wilhelmina%20straks", null));
    told(204, maud.send("DELETE", "/api/clients/" + id + "?name=wilhelmina%20straks", null));
    told(403, joris.send("GET", "/api/clients/erased", null));
    // Out of sight in the books too, from the first moment.
    assertThat(maud.send("GET", "/api/records/visits.csv?year=2026", null).body())
        .contains("31.00")
        .doesNotContain("Straks", "of her garden");
    assertThat(maud.json("/api/clients/erased").path("clients").toString())
        .contains("Wilhelmina Straks");
    told(204, maud.send("POST", "/api/clients/" + id + "/unerase", null));
    assertThat(maud.json("/api/clients/" + id).path("phone").asString())
        .isEqualTo("+31 6 5550 0778");
    assertThat(
            maud.send("POST", "/api/clients/" + id + "/plans", "{\"family\":\"soft-tail\"}")
                .statusCode())
        .isEqualTo(201);
  }
}
