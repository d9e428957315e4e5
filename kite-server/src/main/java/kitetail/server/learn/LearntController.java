package kitetail.server.learn;

import java.time.Clock;
import java.time.OffsetDateTime;
import java.util.Arrays;
import java.util.List;
import java.util.Map;
import kitetail.formats.answer.Lesson;
import kitetail.hair.WetDry;
import kitetail.head.Place;
import kitetail.learn.Learnt;
import kitetail.server.answer.EngineWork;
import kitetail.server.client.ClientRepository;
import kitetail.server.client.SitDownRepository;
import kitetail.server.security.Person;
import kitetail.server.visit.VisitRepository;
import org.jspecify.annotations.Nullable;
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
  private static final List<Place> SHOWN =
      List.of(
          Place.FRONT,
          Place.APEX,
          Place.CROWN,
          Place.RIDGE_LEFT,
          Place.RIDGE_RIGHT,
          Place.EAR_TOP_LEFT,
          Place.EAR_TOP_RIGHT,
          Place.OCCIPITAL,
          Place.NAPE);

  private final Lessons lessons;
  private final ClientRepository clients;
  private final VisitRepository visits;
  private final SitDownRepository sitDowns;
  private final Clock clock;

  LearntController(
      Lessons lessons,
      ClientRepository clients,
      VisitRepository visits,
      SitDownRepository sitDowns,
      Clock clock) {
    this.lessons = lessons;
    this.clients = clients;
    this.visits = visits;
    this.sitDowns = sitDowns;
    this.clock = clock;
  }

  record LearntView(List<Lesson> lessons) {}

  record PlaceRow(Place place, double plannedMm, @Nullable Double measuredMm) {}

  record VisitLengths(
      long id,
      String title,
      OffsetDateTime finishedAt,
      double plannedMinutes,
      List<PlaceRow> places) {}

  @EngineWork
  @GetMapping("/clients/{id}/learnt")
  LearntView learnt(@AuthenticationPrincipal Person me, @PathVariable long id) {
    clients.get(me.shopId(), id);
    WetDry own = sitDowns.latest(me.shopId(), id).hair().wetDry();
    return new LearntView(Lesson.of(lessons.of(me.shopId(), id), own, me.reads()));
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
    VisitRepository.Row visit = visits.get(me.shopId(), id);
    Learnt.Past past = lessons.past(me.shopId(), visit);
    Map<Place, double[]> measured = Learnt.plannedAndMeasured(past);
    List<PlaceRow> rows =
        Arrays.stream(Place.values())
            .filter(p -> SHOWN.contains(p) || measured.containsKey(p))
            .map(
                p ->
                    new PlaceRow(
                        p,
                        past.planned().endMm(p),
                        measured.containsKey(p) ? measured.get(p)[1] : null))
            .toList();
    return new VisitLengths(id, visit.title(), visit.finishedAt(), past.planned().minutes(), rows);
  }
}
