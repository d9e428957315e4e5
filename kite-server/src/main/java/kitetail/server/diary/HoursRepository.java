package kitetail.server.diary;

import java.time.LocalDate;
import java.time.LocalTime;
import java.time.OffsetDateTime;
import java.util.List;
import kitetail.formats.calendar.BusyFile;
import kitetail.formats.calendar.Hours;
import org.springframework.jdbc.core.simple.JdbcClient;
import org.springframework.stereotype.Repository;
import org.springframework.transaction.annotation.Transactional;

/** When a shop is open, and when its people are busy elsewhere. */
@Repository
class HoursRepository {
  private final JdbcClient db;

  HoursRepository(JdbcClient db) {
    this.db = db;
  }

  private record Opening(String rule, LocalDate since, LocalTime fromTime, LocalTime toTime) {}

  /** A time somebody's other calendar has taken. */
  record BusyRow(long personId, OffsetDateTime startsAt, OffsetDateTime endsAt) {}

  List<Hours> of(long shopId) {
    return db
        .sql(
            "select rule, since, from_time, to_time from opening where shop_id = :shop order by from_time, id")
        .param("shop", shopId)
        .query(Opening.class)
        .list()
        .stream()
        .map(o -> new Hours(o.rule(), o.since(), o.fromTime(), o.toTime()))
        .toList();
  }

  @Transactional
  void set(long shopId, List<Hours> hours) {
    db.sql("delete from opening where shop_id = :shop").param("shop", shopId).update();
    for (Hours h : hours) {
      db.sql(
              """
              insert into opening (shop_id, rule, since, from_time, to_time)
              values (:shop, :rule, :since, :from, :to)
              """)
          .param("shop", shopId)
          .param("rule", h.rule())
          .param("since", h.since())
          .param("from", h.from())
          .param("to", h.to())
          .update();
    }
  }

  List<BusyRow> busy(long shopId, OffsetDateTime from, OffsetDateTime to) {
    return db.sql(
            """
            select b.person_id, b.starts_at, b.ends_at from busy b join person p on p.id = b.person_id
            where p.shop_id = :shop and b.ends_at > :from and b.starts_at < :to order by b.starts_at, b.id
            """)
        .param("shop", shopId)
        .param("from", from)
        .param("to", to)
        .query(BusyRow.class)
        .list();
  }

  /** What a person's other calendar says now, in the place of what it said before. */
  @Transactional
  void setBusy(long personId, List<BusyFile.Busy> all) {
    db.sql("delete from busy where person_id = :person").param("person", personId).update();
    for (BusyFile.Busy b : all) {
      db.sql("insert into busy (person_id, starts_at, ends_at) values (:person, :from, :to)")
          .param("person", personId)
          .param("from", b.from().atOffset(java.time.ZoneOffset.UTC))
          .param("to", b.to().atOffset(java.time.ZoneOffset.UTC))
          .update();
    }
  }
}
