package kitetail.server;

import static org.assertj.core.api.Assertions.assertThat;

import java.net.http.HttpResponse;
import org.junit.jupiter.api.AfterAll;
import org.junit.jupiter.api.BeforeAll;
import tools.jackson.databind.JsonNode;

/** A class of tests with one demo shop of its own, and its owner signed in. */
abstract class InShop {
  static TestShop shop;
  static TestShop.Visitor maud;

  @BeforeAll
  static void open() {
    shop = TestShop.asUsual();
    maud = shop.new Visitor().signedIn("maud");
  }

  @AfterAll
  static void close() {
    shop.close();
  }

  /** The body of an answer that has to have this status. */
  static JsonNode told(int status, HttpResponse<String> r) {
    assertThat(r.statusCode()).as(r.body()).isEqualTo(status);
    return r.body().isEmpty() ? TestShop.JSON.createObjectNode() : TestShop.JSON.readTree(r.body());
  }

  static JsonNode post(int status, String path, String body) {
    return told(status, maud.send("POST", path, body));
  }

  /** A cut of a plan from a family, tied off as a visit; its id. */
  static long visit(long client, String from, String to, String more) {
    long plan =
        post(201, "/api/clients/" + client + "/plans", "{\"family\":\"quiet-side-part\"}")
            .path("id")
            .asLong();
    return post(
            201,
            "/api/visits",
            "{\"token\":\"%s\",\"planId\":%d,\"startedAt\":\"%s\",\"finishedAt\":\"%s\"%s}"
                .formatted(java.util.UUID.randomUUID(), plan, from, to, more))
        .path("id")
        .asLong();
  }

  /** A day after they were erased. */
  static void finallyErased(long client) {
    shop.sql("update client set erased_at = erased_at - interval '25 hours' where id = " + client);
    String is = "select 1::text from client where erased_final_at is not null and id = " + client;
    for (int i = 0; i < 200 && shop.sql(is).isEmpty(); i++) {
      try {
        Thread.sleep(100);
      } catch (InterruptedException e) {
        throw new IllegalStateException(e);
      }
    }
    assertThat(shop.sql(is)).isNotEmpty();
  }
}
