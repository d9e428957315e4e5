package kitetail.server.head;

import static org.assertj.core.api.Assertions.assertThat;
import static org.assertj.core.api.Assertions.assertThatThrownBy;

import java.time.Duration;
import java.util.ArrayList;
import java.util.List;
import java.util.concurrent.CompletableFuture;
import java.util.concurrent.CountDownLatch;
import java.util.concurrent.ExecutorService;
import java.util.concurrent.Executors;
import java.util.concurrent.ForkJoinPool;
import java.util.concurrent.Future;
import java.util.concurrent.RejectedExecutionException;
import java.util.concurrent.ScheduledExecutorService;
import java.util.concurrent.TimeUnit;
import java.util.concurrent.atomic.AtomicInteger;
import java.util.stream.IntStream;
import kitetail.work.Deadline;
import org.junit.jupiter.api.Test;
import org.junit.jupiter.api.Timeout;

class KeptTest {
  @Test
  void eachIsMadeOnce_howeverManyAsk() throws Exception {
    Kept<String, Integer> kept = new Kept<>(10, v -> 1);
    AtomicInteger made = new AtomicInteger();
    CountDownLatch asked = new CountDownLatch(8);
    ExecutorService at = Executors.newFixedThreadPool(8);
    try {
      List<Future<Integer>> answers = new ArrayList<>();
      for (int i = 0; i < 8; i++) {
        answers.add(
            at.submit(
                () -> {
                  asked.countDown();
                  asked.await();
                  return kept.get("a", k -> made.incrementAndGet());
                }));
      }
      for (Future<Integer> a : answers) {
        assertThat(a.get(1, TimeUnit.MINUTES)).isEqualTo(1);
      }
    } finally {
      at.shutdownNow();
    }
    assertThat(made).hasValue(1);
    assertThat(kept.has("a")).isTrue();
  }

  @Test
  void whatCouldNotBeMade_isTriedAgain() {
    Kept<String, Integer> kept = new Kept<>(10, v -> 1);
    assertThatThrownBy(
            () ->
                kept.get(
                    "a",
                    k -> {
                      throw new IllegalStateException("no head has these measures");
                    }))
        .isInstanceOf(IllegalStateException.class)
        .hasMessage("no head has these measures");
    assertThat(kept.has("a")).isFalse();
    assertThat(kept.get("a", k -> 7)).isEqualTo(7);
  }

  @Test
  void soManyAreKept_andNoMore() {
    Kept<Integer, Integer> kept = new Kept<>(5, v -> 1);
    for (int i = 0; i < 100; i++) {
      kept.get(i, k -> k);
    }
    assertThat(IntStream.range(0, 100).filter(kept::has)).hasSize(5);
  }

  /** The maker needs the only worker, and the worker needs what is being made. */
  @Test
  void aWorkerOfSpreadWork_neverWaitsForWhoMayNeedIt() throws Exception {
    Kept<String, Integer> kept = new Kept<>(10, v -> 1);
    ForkJoinPool oneWorker = new ForkJoinPool(1);
    CountDownLatch making = new CountDownLatch(1);
    ExecutorService at = Executors.newFixedThreadPool(1);
    try {
      Future<Integer> first =
          at.submit(
              () ->
                  kept.get(
                      "a",
                      k -> {
                        making.countDown();
                        return oneWorker.submit(() -> kept.get("a", again -> 2)).join();
                      }));
      making.await();
      assertThat(first.get(1, TimeUnit.MINUTES)).isEqualTo(2);
    } finally {
      at.shutdownNow();
      oneWorker.shutdownNow();
    }
  }

  /** Who cannot even be asked keeps nobody waiting, and is asked again. */
  @Test
  void whoRefusesToBeAsked_isSaidToAll() {
    Kept<String, Integer> kept = new Kept<>(10, v -> 1);
    assertThatThrownBy(
            () ->
                kept.inTurn(
                    "a",
                    k -> {
                      throw new RejectedExecutionException("closing");
                    }))
        .isInstanceOf(RejectedExecutionException.class);
    assertThat(kept.inTurn("a", k -> CompletableFuture.completedFuture(3))).isEqualTo(3);
    assertThatThrownBy(
            () ->
                kept.inTurn(
                    "b", k -> CompletableFuture.failedFuture(new IllegalStateException("no"))))
        .isInstanceOf(IllegalStateException.class);
    assertThat(kept.has("b")).isFalse();
  }

  /** Bounded by what is kept and not by how many: large ones put out more of the others. */
  @Test
  void allThatIsKept_staysWithinItsBytes() {
    Kept<Integer, byte[]> kept = new Kept<>(1_000_000, b -> b.length);
    for (int i = 0; i < 300; i++) {
      int size = i % 3 == 0 ? 90_000 : 4000;
      kept.get(i, k -> new byte[size]);
      assertThat(kept.bytes()).isLessThanOrEqualTo(1_000_000);
    }
    assertThat(kept.bytes()).isGreaterThan(500_000);
    assertThat(kept.has(299)).isTrue();
    assertThat(kept.has(0)).isFalse();
  }

  @Test
  void allSharesTogether_leaveHalfTheHeapToTheWork() {
    assertThat(java.util.Arrays.stream(Share.values()).mapToDouble(Share::percent).sum())
        .isLessThanOrEqualTo(50);
  }

  @Test
  @Timeout(20)
  void nobodyWaitsLongerThanTheyHave() throws Exception {
    Kept<String, Integer> kept = new Kept<>(10, v -> 1);
    CountDownLatch over = new CountDownLatch(1);
    ExecutorService at = Executors.newFixedThreadPool(1);
    try {
      CountDownLatch making = new CountDownLatch(1);
      Future<Integer> slow =
          at.submit(
              () ->
                  kept.get(
                      "a",
                      k -> {
                        making.countDown();
                        await(over);
                        return 7;
                      }));
      making.await();
      assertThatThrownBy(
              () -> Deadline.in(Duration.ofMillis(50)).during(() -> kept.get("a", k -> 8)))
          .isInstanceOf(Deadline.Passed.class);
      over.countDown();
      assertThat(slow.get()).isEqualTo(7);
    } finally {
      at.shutdownNow();
    }
  }

  /** Who asked first had no time left; who waits for the same has, and makes it. */
  @Test
  @Timeout(20)
  void whatSomebodyElseHadNoTimeFor_isMadeByWhoHas() throws Exception {
    Kept<String, Integer> kept = new Kept<>(10, v -> 1);
    CountDownLatch waits = new CountDownLatch(1);
    ScheduledExecutorService at = Executors.newScheduledThreadPool(2);
    try {
      CountDownLatch making = new CountDownLatch(1);
      Future<Integer> hurried =
          at.submit(
              () ->
                  Deadline.in(Duration.ofMillis(100))
                      .during(
                          () ->
                              kept.get(
                                  "a",
                                  k -> {
                                    making.countDown();
                                    await(waits);
                                    Deadline.current().check();
                                    return 7;
                                  })));
      making.await();
      at.schedule(waits::countDown, 200, TimeUnit.MILLISECONDS);
      assertThat(kept.get("a", k -> 8)).isEqualTo(8);
      assertThatThrownBy(hurried::get).hasCauseInstanceOf(Deadline.Passed.class);
    } finally {
      at.shutdownNow();
    }
  }

  private static void await(CountDownLatch l) {
    try {
      l.await(5, TimeUnit.SECONDS);
    } catch (InterruptedException e) {
      Thread.currentThread().interrupt();
    }
  }
}
