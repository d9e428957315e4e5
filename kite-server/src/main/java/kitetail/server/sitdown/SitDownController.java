package kitetail.server.sitdown;

import jakarta.validation.Valid;
import java.util.List;
import kitetail.hair.WetDry;
import kitetail.plan.SitDown;
import kitetail.server.answer.Added;
import kitetail.server.answer.EngineWork;
import kitetail.server.security.Person;
import org.springframework.http.HttpStatus;
import org.springframework.http.MediaType;
import org.springframework.security.core.annotation.AuthenticationPrincipal;
import org.springframework.web.bind.annotation.GetMapping;
import org.springframework.web.bind.annotation.PathVariable;
import org.springframework.web.bind.annotation.PostMapping;
import org.springframework.web.bind.annotation.PutMapping;
import org.springframework.web.bind.annotation.RequestBody;
import org.springframework.web.bind.annotation.RequestMapping;
import org.springframework.web.bind.annotation.RequestParam;
import org.springframework.web.bind.annotation.ResponseStatus;
import org.springframework.web.bind.annotation.RestController;

/** The sit-down: kept, read and drawn. */
@RestController
@RequestMapping("/api")
class SitDownController {
  private final SitDowns sitDowns;
  private final SitDrawings drawings;

  SitDownController(SitDowns sitDowns, SitDrawings drawings) {
    this.sitDowns = sitDowns;
    this.drawings = drawings;
  }

  @PostMapping("/clients/{clientId}/sitdowns")
  @ResponseStatus(HttpStatus.CREATED)
  Added add(@AuthenticationPrincipal Person me, @PathVariable long clientId) {
    return new Added(sitDowns.begin(me.shopId(), clientId));
  }

  @GetMapping("/sitdowns/{id}")
  SitDowns.SitDownView one(@AuthenticationPrincipal Person me, @PathVariable long id) {
    return sitDowns.one(me.shopId(), id);
  }

  /** The newest sit-down of a client. */
  @GetMapping("/clients/{clientId}/sitdown")
  SitDowns.SitDownView newest(@AuthenticationPrincipal Person me, @PathVariable long clientId) {
    return sitDowns.newest(me.shopId(), clientId);
  }

  @PutMapping("/sitdowns/{id}")
  SitDowns.SavedSitDown save(
      @AuthenticationPrincipal Person me,
      @PathVariable long id,
      @Valid @RequestBody SitDowns.SaveSitDown s) {
    return sitDowns.save(me.shopId(), id, s);
  }

  /**
   * The drawn head of a sit-down, with what is read from it.
   *
   * @param meshes false when the page has this head's meshes already
   * @param strokes false when how hair grows is not shown
   */
  @EngineWork
  @PostMapping(value = "/sitdown/head", produces = MediaType.APPLICATION_OCTET_STREAM_VALUE)
  byte[] head(
      @AuthenticationPrincipal Person me,
      @RequestParam(defaultValue = "true") boolean meshes,
      @RequestParam(defaultValue = "true") boolean strokes,
      @RequestBody SitDown s) {
    return drawings.head(s, meshes, strokes, me.reads());
  }

  /** The hair as it hangs today (docs/formats.md has the layout). */
  @EngineWork
  @PostMapping(value = "/sitdown/fall", produces = MediaType.APPLICATION_OCTET_STREAM_VALUE)
  byte[] fall(@RequestBody SitDown s) {
    return drawings.fall(s);
  }

  @GetMapping("/sitdown/picks")
  List<SitDrawings.PickGroup> picks() {
    return drawings.picks();
  }

  /** All options of a group of picks on this client's own head, side by side. */
  @EngineWork
  @PostMapping(value = "/sitdown/picks/{group}", produces = MediaType.IMAGE_PNG_VALUE)
  byte[] pick(
      @PathVariable String group,
      @RequestParam(defaultValue = "104") int width,
      @RequestParam(defaultValue = "120") int height,
      @RequestBody SitDown s) {
    return drawings.pick(group, width, height, s);
  }

  /** Stretch and curl from one strand measured wet and pulled, then dry and let go. */
  @EngineWork
  @PostMapping("/sitdown/strand")
  WetDry strand(@RequestBody SitDrawings.Strand s) {
    return drawings.strand(s);
  }
}
