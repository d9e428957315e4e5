package kitetail.server;

import static org.assertj.core.api.Assertions.assertThat;

import java.sql.Connection;
import java.sql.DriverManager;
import java.sql.ResultSet;
import java.sql.SQLException;
import java.sql.Statement;
import java.util.List;
import kitetail.formats.json.Families;
import kitetail.formats.json.PlanJson;
import org.flywaydb.core.Flyway;
import org.flywaydb.core.api.MigrationVersion;
import org.flywaydb.core.api.configuration.FluentConfiguration;
import org.junit.jupiter.api.Test;
import org.junit.jupiter.params.ParameterizedTest;
import org.junit.jupiter.params.provider.ValueSource;
import tools.jackson.databind.JsonNode;

/** Databases of earlier versions, with people and work in them, come up in the present one. */
class MigrationTest {
  private static void firstVersion(String url) {
    flyway(url).target("1").load().migrate();
    try (Connection c = open(url);
        Statement s = c.createStatement()) {
      s.execute(
          """
          insert into shop (name, zone) values ('Old', 'Europe/Amsterdam');
          insert into person (shop_id, name, sign_in, password_hash, role)
          values (1, 'Old Hand', 'old', '{noop}ferry-landing', 'OWNER');
          insert into client (shop_id, name, note, girth_mm, ear_to_ear_mm, exit_deg, growth_mm_per_day,
            front_mm, top_mm, crown_mm, side_mm, occipital_mm, nape_mm, created_at)
          values (1, 'Kept', 'n', 566, 344, 61, 0.34, 101, 102, 103, 64, 65, 46, now());
          """);
    } catch (SQLException e) {
      throw new IllegalStateException(e);
    }
  }

  @Test
  void headAndHairOfTheFirstVersion_becomeASitDown() {
    try (TestShop shop = new TestShop(MigrationTest::firstVersion)) {
      TestShop.Visitor old = shop.new Visitor().signedIn("old");
      var d = old.json("/api/clients/1/sitdown").path("document");
      assertThat(d.path("head").path("girthMm").asDouble()).isEqualTo(566);
      assertThat(d.path("head").path("earToEarMm").asDouble()).isEqualTo(344);
      assertThat(d.path("head").has("frontToNapeMm")).isFalse();
      assertThat(d.path("hair").path("exitDeg").asDouble()).isEqualTo(61);
      assertThat(d.path("start").path("tapedMm").path("earTopLeft").asDouble()).isEqualTo(64);
      assertThat(d.path("start").path("tapedMm").path("nape").asDouble()).isEqualTo(46);
    }
  }

  /**
   * Rows that the schemas from one to another take.
   *
   * @param sql with PLAN for a plan's document
   */
  private record Filling(int since, int until, String sql) {}

  private static final int ALL = Integer.MAX_VALUE;

  private static final List<Filling> FILLINGS =
      List.of(
          new Filling(1, ALL, "insert into shop (name, zone) values ('Old', 'Europe/Amsterdam')"),
          new Filling(
              1,
              ALL,
              "insert into person (shop_id, name, sign_in, password_hash, role) values (1, 'Old Hand', 'old', '{noop}ferry-landing', 'OWNER')"),
          new Filling(
              1,
              1,
              "insert into client (shop_id, name, note, girth_mm, exit_deg, growth_mm_per_day, front_mm, top_mm, crown_mm, side_mm, occipital_mm, nape_mm, created_at) values (1, 'Kept', 'n', 566, 61, 0.34, 101, 102, 103, 64, 65, 46, now())"),
          new Filling(
              2,
              ALL,
              "insert into client (shop_id, name, note, phone, created_at) values (1, 'Kept', 'n', '+31 6 5550 0100', now())"),
          new Filling(
              2,
              ALL,
              "insert into sitdown (client_id, document, created_at, updated_at) values (1, '{\"version\":1,\"head\":{\"kind\":\"measured\",\"girthMm\":566},\"hair\":{\"exitDeg\":61,\"growthMmPerDay\":0.34},\"start\":{\"kind\":\"taped\",\"tapedMm\":{\"front\":101,\"apex\":102,\"crown\":103,\"earTopLeft\":64,\"earTopRight\":64,\"occipital\":65,\"nape\":46}}}', now(), now())"),
          new Filling(
              1,
              ALL,
              "insert into plan (client_id, document, created_at, updated_at) values (1, 'PLAN', now(), now())"),
          new Filling(
              1,
              ALL,
              "insert into visit (token, client_id, plan_id, person_id, document, started_at, finished_at, moves_done) values (gen_random_uuid(), 1, 1, 1, 'PLAN', '2026-03-01T10:00Z', '2026-03-01T11:00Z', 3)"),
          new Filling(
              1,
              ALL,
              "insert into appointment (shop_id, person_id, client_id, starts_at, ends_at) values (1, 1, 1, '2026-12-01T10:00Z', '2026-12-01T11:00Z')"),
          new Filling(
              3,
              ALL,
              "insert into family (shop_id, id, document, updated_at) select 1, 'own', jsonb_set('PLAN'::jsonb, '{family}', '\"own\"'), now()"),
          new Filling(
              4,
              ALL,
              "insert into plan_version (plan_id, name, document, person_id, created_at) values (1, 'kept', 'PLAN', 1, now())"),
          new Filling(
              5,
              ALL,
              "insert into sitting (token, plan_id, person_id, document, started_at) values ('11111111-2222-3333-4444-555555555555', 1, 1, 'PLAN', now())"),
          new Filling(
              5,
              ALL,
              "insert into sitting_entry (sitting, device, number, at, entry) values ('11111111-2222-3333-4444-555555555555', gen_random_uuid(), 0, now(), '{\"kind\":\"done\",\"move\":\"top\"}')"),
          new Filling(
              7,
              ALL,
              "insert into message (key, shop_id, client_id, kind, address, words, made_at) values ('reminder/1/1764583200', 1, 1, 'REMINDER', '+31 6 5550 0100', 'w', now())"),
          new Filling(
              9,
              ALL,
              "insert into kit (shop_id, kind, name, created_at) values (1, 'SHEARS', 'Long shears', now())"));

