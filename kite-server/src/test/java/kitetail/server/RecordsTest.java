package kitetail.server;

import static org.assertj.core.api.Assertions.assertThat;

import java.io.ByteArrayInputStream;
import java.io.ByteArrayOutputStream;
import java.io.IOException;
import java.io.StringReader;
import java.nio.charset.StandardCharsets;
import java.util.Arrays;
import java.util.HashMap;
import java.util.List;
import java.util.Map;
import java.util.UUID;
import java.util.zip.ZipEntry;
import java.util.zip.ZipInputStream;
import java.util.zip.ZipOutputStream;
import org.apache.commons.csv.CSVFormat;
import org.apache.commons.csv.CSVRecord;
import org.apache.pdfbox.Loader;
import org.junit.jupiter.api.BeforeAll;
import org.junit.jupiter.api.Test;

/** What leaves the shop: CSV, a year as an archive and back, a client's own data, erasure. */
class RecordsTest extends InShop {
  private static final List<String> TABLES =
      List.of(
          "shop",
          "person",
          "opening",
          "family",
          "kit",
          "client",
          "sitdown",
          "plan",
          "plan_version",
          "appointment",
          "waiting",
          "busy",
          "visit",
          "sitting",
          "sitting_entry",
          "photo",
          "kit_event",
          "message");

  @BeforeAll
  static void aYearOfWork() {
    visit(
        3,
        "2026-05-04T08:00:00Z",
        "2026-05-04T08:40:00Z",
        ",\"remarks\":\"a \\\"comma\\\", and\\na line\",\"priceCents\":4250");
    visit(4, "2025-05-04T08:00:00Z", "2025-05-04T08:40:00Z", "");
    long sat =
        post(201, "/api/clients/5/plans", "{\"family\":\"quiet-side-part\"}").path("id").asLong();
    UUID token = UUID.randomUUID();
    post(
        200,
        "/api/plans/" + sat + "/sitting",
        "{\"token\":\"%s\",\"startedAt\":\"2026-06-01T08:00:00Z\"}".formatted(token));
    post(
        200,
        "/api/sittings/" + token + "/entries",
        "{\"device\":\"%s\",\"entries\":[{\"number\":0,\"at\":\"2026-06-01T08:05:00Z\",\"entry\":{\"kind\":\"forDry\",\"what\":\"crown\"}}]}"
            .formatted(UUID.randomUUID()));
    post(
        201,
        "/api/visits",
        "{\"token\":\"%s\",\"planId\":%d,\"startedAt\":\"2026-06-01T08:00:00Z\",\"finishedAt\":\"2026-06-01T08:50:00Z\"}"
            .formatted(token, sat));
    shop.sql(
        "insert into photo (client_id, person_id, taken_at, width, height, jpeg) values (5, 1, '2026-06-01', 2, 1, '\\xffd8ff00')");
    shop.sql(
        "insert into waiting (shop_id, client_id, until, created_at) values (1, 4, '2026-12-31', '2026-06-01')");
    shop.sql(
        "insert into busy (person_id, starts_at, ends_at) values (1, '2026-07-01', '2026-07-02')");
    long comb = post(201, "/api/kit", "{\"kind\":\"comb\",\"name\":\"x\"}").path("id").asLong();
    shop.sql(
        "insert into kit_event (kit_id, kind, token, person_id, at) values (%d, 'OILED', gen_random_uuid(), 1, '2026-07-01')"
            .formatted(comb));
    shop.sql(
        "insert into family (shop_id, id, document, updated_at) values (1, 'own', '{\"family\": {}}', '2026-06-01')");
    shop.sql(
        "insert into plan_version (plan_id, name, document, person_id, created_at) select 1, 'first', document, 1, '2026-06-01' from plan where id = 1");
    shop.sql(
        "insert into message (key, shop_id, client_id, kind, address, words, made_at) values ('t', 1, 3, 'RETURN', 'a', 'w', '2026-07-01')");
  }

  /** Opened in a spreadsheet, nothing a client or a stylist wrote is worked out. */
  @Test
  void aTextThatLooksLikeAFormula_isMarkedAsText() {
    shop.sql(
        "insert into kit (shop_id, kind, name, note, created_at) values (1, 'RAZOR', '=1+1', '@SUM(A1)', '2026-06-01')");
    String text = maud.send("GET", "/api/records/kit.csv?year=2026", null).body();
    shop.sql("delete from kit where name = '=1+1'");
    assertThat(text).contains("'=1+1").contains("'@SUM(A1)").doesNotContain(",=1+1");
  }

