package kitetail.server;

import static org.assertj.core.api.Assertions.assertThat;

import java.io.ByteArrayOutputStream;
import java.io.IOException;
import java.net.Socket;
import java.net.http.HttpResponse;
import java.nio.charset.StandardCharsets;
import java.util.ArrayList;
import java.util.List;
import java.util.UUID;
import java.util.concurrent.ExecutorService;
import java.util.concurrent.Executors;
import java.util.concurrent.Future;
import java.util.concurrent.TimeUnit;
import java.util.zip.ZipEntry;
import java.util.zip.ZipOutputStream;
import kitetail.formats.json.Families;
import kitetail.formats.json.PlanJson;
import org.junit.jupiter.api.Test;
import org.junit.jupiter.api.Timeout;
import tools.jackson.databind.node.ObjectNode;

/** More than a shop asks for, at once: some are told to come again, and daily work goes on. */
class CrowdTest extends InShop {
  private static final int MANY = 200;

  /** Doors a stranger may knock at with a body. */
  private static final List<String> OPEN =
      List.of("/api/session", "/api/fall", "/api/look", "/api/session/archive");

  /** More of them where there is time: 200 heads in five rounds take minutes. */
  private static final int HEADS = Integer.getInteger("kitetail.heads", 40);

  private static final int ROUNDS = Integer.getInteger("kitetail.rounds", 2);

  private static String onHead(double i) {
    ObjectNode plan = (ObjectNode) PlanJson.tree(Families.all().get("tapered-pixie"));
    ((ObjectNode) plan.get("head")).put("girthMm", 540 + 0.5 * i);
    return plan.toString();
  }

  /** Every one is answered: with a fall, or with when to ask again. Nobody else notices. */
  @Test
  @Timeout(240)
  void twoHundredFallsAtOnce_areAnsweredOrPutOff_andTodayIsThere() throws Exception {
    var joris = shop.new Visitor().signedIn("joris");
    ExecutorService crowd = Executors.newFixedThreadPool(MANY);
    try {
      List<Future<HttpResponse<String>>> answers = new ArrayList<>();
      for (int i = 0; i < MANY; i++) {
        String plan = onHead(i);
        answers.add(crowd.submit(() -> maud.send("POST", "/api/fall?preview=true", plan)));
      }
      Thread.sleep(300);
      long from = System.nanoTime();
      for (int i = 0; i < 5; i++) {
        assertThat(joris.send("GET", "/api/clients", null).statusCode()).isEqualTo(200);
      }
      assertThat((System.nanoTime() - from) / 5_000_000).as("ms a list").isLessThan(1000);
      int done = 0;
      for (Future<HttpResponse<String>> a : answers) {
        HttpResponse<String> r = a.get(3, TimeUnit.MINUTES);
        assertThat(r.statusCode()).isIn(200, 429, 503);
        if (r.statusCode() == 200) {
          done++;
        } else {
          assertThat(r.headers().firstValue("Retry-After")).isPresent();
          assertThat(TestShop.JSON.readTree(r.body()).path("askAgain").asBoolean()).isTrue();
        }
      }
      assertThat(done).isGreaterThan(20);
    } finally {
      crowd.shutdownNow();
    }
    assertThat(maud.send("POST", "/api/fall?preview=true", onHead(1)).statusCode()).isEqualTo(200);
  }

  /** Eight at a time and never one that is not answered: the same heads again and again. */
  @Test
  @Timeout(1800)
  void headsEightAtATime_roundAfterRound_areAllAnswered() throws Exception {
    ExecutorService eight = Executors.newFixedThreadPool(8);
    try {
      for (int round = 0; round < ROUNDS; round++) {
        List<Future<Integer>> answers = new ArrayList<>();
        for (int i = 0; i < HEADS; i++) {
          String plan = onHead(i);
          answers.add(
              eight.submit(() -> maud.send("POST", "/api/fall?preview=true", plan).statusCode()));
        }
        for (Future<Integer> a : answers) {
          assertThat(a.get(2, TimeUnit.MINUTES)).isEqualTo(200);
        }
      }
    } finally {
      eight.shutdownNow();
    }
  }

