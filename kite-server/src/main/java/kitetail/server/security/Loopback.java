package kitetail.server.security;

import jakarta.servlet.http.HttpServletRequest;
import java.util.regex.Pattern;

/**
 * Who asks from this very machine; told by the address as it is written, never by looking up a
 * name.
 */
public final class Loopback {
  private static final Pattern HERE =
      Pattern.compile("127\\.\\d{1,3}\\.\\d{1,3}\\.\\d{1,3}|::1|0:0:0:0:0:0:0:1");

  private Loopback() {}

  public static boolean is(HttpServletRequest r) {
    return HERE.matcher(r.getRemoteAddr()).matches();
  }
}
