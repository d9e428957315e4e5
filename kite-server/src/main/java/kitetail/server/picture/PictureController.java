package kitetail.server.picture;

import java.time.Duration;
import kitetail.formats.picture.Light;
import kitetail.formats.picture.View;
import kitetail.growth.Worn;
import kitetail.hair.Hair;
import kitetail.hair.StartingHair;
import kitetail.head.HeadSpec;
import kitetail.plan.Plan;
import kitetail.plan.SitDown;
import kitetail.server.answer.EngineWork;
import kitetail.server.client.ClientRepository;
import kitetail.server.client.SitDownRepository;
import kitetail.server.error.FieldException;
import kitetail.server.head.Heads;
import kitetail.server.plan.PlanRepository;
import kitetail.server.proposal.Proposals;
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
@EngineWork
class PictureController {
  private static final int MIN = 40;
  private static final int MAX = 1200;

  private final PlanRepository plans;
  private final VisitRepository visits;
  private final ClientRepository clients;
  private final SitDownRepository sitDowns;
  private final Heads heads;
  private final Stills stills;
  private final Proposals proposals;

  PictureController(
      PlanRepository plans,
      VisitRepository visits,
      ClientRepository clients,
      SitDownRepository sitDowns,
      Heads heads,
      Stills stills,
      Proposals proposals) {
    this.plans = plans;
    this.visits = visits;
    this.clients = clients;
    this.sitDowns = sitDowns;
    this.heads = heads;
    this.stills = stills;
    this.proposals = proposals;
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
      @RequestParam(defaultValue = "day") Light light) {
    Plan plan = plans.get(me.shopId(), id).plan();
    if (before) {
      return today(plan.head(), plan.hair(), plan.start(), view, width, height);
    }
    return coat.equals("length")
        ? map(plan, view, width, height)
        : still(plan, week, view, width, height, light);
  }

  @GetMapping(value = "/api/visits/{id}/picture.png", produces = MediaType.IMAGE_PNG_VALUE)
  ResponseEntity<byte[]> ofVisit(
      @AuthenticationPrincipal Person me,
      @PathVariable long id,
      @RequestParam(defaultValue = "right") View view,
      @RequestParam(defaultValue = "240") int width,
      @RequestParam(defaultValue = "300") int height) {
    return still(visits.plan(me.shopId(), id), 0, view, width, height, Light.DAY);
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
    return still(proposals.plan(me, id, family), 0, view, width, height, Light.DAY);
  }

  /** A head with the hair it had when it sat down. */
  @GetMapping(value = "/api/sitdowns/{id}/picture.png", produces = MediaType.IMAGE_PNG_VALUE)
  ResponseEntity<byte[]> ofSitDown(
      @AuthenticationPrincipal Person me,
      @PathVariable long id,
      @RequestParam(defaultValue = "right") View view,
      @RequestParam(defaultValue = "240") int width,
      @RequestParam(defaultValue = "300") int height) {
    SitDown s = sitDowns.get(me.shopId(), id).sitDown();
    return today(s.head(), s.hair(), s.start(), view, width, height);
  }

  /** Hair before anything is cut. */
  private ResponseEntity<byte[]> today(
      HeadSpec head, Hair hair, StartingHair start, View view, int width, int height) {
    sized(width, height);
    return kept(stills.uncut(head, hair, start, view, width, height));
  }

  private ResponseEntity<byte[]> still(
      Plan plan, double week, View view, int width, int height, Light light) {
    sized(width, height);
    FieldException.within("week", week, 0, Worn.MOST_WEEKS);
    return kept(stills.png(plan, week, view, width, height, light));
  }

  /** Painted with its lengths instead. */
  private ResponseEntity<byte[]> map(Plan plan, View view, int width, int height) {
    sized(width, height);
    double[] lengths = heads.run(plan).afterMm();
    return kept(heads.seamed(plan).png(lengths, view, width, height, null));
  }

  private static void sized(int width, int height) {
    if (width < MIN || width > MAX || height < MIN || height > MAX) {
      throw new FieldException(
          "width, height", width + " × " + height, "allowed " + MIN + " to " + MAX + " each");
    }
  }

  private static ResponseEntity<byte[]> kept(byte[] png) {
    return ResponseEntity.ok()
        .cacheControl(CacheControl.maxAge(Duration.ofDays(30)).cachePrivate())
        .body(png);
  }
}
