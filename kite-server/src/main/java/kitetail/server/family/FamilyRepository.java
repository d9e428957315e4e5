package kitetail.server.family;

import java.time.OffsetDateTime;
import java.util.List;
import java.util.Optional;
import kitetail.formats.json.PlanJson;
import kitetail.plan.Plan;
import org.springframework.jdbc.core.simple.JdbcClient;
import org.springframework.stereotype.Repository;

/** The shape families a shop has saved for itself. */
@Repository
class FamilyRepository {
  private final JdbcClient db;

  FamilyRepository(JdbcClient db) {
    this.db = db;
  }

  /** By title. */
  List<Plan> ofShop(long shopId) {
    return db
        .sql(
            """
            select document::text from family where shop_id = :shop order by document ->> 'title', id
            """)
        .param("shop", shopId)
        .query(String.class)
        .list()
        .stream()
        .map(PlanJson::read)
        .toList();
  }

  Optional<Plan> find(long shopId, String id) {
    return db.sql("select document::text from family where shop_id = :shop and id = :id")
        .param("shop", shopId)
        .param("id", id)
        .query(String.class)
        .optional()
        .map(PlanJson::read);
  }

  /** Saves over a family of the same id: the last to save it stands. */
  void save(long shopId, Plan family, OffsetDateTime now) {
    db.sql(
            """
            insert into family (shop_id, id, document, updated_at)
            values (:shop, :id, :document::jsonb, :now)
            on conflict (shop_id, id) do update set document = excluded.document, updated_at = excluded.updated_at
            """)
        .param("shop", shopId)
        .param("id", family.family().id())
        .param("document", PlanJson.write(family))
        .param("now", now)
        .update();
  }

  boolean delete(long shopId, String id) {
    return db.sql("delete from family where shop_id = :shop and id = :id")
            .param("shop", shopId)
            .param("id", id)
            .update()
        > 0;
  }
}
