package kitetail.server.security;

import jakarta.servlet.FilterChain;
import jakarta.servlet.ServletException;
import jakarta.servlet.http.HttpServletRequest;
import jakarta.servlet.http.HttpServletResponse;
import jakarta.servlet.http.HttpSession;
import java.io.IOException;
import java.time.Duration;
import java.util.Map;
import java.util.concurrent.ConcurrentHashMap;
import org.springframework.security.authentication.UsernamePasswordAuthenticationToken;
import org.springframework.security.core.Authentication;
import org.springframework.security.core.context.SecurityContext;
import org.springframework.security.core.context.SecurityContextHolder;
import org.springframework.web.filter.OncePerRequestFilter;

/**
 * Who is signed in is looked up anew every few seconds: who was shut out, or whose password or role
 * was changed, does not go on with what a session of before allows.
 */
final class StillHere extends OncePerRequestFilter {
  private static final Duration KNOWN = Duration.ofSeconds(3);
  private static final int MOST = 10_000;

  /**
   * @param person null when there is nobody any more
   */
  private record Seen(Person person, long atNanos) {}

  private final Map<Long, Seen> seen = new ConcurrentHashMap<>();
  private final PersonRepository people;

  StillHere(PersonRepository people) {
    this.people = people;
  }

  @Override
  protected void doFilterInternal(HttpServletRequest r, HttpServletResponse a, FilterChain next)
      throws ServletException, IOException {
    if (r.getRequestURI().startsWith("/api/") || r.getRequestURI().startsWith("/actuator/")) {
      Authentication before = SecurityContextHolder.getContext().getAuthentication();
      if (before != null && before.getPrincipal() instanceof Person p) {
        Person now = now(p);
        if (now == null || now.stamp() != p.stamp()) {
          SecurityContextHolder.clearContext();
          HttpSession session = r.getSession(false);
          if (session != null) {
            session.invalidate();
          }
        } else if (!now.equals(p)) {
          SecurityContext as = SecurityContextHolder.createEmptyContext();
          as.setAuthentication(
              UsernamePasswordAuthenticationToken.authenticated(now, null, now.getAuthorities()));
          SecurityContextHolder.setContext(as);
        }
      }
    }
    next.doFilter(r, a);
  }

  private Person now(Person p) {
    Seen known = seen.get(p.id());
    long nanos = System.nanoTime();
    if (known != null
        && nanos - known.atNanos < KNOWN.toNanos()
        // Just signed in again, or the password changed here: newer than what is known.
        && (known.person == null || known.person.stamp() >= p.stamp())) {
      return known.person;
    }
    if (seen.size() > MOST) {
      seen.clear();
    }
    Person now = people.current(p.id()).orElse(null);
    seen.put(p.id(), new Seen(now, nanos));
    return now;
  }
}
