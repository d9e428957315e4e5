package kitetail.server.error;

import jakarta.validation.ConstraintViolation;
import jakarta.validation.Validator;
import java.net.SocketTimeoutException;
import java.sql.SQLException;
import java.util.Arrays;
import java.util.List;
import java.util.Optional;
import java.util.stream.Collectors;
import kitetail.formats.json.PlanJson;
import kitetail.formats.json.PlanProblem;
import kitetail.formats.json.PlanProblemException;
import kitetail.formats.words.Refused;
import kitetail.head.HeadMeasureException;
import kitetail.work.Deadline;
import org.springframework.core.Ordered;
import org.springframework.core.annotation.Order;
import org.springframework.dao.DataAccessException;
import org.springframework.http.HttpHeaders;
import org.springframework.http.HttpStatus;
import org.springframework.http.ProblemDetail;
import org.springframework.http.ResponseEntity;
import org.springframework.http.converter.HttpMessageNotReadableException;
import org.springframework.transaction.TransactionException;
import org.springframework.web.bind.MethodArgumentNotValidException;
import org.springframework.web.bind.annotation.ExceptionHandler;
import org.springframework.web.bind.annotation.RestControllerAdvice;
import org.springframework.web.method.annotation.MethodArgumentTypeMismatchException;
import tools.jackson.databind.DatabindException;
import tools.jackson.databind.exc.InvalidFormatException;
import tools.jackson.databind.exc.InvalidNullException;
import tools.jackson.databind.exc.ValueInstantiationException;

/** The one place that turns what went wrong into problem details (RFC 9457). */
@RestControllerAdvice
@Order(Ordered.HIGHEST_PRECEDENCE) // before Spring's own wording of the same faults
class Problems {
  private static final String OF_ERASED = "KT410";

  /** A check of the database's own refused it (SQLSTATE). */
  private static final String CHECKED = "23514";

  /** Something that must be there was not. */
  private static final String MISSING = "23502";

  private final Erased erased;
  private final Validator validator;

  Problems(Erased erased, Validator validator) {
    this.erased = erased;
    this.validator = validator;
  }

  @ExceptionHandler
  ProblemDetail plan(PlanProblemException e) {
    return fields(e.problems());
  }

  @ExceptionHandler
  ProblemDetail field(FieldException e) {
    return fields(e.problems());
  }

  @ExceptionHandler
  ProblemDetail measure(HeadMeasureException e) {
    return fields(List.of(PlanJson.problem(e)));
  }

  @ExceptionHandler
  ProblemDetail unknown(UnknownWorkException e) {
    ProblemDetail p = ProblemDetail.forStatusAndDetail(HttpStatus.NOT_FOUND, e.getMessage());
    p.setProperty("unknownWork", true);
    return p;
  }

  @ExceptionHandler
  ProblemDetail invalid(MethodArgumentNotValidException e) {
    return fields(
        e.getFieldErrors().stream()
            .map(
                f -> Allowance.broken(validator, f.unwrap(ConstraintViolation.class), f.getField()))
            .toList());
  }

  @ExceptionHandler
  ProblemDetail unreadable(HttpMessageNotReadableException e) {
    for (Throwable t = e; t != null; t = t.getCause()) {
      if (t instanceof BodyLimit.TooLarge l) {
        return tooLarge(l);
      }
      if (t instanceof PlanProblemException p) {
        return plan(p);
      }
      if (t instanceof UnknownWorkException u) {
        return unknown(u);
      }
      if (t instanceof InvalidFormatException f && f.getTargetType().isEnum()) {
        return fields(List.of(choice(f)));
      }
      if (t instanceof ValueInstantiationException v && v.getCause() != null) {
        return fields(List.of(new PlanProblem(path(v), "this", v.getCause().getMessage())));
      }
      if (t instanceof InvalidNullException n) {
        return fields(List.of(new PlanProblem(path(n), "null", Refused.because("must-be-given"))));
      }
      if (t instanceof BodyLimit.TooSlow || t instanceof SocketTimeoutException) {
        return ProblemDetail.forStatusAndDetail(
            HttpStatus.REQUEST_TIMEOUT, new BodyLimit.TooSlow().getMessage());
      }
    }
    return ProblemDetail.forStatusAndDetail(
        HttpStatus.BAD_REQUEST, Refused.because("not-the-json"));
  }

  private static String path(DatabindException e) {
    return "$"
        + e.getPath().stream()
            .map(
                r ->
                    r.getPropertyName() == null
                        ? "[" + r.getIndex() + "]"
                        : "." + r.getPropertyName())
            .collect(Collectors.joining());
  }

  /** A word of an address that is none of its choices, or no number. */
  @ExceptionHandler
  ProblemDetail address(MethodArgumentTypeMismatchException e) {
    Class<?> type = e.getRequiredType();
    return fields(
        List.of(
            new PlanProblem(
                e.getName(),
                String.valueOf(e.getValue()),
                type != null && type.isEnum() ? choices(type) : "it cannot be read")));
  }

  private static String choices(Class<?> type) {
    return "allowed "
        + Arrays.stream(type.getEnumConstants())
            .map(c -> PlanJson.name((Enum<?>) c))
            .collect(Collectors.joining(", "));
  }

