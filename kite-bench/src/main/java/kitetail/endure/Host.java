package kitetail.endure;

import java.io.IOException;
import java.nio.file.Path;
import java.util.ArrayList;
import java.util.List;
import java.util.Map;
import java.util.concurrent.TimeUnit;

/**
 * A machine of a test: a network namespace of its own, or an address of loopback where none can be
 * made.
 *
 * @param space the namespace, null when there is none
 */
record Host(String name, String address, String space) {
  /** Begins a program there. */
  Process begin(Path log, Map<String, String> settings, String... words) throws IOException {
    List<String> all = new ArrayList<>();
    if (space != null) {
      all.addAll(List.of("ip", "netns", "exec", space));
    }
    all.addAll(List.of(words));
    ProcessBuilder b = new ProcessBuilder(all).redirectErrorStream(true);
    b.environment().putAll(settings);
    b.redirectOutput(ProcessBuilder.Redirect.appendTo(log.toFile()));
    return b.start();
  }

  /** Runs a line of the shell there, to its end. */
  void run(Path log, String line) throws IOException {
    if (!ended(begin(log, Map.of(), "bash", "-c", line))) {
      throw new IllegalStateException("on " + name + " this failed (more in " + log + "): " + line);
    }
  }

  static boolean ended(Process p) {
    try {
      return p.waitFor(3, TimeUnit.MINUTES) && p.exitValue() == 0;
    } catch (InterruptedException e) {
      throw Shop.stopped(e);
    }
  }
}