  @Test
  void visitsAsCsv_readByALibrary() throws IOException {
    String text = maud.send("GET", "/api/records/visits.csv?year=2026", null).body();
    List<CSVRecord> rows =
        CSVFormat.RFC4180
            .builder()
            .setHeader()
            .setSkipHeaderRecord(true)
            .get()
            .parse(new StringReader(text))
            .getRecords();
    assertThat(rows).hasSize(2);
    CSVRecord first = rows.get(0);
    assertThat(first.get("client_name")).isEqualTo("Cato Lindqvist");
    assertThat(first.get("began")).isEqualTo("10:00");
    assertThat(first.get("minutes")).isEqualTo("40");
    assertThat(first.get("price")).isEqualTo("42.50");
    assertThat(first.get("remarks")).isEqualTo("a \"comma\", and\na line");
    assertThat(maud.send("GET", "/api/records/kit.csv?year=2026", null).body())
        .contains("Edge razor");
    assertThat(maud.send("GET", "/api/records/kit.csv?year=1926", null).body())
        .contains("2000 to 2100");
  }

  @Test
  void aYear_outAndInOnAnEmptyDatabase_isEqualRowByRow() {
    // All there is is of this year but the one visit, which stays behind.
    byte[] zip =
        maud.withPasswordAgain().bytes("GET", "/api/records/archive.zip?year=2026", null).body();
    try (TestShop empty = TestShop.empty()) {
      var in = empty.new Visitor();
      told(422, in.upload("/api/session/archive", Arrays.copyOf(zip, zip.length / 2)));
      assertThat(in.upload("/api/session/archive", "hello".getBytes(StandardCharsets.UTF_8)).body())
          .contains("ZIP");
      assertThat(empty.sql("select id::text from shop")).isEmpty();
      told(200, in.upload("/api/session/archive", zip));
      for (String t : TABLES) {
        String which =
            switch (t) {
              case "visit" -> " where finished_at >= '2026-01-01'";
              case "message" -> " where key = 't'";
              default -> "";
            };
        String secrets = "array['password_hash', 'feed', 'stamp']";
        String rows =
            "select (to_jsonb(t) - " + secrets + ")::text from " + t + " t" + which + " order by 1";
        assertThat(empty.sql(rows)).as(t).isNotEmpty().isEqualTo(shop.sql(rows));
      }
      // No password came along: an owner gives one, once, and what comes next gets a number of its
      // own.
      assertThat(in.json("/api/session/claim").path("owners").toString()).isEqualTo("[\"maud\"]");
      String claim = "{\"signIn\":\"%s\",\"password\":\"ferry-landing\"}";
      told(422, in.send("POST", "/api/session/claim", claim.formatted("joris")));
      told(204, in.send("POST", "/api/session/claim", claim.formatted("maud")));
      told(422, in.send("POST", "/api/session/claim", claim.formatted("maud")));
      assertThat(in.json("/api/session/claim").path("owners")).isEmpty();
      var again = empty.new Visitor().signedIn("maud");
      assertThat(again.send("POST", "/api/clients", "{\"name\":\"New Here\"}").statusCode())
          .isEqualTo(201);
      assertThat(told(403, in.upload("/api/session/archive", new byte[] {'P'})).toString())
          .contains("empty");
    }
  }

