package kitetail.server.practice;

import jakarta.validation.Valid;
import jakarta.validation.constraints.NotNull;
import java.util.List;
import java.util.UUID;
import kitetail.formats.answer.TaskView;
import kitetail.plan.Plan;
import kitetail.practice.Attempt;
import kitetail.practice.Course;
import kitetail.practice.Drill;
import kitetail.server.answer.Added;
import kitetail.server.answer.EngineWork;
import kitetail.server.security.Needs;
import kitetail.server.security.Person;
import kitetail.server.security.Right;
import org.jspecify.annotations.Nullable;
import org.springframework.http.HttpStatus;
import org.springframework.security.core.annotation.AuthenticationPrincipal;
import org.springframework.web.bind.annotation.DeleteMapping;
import org.springframework.web.bind.annotation.GetMapping;
import org.springframework.web.bind.annotation.PathVariable;
import org.springframework.web.bind.annotation.PostMapping;
import org.springframework.web.bind.annotation.PutMapping;
import org.springframework.web.bind.annotation.RequestBody;
import org.springframework.web.bind.annotation.RequestMapping;
import org.springframework.web.bind.annotation.RequestParam;
import org.springframework.web.bind.annotation.ResponseStatus;
import org.springframework.web.bind.annotation.RestController;

/** Practice: everybody's own; courses are set, and learners who agreed are seen, by who teaches. */
@RestController
@RequestMapping("/api/practice")
@Needs(Right.SEE)
class PracticeController {
  private final PracticeBook book;

  PracticeController(PracticeBook book) {
    this.book = book;
  }

  /**
   * @param token made by the device, so that a try that is sent twice counts once
   */
  record TryMade(@NotNull UUID token, @NotNull Attempt attempt) {}

  /** A try that goes on; nothing of it is written down. */
  record TrySoFar(@NotNull Attempt attempt) {}

  /** What somebody agrees to. */
  record Consents(boolean used, boolean shown) {}

  /** Which hand somebody cuts with. */
  record CutsWith(boolean leftHand) {}

  @GetMapping
  PracticeBook.Practised mine(@AuthenticationPrincipal Person me) {
    return book.of(me);
  }

  /**
   * @param seed of its head; left out, a new one
   * @param level left out, where this person stands
   */
  @EngineWork
  @GetMapping("/drills/{drill}")
  TaskView task(
      @AuthenticationPrincipal Person me,
      @PathVariable Drill drill,
      @RequestParam(required = false) @Nullable Long seed,
      @RequestParam(required = false) @Nullable Integer level) {
    return book.task(me, drill, seed, level);
  }

  @EngineWork
  @PostMapping("/tries")
  PracticeBook.Tried tried(@AuthenticationPrincipal Person me, @Valid @RequestBody TryMade t) {
    return book.tried(me, t.token(), t.attempt());
  }

  /** The plan as a try leaves it so far, while it goes on. */
  @EngineWork
  @PostMapping("/after")
  Plan after(@Valid @RequestBody TrySoFar t) {
    return book.after(t.attempt());
  }

  @PutMapping("/consents")
  @ResponseStatus(HttpStatus.NO_CONTENT)
  void agree(@AuthenticationPrincipal Person me, @RequestBody Consents c) {
    book.agree(me, c.used(), c.shown());
  }

  /** Which hand is meant: what was learnt is kept of each apart. */
  @PutMapping("/hand")
  @ResponseStatus(HttpStatus.NO_CONTENT)
  void cutsWith(@AuthenticationPrincipal Person me, @RequestBody CutsWith c) {
    book.cutsWith(me, c.leftHand());
  }

  /** All tries so far are gone, and with them what they taught. */
  @DeleteMapping("/tries")
  @ResponseStatus(HttpStatus.NO_CONTENT)
  void forget(@AuthenticationPrincipal Person me) {
    book.forget(me);
  }

  @GetMapping("/courses")
  List<PracticeBook.CourseRow> courses(@AuthenticationPrincipal Person me) {
    return book.courses(me);
  }

  @Needs(Right.CUT)
  @PostMapping("/courses")
  @ResponseStatus(HttpStatus.CREATED)
  Added put(@AuthenticationPrincipal Person me, @RequestBody Course c) {
    return new Added(book.put(me, c));
  }

  @Needs(Right.CUT)
  @DeleteMapping("/courses/{id}")
  @ResponseStatus(HttpStatus.NO_CONTENT)
  void delete(@AuthenticationPrincipal Person me, @PathVariable long id) {
    book.delete(me, id);
  }

  @Needs(Right.CUT)
  @GetMapping("/learners")
  List<PracticeBook.LearnerRow> learners(@AuthenticationPrincipal Person me) {
    return book.learners(me);
  }
}
