package kitetail.e2e;

import static org.assertj.core.api.Assertions.assertThat;

import java.io.IOException;
import java.io.UncheckedIOException;
import java.net.CookieManager;
import java.net.HttpCookie;
import java.net.InetSocketAddress;
import java.net.ServerSocket;
import java.net.Socket;
import java.net.URI;
import java.net.http.HttpClient;
import java.net.http.HttpRequest;
import java.net.http.HttpResponse;
import java.nio.charset.StandardCharsets;
import java.nio.file.DirectoryStream;
import java.nio.file.Files;
import java.nio.file.Path;
import java.nio.file.attribute.PosixFilePermissions;
import java.sql.Connection;
import java.sql.DriverManager;
import java.sql.ResultSet;
import java.sql.SQLException;
import java.time.Duration;
import java.util.ArrayList;
import java.util.List;
import java.util.Map;
import java.util.concurrent.ConcurrentHashMap;
import java.util.concurrent.TimeUnit;
import java.util.function.BooleanSupplier;
import org.junit.jupiter.api.AfterEach;
import org.junit.jupiter.api.BeforeAll;
import org.junit.jupiter.api.BeforeEach;
import org.junit.jupiter.api.Test;
import org.junit.jupiter.api.Timeout;

/**
 * The front door as a shop runs it: what is killed comes back by itself and nothing acknowledged is
 * lost or doubled; a copy is brought back whole.
 */
@Timeout(420)
class FrontDoorTest {
  private static final Path KITETAIL = Path.of("..", "kitetail").toAbsolutePath().normalize();

  private final CookieManager cookies = new CookieManager();
  private final HttpClient http =
      HttpClient.newBuilder().cookieHandler(cookies).connectTimeout(Duration.ofSeconds(3)).build();
  private final Map<String, Integer> answers = new ConcurrentHashMap<>();
  private Path dir;
  private Path home;
  private Process door;
  private int port;

  /** As after a build: what a first start learns of the classes is not there yet. */
  @BeforeAll
  static void forget() throws IOException {
    Path app = KITETAIL.resolveSibling("kite-server/target/app");
    Files.createDirectories(app);
    try (DirectoryStream<Path> learnt = Files.newDirectoryStream(app, "classes-*.jsa")) {
      for (Path p : learnt) {
        Files.delete(p);
      }
    }
  }

  @BeforeEach
  void open() throws IOException {
    dir = Files.createTempDirectory("kitetail-door");
    Files.setPosixFilePermissions(dir, PosixFilePermissions.fromString("rwxr-xr-x"));
    home = dir.resolve("home");
    try (ServerSocket s = new ServerSocket(0)) {
      port = s.getLocalPort();
    }
    door = kitetail(home, "start", "--port", Integer.toString(port));
    await("the server is up", () -> status("GET", "/actuator/health", null) == 200);
    ProcessHandle met = server();
    await("it says so", () -> logged("start").contains("ready on"));
    assertThat(met.isAlive()).as("whom one meets first is gone on with").isTrue();
    await(
        "somebody is signed in",
        () ->
            status("POST", "/api/session", "{\"signIn\":\"maud\",\"password\":\"ferry-landing\"}")
                == 200);
  }

  @AfterEach
  void shut() throws InterruptedException {
    door.destroy();
    assertThat(door.waitFor(60, TimeUnit.SECONDS)).as("it stops when asked to").isTrue();
  }

  private Process kitetail(Path data, String... words) throws IOException {
    List<String> all = new ArrayList<>(List.of(KITETAIL.toString()));
    all.addAll(List.of(words));
    ProcessBuilder b = new ProcessBuilder(all).redirectErrorStream(true);
    b.environment().put("KITETAIL_HOME", data.toString());
    b.environment().put("KITETAIL_WAL", dir.resolve("log").toString());
    b.redirectOutput(ProcessBuilder.Redirect.appendTo(dir.resolve(words[0] + ".log").toFile()));
    return b.start();
  }

  /** What a command of the front door says, once it has ended well. */
  private String said(Path data, String... words) throws Exception {
    assertThat(kitetail(data, words).waitFor()).as(words[0]).isZero();
    return Files.readString(dir.resolve(words[0] + ".log"));
  }

  private String logged(String command) {
    try {
      return Files.readString(dir.resolve(command + ".log"));
    } catch (IOException e) {
      throw new UncheckedIOException(e);
    }
  }

  private static void await(String what, BooleanSupplier so) {
    for (int i = 0; i < 600; i++) {
      if (so.getAsBoolean()) {
        return;
      }
      pause(200);
    }
    throw new AssertionError("within two minutes: " + what);
  }

  private static void pause(long ms) {
    try {
      Thread.sleep(ms);
    } catch (InterruptedException e) {
      Thread.currentThread().interrupt();
      throw new IllegalStateException(e);
    }
  }

  /** 0 while nobody answers. */
  private int status(String method, String path, String body) {
    try {
      HttpRequest.Builder r =
          HttpRequest.newBuilder(URI.create("http://127.0.0.1:" + port + path))
              .timeout(Duration.ofSeconds(20))
              .header("Content-Type", "application/json");
      if (!method.equals("GET")) {
        status("GET", "/api/session/token", null);
        cookies.getCookieStore().getCookies().stream()
            .filter(c -> c.getName().equals("XSRF-TOKEN"))
            .map(HttpCookie::getValue)
            .findFirst()
            .ifPresent(t -> r.header("X-XSRF-TOKEN", t));
      }
      r.method(
          method,
          body == null
              ? HttpRequest.BodyPublishers.noBody()
              : HttpRequest.BodyPublishers.ofString(body));
      return http.send(r.build(), HttpResponse.BodyHandlers.ofString()).statusCode();
    } catch (IOException e) {
      return 0;
    } catch (InterruptedException e) {
      Thread.currentThread().interrupt();
      return 0;
    }
  }

