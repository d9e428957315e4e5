package kitetail.server.plan;

import java.time.OffsetDateTime;
import java.util.List;
import java.util.Optional;
import org.springframework.jdbc.core.simple.JdbcClient;
import org.springframework.stereotype.Repository;

/** Plans as they stood, under names. */
@Repository
class VersionRepository {
  private final JdbcClient db;

  VersionRepository(JdbcClient db) {
    this.db = db;
  }

  /** A version in a list; {@code by} is who kept it. */
  record VersionRow(long id, String name, String by, OffsetDateTime createdAt) {}

  /** The newest first. */
  List<VersionRow> ofPlan(long shopId, long planId) {
    return db.sql(
            """
            select v.id, v.name, r.name as by, v.created_at
            from plan_version v
            join plan p on p.id = v.plan_id
            join present_client c on c.id = p.client_id
            join person r on r.id = v.person_id
            where c.shop_id = :shop and p.id = :plan
            order by v.created_at desc, v.id desc
            """)
        .param("shop", shopId)
        .param("plan", planId)
        .query(VersionRow.class)
        .list();
  }

  Optional<String> document(long shopId, long planId, long id) {
    return db.sql(
            """
            select v.document::text
            from plan_version v
            join plan p on p.id = v.plan_id
            join present_client c on c.id = p.client_id
            where c.shop_id = :shop and p.id = :plan and v.id = :id
            """)
        .param("shop", shopId)
        .param("plan", planId)
        .param("id", id)
        .query(String.class)
        .optional();
  }

  /** Of a plan the caller has made sure is the shop's. */
  long keep(long planId, String name, String document, long personId, OffsetDateTime now) {
    return db.sql(
            """
            insert into plan_version (plan_id, name, document, person_id, created_at)
            values (:plan, :name, :document::jsonb, :person, :now)
            returning id
            """)
        .param("plan", planId)
        .param("name", name)
        .param("document", document)
        .param("person", personId)
        .param("now", now)
        .query(Long.class)
        .single();
  }
}
