package kitetail.server.plan;

import java.time.OffsetDateTime;
import java.util.List;
import java.util.Optional;
import kitetail.formats.json.PlanJson;
import kitetail.plan.Plan;
import kitetail.server.error.NotFoundException;
import kitetail.server.error.StaleVersionException;
import org.springframework.jdbc.core.simple.JdbcClient;
import org.springframework.stereotype.Repository;
import org.springframework.transaction.annotation.Transactional;

/** Plan documents, each with a version that guards every update. */
@Repository
public class PlanRepository {
  private final JdbcClient db;

  PlanRepository(JdbcClient db) {
    this.db = db;
  }

  /** A plan in a list. */
  public record Row(long id, String title, long version, OffsetDateTime updatedAt) {}

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
            select p.id, p.document ->> 'title' as title, p.version, p.updated_at
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
   * Saves over the version the writer had seen; returns the new version.
   *
   * @throws StaleVersionException when another version stands by now
   */
  @Transactional
  public long save(long shopId, long id, long seenVersion, Plan plan, OffsetDateTime now) {
    return db.sql(
            """
            update plan p set document = :document::jsonb, version = p.version + 1, updated_at = :now
            from client c
            where c.id = p.client_id and c.shop_id = :shop and p.id = :id and p.version = :seen
            returning p.version
            """)
        .param("document", PlanJson.write(plan))
        .param("now", now)
        .param("shop", shopId)
        .param("id", id)
        .param("seen", seenVersion)
        .query(Long.class)
        .optional()
        .orElseThrow(
            () -> new StaleVersionException("plan", seenVersion, get(shopId, id).version()));
  }
}
