package kitetail.server.records;

import java.io.IOException;
import java.io.InputStream;
import java.time.OffsetDateTime;
import java.util.HashMap;
import java.util.HexFormat;
import java.util.List;
import java.util.Map;
import java.util.Set;
import java.util.TreeSet;
import java.util.UUID;
import java.util.zip.ZipEntry;
import kitetail.formats.words.Refused;
import kitetail.server.error.FieldException;
import kitetail.server.error.NotAllowedException;
import org.springframework.dao.DataAccessException;
import org.springframework.jdbc.core.simple.JdbcClient;
import org.springframework.stereotype.Component;
import org.springframework.transaction.annotation.Transactional;
import tools.jackson.core.JacksonException;
import tools.jackson.databind.JsonNode;
import tools.jackson.databind.json.JsonMapper;
import tools.jackson.databind.node.ObjectNode;

/**
 * An archive taken in: into a database in which no shop has begun, or beside what the same shop has
 * there already, so that archives of several spans go in one after another. What is there stays as
 * it is; the newest of several goes in first.
 */
@Component
class TakenIn {
  /** A plan document has 2 MB at most; a photograph 4. */
  private static final int LONGEST_LINE = 5_000_000;

  private final JdbcClient db;
  private final LongStatements longer;
  private final Claims claims;
  private final JsonMapper json = new JsonMapper();

  TakenIn(JdbcClient db, Claims claims, LongStatements longer) {
    this.db = db;
    this.longer = longer;
    this.claims = claims;
  }

  /**
   * @param added rows that were not there
   * @param known rows that were
   */
  record Rows(int added, int known) {}

  /** Whether no shop has begun on this database. */
  private boolean empty() {
    return db.sql("select not exists (select 1 from shop)").query(Boolean.class).single();
  }

  /**
   * Takes an archive in, all of it or nothing.
   *
   * @throws NotAllowedException when a shop has begun here: refused before anything of it is read,
   *     since strangers may ask
   * @throws FieldException when the file is no such archive
   */
  @Transactional
  public Rows asFirst(InputStream in) {
    if (!empty()) {
      throw new NotAllowedException(Refused.because("shop-begun"));
    }
    return unpacked(in, 0);
  }

  /**
   * Takes an archive of a shop in beside what it has, all of it or nothing.
   *
   * @throws FieldException when the archive is another shop's, or a row's number is another thing's
   *     here
   */
  @Transactional
  public Rows beside(long shopId, InputStream in) {
    return unpacked(in, shopId);
  }

  private Rows unpacked(InputStream in, long shopId) {
    try {
      return new Reading(shopId).unpack(in);
    } catch (Unpacked.TooMuch e) {
      throw refused(e.getMessage(), "allowed an archive as this program writes it");
    } catch (IOException e) {
      throw refused("a file that cannot be unpacked to its end", "allowed the whole ZIP");
    }
  }

  private final class Reading {
    /** 0 where no shop has begun. */
    private final long shopId;

    private final Map<Long, ObjectNode> photos = new HashMap<>();
    private final Map<Tables, Set<String>> columns = new HashMap<>();
    private int added;
    private int known;

    Reading(long shopId) {
      this.shopId = shopId;
    }

    Rows unpack(InputStream in) throws IOException {
      longer.inThisTransaction();
      db.sql("set local kitetail.erasing = 'on'").update();
      db.sql("set local kitetail.trail = 'off'").update();
      Unpacked zip = new Unpacked(in);
      ZipEntry first = zip.getNextEntry();
      if (first == null || !first.getName().equals("archive.json")) {
        throw refused("a file that is no archive", "allowed the ZIP this program wrote");
      }
      checkHead(json.readTree(zip.readNBytes(LONGEST_LINE)));
      int table = 0;
      for (ZipEntry e = zip.getNextEntry(); e != null; e = zip.getNextEntry()) {
        while (table < Tables.values().length && isOlderWithout(Tables.values()[table], e)) {
          table++;
        }
        if (table < Tables.values().length) {
          Tables t = Tables.values()[table++];
          if (!e.getName().equals(t.table() + ".jsonl")) {
            throw refused(e.getName(), "allowed " + t.table() + ".jsonl at this place");
          }
          rows(zip, t);
        } else {
          photo(e.getName(), zip);
        }
      }
      if (table < Tables.values().length || !photos.isEmpty()) {
        throw refused("a file that is cut short", "allowed the whole archive");
      }
      if (shopId == 0 && claims.owners().isEmpty()) {
        throw refused("an archive without an owner", "allowed one with somebody to open the shop");
      }
      numbersGoOn();
      return new Rows(added, known);
    }

    private void checkHead(JsonNode head) {
      String kind = head.path("kind").asString("");
      int version = head.path("version").asInt();
      boolean first = Archive.FIRST_KIND.equals(kind) && version == 1;
      if (!first && !(Archive.KIND.equals(kind) && version == Archive.VERSION)) {
        throw refused(
            head.toString(), "allowed " + Archive.KIND + " of version " + Archive.VERSION);
      }
      if (shopId != 0
          && !db.sql("select key::text from shop where id = :shop")
              .param("shop", shopId)
              .query(String.class)
              .single()
              .equals(head.path("shop").asString(""))) {
        throw refused("an archive of another shop", "allowed those of this shop");
      }
    }

