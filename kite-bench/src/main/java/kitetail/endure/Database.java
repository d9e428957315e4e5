package kitetail.endure;

import java.sql.Connection;
import java.sql.DriverManager;
import java.sql.ResultSet;
import java.sql.SQLException;
import java.sql.Statement;
import java.util.ArrayList;
import java.util.List;

/** What stands in a database, and what is done in it behind the application's back. */
record Database(String address, int port, String password) {
  private Connection open() throws SQLException {
    return DriverManager.getConnection(
        "jdbc:postgresql://" + address + ":" + port + "/postgres", "app", password);
  }

  /** The first column of what is asked. */
  List<String> told(String query) {
    try (Connection c = open();
        ResultSet r = c.createStatement().executeQuery(query)) {
      List<String> all = new ArrayList<>();
      while (r.next()) {
        all.add(r.getString(1));
      }
      return all;
    } catch (SQLException e) {
      throw new IllegalStateException(e);
    }
  }

  void does(String... statements) {
    try (Connection c = open();
        Statement s = c.createStatement()) {
      for (String each : statements) {
        s.execute(each);
      }
    } catch (SQLException e) {
      throw new IllegalStateException(e);
    }
  }
}
