package kitetail.server.queue;

import jakarta.servlet.FilterChain;
import jakarta.servlet.ServletException;
import jakarta.servlet.http.HttpServletRequest;
import jakarta.servlet.http.HttpServletResponse;
import java.io.IOException;
import java.time.Duration;
import kitetail.work.Deadline;
import org.springframework.beans.factory.annotation.Value;
import org.springframework.core.Ordered;
import org.springframework.core.annotation.Order;
import org.springframework.stereotype.Component;
import org.springframework.web.filter.OncePerRequestFilter;

/** No request's work goes on for ever: from when it came in, its turn waited for included. */
@Component
@Order(Ordered.HIGHEST_PRECEDENCE)
class Deadlines extends OncePerRequestFilter {
  private final Duration longest;

  Deadlines(@Value("${kitetail.longest-answer}") Duration longest) {
    this.longest = longest;
  }

  @Override
  protected void doFilterInternal(HttpServletRequest r, HttpServletResponse a, FilterChain next)
      throws ServletException, IOException {
    try {
      Deadline.in(longest)
          .during(
              () -> {
                try {
                  next.doFilter(r, a);
                } catch (IOException | ServletException e) {
                  throw new Through(e);
                }
                return null;
              });
    } catch (Through e) {
      if (e.getCause() instanceof IOException io) {
        throw io;
      }
      throw (ServletException) e.getCause();
    }
  }

  /** What the chain throws, past a border that lets one kind through. */
  private static final class Through extends Exception {
    private static final long serialVersionUID = 1L;

    Through(Exception e) {
      super(e);
    }
  }
}
