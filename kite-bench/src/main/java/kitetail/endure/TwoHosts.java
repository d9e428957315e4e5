package kitetail.endure;

import java.io.IOException;
import java.net.URI;
import java.net.http.HttpClient;
import java.net.http.HttpRequest;
import java.net.http.HttpResponse;
import java.nio.file.Files;
import java.nio.file.Path;
import java.nio.file.attribute.PosixFilePermissions;
import java.time.Duration;
import java.util.ArrayList;
import java.util.HashMap;
import java.util.HashSet;
import java.util.List;
import java.util.Locale;
import java.util.Map;
import java.util.Set;
import java.util.concurrent.ConcurrentHashMap;
import java.util.concurrent.TimeUnit;
import java.util.concurrent.atomic.AtomicBoolean;

/**
 * Two servers and a primary with a synchronous standby, on two machines: a server is killed, the
 * line between the machines is cut, the primary is lost and the standby promoted, all under writes.
 */
public final class TwoHosts {
  private static final int DATABASE_PORT = 5499;
  private static final int SERVER_PORT = 8099;
  private static final String PASSWORD = "a-test-of-two-hosts";

  private final Tally tally = new Tally();
  private final Path dir;
  private final Path postgres;
  private final Path app;
  private final Network net;
  private final Map<Host, Process> servers = new HashMap<>();
  private final Map<String, Long> acknowledged = new ConcurrentHashMap<>();
  private final AtomicBoolean on = new AtomicBoolean(true);

  private TwoHosts(Path dir, Path postgres, Path app, boolean wanted) throws IOException {
    this.dir = dir;
    this.postgres = postgres;
    this.app = app;
    net = new Network(dir.resolve("network.log"), wanted);
  }

  /**
   * @param args PostgreSQL's programs, the application's jar, and "addresses" to do without
   *     namespaces
   */
  public static void main(String[] args) throws Exception {
    Path dir = Files.createTempDirectory("kitetail-two");
    Files.setPosixFilePermissions(dir, PosixFilePermissions.fromString("rwxr-xr-x"));
    boolean wanted = args.length < 3 || !args[2].equals("addresses");
    TwoHosts two = new TwoHosts(dir, Path.of(args[0]), Path.of(args[1]), wanted);
    boolean kept;
    try {
      kept = two.endured();
    } finally {
      two.end();
    }
    System.exit(kept ? 0 : 1);
  }

  private boolean endured() throws IOException {
    tally.saw(
        net.canBeCut()
            ? "two machines as network namespaces"
            : "two addresses of 127.0.0.0/8 (namespaces need root), no line is cut");
    databases();
    serve(net.first);
    ready(net.first);
    serve(net.second);
    ready(net.second);
    tally.saw("two servers, a primary and its synchronous standby are up");
    database(net.first).does(Reminders.now());
    List<Thread> writers = new ArrayList<>();
    for (int i = 0; i < 4; i++) {
      String name = "writer" + i;
      Thread t = new Thread(() -> writes(name), name);
      t.setDaemon(true);
      t.start();
      writers.add(t);
    }
    Shop.pause(10_000);
    serverKilled();
    if (net.canBeCut()) {
      lineCut();
    }
    primaryLost();
    Shop.pause(10_000);
    on.set(false);
    for (Thread t : writers) {
      try {
        t.join(60_000);
      } catch (InterruptedException e) {
        throw Shop.stopped(e);
      }
    }
    counted();
    return tally.report();
  }

  // --- what happens ---------------------------------------------------------------------------

  private void serverKilled() throws IOException {
    kill(servers.get(net.first));
    long from = System.nanoTime();
    double s = untilAcknowledged(from);
    tally.saw(said("a server killed: the next write acknowledged after %.1f s, by the other", s));
    tally.check("one server killed: the other takes writes within 15 s", s < 15);
    serve(net.first);
    ready(net.first);
  }

  /** Nothing is acknowledged that the standby does not have. */
  private void lineCut() throws IOException {
    net.cut(true);
    Shop.pause(4000); // what was on its way is over
    int before = acknowledged.size();
    Shop.pause(15_000);
    int during = acknowledged.size() - before;
    net.cut(false);
    double s = untilAcknowledged(System.nanoTime());
    tally.saw(
        said(
            "the line between the machines cut for 19 s: "
                + during
                + " writes acknowledged meanwhile, the next %.1f s after it was mended",
            s));
    tally.check("nothing is acknowledged that the standby cannot have", during == 0);
    tally.check("writes go on within 30 s of the line being mended", s < 30);
  }

