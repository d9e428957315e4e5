package kitetail.server.security;

import java.util.Locale;
import java.util.Optional;
import org.springframework.jdbc.core.simple.JdbcClient;
import org.springframework.security.core.userdetails.UserDetailsService;
import org.springframework.security.core.userdetails.UsernameNotFoundException;
import org.springframework.stereotype.Repository;

/** The people of the shops who may sign in. */
@Repository
public class PersonRepository implements UserDetailsService {
  private static final String SELECT =
      """
      select id, shop_id, name, sign_in, password_hash, role, units, left_handed, stamp from person
      where disabled_at is null and\
      """;

  private final JdbcClient db;

  PersonRepository(JdbcClient db) {
    this.db = db;
  }

  /** The shop's time zone. */
  public String zone(long shopId) {
    return db.sql("select zone from shop where id = :shop")
        .param("shop", shopId)
        .query(String.class)
        .single();
  }

  @Override
  public Person loadUserByUsername(String signIn) {
    return db.sql(SELECT + " sign_in = :signIn")
        .param("signIn", signIn.toLowerCase(Locale.ROOT).strip())
        .query(Person.class)
        .optional()
        .orElseThrow(() -> new UsernameNotFoundException("nobody signs in as " + signIn));
  }

  /** Somebody as they are now; nobody once they are shut out. */
  Optional<Person> current(long id) {
    return db.sql(SELECT + " id = :id").param("id", id).query(Person.class).optional();
  }

  /** Changes a password and ends all sessions of before. */
  public void password(long id, String hash) {
    db.sql("update person set password_hash = :hash, stamp = stamp + 1 where id = :id")
        .param("hash", hash)
        .param("id", id)
        .update();
  }
}
