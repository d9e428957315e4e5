package kitetail.server;

import static org.assertj.core.api.Assertions.assertThat;

import java.awt.image.BufferedImage;
import java.io.ByteArrayInputStream;
import java.io.IOException;
import java.util.ArrayList;
import java.util.List;
import java.util.Locale;
import java.util.UUID;
import javax.imageio.ImageIO;
import org.junit.jupiter.api.BeforeEach;
import org.junit.jupiter.api.Test;
import tools.jackson.databind.JsonNode;

/** The client's own screen: paired by a code, without a sign-in, and nothing but pictures. */
class ShowingTest extends InShop {
  private static final String PLAN = "/api/plans/1/showing";

  @BeforeEach
  void nobodyTriedYet() {
    shop.sql("delete from sign_in_failure");
  }

  private static String code() {
    return post(200, PLAN, null).path("code").asString();
  }

  private static JsonNode pair(int status, TestShop.Visitor who, String code) {
    return told(status, who.send("POST", "/api/look", "{\"code\":\"" + code + "\"}"));
  }

  private static String paired(TestShop.Visitor who) {
    return "/api/look/" + pair(200, who, code()).path("key").asString();
  }

  private static BufferedImage picture(TestShop.Visitor who, String look, String what)
      throws IOException {
    byte[] png = who.bytes("GET", look + "/picture.png?view=front&what=" + what, null).body();
    return ImageIO.read(new ByteArrayInputStream(png));
  }

  @Test
  void aScreenPairedByTheCode_showsTodayThePlanAndTheWeeks_andEachIsAnotherPicture()
      throws IOException {
    TestShop.Visitor client = shop.new Visitor();
    String look = paired(client);
    List<String> shown = new ArrayList<>();
    client.json(look).path("sights").forEach(s -> shown.add(s.path("id").asString()));
    assertThat(shown).startsWith("today", "planned", "week4", "week8");
    List<Integer> sums = new ArrayList<>();
    for (String what : shown) {
      BufferedImage i = picture(client, look, what);
      assertThat(i.getHeight()).as(what).isGreaterThan(600);
      sums.add(
          java.util.Arrays.hashCode(
              i.getRGB(0, 0, i.getWidth(), i.getHeight(), null, 0, i.getWidth())));
    }
    assertThat(sums).doesNotHaveDuplicates();
  }

  @Test
  void itTellsNoNameNoNumberAndNothingElseOfTheShop() {
    TestShop.Visitor client = shop.new Visitor();
    String look = paired(client);
    String said = client.send("GET", look, null).body();
    assertThat(said).doesNotContain("Ansel", "Ruiter", "Mm", "version");
    for (String other :
        List.of("/api/plans/1", "/api/clients", "/api/today", PLAN, "/api/clients/1/sitdown")) {
      assertThat(client.send("GET", other, null).statusCode()).as(other).isEqualTo(401);
    }
    String what = look + "/picture.png?view=front&what=";
    assertThat(client.send("GET", what + "moves", null).body()).contains("allowed today, planned");
  }

  @Test
  void aCodeIsForOneScreen_andTheNextOneEndsTheViewBefore() {
    String code = code();
    TestShop.Visitor one = shop.new Visitor();
    TestShop.Visitor other = shop.new Visitor();
    String look = "/api/look/" + pair(200, one, code).path("key").asString();
    pair(404, other, code);
    told(200, one.send("GET", look, null));
    code();
    assertThat(told(404, one.send("GET", look, null)).toString()).contains("This view has ended.");
  }

  @Test
  void itEnds_whenTheStylistEndsIt_andByItself() {
    TestShop.Visitor client = shop.new Visitor();
    String look = paired(client);
    told(200, maud.send("DELETE", PLAN, null));
    told(404, client.send("GET", look, null));
    String again = paired(client);
    shop.sql(
        "update showing set made_at = made_at - interval '31 minutes', ends_at = ends_at - interval '31 minutes'");
    told(404, client.send("GET", again, null));
    told(404, client.send("GET", again + "/picture.png?view=front&what=today", null));
    told(404, client.send("POST", again + "/liked", "{\"what\":\"planned\"}"));
    String old = code();
    shop.sql("update showing set made_at = made_at - interval '11 minutes'");
    pair(404, client, old);
  }

