package kitetail.server.message;

import java.util.Optional;
import org.springframework.jdbc.core.simple.JdbcClient;
import org.springframework.stereotype.Repository;

/** How a shop words what it sends, where it words it otherwise than usual. */
@Repository
class WordingRepository {
  private final JdbcClient db;

  WordingRepository(JdbcClient db) {
    this.db = db;
  }

  String of(long shopId, Kind kind) {
    return own(shopId, kind).orElse(kind.usual());
  }

  private Optional<String> own(long shopId, Kind kind) {
    return db.sql("select words from wording where shop_id = :shop and kind = :kind")
        .param("shop", shopId)
        .param("kind", kind.name())
        .query(String.class)
        .optional();
  }

  /**
   * @param words as the shop has it from now on; the usual ones are kept as nothing of its own
   */
  void set(long shopId, Kind kind, String words) {
    if (words.equals(kind.usual())) {
      db.sql("delete from wording where shop_id = :shop and kind = :kind")
          .param("shop", shopId)
          .param("kind", kind.name())
          .update();
      return;
    }
    db.sql(
            """
            insert into wording (shop_id, kind, words) values (:shop, :kind, :words)
            on conflict (shop_id, kind) do update set words = excluded.words
            """)
        .param("shop", shopId)
        .param("kind", kind.name())
        .param("words", words)
        .update();
  }
}
