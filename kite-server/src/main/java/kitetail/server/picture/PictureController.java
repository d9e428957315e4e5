package kitetail.server.picture;

import java.time.Duration;
import kitetail.formats.picture.Light;
import kitetail.formats.picture.View;
import kitetail.plan.Plan;
import kitetail.server.answer.EngineWork;
import kitetail.server.client.ClientRepository;
import kitetail.server.client.SitDownRepository;
import kitetail.server.plan.PlanRepository;
import kitetail.server.proposal.Growing;
import kitetail.server.proposal.Proposals;
import kitetail.server.security.Person;
import kitetail.server.visit.VisitRepository;
import org.jspecify.annotations.Nullable;
import org.springframework.http.CacheControl;
import org.springframework.http.MediaType;
import org.springframework.http.ResponseEntity;
import org.springframework.security.core.annotation.AuthenticationPrincipal;
import org.springframework.web.bind.annotation.GetMapping;
import org.springframework.web.bind.annotation.PathVariable;
import org.springframework.web.bind.annotation.PostMapping;
import org.springframework.web.bind.annotation.RequestBody;
import org.springframework.web.bind.annotation.RequestParam;
import org.springframework.web.bind.annotation.RestController;

/**
 * Small stills for lists: a plan as it stands, a visit as it was cut. The address carries the
 * version, so they may be kept.
 */
@RestController
@EngineWork
class PictureController {
  private final PlanRepository plans;
  private final VisitRepository visits;
  private final ClientRepository clients;
  private final SitDownRepository sitDowns;
  private final Stills stills;
  private final Proposals proposals;
  private final Growing growing;

  PictureController(
      PlanRepository plans,
      VisitRepository visits,
      ClientRepository clients,
      SitDownRepository sitDowns,
      Stills stills,
      Proposals proposals,
      Growing growing) {
    this.plans = plans;
    this.visits = visits;
    this.clients = clients;
    this.sitDowns = sitDowns;
    this.stills = stills;
    this.proposals = proposals;
    this.growing = growing;
  }

  @GetMapping(value = "/api/plans/{id}/picture.png", produces = MediaType.IMAGE_PNG_VALUE)
  ResponseEntity<byte[]> ofPlan(
      @AuthenticationPrincipal Person me,
      @PathVariable long id,
      @RequestParam(defaultValue = "right") View view,
      @RequestParam(defaultValue = "240") int width,
      @RequestParam(defaultValue = "300") int height,
      @RequestParam(defaultValue = "hair") String coat,
      @RequestParam(defaultValue = "false") boolean before,
      @RequestParam(defaultValue = "0") double week,
      @RequestParam(defaultValue = "day") Light light,
      @RequestParam(required = false) @Nullable String way,
      @RequestParam(defaultValue = "0") double hours,
      @RequestParam(defaultValue = "0") double dampAir) {
    Plan plan = stills.dressed(plans.get(me.shopId(), id).plan(), way, hours, dampAir);
    Stills.Frame frame = new Stills.Frame(view, width, height);
    if (before) {
      return kept(stills.before(plan, frame));
    }
    return kept(
        coat.equals("length")
            ? stills.lengths(plan, frame)
            : stills.worn(plan, week, frame, light));
  }

  /** A plan nobody has kept, so many weeks on. */
  @PostMapping(value = "/api/still.png", produces = MediaType.IMAGE_PNG_VALUE)
  ResponseEntity<byte[]> of(
      @RequestBody Plan plan,
      @RequestParam(defaultValue = "right") View view,
      @RequestParam(defaultValue = "240") int width,
      @RequestParam(defaultValue = "270") int height,
      @RequestParam(defaultValue = "0") double week) {
    return ResponseEntity.ok(
        stills.worn(plan, week, new Stills.Frame(view, width, height), Light.DAY));
  }

  @GetMapping(value = "/api/visits/{id}/picture.png", produces = MediaType.IMAGE_PNG_VALUE)
  ResponseEntity<byte[]> ofVisit(
      @AuthenticationPrincipal Person me,
      @PathVariable long id,
      @RequestParam(defaultValue = "right") View view,
      @RequestParam(defaultValue = "240") int width,
      @RequestParam(defaultValue = "300") int height) {
    Plan cut = visits.plan(me.shopId(), id);
    return kept(stills.worn(cut, 0, new Stills.Frame(view, width, height), Light.DAY));
  }

  /** A shape on this client's own head and hair, before a plan is made of it. */
  @GetMapping(
      value = "/api/clients/{id}/families/{family}/picture.png",
      produces = MediaType.IMAGE_PNG_VALUE)
  ResponseEntity<byte[]> ofFamily(
      @AuthenticationPrincipal Person me,
      @PathVariable long id,
      @PathVariable String family,
      @RequestParam(defaultValue = "right") View view,
      @RequestParam(defaultValue = "240") int width,
      @RequestParam(defaultValue = "300") int height) {
    clients.get(me.shopId(), id);
    Plan shown = proposals.plan(me, id, family);
    return kept(stills.worn(shown, 0, new Stills.Frame(view, width, height), Light.DAY));
  }

  /** The hair as a visit on the way to a shape leaves it. */
  @GetMapping(
      value = "/api/clients/{id}/growing/{family}/picture.png",
      produces = MediaType.IMAGE_PNG_VALUE)
  ResponseEntity<byte[]> growing(
      @AuthenticationPrincipal Person me,
      @PathVariable long id,
      @PathVariable String family,
      @RequestParam(defaultValue = "0") double week,
      @RequestParam(defaultValue = "right") View view,
      @RequestParam(defaultValue = "240") int width,
      @RequestParam(defaultValue = "300") int height) {
    return kept(
        stills.before(growing.at(me, id, family, week), new Stills.Frame(view, width, height)));
  }

  /** A head with the hair it had when it sat down. */
  @GetMapping(value = "/api/sitdowns/{id}/picture.png", produces = MediaType.IMAGE_PNG_VALUE)
  ResponseEntity<byte[]> ofSitDown(
      @AuthenticationPrincipal Person me,
      @PathVariable long id,
      @RequestParam(defaultValue = "right") View view,
      @RequestParam(defaultValue = "240") int width,
      @RequestParam(defaultValue = "300") int height) {
    return kept(
        stills.before(
            sitDowns.get(me.shopId(), id).sitDown(), new Stills.Frame(view, width, height)));
  }

  private static ResponseEntity<byte[]> kept(byte[] png) {
    return ResponseEntity.ok()
        .cacheControl(CacheControl.maxAge(Duration.ofDays(30)).cachePrivate())
        .body(png);
  }
}
