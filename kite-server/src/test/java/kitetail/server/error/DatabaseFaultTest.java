package kitetail.server.error;

import static org.assertj.core.api.Assertions.assertThat;
import static org.assertj.core.api.Assertions.assertThatThrownBy;

import jakarta.servlet.ServletException;
import java.sql.SQLException;
import java.sql.SQLTransientConnectionException;
import org.junit.jupiter.api.Test;
import org.springframework.dao.DataAccessResourceFailureException;
import org.springframework.dao.DataIntegrityViolationException;
import org.springframework.dao.QueryTimeoutException;
import org.springframework.http.ProblemDetail;
import org.springframework.http.ResponseEntity;
import org.springframework.transaction.CannotCreateTransactionException;
import org.springframework.transaction.TransactionSystemException;

/** What comes of a database that is killed at whatever moment, and what does not. */
class DatabaseFaultTest {
  @Test
  void killedBeforeDuringAndAtTheCommit_itIsGone() {
    assertThat(
            DatabaseFault.of(
                new CannotCreateTransactionException(
                    "no connection", new SQLTransientConnectionException("timed out"))))
        .contains(DatabaseFault.GONE);
    assertThat(DatabaseFault.of(new SQLException("terminated", "57P01")))
        .contains(DatabaseFault.GONE);
    // It is there and takes no connections.
    assertThat(
            DatabaseFault.of(
                new CannotCreateTransactionException(
                    "no connection",
                    new SQLTransientConnectionException(
                        "timed out", "55000", new SQLException("not accepting", "55000")))))
        .contains(DatabaseFault.GONE);
    // The commit was broken off and the rollback after it found the connection closed.
    assertThat(
            DatabaseFault.of(
                new TransactionSystemException(
                    "JDBC rollback failed", new SQLException("Connection is closed"))))
        .contains(DatabaseFault.GONE);
    TransactionSystemException both =
        new TransactionSystemException("rollback failed", new SQLException("Connection is closed"));
    both.initApplicationException(new SQLException("terminated", "57P01"));
    assertThat(DatabaseFault.of(both)).contains(DatabaseFault.GONE);
    // And as the servlet hands it on.
    assertThat(DatabaseFault.of(new ServletException("Request processing failed", both)))
        .contains(DatabaseFault.GONE);
  }

  @Test
  void aRowThatIsRefused_isNot() {
    assertThat(
            DatabaseFault.of(
                new DataIntegrityViolationException("two", new SQLException("twice", "23505"))))
        .isEmpty();
    TransactionSystemException refused =
        new TransactionSystemException("rollback failed", new SQLException("Connection is closed"));
    refused.initApplicationException(new IllegalStateException("a fault of ours"));
    assertThat(DatabaseFault.of(refused)).isEmpty();
    assertThat(DatabaseFault.of(new IllegalStateException("a fault of ours"))).isEmpty();
  }

  @Test
  void aFullDisk_andAStatementCutOff_areToldApartFromIt() {
    assertThat(
            DatabaseFault.of(
                new DataAccessResourceFailureException(
                    "full", new SQLException("could not extend file", "53100"))))
        .contains(DatabaseFault.FULL);
    assertThat(
            DatabaseFault.of(
                new QueryTimeoutException("late", new SQLException("canceling", "57014"))))
        .contains(DatabaseFault.LATE);
  }

  /** Whatever passes every check of ours and not the database's is a sentence, never a fault. */
  @Test
  void whatTheDatabaseWillNotKeep_isSaid_andAFaultOfOursStaysOne() {
    Problems problems = new Problems(null, null);
    for (String state : new String[] {"22021", "23514", "23502"}) {
      ResponseEntity<ProblemDetail> r =
          problems.database(
              new DataIntegrityViolationException("row", new SQLException("refused", state)));
      assertThat(r.getStatusCode().value()).as(state).isEqualTo(422);
      assertThat(r.getBody().getDetail()).contains("cannot be kept");
    }
    DataIntegrityViolationException ours =
        new DataIntegrityViolationException("row", new SQLException("no such client", "23503"));
    assertThatThrownBy(() -> problems.database(ours)).isSameAs(ours);
  }
}
