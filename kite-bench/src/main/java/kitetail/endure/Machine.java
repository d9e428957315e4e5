package kitetail.endure;

import java.io.IOException;
import java.lang.management.ManagementFactory;
import java.lang.management.ThreadMXBean;
import java.nio.file.Files;
import java.nio.file.Path;
import java.util.ArrayList;
import java.util.List;

/**
 * Whether the machine was its own: under a hypervisor others may have the processors' time (the
 * "steal" of /proc/stat, proc(5)), or their pace, and what was slow then says nothing about the
 * shop. The pace is told by the processor time of a fixed piece of work, which waiting for a turn
 * does not lengthen.
 */
final class Machine implements AutoCloseable {
  private static final Path STAT = Path.of("/proc/stat");
  private static final int STEAL = 8;
  private static final int COUNTED = 8;
  private static final long EVERY_MS = 500;
  private static final int WORK = 20_000;

  /** More than this of a stretch's processor time gone to others: it was not its own. */
  private static final double TAKEN = 0.1;

  /** The work took so many times as long as in the quicker third of the stretches. */
  private static final double SLOWER = 2;

  /** What is answered just after such a stretch was asked within it. */
  private static final long AFTER_NS = 2_000_000_000L;

  private record Stretch(long fromNs, long toNs, boolean taken, long workNs) {}

  private final List<Stretch> all = new ArrayList<>();
  private final ThreadMXBean threads = ManagementFactory.getThreadMXBean();
  private final Thread watch = new Thread(this::watch, "machine");
  private volatile boolean on = true;

  /** What the work comes to, so that it is done at all. */
  @SuppressWarnings("UnusedVariable")
  private volatile double kept;

  Machine() {
    watch.setDaemon(true);
    watch.start();
  }

  private void watch() {
    for (int k = 0; k < 200; k++) {
      work();
    }
    long at = System.nanoTime();
    long[] before = stat();
    while (on) {
      try {
        Thread.sleep(EVERY_MS);
      } catch (InterruptedException e) {
        return;
      }
      long took = work();
      long now = System.nanoTime();
      long[] after = stat();
      synchronized (all) {
        all.add(new Stretch(at, now, taken(before, after), took));
      }
      at = now;
      before = after;
    }
  }

  /** Processor time of the work, in nanoseconds. */
  private long work() {
    long from = threads.getCurrentThreadCpuTime();
    double sum = 0;
    for (int k = 0; k < WORK; k++) {
      sum += Math.atan(k);
    }
    kept = sum;
    return threads.getCurrentThreadCpuTime() - from;
  }

  private static boolean taken(long[] before, long[] after) {
    if (before.length <= STEAL || after.length <= STEAL) {
      return false; // no such file here: all time is taken for its own
    }
    long sum = 0;
    for (int k = 1; k <= COUNTED; k++) {
      sum += after[k] - before[k];
    }
    return sum > 0 && after[STEAL] - before[STEAL] > TAKEN * sum;
  }

  /** The numbers of the line of all processors, from 1 on; none where there is no such file. */
  private static long[] stat() {
    try {
      String[] words = Files.readAllLines(STAT).get(0).split(" +");
      long[] out = new long[words.length];
      for (int k = 1; k < words.length; k++) {
        out[k] = Long.parseLong(words[k]);
      }
      return out;
    } catch (IOException e) {
      return new long[0];
    }
  }

  /** The stretches in which it was not its own, as far as can be told by now. */
  private List<Stretch> lost() {
    synchronized (all) {
      long[] quick = all.stream().mapToLong(Stretch::workNs).sorted().toArray();
      double slow = quick.length == 0 ? 0 : SLOWER * quick[quick.length / 3];
      return all.stream().filter(s -> s.taken() || s.workNs() > slow).toList();
    }
  }

  /** Tells of moments whether nothing was lost between them, nor just before. */
  Own own() {
    List<Stretch> lost = lost();
    return (fromNs, toNs) ->
        lost.stream().noneMatch(s -> s.fromNs() < toNs && fromNs - AFTER_NS < s.toNs());
  }

  interface Own {
    boolean between(long fromNs, long toNs);
  }

  /** The same of something that has only just ended. */
  boolean ownJustNow(long fromNs, long toNs) {
    Shop.pause(2 * EVERY_MS);
    return own().between(fromNs, toNs);
  }

  /** What of all the time until now was lost, 0 to 1. */
  double lostShare() {
    synchronized (all) {
      return all.isEmpty() ? 0 : (double) lost().size() / all.size();
    }
  }

  @Override
  public void close() {
    on = false;
    watch.interrupt();
  }
}
