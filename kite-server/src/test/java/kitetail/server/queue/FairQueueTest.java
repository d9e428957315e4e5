package kitetail.server.queue;

import static org.assertj.core.api.Assertions.assertThat;
import static org.assertj.core.api.Assertions.assertThatThrownBy;

import java.time.Duration;
import java.util.ArrayList;
import java.util.Collections;
import java.util.List;
import java.util.concurrent.CompletableFuture;
import java.util.concurrent.TimeUnit;
import kitetail.server.error.BusyException;
import org.junit.jupiter.api.Test;
import org.junit.jupiter.api.Timeout;

/** Who waits for whom, and who is turned away. */
@Timeout(30)
class FairQueueTest {
  private static final FairQueue.Asker MAUD = new FairQueue.Asker(1, 1);
  private static final FairQueue.Asker JORIS = new FairQueue.Asker(1, 2);
  private static final FairQueue.Asker ELSEWHERE = new FairQueue.Asker(2, 3);

  private final List<String> went = Collections.synchronizedList(new ArrayList<>());

  private static FairQueue queue(int atOnce, int waiting, int ofOne, long longestMs) {
    return new FairQueue(
        new FairQueue.Limits(atOnce, waiting, ofOne, Duration.ofMillis(longestMs)));
  }

  private CompletableFuture<Runnable> ask(FairQueue q, FairQueue.Asker who, String name) {
    int before = q.waiting();
    CompletableFuture<Runnable> f =
        CompletableFuture.supplyAsync(
            () -> {
              Runnable done = q.enter(who);
              went.add(name);
              return done;
            },
            work -> new Thread(work).start());
    while (q.waiting() == before && !f.isDone()) {
      Thread.onSpinWait();
    }
    return f;
  }

  @Test
  void whoAsksForMuch_isLateWithIt_andNobodyElse() throws Exception {
    FairQueue q = queue(2, 20, 20, 20_000);
    Runnable one = q.enter(MAUD);
    Runnable two = q.enter(MAUD);
    List<CompletableFuture<Runnable>> maud = new ArrayList<>();
    for (int i = 0; i < 5; i++) {
      maud.add(ask(q, MAUD, "maud"));
    }
    CompletableFuture<Runnable> joris = ask(q, JORIS, "joris");
    CompletableFuture<Runnable> other = ask(q, ELSEWHERE, "elsewhere");
    // She has one running: the others' turns come before any of the five she asked for earlier.
    one.run();
    other.get(5, TimeUnit.SECONDS).run();
    joris.get(5, TimeUnit.SECONDS).run();
    assertThat(List.copyOf(went).subList(0, 2)).containsExactly("elsewhere", "joris");
    two.run();
    for (CompletableFuture<Runnable> m : maud) {
      m.get(5, TimeUnit.SECONDS).run();
    }
    assertThat(q.running()).isZero();
    assertThat(q.waiting()).isZero();
  }

  @Test
  void tooMany_areTurnedAway_oneForTheirOwn_allForTheRest() {
    FairQueue q = queue(1, 3, 2, 20_000);
    Runnable runs = q.enter(MAUD);
    ask(q, MAUD, "a");
    ask(q, MAUD, "b");
    assertThatThrownBy(() -> q.enter(MAUD))
        .isInstanceOfSatisfying(BusyException.class, e -> assertThat(e.isOnesOwn()).isTrue());
    ask(q, JORIS, "c");
    assertThatThrownBy(() -> q.enter(ELSEWHERE))
        .isInstanceOfSatisfying(BusyException.class, e -> assertThat(e.isOnesOwn()).isFalse());
    runs.run();
  }

  @Test
  void nobodyWaitsForGood_andATurnGivenBackTwice_countsOnce() {
    FairQueue q = queue(1, 5, 5, 50);
    Runnable runs = q.enter(MAUD);
    assertThatThrownBy(() -> q.enter(JORIS)).isInstanceOf(BusyException.class);
    assertThat(q.waiting()).isZero();
    runs.run();
    runs.run();
    assertThat(q.running()).isZero();
    q.enter(JORIS).run();
  }
}
