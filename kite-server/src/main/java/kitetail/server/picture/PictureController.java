package kitetail.server.picture;

import java.time.Duration;
import java.util.List;
import java.util.Locale;
import kitetail.formats.picture.View;
import kitetail.hair.StartingLengths;
import kitetail.plan.Plan;
import kitetail.plan.SitDown;
import kitetail.server.advice.Advice;
import kitetail.server.client.ClientRepository;
import kitetail.server.client.SitDownRepository;
import kitetail.server.error.FieldException;
import kitetail.server.family.FamilyBook;
import kitetail.server.head.Heads;
import kitetail.server.plan.PlanRepository;
import kitetail.server.security.Person;
import kitetail.server.visit.VisitRepository;
import org.springframework.http.CacheControl;
import org.springframework.http.MediaType;
import org.springframework.http.ResponseEntity;
import org.springframework.security.core.annotation.AuthenticationPrincipal;
import org.springframework.web.bind.annotation.GetMapping;
import org.springframework.web.bind.annotation.PathVariable;
import org.springframework.web.bind.annotation.RequestParam;
import org.springframework.web.bind.annotation.RestController;

/**
 * Small stills for lists: a plan as it stands, a visit as it was cut. The address carries the
 * version, so they may be kept.
 */
@RestController
class PictureController {
  private static final int MIN = 40;
  private static final int MAX = 1200;

  private final PlanRepository plans;
  private final VisitRepository visits;
  private final ClientRepository clients;
  private final SitDownRepository sitDowns;
  private final Heads heads;
  private final FamilyBook families;
  private final Advice advice;

  PictureController(
      PlanRepository plans,
      VisitRepository visits,
      ClientRepository clients,
      SitDownRepository sitDowns,
      Heads heads,
      FamilyBook families,
      Advice advice) {
    this.plans = plans;
    this.visits = visits;
    this.clients = clients;
    this.sitDowns = sitDowns;
    this.heads = heads;
    this.families = families;
    this.advice = advice;
  }

  @GetMapping(value = "/api/plans/{id}/picture.png", produces = MediaType.IMAGE_PNG_VALUE)
  ResponseEntity<byte[]> ofPlan(
      @AuthenticationPrincipal Person me,
      @PathVariable long id,
      @RequestParam(defaultValue = "right") String view,
      @RequestParam(defaultValue = "240") int width,
      @RequestParam(defaultValue = "300") int height) {
    return still(plans.get(me.shopId(), id).plan(), view, width, height);
  }

  @GetMapping(value = "/api/visits/{id}/picture.png", produces = MediaType.IMAGE_PNG_VALUE)
  ResponseEntity<byte[]> ofVisit(
      @AuthenticationPrincipal Person me,
      @PathVariable long id,
      @RequestParam(defaultValue = "right") String view,
      @RequestParam(defaultValue = "240") int width,
      @RequestParam(defaultValue = "300") int height) {
    return still(visits.plan(me.shopId(), id), view, width, height);
  }

  /** A shape on this client's own head and hair, before a plan is made of it. */
  @GetMapping(
      value = "/api/clients/{id}/families/{family}/picture.png",
      produces = MediaType.IMAGE_PNG_VALUE)
  ResponseEntity<byte[]> ofFamily(
      @AuthenticationPrincipal Person me,
      @PathVariable long id,
      @PathVariable String family,
      @RequestParam(defaultValue = "right") String view,
      @RequestParam(defaultValue = "240") int width,
      @RequestParam(defaultValue = "300") int height) {
    clients.get(me.shopId(), id);
    return still(
        advice.fitted(sitDowns.latest(me.shopId(), id), families.get(me.shopId(), family)),
        view,
        width,
        height);
  }

  /** A head with the hair it had when it sat down. */
  @GetMapping(value = "/api/sitdowns/{id}/picture.png", produces = MediaType.IMAGE_PNG_VALUE)
  ResponseEntity<byte[]> ofSitDown(
      @AuthenticationPrincipal Person me,
      @PathVariable long id,
      @RequestParam(defaultValue = "right") String view,
      @RequestParam(defaultValue = "240") int width,
      @RequestParam(defaultValue = "300") int height) {
    SitDown s = sitDowns.get(me.shopId(), id).sitDown();
    Heads.Ready ready = heads.of(s.head());
    double[] lengths = StartingLengths.spread(ready.bench().scalp(), s.start(), s.hair());
    return still(ready, lengths, view, width, height);
  }

  private ResponseEntity<byte[]> still(Plan plan, String view, int width, int height) {
    return still(heads.of(plan), heads.run(plan).afterMm(), view, width, height);
  }

  private ResponseEntity<byte[]> still(
      Heads.Ready ready, double[] lengthsMm, String view, int width, int height) {
    if (width < MIN || width > MAX || height < MIN || height > MAX) {
      throw new FieldException(
          "width, height", width + " × " + height, "allowed " + MIN + " to " + MAX + " each");
    }
    byte[] png = ready.picture().png(lengthsMm, view(view), width, height, null);
    return ResponseEntity.ok()
        .cacheControl(CacheControl.maxAge(Duration.ofDays(30)).cachePrivate())
        .body(png);
  }

  private static View view(String name) {
    try {
      return View.valueOf(name.toUpperCase(Locale.ROOT));
    } catch (IllegalArgumentException e) {
      throw new FieldException(
          "view", name, "allowed " + List.of(View.values()).toString().toLowerCase(Locale.ROOT));
    }
  }
}
