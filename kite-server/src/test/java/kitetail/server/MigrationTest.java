package kitetail.server;

import static org.assertj.core.api.Assertions.assertThat;

import java.sql.Connection;
import java.sql.DriverManager;
import java.sql.SQLException;
import java.sql.Statement;
import org.flywaydb.core.Flyway;
import org.junit.jupiter.api.Test;

/** A database of the first version, with people in it, comes up in the present one. */
class MigrationTest {
  private static void firstVersion(String url) {
    String user = System.getenv("KITETAIL_DB_USER");
    String password = System.getenv("KITETAIL_DB_PASSWORD");
    Flyway.configure().dataSource(url, user, password).target("1").load().migrate();
    try (Connection c = DriverManager.getConnection(url, user, password);
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
}
