package kitetail.server.showing;

import kitetail.server.answer.EngineWork;
import kitetail.server.plan.PlanRepository;
import kitetail.server.security.Needs;
import kitetail.server.security.Person;
import kitetail.server.security.Right;
import org.springframework.http.CacheControl;
import org.springframework.http.ContentDisposition;
import org.springframework.http.HttpHeaders;
import org.springframework.http.MediaType;
import org.springframework.http.ResponseEntity;
import org.springframework.security.core.annotation.AuthenticationPrincipal;
import org.springframework.web.bind.annotation.DeleteMapping;
import org.springframework.web.bind.annotation.GetMapping;
import org.springframework.web.bind.annotation.PathVariable;
import org.springframework.web.bind.annotation.PostMapping;
import org.springframework.web.bind.annotation.RequestMapping;
import org.springframework.web.bind.annotation.RestController;

/** The stylist shows a plan to its client on another screen, sees what was said, and prints it. */
@RestController
@RequestMapping("/api/plans/{id}")
class ShowingController {
  private final ShowingRepository showings;
  private final PlanRepository plans;
  private final Cards cards;

  ShowingController(ShowingRepository showings, PlanRepository plans, Cards cards) {
    this.showings = showings;
    this.plans = plans;
    this.cards = cards;
  }

  /** A card for the client to take home, A6. */
  @EngineWork
  @GetMapping(value = "/card.pdf", produces = MediaType.APPLICATION_PDF_VALUE)
  ResponseEntity<byte[]> card(@AuthenticationPrincipal Person me, @PathVariable long id) {
    byte[] pdf = cards.pdf(me, plans.get(me.shopId(), id));
    return ResponseEntity.ok()
        .header(
            HttpHeaders.CONTENT_DISPOSITION,
            ContentDisposition.attachment().filename("card-" + id + ".pdf").build().toString())
        .cacheControl(CacheControl.noStore())
        .body(pdf);
  }

  @PostMapping("/showing")
  ShowingRepository.Showing begin(@AuthenticationPrincipal Person me, @PathVariable long id) {
    return showings.begin(plans.get(me.shopId(), id).id());
  }

  /** The last, over or not; 204 when this plan was never shown. */
  @Needs(Right.SEE)
  @GetMapping("/showing")
  ResponseEntity<ShowingRepository.Showing> last(
      @AuthenticationPrincipal Person me, @PathVariable long id) {
    return showings
        .last(plans.get(me.shopId(), id).id())
        .map(ResponseEntity::ok)
        .orElseGet(() -> ResponseEntity.noContent().build());
  }

  @DeleteMapping("/showing")
  void end(@AuthenticationPrincipal Person me, @PathVariable long id) {
    showings.end(plans.get(me.shopId(), id).id());
  }
}