  /**
   * While the shop's people wait for their turns, who has no key is refused and stands in no line.
   */
  @Test
  @Timeout(240)
  void strangersWithoutAKey_takeNoTurn() throws Exception {
    ExecutorService crowd = Executors.newFixedThreadPool(MANY);
    try {
      List<Future<Integer>> falls = new ArrayList<>();
      for (int i = 0; i < 20; i++) {
        String plan = onHead(0.5 + i);
        falls.add(
            crowd.submit(() -> maud.send("POST", "/api/fall?preview=true", plan).statusCode()));
      }
      List<Future<Integer>> strangers = new ArrayList<>();
      for (int i = 0; i < 100; i++) {
        String key = i % 2 == 0 ? UUID.randomUUID().toString() : "guess-" + i;
        String picture = "/api/look/" + key + "/picture.png?view=front&what=today";
        strangers.add(
            crowd.submit(() -> shop.new Visitor().send("GET", picture, null).statusCode()));
      }
      for (Future<Integer> s : strangers) {
        assertThat(s.get(1, TimeUnit.MINUTES)).isEqualTo(404);
      }
      for (Future<Integer> f : falls) {
        assertThat(f.get(2, TimeUnit.MINUTES)).isEqualTo(200);
      }
    } finally {
      crowd.shutdownNow();
    }
  }

  /** A byte now and then, from more than there are threads: health answers beside them. */
  @Test
  @Timeout(60)
  void slowBodiesOfStrangers_keepNobodyOut() throws Exception {
    List<Socket> slow = new ArrayList<>();
    try {
      for (int i = 0; i < 450; i++) {
        Socket s = new Socket("127.0.0.1", shop.port());
        slow.add(s);
        String path = OPEN.get(i % 4);
        String type = i % 4 == 3 ? "application/octet-stream" : "application/json";
        s.getOutputStream()
            .write(
                ("POST "
                        + path
                        + " HTTP/1.1\r\nHost: x\r\nContent-Type: "
                        + type
                        + "\r\nContent-Length: 1000\r\n\r\n{")
                    .getBytes(StandardCharsets.US_ASCII));
      }
      long from = System.nanoTime();
      assertThat(maud.send("GET", "/actuator/health", null).statusCode()).isEqualTo(200);
      assertThat((System.nanoTime() - from) / 1_000_000).as("ms").isLessThan(2000);
    } finally {
      for (Socket s : slow) {
        s.close();
      }
    }
  }

  @Test
  @Timeout(20)
  void twoThousandCards_areReadAndTaken_oneMoreIsNot() {
    StringBuilder cards = new StringBuilder();
    StringBuilder rows = new StringBuilder("[");
    for (int i = 0; i < 2001; i++) {
      String name = "Klant " + i + " Dijk";
      cards.append(
          "BEGIN:VCARD\\r\\nVERSION:4.0\\r\\nFN:%s\\r\\nTEL:06%08d\\r\\nEND:VCARD\\r\\n"
              .formatted(name, i));
      if (i == 1999) {
        String read = "{\"text\":\"" + cards + "\"}";
        assertThat(post(200, "/api/contacts/read", read).path("cards")).hasSize(2000);
      }
      if (i < 2000) {
        rows.append(i == 0 ? "" : ",")
            .append("{\"name\":\"%s\",\"phone\":\"06%08d\"}".formatted(name, i));
      }
    }
    assertThat(
            post(422, "/api/contacts/read", "{\"text\":\"" + cards + "\"}")
                .path("detail")
                .asString())
        .contains("2001 cards", "allowed up to 2000");
    assertThat(post(200, "/api/contacts", rows.append("]").toString()).path("added").asInt())
        .isEqualTo(2000);
    shop.sql(
        "delete from sitdown where client_id in (select id from client where name like 'Klant %')");
    shop.sql("delete from client where name like 'Klant %'");
  }

  /** A file of nothing much that unpacks to gigabytes is put down early. */
  @Test
  @Timeout(20)
  void anArchiveThatSwells_isRefused() throws IOException {
    try (TestShop empty = TestShop.empty()) {
      ByteArrayOutputStream out = new ByteArrayOutputStream();
      try (ZipOutputStream zip = new ZipOutputStream(out)) {
        zip.putNextEntry(new ZipEntry("archive.json"));
        zip.write(
            "{\"kind\":\"kite-tail-year\",\"version\":1,\"year\":2026}"
                .getBytes(StandardCharsets.UTF_8));
        zip.closeEntry();
        zip.putNextEntry(new ZipEntry("shop.jsonl"));
        String blank = " ".repeat(1_000_000);
        for (int i = 1; i < 60; i++) {
          String row = "{\"id\":%d,\"name\":\"A shop\",\"zone\":\"Europe/Paris\"}%s\n";
          zip.write(row.formatted(i, blank).getBytes(StandardCharsets.UTF_8));
        }
        zip.closeEntry();
      }
      HttpResponse<String> r =
          empty.new Visitor().upload("/api/session/archive", out.toByteArray());
      assertThat(r.statusCode()).isEqualTo(422);
      assertThat(r.body()).contains("times what was sent");
    }
  }
}
