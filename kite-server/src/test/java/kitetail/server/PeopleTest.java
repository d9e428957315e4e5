package kitetail.server;

import static org.assertj.core.api.Assertions.assertThat;

import java.io.IOException;
import java.nio.file.Files;
import java.nio.file.Path;
import java.util.Arrays;
import java.util.Comparator;
import java.util.Locale;
import java.util.stream.Collectors;
import kitetail.server.security.Right;
import kitetail.server.security.Role;
import org.junit.jupiter.api.Test;
import org.junit.jupiter.params.ParameterizedTest;
import org.junit.jupiter.params.provider.CsvSource;
import tools.jackson.databind.JsonNode;

/** Who may do what, and that nobody goes on with what they may no longer do. */
class PeopleTest extends InShop {
  private static int number;

  /** Somebody new of a role, signed in; their number is what the list says. */
  private static TestShop.Visitor as(String role, String signIn) {
    post(
        204,
        "/api/people",
        "{\"name\":\"%s\",\"signIn\":\"%s\",\"password\":\"ferry-landing\",\"role\":\"%s\"}"
            .formatted(signIn, signIn, role));
    return shop.new Visitor().signedIn(signIn);
  }

  private static long idOf(String signIn) {
    return row(signIn).path("id").asLong();
  }

  private static JsonNode row(String signIn) {
    return maud.json("/api/people")
        .path("people")
        .valueStream()
        .filter(p -> p.path("signIn").asString().equals(signIn))
        .findFirst()
        .orElseThrow();
  }

  private static String set(String name, String role, boolean disabled) {
    return "{\"name\":\"%s\",\"role\":\"%s\",\"disabled\":%s}".formatted(name, role, disabled);
  }

  /** The status once what is known of a person is looked up anew; it takes some seconds. */
  private static int soon(TestShop.Visitor who, String method, String path, String body, int not)
      throws InterruptedException {
    int status = not;
    for (int i = 0; i < 60 && status == not; i++) {
      Thread.sleep(100);
      status = who.send(method, path, body).statusCode();
    }
    return status;
  }

  @Test
  void whoIsShutOut_isOutWithinSeconds_withTheirFeed_andComesBackByANewSignIn()
      throws InterruptedException {
    var pim = as("stylist", "pim.out");
    String feed =
        TestShop.JSON
            .readTree(pim.send("POST", "/api/diary/feed", "{}").body())
            .path("path")
            .asString();
    assertThat(maud.send("GET", feed, null).statusCode()).isEqualTo(200);
    long id = idOf("pim.out");
    told(204, maud.send("PUT", "/api/people/" + id, set("Pim Out", "stylist", true)));
    assertThat(soon(pim, "GET", "/api/clients", null, 200)).isEqualTo(401);
    assertThat(maud.send("GET", feed, null).statusCode()).isEqualTo(404);
    String in = "{\"signIn\":\"pim.out\",\"password\":\"ferry-landing\"}";
    assertThat(shop.new Visitor().send("POST", "/api/session", in).statusCode()).isEqualTo(401);
    told(204, maud.send("PUT", "/api/people/" + id, set("Pim Out", "stylist", false)));
    assertThat(pim.send("GET", "/api/clients", null).statusCode()).isEqualTo(401);
    assertThat(shop.new Visitor().signedIn("pim.out")).isNotNull();
    assertThat(row("pim.out").path("name").asString()).isEqualTo("Pim Out");
  }

  @Test
  void aDemotedOwner_exportsNoMore() throws InterruptedException {
    var ona = as("owner", "ona").withPasswordAgain();
    String archive = "/api/records/archive.zip?year=2026";
    assertThat(ona.bytes("GET", archive, null).statusCode()).isEqualTo(200);
    told(204, maud.send("PUT", "/api/people/" + idOf("ona"), set("Ona", "stylist", false)));
    assertThat(soon(ona, "GET", archive, null, 200)).isEqualTo(401);
    var again = shop.new Visitor().signedIn("ona").withPasswordAgain();
    assertThat(again.send("GET", archive, null).statusCode()).isEqualTo(403);
  }

