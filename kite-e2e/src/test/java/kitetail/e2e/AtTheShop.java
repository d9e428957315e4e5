package kitetail.e2e;

import com.microsoft.playwright.Browser;
import com.microsoft.playwright.BrowserContext;
import com.microsoft.playwright.BrowserType;
import com.microsoft.playwright.Page;
import com.microsoft.playwright.Playwright;
import java.io.IOException;
import java.net.ServerSocket;
import java.net.URI;
import java.net.http.HttpClient;
import java.net.http.HttpRequest;
import java.net.http.HttpResponse;
import java.nio.file.Path;
import java.sql.Connection;
import java.sql.DriverManager;
import java.sql.SQLException;
import java.sql.Statement;
import java.util.ArrayList;
import java.util.List;
import java.util.Map;
import java.util.concurrent.TimeUnit;

/**
 * The built application with the demo shop as it begins, and a browser before it: one of each for
 * all tests, the database made anew under them for every class.
 */
final class AtTheShop {
  private static final Path JAR = Path.of("../kite-server/target/kitetail-app.jar");

  private static final double PATIENCE_MS = 120_000;

  /** A line used within this is taken for whole by the server's pool. */
  private static final long NOT_ASKED_MS = 600;

  private final String database = "e2e_" + Long.toUnsignedString(System.nanoTime(), 36);
  private final int port;
  private Process server;
  private final Playwright playwright;
  private final Browser browser;
  final List<String> consoleErrors = new ArrayList<>();

  private static AtTheShop standing;

  static AtTheShop asItBegan() {
    if (standing == null) {
      standing = new AtTheShop();
      Runtime.getRuntime().addShutdownHook(new Thread(standing::close));
    } else {
      standing.again();
    }
    return standing;
  }

  AtTheShop() {
    port = freePort();
    admin("create database " + database);
    startServer();
    playwright =
        Playwright.create(
            new Playwright.CreateOptions().setEnv(Map.of("PLAYWRIGHT_SKIP_BROWSER_DOWNLOAD", "1")));
    browser =
        playwright
            .chromium()
            .launch(
                new BrowserType.LaunchOptions()
                    .setExecutablePath(Path.of("/usr/bin/chromium"))
                    .setArgs(
                        List.of(
                            "--no-sandbox",
                            "--disable-quic",
                            "--no-first-run",
                            "--disable-background-networking",
                            "--disable-component-update",
                            "--disable-sync")));
    admin("alter database " + database + " allow_connections false");
    admin(
        "select pg_terminate_backend(pid) from pg_stat_activity where datname = '"
            + database
            + "'");
    admin("create database " + database + "_began template " + database);
    admin("alter database " + database + " allow_connections true");
    ready();
  }

  private void again() {
    admin("drop database " + database + " with (force)");
    admin("create database " + database + " template " + database + "_began");
    // Or a sequence, copied with numbers it has set aside, would go back by them in a power cut.
    admin("checkpoint");
    sql("update scheduled_tasks set picked = false, picked_by = null, last_heartbeat = null");
    ready();
  }

  /** The server's lines to the database were cut; those not used for a while are asked first. */
  private void ready() {
    try {
      Thread.sleep(NOT_ASKED_MS);
      awaitUp(server, port, "server.log");
    } catch (InterruptedException e) {
      Thread.currentThread().interrupt();
      throw new IllegalStateException(e);
    }
  }

