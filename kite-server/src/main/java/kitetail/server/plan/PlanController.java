package kitetail.server.plan;

import jakarta.validation.Valid;
import jakarta.validation.constraints.NotNull;
import java.nio.charset.StandardCharsets;
import java.time.Clock;
import java.time.OffsetDateTime;
import kitetail.formats.json.PlanJson;
import kitetail.formats.json.SitDownJson;
import kitetail.plan.Plan;
import kitetail.server.answer.EngineWork;
import kitetail.server.document.Works;
import kitetail.server.error.FieldException;
import kitetail.server.head.Heads;
import kitetail.server.security.Person;
import org.springframework.http.CacheControl;
import org.springframework.http.ContentDisposition;
import org.springframework.http.HttpHeaders;
import org.springframework.http.HttpStatus;
import org.springframework.http.MediaType;
import org.springframework.http.ResponseEntity;
import org.springframework.security.core.annotation.AuthenticationPrincipal;
import org.springframework.web.bind.annotation.DeleteMapping;
import org.springframework.web.bind.annotation.GetMapping;
import org.springframework.web.bind.annotation.PathVariable;
import org.springframework.web.bind.annotation.PostMapping;
import org.springframework.web.bind.annotation.PutMapping;
import org.springframework.web.bind.annotation.RequestBody;
import org.springframework.web.bind.annotation.RequestMapping;
import org.springframework.web.bind.annotation.ResponseStatus;
import org.springframework.web.bind.annotation.RestController;

/** Plans: kept, computed, drawn and printed. */
@RestController
@RequestMapping("/api")
class PlanController {
  private final PlanRepository plans;
  private final Heads heads;
  private final Answers answers;
  private final Works works;
  private final Clock clock;

  PlanController(PlanRepository plans, Heads heads, Answers answers, Works works, Clock clock) {
    this.plans = plans;
    this.heads = heads;
    this.answers = answers;
    this.works = works;
    this.clock = clock;
  }

  /**
   * @param work what the document may be called instead of being sent again
   */
  record PlanView(
      long id,
      long clientId,
      String clientName,
      long version,
      OffsetDateTime updatedAt,
      String work,
      Plan document) {}

  record Save(@NotNull Long version, @NotNull Plan document) {}

  record Saved(long version) {}

  record Away(@NotNull Boolean away) {}

  @GetMapping("/ramp")
  Ramp ramp() {
    return Ramp.USED;
  }

  @GetMapping(value = "/schema/plan-4.schema.json", produces = "application/schema+json")
  String schema() {
    return PlanJson.schema();
  }

  @GetMapping(value = "/schema/sitdown-1.schema.json", produces = "application/schema+json")
  String sitDownSchema() {
    return SitDownJson.schema();
  }

  @GetMapping("/plans/{id}")
  PlanView one(@AuthenticationPrincipal Person me, @PathVariable long id) {
    PlanRepository.Stored s = plans.get(me.shopId(), id);
    return new PlanView(
        s.id(),
        s.clientId(),
        s.clientName(),
        s.version(),
        s.updatedAt(),
        works.keep(s.plan()),
        s.plan());
  }

  @PutMapping("/plans/{id}")
  Saved save(
      @AuthenticationPrincipal Person me, @PathVariable long id, @Valid @RequestBody Save s) {
    heads.check(s.document());
    return new Saved(
        plans.save(me.shopId(), id, s.version(), s.document(), OffsetDateTime.now(clock)));
  }

  /** Away from the plans one works by, or back among them. */
  @PutMapping("/plans/{id}/away")
  @ResponseStatus(HttpStatus.NO_CONTENT)
  void putAway(
      @AuthenticationPrincipal Person me, @PathVariable long id, @Valid @RequestBody Away a) {
    plans.putAway(me.shopId(), id, a.away(), OffsetDateTime.now(clock));
  }

  /** For good. */
  @DeleteMapping("/plans/{id}")
  @ResponseStatus(HttpStatus.NO_CONTENT)
  void delete(@AuthenticationPrincipal Person me, @PathVariable long id) {
    if (!plans.delete(me.shopId(), id)) {
      throw new FieldException(
          "plan", String.valueOf(id), "was cut, is being cut or is booked; put it away instead");
    }
  }

  /** The drawn head of a plan: bust and scalp meshes. */
  @EngineWork
  @PostMapping(value = "/head", produces = MediaType.APPLICATION_OCTET_STREAM_VALUE)
  byte[] head(@RequestBody Plan plan) {
    return answers.head(plan);
  }

  /** The scalp of a plan's head cut along the borders of its sections. */
  @EngineWork
  @PostMapping(value = "/seams", produces = MediaType.APPLICATION_OCTET_STREAM_VALUE)
  byte[] seams(@RequestBody Plan plan) {
    return answers.seams(plan);
  }

  /** What comes of a plan: numbers, words and the length at every scalp vertex. */
  @EngineWork
  @PostMapping(value = "/outcome", produces = MediaType.APPLICATION_OCTET_STREAM_VALUE)
  byte[] outcome(@AuthenticationPrincipal Person me, @RequestBody Plan plan) {
    return answers.of(plan, me.reads());
  }

  @GetMapping(value = "/plans/{id}/document.json", produces = MediaType.APPLICATION_JSON_VALUE)
  ResponseEntity<byte[]> document(@AuthenticationPrincipal Person me, @PathVariable long id) {
    return file(
        PlanJson.write(plans.get(me.shopId(), id).plan()).getBytes(StandardCharsets.UTF_8),
        "plan-" + id + ".json");
  }

  private static ResponseEntity<byte[]> file(byte[] body, String name) {
    return ResponseEntity.ok()
        .header(
            HttpHeaders.CONTENT_DISPOSITION,
            ContentDisposition.attachment().filename(name).build().toString())
        .cacheControl(CacheControl.noStore())
        .body(body);
  }
}
