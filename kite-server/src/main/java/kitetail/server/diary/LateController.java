package kitetail.server.diary;

import jakarta.validation.Valid;
import java.time.OffsetDateTime;
import kitetail.server.security.Needs;
import kitetail.server.security.Person;
import kitetail.server.security.Right;
import org.springframework.security.core.annotation.AuthenticationPrincipal;
import org.springframework.web.bind.annotation.GetMapping;
import org.springframework.web.bind.annotation.PostMapping;
import org.springframework.web.bind.annotation.RequestBody;
import org.springframework.web.bind.annotation.RequestParam;
import org.springframework.web.bind.annotation.RestController;

/** A chair that runs late, first on paper. */
@RestController
class LateController {
  private final Late late;

  LateController(Late late) {
    this.late = late;
  }

  /** What moves when a chair is free only then; nothing is changed. */
  @GetMapping("/api/diary/late")
  Late.LateRows late(
      @AuthenticationPrincipal Person me,
      @RequestParam long personId,
      @RequestParam OffsetDateTime freeAt) {
    return late.onPaper(me, personId, freeAt);
  }

  /** Moves all of them, or none when one was changed meanwhile. */
  @Needs(Right.BOOK)
  @PostMapping("/api/diary/late")
  Late.LateRows push(@AuthenticationPrincipal Person me, @Valid @RequestBody Late.Pushed p) {
    return late.push(me, p);
  }
}
