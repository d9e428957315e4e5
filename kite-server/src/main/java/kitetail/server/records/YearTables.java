package kitetail.server.records;

import java.io.ByteArrayOutputStream;
import java.io.IOException;
import java.io.OutputStreamWriter;
import java.io.UncheckedIOException;
import java.io.Writer;
import java.nio.charset.StandardCharsets;
import java.sql.ResultSet;
import java.sql.SQLException;
import java.time.LocalDate;
import java.time.OffsetDateTime;
import java.time.ZoneId;
import kitetail.server.security.PersonRepository;
import kitetail.server.visit.VisitRepository;
import org.apache.commons.csv.CSVFormat;
import org.apache.commons.csv.CSVPrinter;
import org.springframework.jdbc.core.simple.JdbcClient;
import org.springframework.stereotype.Repository;
import org.springframework.transaction.annotation.Transactional;

/** A year of the shop's books as CSV (RFC 4180). */
@Repository
class YearTables {
  private static final CSVFormat CSV = CSVFormat.RFC4180;

  private static final String VISITS =
      """
      select v.id, to_char(v.started_at at time zone :zone, 'YYYY-MM-DD') as day,
        to_char(v.started_at at time zone :zone, 'HH24:MI') as began,
        to_char(v.finished_at at time zone :zone, 'HH24:MI') as ended,
        %s as minutes,
        p.name as stylist, c.id as client,
        case when c.erased_at is null then c.name else 'Erased' end as client_name,
        case when c.erased_at is null then v.document ->> 'title' else 'Erased' end as plan, v.moves_done as moves,
        round(v.price_cents / 100.0, 2) as price,
        coalesce((v.document -> 'styling' ->> 'productShare')::double precision > 0, false) as product,
        v.return_on, case when c.erased_at is null then v.remarks else '' end as remarks
      from visit v join client c on c.id = v.client_id join person p on p.id = v.person_id
      where c.shop_id = :shop and v.finished_at >= :from and v.finished_at < :to order by v.finished_at, v.id
      """
          .formatted(VisitRepository.MINUTES);

  private static final String KIT =
      """
      select k.id as tool, k.kind, k.name, k.measured_mm, k.note, k.retired, e.kind as done,
        to_char(e.at at time zone :zone, 'YYYY-MM-DD HH24:MI') as at, p.name as by, e.client_id as client
      from kit k left join kit_event e on e.kit_id = k.id and e.at >= :from and e.at < :to
      left join person p on p.id = e.person_id
      where k.shop_id = :shop order by k.id, e.at, e.id
      """;

  private final JdbcClient db;
  private final PersonRepository people;
  private final LongStatements longer;

  YearTables(JdbcClient db, PersonRepository people, LongStatements longer) {
    this.db = db;
    this.people = people;
    this.longer = longer;
  }

  /**
   * @throws kitetail.server.error.FieldException when the year is out of range
   */
  @Transactional(readOnly = true)
  public byte[] visits(long shopId, int year) {
    return table(shopId, year, VISITS);
  }

  /**
   * @throws kitetail.server.error.FieldException when the year is out of range
   */
  @Transactional(readOnly = true)
  public byte[] kit(long shopId, int year) {
    return table(shopId, year, KIT);
  }

  private byte[] table(long shopId, int year, String sql) {
    Span.ofYear(year);
    longer.inThisTransaction();
    String zone = people.zone(shopId);
    ByteArrayOutputStream out = new ByteArrayOutputStream();
    try (Writer w = new OutputStreamWriter(out, StandardCharsets.UTF_8);
        CSVPrinter csv = new CSVPrinter(w, CSV)) {
      db.sql(sql)
          .withFetchSize(500)
          .param("shop", shopId)
          .param("zone", zone)
          .param("from", begins(year, zone))
          .param("to", begins(year + 1, zone))
          .query(
              rs -> {
                try {
                  csv.printHeaders(rs);
                  rows(rs, csv);
                } catch (IOException e) {
                  throw new UncheckedIOException(e);
                }
                return true;
              });
    } catch (IOException e) {
      throw new UncheckedIOException(e);
    }
    return out.toByteArray();
  }

  private static void rows(ResultSet rs, CSVPrinter csv) throws SQLException, IOException {
    int columns = rs.getMetaData().getColumnCount();
    while (rs.next()) {
      for (int c = 1; c <= columns; c++) {
        Object value = rs.getObject(c);
        csv.print(value instanceof String s ? harmless(s) : value);
      }
      csv.println();
    }
  }

  /** A text that a spreadsheet would work out as a formula is marked as a text; common practice. */
  private static String harmless(String text) {
    boolean formula = !text.isEmpty() && "=+-@\t\r".indexOf(text.charAt(0)) >= 0;
    return formula ? "'" + text : text;
  }

  private static OffsetDateTime begins(int year, String zone) {
    return LocalDate.of(year, 1, 1).atStartOfDay(ZoneId.of(zone)).toOffsetDateTime();
  }
}
