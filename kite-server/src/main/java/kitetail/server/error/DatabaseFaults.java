package kitetail.server.error;

import jakarta.servlet.FilterChain;
import jakarta.servlet.ServletException;
import jakarta.servlet.http.HttpServletRequest;
import jakarta.servlet.http.HttpServletResponse;
import java.io.IOException;
import org.springframework.core.Ordered;
import org.springframework.core.annotation.Order;
import org.springframework.http.HttpHeaders;
import org.springframework.stereotype.Component;
import org.springframework.web.filter.OncePerRequestFilter;

/**
 * Says so when the database keeps nothing: also where sessions are looked up, before any controller
 * is reached, so that nobody is taken for signed out.
 */
@Component
@Order(Ordered.HIGHEST_PRECEDENCE + 1)
class DatabaseFaults extends OncePerRequestFilter {
  /** Also of what is worked out while the answer is under way. */
  @Override
  protected boolean shouldNotFilterAsyncDispatch() {
    return false;
  }

  @Override
  protected void doFilterInternal(HttpServletRequest r, HttpServletResponse a, FilterChain next)
      throws ServletException, IOException {
    try {
      next.doFilter(r, a);
    } catch (ServletException | RuntimeException e) {
      DatabaseFault fault = DatabaseFault.of(e).orElse(null);
      if (fault == null || a.isCommitted()) {
        throw e;
      }
      a.reset();
      a.setHeader(HttpHeaders.RETRY_AFTER, DatabaseFault.AGAIN_SECONDS);
      Answer.write(a, HttpServletResponse.SC_SERVICE_UNAVAILABLE, fault.sentence());
    }
  }
}
