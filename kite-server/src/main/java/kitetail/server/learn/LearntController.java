package kitetail.server.learn;

import java.time.Clock;
import java.time.OffsetDateTime;
import java.util.List;
import kitetail.formats.answer.Lesson;
import kitetail.server.answer.EngineWork;
import kitetail.server.client.ClientRepository;
import kitetail.server.security.Person;
import org.springframework.http.HttpStatus;
import org.springframework.security.core.annotation.AuthenticationPrincipal;
import org.springframework.web.bind.annotation.DeleteMapping;
import org.springframework.web.bind.annotation.GetMapping;
import org.springframework.web.bind.annotation.PathVariable;
import org.springframework.web.bind.annotation.RequestMapping;
import org.springframework.web.bind.annotation.ResponseStatus;
import org.springframework.web.bind.annotation.RestController;

/** What was learnt of a client, and a visit's plan against what was measured. */
@RestController
@RequestMapping("/api")
class LearntController {
  private final Lessons lessons;
  private final ClientRepository clients;
  private final Clock clock;

  LearntController(Lessons lessons, ClientRepository clients, Clock clock) {
    this.lessons = lessons;
    this.clients = clients;
    this.clock = clock;
  }

  record LearntView(List<Lesson> lessons) {}

  @EngineWork
  @GetMapping("/clients/{id}/learnt")
  LearntView learnt(@AuthenticationPrincipal Person me, @PathVariable long id) {
    clients.get(me.shopId(), id);
    return new LearntView(lessons.told(me.shopId(), id, me.reads()));
  }

  /** From now on only what comes after is learnt from. */
  @DeleteMapping("/clients/{id}/learnt")
  @ResponseStatus(HttpStatus.NO_CONTENT)
  void forget(@AuthenticationPrincipal Person me, @PathVariable long id) {
    clients.get(me.shopId(), id);
    clients.learnFrom(me.shopId(), id, OffsetDateTime.now(clock));
  }

  @EngineWork
  @GetMapping("/visits/{id}/lengths")
  VisitLengths lengths(@AuthenticationPrincipal Person me, @PathVariable long id) {
    return lessons.lengths(me.shopId(), id);
  }
}