  private static int freePort() {
    try (ServerSocket s = new ServerSocket(0)) {
      return s.getLocalPort();
    } catch (IOException e) {
      throw new IllegalStateException(e);
    }
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

  void startServer() {
    server = serve(port, "server.log");
  }

  /** Another server on the same database. */
  Process secondServer() {
    return serve(freePort(), "second.log");
  }

  private Process serve(int at, String log) {
    try {
      ProcessBuilder b =
          new ProcessBuilder(
              Path.of(System.getProperty("java.home"), "bin", "java").toString(),
              "-Djava.awt.headless=true",
              "-jar",
              JAR.toString());
      b.environment().put("KITETAIL_DB_URL", databaseUrl());
      b.environment().put("KITETAIL_PORT", Integer.toString(at));
      b.environment().put("KITETAIL_DEMO", "true");
      b.environment().put("KITETAIL_MESSAGES_EVERY", "1s");
      b.redirectErrorStream(true).redirectOutput(Path.of("target", log).toFile());
      Process started = b.start();
      awaitUp(started, at, log);
      return started;
    } catch (IOException e) {
      throw new IllegalStateException(e);
    } catch (InterruptedException e) {
      Thread.currentThread().interrupt();
      throw new IllegalStateException(e);
    }
  }

  private static void awaitUp(Process started, int at, String log) throws InterruptedException {
    HttpClient http = HttpClient.newHttpClient();
    HttpRequest health =
        HttpRequest.newBuilder(URI.create("http://127.0.0.1:" + at + "/actuator/health")).build();
    for (int i = 0; i < 240; i++) {
      if (!started.isAlive()) {
        throw new IllegalStateException("the server stopped; see kite-e2e/target/" + log);
      }
      try {
        if (http.send(health, HttpResponse.BodyHandlers.discarding()).statusCode() == 200) {
          return;
        }
      } catch (IOException e) {
        // not up yet
      }
      Thread.sleep(250);
    }
    throw new IllegalStateException("the server was not ready after a minute");
  }

  private String databaseUrl() {
    return need("KITETAIL_DB_URL").replaceAll("/[^/]*$", "/" + database);
  }

  /** The first column of what is asked of the database, or nothing when something is done to it. */
  List<String> sql(String statement) {
    try (Connection c =
            DriverManager.getConnection(
                databaseUrl(), need("KITETAIL_DB_USER"), need("KITETAIL_DB_PASSWORD"));
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

  /** No goodbye: as when the machine loses power. */
  void killServer() {
    try {
      server.destroyForcibly().waitFor(20, TimeUnit.SECONDS);
    } catch (InterruptedException e) {
      Thread.currentThread().interrupt();
    }
  }

  /** The database killed with -9 and started again, as after a power cut. */
  static void crashDatabase() {
    try {
      Process p =
          new ProcessBuilder(need("KITETAIL_DB_CRASH").split(" "))
              .redirectErrorStream(true)
              .redirectOutput(Path.of("target/crash.log").toFile())
              .start();
      if (p.waitFor() != 0) {
        throw new IllegalStateException("the database did not come back; see target/crash.log");
      }
    } catch (IOException e) {
      throw new IllegalStateException(e);
    } catch (InterruptedException e) {
      Thread.currentThread().interrupt();
      throw new IllegalStateException(e);
    }
  }

  String url(String path) {
    return "http://127.0.0.1:" + port + path;
  }

  /** A fresh browser at 1280×800 in one of the two themes. */
  Page visitor(String theme) {
    BrowserContext c =
        browser.newContext(
            new Browser.NewContextOptions().setViewportSize(1280, 800).setAcceptDownloads(true));
    // A shared machine may be many times slower for a while; no test is about how long a step
    // takes.
    c.setDefaultTimeout(PATIENCE_MS);
    c.addInitScript(
        "localStorage.setItem('kite-theme', localStorage.getItem('kite-theme') ?? '"
            + theme
            + "')");
    Page p = c.newPage();
    p.onConsoleMessage(
        m -> {
          if (m.type().equals("error")) {
            consoleErrors.add(m.text() + " " + m.location());
          }
        });
    p.onPageError(consoleErrors::add);
    return p;
  }

  /** Everybody goes home: pages left open would go on drawing while the next test waits. */
  void clear() {
    List.copyOf(browser.contexts()).forEach(BrowserContext::close);
    consoleErrors.clear();
  }

  Page signedIn(String who, String theme) {
    Page p = visitor(theme);
    p.navigate(url("/"));
    p.getByLabel("Name").fill(who);
    p.getByLabel("Password").fill("ferry-landing");
    p.getByText("Sign in").click();
    p.getByText("Sign out").waitFor();
    return p;
  }

  private void close() {
    server.destroy();
    try {
      server.waitFor(20, TimeUnit.SECONDS);
    } catch (InterruptedException e) {
      Thread.currentThread().interrupt();
    }
  }
}
