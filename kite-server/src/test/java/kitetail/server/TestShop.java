package kitetail.server;

import com.zaxxer.hikari.HikariDataSource;
import java.net.CookieManager;
import java.net.HttpCookie;
import java.net.URI;
import java.net.http.HttpClient;
import java.net.http.HttpRequest;
import java.net.http.HttpResponse;
import java.sql.Connection;
import java.sql.DriverManager;
import java.sql.SQLException;
import java.sql.Statement;
import java.util.ArrayList;
import java.util.List;
import java.util.function.Consumer;
import javax.sql.DataSource;
import kitetail.server.warm.Warms;
import org.springframework.boot.SpringApplication;
import org.springframework.context.ConfigurableApplicationContext;
import tools.jackson.databind.JsonNode;
import tools.jackson.databind.json.JsonMapper;

/**
 * The demo shop on a database of its own in the real PostgreSQL that the test command starts,
 * spoken to over HTTP.
 */
final class TestShop implements AutoCloseable {
  static final JsonMapper JSON = new JsonMapper();

  /** The one that stands as long as the tests run, and the demo shop as it began. */
  private static TestShop standing;

  private final String database;
  private final boolean demo;
  private final String[] settings;
  private ConfigurableApplicationContext app;

  /**
   * The demo shop as it begins, on a server set up as usual: one for all who want no other. Each
   * has the database to itself, made anew under the server that stands.
   */
  static TestShop asUsual() {
    if (standing == null) {
      standing = new TestShop(true);
      standing.keepAsItIs();
    } else {
      standing.asItBegan();
    }
    return standing;
  }

  /** A shop whose database is prepared before the application first sees it. */
  TestShop(Consumer<String> prepare) {
    demo = true;
    settings = new String[0];
    database = "test_" + Long.toUnsignedString(System.nanoTime(), 36);
    admin("create database " + database);
    prepare.accept(url());
    start();
  }

  private TestShop(boolean demo, String... settings) {
    this.demo = demo;
    this.settings = settings;
    database = "test_" + Long.toUnsignedString(System.nanoTime(), 36);
    admin("create database " + database);
    start();
  }

  private void keepAsItIs() {
    admin("alter database " + database + " allow_connections false");
    cut();
    admin("create database " + database + "_began template " + database);
    admin("alter database " + database + " allow_connections true");
    let();
  }

  private void asItBegan() {
    admin("drop database " + database + " with (force)");
    admin("create database " + database + " template " + database + "_began");
    let();
  }

  /** Nobody holds a line to the database that was cut. */
  private void let() {
    try {
      app.getBean(DataSource.class)
          .unwrap(HikariDataSource.class)
          .getHikariPoolMXBean()
          .softEvictConnections();
    } catch (SQLException e) {
      throw new IllegalStateException(e);
    }
    sql("update scheduled_tasks set picked = false, picked_by = null, last_heartbeat = null");
  }

  private void cut() {
    admin(
        "select pg_terminate_backend(pid) from pg_stat_activity where datname = '"
            + database
            + "'");
  }

  /** A server on a database in which no shop has begun. */
  static TestShop empty() {
    return new TestShop(false);
  }

  /** The demo shop on a server that is set up otherwise. */
  static TestShop with(String... settings) {
    return new TestShop(true, settings);
  }

  private static String need(String name) {
    String v = System.getenv(name);
    if (v == null) {
      throw new IllegalStateException(
          name + " is not set: run the tests with ./kitetail test, which starts PostgreSQL");
    }
    return v;
  }

  private static void admin(String sql) {
    try (Connection c =
            DriverManager.getConnection(
                need("KITETAIL_DB_URL"), need("KITETAIL_DB_USER"), need("KITETAIL_DB_PASSWORD"));
        Statement s = c.createStatement()) {
      s.execute(sql);
    } catch (SQLException e) {
      throw new IllegalStateException(e);
    }
  }

  String url() {
    return need("KITETAIL_DB_URL").replaceAll("/[^/]*$", "/" + database);
  }

  /** The database takes no more connections and ends those there are, until it is let in again. */
  void databaseAnswers(boolean does) {
    admin("alter database " + database + " with allow_connections " + does);
    if (!does) {
      admin(
          "select pg_terminate_backend(pid) from pg_stat_activity where datname = '"
              + database
              + "'");
    }
  }

  void start() {
    app = serve();
  }

  private ConfigurableApplicationContext serve() {
    List<String> all =
        new ArrayList<>(
            List.of(
                "--server.port=0",
                "--kitetail.demo=" + demo,
                "--kitetail.messages-every=300ms",
                "--kitetail.erasings-every=300ms",
                "--spring.datasource.url=" + url(),
                "--spring.flyway.url=" + url()));
    all.addAll(List.of(settings));
    return SpringApplication.run(KiteTailServer.class, all.toArray(String[]::new));
  }

  /** Another server on the same database, until it is closed. */
  AutoCloseable secondServer() {
    ConfigurableApplicationContext second = serve();
    return second::close;
  }

