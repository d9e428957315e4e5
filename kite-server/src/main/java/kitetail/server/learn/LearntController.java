package kitetail.server.learn;

import java.time.Clock;
import java.time.OffsetDateTime;
import java.util.ArrayList;
import java.util.Arrays;
import java.util.List;
import java.util.Map;
import kitetail.formats.words.Units;
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

  /**
   * One thing learnt.
   *
   * @param used whether it rests on enough to be reckoned with
   */
  record Lesson(String what, String words, int from, boolean used) {}

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
    List<Lesson> all = said(lessons.of(me.shopId(), id), me.reads());
    WetDry own = sitDowns.latest(me.shopId(), id).hair().wetDry();
    if (own.stretchShare() != WetDry.STRAIGHT.stretchShare()) {
      // Of a strand measured wet and dry at the sit-down; it goes on with the hair to the next one.
      all.add(
          new Lesson(
              "stretch",
              String.format(
                  java.util.Locale.ROOT,
                  "Wet hair stretches by %.0f %%.",
                  100 * own.stretchShare()),
              1,
              true));
    }
    return new LearntView(all);
  }

  private static List<Lesson> said(Learnt l, Units units) {
    List<Lesson> all = new ArrayList<>();
    if (l.growths() > 0) {
      all.add(
          new Lesson(
              "growth",
              String.format(
                  java.util.Locale.ROOT,
                  "Hair grows %s in four weeks.",
                  units.length(28 * l.growthMmPerDay())),
              l.growths(),
              l.growth().isPresent()));
    }
    if (l.timedMoves() > 0) {
      all.add(
          new Lesson(
              "pace",
              String.format(
                  java.util.Locale.ROOT, "Moves take %.0f %% of the time planned.", 100 * l.pace()),
              l.timedMoves(),
              l.timedMoves() >= Learnt.ENOUGH));
    }
    if (l.bites() > 0) {
      all.add(
          new Lesson(
              "bites",
              String.format(java.util.Locale.ROOT, "A bite takes %.0f seconds.", l.secondsABite()),
              l.bites(),
              l.bites() >= Learnt.ENOUGH));
    }
    if (l.measured() > 0) {
      all.add(
          new Lesson(
              "bias",
              Math.abs(l.biasMm()) < 0.5
                  ? "The hand leaves what is planned."
                  : String.format(
                      java.util.Locale.ROOT,
                      "The hand leaves %s %s than planned.",
                      units.length(Math.abs(l.biasMm())),
                      l.biasMm() < 0 ? "less" : "more"),
              l.measured(),
              l.measured() >= Learnt.ENOUGH));
    }
    return all;
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
