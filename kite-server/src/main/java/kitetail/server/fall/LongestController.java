package kitetail.server.fall;

import jakarta.validation.Valid;
import jakarta.validation.constraints.Max;
import jakarta.validation.constraints.Min;
import jakarta.validation.constraints.NotNull;
import kitetail.formats.words.EditWords;
import kitetail.formats.words.Words;
import kitetail.growth.SameLongest;
import kitetail.plan.Plan;
import kitetail.server.answer.EngineWork;
import kitetail.server.answer.Lines;
import kitetail.server.security.Person;
import org.springframework.http.ResponseEntity;
import org.springframework.security.core.annotation.AuthenticationPrincipal;
import org.springframework.web.bind.annotation.PostMapping;
import org.springframework.web.bind.annotation.RequestBody;
import org.springframework.web.bind.annotation.RequestMapping;
import org.springframework.web.bind.annotation.RestController;
import org.springframework.web.servlet.mvc.method.annotation.StreamingResponseBody;

/** A plan set so that it looks the same longest. */
@RestController
@RequestMapping("/api")
@EngineWork
class LongestController {
  private final Falls falls;
  private final Lines lines;

  LongestController(Falls falls, Lines lines) {
    this.falls = falls;
    this.lines = lines;
  }

  record LongestAsked(
      @NotNull(message = "must be given") Plan document,
      @Min(value = 1, message = "allowed 1 to 26 weeks")
          @Max(value = 26, message = "allowed 1 to 26 weeks")
          int weeks) {}

  /** One JSON object a line: how many settings are looked at, and the plan as the last line. */
  @PostMapping(value = "/same-longest", produces = Lines.TYPE)
  ResponseEntity<StreamingResponseBody> longest(
      @AuthenticationPrincipal Person me, @Valid @RequestBody LongestAsked a) {
    Plan plan = a.document();
    EditWords words = new EditWords(new Words(me.reads()));
    return lines.of(
        out -> {
          SameLongest s =
              SameLongest.of(
                  plan, falls.coarse(plan), a.weeks(), n -> out.done(n, SameLongest.TRIED));
          out.line(new Longest(s.plan(), words.longest(s, a.weeks())));
        });
  }
}
