package kitetail.server.answer;

import jakarta.servlet.http.HttpServletRequest;

/** For whom {@link EngineWork} is done where nobody is signed in. */
public interface Guests {
  /**
   * @param shop whose guest it is
   * @param of what tells one guest of the shop from another
   */
  record Guest(long shop, long of) {}

  /**
   * Asked before the request waits for its turn: whoever is nobody's guest waits for none and takes
   * none.
   *
   * @throws RuntimeException what the request is refused with when it is nobody's
   */
  Guest guest(HttpServletRequest r);
}