    private boolean isOlderWithout(Tables t, ZipEntry e) {
      return t.later() && !e.getName().equals(t.table() + ".jsonl");
    }

    private void numbersGoOn() {
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
    }

    private void rows(Unpacked zip, Tables t) throws IOException {
      int n = 0;
      for (String line = zip.line(LONGEST_LINE); line != null; line = zip.line(LONGEST_LINE)) {
        ObjectNode row = object(line, t, n);
        if (t == Tables.PHOTO) {
          photos.put(row.path("id").asLong(), row);
        } else {
          if (t == Tables.PERSON) {
            row.put("password_hash", "");
          } else if (t == Tables.SHOP && !row.has("key")) {
            row.put("key", UUID.randomUUID().toString());
          }
          add(t, row, n);
        }
        n++;
      }
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

    private void photo(String name, Unpacked zip) throws IOException {
      if (!name.matches("photo/\\d{1,18}\\.jpg")) {
        throw refused(name, "allowed photo/<number>.jpg at this place");
      }
      ObjectNode row = photos.remove(Long.parseLong(name.substring(6, name.length() - 4)));
      if (row == null) {
        throw refused(name, "allowed photographs named in photo.jsonl");
      }
      row.put(Tables.PICTURE, "\\x" + HexFormat.of().formatHex(zip.readNBytes(LONGEST_LINE)));
      add(Tables.PHOTO, row, 0);
    }

    private void add(Tables t, ObjectNode row, int n) {
      try {
        if (shopId != 0 && isHere(t, row, n)) {
          known++;
          return;
        }
        Tables.SECRET.stream().filter(c -> !c.equals("password_hash")).forEach(row::remove);
        String names = String.join(", ", named(t, row));
        db.sql(
                "insert into %1$s (%2$s) overriding system value select %2$s from jsonb_populate_record(null::%1$s, cast(:row as jsonb))"
                    .formatted(t.table(), names))
            .param("row", row.toString())
            .update();
        if (shopId != 0 && !(isOurs(t, row) && leansOnOurs(row))) {
          throw refused(
              "line " + (n + 1) + " of " + t.table() + ".jsonl", "allowed rows of this shop alone");
        }
        added++;
      } catch (DataAccessException e) {
        throw refused(
            "line " + (n + 1) + " of " + t.table() + ".jsonl",
            "allowed rows as they were written: " + e.getMostSpecificCause().getMessage());
      }
    }

    /** Whoever made the file: a row of another shop on this database goes in nowhere. */
    private boolean isOurs(Tables t, ObjectNode row) {
      return db.sql(
              "select exists (select 1 from %s t where t.%s::text = :key and (%s))"
                  .formatted(t.table(), t.key, t.rows))
          .param("key", row.path(t.key).asString())
          .param("shop", shopId)
          .param("from", OffsetDateTime.parse("0001-01-01T00:00:00Z"))
          .param("to", OffsetDateTime.parse("9999-12-31T00:00:00Z"))
          .query(Boolean.class)
          .single();
    }

    private boolean leansOnOurs(ObjectNode row) {
      return db.sql(
              """
              select not exists (select 1 from person where id = :person and shop_id <> :shop)
                and not exists (select 1 from client where id = :client and shop_id <> :shop)
                and not exists (select 1 from service where id = :service and shop_id <> :shop)
                and not exists (select 1 from plan p join client c on c.id = p.client_id
                  where p.id = :plan and c.shop_id <> :shop)
              """)
          .param("person", row.path("person_id").asLong(0))
          .param("client", row.path("client_id").asLong(0))
          .param("plan", row.path("plan_id").asLong(0))
          .param("service", row.path("service_id").asLong(0))
          .param("shop", shopId)
          .query(Boolean.class)
          .single();
    }

    /** Whether the very thing a row tells of is here, whatever became of it since. */
    private boolean isHere(Tables t, ObjectNode row, int n) {
      List<String> there =
          db.sql(
                  "select (to_jsonb(t) ->> :same) is not distinct from (cast(:row as jsonb) ->> :same) from %s t where t.%s::text = :key"
                          .formatted(t.table(), t.key)
                      + (t == Tables.FAMILY ? " and t.shop_id = " + shopId : ""))
              .param("same", t.same)
              .param(
                  "row",
                  t == Tables.PHOTO
                      ? row.deepCopy().without(Tables.PICTURE).toString()
                      : row.toString())
              .param("key", row.path(t.key).asString())
              .query(String.class)
              .list();
      if (there.contains("f")) {
        throw refused(
            "line " + (n + 1) + " of " + t.table() + ".jsonl",
            "allowed where its number is not another thing's here: archives go in before work goes on");
      }
      return !there.isEmpty();
    }

    /** Those of its columns that the table has: an archive of an earlier version knows fewer. */
    private Set<String> named(Tables t, ObjectNode row) {
      Set<String> known =
          columns.computeIfAbsent(
              t,
              k ->
                  new TreeSet<>(
                      db.sql(
                              "select column_name from information_schema.columns where table_schema = 'public' and table_name = :t")
                          .param("t", k.table())
                          .query(String.class)
                          .list()));
      Set<String> out = new TreeSet<>(row.propertyNames());
      out.retainAll(known);
      return out;
    }
  }

  private static FieldException refused(String what, String allowed) {
    return new FieldException("archive", what, allowed);
  }
}