  /** Another shop on the same database, where somebody signs in as stranger. */
  void otherShop() {
    sql(
        """
        with other as (insert into shop (name, zone) values ('Elsewhere', 'Europe/Paris') returning id)
        insert into person (shop_id, name, sign_in, password_hash, role)
        select other.id, 'A Stranger', 'stranger', p.password_hash, 'OWNER' from other, person p where p.sign_in = 'maud'
        """);
  }

  /**
   * Something done in the database behind the application's back, or the first column of what is
   * asked.
   */
  List<String> sql(String statement) {
    try (Connection c =
            DriverManager.getConnection(
                url(), need("KITETAIL_DB_USER"), need("KITETAIL_DB_PASSWORD"));
        Statement s = c.createStatement()) {
      List<String> first = new ArrayList<>();
      if (s.execute(statement)) {
        while (s.getResultSet().next()) {
          first.add(s.getResultSet().getString(1));
        }
      }
      return first;
    } catch (SQLException e) {
      throw new IllegalStateException(e);
    }
  }

  /** As when the process is killed and started again: nothing but the database stays. */
  void restart() {
    app.close();
    start();
  }

  int port() {
    return Integer.parseInt(app.getEnvironment().getRequiredProperty("local.server.port"));
  }

  /** What a server does once it is up, which these tests otherwise do without. */
  List<Warms> warms() {
    return app.getBeanProvider(Warms.class).orderedStream().toList();
  }

  @Override
  public void close() {
    if (this == standing) {
      return;
    }
    app.close();
    admin("drop database " + database + " with (force)");
  }

  /** A browser with its own cookies. */
  final class Visitor {
    private final CookieManager cookies = new CookieManager();
    private final HttpClient http = HttpClient.newBuilder().cookieHandler(cookies).build();
    private String device = "";
    private boolean held = true;

    Visitor signedIn(String who) {
      if (send(
                  "POST",
                  "/api/session",
                  "{\"signIn\":\"" + who + "\",\"password\":\"ferry-landing\"}")
              .statusCode()
          != 200) {
        throw new IllegalStateException(who + " cannot sign in");
      }
      return this;
    }

    /** Answers are not held against the API's description, as when that is what is asked for. */
    Visitor heldToNothing() {
      held = false;
      return this;
    }

    /** On a device that names itself so. */
    Visitor on(String device) {
      this.device = device;
      return this;
    }

    JsonNode json(String path) {
      return JSON.readTree(send("GET", path, null).body());
    }

    HttpResponse<String> send(String method, String path, String body) {
      return call(method, path, body, HttpResponse.BodyHandlers.ofString());
    }

    HttpResponse<byte[]> bytes(String method, String path, String body) {
      return call(method, path, body, HttpResponse.BodyHandlers.ofByteArray());
    }

    /** A file as the body. */
    HttpResponse<String> upload(String path, byte[] file) {
      return call(
          "POST",
          path,
          HttpRequest.BodyPublishers.ofByteArray(file),
          "application/octet-stream",
          HttpResponse.BodyHandlers.ofString());
    }

    /** The password once more, so that what is asked for by it can be taken out. */
    Visitor withPasswordAgain() {
      if (send("POST", "/api/session/again", "{\"password\":\"ferry-landing\"}").statusCode()
          != 204) {
        throw new IllegalStateException("the password was not taken");
      }
      return this;
    }

    <T> HttpResponse<T> call(
        String method, String path, String body, HttpResponse.BodyHandler<T> as) {
      return call(
          method,
          path,
          body == null
              ? HttpRequest.BodyPublishers.noBody()
              : HttpRequest.BodyPublishers.ofString(body),
          "application/json",
          as);
    }

    /** Whatever a test is about, every answer is as the description promises. */
    private static void promised(String method, String path, HttpResponse<?> answer, String text) {
      String type = answer.headers().firstValue("Content-Type").orElse("");
      List<String> broken = Promised.broken(method, path, answer.statusCode(), type, text);
      if (!broken.isEmpty()) {
        throw new AssertionError(method + " " + path + ": " + broken);
      }
    }

    private <T> HttpResponse<T> call(
        String method,
        String path,
        HttpRequest.BodyPublisher body,
        String type,
        HttpResponse.BodyHandler<T> as) {
      try {
        HttpRequest.Builder r =
            HttpRequest.newBuilder(URI.create("http://127.0.0.1:" + port() + path));
        if (!method.equals("GET")) {
          http.send(
              HttpRequest.newBuilder(
                      URI.create("http://127.0.0.1:" + port() + "/api/session/token"))
                  .build(),
              HttpResponse.BodyHandlers.discarding());
          cookies.getCookieStore().getCookies().stream()
              .filter(c -> c.getName().equals("XSRF-TOKEN"))
              .map(HttpCookie::getValue)
              .findFirst()
              .ifPresent(t -> r.header("X-XSRF-TOKEN", t));
        }
        r.header("Content-Type", type);
        if (!device.isEmpty()) {
          r.header("X-Device", device);
        }
        r.method(method, body);
        HttpResponse<T> answer = http.send(r.build(), as);
        if (held && answer.body() instanceof String text) {
          promised(method, path, answer, text);
        }
        return answer;
      } catch (java.io.IOException | InterruptedException e) {
        throw new IllegalStateException(e);
      }
    }
  }
}
