package kitetail.server.records;

import jakarta.servlet.http.HttpServletRequest;
import jakarta.validation.Valid;
import jakarta.validation.constraints.NotNull;
import jakarta.validation.constraints.Size;
import java.io.BufferedOutputStream;
import java.io.IOException;
import java.io.InputStream;
import java.io.OutputStream;
import java.io.OutputStreamWriter;
import java.io.Writer;
import java.nio.charset.StandardCharsets;
import java.nio.file.Files;
import java.nio.file.Path;
import java.nio.file.StandardOpenOption;
import java.sql.ResultSet;
import java.sql.SQLException;
import java.time.LocalDate;
import java.time.OffsetDateTime;
import java.time.ZoneId;
import java.util.List;
import kitetail.server.client.ClientRepository;
import kitetail.server.error.FieldException;
import kitetail.server.security.Needs;
import kitetail.server.security.PasswordAgain;
import kitetail.server.security.Person;
import kitetail.server.security.Right;
import kitetail.server.trail.Trail;
import org.apache.commons.csv.CSVFormat;
import org.apache.commons.csv.CSVPrinter;
import org.springframework.http.CacheControl;
import org.springframework.http.ContentDisposition;
import org.springframework.http.HttpHeaders;
import org.springframework.http.HttpStatus;
import org.springframework.http.MediaType;
import org.springframework.http.ResponseEntity;
import org.springframework.jdbc.core.simple.JdbcClient;
import org.springframework.security.core.annotation.AuthenticationPrincipal;
import org.springframework.transaction.annotation.Transactional;
import org.springframework.web.bind.annotation.GetMapping;
import org.springframework.web.bind.annotation.PostMapping;
import org.springframework.web.bind.annotation.RequestBody;
import org.springframework.web.bind.annotation.RequestParam;
import org.springframework.web.bind.annotation.ResponseStatus;
import org.springframework.web.bind.annotation.RestController;
import org.springframework.web.servlet.mvc.method.annotation.StreamingResponseBody;

/** The shop's records: a year's tables as CSV (RFC 4180), and all of some days as one archive. */
@RestController
public class RecordsController {
  private static final CSVFormat CSV = CSVFormat.RFC4180;

  private static final String VISITS =
      """
      select v.id, to_char(v.started_at at time zone :zone, 'YYYY-MM-DD') as day,
        to_char(v.started_at at time zone :zone, 'HH24:MI') as began,
        to_char(v.finished_at at time zone :zone, 'HH24:MI') as ended,
        round(extract(epoch from v.finished_at - v.started_at) / 60)::bigint as minutes,
        p.name as stylist, c.id as client,
        case when c.erased_at is null then c.name else 'Erased' end as client_name,
        case when c.erased_at is null then v.document ->> 'title' else 'Erased' end as plan, v.moves_done as moves,
        round(v.price_cents / 100.0, 2) as price,
        coalesce((v.document -> 'styling' ->> 'productShare')::double precision > 0, false) as product,
        v.return_on, case when c.erased_at is null then v.remarks else '' end as remarks
      from visit v join client c on c.id = v.client_id join person p on p.id = v.person_id
      where c.shop_id = :shop and v.finished_at >= :from and v.finished_at < :to order by v.finished_at, v.id
      """;

  private static final String KIT =
      """
      select k.id as tool, k.kind, k.name, k.measured_mm, k.note, k.retired, e.kind as done,
        to_char(e.at at time zone :zone, 'YYYY-MM-DD HH24:MI') as at, p.name as by, e.client_id as client
      from kit k left join kit_event e on e.kit_id = k.id and e.at >= :from and e.at < :to
      left join person p on p.id = e.person_id
      where k.shop_id = :shop order by k.id, e.at, e.id
      """;

  /**
   * @param known rows that were there already
   */
  record ArchiveRead(int rows, int known) {}

  /**
   * @param owners as whom one of them signs in; empty once somebody can
   */
  record Claimable(List<String> owners) {}

  record Claim(
      @NotNull(message = "must be given") String signIn,
      @NotNull(message = "must be given")
          @Size(min = 10, max = 200, message = "allowed 10 to 200 characters")
          String password) {}

  private final JdbcClient db;
  private final ClientRepository clients;
  private final Archive archive;
  private final TakenIn takenIn;
  private final LongStatements longer;
  private final PasswordAgain again;
  private final Claims claims;
  private final Trail trail;

  RecordsController(
      JdbcClient db,
      ClientRepository clients,
      Archive archive,
      TakenIn takenIn,
      LongStatements longer,
      PasswordAgain again,
      Claims claims,
      Trail trail) {
    this.trail = trail;
    this.db = db;
    this.clients = clients;
    this.archive = archive;
    this.takenIn = takenIn;
    this.longer = longer;
    this.again = again;
    this.claims = claims;
  }

  @Needs(Right.BOOKS)
  @GetMapping(value = "/api/records/visits.csv", produces = "text/csv")
  @Transactional(readOnly = true)
  public ResponseEntity<byte[]> visits(
      @AuthenticationPrincipal Person me, @RequestParam int year, HttpServletRequest request)
      throws IOException {
    Span.ofYear(year);
    trail.takenOut(me, "books", null, request);
    return table(me, year, VISITS, "visits");
  }