  /** The newest first; what is there stays, and the years before come in beside it. */
  @Test
  void furtherArchives_goInBesideTheFirst() throws IOException {
    byte[] year = archive("year=2026");
    byte[] before = archive("from=2025-01-01&to=2025-12-31");
    byte[] may = archive("from=2025-05-04&to=2025-05-04");
    try (TestShop empty = TestShop.empty()) {
      told(200, empty.new Visitor().upload("/api/session/archive", year));
      told(
          204,
          empty.new Visitor()
              .send(
                  "POST",
                  "/api/session/claim",
                  "{\"signIn\":\"maud\",\"password\":\"ferry-landing\"}"));
      var owner = empty.new Visitor().signedIn("maud");
      assertThat(owner.upload("/api/records/archive", before).statusCode())
          .as("asked first")
          .isEqualTo(403);
      owner.withPasswordAgain();
      String visits =
          "select id || ' ' || finished_at || ' ' || document from visit where finished_at > '2025-01-01' order by id";
      assertThat(told(200, owner.upload("/api/records/archive", may)).path("rows").asInt())
          .as("a visit, and its lines of the trail")
          .isPositive();
      assertThat(empty.sql(visits)).isEqualTo(shop.sql(visits));
      assertThat(told(200, owner.upload("/api/records/archive", before)).path("rows").asInt())
          .isZero();
      assertThat(told(200, owner.upload("/api/records/archive", year)).path("rows").asInt())
          .isZero();
      assertThat(empty.sql("select note from client where id = 3"))
          .isEqualTo(shop.sql("select note from client where id = 3"));

      // A file made up by hand writes into no other shop of this database.
      empty.otherShop();
      String other = empty.sql("select max(id)::text from shop").get(0);
      byte[] madeUp =
          with(
              may,
              "client.jsonl",
              "{\"id\":900001,\"shop_id\":"
                  + other
                  + ",\"name\":\"Slipped In\",\"created_at\":\"2026-01-01T00:00:00Z\"}");
      assertThat(
              told(422, owner.withPasswordAgain().upload("/api/records/archive", madeUp))
                  .toString())
          .contains("rows of this shop alone");
      assertThat(empty.sql("select name from client where name = 'Slipped In'")).isEmpty();

      // Work went on here before the next one came: its number is another visit's.
      empty.sql("update visit set token = gen_random_uuid() where finished_at < '2026-01-01'");
      assertThat(told(422, owner.upload("/api/records/archive", may)).toString())
          .contains("before work goes on");
      // Another shop's.
      empty.sql("update shop set key = gen_random_uuid()");
      assertThat(told(422, owner.upload("/api/records/archive", year)).toString())
          .contains("another shop");
    }
    assertThat(
            maud.send("GET", "/api/records/archive.zip?from=2026-02-01&to=2026-01-01", null).body())
        .contains("2026-02-01 on");
  }

  /** An archive with a line more. */
  private static byte[] with(byte[] zip, String file, String line) throws IOException {
    ByteArrayOutputStream out = new ByteArrayOutputStream();
    try (ZipInputStream in = new ZipInputStream(new ByteArrayInputStream(zip));
        ZipOutputStream to = new ZipOutputStream(out)) {
      for (ZipEntry e = in.getNextEntry(); e != null; e = in.getNextEntry()) {
        to.putNextEntry(new ZipEntry(e.getName()));
        to.write(in.readAllBytes());
        if (e.getName().equals(file)) {
          to.write((line + "\n").getBytes(StandardCharsets.UTF_8));
        }
        to.closeEntry();
      }
    }
    return out.toByteArray();
  }

  private static byte[] archive(String span) {
    var r = maud.withPasswordAgain().bytes("GET", "/api/records/archive.zip?" + span, null);
    assertThat(r.statusCode()).isEqualTo(200);
    return r.body();
  }

  /** As it was written before shops had a key and a trail, and messages were tried again. */
  @Test
  void anArchiveOfTheFirstVersion_isTakenIn() throws IOException {
    ByteArrayOutputStream out = new ByteArrayOutputStream();
    try (ZipInputStream in = new ZipInputStream(new ByteArrayInputStream(archive("year=2026")));
        ZipOutputStream old = new ZipOutputStream(out)) {
      for (ZipEntry e = in.getNextEntry(); e != null; e = in.getNextEntry()) {
        if (e.getName().equals("trail.jsonl")) {
          continue;
        }
        byte[] all = in.readAllBytes();
        String text = new String(all, StandardCharsets.UTF_8);
        if (e.getName().equals("archive.json")) {
          text = "{\"kind\":\"kite-tail-year\",\"version\":1,\"year\":2026}";
        }
        text = text.replaceAll("\"(key|tries)\": ?(\"[0-9a-f-]{36}\"|\\d+), ?", "");
        old.putNextEntry(new ZipEntry(e.getName()));
        old.write(e.getName().endsWith(".jpg") ? all : text.getBytes(StandardCharsets.UTF_8));
        old.closeEntry();
      }
    }
    try (TestShop empty = TestShop.empty()) {
      told(200, empty.new Visitor().upload("/api/session/archive", out.toByteArray()));
      assertThat(empty.sql("select count(*)::text from client"))
          .isEqualTo(shop.sql("select count(*)::text from client"));
      assertThat(empty.sql("select tries::text from message limit 1")).containsExactly("0");
    }
  }

