package kitetail.server.visit;

import jakarta.validation.Valid;
import kitetail.server.answer.Added;
import kitetail.server.security.Person;
import org.springframework.http.HttpStatus;
import org.springframework.security.core.annotation.AuthenticationPrincipal;
import org.springframework.web.bind.annotation.PostMapping;
import org.springframework.web.bind.annotation.RequestBody;
import org.springframework.web.bind.annotation.ResponseStatus;
import org.springframework.web.bind.annotation.RestController;

/** Finishing a visit. */
@RestController
class VisitController {
  private final Visits visits;

  VisitController(Visits visits) {
    this.visits = visits;
  }

  @PostMapping("/api/visits")
  @ResponseStatus(HttpStatus.CREATED)
  Added add(@AuthenticationPrincipal Person me, @Valid @RequestBody Visits.NewVisit v) {
    return new Added(visits.finish(me.shopId(), me.id(), v));
  }
}
