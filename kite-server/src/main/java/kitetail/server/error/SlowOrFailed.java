package kitetail.server.error;

import jakarta.servlet.FilterChain;
import jakarta.servlet.ServletException;
import jakarta.servlet.http.HttpServletRequest;
import jakarta.servlet.http.HttpServletResponse;
import java.io.IOException;
import java.time.Duration;
import org.slf4j.Logger;
import org.slf4j.LoggerFactory;
import org.springframework.core.Ordered;
import org.springframework.core.annotation.Order;
import org.springframework.stereotype.Component;
import org.springframework.web.filter.OncePerRequestFilter;
import org.springframework.web.servlet.HandlerMapping;

/**
 * A line in the log for each answer that failed or took long: by the way that was asked, never by
 * what stood in it, so that nobody's name or number comes into a log.
 */
@Component
@Order(Ordered.HIGHEST_PRECEDENCE)
class SlowOrFailed extends OncePerRequestFilter {
  private static final Logger LOG = LoggerFactory.getLogger("kitetail.requests");
  private static final Duration SLOW = Duration.ofSeconds(2);

  /** That it is not ready is told to who asks, several times a second while it starts. */
  @Override
  protected boolean shouldNotFilter(HttpServletRequest r) {
    return r.getRequestURI().startsWith("/actuator/");
  }

  @Override
  protected void doFilterInternal(HttpServletRequest r, HttpServletResponse a, FilterChain next)
      throws ServletException, IOException {
    long began = System.nanoTime();
    try {
      next.doFilter(r, a);
    } finally {
      Duration took = Duration.ofNanos(System.nanoTime() - began);
      if (a.getStatus() >= HttpServletResponse.SC_INTERNAL_SERVER_ERROR
          || took.compareTo(SLOW) > 0) {
        Object way = r.getAttribute(HandlerMapping.BEST_MATCHING_PATTERN_ATTRIBUTE);
        LOG.atWarn()
            .addKeyValue("method", r.getMethod())
            .addKeyValue("way", way == null ? "-" : way)
            .addKeyValue("status", a.getStatus())
            .addKeyValue("ms", took.toMillis())
            .log(
                "{} {} answered {} after {} ms",
                r.getMethod(),
                way,
                a.getStatus(),
                took.toMillis());
      }
    }
  }
}