  private ProcessHandle server() {
    return door.descendants()
        .filter(p -> p.info().commandLine().orElse("").contains("kitetail-app.jar"))
        .findFirst()
        .orElseThrow();
  }

  private static void kill(long pid) throws Exception {
    assertThat(new ProcessBuilder("kill", "-9", Long.toString(pid)).start().waitFor()).isZero();
  }

  /** A line of what PostgreSQL writes down of itself: its process first, its port fourth. */
  private String line(int n) throws IOException {
    return Files.readAllLines(home.resolve("data/postmaster.pid"), StandardCharsets.UTF_8)
        .get(n)
        .strip();
  }

  private List<String> stored() throws IOException, SQLException {
    return told("select name from client where name like 'Kept %'");
  }

  private List<String> told(String query) throws IOException, SQLException {
    String url = "jdbc:postgresql://127.0.0.1:" + line(3) + "/postgres";
    try (Connection c =
            DriverManager.getConnection(url, "app", Files.readString(home.resolve("password")));
        ResultSet r = c.createStatement().executeQuery(query)) {
      List<String> names = new ArrayList<>();
      while (r.next()) {
        names.add(r.getString(1));
      }
      return names;
    }
  }

  private boolean keptSince(String time) {
    try {
      return told("select 1::text from pg_stat_archiver where last_archived_time > '" + time + "'")
              .size()
          == 1;
    } catch (IOException | SQLException e) {
      throw new IllegalStateException(e);
    }
  }

  @Test
  void whatIsKilled_comesBack_nothingIsLostOrDoubled_andACopyIsWhole() throws Exception {
    Thread writer =
        new Thread(
            () -> {
              for (int i = 0; !Thread.currentThread().isInterrupted(); i++) {
                String name = "Kept " + i;
                answers.put(name, status("POST", "/api/clients", "{\"name\":\"" + name + "\"}"));
                if (answers.get(name) == 0) {
                  pause(100);
                }
              }
            });
    writer.setUncaughtExceptionHandler((t, e) -> {});
    writer.start();
    Path copies = Files.createDirectory(dir.resolve("copies"));
    assertThat(said(home, "base", copies.toString())).contains("copied the database's files");
    ProcessHandle first = server();
    kill(first.pid());
    await(
        "the server is back",
        () -> !first.isAlive() && status("GET", "/actuator/health", null) == 200);
    pause(1500);
    kill(Long.parseLong(line(0)));
    await("the database is away", () -> status("GET", "/actuator/health", null) != 200);
    await("the database is back", () -> status("GET", "/actuator/health", null) == 200);
    pause(1500);
    ProcessHandle second = server();
    kill(Long.parseLong(line(0)));
    kill(second.pid());
    await(
        "both are back, the server started while the database recovered",
        () -> !second.isAlive() && status("GET", "/actuator/health", null) == 200);
    pause(1500);
    writer.interrupt();
    writer.join();
    List<String> acknowledged =
        answers.entrySet().stream()
            .filter(e -> e.getValue() == 201)
            .map(Map.Entry::getKey)
            .toList();
    assertThat(acknowledged).hasSizeGreaterThan(20);
    assertThat(answers.values()).as("nobody is taken for signed out").doesNotContain(401, 500);
    assertThat(stored()).doesNotHaveDuplicates().containsAll(acknowledged);

    Path old = Files.createFile(copies.resolve("kitetail-20200101T000000Z.dump"));
    Files.createFile(copies.resolve("kitetail-20200101T000000Z.sums"));
    assertThat(said(home, "backup", copies.toString())).contains("copied");
    assertThat(old).as("six years old").doesNotExist();
    Path copy;
    try (var files = Files.list(copies)) {
      copy = files.filter(f -> f.toString().endsWith(".dump")).findFirst().orElseThrow();
    }
    assertThat(PosixFilePermissions.toString(Files.getPosixFilePermissions(copy)))
        .as("for nobody else to read")
        .isEqualTo("rw-------");
    // The next port is somebody's, though nobody listens on it: another one is taken.
    try (Socket held = new Socket()) {
      held.bind(new InetSocketAddress("127.0.0.1", Integer.parseInt(line(3)) + 1));
      assertThat(said(dir.resolve("other"), "restore", copy.toString()))
          .contains("brought back and verified");
    }
    assertThat(kitetail(home, "restore", copy.toString()).waitFor())
        .as("never over a shop that is there")
        .isNotZero();

    // A slip. The shop is brought back as it stood just before.
    String before = told("select clock_timestamp()::text").get(0);
    int clients = Integer.parseInt(told("select count(*)::text from client").get(0));
    told(
        "with slip as (insert into client (shop_id, name, created_at) values (1, 'A slip', now()) returning 1)"
            + " select count(*)::text from slip");
    told("select pg_switch_wal()::text");
    await("its log is kept", () -> keptSince(before));
    Path base;
    try (var files = Files.list(copies)) {
      base = files.filter(Files::isDirectory).findFirst().orElseThrow();
    }
    assertThat(said(dir.resolve("then"), "restore", base.toString(), "--until", before))
        .contains("brought back as it stood at " + before + ": " + clients + " clients");
  }
}
