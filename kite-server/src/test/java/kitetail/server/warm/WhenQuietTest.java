package kitetail.server.warm;

import static org.assertj.core.api.Assertions.assertThat;

import java.time.Duration;
import java.util.List;
import java.util.concurrent.CopyOnWriteArrayList;
import java.util.concurrent.CountDownLatch;
import java.util.concurrent.TimeUnit;
import org.junit.jupiter.api.Test;

class WhenQuietTest {
  @Test
  void onlyTheLastOfAKeyIsDone_andOneThatFailsStopsNobody() throws InterruptedException {
    WhenQuiet<String> q = new WhenQuiet<>("test", Duration.ofMillis(300));
    List<String> done = new CopyOnWriteArrayList<>();
    CountDownLatch end = new CountDownLatch(1);
    q.then("a", () -> done.add("first"));
    q.then("a", () -> done.add("second"));
    q.then(
        "b",
        () -> {
          throw new IllegalStateException("no such head");
        });
    q.then("a", () -> done.add("third"));
    q.then(
        "c",
        () -> {
          done.add("other");
          end.countDown();
        });
    assertThat(end.await(30, TimeUnit.SECONDS)).isTrue();
    assertThat(done).containsExactly("third", "other");
  }

  @Test
  void whatIsNamedAgainLater_isDoneAgain() throws InterruptedException {
    WhenQuiet<Integer> q = new WhenQuiet<>("test", Duration.ofMillis(1));
    for (int i = 0; i < 3; i++) {
      CountDownLatch end = new CountDownLatch(1);
      q.then(1, end::countDown);
      assertThat(end.await(30, TimeUnit.SECONDS)).isTrue();
    }
  }

  @Test
  void whatHasNotBegunWhenTheServerStops_isNotDone() throws InterruptedException {
    List<String> done = new CopyOnWriteArrayList<>();
    try (WhenQuiet<Integer> q = new WhenQuiet<>("test", Duration.ofMillis(200))) {
      q.then(1, () -> done.add("late"));
    }
    Thread.sleep(400);
    assertThat(done).isEmpty();
  }
}
