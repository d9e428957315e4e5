package kitetail.server.showing;

import java.time.Clock;
import java.time.Duration;
import java.time.OffsetDateTime;
import java.time.ZoneId;
import java.util.List;
import kitetail.formats.calendar.Booked;
import kitetail.formats.calendar.CalendarFile;
import kitetail.formats.picture.View;
import kitetail.formats.sheet.TakeHomeCard;
import kitetail.formats.words.CardWords;
import kitetail.server.diary.AppointmentRepository;
import kitetail.server.fall.AfterTheCut;
import kitetail.server.picture.ClientPictures;
import kitetail.server.plan.PlanRepository;
import kitetail.server.security.Person;
import org.springframework.stereotype.Component;

/** What a client takes home: how it looks, how it is kept, and when to come again. */
@Component
class Cards {
  /** What stands in a calendar for a visit nobody has booked: the morning of the first day. */
  private static final int MORNING = 9;

  private static final Duration USUAL = Duration.ofHours(1);
  private static final double DAYS_A_WEEK = 7;

  private final AppointmentRepository coming;
  private final AfterTheCut after;
  private final ClientPictures pictures;
  private final Clock clock;

  Cards(AppointmentRepository coming, AfterTheCut after, ClientPictures pictures, Clock clock) {
    this.coming = coming;
    this.after = after;
    this.pictures = pictures;
    this.clock = clock;
  }

  byte[] pdf(Person me, PlanRepository.Stored plan) {
    OffsetDateTime now = OffsetDateTime.now(clock);
    AppointmentRepository.Shop shop = coming.shop(me.shopId());
    ZoneId zone = ZoneId.of(shop.zone());
    AfterTheCut.Finish finish = after.finish(plan.plan(), me.reads());
    AppointmentRepository.Coming next = coming.next(me.shopId(), plan.clientId(), now);
    OffsetDateTime from = now.plusDays(Math.round(DAYS_A_WEEK * finish.returnFrom()));
    OffsetDateTime to = now.plusDays(Math.round(DAYS_A_WEEK * finish.returnTo()));
    OffsetDateTime at =
        next != null
            ? next.startsAt()
            : from.atZoneSameInstant(zone)
                .toLocalDate()
                .atTime(MORNING, 0)
                .atZone(zone)
                .toOffsetDateTime();
    String when =
        next != null
            ? CardWords.booked(at.atZoneSameInstant(zone))
            : CardWords.between(from.atZoneSameInstant(zone), to.atZoneSameInstant(zone));
    Booked entry =
        new Booked(
            next != null
                ? "appointment-" + next.id() + "@kite-tail"
                : "return-" + plan.id() + "@kite-tail",
            next != null ? next.version() : 0,
            at.toInstant(),
            (next != null ? next.endsAt() : at.plus(USUAL)).toInstant(),
            next != null ? shop.name() : CardWords.time(shop.name()),
            "");
    return new TakeHomeCard(
            plan.plan().title(),
            shop.name(),
            pictures.card(plan.plan(), View.CORNER),
            finish.home(),
            when,
            CalendarFile.write(List.of(entry), now.toInstant()))
        .pdf();
  }
}
