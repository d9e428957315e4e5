package kitetail.server.security;

import java.util.Locale;
import org.springframework.jdbc.core.simple.JdbcClient;
import org.springframework.security.core.userdetails.UserDetails;
import org.springframework.security.core.userdetails.UserDetailsService;
import org.springframework.security.core.userdetails.UsernameNotFoundException;
import org.springframework.stereotype.Repository;

/** The people of the shops. */
@Repository
public class PersonRepository implements UserDetailsService {
  private final JdbcClient db;

  PersonRepository(JdbcClient db) {
    this.db = db;
  }

  @Override
  public UserDetails loadUserByUsername(String signIn) {
    return db.sql(
            "select id, shop_id, name, sign_in, password_hash, role, units from person where sign_in = :signIn")
        .param("signIn", signIn.toLowerCase(Locale.ROOT).strip())
        .query(Person.class)
        .optional()
        .orElseThrow(() -> new UsernameNotFoundException("nobody signs in as " + signIn));
  }
}
