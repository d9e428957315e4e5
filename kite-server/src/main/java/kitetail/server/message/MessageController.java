package kitetail.server.message;

import java.util.List;
import kitetail.server.security.Person;
import org.springframework.security.core.annotation.AuthenticationPrincipal;
import org.springframework.web.bind.annotation.GetMapping;
import org.springframework.web.bind.annotation.RestController;

/** The outbox: what the shop's clients were told, newest first. */
@RestController
class MessageController {
  private final MessageRepository messages;

  MessageController(MessageRepository messages) {
    this.messages = messages;
  }

  record Outbox(List<MessageRepository.MessageRow> messages) {}

  @GetMapping("/api/messages")
  Outbox all(@AuthenticationPrincipal Person me) {
    return new Outbox(messages.ofShop(me.shopId()));
  }
}
