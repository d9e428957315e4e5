package kitetail.server.error;

import static org.assertj.core.api.Assertions.assertThat;

import java.sql.SQLException;
import java.sql.SQLTransientConnectionException;
import org.junit.jupiter.api.Test;
import org.springframework.dao.DataIntegrityViolationException;
import org.springframework.transaction.CannotCreateTransactionException;
import org.springframework.transaction.TransactionSystemException;

/** What comes of a database that is killed at whatever moment, and what does not. */
class DatabaseGoneTest {
  @Test
  void killedBeforeDuringAndAtTheCommit_itIsGone() {
    assertThat(
            DatabaseGone.is(
                new CannotCreateTransactionException(
                    "no connection", new SQLTransientConnectionException("timed out"))))
        .isTrue();
    assertThat(DatabaseGone.is(new SQLException("terminated", "57P01"))).isTrue();
    // The commit was broken off and the rollback after it found the connection closed.
    assertThat(
            DatabaseGone.is(
                new TransactionSystemException(
                    "JDBC rollback failed", new SQLException("Connection is closed"))))
        .isTrue();
    TransactionSystemException both =
        new TransactionSystemException("rollback failed", new SQLException("Connection is closed"));
    both.initApplicationException(new SQLException("terminated", "57P01"));
    assertThat(DatabaseGone.is(both)).isTrue();
  }

  @Test
  void aRowThatIsRefused_isNot() {
    assertThat(
            DatabaseGone.is(
                new DataIntegrityViolationException("two", new SQLException("twice", "23505"))))
        .isFalse();
    TransactionSystemException refused =
        new TransactionSystemException("rollback failed", new SQLException("Connection is closed"));
    refused.initApplicationException(new IllegalStateException("a fault of ours"));
    assertThat(DatabaseGone.is(refused)).isFalse();
    assertThat(DatabaseGone.is(new IllegalStateException("a fault of ours"))).isFalse();
  }
}
