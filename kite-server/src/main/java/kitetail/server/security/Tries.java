package kitetail.server.security;

import java.time.Clock;
import java.time.Duration;
import java.time.OffsetDateTime;
import kitetail.formats.words.Refused;
import kitetail.server.error.TooManyTriesException;
import org.springframework.jdbc.core.simple.JdbcClient;
import org.springframework.stereotype.Repository;

/** What failed of late, told by every server on the database: who failed too often waits. */
@Repository
public class Tries {
  private static final Duration WINDOW = Duration.ofMinutes(15);

  private final JdbcClient jdbc;
  private final Clock clock;

  Tries(JdbcClient jdbc, Clock clock) {
    this.jdbc = jdbc;
    this.clock = clock;
  }

  /**
   * @param key of whom or what it is counted
   * @param most so many within a quarter of an hour
   * @param orElse what else can be done than wait, as it ends a sentence
   * @throws TooManyTriesException when there were as many
   */
  public void check(String key, int most, String orElse) {
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
          Refused.because("too-many-tries", "minutes", wait / 60 + 1, "orElse", orElse), wait);
    }
  }

  public void failed(String... keys) {
    OffsetDateTime now = OffsetDateTime.now(clock);
    jdbc.sql("delete from sign_in_failure where at < :old")
        .param("old", now.minus(WINDOW))
        .update();
    for (String key : keys) {
      jdbc.sql("insert into sign_in_failure (key, at) values (:key, :at)")
          .param("key", key)
          .param("at", now)
          .update();
    }
  }

  void forgotten(String key) {
    jdbc.sql("delete from sign_in_failure where key = :key").param("key", key).update();
  }
}
