package kitetail.server.security;

import jakarta.servlet.http.HttpSession;
import java.time.Clock;
import java.time.Duration;
import kitetail.formats.words.Refused;
import kitetail.server.error.FieldException;
import kitetail.server.error.NotAllowedException;
import org.springframework.security.crypto.password.PasswordEncoder;
import org.springframework.stereotype.Component;

/**
 * Asks who is signed in for their password once more: before a secret changes or much is taken out.
 */
@Component
public class PasswordAgain {
  private static final String UNTIL = "kitetail.unlocked";
  private static final Duration OPEN = Duration.ofMinutes(2);

  private final PersonRepository people;
  private final PasswordEncoder encoder;
  private final SignInTries tries;
  private final Clock clock;

  PasswordAgain(PersonRepository people, PasswordEncoder encoder, SignInTries tries, Clock clock) {
    this.people = people;
    this.encoder = encoder;
    this.tries = tries;
    this.clock = clock;
  }

  /**
   * @throws FieldException when it is another
   * @throws kitetail.server.error.TooManyTriesException when it was wrong too often
   */
  public void check(Person me, String password, String address) {
    tries.check(me.signIn(), address);
    boolean right =
        people
            .current(me.id())
            .filter(p -> password != null && encoder.matches(password, p.passwordHash()))
            .isPresent();
    if (!right) {
      tries.failed(me.signIn(), address);
      throw new FieldException("$.password", "another", "allowed your own password once more");
    }
    tries.succeeded(me.signIn());
  }

  /** From now on, for two minutes, this session may take out what is asked for by password. */
  void unlock(HttpSession session) {
    session.setAttribute(UNTIL, clock.instant().plus(OPEN).toEpochMilli());
  }

  /**
   * @throws NotAllowedException when the password was not given in the last two minutes
   */
  public void need(HttpSession session) {
    if (session == null
        || !(session.getAttribute(UNTIL) instanceof Long until)
        || until < clock.millis()) {
      throw new NotAllowedException(Refused.because("password-again"));
    }
  }
}
