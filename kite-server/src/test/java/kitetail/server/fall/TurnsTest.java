package kitetail.server.fall;

import static org.assertj.core.api.Assertions.assertThat;
import static org.assertj.core.api.Assertions.assertThatThrownBy;

import io.micrometer.core.instrument.simple.SimpleMeterRegistry;
import java.util.ArrayList;
import java.util.Collections;
import java.util.List;
import java.util.concurrent.CompletableFuture;
import java.util.concurrent.CountDownLatch;
import java.util.concurrent.TimeUnit;
import org.junit.jupiter.api.AfterEach;
import org.junit.jupiter.api.Test;

/** Who goes before whom. */
class TurnsTest {
  private final Turns turns = new Turns(new SimpleMeterRegistry());
  private final List<String> done = Collections.synchronizedList(new ArrayList<>());

  @AfterEach
  void close() {
    turns.close();
  }

  private CompletableFuture<String> ask(boolean first, String name) {
    return turns.ask(
        first,
        () -> {
          done.add(name);
          return name;
        });
  }

  @Test
  void theQuickGoFirst_thenInTheOrderTheyWereAsked() throws Exception {
    CountDownLatch begun = new CountDownLatch(1);
    CountDownLatch held = new CountDownLatch(1);
    turns.ask(
        false,
        () -> {
          begun.countDown();
          try {
            return held.await(10, TimeUnit.SECONDS);
          } catch (InterruptedException e) {
            throw new IllegalStateException(e);
          }
        });
    assertThat(begun.await(10, TimeUnit.SECONDS)).isTrue();
    List<CompletableFuture<String>> all =
        List.of(
            ask(false, "fine 1"),
            ask(false, "fine 2"),
            ask(true, "coarse 1"),
            ask(true, "coarse 2"));
    assertThat(turns.waiting()).isEqualTo(4);
    held.countDown();
    for (CompletableFuture<String> f : all) {
      f.get(10, TimeUnit.SECONDS);
    }
    assertThat(done).containsExactly("coarse 1", "coarse 2", "fine 1", "fine 2");
  }

  @Test
  void whatGoesWrong_isToldToWhoAsked_andTheNextGoesOn() throws Exception {
    CompletableFuture<String> wrong =
        turns.ask(
            false,
            () -> {
              throw new IllegalArgumentException("week must be 0 to 52");
            });
    assertThatThrownBy(() -> wrong.get(10, TimeUnit.SECONDS)).hasMessageContaining("week must be");
    assertThat(ask(false, "next").get(10, TimeUnit.SECONDS)).isEqualTo("next");
  }
}