  private void primaryLost() throws IOException {
    long from = System.nanoTime();
    kill(servers.get(net.first));
    net.first.run(log("first"), "kill -9 $(sed -n 1p " + data(net.first) + "/postmaster.pid)");
    asPostgres(
        net.second,
        "psql -X -q -h "
            + net.second.address()
            + " -p "
            + DATABASE_PORT
            + " -U app postgres -c 'select pg_promote()'");
    // Alone it has nobody to wait for.
    asPostgres(
        net.second,
        "psql -X -q -h "
            + net.second.address()
            + " -p "
            + DATABASE_PORT
            + " -U app postgres -c \"alter system set synchronous_standby_names = ''\" -c 'select pg_reload_conf()'");
    double s = untilAcknowledged(from);
    tally.saw(
        said(
            "the first machine lost, the standby promoted: the next write acknowledged after %.1f s",
            s));
    tally.check("primary lost and standby promoted: writes go on within 30 s", s < 30);
  }

  private static String said(String words, double s) {
    return String.format(Locale.ROOT, words, s);
  }

  private double untilAcknowledged(long from) {
    while (acknowledged.values().stream().noneMatch(at -> at > from)) {
      if (System.nanoTime() - from > 120e9) {
        return Double.POSITIVE_INFINITY;
      }
      Shop.pause(50);
    }
    return (System.nanoTime() - from) / 1e9;
  }

  private void counted() {
    List<String> stored =
        database(net.second).told("select name from client where name like 'Kept %'");
    Set<String> lost = new HashSet<>(acknowledged.keySet());
    lost.removeAll(new HashSet<>(stored));
    tally.check(
        acknowledged.size() + " writes acknowledged, " + stored.size() + " stored: none lost",
        lost.isEmpty() && !acknowledged.isEmpty());
    tally.check("none twice", new HashSet<>(stored).size() == stored.size());
    int sent = database(net.second).told(Reminders.SENT).size();
    tally.check(
        sent + " reminders were sent, each once",
        sent > 0 && database(net.second).told(Reminders.AMISS).isEmpty());
  }

  private static Database database(Host on) {
    return new Database(on.address(), DATABASE_PORT, PASSWORD);
  }

  // --- writers ----------------------------------------------------------------------------------

  private String url(Host h) {
    return "http://" + h.address() + ":" + port(h);
  }

  /** Two machines that are addresses of one share its ports. */
  private int port(Host h) {
    return !net.canBeCut() && h.equals(net.second) ? SERVER_PORT + 1 : SERVER_PORT;
  }

  /** Writes to one server, and to the other when that one does not answer. */
  private void writes(String name) {
    Map<Host, OneServer> at = new HashMap<>();
    Host now = name.hashCode() % 2 == 0 ? net.first : net.second;
    for (int i = 0; on.get(); i++) {
      String client = "Kept " + name + " " + i;
      Host h = now;
      int status =
          at.computeIfAbsent(h, k -> new OneServer(url(k)))
              .post("/api/clients", "{\"name\":\"" + client + "\"}");
      if (status == 201) {
        acknowledged.put(client, System.nanoTime());
        Shop.pause(50);
      } else {
        if (status == 401) {
          at.remove(h);
        }
        now = h.equals(net.first) ? net.second : net.first;
        Shop.pause(200);
      }
    }
  }

  /** Somebody signed in at one of the servers. */
  private static final class OneServer {
    private final java.net.CookieManager cookies = new java.net.CookieManager();
    private final HttpClient http =
        HttpClient.newBuilder()
            .cookieHandler(cookies)
            .connectTimeout(Duration.ofSeconds(2))
            .version(HttpClient.Version.HTTP_1_1)
            .build();
    private final String url;
    private boolean in;

    OneServer(String url) {
      this.url = url;
    }

    int post(String path, String body) {
      if (!in) {
        in = sent("/api/session", "{\"signIn\":\"maud\",\"password\":\"ferry-landing\"}") == 200;
      }
      return in ? sent(path, body) : 0;
    }

    private int sent(String path, String body) {
      try {
        HttpRequest.Builder r =
            HttpRequest.newBuilder(URI.create(url + path))
                .timeout(Duration.ofSeconds(20))
                .header("Content-Type", "application/json");
        if (cookies.getCookieStore().getCookies().stream()
            .noneMatch(c -> c.getName().equals("XSRF-TOKEN"))) {
          http.send(
              HttpRequest.newBuilder(URI.create(url + "/api/session/token"))
                  .timeout(Duration.ofSeconds(5))
                  .build(),
              HttpResponse.BodyHandlers.discarding());
        }
        cookies.getCookieStore().getCookies().stream()
            .filter(c -> c.getName().equals("XSRF-TOKEN"))
            .findFirst()
            .ifPresent(c -> r.header("X-XSRF-TOKEN", c.getValue()));
        return http.send(
                r.POST(HttpRequest.BodyPublishers.ofString(body)).build(),
                HttpResponse.BodyHandlers.discarding())
            .statusCode();
      } catch (IOException e) {
        return 0;
      } catch (InterruptedException e) {
        throw Shop.stopped(e);
      }
    }
  }

  // --- the machines -----------------------------------------------------------------------------

  private Path log(String name) {
    return dir.resolve(name + ".log");
  }

  private Path data(Host h) {
    return dir.resolve(h.name()).resolve("data");
  }

