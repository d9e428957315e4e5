package kitetail.server.showing;

import jakarta.servlet.http.HttpServletRequest;
import jakarta.validation.Valid;
import jakarta.validation.constraints.NotNull;
import jakarta.validation.constraints.Pattern;
import java.time.OffsetDateTime;
import java.util.List;
import java.util.UUID;
import kitetail.formats.picture.View;
import kitetail.formats.words.Refused;
import kitetail.plan.Plan;
import kitetail.server.answer.EngineWork;
import kitetail.server.error.NotFoundException;
import kitetail.server.picture.ClientPictures;
import kitetail.server.security.Tries;
import org.jspecify.annotations.Nullable;
import org.springframework.http.CacheControl;
import org.springframework.http.MediaType;
import org.springframework.http.ResponseEntity;
import org.springframework.web.bind.annotation.GetMapping;
import org.springframework.web.bind.annotation.PathVariable;
import org.springframework.web.bind.annotation.PostMapping;
import org.springframework.web.bind.annotation.RequestBody;
import org.springframework.web.bind.annotation.RequestMapping;
import org.springframework.web.bind.annotation.RequestParam;
import org.springframework.web.bind.annotation.RestController;

/**
 * The client's own screen. Nobody is signed in here: what is shown goes by a key that a code from
 * the stylist's screen was changed for, and is nothing but pictures of that one plan.
 */
@RestController
@RequestMapping("/api/look")
class LookController {
  private static final int AN_ADDRESS = 10;
  private static final int IN_ALL = 100;
  private static final String OF_ALL = "look";
  private static final String OR_ELSE = "have the client look at the stylist's own screen";

  private final ShowingRepository showings;
  private final ClientPictures pictures;
  private final Tries tries;

  LookController(ShowingRepository showings, ClientPictures pictures, Tries tries) {
    this.showings = showings;
    this.pictures = pictures;
    this.tries = tries;
  }

  record Paired(UUID key) {}

  record Code(@NotNull @Pattern(regexp = "\\d{6}", message = "six-digits") String code) {}

  /**
   * @param liked what the client said yes to; null while nothing
   */
  record Look(List<Sights.Sight> sights, OffsetDateTime endsAt, @Nullable String liked) {}

  record Liked(@NotNull String what) {}

  /** Pairs this screen by the code on the stylist's. */
  @PostMapping
  Paired pair(@Valid @RequestBody Code c, HttpServletRequest request) {
    String address = "look from " + request.getRemoteAddr();
    tries.check(address, AN_ADDRESS, OR_ELSE);
    tries.check(OF_ALL, IN_ALL, OR_ELSE);
    return showings
        .pair(c.code())
        .map(s -> new Paired(s.id()))
        .orElseThrow(
            () -> {
              tries.failed(address, OF_ALL);
              return new NotFoundException(Refused.because("nothing-shown"));
            });
  }

  @GetMapping("/{key}")
  Look look(@PathVariable UUID key) {
    Plan plan = showings.plan(key);
    ShowingRepository.Showing s = showings.get(key);
    return new Look(Sights.of(plan), s.endsAt(), s.liked());
  }

  @EngineWork
  @GetMapping(value = "/{key}/picture.png", produces = MediaType.IMAGE_PNG_VALUE)
  ResponseEntity<byte[]> picture(
      @PathVariable UUID key, @RequestParam String what, @RequestParam View view) {
    Plan plan = showings.plan(key);
    Sights.Sight s = Sights.named(plan, what);
    byte[] png =
        s.week() == null
            ? pictures.before(plan, view)
            : pictures.worn(plan, s.week(), s.way(), view);
    return ResponseEntity.ok().cacheControl(CacheControl.noStore()).body(png);
  }

  /** "That's it": kept with the visit. */
  @PostMapping("/{key}/liked")
  void liked(@PathVariable UUID key, @Valid @RequestBody Liked l) {
    showings.like(key, Sights.named(showings.plan(key), l.what()).id());
  }
}
