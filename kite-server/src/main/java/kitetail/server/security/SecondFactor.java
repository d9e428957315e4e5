package kitetail.server.security;

import java.security.SecureRandom;
import java.time.Clock;
import java.util.ArrayList;
import java.util.Arrays;
import java.util.List;
import java.util.OptionalLong;
import kitetail.server.error.FieldException;
import org.springframework.jdbc.core.simple.JdbcClient;
import org.springframework.security.crypto.password.PasswordEncoder;
import org.springframework.stereotype.Component;
import org.springframework.transaction.annotation.Transactional;

/** The digits asked beside the password, of who has set them up. */
@Component
public class SecondFactor {
  private static final int CODES = 8;
  private static final int CODE_LENGTH = 10;

  /** Without those that look alike. */
  private static final String SIGNS = "abcdefghjkmnpqrstuvwxyz23456789";

  private static final SecureRandom RANDOM = new SecureRandom();

  private final JdbcClient db;
  private final PasswordEncoder encoder;
  private final Clock clock;

  SecondFactor(JdbcClient db, PasswordEncoder encoder, Clock clock) {
    this.db = db;
    this.encoder = encoder;
    this.clock = clock;
  }

  /**
   * @param secret null while none is set up
   */
  private record Kept(String secret, long step, List<String> codes) {}

  private Kept of(long personId) {
    return db.sql(
            "select second_secret, second_step, second_codes from person where id = :id for update")
        .param("id", personId)
        .query(
            (rs, n) ->
                new Kept(
                    rs.getString(1),
                    rs.getLong(2),
                    Arrays.asList((String[]) rs.getArray(3).getArray())))
        .single();
  }

  boolean isOn(long personId) {
    return db.sql("select second_secret is not null from person where id = :id")
        .param("id", personId)
        .query(Boolean.class)
        .single();
  }

  /** Whether these are the digits of now, or a code for a lost device; either goes once. */
  @Transactional
  public boolean takes(long personId, String given) {
    Kept k = of(personId);
    String clean =
        given == null ? "" : given.replaceAll("[\\s-]", "").toLowerCase(java.util.Locale.ROOT);
    OptionalLong step = OneTimeCode.step(k.secret, clean, clock.instant(), k.step);
    if (step.isPresent()) {
      db.sql("update person set second_step = :step where id = :id")
          .param("step", step.getAsLong())
          .param("id", personId)
          .update();
      return true;
    }
    for (String hash : clean.length() == CODE_LENGTH ? k.codes : List.<String>of()) {
      if (encoder.matches(clean, hash)) {
        db.sql("update person set second_codes = array_remove(second_codes, :hash) where id = :id")
            .param("hash", hash)
            .param("id", personId)
            .update();
        return true;
      }
    }
    return false;
  }

  /**
   * From now on asked, once the digits of the secret are given.
   *
   * @return codes for when the device is lost
   * @throws FieldException when they are others
   */
  @Transactional
  public List<String> begin(long personId, String secret, String digits) {
    OptionalLong step = OneTimeCode.step(secret, digits.strip(), clock.instant(), 0);
    if (step.isEmpty()) {
      throw new FieldException(
          "$.code",
          digits,
          "allowed the six digits the authenticator shows now; is its clock right?");
    }
    List<String> codes = new ArrayList<>();
    for (int i = 0; i < CODES; i++) {
      StringBuilder c = new StringBuilder();
      for (int s = 0; s < CODE_LENGTH; s++) {
        c.append(SIGNS.charAt(RANDOM.nextInt(SIGNS.length())));
      }
      codes.add(c.toString());
    }
    db.sql(
            "update person set second_secret = :secret, second_step = :step, second_codes = :codes where id = :id")
        .param("secret", secret)
        .param("step", step.getAsLong())
        .param("codes", codes.stream().map(encoder::encode).toArray(String[]::new))
        .param("id", personId)
        .update();
    return codes;
  }

  /** Asked no more. */
  public void off(long personId) {
    db.sql(
            "update person set second_secret = null, second_step = 0, second_codes = '{}' where id = :id")
        .param("id", personId)
        .update();
  }
}
