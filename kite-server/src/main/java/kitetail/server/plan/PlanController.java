package kitetail.server.plan;

import jakarta.validation.Valid;
import jakarta.validation.constraints.NotNull;
import java.time.Clock;
import java.time.OffsetDateTime;
import java.util.Arrays;
import java.util.List;
import java.util.stream.IntStream;
import kitetail.formats.json.PlanJson;
import kitetail.formats.json.SitDownJson;
import kitetail.formats.picture.LengthRamp;
import kitetail.hair.HairColour;
import kitetail.hair.SkinTone;
import kitetail.plan.Plan;
import kitetail.server.answer.EngineWork;
import kitetail.server.head.Heads;
import kitetail.server.security.Person;
import org.springframework.http.CacheControl;
import org.springframework.http.ContentDisposition;
import org.springframework.http.HttpHeaders;
import org.springframework.http.MediaType;
import org.springframework.http.ResponseEntity;
import org.springframework.security.core.annotation.AuthenticationPrincipal;
import org.springframework.web.bind.annotation.GetMapping;
import org.springframework.web.bind.annotation.PathVariable;
import org.springframework.web.bind.annotation.PostMapping;
import org.springframework.web.bind.annotation.PutMapping;
import org.springframework.web.bind.annotation.RequestBody;
import org.springframework.web.bind.annotation.RequestMapping;
import org.springframework.web.bind.annotation.RestController;

/** Plans: kept, computed, drawn and printed. */
@RestController
@RequestMapping("/api")
class PlanController {
  private final PlanRepository plans;
  private final Heads heads;
  private final Answers answers;
  private final Clock clock;

  PlanController(PlanRepository plans, Heads heads, Answers answers, Clock clock) {
    this.plans = plans;
    this.heads = heads;
    this.answers = answers;
    this.clock = clock;
  }

  record PlanView(
      long id,
      long clientId,
      String clientName,
      long version,
      OffsetDateTime updatedAt,
      Plan document) {}

  record Save(
      @NotNull(message = "must be given") Long version,
      @NotNull(message = "must be given") Plan document) {}

  record Saved(long version) {}

  /** What lengths and hair levels are painted in. */
  private static List<String> skinDepths() {
    return IntStream.rangeClosed(1, 10)
        .mapToObj(d -> String.format("#%06x", new SkinTone(d, 0).rgb()))
        .toList();
  }

  private static List<String> hairLevels() {
    return Arrays.stream(HairColour.levels()).mapToObj(c -> String.format("#%06x", c)).toList();
  }

  record Ramp(
      double[] levelsMm, List<String> colours, List<String> hairLevels, List<String> skinDepths) {}

  @GetMapping("/ramp")
  Ramp ramp() {
    return new Ramp(LengthRamp.levelsMm(), LengthRamp.hex(), hairLevels(), skinDepths());
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
    return new PlanView(s.id(), s.clientId(), s.clientName(), s.version(), s.updatedAt(), s.plan());
  }

  @PutMapping("/plans/{id}")
  Saved save(
      @AuthenticationPrincipal Person me, @PathVariable long id, @Valid @RequestBody Save s) {
    Plan plan = s.document();
    heads.fitted(plan.head());
    return new Saved(plans.save(me.shopId(), id, s.version(), plan, OffsetDateTime.now(clock)));
  }

  /** The drawn head of a plan: bust and scalp meshes. */
  @EngineWork
  @PostMapping(value = "/head", produces = MediaType.APPLICATION_OCTET_STREAM_VALUE)
  byte[] head(@RequestBody Plan plan) {
    return Binary.head(heads.of(plan).picture());
  }

  /** The scalp of a plan's head cut along the borders of its sections. */
  @EngineWork
  @PostMapping(value = "/seams", produces = MediaType.APPLICATION_OCTET_STREAM_VALUE)
  byte[] seams(@RequestBody Plan plan) {
    return Binary.seams(heads.of(plan).picture().scalpMesh(), heads.seamed(plan).scalpMesh());
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
        PlanJson.write(plans.get(me.shopId(), id).plan())
            .getBytes(java.nio.charset.StandardCharsets.UTF_8),
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
