package kitetail.server.kit;

import java.time.OffsetDateTime;
import java.util.List;
import java.util.UUID;
import kitetail.formats.words.Refused;
import kitetail.server.error.NotFoundException;
import kitetail.shopday.Care;
import kitetail.shopday.Tool;
import org.jspecify.annotations.Nullable;
import org.springframework.jdbc.core.simple.JdbcClient;
import org.springframework.stereotype.Repository;

/** Tools of a shop, each with its log. */
@Repository
public class KitRepository {
  /** Care goes by what was done lately; older entries stay in the records. */
  private static final int LOOKED_BACK_DAYS = 400;

  private final JdbcClient db;

  KitRepository(JdbcClient db) {
    this.db = db;
  }

  /**
   * @param measuredMm what a guard really leaves, or how long a blade is; null when it was not
   *     measured
   */
  record Item(
      long id, Tool kind, String name, @Nullable Double measuredMm, String note, boolean retired) {}

  record Event(long kitId, Care.Act kind, OffsetDateTime at, @Nullable Long clientId) {}

  List<Item> ofShop(long shopId) {
    return db.sql(
            """
            select id, kind, name, measured_mm, note, retired from kit
            where shop_id = :shop order by retired, kind, name, id
            """)
        .param("shop", shopId)
        .query(Item.class)
        .list();
  }

  List<Event> log(long shopId, OffsetDateTime now) {
    return db.sql(
            """
            select e.kit_id, e.kind, e.at, e.client_id from kit_event e join kit k on k.id = e.kit_id
            where k.shop_id = :shop and not k.retired and e.at > :since order by e.at, e.id
            """)
        .param("shop", shopId)
        .param("since", now.minusDays(LOOKED_BACK_DAYS))
        .query(Event.class)
        .list();
  }

  public long add(
      long shopId, Tool kind, String name, @Nullable Double mm, String note, OffsetDateTime now) {
    return db.sql(
            """
            insert into kit (shop_id, kind, name, measured_mm, note, created_at)
            values (:shop, :kind, :name, :mm, :note, :now) returning id
            """)
        .param("shop", shopId)
        .param("kind", kind.name())
        .param("name", name)
        .param("mm", mm)
        .param("note", note)
        .param("now", now)
        .query(Long.class)
        .single();
  }

  void set(long shopId, long id, String name, Double mm, String note, boolean retired) {
    int done =
        db.sql(
                """
                update kit set name = :name, measured_mm = :mm, note = :note, retired = :retired
                where shop_id = :shop and id = :id
                """)
            .param("shop", shopId)
            .param("id", id)
            .param("name", name)
            .param("mm", mm)
            .param("note", note)
            .param("retired", retired)
            .update();
    if (done == 0) {
      throw missing(id);
    }
  }

  /** Writes down what was done, once however often it is sent. */
  void did(
      long shopId,
      long id,
      Care.Act kind,
      UUID token,
      long personId,
      Long clientId,
      OffsetDateTime at) {
    if (db.sql("select count(*) from kit where shop_id = :shop and id = :id")
            .param("shop", shopId)
            .param("id", id)
            .query(Long.class)
            .single()
        == 0) {
      throw missing(id);
    }
    db.sql(
            """
            insert into kit_event (kit_id, kind, token, person_id, client_id, at)
            values (:id, :kind, :token, :person, :client, :at) on conflict (token) do nothing
            """)
        .param("id", id)
        .param("kind", kind.name())
        .param("token", token)
        .param("person", personId)
        .param("client", clientId)
        .param("at", at)
        .update();
  }

  private static NotFoundException missing(long id) {
    return new NotFoundException(
        Refused.because("none-in-shop", "kind", "tool", "key", String.valueOf(id)));
  }
}
