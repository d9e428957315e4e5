package kitetail.server.records;

import jakarta.servlet.http.HttpServletRequest;
import jakarta.validation.Valid;
import jakarta.validation.constraints.NotNull;
import jakarta.validation.constraints.Size;
import java.io.BufferedOutputStream;
import java.io.IOException;
import java.io.InputStream;
import java.io.OutputStream;
import java.nio.file.Files;
import java.nio.file.Path;
import java.nio.file.StandardOpenOption;
import java.time.LocalDate;
import java.util.List;
import kitetail.server.error.FieldException;
import kitetail.server.security.Needs;
import kitetail.server.security.PasswordAgain;
import kitetail.server.security.Person;
import kitetail.server.security.Right;
import kitetail.server.trail.Trail;
import org.springframework.http.CacheControl;
import org.springframework.http.ContentDisposition;
import org.springframework.http.HttpHeaders;
import org.springframework.http.HttpStatus;
import org.springframework.http.MediaType;
import org.springframework.http.ResponseEntity;
import org.springframework.security.core.annotation.AuthenticationPrincipal;
import org.springframework.web.bind.annotation.GetMapping;
import org.springframework.web.bind.annotation.PostMapping;
import org.springframework.web.bind.annotation.RequestBody;
import org.springframework.web.bind.annotation.RequestParam;
import org.springframework.web.bind.annotation.ResponseStatus;
import org.springframework.web.bind.annotation.RestController;
import org.springframework.web.servlet.mvc.method.annotation.StreamingResponseBody;

/** The shop's records: a year's tables as CSV (RFC 4180), and all of some days as one archive. */
@RestController
class RecordsController {
  /**
   * @param known rows that were there already
   */
  record ArchiveRead(int rows, int known) {}

  /**
   * @param owners as whom one of them signs in; empty once somebody can
   */
  record Claimable(List<String> owners) {}

  record Claim(@NotNull String signIn, @NotNull @Size(min = 10, max = 200) String password) {}

  private final YearTables tables;
  private final Archive archive;
  private final TakenIn takenIn;
  private final PasswordAgain again;
  private final Claims claims;
  private final Trail trail;

  RecordsController(
      YearTables tables,
      Archive archive,
      TakenIn takenIn,
      PasswordAgain again,
      Claims claims,
      Trail trail) {
    this.trail = trail;
    this.tables = tables;
    this.archive = archive;
    this.takenIn = takenIn;
    this.again = again;
    this.claims = claims;
  }

  @Needs(Right.BOOKS)
  @GetMapping(value = "/api/records/visits.csv", produces = "text/csv")
  ResponseEntity<byte[]> visits(
      @AuthenticationPrincipal Person me, @RequestParam int year, HttpServletRequest request) {
    byte[] table = tables.visits(me.shopId(), year);
    trail.takenOut(me, "books", null, request);
    return csv(table, "visits-" + year + ".csv");
  }

  @Needs(Right.BOOKS)
  @GetMapping(value = "/api/records/kit.csv", produces = "text/csv")
  ResponseEntity<byte[]> kit(
      @AuthenticationPrincipal Person me, @RequestParam int year, HttpServletRequest request) {
    byte[] table = tables.kit(me.shopId(), year);
    trail.takenOut(me, "books", null, request);
    return csv(table, "kit-" + year + ".csv");
  }

  private static ResponseEntity<byte[]> csv(byte[] table, String name) {
    return ResponseEntity.ok()
        .header(HttpHeaders.CONTENT_DISPOSITION, file(name))
        .cacheControl(CacheControl.noStore())
        .body(table);
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
}
