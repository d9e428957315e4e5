package kitetail.server.diary;

import java.time.LocalDate;
import java.time.OffsetDateTime;
import java.util.List;
import kitetail.formats.words.Refused;
import kitetail.server.error.NotFoundException;
import org.jspecify.annotations.Nullable;
import org.springframework.jdbc.core.simple.JdbcClient;
import org.springframework.stereotype.Repository;

/** Who would come sooner if a chair came free. */
@Repository
class WaitingRepository {
  private final JdbcClient db;

  WaitingRepository(JdbcClient db) {
    this.db = db;
  }

  /**
   * @param personId whose chair it has to be; null for any
   * @param until the last day they would come
   */
  record WaitingRow(
      long id,
      long clientId,
      String clientName,
      @Nullable Long planId,
      @Nullable String planTitle,
      @Nullable Long personId,
      LocalDate until,
      String note) {}

  List<WaitingRow> ofShop(long shopId, LocalDate today) {
    return db.sql(
            """
            select w.id, w.client_id, c.name as client_name, w.plan_id, p.document ->> 'title' as plan_title,
              w.person_id, w.until, w.note
            from waiting w join present_client c on c.id = w.client_id left join plan p on p.id = w.plan_id
            where w.shop_id = :shop and w.until >= :today order by w.created_at, w.id
            """)
        .param("shop", shopId)
        .param("today", today)
        .query(WaitingRow.class)
        .list();
  }

  long add(
      long shopId,
      long clientId,
      Long planId,
      Long personId,
      LocalDate until,
      String note,
      OffsetDateTime now) {
    return db.sql(
            """
            insert into waiting (shop_id, client_id, plan_id, person_id, until, note, created_at)
            values (:shop, :client, :plan, :person, :until, :note, :now) returning id
            """)
        .param("shop", shopId)
        .param("client", clientId)
        .param("plan", planId)
        .param("person", personId)
        .param("until", until)
        .param("note", note)
        .param("now", now)
        .query(Long.class)
        .single();
  }

  void remove(long shopId, long id) {
    if (db.sql("delete from waiting where shop_id = :shop and id = :id")
            .param("shop", shopId)
            .param("id", id)
            .update()
        == 0) {
      throw new NotFoundException(Refused.because("nobody-waits", "id", String.valueOf(id)));
    }
  }
}
