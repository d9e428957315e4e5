package kitetail.server.client;

import java.time.OffsetDateTime;
import java.util.List;
import java.util.Optional;
import kitetail.formats.json.SitDownJson;
import kitetail.plan.SitDown;
import kitetail.server.error.NotFoundException;
import kitetail.server.error.StaleVersionException;
import org.springframework.jdbc.core.simple.JdbcClient;
import org.springframework.stereotype.Repository;
import org.springframework.transaction.annotation.Transactional;

/** Sit-downs, each with a version that guards every update. */
@Repository
public class SitDownRepository {
  private static final String SELECT =
      """
      select s.id, s.client_id, c.name as client_name, s.version, s.document::text as document,
        s.created_at, s.updated_at
      from sitdown s join present_client c on c.id = s.client_id
      where c.shop_id = :shop
      """;

  private static final Versioned VERSIONED = new Versioned("sitdown", "consultation");

  private final JdbcClient db;

  SitDownRepository(JdbcClient db) {
    this.db = db;
  }

  /** A sit-down with whose it is. */
  public record Stored(
      long id,
      long clientId,
      String clientName,
      long version,
      String document,
      OffsetDateTime createdAt,
      OffsetDateTime updatedAt) {
    public SitDown sitDown() {
      return SitDownJson.read(document);
    }
  }

  /** The newest first. */
  public List<Stored> ofClient(long shopId, long clientId) {
    return db.sql(SELECT + " and c.id = :client order by s.created_at desc, s.id desc")
        .param("shop", shopId)
        .param("client", clientId)
        .query(Stored.class)
        .list();
  }

  public Optional<Stored> newest(long shopId, long clientId) {
    return db.sql(SELECT + " and c.id = :client order by s.created_at desc, s.id desc limit 1")
        .param("shop", shopId)
        .param("client", clientId)
        .query(Stored.class)
        .optional();
  }

  /** What is last known of a client; a walk-in's usual head and hair when nothing is. */
  public SitDown latest(long shopId, long clientId) {
    return newest(shopId, clientId).map(Stored::sitDown).orElseGet(SitDown::walkIn);
  }

  /**
   * @throws NotFoundException when the shop has no such sit-down
   */
  public Stored get(long shopId, long id) {
    return db.sql(SELECT + " and s.id = :id")
        .param("shop", shopId)
        .param("id", id)
        .query(Stored.class)
        .optional()
        .orElseThrow(() -> NotFoundException.of("sitdown", id));
  }

  public long add(long clientId, SitDown s, OffsetDateTime now) {
    return db.sql(
            """
            insert into sitdown (client_id, document, created_at, updated_at)
            values (:client, :document::jsonb, :now, :now)
            returning id
            """)
        .param("client", clientId)
        .param("document", SitDownJson.write(s.kept()))
        .param("now", now)
        .query(Long.class)
        .single();
  }

  /**
   * Saves over the version the writer had seen; returns the new version. What was not agreed to is
   * left out.
   *
   * @throws StaleVersionException when another version stands by now
   */
  @Transactional
  public long save(long shopId, long id, long seenVersion, SitDown s, OffsetDateTime now) {
    return VERSIONED.save(
        db,
        shopId,
        id,
        seenVersion,
        SitDownJson.write(s.kept()),
        now,
        () -> get(shopId, id).version());
  }
}
