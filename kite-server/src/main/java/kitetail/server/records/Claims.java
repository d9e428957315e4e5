package kitetail.server.records;

import java.util.List;
import kitetail.server.error.FieldException;
import kitetail.server.security.Passwords;
import org.springframework.jdbc.core.simple.JdbcClient;
import org.springframework.security.crypto.password.PasswordEncoder;
import org.springframework.stereotype.Component;
import org.springframework.transaction.annotation.Transactional;

/**
 * A shop taken in from an archive has no passwords: one of its owners sets theirs, and gives the
 * others new ones. Open only while nobody of the database can sign in, as an empty one is.
 */
@Component
class Claims {
  private final JdbcClient db;
  private final PasswordEncoder encoder;

  Claims(JdbcClient db, PasswordEncoder encoder) {
    this.db = db;
    this.encoder = encoder;
  }

  /** Owners to choose from; empty once anybody has a password. */
  List<String> owners() {
    return db.sql(
            """
            select sign_in from person where role = 'OWNER' and disabled_at is null
              and not exists (select 1 from person where password_hash <> '') order by id
            """)
        .query(String.class)
        .list();
  }

  /**
   * @throws FieldException when it is no owner of such a shop
   */
  @Transactional
  public void claim(String signIn, String password) {
    db.sql("lock table person in exclusive mode").update();
    if (!owners().contains(signIn)) {
      throw new FieldException(
          "$.signIn",
          signIn,
          "allowed an owner of a shop that was taken in, before anybody has a password");
    }
    Passwords.check("$.password", password, signIn, signIn);
    db.sql("update person set password_hash = :hash, stamp = stamp + 1 where sign_in = :signIn")
        .param("hash", encoder.encode(password))
        .param("signIn", signIn)
        .update();
  }
}
