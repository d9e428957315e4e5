package kitetail.server.security;

import org.springframework.context.annotation.Bean;
import org.springframework.context.annotation.Configuration;
import org.springframework.session.config.SessionRepositoryCustomizer;
import org.springframework.session.jdbc.JdbcIndexedSessionRepository;

/**
 * A session's time of last use is written once a minute and not with every request: a write waits
 * for the disk, and a stylist at work asks several times a second.
 */
@Configuration
class SeldomSeen {
  /** Takes the parameters of the usual statement, in its order. */
  private static final String UPDATE =
      """
      with now (session_id, last_access_time, max_inactive_interval, expiry_time, principal_name, primary_id)
        as (values (?::char(36), ?::bigint, ?::int, ?::bigint, ?::varchar, ?::char(36)))
      update %TABLE_NAME% s
      set session_id = now.session_id, last_access_time = now.last_access_time,
        max_inactive_interval = now.max_inactive_interval, expiry_time = now.expiry_time,
        principal_name = now.principal_name
      from now
      where s.primary_id = now.primary_id
        and (s.last_access_time < now.last_access_time - 60000 or s.session_id <> now.session_id
          or s.max_inactive_interval <> now.max_inactive_interval
          or s.principal_name is distinct from now.principal_name)
      """;

  @Bean
  SessionRepositoryCustomizer<JdbcIndexedSessionRepository> seldomWritten() {
    return sessions -> sessions.setUpdateSessionQuery(UPDATE);
  }
}
