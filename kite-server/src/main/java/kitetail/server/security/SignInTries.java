package kitetail.server.security;

import java.time.Clock;
import java.time.Duration;
import java.time.OffsetDateTime;
import kitetail.server.error.TooManyTriesException;
import org.springframework.jdbc.core.simple.JdbcClient;
import org.springframework.stereotype.Repository;

/**
 * Failed sign-ins of late, by name and by address, told by every server on the database. Who failed
 * too often waits, whoever it is; a right password lets the name go free. Limits are assumptions
 * within NIST SP 800-63B (no more than 100 failures in a row).
 */
@Repository
class SignInTries {
  private static final Duration WINDOW = Duration.ofMinutes(15);
  private static final int A_NAME = 10;
  private static final int AN_ADDRESS = 60;

  private final JdbcClient jdbc;
  private final Clock clock;

  SignInTries(JdbcClient jdbc, Clock clock) {
    this.jdbc = jdbc;
    this.clock = clock;
  }

  /**
   * @throws TooManyTriesException when this name or this address has to wait
   */
  void check(String name, String address) {
    check(ofName(name), A_NAME);
    check(ofAddress(address), AN_ADDRESS);
  }

  private void check(String key, int most) {
    OffsetDateTime now = OffsetDateTime.now(clock);
    OffsetDateTime oldest =
        jdbc.sql(
                """
                select at from sign_in_failure where key = :key and at > :since
                order by at desc offset :most limit 1
                """)
            .param("key", key)
            .param("since", now.minus(WINDOW))
            .param("most", most - 1)
            .query(OffsetDateTime.class)
            .optional()
            .orElse(null);
    if (oldest != null) {
      long wait = Math.max(1, Duration.between(now, oldest.plus(WINDOW)).toSeconds());
      throw new TooManyTriesException(
          "Too many tries. Wait " + (wait / 60 + 1) + " minutes, or ask an owner of the shop.",
          wait);
    }
  }

  void failed(String name, String address) {
    OffsetDateTime now = OffsetDateTime.now(clock);
    jdbc.sql("delete from sign_in_failure where at < :old")
        .param("old", now.minus(WINDOW))
        .update();
    for (String key : new String[] {ofName(name), ofAddress(address)}) {
      jdbc.sql("insert into sign_in_failure (key, at) values (:key, :at)")
          .param("key", key)
          .param("at", now)
          .update();
    }
  }

  void succeeded(String name) {
    jdbc.sql("delete from sign_in_failure where key = :key").param("key", ofName(name)).update();
  }

  private static String ofName(String name) {
    String n = name.strip().toLowerCase(java.util.Locale.ROOT);
    return "name " + n.substring(0, Math.min(80, n.length())).replace("\u0000", "");
  }

  private static String ofAddress(String address) {
    return "from " + address;
  }
}
