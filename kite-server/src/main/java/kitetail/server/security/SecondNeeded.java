package kitetail.server.security;

import org.springframework.security.core.AuthenticationException;

/** Name and password go together; the digits beside them are asked, or were others. */
final class SecondNeeded extends AuthenticationException {
  private static final long serialVersionUID = 1L;

  SecondNeeded() {
    super(
        "Give the six digits your authenticator shows now, or one of your codes for a lost device.");
  }
}
