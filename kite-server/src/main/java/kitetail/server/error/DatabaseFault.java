package kitetail.server.error;

import java.sql.SQLException;
import java.sql.SQLNonTransientConnectionException;
import java.sql.SQLRecoverableException;
import java.sql.SQLTransientConnectionException;
import java.util.Optional;
import kitetail.formats.words.Refused;
import org.springframework.dao.DataAccessResourceFailureException;
import org.springframework.transaction.CannotCreateTransactionException;
import org.springframework.transaction.TransactionSystemException;

/** Why the database keeps nothing just now, whatever is asked of it. */
enum DatabaseFault {
  GONE,
  FULL,
  LATE;

  static final String AGAIN_SECONDS = "5";

  String sentence() {
    return Refused.because("database." + name());
  }

  /** Nothing when what was thrown says nothing of the kind. */
  static Optional<DatabaseFault> of(Throwable thrown) {
    boolean gone = false;
    for (Throwable t = thrown; t != null && t.getCause() != t; t = t.getCause()) {
      if (t instanceof TransactionSystemException s) {
        // It could not be rolled back either: why it was to be is what counts, and where a commit
        // was broken off nothing says more than that the connection is closed.
        return s.getApplicationException() != null
            ? of(s.getApplicationException())
            : s.getCause() instanceof SQLException ? Optional.of(GONE) : Optional.empty();
      }
      gone |=
          t instanceof DataAccessResourceFailureException
              || t instanceof CannotCreateTransactionException
              || t instanceof SQLTransientConnectionException
              || t instanceof SQLNonTransientConnectionException
              || t instanceof SQLRecoverableException;
      if (t instanceof SQLException s && s.getSQLState() != null) {
        DatabaseFault said = ofState(s.getSQLState());
        // Whatever a database says that takes no connections, there was none.
        return Optional.ofNullable(said == null && gone ? GONE : said);
      }
    }
    return gone ? Optional.of(GONE) : Optional.empty();
  }

  /** PostgreSQL's error codes, appendix A of its manual. */
  private static DatabaseFault ofState(String s) {
    if (s.equals("53100")) {
      return FULL;
    }
    if (s.equals("57014")) {
      return LATE;
    }
    // 08: connections that broke. 57P0x: a server that stops or starts. 53: no more connections or
    // memory. 25006: a standby, where the primary is another by now.
    return s.startsWith("08") || s.startsWith("57P0") || s.startsWith("53") || s.equals("25006")
        ? GONE
        : null;
  }
}
