package kitetail.server.error;

import jakarta.servlet.FilterChain;
import jakarta.servlet.ServletException;
import jakarta.servlet.http.HttpServletRequest;
import jakarta.servlet.http.HttpServletResponse;
import java.io.IOException;
import java.sql.SQLException;
import java.sql.SQLNonTransientConnectionException;
import java.sql.SQLRecoverableException;
import java.sql.SQLTransientConnectionException;
import org.springframework.core.Ordered;
import org.springframework.core.annotation.Order;
import org.springframework.dao.DataAccessResourceFailureException;
import org.springframework.http.HttpHeaders;
import org.springframework.stereotype.Component;
import org.springframework.transaction.CannotCreateTransactionException;
import org.springframework.transaction.TransactionSystemException;
import org.springframework.web.filter.OncePerRequestFilter;

/**
 * Says so when the database does not answer: also where sessions are looked up, before any
 * controller is reached, so that nobody is taken for signed out.
 */
@Component
@Order(Ordered.HIGHEST_PRECEDENCE + 1)
class DatabaseGone extends OncePerRequestFilter {
  static final String SENTENCE =
      "The shop's database does not answer; what you do is kept here. Try again in a moment.";
  static final String AGAIN_SECONDS = "5";

  /** SQL states of class 08 are connections that broke, 57P0x a server that stops or starts. */
  static boolean is(Throwable thrown) {
    if (thrown instanceof TransactionSystemException t) {
      // It could not be rolled back either: why it was to be is what counts, and where a commit was
      // broken off nothing says more than that the connection is closed.
      return t.getApplicationException() != null
          ? is(t.getApplicationException())
          : t.getCause() instanceof SQLException;
    }
    for (Throwable t = thrown; t != null && t.getCause() != t; t = t.getCause()) {
      if (t instanceof DataAccessResourceFailureException
          || t instanceof CannotCreateTransactionException
          || t instanceof SQLTransientConnectionException
          || t instanceof SQLNonTransientConnectionException
          || t instanceof SQLRecoverableException) {
        return true;
      }
      if (t instanceof SQLException s && s.getSQLState() != null) {
        return s.getSQLState().startsWith("08") || s.getSQLState().startsWith("57P0");
      }
    }
    return false;
  }

  @Override
  protected void doFilterInternal(HttpServletRequest r, HttpServletResponse a, FilterChain next)
      throws ServletException, IOException {
    try {
      next.doFilter(r, a);
    } catch (ServletException | RuntimeException e) {
      if (!is(e) || a.isCommitted()) {
        throw e;
      }
      a.reset();
      a.setHeader(HttpHeaders.RETRY_AFTER, AGAIN_SECONDS);
      Answer.write(a, HttpServletResponse.SC_SERVICE_UNAVAILABLE, SENTENCE);
    }
  }
}
