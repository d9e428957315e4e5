package kitetail.server.message;

import java.time.OffsetDateTime;
import java.time.ZoneId;
import java.time.format.DateTimeFormatter;
import java.util.Locale;
import java.util.Map;
import org.springframework.stereotype.Component;

/** What clients are told, in their shop's words and by its clock. */
@Component
class Letters {
  private static final DateTimeFormatter WHEN =
      DateTimeFormatter.ofPattern("EEEE d MMMM 'at' HH:mm", Locale.UK);

  private final MessageRepository messages;
  private final WordingRepository wordings;

  Letters(MessageRepository messages, WordingRepository wordings) {
    this.messages = messages;
    this.wordings = wordings;
  }

  /** Of an appointment: a reminder, or that it was moved. */
  MessageRepository.New of(Kind kind, MessageRepository.Coming c, OffsetDateTime now) {
    String key = kind.name().toLowerCase(Locale.ROOT) + "/" + c.id();
    return new MessageRepository.New(
        key + "/" + c.startsAt().toEpochSecond(),
        c.shopId(),
        c.clientId(),
        kind.name(),
        c.address(),
        Kind.said(
            wordings.of(c.shopId(), kind), named(c.shop(), c.zone(), c.startsAt(), c.stylist())),
        now,
        c.id(),
        c.startsAt());
  }

  MessageRepository.New invitation(MessageRepository.Away a, OffsetDateTime now) {
    return new MessageRepository.New(
        "return/" + a.visitId(),
        a.shopId(),
        a.clientId(),
        Kind.RETURN.name(),
        a.address(),
        Kind.said(wordings.of(a.shopId(), Kind.RETURN), Map.of("shop", a.shop())),
        now,
        null,
        null);
  }

  /** Words as somebody would read them of an appointment. */
  String shown(long shopId, String words, OffsetDateTime at, String stylist) {
    MessageRepository.From from = messages.from(shopId);
    return Kind.said(words, named(from.shop(), from.zone(), at, stylist));
  }

  private static Map<String, String> named(
      String shop, String zone, OffsetDateTime at, String stylist) {
    String when = at.atZoneSameInstant(ZoneId.of(zone)).format(WHEN);
    return Map.of("shop", shop, "when", when, "stylist", stylist);
  }
}
