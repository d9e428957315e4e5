package kitetail.server.learn;

import java.time.OffsetDateTime;
import java.util.List;
import java.util.Map;
import java.util.TreeMap;
import kitetail.formats.answer.Lesson;
import kitetail.formats.words.Units;
import kitetail.hair.StartingHair;
import kitetail.hair.WetDry;
import kitetail.head.Place;
import kitetail.plan.Plan;
import kitetail.server.chair.SittingRepository;
import kitetail.server.client.ClientRepository;
import kitetail.server.client.SitDownRepository;
import kitetail.server.head.Heads;
import kitetail.server.visit.VisitRepository;
import kitetail.shopday.Learnt;
import org.springframework.stereotype.Component;

/** What is learnt of a client from the last visits and from what was taped at sit-downs. */
@Component
public class Lessons {
  /** Older visits teach little: hands and hair change. */
  private static final int VISITS = 6;

  private final VisitRepository visits;
  private final SittingRepository sittings;
  private final SitDownRepository sitDowns;
  private final ClientRepository clients;
  private final Heads heads;

  Lessons(
      VisitRepository visits,
      SittingRepository sittings,
      SitDownRepository sitDowns,
      ClientRepository clients,
      Heads heads) {
    this.visits = visits;
    this.sittings = sittings;
    this.sitDowns = sitDowns;
    this.clients = clients;
    this.heads = heads;
  }

  public Learnt of(long shopId, long clientId) {
    OffsetDateTime since = clients.learntSince(shopId, clientId);
    List<Learnt.Past> past =
        visits.ofClient(shopId, clientId).stream()
            .filter(v -> since == null || v.finishedAt().isAfter(since))
            .limit(VISITS)
            .map(v -> past(shopId, v))
            .toList();
    if (past.isEmpty()) {
      return Learnt.of(List.of(), List.of());
    }
    List<Learnt.Taped> taped =
        sitDowns.ofClient(shopId, clientId).stream()
            .filter(s -> since == null || s.createdAt().isAfter(since))
            .map(s -> taped(s.sitDown().start(), s))
            .filter(t -> !t.mm().isEmpty())
            .toList();
    return Learnt.of(past, taped);
  }

  /** The same, each in words beside what the last sit-down holds. */
  List<Lesson> told(long shopId, long clientId, Units units) {
    WetDry own = sitDowns.latest(shopId, clientId).hair().wetDry();
    return Lesson.of(of(shopId, clientId), own, units);
  }

  /** A visit's plan against what was measured. */
  VisitLengths lengths(long shopId, long visitId) {
    VisitRepository.Row visit = visits.get(shopId, visitId);
    return VisitLengths.of(visit, past(shopId, visit));
  }

  /** One visit with its plan worked out. */
  private Learnt.Past past(long shopId, VisitRepository.Row visit) {
    Plan cut = visits.plan(shopId, visit.id());
    return new Learnt.Past(
        visit.finishedAt().toInstant(), heads.run(cut), sittings.ofVisit(shopId, visit.id()));
  }

  /** Only what was taped dry and straight can be held against what a cut left. */
  private static Learnt.Taped taped(StartingHair start, SitDownRepository.Stored s) {
    Map<Place, Double> mm = new TreeMap<>();
    if (start instanceof StartingHair.Taped t && t.state() == WetDry.State.DRY_STRAIGHT) {
      mm.putAll(t.tapedMm());
    }
    return new Learnt.Taped(s.createdAt().toInstant(), mm);
  }
}
