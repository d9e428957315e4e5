package kitetail.server.plan;

import java.time.OffsetDateTime;
import java.util.List;
import java.util.Optional;
import kitetail.formats.json.PlanJson;
import kitetail.plan.Plan;
import kitetail.server.client.Versioned;
import kitetail.server.error.NotFoundException;
import kitetail.server.error.StaleVersionException;
import org.springframework.jdbc.core.simple.JdbcClient;
import org.springframework.stereotype.Repository;
import org.springframework.transaction.annotation.Transactional;

/** Plan documents, each with a version that guards every update. */
@Repository
public class PlanRepository {
  /** What holds a plan. */
  private static final String LEANS_ON =
      """
      select 1 from visit where plan_id = :id union all select 1 from sitting where plan_id = :id
      union all select 1 from appointment where plan_id = :id
      union all select 1 from waiting where plan_id = :id
      """;

  private static final Versioned VERSIONED = new Versioned("plan", "plan");

  private final JdbcClient db;

  PlanRepository(JdbcClient db) {
    this.db = db;
  }

  /**
   * A plan in a list.
   *
   * @param away whether it was put away
   */
  public record Row(long id, String title, long version, OffsetDateTime updatedAt, boolean away) {}

  /** A plan with whom it is for. */
  public record Stored(
      long id,
      long clientId,
      String clientName,
      long version,
      String document,
      OffsetDateTime updatedAt) {
    public Plan plan() {
      return PlanJson.read(document);
    }
  }

  /** The newest first. */
  public List<Row> ofClient(long shopId, long clientId) {
    return db.sql(
            """
            select p.id, p.document ->> 'title' as title, p.version, p.updated_at,
              p.put_away_at is not null as away
            from plan p join present_client c on c.id = p.client_id
            where c.shop_id = :shop and c.id = :client
            order by p.updated_at desc, p.id desc
            """)
        .param("shop", shopId)
        .param("client", clientId)
        .query(Row.class)
        .list();
  }

  /** Plans of the appointments that end in a time, of every shop, the next first. */
  public List<Stored> booked(OffsetDateTime from, OffsetDateTime to, int most) {
    return db.sql(
            """
            select p.id, p.client_id, c.name as client_name, p.version, p.document::text as document, p.updated_at
            from appointment a join plan p on p.id = a.plan_id join present_client c on c.id = p.client_id
            where a.ends_at >= :from and a.ends_at < :to
            order by a.ends_at, a.id
            limit :most
            """)
        .param("from", from)
        .param("to", to)
        .param("most", most)
        .query(Stored.class)
        .list();
  }

  public Optional<Stored> find(long shopId, long id) {
    return db.sql(
            """
            select p.id, p.client_id, c.name as client_name, p.version, p.document::text as document, p.updated_at
            from plan p join present_client c on c.id = p.client_id
            where c.shop_id = :shop and p.id = :id
            """)
        .param("shop", shopId)
        .param("id", id)
        .query(Stored.class)
        .optional();
  }

  public Stored get(long shopId, long id) {
    return find(shopId, id).orElseThrow(() -> NotFoundException.of("plan", id));
  }

  public long add(long clientId, Plan plan, OffsetDateTime now) {
    return db.sql(
            """
            insert into plan (client_id, document, created_at, updated_at)
            values (:client, :document::jsonb, :now, :now)
            returning id
            """)
        .param("client", clientId)
        .param("document", PlanJson.write(plan))
        .param("now", now)
        .query(Long.class)
        .single();
  }

  /**
   * A plan of the client's with just this in it that nobody cuts or has cut by, the newest; none of
   * those put away.
   */
  public Optional<Long> untouched(long clientId, Plan plan) {
    return db.sql(
            """
            select p.id from plan p
            where p.client_id = :client and p.put_away_at is null and p.document = :document::jsonb
              and not exists (select 1 from visit v where v.plan_id = p.id)
              and not exists (select 1 from sitting s where s.plan_id = p.id)
            order by p.id desc limit 1
            """)
        .param("client", clientId)
        .param("document", PlanJson.write(plan))
        .query(Long.class)
        .optional();
  }

  /**
   * Puts a plan away, or brings it back; what is booked with it stays.
   *
   * @throws NotFoundException when the shop has no such plan
   */
  @Transactional
  public void putAway(long shopId, long id, boolean away, OffsetDateTime now) {
    get(shopId, id);
    db.sql(
            """
            update plan set put_away_at = case when :away then coalesce(put_away_at, :now) end
            where id = :id
            """)
        .param("away", away)
        .param("now", now)
        .param("id", id)
        .update();
  }

  /**
   * Takes a plan out for good, with its versions. One that was cut or is booked stays: the record
   * leans on it.
   *
   * @return false when it stays
   * @throws NotFoundException when the shop has no such plan
   */
  @Transactional
  public boolean delete(long shopId, long id) {
    get(shopId, id);
    // Held, so that nobody begins to cut by it in between.
    db.sql("select id from plan where id = :id for update")
        .param("id", id)
        .query(Long.class)
        .optional();
    db.sql("delete from plan_version where plan_id = :id and not exists (" + LEANS_ON + ")")
        .param("id", id)
        .update();
    return db.sql("delete from plan where id = :id and not exists (" + LEANS_ON + ")")
            .param("id", id)
            .update()
        == 1;
  }

  /**
   * Saves over the version the writer had seen; returns the new version.
   *
   * @throws StaleVersionException when another version stands by now
   */
  @Transactional
  public long save(long shopId, long id, long seenVersion, Plan plan, OffsetDateTime now) {
    return VERSIONED.save(
        db, shopId, id, seenVersion, PlanJson.write(plan), now, () -> get(shopId, id).version());
  }
}
