package kitetail.server.sitdown;

import jakarta.validation.constraints.NotNull;
import java.time.Clock;
import java.time.Duration;
import java.time.OffsetDateTime;
import java.util.List;
import java.util.Optional;
import java.util.OptionalDouble;
import kitetail.formats.words.Refused;
import kitetail.hair.StartingHair;
import kitetail.hair.StartingLengths;
import kitetail.plan.Outcome;
import kitetail.plan.Plan;
import kitetail.plan.SitDown;
import kitetail.server.client.ClientRepository;
import kitetail.server.client.SitDownRepository;
import kitetail.server.error.NotFoundException;
import kitetail.server.head.Heads;
import kitetail.server.learn.Lessons;
import kitetail.server.visit.VisitRepository;
import org.springframework.stereotype.Component;

/** Sit-downs of clients: begun from what is known, kept, read again. */
@Component
class SitDowns {
  private final SitDownRepository sitDowns;
  private final ClientRepository clients;
  private final VisitRepository visits;
  private final Heads heads;
  private final Lessons lessons;
  private final NextAsked next;
  private final Clock clock;

  SitDowns(
      SitDownRepository sitDowns,
      ClientRepository clients,
      VisitRepository visits,
      Heads heads,
      Lessons lessons,
      NextAsked next,
      Clock clock) {
    this.sitDowns = sitDowns;
    this.clients = clients;
    this.visits = visits;
    this.heads = heads;
    this.lessons = lessons;
    this.next = next;
    this.clock = clock;
  }

  record SitDownView(
      long id,
      long clientId,
      String clientName,
      long version,
      OffsetDateTime createdAt,
      OffsetDateTime updatedAt,
      SitDown document) {}

  record SaveSitDown(@NotNull Long version, @NotNull SitDown document) {}

  record SavedSitDown(long version) {}

  /**
   * A new sit-down: the head, hair and wishes last known; the hair as it was cut and has grown
   * since, when there was a visit after them; growing as was learnt, when enough was.
   *
   * @return its number
   */
  long begin(long shopId, long clientId) {
    clients.get(shopId, clientId);
    SitDown s = sitDowns.latest(shopId, clientId);
    OffsetDateTime now = OffsetDateTime.now(clock);
    OffsetDateTime known =
        sitDowns
            .newest(shopId, clientId)
            .map(SitDownRepository.Stored::createdAt)
            .orElse(OffsetDateTime.MIN);
    Optional<VisitRepository.Row> last =
        visits.ofClient(shopId, clientId).stream()
            .findFirst()
            .filter(v -> v.finishedAt().isAfter(known));
    if (last.isPresent()) {
      s = s.startingFrom(grown(shopId, last.get(), now));
    }
    OptionalDouble growth = lessons.of(shopId, clientId).growth();
    if (growth.isPresent()) {
      s = s.growing(growth.getAsDouble());
    }
    return sitDowns.add(clientId, s, now);
  }

  private StartingHair grown(long shopId, VisitRepository.Row visit, OffsetDateTime now) {
    Plan plan = visits.plan(shopId, visit.id());
    Outcome o = heads.run(plan);
    double days = Math.max(0, Duration.between(visit.finishedAt(), now).toHours() / 24.0);
    return new StartingHair.Grown(StartingLengths.keep(o.scalp(), o.afterMm()), days, List.of());
  }

  SitDownView one(long shopId, long id) {
    return view(sitDowns.get(shopId, id));
  }

  /**
   * @throws NotFoundException when the client has not sat down yet
   */
  SitDownView newest(long shopId, long clientId) {
    SitDownRepository.Stored s =
        sitDowns
            .newest(shopId, clientId)
            .orElseThrow(
                () ->
                    new NotFoundException(
                        Refused.because("not-sat-down", "id", String.valueOf(clientId))));
    next.of(shopId, s.id(), s.sitDown());
    return view(s);
  }

  private static SitDownView view(SitDownRepository.Stored s) {
    return new SitDownView(
        s.id(),
        s.clientId(),
        s.clientName(),
        s.version(),
        s.createdAt(),
        s.updatedAt(),
        s.sitDown());
  }

  /**
   * @throws kitetail.head.HeadMeasureException when no head has these measures
   */
  SavedSitDown save(long shopId, long id, SaveSitDown s) {
    SitDown read = s.document();
    heads.fitted(read.head());
    long version = sitDowns.save(shopId, id, s.version(), read, OffsetDateTime.now(clock));
    next.of(shopId, id, read);
    return new SavedSitDown(version);
  }
}