  private static FluentConfiguration flyway(String url) {
    return Flyway.configure()
        .dataSource(url, System.getenv("KITETAIL_DB_USER"), System.getenv("KITETAIL_DB_PASSWORD"));
  }

  private static Connection open(String url) throws SQLException {
    return DriverManager.getConnection(
        url, System.getenv("KITETAIL_DB_USER"), System.getenv("KITETAIL_DB_PASSWORD"));
  }

  /** Work written down in a database as an earlier schema can hold it. */
  private static void fill(Statement s, int schema) throws SQLException {
    String plan = PlanJson.tree(Families.all().get("quiet-side-part")).toString();
    for (Filling f : FILLINGS) {
      if (schema >= f.since && schema <= f.until) {
        s.execute(f.sql.replace("PLAN", plan.replace("'", "''")));
      }
    }
  }

  private static void filled(String url, int schema) {
    flyway(url).target(Integer.toString(schema)).load().migrate();
    try (Connection c = open(url);
        Statement s = c.createStatement()) {
      fill(s, schema);
    } catch (SQLException e) {
      throw new IllegalStateException(e);
    }
  }

  /** Every step from every schema, each in a namespace of its own of one database. */
  @ParameterizedTest
  @ValueSource(ints = {1, 2, 3, 4, 5, 6, 7, 8, 9, 10, 11, 12, 13, 14, 15, 16, 17, 18, 19, 20, 21})
  void everySchema_comesUpToThisOne_withAllItsRows(int schema) throws SQLException {
    String url = System.getenv("KITETAIL_DB_URL");
    String name = "from_" + schema;
    FluentConfiguration to = flyway(url).schemas(name);
    to.target(Integer.toString(schema)).load().migrate();
    try (Connection c = open(url);
        Statement s = c.createStatement()) {
      s.execute("set search_path = " + name + ", public");
      fill(s, schema);
      to.target(MigrationVersion.LATEST).load().migrate();
      for (String table : List.of("shop", "person", "client", "sitdown", "plan", "visit")) {
        ResultSet r = s.executeQuery("select count(*) from " + table);
        r.next();
        assertThat(r.getInt(1)).as(table).isEqualTo(1);
      }
      s.execute("update plan set document = document, updated_at = now(), version = version + 1");
      ResultSet r = s.executeQuery("select count(*) from trail where kind = 'plan'");
      r.next();
      assertThat(r.getInt(1)).as("written down").isEqualTo(1);
      s.execute("drop schema " + name + " cascade");
    }
  }

  @ParameterizedTest
  @ValueSource(ints = {1, 5, 12})
  void aFilledShopOfAnEarlierSchema_isReadAndWrittenOn(int schema) {
    try (TestShop shop = new TestShop(url -> filled(url, schema))) {
      TestShop.Visitor old = shop.new Visitor().signedIn("old");
      JsonNode client = InShop.told(200, old.send("GET", "/api/clients/1", null));
      assertThat(client.path("visits")).hasSize(1);
      assertThat(client.path("plans")).hasSize(1);
      JsonNode plan = InShop.told(200, old.send("GET", "/api/plans/1", null));
      InShop.told(
          200,
          old.send(
              "PUT", "/api/plans/1", "{\"version\":1,\"document\":" + plan.path("document") + "}"));
      InShop.told(200, old.send("GET", "/api/clients/1/sitdown", null));
      InShop.told(200, old.send("GET", "/api/today", null));
      InShop.told(201, old.send("POST", "/api/clients", "{\"name\":\"New Here\"}"));
    }
  }
}
