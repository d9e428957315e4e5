package kitetail.server.error;

import static org.assertj.core.api.Assertions.assertThat;

import jakarta.servlet.DispatcherType;
import jakarta.servlet.ServletOutputStream;
import jakarta.servlet.WriteListener;
import jakarta.servlet.http.HttpServletRequest;
import jakarta.servlet.http.HttpServletResponse;
import java.io.ByteArrayOutputStream;
import java.lang.reflect.InvocationHandler;
import java.lang.reflect.Proxy;
import java.sql.SQLException;
import java.util.HashMap;
import java.util.Map;
import org.junit.jupiter.params.ParameterizedTest;
import org.junit.jupiter.params.provider.EnumSource;
import org.springframework.transaction.TransactionSystemException;

/** Whatever stage of a request the database is lost in, it is said so and never a fault of ours. */
class DatabaseFaultsTest {
  private final ByteArrayOutputStream body = new ByteArrayOutputStream();
  private final Map<String, Object> set = new HashMap<>();

  private static <T> T made(Class<T> type, InvocationHandler by) {
    return type.cast(Proxy.newProxyInstance(type.getClassLoader(), new Class<?>[] {type}, by));
  }

  private static HttpServletRequest dispatched(DispatcherType how) {
    Map<String, Object> attributes = new HashMap<>();
    return made(
        HttpServletRequest.class,
        (p, m, a) ->
            switch (m.getName()) {
              case "getDispatcherType" -> how;
              case "getAttribute" -> attributes.get(a[0]);
              case "setAttribute" -> attributes.put((String) a[0], a[1]);
              default -> null;
            });
  }

  private HttpServletResponse answer() {
    ServletOutputStream out =
        new ServletOutputStream() {
          @Override
          public void write(int b) {
            body.write(b);
          }

          @Override
          public boolean isReady() {
            return true;
          }

          @Override
          public void setWriteListener(WriteListener l) {}
        };
    return made(
        HttpServletResponse.class,
        (p, m, a) ->
            switch (m.getName()) {
              case "isCommitted" -> false;
              case "getOutputStream" -> out;
              case "setStatus" -> set.put("status", a[0]);
              case "setHeader" -> set.put((String) a[0], a[1]);
              default -> null;
            });
  }

  @ParameterizedTest
  @EnumSource(
      value = DispatcherType.class,
      names = {"REQUEST", "ASYNC"})
  void theDatabaseIsGone_alsoWhileAnAnswerIsUnderWay(DispatcherType how) throws Exception {
    new DatabaseFaults()
        .doFilter(
            dispatched(how),
            answer(),
            (r, a) -> {
              throw new TransactionSystemException(
                  "JDBC rollback failed", new SQLException("Connection is closed"));
            });
    assertThat(set).containsEntry("status", 503).containsKey("Retry-After");
    assertThat(body.toString()).contains("database does not answer");
  }
}
