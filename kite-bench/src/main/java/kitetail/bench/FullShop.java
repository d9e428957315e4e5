package kitetail.bench;

import java.sql.Connection;
import java.sql.DriverManager;
import java.sql.SQLException;
import java.sql.Statement;

/**
 * Fills the demo shop's database as years of a busy shop would: clients with a sit-down, ten visits
 * each with the plan as it was cut, a plan for one in ten.
 */
final class FullShop {
  static final int CLIENTS = 100_000;
  static final int VISITS_EACH = 10;

  private static final String[] FILL = {
    """
    insert into client (shop_id, name, note, phone, created_at)
    select 1, 'Client ' || substr(md5(i::text), 1, 8) || ' ' || i, '', '+31 6 5551 ' || i, now() - interval '5 years'
    from generate_series(1, %1$d) i
    """,
    """
    insert into sitdown (client_id, document, created_at, updated_at)
    select c.id, s.document, now() - interval '5 years', now() - interval '5 years'
    from client c, (select document from sitdown order by id limit 1) s where c.name like 'Client %%'
    """,
    """
    insert into plan (client_id, document, created_at, updated_at)
    select c.id, p.document, now() - interval '1 year', now() - interval '1 year'
    from client c, (select document from plan order by id limit 1) p where c.name like 'Client %%' and c.id %% 10 = 0
    """,
    """
    insert into visit (token, client_id, plan_id, person_id, document, started_at, finished_at, moves_done, remarks,
      return_on, price_cents)
    select gen_random_uuid(), c.id, 1, 1 + c.id %% 2, p.document,
      now() - interval '5 years' + i * interval '180 days' + (c.id %% 9000) * interval '17 minutes',
      now() - interval '5 years' + i * interval '180 days' + (c.id %% 9000) * interval '17 minutes' + interval '40 minutes',
      12, '', (now() - interval '5 years' + i * interval '180 days' + interval '6 weeks')::date, 4000
    from client c, (select document from plan order by id limit 1) p, generate_series(1, %2$d) i
    where c.name like 'Client %%'
    """,
    "analyze"
  };

  private FullShop() {}

  /** Fills it once; a shop that is full already is left as it is. */
  static void fill(String url, String user, String password) throws SQLException {
    try (Connection c = DriverManager.getConnection(url, user, password);
        Statement s = c.createStatement()) {
      try (var r = s.executeQuery("select count(*) from client")) {
        r.next();
        if (r.getLong(1) >= CLIENTS) {
          return;
        }
      }
      // Quicker, and no truer or falser for what is read afterwards.
      s.execute("set synchronous_commit = off");
      for (String sql : FILL) {
        s.execute(sql.formatted(CLIENTS, VISITS_EACH));
      }
    }
  }
}
