package kitetail.server.card;

import jakarta.validation.Valid;
import jakarta.validation.constraints.NotBlank;
import jakarta.validation.constraints.Size;
import java.time.Clock;
import java.time.OffsetDateTime;
import java.util.List;
import kitetail.formats.card.Contact;
import kitetail.plan.SitDown;
import kitetail.server.answer.Added;
import kitetail.server.client.Client;
import kitetail.server.client.ClientRepository;
import kitetail.server.client.SitDownRepository;
import kitetail.server.diary.AppointmentRepository;
import kitetail.server.plan.PlanRepository;
import kitetail.server.security.Person;
import kitetail.server.visit.VisitRepository;
import org.jspecify.annotations.Nullable;
import org.springframework.http.HttpStatus;
import org.springframework.security.core.annotation.AuthenticationPrincipal;
import org.springframework.web.bind.annotation.GetMapping;
import org.springframework.web.bind.annotation.PathVariable;
import org.springframework.web.bind.annotation.PostMapping;
import org.springframework.web.bind.annotation.PutMapping;
import org.springframework.web.bind.annotation.RequestBody;
import org.springframework.web.bind.annotation.RequestMapping;
import org.springframework.web.bind.annotation.RequestParam;
import org.springframework.web.bind.annotation.ResponseStatus;
import org.springframework.web.bind.annotation.RestController;

/** The client card. */
@RestController
@RequestMapping("/api/clients")
class ClientController {
  private final ClientRepository clients;
  private final ClientRows rows;
  private final SitDownRepository sitDowns;
  private final PlanRepository plans;
  private final VisitRepository visits;
  private final AppointmentRepository appointments;
  private final Clock clock;

  ClientController(
      ClientRepository clients,
      ClientRows rows,
      SitDownRepository sitDowns,
      PlanRepository plans,
      VisitRepository visits,
      AppointmentRepository appointments,
      Clock clock) {
    this.clients = clients;
    this.rows = rows;
    this.sitDowns = sitDowns;
    this.plans = plans;
    this.visits = visits;
    this.appointments = appointments;
    this.clock = clock;
  }

  /**
   * @param away whether it was put away
   */
  record PlanRow(long id, String title, long version, OffsetDateTime updatedAt, boolean away) {}

  record VisitRow(
      long id,
      long planId,
      String title,
      String stylist,
      OffsetDateTime finishedAt,
      long minutes,
      int movesDone,
      String remarks,
      @Nullable Long priceCents,
      @Nullable String liked) {}

  /** When the client comes next, and to whom. */
  record NextVisit(OffsetDateTime startsAt, String stylist) {
    static @Nullable NextVisit of(AppointmentRepository.@Nullable Coming c) {
      return c == null ? null : new NextVisit(c.startsAt(), c.stylist());
    }
  }

  record ClientView(
      long id,
      String name,
      String note,
      String phone,
      String email,
      @Nullable NextVisit next,
      List<SitDownRow> sitDowns,
      List<PlanRow> plans,
      List<VisitRow> visits) {}

  record NewClient(
      @NotBlank @Size(max = 120) String name,
      @Size(max = 60) @Nullable String phone,
      @Size(max = 254) @Nullable String email,
      @Size(max = 2000) @Nullable String note) {}

  /** Clients whose name holds some letters, in order of name; at most two hundred. */
  @GetMapping
  List<ClientRows.ClientRow> named(
      @AuthenticationPrincipal Person me, @RequestParam(defaultValue = "") String q) {
    return rows.named(me.shopId(), q);
  }

  @GetMapping("/{id}")
  ClientView one(@AuthenticationPrincipal Person me, @PathVariable long id) {
    Client c = clients.get(me.shopId(), id);
    return new ClientView(
        c.id(),
        c.name(),
        c.note(),
        c.phone(),
        c.email(),
        NextVisit.of(appointments.next(me.shopId(), id, OffsetDateTime.now(clock))),
        sitDowns.ofClient(me.shopId(), id).stream().map(SitDownRow::of).toList(),
        plans.ofClient(me.shopId(), id).stream()
            .map(p -> new PlanRow(p.id(), p.title(), p.version(), p.updatedAt(), p.away()))
            .toList(),
        visits.ofClient(me.shopId(), id).stream()
            .map(
                v ->
                    new VisitRow(
                        v.id(),
                        v.planId(),
                        v.title(),
                        v.stylist(),
                        v.finishedAt(),
                        v.minutes(),
                        v.movesDone(),
                        v.remarks(),
                        v.priceCents(),
                        v.liked()))
            .toList());
  }

  /** A client, sat down with a walk-in's usual head and hair. */
  @PostMapping
  @ResponseStatus(HttpStatus.CREATED)
  Added add(@AuthenticationPrincipal Person me, @Valid @RequestBody NewClient n) {
    OffsetDateTime now = OffsetDateTime.now(clock);
    long id = clients.add(me.shopId(), new Contact(n.name(), n.phone(), n.email(), n.note()), now);
    sitDowns.add(id, SitDown.walkIn(), now);
    return new Added(id);
  }

  /** What was told wrong is put right; what goes out from now on goes there. */
  @PutMapping("/{id}")
  @ResponseStatus(HttpStatus.NO_CONTENT)
  void correct(
      @AuthenticationPrincipal Person me, @PathVariable long id, @Valid @RequestBody NewClient n) {
    clients.correct(me.shopId(), id, new Contact(n.name(), n.phone(), n.email(), n.note()));
  }
}
