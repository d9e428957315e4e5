package kitetail.server.fall;

import kitetail.formats.sheet.Paper;
import kitetail.plan.Plan;
import kitetail.server.answer.EngineWork;
import kitetail.server.plan.PlanRepository;
import kitetail.server.security.Person;
import org.springframework.http.CacheControl;
import org.springframework.http.ContentDisposition;
import org.springframework.http.HttpHeaders;
import org.springframework.http.MediaType;
import org.springframework.http.ResponseEntity;
import org.springframework.security.core.annotation.AuthenticationPrincipal;
import org.springframework.web.bind.annotation.GetMapping;
import org.springframework.web.bind.annotation.PathVariable;
import org.springframework.web.bind.annotation.RequestMapping;
import org.springframework.web.bind.annotation.RequestParam;
import org.springframework.web.bind.annotation.RestController;

/** A kept plan as files to take away. */
@RestController
@RequestMapping("/api/plans/{id}")
@EngineWork
class PlanFileController {
  private final PlanFiles files;
  private final PlanRepository plans;

  PlanFileController(PlanFiles files, PlanRepository plans) {
    this.files = files;
    this.plans = plans;
  }

  @GetMapping(value = "/sheet.pdf", produces = MediaType.APPLICATION_PDF_VALUE)
  ResponseEntity<byte[]> sheet(
      @AuthenticationPrincipal Person me,
      @PathVariable long id,
      @RequestParam(defaultValue = "a4") Paper paper,
      @RequestParam(defaultValue = "page") PlanFiles.Form form) {
    PlanRepository.Stored s = plans.get(me.shopId(), id);
    return file(
        files.pdf(s.plan(), me.reads(), s.clientName(), paper, form), "cut-sheet-" + id + ".pdf");
  }

  @GetMapping(value = "/sheet.svg", produces = "image/svg+xml")
  ResponseEntity<byte[]> sheetSvg(
      @AuthenticationPrincipal Person me,
      @PathVariable long id,
      @RequestParam(defaultValue = "a4") Paper paper) {
    PlanRepository.Stored s = plans.get(me.shopId(), id);
    return file(files.svg(s.plan(), me.reads(), s.clientName(), paper), "cut-sheet-" + id + ".svg");
  }

  @GetMapping(value = "/fall.glb", produces = "model/gltf-binary")
  ResponseEntity<byte[]> glb(
      @AuthenticationPrincipal Person me,
      @PathVariable long id,
      @RequestParam(defaultValue = "0") double week) {
    return file(files.glb(plan(me, id), week), "plan-" + id + ".glb");
  }

  @GetMapping(value = "/silhouettes.svg", produces = "image/svg+xml")
  ResponseEntity<byte[]> silhouettes(@AuthenticationPrincipal Person me, @PathVariable long id) {
    return file(files.silhouettes(plan(me, id)), "silhouettes-" + id + ".svg");
  }

  @GetMapping(value = "/scalp-map.svg", produces = "image/svg+xml")
  ResponseEntity<byte[]> scalpMap(@AuthenticationPrincipal Person me, @PathVariable long id) {
    return file(files.scalpMap(plan(me, id)), "scalp-map-" + id + ".svg");
  }

  @GetMapping(value = "/profile.svg", produces = "image/svg+xml")
  ResponseEntity<byte[]> profile(@AuthenticationPrincipal Person me, @PathVariable long id) {
    return file(files.profileSvg(plan(me, id), me.reads()), "profile-" + id + ".svg");
  }

  @GetMapping(value = "/profile.csv", produces = "text/csv")
  ResponseEntity<byte[]> csv(@AuthenticationPrincipal Person me, @PathVariable long id) {
    return file(files.profileCsv(plan(me, id)), "profile-" + id + ".csv");
  }

  private Plan plan(Person me, long id) {
    return plans.get(me.shopId(), id).plan();
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
