package kitetail.server.records;

import java.sql.SQLException;
import java.sql.Statement;
import java.time.Duration;
import org.springframework.jdbc.core.ConnectionCallback;
import org.springframework.jdbc.core.JdbcTemplate;
import org.springframework.stereotype.Component;

/** Lets the transaction that is going on take longer than a request's statements may. */
@Component
class LongStatements {
  private static final Duration LONGEST = Duration.ofMinutes(20);

  private final JdbcTemplate db;

  LongStatements(JdbcTemplate db) {
    this.db = db;
  }

  /** To be called in a transaction; the pool puts the connection's own limit back. */
  void inThisTransaction() {
    db.execute(
        (ConnectionCallback<Void>)
            c -> {
              c.setNetworkTimeout(Runnable::run, (int) LONGEST.toMillis());
              try (Statement s = c.createStatement()) {
                s.execute("set local statement_timeout = " + LONGEST.toMillis());
              } catch (SQLException e) {
                throw new IllegalStateException("not in a transaction", e);
              }
              return null;
            });
  }
}
