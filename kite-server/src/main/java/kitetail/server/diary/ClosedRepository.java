package kitetail.server.diary;

import java.time.LocalDate;
import java.util.List;
import org.springframework.jdbc.core.simple.JdbcClient;
import org.springframework.stereotype.Repository;
import org.springframework.transaction.annotation.Transactional;

/** Days on which a shop is closed whatever its hours say. */
@Repository
class ClosedRepository {
  private final JdbcClient db;

  ClosedRepository(JdbcClient db) {
    this.db = db;
  }

  /** From one day to another, both of them closed. */
  record Closed(LocalDate fromDay, LocalDate toDay, String why) {
    boolean on(LocalDate day) {
      return !day.isBefore(fromDay) && !day.isAfter(toDay);
    }
  }

  /** Those that are not over before a day, the next first. */
  List<Closed> of(long shopId, LocalDate from) {
    return db.sql(
            """
            select from_day, to_day, why from closed where shop_id = :shop and to_day >= :from
            order by from_day, id
            """)
        .param("shop", shopId)
        .param("from", from)
        .query(Closed.class)
        .list();
  }

  /** Those that are not over before a day are these from now on; what is over stays. */
  @Transactional
  void set(long shopId, LocalDate from, List<Closed> all) {
    db.sql("delete from closed where shop_id = :shop and to_day >= :from")
        .param("shop", shopId)
        .param("from", from)
        .update();
    for (Closed c : all) {
      db.sql(
              """
              insert into closed (shop_id, from_day, to_day, why) values (:shop, :from, :to, :why)
              """)
          .param("shop", shopId)
          .param("from", c.fromDay())
          .param("to", c.toDay())
          .param("why", c.why())
          .update();
    }
  }
}
