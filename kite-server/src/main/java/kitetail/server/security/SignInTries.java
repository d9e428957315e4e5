package kitetail.server.security;

import java.util.Locale;
import org.springframework.stereotype.Component;

/**
 * Failed sign-ins of late, by name and by address. Who failed too often waits, whoever it is; a
 * right password lets the name go free. Limits are assumptions within NIST SP 800-63B (no more than
 * 100 failures in a row).
 */
@Component
class SignInTries {
  private static final int A_NAME = 10;
  private static final int AN_ADDRESS = 60;
  private static final String OR_ELSE = "ask an owner of the shop";

  private final Tries tries;

  SignInTries(Tries tries) {
    this.tries = tries;
  }

  /**
   * @throws kitetail.server.error.TooManyTriesException when this name or this address has to wait
   */
  void check(String name, String address) {
    tries.check(ofName(name), A_NAME, OR_ELSE);
    tries.check(ofAddress(address), AN_ADDRESS, OR_ELSE);
  }

  void failed(String name, String address) {
    tries.failed(ofName(name), ofAddress(address));
  }

  void succeeded(String name) {
    tries.forgotten(ofName(name));
  }

  private static String ofName(String name) {
    String n = name.strip().toLowerCase(Locale.ROOT);
    return "name " + n.substring(0, Math.min(80, n.length())).replace("\u0000", "");
  }

  private static String ofAddress(String address) {
    return "from " + address;
  }
}
