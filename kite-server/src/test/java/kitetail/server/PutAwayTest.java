package kitetail.server;

import static org.assertj.core.api.Assertions.assertThat;

import java.util.List;
import org.junit.jupiter.api.Test;
import tools.jackson.databind.JsonNode;

/** Plans nobody works by any more: out of sight, back again, or gone for good. */
class PutAwayTest extends InShop {
  private static long client(String name) {
    long id = post(201, "/api/clients", "{\"name\":\"" + name + "\"}").path("id").asLong();
    return id;
  }

  private static long plan(long client, String family) {
    return post(201, "/api/clients/" + client + "/plans", "{\"family\":\"" + family + "\"}")
        .path("id")
        .asLong();
  }

  private static void away(int status, long plan, boolean away) {
    told(status, maud.send("PUT", "/api/plans/" + plan + "/away", "{\"away\":" + away + "}"));
  }

  private static List<Long> plans(long client, boolean away) {
    return maud.json("/api/clients/" + client)
        .path("plans")
        .valueStream()
        .filter(p -> p.path("away").asBoolean() == away)
        .map(p -> p.path("id").asLong())
        .toList();
  }

  private static long newestOf(String name) {
    JsonNode row = maud.json("/api/clients?q=" + name).path(0);
    return row.path("planId").asLong(0);
  }

  @Test
  void whatIsPutAway_isNoLongerWhatAClientsListLeadsTo_andComesBackAsItWas() {
    long client = client("Putter");
    long first = plan(client, "quiet-side-part");
    long second = plan(client, "hard-line-sweep");
    assertThat(newestOf("Putter")).isEqualTo(second);
    JsonNode before = maud.json("/api/plans/" + second);
    away(204, second, true);
    away(204, second, true);
    assertThat(newestOf("Putter")).isEqualTo(first);
    assertThat(plans(client, true)).containsExactly(second);
    assertThat(plans(client, false)).containsExactly(first);
    away(204, second, false);
    assertThat(plans(client, true)).isEmpty();
    assertThat(maud.json("/api/plans/" + second)).isEqualTo(before);
    assertThat(
            maud.json("/api/plans/" + second + "/trail")
                .valueStream()
                .map(l -> l.path("done").asString()))
        .containsExactly("brought the plan back", "put away the plan", "made the plan");
  }

  /**
   * A shape touched twice is one plan, until somebody has worked on it, cut by it or put it away.
   */
  @Test
  void whatIsProposedAgain_andStandsUntouched_isNotMadeASecondTime() {
    long client = client("Twice");
    long plan = plan(client, "hard-line-sweep");
    assertThat(plan(client, "hard-line-sweep")).isEqualTo(plan);
    assertThat(plan(client, "quiet-side-part")).isNotEqualTo(plan);
    away(204, plan, true);
    long other = plan(client, "hard-line-sweep");
    assertThat(other).isNotEqualTo(plan);
    JsonNode stored = maud.json("/api/plans/" + other);
    ((tools.jackson.databind.node.ObjectNode) stored.path("document")).put("title", "Hers");
    told(
        200,
        maud.send(
            "PUT",
            "/api/plans/" + other,
            "{\"version\":"
                + stored.path("version")
                + ",\"document\":"
                + stored.path("document")
                + "}"));
    assertThat(plan(client, "hard-line-sweep")).isNotEqualTo(other);
  }

  @Test
  void onlyWhatNothingLeansOn_isDeleted() {
    long client = client("Deleter");
    long spare = plan(client, "hard-line-sweep");
    post(
        201,
        "/api/plans/" + spare + "/versions",
        "{\"name\":\"first\",\"document\":"
            + maud.json("/api/plans/" + spare).path("document")
            + "}");
    told(204, maud.send("DELETE", "/api/plans/" + spare, null));
    told(404, maud.send("GET", "/api/plans/" + spare, null));
    told(404, maud.send("DELETE", "/api/plans/" + spare, null));
    assertThat(shop.sql("select what from trail where kind = 'plan' and plan_id = " + spare))
        .containsExactly("MADE", "REMOVED");

    visit(client, "2026-10-01T08:00:00Z", "2026-10-01T08:40:00Z", "");
    long cut = plans(client, false).get(0);
    post(
        201,
        "/api/plans/" + cut + "/versions",
        "{\"name\":\"as cut\",\"document\":"
            + maud.json("/api/plans/" + cut).path("document")
            + "}");
    assertThat(told(422, maud.send("DELETE", "/api/plans/" + cut, null)).toString())
        .contains("put it away instead");
    assertThat(maud.json("/api/plans/" + cut + "/versions")).hasSize(1);
  }

  @Test
  void anotherShopsPlan_andALearnersHand_changeNothing() {
    away(404, 999, true);
    told(404, maud.send("DELETE", "/api/plans/999", null));
    assertThat(told(422, maud.send("PUT", "/api/plans/1/away", "{}")).toString())
        .contains("must be given");
    shop.sql("update person set role = 'LEARNER', stamp = stamp + 1 where sign_in = 'joris'");
    TestShop.Visitor joris = shop.new Visitor().signedIn("joris");
    told(403, joris.send("PUT", "/api/plans/1/away", "{\"away\":true}"));
    told(403, joris.send("DELETE", "/api/plans/1", null));
    shop.sql("update person set role = 'STYLIST', stamp = stamp + 1 where sign_in = 'joris'");
  }
}
