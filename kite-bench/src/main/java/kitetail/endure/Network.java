package kitetail.endure;

import java.io.IOException;
import java.nio.file.Path;

/** Two machines and whoever asks them, on a network whose lines can be cut. */
final class Network implements AutoCloseable {
  private static final String A = "kitetail-a";
  private static final String B = "kitetail-b";
  private static final String SWITCH = "kitetail-sw";

  private final Path log;
  private final boolean spaces;
  final Host first;
  final Host second;

  /**
   * @param wanted whether namespaces are to be made where they can be
   */
  Network(Path log, boolean wanted) throws IOException {
    this.log = log;
    spaces = wanted && made();
    first = new Host("first", spaces ? "10.77.0.1" : "127.0.0.2", spaces ? A : null);
    second = new Host("second", spaces ? "10.77.0.2" : "127.0.0.3", spaces ? B : null);
  }

  /** Whether the machines are network namespaces, so that lines between them can be cut. */
  boolean canBeCut() {
    return spaces;
  }

  /** Of the network they are on. */
  String range() {
    return spaces ? "10.77.0.0/24" : "127.0.0.0/8";
  }

  private boolean made() throws IOException {
    gone();
    boolean all = ip("link", "add", SWITCH, "type", "bridge");
    all = all && ip("addr", "add", "10.77.0.254/24", "dev", SWITCH);
    all = all && ip("link", "set", SWITCH, "up");
    all = all && joined(A, "10.77.0.1") && joined(B, "10.77.0.2");
    if (!all) {
      gone();
    }
    return all;
  }

  private boolean joined(String space, String address) throws IOException {
    String here = space.replace("kitetail", "kt");
    return ip("netns", "add", space)
        && ip("link", "add", here, "type", "veth", "peer", "name", "eth0", "netns", space)
        && ip("link", "set", here, "master", SWITCH)
        && ip("link", "set", here, "up")
        && ip("-n", space, "addr", "add", address + "/24", "dev", "eth0")
        && ip("-n", space, "link", "set", "eth0", "up")
        && ip("-n", space, "link", "set", "lo", "up");
  }

  /** The two machines do not see one another any more; both are still seen by whoever asks. */
  void cut(boolean so) throws IOException {
    for (Host h : new Host[] {first, second}) {
      String other = h.equals(first) ? second.address() : first.address();
      ip("-n", h.space(), "route", so ? "add" : "del", "blackhole", other + "/32");
    }
  }

  private boolean ip(String... words) throws IOException {
    String[] all = new String[words.length + 1];
    all[0] = "ip";
    System.arraycopy(words, 0, all, 1, words.length);
    try {
      return Host.ended(
          new ProcessBuilder(all)
              .redirectErrorStream(true)
              .redirectOutput(ProcessBuilder.Redirect.appendTo(log.toFile()))
              .start());
    } catch (IOException e) {
      return false; // there is no such program
    }
  }

  private void gone() throws IOException {
    for (String s : new String[] {A, B}) {
      ip("netns", "del", s);
    }
    ip("link", "del", SWITCH);
  }

  @Override
  public void close() throws IOException {
    if (spaces) {
      gone();
    }
  }
}
