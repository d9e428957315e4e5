package kitetail.server.security;

import kitetail.formats.words.Refused;
import org.springframework.security.core.AuthenticationException;

/** Name and password go together; the digits beside them are asked, or were others. */
final class SecondNeeded extends AuthenticationException {
  private static final long serialVersionUID = 1L;

  SecondNeeded() {
    super(Refused.because("code-needed"));
  }
}
