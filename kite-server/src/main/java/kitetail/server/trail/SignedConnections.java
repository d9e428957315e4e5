package kitetail.server.trail;

import java.lang.reflect.InvocationTargetException;
import java.lang.reflect.Proxy;
import java.sql.Connection;
import java.sql.PreparedStatement;
import java.sql.SQLException;
import javax.sql.DataSource;
import org.springframework.beans.factory.config.BeanPostProcessor;
import org.springframework.jdbc.datasource.DelegatingDataSource;
import org.springframework.stereotype.Component;

/**
 * Tells the database who is at work on each connection that a changing request takes, and takes it
 * back when it is given back: triggers write the trail, so that no way of changing something can go
 * without it.
 */
@Component
class SignedConnections implements BeanPostProcessor {
  @Override
  public Object postProcessAfterInitialization(Object bean, String name) {
    return bean instanceof DataSource d && !(bean instanceof Signed) ? new Signed(d) : bean;
  }

  private static final class Signed extends DelegatingDataSource {
    Signed(DataSource of) {
      super(of);
    }

    @Override
    public Connection getConnection() throws SQLException {
      Connection c = super.getConnection();
      Doer doer = Doer.current().orElse(null);
      if (doer == null) {
        return c;
      }
      try {
        say(c, Long.toString(doer.personId()), doer.device());
      } catch (SQLException e) {
        c.close();
        throw e;
      }
      return takenBack(c);
    }
  }

  private static void say(Connection c, String person, String device) throws SQLException {
    try (PreparedStatement s =
        c.prepareStatement(
            "select set_config('kitetail.person', ?, false), set_config('kitetail.device', ?, false)")) {
      s.setString(1, person);
      s.setString(2, device);
      s.execute();
    }
  }

  private static Connection takenBack(Connection c) {
    return (Connection)
        Proxy.newProxyInstance(
            Connection.class.getClassLoader(),
            new Class<?>[] {Connection.class},
            (proxy, method, args) -> {
              if (method.getName().equals("close") && !c.isClosed()) {
                unsay(c);
              }
              try {
                return method.invoke(c, args);
              } catch (InvocationTargetException e) {
                throw e.getCause();
              }
            });
  }

  /** A connection that cannot be told so is not used again. */
  private static void unsay(Connection c) throws SQLException {
    try {
      say(c, "", "");
    } catch (SQLException e) {
      c.abort(Runnable::run);
    }
  }
}
