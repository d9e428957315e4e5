package kitetail.server.card;

import java.util.List;
import org.jspecify.annotations.Nullable;
import org.springframework.jdbc.core.simple.JdbcClient;
import org.springframework.stereotype.Repository;

/** Lines of a list of clients, each with its newest plan. */
@Repository
class ClientRows {
  private static final int MOST = 200;

  private final JdbcClient db;

  ClientRows(JdbcClient db) {
    this.db = db;
  }

  /** A client in a list; the plan may not be made yet. */
  record ClientRow(
      long id,
      String name,
      String note,
      @Nullable Long planId,
      @Nullable String planTitle,
      @Nullable Long planVersion) {}

  List<ClientRow> named(long shopId, String part) {
    return db.sql(
            """
            select c.id, c.name, c.note, p.id as plan_id, p.document ->> 'title' as plan_title, p.version as plan_version
            from present_client c
            left join lateral (
              select id, document, version from plan where client_id = c.id and put_away_at is null
              order by updated_at desc, id desc limit 1
            ) p on true
            where c.shop_id = :shop and lower(c.name) like lower(:part) escape '!'
            order by c.name, c.id limit :most
            """)
        .param("shop", shopId)
        .param(
            "part",
            "%" + part.strip().replace("!", "!!").replace("%", "!%").replace("_", "!_") + "%")
        .param("most", MOST)
        .query(ClientRow.class)
        .list();
  }
}
