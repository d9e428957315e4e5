package kitetail.server.message;

import io.micrometer.core.instrument.Counter;
import io.micrometer.core.instrument.MeterRegistry;
import java.time.Clock;
import java.time.Duration;
import java.time.LocalDate;
import java.time.OffsetDateTime;
import java.time.ZoneOffset;
import kitetail.server.error.DeviceFault;
import org.slf4j.Logger;
import org.slf4j.LoggerFactory;
import org.springframework.stereotype.Component;

/** Makes the messages that are due and hands over those not sent yet. */
@Component
class Post {
  private static final Logger LOG = LoggerFactory.getLogger(Post.class);

  /** A reminder goes out a day before; common practice. */
  private static final int REMINDER_HOURS = 24;

  /** An invitation goes out so many days before the cut has grown out. */
  private static final int INVITED_DAYS = 3;

  /** Who has been away longer than this is not written to any more. */
  private static final int FORGOTTEN_DAYS = 60;

  /** Tried again after half a minute, then a minute, two, four: some seventeen hours in all. */
  private static final int MOST_TRIES = 12;

  private static final Duration SOON = Duration.ofSeconds(30);

  private final MessageRepository messages;
  private final Letters letters;
  private final Gateway gateway;
  private final Clock clock;
  private final Counter sent;
  private final Counter putOff;
  private final Counter givenUp;

  Post(
      MessageRepository messages,
      Letters letters,
      Gateway gateway,
      Clock clock,
      MeterRegistry meters) {
    this.messages = messages;
    this.letters = letters;
    this.gateway = gateway;
    this.clock = clock;
    sent = told(meters, "sent");
    putOff = told(meters, "put-off");
    givenUp = told(meters, "given-up");
  }

  private static Counter told(MeterRegistry meters, String how) {
    return Counter.builder("kitetail.messages").tag("how", how).register(meters);
  }

  /** One round. What cannot be handed over now is tried again in the next. */
  void round() {
    OffsetDateTime now = OffsetDateTime.now(clock);
    messages.coming(now, now.plusHours(REMINDER_HOURS)).stream()
        .map(c -> letters.of(Kind.REMINDER, c, now))
        .forEach(messages::make);
    LocalDate today = LocalDate.now(clock.withZone(ZoneOffset.UTC));
    messages.away(now, today.minusDays(FORGOTTEN_DAYS), today.plusDays(INVITED_DAYS)).stream()
        .map(a -> letters.invitation(a, now))
        .forEach(messages::make);
    for (MessageRepository.Unsent m : messages.due(now)) {
      if (!handOver(m)) {
        return;
      }
    }
  }

  /** Whether the gateway answered; where it does not, the rest waits for the next round. */
  private boolean handOver(MessageRepository.Unsent m) {
    OffsetDateTime now = OffsetDateTime.now(clock);
    if (!messages.holds(m.id(), now)) {
      messages.giveUp(m.id(), null, now);
      return true;
    }
    try {
      gateway.send(m.key(), m.address(), m.words());
      messages.sent(m.id(), OffsetDateTime.now(clock));
      sent.increment();
    } catch (DeviceFault e) {
      if (e.isSilent()) {
        LOG.warn("messages wait: {}", e.getMessage());
        return false;
      }
      if (m.tries() + 1 >= MOST_TRIES) {
        LOG.warn("message {} is given up: {}", m.id(), e.getMessage());
        messages.giveUp(m.id(), e.getMessage(), now);
        givenUp.increment();
      } else {
        putOff.increment();
        messages.later(m.id(), e.getMessage(), now.plus(SOON.multipliedBy(1L << m.tries())));
      }
    }
    return true;
  }
}
