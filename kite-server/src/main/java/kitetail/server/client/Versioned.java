package kitetail.server.client;

import java.time.OffsetDateTime;
import java.util.function.LongSupplier;
import kitetail.server.error.StaleVersionException;
import org.springframework.jdbc.core.simple.JdbcClient;

/** Documents of clients, each with a version that guards every update. */
public final class Versioned {
  private final String table;
  private final String called;

  /**
   * @param called what one is, as in "this plan was changed elsewhere"
   */
  public Versioned(String table, String called) {
    this.table = table;
    this.called = called;
  }

  /**
   * Saves over the version the writer had seen; returns the new version.
   *
   * @param stands the version that stands by now; it throws when the shop has no such document
   * @throws StaleVersionException when another version stands by now
   */
  public long save(
      JdbcClient db,
      long shopId,
      long id,
      long seenVersion,
      String document,
      OffsetDateTime now,
      LongSupplier stands) {
    return db.sql(
            """
            update %s d set document = :document::jsonb, version = d.version + 1, updated_at = :now
            from client c
            where c.id = d.client_id and c.shop_id = :shop and d.id = :id and d.version = :seen
            returning d.version
            """
                .formatted(table))
        .param("document", document)
        .param("now", now)
        .param("shop", shopId)
        .param("id", id)
        .param("seen", seenVersion)
        .query(Long.class)
        .optional()
        .orElseThrow(() -> new StaleVersionException(called, seenVersion, stands.getAsLong()));
  }
}
