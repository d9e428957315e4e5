package kitetail.server.diary;

import jakarta.validation.Valid;
import jakarta.validation.constraints.NotNull;
import jakarta.validation.constraints.Size;
import java.time.Clock;
import java.time.LocalDate;
import java.time.OffsetDateTime;
import java.time.ZoneId;
import java.util.List;
import kitetail.server.answer.Added;
import kitetail.server.client.ClientRepository;
import kitetail.server.error.FieldException;
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
import org.springframework.web.bind.annotation.RequestBody;
import org.springframework.web.bind.annotation.RequestMapping;
import org.springframework.web.bind.annotation.ResponseStatus;
import org.springframework.web.bind.annotation.RestController;

/** The waiting list. */
@RestController
@RequestMapping("/api/waiting")
class WaitingController {
  private final WaitingRepository waiting;
  private final AppointmentRepository appointments;
  private final ClientRepository clients;
  private final Booker booker;
  private final Clock clock;

  WaitingController(
      WaitingRepository waiting,
      AppointmentRepository appointments,
      ClientRepository clients,
      Booker booker,
      Clock clock) {
    this.waiting = waiting;
    this.appointments = appointments;
    this.clients = clients;
    this.booker = booker;
    this.clock = clock;
  }

  record Waits(
      @NotNull Long clientId,
      @Nullable Long planId,
      @Nullable Long personId,
      @NotNull LocalDate until,
      @Size(max = 400) @Nullable String note) {}

  record WaitingList(List<WaitingRepository.WaitingRow> waiting) {}

  private LocalDate today(Person me) {
    return LocalDate.now(clock.withZone(ZoneId.of(appointments.shop(me.shopId()).zone())));
  }

  @GetMapping
  WaitingList all(@AuthenticationPrincipal Person me) {
    return new WaitingList(waiting.ofShop(me.shopId(), today(me)));
  }

  @Needs(Right.BOOK)
  @PostMapping
  @ResponseStatus(HttpStatus.CREATED)
  Added add(@AuthenticationPrincipal Person me, @Valid @RequestBody Waits w) {
    clients.get(me.shopId(), w.clientId());
    booker.plan(me, w.planId(), w.clientId());
    if (w.personId() != null) {
      booker.chair(me, w.personId());
    }
    if (w.until().isBefore(today(me))) {
      throw new FieldException(
          "$.until", w.until().toString(), "allowed from " + today(me) + " on");
    }
    return new Added(
        waiting.add(
            me.shopId(),
            w.clientId(),
            w.planId(),
            w.personId(),
            w.until(),
            w.note() == null ? "" : w.note(),
            OffsetDateTime.now(clock)));
  }

  @Needs(Right.BOOK)
  @DeleteMapping("/{id}")
  @ResponseStatus(HttpStatus.NO_CONTENT)
  void remove(@AuthenticationPrincipal Person me, @PathVariable long id) {
    waiting.remove(me.shopId(), id);
  }
}
