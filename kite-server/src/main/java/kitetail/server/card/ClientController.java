package kitetail.server.card;

import jakarta.validation.Valid;
import jakarta.validation.constraints.Max;
import jakarta.validation.constraints.Min;
import jakarta.validation.constraints.NotBlank;
import jakarta.validation.constraints.NotNull;
import jakarta.validation.constraints.Size;
import java.time.Clock;
import java.time.OffsetDateTime;
import java.util.List;
import kitetail.hair.Hair;
import kitetail.hair.TapedLengths;
import kitetail.head.Head;
import kitetail.head.HeadSpec;
import kitetail.server.client.Client;
import kitetail.server.client.ClientRepository;
import kitetail.server.error.NotFoundException;
import kitetail.server.plan.PlanRepository;
import kitetail.server.security.Person;
import kitetail.server.visit.VisitRepository;
import org.springframework.http.HttpStatus;
import org.springframework.security.core.annotation.AuthenticationPrincipal;
import org.springframework.web.bind.annotation.GetMapping;
import org.springframework.web.bind.annotation.PathVariable;
import org.springframework.web.bind.annotation.PostMapping;
import org.springframework.web.bind.annotation.RequestBody;
import org.springframework.web.bind.annotation.RequestMapping;
import org.springframework.web.bind.annotation.ResponseStatus;
import org.springframework.web.bind.annotation.RestController;

/** The client card. */
@RestController
@RequestMapping("/api/clients")
class ClientController {
  private final ClientRepository clients;
  private final PlanRepository plans;
  private final VisitRepository visits;
  private final Clock clock;

  ClientController(
      ClientRepository clients, PlanRepository plans, VisitRepository visits, Clock clock) {
    this.clients = clients;
    this.plans = plans;
    this.visits = visits;
    this.clock = clock;
  }

  record ClientRow(
      long id, String name, String note, Long planId, String planTitle, Long planVersion) {}

  record PlanRow(long id, String title, long version, OffsetDateTime updatedAt) {}

  record VisitRow(
      long id,
      long planId,
      String title,
      String stylist,
      OffsetDateTime finishedAt,
      long minutes,
      int movesDone,
      String remarks) {}

  record ClientView(
      long id,
      String name,
      String note,
      double girthMm,
      Double earToEarMm,
      Double frontToNapeMm,
      List<PlanRow> plans,
      List<VisitRow> visits) {}

  /** Lengths and measures in mm. */
  record NewClient(
      @NotBlank(message = "must be given") @Size(max = 120, message = "allowed 1 to 120 characters")
          String name,
      @Size(max = 2000, message = "allowed 0 to 2000 characters") String note,
      @NotNull(message = "must be given")
          @Min(value = 440, message = "allowed 440 to 680 mm")
          @Max(value = 680, message = "allowed 440 to 680 mm")
          Double girthMm,
      Double earToEarMm,
      Double frontToNapeMm,
      @NotNull(message = "must be given") @Valid Taped start) {}

  record Taped(
      @NotNull(message = "must be given")
          @Min(value = 0, message = "allowed 0 to 1500 mm")
          @Max(value = 1500, message = "allowed 0 to 1500 mm")
          Double frontMm,
      @NotNull(message = "must be given")
          @Min(value = 0, message = "allowed 0 to 1500 mm")
          @Max(value = 1500, message = "allowed 0 to 1500 mm")
          Double topMm,
      @NotNull(message = "must be given")
          @Min(value = 0, message = "allowed 0 to 1500 mm")
          @Max(value = 1500, message = "allowed 0 to 1500 mm")
          Double crownMm,
      @NotNull(message = "must be given")
          @Min(value = 0, message = "allowed 0 to 1500 mm")
          @Max(value = 1500, message = "allowed 0 to 1500 mm")
          Double sideMm,
      @NotNull(message = "must be given")
          @Min(value = 0, message = "allowed 0 to 1500 mm")
          @Max(value = 1500, message = "allowed 0 to 1500 mm")
          Double occipitalMm,
      @NotNull(message = "must be given")
          @Min(value = 0, message = "allowed 0 to 1500 mm")
          @Max(value = 1500, message = "allowed 0 to 1500 mm")
          Double napeMm) {}

  record Added(long id) {}

  @GetMapping
  List<ClientRow> all(@AuthenticationPrincipal Person me) {
    return clients.all(me.shopId()).stream()
        .map(
            c -> {
              var newest = plans.ofClient(me.shopId(), c.id()).stream().findFirst();
              return new ClientRow(
                  c.id(),
                  c.name(),
                  c.note(),
                  newest.map(PlanRepository.Row::id).orElse(null),
                  newest.map(PlanRepository.Row::title).orElse(null),
                  newest.map(PlanRepository.Row::version).orElse(null));
            })
        .toList();
  }

  @GetMapping("/{id}")
  ClientView one(@AuthenticationPrincipal Person me, @PathVariable long id) {
    Client c =
        clients
            .find(me.shopId(), id)
            .orElseThrow(() -> new NotFoundException("No client " + id + " in this shop."));
    return new ClientView(
        c.id(),
        c.name(),
        c.note(),
        c.head().girthMm(),
        c.head().earToEarMm(),
        c.head().frontToNapeMm(),
        plans.ofClient(me.shopId(), id).stream()
            .map(p -> new PlanRow(p.id(), p.title(), p.version(), p.updatedAt()))
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
                        v.remarks()))
            .toList());
  }

  @PostMapping
  @ResponseStatus(HttpStatus.CREATED)
  Added add(@AuthenticationPrincipal Person me, @Valid @RequestBody NewClient n) {
    HeadSpec.Measured head = new HeadSpec.Measured(n.girthMm(), n.earToEarMm(), n.frontToNapeMm());
    Head.of(head); // refuses measures no head has
    Taped t = n.start();
    TapedLengths start =
        new TapedLengths(
            t.frontMm(), t.topMm(), t.crownMm(), t.sideMm(), t.occipitalMm(), t.napeMm());
    return new Added(
        clients.add(
            me.shopId(),
            n.name().strip(),
            n.note() == null ? "" : n.note(),
            head,
            Hair.DEFAULT,
            start,
            OffsetDateTime.now(clock)));
  }
}