  @Needs(Right.BOOKS)
  @GetMapping(value = "/api/records/kit.csv", produces = "text/csv")
  @Transactional(readOnly = true)
  public ResponseEntity<byte[]> kit(@AuthenticationPrincipal Person me, @RequestParam int year)
      throws IOException {
    return table(me, year, KIT, "kit");
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

  private ResponseEntity<byte[]> table(Person me, int year, String sql, String name)
      throws IOException {
    Span.ofYear(year);
    longer.inThisTransaction();
    String zone = clients.zone(me.shopId());
    java.io.ByteArrayOutputStream out = new java.io.ByteArrayOutputStream();
    try (Writer w = new OutputStreamWriter(out, StandardCharsets.UTF_8);
        CSVPrinter csv = new CSVPrinter(w, CSV)) {
      db.sql(sql)
          .withFetchSize(500)
          .param("shop", me.shopId())
          .param("zone", zone)
          .param("from", begins(year, zone))
          .param("to", begins(year + 1, zone))
          .query(
              rs -> {
                try {
                  csv.printHeaders(rs);
                  rows(rs, csv);
                } catch (IOException e) {
                  throw new java.io.UncheckedIOException(e);
                }
                return true;
              });
    }
    return ResponseEntity.ok()
        .header(HttpHeaders.CONTENT_DISPOSITION, file(name + "-" + year + ".csv"))
        .cacheControl(CacheControl.noStore())
        .body(out.toByteArray());
  }

  /**
   * No secret goes along: where it is taken in, an owner gives a password first. Asked for the
   * password again, since a session may stand open.
   */
  @Needs(Right.ARCHIVE)
  @GetMapping(value = "/api/records/archive.zip", produces = "application/zip")
  ResponseEntity<StreamingResponseBody> archive(
      @AuthenticationPrincipal Person me,
      @RequestParam(required = false) Integer year,
      @RequestParam(required = false) LocalDate from,
      @RequestParam(required = false) LocalDate to,
      HttpServletRequest request)
      throws IOException {
    Span days = span(year, from, to);
    again.need(request.getSession(false));
    Path spooled = spooled(me.shopId(), days);
    trail.takenOut(me, "archive", null, request);
    return ResponseEntity.ok()
        .header(HttpHeaders.CONTENT_DISPOSITION, file("shop-" + days.name() + ".zip"))
        .contentType(MediaType.valueOf("application/zip"))
        .contentLength(Files.size(spooled))
        .cacheControl(CacheControl.noStore())
        .body(
            out -> {
              try (InputStream in =
                  Files.newInputStream(spooled, StandardOpenOption.DELETE_ON_CLOSE)) {
                in.transferTo(out);
              }
            });
  }

  /** Written to disk first: who loads it slowly holds no connection to the database. */
  private Path spooled(long shopId, Span days) throws IOException {
    Path to = Files.createTempFile("kitetail-archive", ".zip");
    try (OutputStream out = new BufferedOutputStream(Files.newOutputStream(to))) {
      archive.write(shopId, days, out);
      return to;
    } catch (IOException | RuntimeException e) {
      Files.deleteIfExists(to);
      throw e;
    }
  }

  /** An archive into a database in which no shop has begun. */
  @PostMapping(value = "/api/session/archive", consumes = MediaType.APPLICATION_OCTET_STREAM_VALUE)
  ArchiveRead takeIn(InputStream in) {
    TakenIn.Rows rows = takenIn.asFirst(in);
    return new ArchiveRead(rows.added(), rows.known());
  }

  /** A further archive of this shop, of another span: beside what is here. */
  @Needs(Right.ARCHIVE)
  @PostMapping(value = "/api/records/archive", consumes = MediaType.APPLICATION_OCTET_STREAM_VALUE)
  ArchiveRead takeInBeside(
      @AuthenticationPrincipal Person me, InputStream in, HttpServletRequest request) {
    again.need(request.getSession(false));
    TakenIn.Rows rows = takenIn.beside(me.shopId(), in);
    return new ArchiveRead(rows.added(), rows.known());
  }

  /** Who owns a shop that was taken in, while nobody can sign in to it yet. */
  @GetMapping("/api/session/claim")
  Claimable claimable() {
    return new Claimable(claims.owners());
  }

  /** The first password of a shop that was taken in. */
  @PostMapping("/api/session/claim")
  @ResponseStatus(HttpStatus.NO_CONTENT)
  void claim(@Valid @RequestBody Claim c) {
    claims.claim(c.signIn(), c.password());
  }

  private static String file(String name) {
    return ContentDisposition.attachment().filename(name).build().toString();
  }

  private static Span span(Integer year, LocalDate from, LocalDate to) {
    if (year != null) {
      return Span.ofYear(year);
    }
    if (from == null || to == null) {
      throw new FieldException("year", "none", "allowed a year, or from and to as days");
    }
    return new Span(from, to);
  }

  private static OffsetDateTime begins(int year, String zone) {
    return LocalDate.of(year, 1, 1).atStartOfDay(ZoneId.of(zone)).toOffsetDateTime();
  }
}
