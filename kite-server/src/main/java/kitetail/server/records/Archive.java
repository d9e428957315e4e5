package kitetail.server.records;

import java.io.IOException;
import java.io.InputStream;
import java.io.OutputStream;
import java.nio.charset.StandardCharsets;
import java.time.LocalDate;
import java.time.OffsetDateTime;
import java.time.ZoneId;
import java.util.HashMap;
import java.util.HexFormat;
import java.util.Map;
import java.util.zip.ZipEntry;
import java.util.zip.ZipOutputStream;
import kitetail.server.error.FieldException;
import org.springframework.dao.DataAccessException;
import org.springframework.jdbc.core.simple.JdbcClient;
import org.springframework.stereotype.Component;
import org.springframework.transaction.annotation.Transactional;
import tools.jackson.core.JacksonException;
import tools.jackson.databind.JsonNode;
import tools.jackson.databind.json.JsonMapper;
import tools.jackson.databind.node.ObjectNode;

/**
 * A shop's year as one ZIP: a file of JSON lines for every table, a row a line, and every
 * photograph as a JPEG. What has no date, people, clients, plans, goes along whole, so that an
 * archive stands by itself.
 */
@Component
class Archive {
  private static final String KIND = "kite-tail-year";
  private static final int VERSION = 1;

  /** A plan document has 2 MB at most; a photograph 4. */
  private static final int LONGEST_LINE = 5_000_000;

  private final JdbcClient db;
  private final Claims claims;
  private final JsonMapper json = new JsonMapper();

  Archive(JdbcClient db, Claims claims) {
    this.db = db;
    this.claims = claims;
  }

  @Transactional(readOnly = true)
  void write(long shopId, int year, OutputStream to) throws IOException {
    ZoneId zone =
        ZoneId.of(
            db.sql("select zone from shop where id = :shop")
                .param("shop", shopId)
                .query(String.class)
                .single());
    OffsetDateTime from = LocalDate.of(year, 1, 1).atStartOfDay(zone).toOffsetDateTime();
    OffsetDateTime until = LocalDate.of(year + 1, 1, 1).atStartOfDay(zone).toOffsetDateTime();
    ZipOutputStream zip = new ZipOutputStream(to, StandardCharsets.UTF_8);
    zip.putNextEntry(new ZipEntry("archive.json"));
    zip.write(
        json.createObjectNode()
            .put("kind", KIND)
            .put("version", VERSION)
            .put("year", year)
            .toString()
            .getBytes(StandardCharsets.UTF_8));
    zip.closeEntry();
    for (Tables t : Tables.values()) {
      zip.putNextEntry(new ZipEntry(t.table() + ".jsonl"));
      try (var lines =
          db
              .sql(
                  "select "
                      + Tables.row()
                      + " from "
                      + t.table()
                      + " t where "
                      + t.rows
                      + " order by 1")
              .withFetchSize(500)
              .param("shop", shopId)
              .param("from", from)
              .param("to", until)
              .query(String.class)
              .stream()) {
        for (String line : (Iterable<String>) lines::iterator) {
          zip.write(line.getBytes(StandardCharsets.UTF_8));
          zip.write('\n');
        }
      }
      zip.closeEntry();
    }
    for (long photo :
        db.sql("select t.id from photo t where " + Tables.PHOTO.rows + " order by t.id")
            .param("shop", shopId)
            .param("from", from)
            .param("to", until)
            .query(Long.class)
            .list()) {
      zip.putNextEntry(new ZipEntry("photo/" + photo + ".jpg"));
      zip.write(
          db.sql("select jpeg from photo where id = :id")
              .param("id", photo)
              .query((rs, n) -> rs.getBytes(1))
              .single());
      zip.closeEntry();
    }
    zip.finish();
    zip.flush();
  }

  /** Whether no shop has begun on this database. */
  boolean empty() {
    return db.sql("select not exists (select 1 from shop)").query(Boolean.class).single();
  }

  /**
   * Takes an archive in, all of it or nothing.
   *
   * @return how many rows
   * @throws FieldException when a shop has begun here, or the file is no such archive
   */
  @Transactional
  public int read(InputStream in) {
    try {
      return unpack(in);
    } catch (Unpacked.TooMuch e) {
      throw refused(e.getMessage(), "allowed an archive as this program writes it");
    } catch (IOException e) {
      throw refused("a file that cannot be unpacked to its end", "allowed the whole ZIP");
    }
  }

