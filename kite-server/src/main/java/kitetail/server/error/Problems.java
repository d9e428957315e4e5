package kitetail.server.error;

import java.util.List;
import java.util.stream.Collectors;
import kitetail.formats.json.PlanProblem;
import kitetail.formats.json.PlanProblemException;
import kitetail.head.HeadMeasureException;
import org.springframework.core.Ordered;
import org.springframework.core.annotation.Order;
import org.springframework.http.HttpStatus;
import org.springframework.http.ProblemDetail;
import org.springframework.http.converter.HttpMessageNotReadableException;
import org.springframework.web.bind.MethodArgumentNotValidException;
import org.springframework.web.bind.annotation.ExceptionHandler;
import org.springframework.web.bind.annotation.RestControllerAdvice;

/** The one place that turns what went wrong into problem details (RFC 9457). */
@RestControllerAdvice
@Order(Ordered.HIGHEST_PRECEDENCE) // before Spring's own wording of the same faults
class Problems {
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
    return fields(
        List.of(
            new PlanProblem(
                "$.head." + e.field(),
                Double.toString(e.valueMm()),
                String.format(
                    java.util.Locale.ROOT,
                    "allowed %.0f to %.0f given the other measures",
                    e.minMm(),
                    e.maxMm()))));
  }

  @ExceptionHandler
  ProblemDetail invalid(MethodArgumentNotValidException e) {
    return fields(
        e.getFieldErrors().stream()
            .map(
                f ->
                    new PlanProblem(
                        "$." + f.getField(),
                        String.valueOf(f.getRejectedValue()),
                        f.getDefaultMessage()))
            .toList());
  }

  @ExceptionHandler
  ProblemDetail unreadable(HttpMessageNotReadableException e) {
    return ProblemDetail.forStatusAndDetail(
        HttpStatus.BAD_REQUEST, "What was sent is not the JSON expected here.");
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
  ProblemDetail missing(NotFoundException e) {
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
