package kitetail.server.message;

import java.time.Clock;
import java.time.OffsetDateTime;
import java.util.List;
import kitetail.server.error.FieldException;
import kitetail.server.error.NotFoundException;
import kitetail.server.security.Needs;
import kitetail.server.security.Person;
import kitetail.server.security.Right;
import org.springframework.http.HttpStatus;
import org.springframework.security.core.annotation.AuthenticationPrincipal;
import org.springframework.web.bind.annotation.GetMapping;
import org.springframework.web.bind.annotation.PathVariable;
import org.springframework.web.bind.annotation.PostMapping;
import org.springframework.web.bind.annotation.ResponseStatus;
import org.springframework.web.bind.annotation.RestController;

/** The outbox: what the shop's clients were told, newest first. */
@RestController
class MessageController {
  private final MessageRepository messages;
  private final Letters letters;
  private final Clock clock;

  MessageController(MessageRepository messages, Letters letters, Clock clock) {
    this.messages = messages;
    this.letters = letters;
    this.clock = clock;
  }

  record Outbox(List<MessageRepository.MessageRow> messages) {}

  /**
   * Tells a client the time of an appointment as it stands, because it was moved; the same time is
   * told once.
   */
  @Needs(Right.BOOK)
  @PostMapping("/api/appointments/{id}/told")
  @ResponseStatus(HttpStatus.NO_CONTENT)
  void tellMoved(@AuthenticationPrincipal Person me, @PathVariable long id) {
    MessageRepository.Coming c =
        messages.coming(me.shopId(), id).orElseThrow(() -> NotFoundException.of("appointment", id));
    if (c.address() == null || c.address().isEmpty()) {
      throw new FieldException(
          "client", "no number and no address", "allowed for a client with a phone or an e-mail");
    }
    OffsetDateTime now = OffsetDateTime.now(clock);
    if (c.startsAt().isBefore(now)) {
      throw new FieldException(
          "appointment", c.startsAt().toString(), "allowed for one that is still to come");
    }
    messages.make(letters.of(Kind.MOVED, c, now));
  }

  @GetMapping("/api/messages")
  Outbox all(@AuthenticationPrincipal Person me) {
    return new Outbox(messages.ofShop(me.shopId()));
  }
}
