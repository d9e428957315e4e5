package kitetail.server.proposal;

import kitetail.formats.sheet.Paper;
import kitetail.server.answer.EngineWork;
import kitetail.server.security.Person;
import org.springframework.http.CacheControl;
import org.springframework.http.MediaType;
import org.springframework.http.ResponseEntity;
import org.springframework.security.core.annotation.AuthenticationPrincipal;
import org.springframework.web.bind.annotation.GetMapping;
import org.springframework.web.bind.annotation.PathVariable;
import org.springframework.web.bind.annotation.RequestMapping;
import org.springframework.web.bind.annotation.RequestParam;
import org.springframework.web.bind.annotation.RestController;

/** Growing out: from the hair of today to a shape that wants more of it. */
@RestController
@RequestMapping("/api/clients/{id}/growing/{family}")
@EngineWork
class GrowingController {
  private final Growing growing;

  GrowingController(Growing growing) {
    this.growing = growing;
  }

  /** How hair is worn until the next visit. */
  record Meanwhile(String words) {}

  @GetMapping
  Growing.GrowingWay way(
      @AuthenticationPrincipal Person me,
      @PathVariable long id,
      @PathVariable String family,
      @RequestParam(defaultValue = "6") double everyWeeks) {
    return growing.way(me, id, family, everyWeeks);
  }

  @GetMapping("/meanwhile")
  Meanwhile meanwhile(
      @AuthenticationPrincipal Person me,
      @PathVariable long id,
      @PathVariable String family,
      @RequestParam(defaultValue = "0") double week) {
    return new Meanwhile(growing.meanwhile(me, id, family, week));
  }

  @GetMapping(value = "/sheet.pdf", produces = MediaType.APPLICATION_PDF_VALUE)
  ResponseEntity<byte[]> sheet(
      @AuthenticationPrincipal Person me,
      @PathVariable long id,
      @PathVariable String family,
      @RequestParam(defaultValue = "6") double everyWeeks,
      @RequestParam(defaultValue = "a4") Paper paper) {
    return ResponseEntity.ok()
        .cacheControl(CacheControl.noStore())
        .body(growing.sheet(me, id, family, everyWeeks, paper));
  }
}
