package kitetail.server.records;

import java.io.IOException;
import java.io.OutputStream;
import java.nio.charset.StandardCharsets;
import java.time.OffsetDateTime;
import java.time.ZoneId;
import java.util.zip.ZipEntry;
import java.util.zip.ZipOutputStream;
import org.springframework.jdbc.core.simple.JdbcClient;
import org.springframework.stereotype.Component;
import org.springframework.transaction.annotation.Transactional;
import tools.jackson.databind.json.JsonMapper;

/**
 * Some days of a shop as one ZIP: a file of JSON lines for every table, a row a line, and every
 * photograph as a JPEG. What has no date, people, clients, plans, goes along whole, so that an
 * archive stands by itself.
 */
@Component
class Archive {
  static final String KIND = "kite-tail-archive";
  static final int VERSION = 2;

  /** What it was called while it was always a year's. */
  static final String FIRST_KIND = "kite-tail-year";

  private final JdbcClient db;
  private final LongStatements longer;
  private final JsonMapper json = new JsonMapper();

  Archive(JdbcClient db, LongStatements longer) {
    this.db = db;
    this.longer = longer;
  }

  private record Shop(ZoneId zone, String key) {}

  @Transactional(readOnly = true)
  void write(long shopId, Span days, OutputStream to) throws IOException {
    longer.inThisTransaction();
    Shop shop =
        db.sql("select zone, key::text from shop where id = :shop")
            .param("shop", shopId)
            .query((rs, n) -> new Shop(ZoneId.of(rs.getString(1)), rs.getString(2)))
            .single();
    OffsetDateTime from = days.from().atStartOfDay(shop.zone).toOffsetDateTime();
    OffsetDateTime until = days.to().plusDays(1).atStartOfDay(shop.zone).toOffsetDateTime();
    ZipOutputStream zip = new ZipOutputStream(to, StandardCharsets.UTF_8);
    zip.putNextEntry(new ZipEntry("archive.json"));
    zip.write(
        json.createObjectNode()
            .put("kind", KIND)
            .put("version", VERSION)
            .put("shop", shop.key)
            .put("from", days.from().toString())
            .put("to", days.to().toString())
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
}