  private int unpack(InputStream in) throws IOException {
    if (!empty()) {
      throw refused("a database with a shop in it", "allowed into an empty one alone");
    }
    db.sql("set local kitetail.erasing = 'on'").update();
    Unpacked zip = new Unpacked(in);
    ZipEntry first = zip.getNextEntry();
    if (first == null || !first.getName().equals("archive.json")) {
      throw refused("a file that is no archive of a year", "allowed the ZIP this program wrote");
    }
    JsonNode head = json.readTree(zip.readNBytes(LONGEST_LINE));
    if (!KIND.equals(head.path("kind").asString("")) || head.path("version").asInt() != VERSION) {
      throw refused(head.toString(), "allowed " + KIND + " of version " + VERSION);
    }
    Map<Long, ObjectNode> photos = new HashMap<>();
    int rows = 0;
    int table = 0;
    for (ZipEntry e = zip.getNextEntry(); e != null; e = zip.getNextEntry()) {
      if (table < Tables.values().length) {
        Tables t = Tables.values()[table++];
        if (!e.getName().equals(t.table() + ".jsonl")) {
          throw refused(e.getName(), "allowed " + t.table() + ".jsonl at this place");
        }
        rows += rows(zip, t, photos);
      } else {
        rows += photo(e.getName(), zip, photos);
      }
    }
    if (table < Tables.values().length || !photos.isEmpty()) {
      throw refused("a file that is cut short", "allowed the whole archive");
    }
    if (claims.owners().isEmpty()) {
      throw refused("an archive without an owner", "allowed one with somebody to open the shop");
    }
    for (Tables t : Tables.values()) {
      if (t.numbered()) {
        db.sql(
                "select setval(pg_get_serial_sequence('"
                    + t.table()
                    + "', 'id'), coalesce(max(id), 0) + 1, false) from "
                    + t.table())
            .query(Long.class)
            .single();
      }
    }
    return rows;
  }

  private int rows(Unpacked zip, Tables t, Map<Long, ObjectNode> photos) throws IOException {
    int n = 0;
    for (String line = zip.line(LONGEST_LINE); line != null; line = zip.line(LONGEST_LINE)) {
      if (t == Tables.PERSON) {
        add(t, object(line, t, n).put("password_hash", ""), n);
        n++;
      } else if (t == Tables.PHOTO) {
        ObjectNode row = object(line, t, n);
        photos.put(row.path("id").asLong(), row);
      } else {
        add(t, object(line, t, n), n);
        n++;
      }
    }
    return n;
  }

  private ObjectNode object(String line, Tables t, int n) {
    try {
      if (json.readTree(line) instanceof ObjectNode row) {
        return row;
      }
    } catch (JacksonException e) {
      // said below
    }
    throw refused(
        "line " + (n + 1) + " of " + t.table() + ".jsonl", "allowed one JSON object a line");
  }

  private int photo(String name, Unpacked zip, Map<Long, ObjectNode> photos) throws IOException {
    if (!name.matches("photo/\\d{1,18}\\.jpg")) {
      throw refused(name, "allowed photo/<number>.jpg at this place");
    }
    ObjectNode row = photos.remove(Long.parseLong(name.substring(6, name.length() - 4)));
    if (row == null) {
      throw refused(name, "allowed photographs named in photo.jsonl");
    }
    row.put(Tables.PICTURE, "\\x" + HexFormat.of().formatHex(zip.readNBytes(LONGEST_LINE)));
    add(Tables.PHOTO, row, 0);
    return 1;
  }

  private void add(Tables t, ObjectNode row, int n) {
    try {
      db.sql(
              "insert into "
                  + t.table()
                  + " overriding system value"
                  + " select * from jsonb_populate_record(null::"
                  + t.table()
                  + ", cast(:row as jsonb))")
          .param("row", row.toString())
          .update();
    } catch (DataAccessException e) {
      throw refused(
          "line " + (n + 1) + " of " + t.table() + ".jsonl",
          "allowed rows as they were written: " + e.getMostSpecificCause().getMessage());
    }
  }

  private static FieldException refused(String what, String allowed) {
    return new FieldException("archive", what, allowed);
  }
}
