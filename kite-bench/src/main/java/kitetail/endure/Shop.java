package kitetail.endure;

import java.io.IOException;
import java.io.UncheckedIOException;
import java.net.ServerSocket;
import java.net.URI;
import java.net.http.HttpClient;
import java.net.http.HttpRequest;
import java.net.http.HttpResponse;
import java.nio.charset.StandardCharsets;
import java.nio.file.Files;
import java.nio.file.Path;
import java.time.Duration;
import java.util.ArrayList;
import java.util.List;
import java.util.concurrent.TimeUnit;

/** A shop in a folder of its own, run by the front door as anybody runs it. */
final class Shop implements AutoCloseable {
  private final HttpClient http =
      HttpClient.newBuilder().connectTimeout(Duration.ofSeconds(2)).build();
  private final Path frontDoor;
  private final Path dir;
  private final Process door;
  private final int port;

  Shop(Path frontDoor, Path dir) throws IOException {
    this.frontDoor = frontDoor;
    this.dir = dir;
    try (ServerSocket s = new ServerSocket(0)) {
      port = s.getLocalPort();
    }
    door = run(home(), "start", "--port", Integer.toString(port));
  }

  Path home() {
    return dir.resolve("home");
  }

  String url() {
    return "http://127.0.0.1:" + port;
  }

  int port() {
    return port;
  }

  /** The front door with a command, on a data folder. */
  Process run(Path data, String... words) throws IOException {
    List<String> all = new ArrayList<>(List.of(frontDoor.toString()));
    all.addAll(List.of(words));
    ProcessBuilder b = new ProcessBuilder(all).redirectErrorStream(true);
    b.environment().put("KITETAIL_HOME", data.toString());
    b.redirectOutput(ProcessBuilder.Redirect.appendTo(log(words[0]).toFile()));
    return b.start();
  }

  Path log(String command) {
    return dir.resolve(command + ".log");
  }

  /** 0 while nobody answers. */
  int health(String of) {
    try {
      return http.send(
              HttpRequest.newBuilder(URI.create(url() + "/actuator/health" + of))
                  .timeout(Duration.ofSeconds(3))
                  .build(),
              HttpResponse.BodyHandlers.discarding())
          .statusCode();
    } catch (IOException e) {
      return 0;
    } catch (InterruptedException e) {
      throw stopped(e);
    }
  }

  /** A figure of the server's metrics, summed over its kinds; NaN while it does not answer. */
  double metric(String name) {
    try {
      String all =
          http.send(
                  HttpRequest.newBuilder(URI.create(url() + "/actuator/prometheus"))
                      .timeout(Duration.ofSeconds(5))
                      .build(),
                  HttpResponse.BodyHandlers.ofString())
              .body();
      return all.lines()
          .filter(l -> l.startsWith(name) && " {".indexOf(l.charAt(name.length())) >= 0)
          .mapToDouble(l -> Double.parseDouble(l.substring(l.lastIndexOf(' ') + 1)))
          .sum();
    } catch (IOException e) {
      return Double.NaN;
    } catch (InterruptedException e) {
      throw stopped(e);
    }
  }

  /** Waits until it stores again. */
  double secondsUntilReady(long fromNanos) {
    while (health("/readiness") != 200) {
      double s = (System.nanoTime() - fromNanos) / 1e9;
      if (s > 180) {
        return Double.POSITIVE_INFINITY;
      }
      pause(200);
    }
    return (System.nanoTime() - fromNanos) / 1e9;
  }

  /** The server's own process. */
  ProcessHandle server() {
    return door.descendants()
        .filter(p -> p.info().commandLine().orElse("").contains("kitetail-app.jar"))
        .findFirst()
        .orElseThrow(() -> new IllegalStateException("there is no server just now"));
  }

  long databaseProcess() throws IOException {
    return Long.parseLong(postmaster(0));
  }

  private String postmaster(int line) throws IOException {
    return Files.readAllLines(home().resolve("data/postmaster.pid"), StandardCharsets.UTF_8)
        .get(line)
        .strip();
  }

  Database database() {
    try {
      return new Database(
          "127.0.0.1",
          Integer.parseInt(postmaster(3)),
          Files.readString(home().resolve("password")));
    } catch (IOException e) {
      throw new UncheckedIOException(e);
    }
  }

  static void signal(long pid, String which) throws IOException {
    try {
      new ProcessBuilder("kill", "-" + which, Long.toString(pid)).start().waitFor();
    } catch (InterruptedException e) {
      throw stopped(e);
    }
  }

  static void pause(long ms) {
    try {
      Thread.sleep(ms);
    } catch (InterruptedException e) {
      throw stopped(e);
    }
  }

  static IllegalStateException stopped(InterruptedException e) {
    Thread.currentThread().interrupt();
    return new IllegalStateException(e);
  }

  @Override
  public void close() {
    door.destroy();
    try {
      if (!door.waitFor(60, TimeUnit.SECONDS)) {
        door.destroyForcibly();
      }
    } catch (InterruptedException e) {
      throw stopped(e);
    }
  }
}