  private void asPostgres(Host h, String line) throws IOException {
    String whole = "export PGPASSWORD=" + PASSWORD + " PATH=" + postgres + ":$PATH; cd /; " + line;
    boolean root = "root".equals(System.getProperty("user.name"));
    String quoted = "'" + whole.replace("'", "'\\''") + "'";
    h.run(log(h.name()), root ? "runuser -u postgres -- bash -c " + quoted : whole);
  }

  /** PostgreSQL's own streaming replication; as docs/operations.md has it. */
  private void databases() throws IOException {
    for (Host h : List.of(net.first, net.second)) {
      Path p = Files.createDirectory(dir.resolve(h.name()));
      Files.setPosixFilePermissions(p, PosixFilePermissions.fromString("rwxrwxrwx"));
    }
    Host a = net.first;
    asPostgres(
        a,
        "umask 077; initdb -D %1$s -U app --pwfile=<(echo %2$s) -A scram-sha-256 -E UTF8 --locale=C.UTF-8 && echo 'host all,replication app %3$s scram-sha-256' >>%1$s/pg_hba.conf"
            .formatted(data(a), PASSWORD, net.range()));
    Files.writeString(dir.resolve("settings"), "");
    asPostgres(
        a,
        "cat >>%s/postgresql.conf <<'END'\nport = %d\nunix_socket_directories = ''\nsynchronous_standby_names = '*'\nwal_sender_timeout = 5s\nwal_receiver_timeout = 5s\ntcp_user_timeout = 5000\nhot_standby = on\nclient_connection_check_interval = 2s\nEND"
            .formatted(data(a), DATABASE_PORT));
    start(a);
    Host b = net.second;
    asPostgres(
        b,
        "pg_basebackup -h %s -p %d -U app -D %s -R -X stream -c fast -d \"application_name=second connect_timeout=3 tcp_user_timeout=5000\""
            .formatted(a.address(), DATABASE_PORT, data(b)));
    asPostgres(
        b,
        "echo \"primary_conninfo = 'host=%s port=%d user=app password=%s application_name=second connect_timeout=3'\" >>%s/postgresql.auto.conf"
            .formatted(a.address(), DATABASE_PORT, PASSWORD, data(b)));
    start(b);
  }

  private void start(Host h) throws IOException {
    asPostgres(
        h,
        "pg_ctl -D %s -w -t 60 -l %s/pg.log -o '-c listen_addresses=%s' start"
            .formatted(data(h), data(h), h.address()));
  }

  private void serve(Host h) throws IOException {
    String hosts =
        net.first.address()
            + ":"
            + DATABASE_PORT
            + ","
            + net.second.address()
            + ":"
            + DATABASE_PORT;
    Map<String, String> settings =
        Map.of(
            "KITETAIL_DB_URL",
            "jdbc:postgresql://" + hosts + "/postgres?targetServerType=primary&connectTimeout=2",
            "KITETAIL_DB_USER",
            "app",
            "KITETAIL_DB_PASSWORD",
            PASSWORD,
            "KITETAIL_DEMO",
            "true",
            "KITETAIL_PORT",
            Integer.toString(port(h)),
            // Its simulated devices are asked over the machine's own loopback.
            "SERVER_ADDRESS",
            "0.0.0.0",
            "KITETAIL_MESSAGES_EVERY",
            "2s");
    servers.put(
        h,
        h.begin(
            log("server-" + h.name()),
            settings,
            "java",
            "-Djava.awt.headless=true",
            "-XX:+UseParallelGC",
            "-Xmx600m",
            "-jar",
            app.toString()));
  }

  private void ready(Host h) {
    HttpClient http = HttpClient.newBuilder().connectTimeout(Duration.ofSeconds(2)).build();
    for (int i = 0; i < 400; i++) {
      try {
        if (http.send(
                    HttpRequest.newBuilder(URI.create(url(h) + "/actuator/health/readiness"))
                        .timeout(Duration.ofSeconds(3))
                        .build(),
                    HttpResponse.BodyHandlers.discarding())
                .statusCode()
            == 200) {
          return;
        }
      } catch (IOException e) {
        // not yet
      } catch (InterruptedException e) {
        throw Shop.stopped(e);
      }
      Shop.pause(300);
    }
    throw new IllegalStateException("the server on " + h.name() + " is not ready; more in " + dir);
  }

  private static void kill(Process p) {
    p.descendants().forEach(ProcessHandle::destroyForcibly);
    p.destroyForcibly();
    try {
      p.waitFor(10, TimeUnit.SECONDS);
    } catch (InterruptedException e) {
      throw Shop.stopped(e);
    }
  }

  private void end() throws IOException {
    servers.values().forEach(TwoHosts::kill);
    for (Host h : List.of(net.first, net.second)) {
      try {
        asPostgres(h, "pg_ctl -D " + data(h) + " -m immediate stop || true");
      } catch (IllegalStateException e) {
        // there was none
      }
    }
    net.close();
  }
}
