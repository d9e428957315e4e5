package kitetail.server.diary;

import java.time.Clock;
import java.time.LocalDate;
import java.time.OffsetDateTime;
import java.time.ZoneId;
import java.util.List;
import kitetail.server.security.Person;
import org.springframework.jdbc.core.simple.JdbcClient;
import org.springframework.security.core.annotation.AuthenticationPrincipal;
import org.springframework.stereotype.Repository;
import org.springframework.web.bind.annotation.GetMapping;
import org.springframework.web.bind.annotation.RestController;

/** Who is in the chair today. */
@RestController
class DiaryController {
  private final Appointments appointments;
  private final Clock clock;

  DiaryController(Appointments appointments, Clock clock) {
    this.appointments = appointments;
    this.clock = clock;
  }

  record Today(
      LocalDate date,
      String shop,
      String zone,
      OffsetDateTime now,
      List<Appointment> appointments) {}

  /** One appointment; the plan may not be made yet. */
  record Appointment(
      long id,
      OffsetDateTime startsAt,
      OffsetDateTime endsAt,
      long clientId,
      String clientName,
      String stylist,
      Long planId,
      String planTitle,
      Long planVersion) {}

  @GetMapping("/api/today")
  Today today(@AuthenticationPrincipal Person me) {
    Appointments.Shop shop = appointments.shop(me.shopId());
    ZoneId zone = ZoneId.of(shop.zone());
    LocalDate date = LocalDate.now(clock.withZone(zone));
    return new Today(
        date,
        shop.name(),
        shop.zone(),
        OffsetDateTime.now(clock.withZone(zone)),
        appointments.between(
            me.shopId(),
            date.atStartOfDay(zone).toOffsetDateTime(),
            date.plusDays(1).atStartOfDay(zone).toOffsetDateTime()));
  }

  /** The diary's rows. */
  @Repository
  static class Appointments {
    private final JdbcClient db;

    Appointments(JdbcClient db) {
      this.db = db;
    }

    record Shop(String name, String zone) {}

    Shop shop(long id) {
      return db.sql("select name, zone from shop where id = :id")
          .param("id", id)
          .query(Shop.class)
          .single();
    }

    List<Appointment> between(long shopId, OffsetDateTime from, OffsetDateTime to) {
      return db.sql(
              """
              select a.id, a.starts_at, a.ends_at, c.id as client_id, c.name as client_name, s.name as stylist,
                p.id as plan_id, p.document ->> 'title' as plan_title, p.version as plan_version
              from appointment a
              join client c on c.id = a.client_id
              join person s on s.id = a.person_id
              left join plan p on p.id = a.plan_id
              where a.shop_id = :shop and a.starts_at >= :from and a.starts_at < :to
              order by a.starts_at, a.id
              """)
          .param("shop", shopId)
          .param("from", from)
          .param("to", to)
          .query(Appointment.class)
          .list();
    }
  }
}