  /** None of the choices there are. */
  private static PlanProblem choice(InvalidFormatException e) {
    return new PlanProblem(path(e), String.valueOf(e.getValue()), choices(e.getTargetType()));
  }

  @ExceptionHandler
  ProblemDetail tooLarge(BodyLimit.TooLarge e) {
    return ProblemDetail.forStatusAndDetail(HttpStatus.CONTENT_TOO_LARGE, e.getMessage());
  }

  /**
   * The database keeps nothing, a client was erased, or a text or a date is none that it can keep.
   */
  @ExceptionHandler
  ResponseEntity<ProblemDetail> database(DataAccessException e) {
    Optional<DatabaseFault> fault = DatabaseFault.of(e);
    if (fault.isPresent()) {
      return unavailable(fault.get().sentence());
    }
    for (Throwable t = e; t != null; t = t.getCause()) {
      if (t instanceof SQLException s && OF_ERASED.equals(s.getSQLState())) {
        return ResponseEntity.status(HttpStatus.GONE)
            .body(ProblemDetail.forStatusAndDetail(HttpStatus.GONE, Refused.because("erased")));
      }
      if (t instanceof SQLException s && s.getSQLState() != null) {
        // Class 22: data that cannot be stored, as a NUL in a text or a year past all calendars.
        if (s.getSQLState().startsWith("22")) {
          return notKept(Refused.because("not-kept"));
        }
        // What passed every check before and is empty, too long or out of range all the same.
        if (s.getSQLState().equals(CHECKED) || s.getSQLState().equals(MISSING)) {
          return notKept(Refused.because("out-of-range"));
        }
      }
    }
    throw e;
  }

  @ExceptionHandler
  ResponseEntity<ProblemDetail> transaction(TransactionException e) {
    return unavailable(DatabaseFault.of(e).orElseThrow(() -> e).sentence());
  }

  private static ResponseEntity<ProblemDetail> notKept(String sentence) {
    return ResponseEntity.unprocessableContent()
        .body(ProblemDetail.forStatusAndDetail(HttpStatus.UNPROCESSABLE_CONTENT, sentence));
  }

  private static ResponseEntity<ProblemDetail> unavailable(String sentence) {
    return ResponseEntity.status(HttpStatus.SERVICE_UNAVAILABLE)
        .header(HttpHeaders.RETRY_AFTER, DatabaseFault.AGAIN_SECONDS)
        .body(ProblemDetail.forStatusAndDetail(HttpStatus.SERVICE_UNAVAILABLE, sentence));
  }

  @ExceptionHandler
  ResponseEntity<ProblemDetail> tooMany(TooManyTriesException e) {
    return ResponseEntity.status(HttpStatus.TOO_MANY_REQUESTS)
        .header(HttpHeaders.RETRY_AFTER, Long.toString(e.waitSeconds()))
        .body(ProblemDetail.forStatusAndDetail(HttpStatus.TOO_MANY_REQUESTS, e.getMessage()));
  }

  /** Not asked again by itself: it would take as long again. */
  @ExceptionHandler
  ResponseEntity<ProblemDetail> passed(Deadline.Passed e) {
    return unavailable(Refused.because("too-long-work"));
  }

  /** Nothing was done: the page may ask again by itself. */
  @ExceptionHandler
  ResponseEntity<ProblemDetail> busy(BusyException e) {
    HttpStatus status =
        e.isOnesOwn() ? HttpStatus.TOO_MANY_REQUESTS : HttpStatus.SERVICE_UNAVAILABLE;
    ProblemDetail p = ProblemDetail.forStatusAndDetail(status, e.getMessage());
    p.setProperty("askAgain", true);
    return ResponseEntity.status(status)
        .header(HttpHeaders.RETRY_AFTER, Integer.toString(e.againSeconds()))
        .body(p);
  }

  @ExceptionHandler
  ProblemDetail stale(StaleVersionException e) {
    ProblemDetail p = ProblemDetail.forStatusAndDetail(HttpStatus.CONFLICT, e.getMessage());
    p.setProperty("currentVersion", e.current());
    return p;
  }

  @ExceptionHandler
  ProblemDetail taken(TakenException e) {
    return ProblemDetail.forStatusAndDetail(HttpStatus.CONFLICT, e.getMessage());
  }

  @ExceptionHandler
  ProblemDetail device(DeviceFault e) {
    return ProblemDetail.forStatusAndDetail(HttpStatus.BAD_GATEWAY, e.getMessage());
  }

  @ExceptionHandler
  ProblemDetail notAllowed(NotAllowedException e) {
    return ProblemDetail.forStatusAndDetail(HttpStatus.FORBIDDEN, e.getMessage());
  }

  @ExceptionHandler
  ProblemDetail missing(NotFoundException e) {
    if (e.kind() != null && erased.was(e.kind(), e.key())) {
      return ProblemDetail.forStatusAndDetail(HttpStatus.GONE, Refused.because("erased"));
    }
    return ProblemDetail.forStatusAndDetail(HttpStatus.NOT_FOUND, e.getMessage());
  }

  private static ProblemDetail fields(List<PlanProblem> problems) {
    ProblemDetail p =
        ProblemDetail.forStatusAndDetail(
            HttpStatus.UNPROCESSABLE_CONTENT,
            problems.stream().map(PlanProblem::line).collect(Collectors.joining("\n")));
    p.setProperty("problems", problems);
    return p;
  }
}
