package kitetail.server.message;

import jakarta.validation.Valid;
import jakarta.validation.constraints.NotNull;
import java.time.Clock;
import java.time.LocalTime;
import java.time.OffsetDateTime;
import java.time.ZoneOffset;
import java.util.Arrays;
import java.util.List;
import kitetail.server.security.Needs;
import kitetail.server.security.Person;
import kitetail.server.security.Right;
import org.springframework.security.core.annotation.AuthenticationPrincipal;
import org.springframework.web.bind.annotation.GetMapping;
import org.springframework.web.bind.annotation.PathVariable;
import org.springframework.web.bind.annotation.PostMapping;
import org.springframework.web.bind.annotation.PutMapping;
import org.springframework.web.bind.annotation.RequestBody;
import org.springframework.web.bind.annotation.RequestMapping;
import org.springframework.web.bind.annotation.RestController;

/** How the shop words what its clients are told. */
@RestController
@RequestMapping("/api/shop/wordings")
class WordingController {
  private static final LocalTime SHOWN_AT = LocalTime.of(14, 30);

  private final WordingRepository wordings;
  private final Letters letters;
  private final Clock clock;

  WordingController(WordingRepository wordings, Letters letters, Clock clock) {
    this.wordings = wordings;
    this.letters = letters;
    this.clock = clock;
  }

  /**
   * @param usual as a shop words it that has said nothing
   * @param names what can be named in braces
   * @param preview as a client would read it tomorrow
   */
  record Wording(Kind kind, String words, String usual, List<String> names, String preview) {}

  record Words(@NotNull String words) {}

  record Preview(String preview) {}

  @GetMapping
  List<Wording> all(@AuthenticationPrincipal Person me) {
    return Arrays.stream(Kind.values()).map(k -> wording(me, k)).toList();
  }

  @Needs(Right.SHOP)
  @PutMapping("/{kind}")
  Wording set(
      @AuthenticationPrincipal Person me, @PathVariable Kind kind, @Valid @RequestBody Words w) {
    wordings.set(me.shopId(), kind, kind.checked(w.words()));
    return wording(me, kind);
  }

  /** What would be read, while it is being worded. */
  @Needs(Right.SEE)
  @PostMapping("/{kind}/preview")
  Preview preview(
      @AuthenticationPrincipal Person me, @PathVariable Kind kind, @Valid @RequestBody Words w) {
    return new Preview(shown(me, kind.checked(w.words())));
  }

  private Wording wording(Person me, Kind k) {
    String words = wordings.of(me.shopId(), k);
    return new Wording(k, words, k.usual(), k.names(), shown(me, words));
  }

  private String shown(Person me, String words) {
    OffsetDateTime tomorrow =
        OffsetDateTime.now(clock).plusDays(1).with(SHOWN_AT).withOffsetSameLocal(ZoneOffset.UTC);
    return letters.shown(me.shopId(), words, tomorrow, me.name());
  }
}
