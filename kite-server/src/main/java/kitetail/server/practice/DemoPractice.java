package kitetail.server.practice;

import java.time.Clock;
import java.time.OffsetDateTime;
import java.util.List;
import java.util.Map;
import java.util.Random;
import java.util.UUID;
import java.util.stream.Collectors;
import kitetail.cut.CutLine;
import kitetail.cut.Hold;
import kitetail.head.Place;
import kitetail.practice.Attempt;
import kitetail.practice.Course;
import kitetail.practice.Drill;
import kitetail.practice.HoldIt;
import kitetail.practice.Off;
import kitetail.practice.ReadLength;
import kitetail.practice.Tried;
import org.springframework.boot.autoconfigure.condition.ConditionalOnProperty;
import org.springframework.context.event.EventListener;
import org.springframework.stereotype.Component;

/**
 * The weeks a learner of the demo shop has practised: a made-up hand that reads lengths short and
 * holds bites low, less so with time, scored by the engine like any; and the course it is set.
 */
@Component
@ConditionalOnProperty("kitetail.demo-past")
class DemoPractice {
  private static final Course COURSE =
      new Course(
          Course.VERSION,
          "First weeks at the landing",
          List.of(
              new Course.Step(Drill.READ_LENGTH, null, 1, 5),
              new Course.Step(Drill.HOLD, null, 1, 4),
              new Course.Step(Drill.ONE_CENTIMETRE, 7L, 1, 2),
              new Course.Step(Drill.FIND_FAULT, null, 1, 3)));

  private static final int TRIES = 6;
  private static final int EVERY_DAYS = 4;
  private static final double SECONDS = 95;

  private final TryRepository tries;
  private final CourseRepository courses;
  private final Drills drills;
  private final Clock clock;

  DemoPractice(TryRepository tries, CourseRepository courses, Drills drills, Clock clock) {
    this.tries = tries;
    this.courses = courses;
    this.drills = drills;
    this.clock = clock;
  }

  @EventListener
  void joined(LearnerJoined j) {
    OffsetDateTime now = OffsetDateTime.now(clock);
    courses.put(j.shop(), COURSE, now.minusDays(TRIES * EVERY_DAYS));
    Random hand = new Random(j.person());
    for (int n = 0; n < TRIES; n++) {
      OffsetDateTime at = now.minusDays((long) (TRIES - n) * EVERY_DAYS);
      int level = 1 + n / 4;
      double still = 1 - n / (2.0 * TRIES);
      add(j.person(), at, attempt(Drill.READ_LENGTH, n, level, read(n, level, still, hand)));
      add(j.person(), at, attempt(Drill.HOLD, n, level, held(n, level, still, hand)));
    }
    tries.agree(j.person(), new TryRepository.Agreed(true, true));
  }

  private static Attempt attempt(Drill drill, long seed, int level, Tried tried) {
    return new Attempt(Attempt.VERSION, drill, seed, level, SECONDS, false, tried);
  }

  private void add(long person, OffsetDateTime at, Attempt a) {
    tries.add(person, UUID.randomUUID(), at, a, drills.score(a));
  }

  /** A fifth short at first, a tenth in the end. */
  private Tried read(long seed, int level, double still, Random hand) {
    ReadLength task = (ReadLength) drills.task(Drill.READ_LENGTH, seed, level);
    Map<Place, Double> nothing = task.asked().stream().collect(Collectors.toMap(p -> p, p -> 0.0));
    return new Tried.Lengths(
        task.score(new Tried.Lengths(nothing)).offs().stream()
            .collect(
                Collectors.toMap(
                    Off::near,
                    o -> o.wanted() * (1 - 0.2 * still + 0.08 * still * hand.nextGaussian()))));
  }

  /** Some 14° low at first, half of it in the end. */
  private Tried held(long seed, int level, double still, Random hand) {
    HoldIt task = (HoldIt) drills.task(Drill.HOLD, seed, level);
    double elevation = ((Hold.Elevation) task.wish().hold()).elevationDeg();
    double fingers = ((CutLine.Round) task.wish().line()).fingerDeg();
    return new Tried.Held(
        Math.max(0, elevation - 14 * still + 4 * hand.nextGaussian()),
        fingers + 3 * hand.nextGaussian(),
        task.wish().guide());
  }
}
