package kitetail.formats;

import static org.assertj.core.api.Assertions.assertThat;
import static org.assertj.core.api.Assertions.assertThatThrownBy;

import java.time.Duration;
import java.util.concurrent.atomic.AtomicInteger;
import kitetail.fall.Fall;
import kitetail.formats.json.Families;
import kitetail.head.BodyField;
import kitetail.head.Head;
import kitetail.head.Scalp;
import kitetail.plan.Plan;
import kitetail.plan.Workbench;
import kitetail.planning.Planner;
import kitetail.planning.SameLongest;
import kitetail.planning.Worn;
import kitetail.work.Deadline;
import org.junit.jupiter.api.Test;
import org.junit.jupiter.api.Timeout;

/** Long work ends soon after its time is over, whichever of its threads notices first. */
@Timeout(60)
class DeadlineTest {
  private static final Plan PLAN = Families.all().get("tapered-pixie");
  private static final Head HEAD = Head.of(PLAN.head());
  private static final Scalp FEW = Scalp.of(HEAD, Fall.PREVIEW_STRANDS);

  private static void stops(Deadline.Work<?, RuntimeException> work) {
    assertThatThrownBy(() -> Deadline.in(Duration.ofMillis(3)).during(work))
        .isInstanceOf(Deadline.Passed.class);
    assertThat(Deadline.current()).as("the thread's own is put back").isSameAs(Deadline.NEVER);
  }

  @Test
  void aFit() {
    stops(() -> Planner.fit(PLAN, new Workbench(FEW)));
  }

  @Test
  void aFall() {
    Worn.Stand stand = Worn.Stand.of(FEW, BodyField.of(HEAD));
    stops(() -> Worn.of(PLAN, stand, 0));
  }

  /** Told of far fewer settings than there are. */
  @Test
  void theSearchForWhatLooksTheSameLongest() {
    Worn.Stand stand = Worn.Stand.of(FEW, BodyField.of(HEAD));
    AtomicInteger tried = new AtomicInteger();
    stops(() -> SameLongest.of(PLAN, stand, 12, n -> tried.incrementAndGet()));
    assertThat(tried.get()).isLessThan(SameLongest.TRIED);
  }
}