  /** NIST SP 800-63B allows no more than 100 wrong tries in a row; a code lives ten minutes. */
  @Test
  void aThousandGuesses_areLockedOut_andSoIsTheRightOneFromThere() {
    String right = code();
    TestShop.Visitor guesser = shop.new Visitor();
    int tried = 0;
    int refused = 0;
    for (int i = 0; i < 1000; i++) {
      String guess = String.format(Locale.ROOT, "%06d", i);
      if (guess.equals(right)) {
        continue;
      }
      int status = guesser.send("POST", "/api/look", "{\"code\":\"" + guess + "\"}").statusCode();
      tried += status == 404 ? 1 : 0;
      refused += status == 429 ? 1 : 0;
    }
    assertThat(tried).isLessThanOrEqualTo(10);
    assertThat(refused).isGreaterThan(980);
    pair(429, guesser, right);
    pair(422, guesser, "12");
  }

  @Test
  void anotherShopsPlan_andAKeyNobodyHas_showNothing() {
    told(404, maud.send("POST", "/api/plans/999/showing", null));
    told(404, shop.new Visitor().send("GET", "/api/look/" + UUID.randomUUID(), null));
    told(401, shop.new Visitor().heldToNothing().send("POST", PLAN, null));
  }

  @Test
  void thatsIt_isSeenByTheStylist_andKeptWithTheVisit() {
    TestShop.Visitor client = shop.new Visitor();
    String look = paired(client);
    told(200, client.send("POST", look + "/liked", "{\"what\":\"week4\"}"));
    assertThat(maud.json(PLAN).path("liked").asString()).isEqualTo("week4");
    String now = java.time.Instant.now().toString();
    String from = java.time.Instant.now().minusSeconds(1800).toString();
    post(
        201,
        "/api/visits",
        "{\"token\":\"%s\",\"planId\":1,\"startedAt\":\"%s\",\"finishedAt\":\"%s\"}"
            .formatted(UUID.randomUUID(), from, now));
    long owner =
        Long.parseLong(shop.sql("select client_id::text from plan where id = 1").get(0).toString());
    assertThat(maud.json("/api/clients/" + owner).path("visits").get(0).path("liked").asString())
        .isEqualTo("week4");
  }

  /** Printed for who is booked, and for who is not: one page, and when to come on it. */
  @Test
  void theCardToTakeHome_saysWhenTheyAreBooked_orBetweenWhichDaysToCome() throws IOException {
    long client = Long.parseLong(shop.sql("select client_id::text from plan where id = 2").get(0));
    shop.sql("delete from appointment where starts_at > now() and client_id = " + client);
    assertThat(card()).containsPattern("Between \\d+ \\w+ \\d{4} and \\d+ \\w+ \\d{4}");
    shop.sql(
        "insert into appointment (shop_id, client_id, person_id, starts_at, ends_at)"
            + " select shop_id, id, (select min(p.id) from person p where p.shop_id = client.shop_id),"
            + " timestamptz '2031-03-04 09:30+00', timestamptz '2031-03-04 10:30+00'"
            + " from client where id = "
            + client);
    assertThat(card()).contains("Booked:", "4 March 2031");
    JsonNode next = maud.json("/api/clients/" + client).path("next");
    assertThat(next.path("startsAt").asString()).startsWith("2031-03-04T09:30");
    assertThat(next.path("stylist").asString()).isNotEmpty();
    told(401, shop.new Visitor().heldToNothing().send("GET", "/api/plans/2/card.pdf", null));
  }

  private static String card() throws IOException {
    byte[] pdf = maud.bytes("GET", "/api/plans/2/card.pdf", null).body();
    try (var d = org.apache.pdfbox.Loader.loadPDF(pdf)) {
      assertThat(d.getNumberOfPages()).isEqualTo(1);
      return new org.apache.pdfbox.text.PDFTextStripper().getText(d).replaceAll("\\s+", " ");
    }
  }

  @Test
  void whoIsErased_isShownNoMore() {
    long plan =
        post(201, "/api/clients/6/plans", "{\"family\":\"even-all-over\"}").path("id").asLong();
    String code = post(200, "/api/plans/" + plan + "/showing", null).path("code").asString();
    TestShop.Visitor client = shop.new Visitor();
    String look = "/api/look/" + pair(200, client, code).path("key").asString();
    shop.sql("update client set erased_at = now() where id = 6");
    told(404, client.send("GET", look, null));
    shop.sql("update client set erased_at = null where id = 6");
  }
}
