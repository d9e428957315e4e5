package kitetail.server.fall;

import jakarta.validation.Valid;
import jakarta.validation.constraints.Max;
import jakarta.validation.constraints.Min;
import jakarta.validation.constraints.NotNull;
import java.util.List;
import kitetail.formats.answer.DryPassView;
import kitetail.formats.answer.LandingView;
import kitetail.plan.Plan;
import kitetail.server.answer.EngineWork;
import kitetail.server.answer.Lines;
import kitetail.server.practice.PracticeBook;
import kitetail.server.security.Person;
import org.springframework.http.MediaType;
import org.springframework.http.ResponseEntity;
import org.springframework.security.core.annotation.AuthenticationPrincipal;
import org.springframework.web.bind.annotation.PostMapping;
import org.springframework.web.bind.annotation.RequestBody;
import org.springframework.web.bind.annotation.RequestMapping;
import org.springframework.web.bind.annotation.RequestParam;
import org.springframework.web.bind.annotation.RestController;
import org.springframework.web.servlet.mvc.method.annotation.StreamingResponseBody;

/** How a plan falls, now and weeks later. */
@RestController
@RequestMapping("/api")
@EngineWork
class FallController {
  private final FallReadings falls;
  private final AfterTheCut after;
  private final InHands inHand;
  private final Lines lines;
  private final PracticeBook practice;

  FallController(
      FallReadings falls, AfterTheCut after, InHands inHand, Lines lines, PracticeBook practice) {
    this.practice = practice;
    this.falls = falls;
    this.inHand = inHand;
    this.after = after;
    this.lines = lines;
  }

  record LongestAsked(@NotNull Plan document, @Min(1) @Max(26) int weeks) {}

  /** Strands at rest and what is read of them (docs/formats.md has the layout). */
  @PostMapping(value = "/fall", produces = MediaType.APPLICATION_OCTET_STREAM_VALUE)
  byte[] fall(
      @AuthenticationPrincipal Person me,
      @RequestBody Plan plan,
      @RequestParam(defaultValue = "0") double week,
      @RequestParam(defaultValue = "false") boolean preview) {
    return falls.of(plan, week, preview, me.reads());
  }

  /** One move on hair, to be shown bite by bite (docs/formats.md has the layout). */
  @PostMapping(value = "/in-hand", produces = MediaType.APPLICATION_OCTET_STREAM_VALUE)
  byte[] inHand(@Valid @RequestBody InHands.InHandAsked a) {
    return inHand.of(a);
  }

  /** What shows when it is worn another way. */
  @PostMapping("/worn-ways")
  List<LandingView.Worn> ways(@RequestBody Plan plan) {
    return falls.ways(plan);
  }

  /** What lays hair that stands out dry. */
  @PostMapping("/dry-pass")
  DryPassView dryPass(
      @AuthenticationPrincipal Person me, @Valid @RequestBody FallReadings.StandsOut s) {
    return falls.dryPass(s, me.reads());
  }

  /**
   * A plan set so that it looks the same longest. One JSON object a line: how many settings are
   * looked at, and the plan as the last line.
   */
  @PostMapping(value = "/same-longest", produces = Lines.TYPE)
  ResponseEntity<StreamingResponseBody> longest(
      @AuthenticationPrincipal Person me, @Valid @RequestBody LongestAsked a) {
    return lines.of(out -> falls.longest(a.document(), a.weeks(), me.reads(), out));
  }

  /** Drying and styling in order, care at home, and when to come back. */
  @PostMapping("/finishing")
  AfterTheCut.Finish finishing(@AuthenticationPrincipal Person me, @RequestBody Plan plan) {
    return after.finish(plan, me.reads());
  }

  /** What to check when the cut is done. */
  @PostMapping("/check-round")
  AfterTheCut.Round checkRound(
      @AuthenticationPrincipal Person me, @Valid @RequestBody AfterTheCut.Cut cut) {
    return after.check(cut, me.reads(), practice.hands(me));
  }
}
