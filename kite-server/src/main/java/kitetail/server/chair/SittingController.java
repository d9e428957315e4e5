package kitetail.server.chair;

import jakarta.validation.Valid;
import java.util.List;
import java.util.UUID;
import kitetail.server.security.Person;
import org.springframework.http.HttpStatus;
import org.springframework.http.ProblemDetail;
import org.springframework.security.core.annotation.AuthenticationPrincipal;
import org.springframework.web.bind.annotation.ExceptionHandler;
import org.springframework.web.bind.annotation.GetMapping;
import org.springframework.web.bind.annotation.PathVariable;
import org.springframework.web.bind.annotation.PostMapping;
import org.springframework.web.bind.annotation.RequestBody;
import org.springframework.web.bind.annotation.RequestMapping;
import org.springframework.web.bind.annotation.RequestParam;
import org.springframework.web.bind.annotation.RestController;

/** Begins a sitting and takes in what devices write down in it. */
@RestController
@RequestMapping("/api")
class SittingController {
  private final Sittings sittings;

  SittingController(Sittings sittings) {
    this.sittings = sittings;
  }

  /** As it stands, or as it would begin; looking begins none. */
  @GetMapping("/plans/{planId}/sitting")
  Sittings.SittingView look(@AuthenticationPrincipal Person me, @PathVariable long planId) {
    return sittings.look(me, planId);
  }

  @PostMapping("/plans/{planId}/sitting")
  Sittings.SittingView begin(
      @AuthenticationPrincipal Person me,
      @PathVariable long planId,
      @Valid @RequestBody Sittings.Begin b) {
    return sittings.begin(me, planId, b);
  }

  /** What came in after an entry, from every device. */
  @GetMapping("/sittings/{token}/entries")
  List<Sittings.EntryRow> entries(
      @AuthenticationPrincipal Person me,
      @PathVariable UUID token,
      @RequestParam(defaultValue = "0") long after) {
    return sittings.after(me, token, after);
  }

  @PostMapping("/sittings/{token}/entries")
  Sittings.StoredSoFar add(
      @AuthenticationPrincipal Person me,
      @PathVariable UUID token,
      @Valid @RequestBody Sittings.Writing w) {
    return sittings.add(me, token, w);
  }

  @ExceptionHandler
  ProblemDetail other(SittingRepository.OtherException e) {
    return ProblemDetail.forStatusAndDetail(HttpStatus.CONFLICT, e.getMessage());
  }

  @ExceptionHandler
  ProblemDetail gap(SittingRepository.GapException e) {
    ProblemDetail p = ProblemDetail.forStatusAndDetail(HttpStatus.CONFLICT, e.getMessage());
    p.setProperty("stored", e.expected);
    return p;
  }
}