  @Test
  void aPasswordAnew_endsTheSessionsElsewhere_andNotThisOne() throws InterruptedException {
    var here = as("stylist", "wim");
    var elsewhere = shop.new Visitor().signedIn("wim");
    told(
        422,
        here.send(
            "POST",
            "/api/session/password",
            "{\"current\":\"not this one\",\"password\":\"a long way round\"}"));
    told(
        200,
        here.send(
            "POST",
            "/api/session/password",
            "{\"current\":\"ferry-landing\",\"password\":\"a long way round\"}"));
    assertThat(here.send("GET", "/api/clients", null).statusCode()).isEqualTo(200);
    assertThat(soon(elsewhere, "GET", "/api/clients", null, 200)).isEqualTo(401);
    // And one given by somebody who minds people ends them all.
    told(
        204,
        maud.send(
            "POST",
            "/api/people/" + idOf("wim") + "/password",
            "{\"password\":\"two more words\"}"));
    assertThat(soon(here, "GET", "/api/clients", null, 200)).isEqualTo(401);
    assertThat(shop.new Visitor().send("GET", "/api/session/password", null).statusCode())
        .isIn(401, 405);
  }

  @Test
  void aShopIsNeverWithoutAnOwner_andAManagerMakesNone() {
    told(422, maud.send("PUT", "/api/people/" + idOf("maud"), set("Maud", "stylist", false)));
    told(422, maud.send("PUT", "/api/people/" + idOf("maud"), set("Maud", "owner", true)));
    assertThat(row("maud").path("role").asString()).isEqualTo("owner");
    var mia = as("manager", "mia");
    String owner =
        "{\"name\":\"New\",\"signIn\":\"new.owner\",\"password\":\"ferry-landing\",\"role\":\"owner\"}";
    assertThat(mia.send("POST", "/api/people", owner).statusCode()).isEqualTo(403);
    long maudsId = idOf("maud");
    assertThat(mia.send("PUT", "/api/people/" + maudsId, set("Maud", "stylist", true)).statusCode())
        .isEqualTo(403);
    assertThat(
            mia.send(
                    "POST",
                    "/api/people/" + maudsId + "/password",
                    "{\"password\":\"two more words\"}")
                .statusCode())
        .isEqualTo(403);
    told(204, mia.send("PUT", "/api/people/" + idOf("joris"), set("Joris Haak", "stylist", false)));
  }

  @ParameterizedTest
  @CsvSource({
    "manager,PUT,/api/shop/hours,{},422",
    "stylist,PUT,/api/shop/hours,{},403",
    "stylist,DELETE,/api/clients/1?name=x,,403",
    "stylist,GET,/api/clients/1/export.zip,,403",
    "stylist,GET,/api/records/visits.csv?year=2026,,403",
    "stylist,GET,/api/contacts.vcf,,403",
    "stylist,GET,/api/people,,403",
    "stylist,POST,/api/clients,{},422",
    "assistant,POST,/api/clients,{},403",
    "assistant,POST,/api/appointments,{},422",
    "assistant,GET,/api/clients,,200",
    "learner,POST,/api/appointments,{},403",
    "learner,PUT,/api/plans/1,{},403",
    "learner,POST,/api/fit,{},422",
    "learner,GET,/api/clients,,200",
  })
  void aRole_mayWhatTheTableSays(String role, String method, String path, String body, int status) {
    var who = as(role, "somebody" + number++);
    var r = who.send(method, path, body);
    assertThat(r.statusCode()).as(r.body()).isEqualTo(status);
    if (status == 403) {
      assertThat(TestShop.JSON.readTree(r.body()).path("detail").asString())
          .contains(role.toLowerCase(Locale.ROOT), "ask an owner");
    }
  }

  /** The table people read is the one that is in force. */
  @Test
  void theTableInTheDocs_isTheOneInTheCode() throws IOException {
    String docs = Files.readString(Path.of("../docs/security.md"));
    for (Right right : Right.values()) {
      String may =
          Arrays.stream(Role.values())
              .sorted(Comparator.comparingInt(Role::ordinal))
              .map(r -> r.rights().contains(right) ? " yes |" : " |")
              .collect(Collectors.joining());
      assertThat(docs)
          .containsPattern(
              "(?m)^\\| [^|]+ \\("
                  + right.name().toLowerCase(Locale.ROOT)
                  + "\\) \\|"
                  + may.replace("|", "\\|"));
    }
  }
}