  @Test
  void anArchive_isForTheOwner() {
    assertThat(
            shop.new Visitor()
                .signedIn("joris")
                .send("GET", "/api/records/archive.zip?year=2026", null)
                .statusCode())
        .isEqualTo(403);
    var owner = shop.new Visitor().signedIn("maud");
    assertThat(owner.send("GET", "/api/records/archive.zip?year=2026", null).statusCode())
        .as("without the password once more")
        .isEqualTo(403);
    told(422, owner.send("POST", "/api/session/again", "{\"password\":\"ferry landing\"}"));
    owner.withPasswordAgain();
    assertThat(owner.bytes("GET", "/api/records/archive.zip?year=2026", null).statusCode())
        .isEqualTo(200);
  }

  /** Whoever finds a file of the shop can sign in nowhere by it. */
  @Test
  void whatIsTakenOut_holdsNoSecret() throws IOException {
    maud.send("POST", "/api/diary/feed", "{}");
    List<String> secrets =
        shop.sql(
            "select password_hash from person union select feed::text from person where feed is not null");
    assertThat(secrets).hasSizeGreaterThan(1);
    var owner = shop.new Visitor().signedIn("maud").withPasswordAgain();
    for (String path : List.of("/api/records/archive.zip?year=2026", "/api/clients/1/export.zip")) {
      for (byte[] file : unpacked(owner.bytes("GET", path, null).body()).values()) {
        assertThat(new String(file, StandardCharsets.UTF_8)).doesNotContain(secrets);
      }
    }
  }

  private static Map<String, byte[]> unpacked(byte[] zip) throws IOException {
    Map<String, byte[]> files = new HashMap<>();
    try (ZipInputStream in = new ZipInputStream(new ByteArrayInputStream(zip))) {
      for (ZipEntry e = in.getNextEntry(); e != null; e = in.getNextEntry()) {
        files.put(e.getName(), in.readAllBytes());
      }
    }
    return files;
  }

  @Test
  void aClientsOwnData_isHandedOver_andErasureLeavesTheBooksWhole() throws IOException {
    long id =
        post(201, "/api/clients", "{\"name\":\"Gone Soon\",\"phone\":\"+31 6 5550 0199\"}")
            .path("id")
            .asLong();
    long visit =
        visit(
            id,
            "2024-02-01T08:00:00Z",
            "2024-02-01T08:30:00Z",
            ",\"remarks\":\"told me of a holiday\",\"priceCents\":3000");
    shop.sql(
        "insert into photo (client_id, person_id, taken_at, width, height, jpeg) values (%d, 1, now(), 2, 1, '\\xffd8ff01')"
            .formatted(id));
    Map<String, byte[]> files =
        unpacked(maud.bytes("GET", "/api/clients/" + id + "/export.zip", null).body());
    var held = TestShop.JSON.readTree(files.get("client.json"));
    assertThat(held.path("client").path("phone").asString()).isEqualTo("+31 6 5550 0199");
    assertThat(held.path("visits").get(0).path("remarks").asString()).contains("holiday");
    assertThat(held.path("sitDowns")).hasSize(1);
    assertThat(files.keySet()).anyMatch(n -> n.matches("photo/\\d+\\.jpg"));
    try (var pdf = Loader.loadPDF(files.get("client.pdf"))) {
      assertThat(new org.apache.pdfbox.text.PDFTextStripper().getText(pdf)).contains("Gone Soon");
    }
    assertThat(maud.send("DELETE", "/api/clients/" + id + "?name=Somebody", null).body())
        .contains("Gone Soon");
    told(204, maud.send("DELETE", "/api/clients/" + id + "?name=gone%20soon", null));
    assertThat(maud.send("GET", "/api/clients/" + id, null).statusCode()).isEqualTo(410);
    // A day later it is final.
    finallyErased(id);
    assertThat(maud.send("GET", "/api/clients?q=Gone", null).body()).isEqualTo("[]");
    // The books: when, how long, by whom, for how much. Not whose, not what was on the head.
    assertThat(
            shop.sql(
                "select concat_ws(' ', price_cents, moves_done, remarks, document ? 'head') from visit where id = "
                    + visit))
        .containsExactly("3000 0  f");
    for (String t :
        List.of("client", "sitdown", "plan", "visit", "photo", "message", "appointment")) {
      assertThat(
              shop.sql(
                  "select 1::text from "
                      + t
                      + " t where to_jsonb(t)::text ilike '%gone soon%' or to_jsonb(t)::text like '%0199%' or to_jsonb(t)::text like '%holiday%'"))
          .as(t)
          .isEmpty();
    }
    assertThat(maud.send("GET", "/api/records/visits.csv?year=2024", null).body())
        .contains("Erased")
        .contains("30.00");
  }
}
