package kitetail.server.practice;

import java.time.Clock;
import java.time.Duration;
import java.time.OffsetDateTime;
import java.util.EnumMap;
import java.util.List;
import java.util.Map;
import java.util.UUID;
import kitetail.formats.answer.ScoreView;
import kitetail.formats.answer.TaskView;
import kitetail.formats.words.PracticeWords;
import kitetail.plan.Outcome;
import kitetail.plan.Plan;
import kitetail.planning.Hands;
import kitetail.practice.Attempt;
import kitetail.practice.Course;
import kitetail.practice.Drill;
import kitetail.practice.Hand;
import kitetail.practice.NextDrill;
import kitetail.practice.Seen;
import kitetail.practice.Staircase;
import kitetail.practice.Visited;
import kitetail.server.error.FieldException;
import kitetail.server.security.Person;
import kitetail.shopday.Sitting;
import org.jspecify.annotations.Nullable;
import org.springframework.stereotype.Component;

/** Somebody's practice: what is next, tries and what they taught, and courses. */
@Component
public class PracticeBook {
  private final TryRepository tries;
  private final CourseRepository courses;
  private final Drills drills;
  private final Clock clock;

  PracticeBook(TryRepository tries, CourseRepository courses, Drills drills, Clock clock) {
    this.tries = tries;
    this.courses = courses;
    this.drills = drills;
    this.clock = clock;
  }

  /** What is next, and why it is said in a word: what costs this hand most. */
  record Next(Drill drill, String name, int level) {}

  /**
   * Where somebody stands.
   *
   * @param leftHand which hand they cut with, and all of this is of
   * @param used whether what is learnt of the hand is used in their own plans
   * @param shown whether who teaches sees it
   */
  record Practised(Progress progress, Next next, boolean leftHand, boolean used, boolean shown) {}

  /** What is kept of the hand somebody cuts with. */
  private record Kept(
      boolean leftHand, List<TryRepository.Row> tries, List<TryRepository.Visit> visits) {
    Hand hand() {
      return Progress.hand(tries, visits);
    }

    Progress progress() {
      return Progress.of(tries, visits);
    }
  }

  private Kept kept(long personId) {
    boolean left = tries.leftHanded(personId);
    return new Kept(left, tries.of(personId, left), tries.visits(personId, left));
  }

  Practised of(Person me) {
    Kept mine = kept(me.id());
    TryRepository.Agreed agreed = tries.agreed(me.id());
    Map<Drill, Double> since = new EnumMap<>(Drill.class);
    OffsetDateTime now = OffsetDateTime.now(clock);
    mine.tries()
        .forEach(
            t -> since.put(t.drill(), Duration.between(t.triedAt(), now).toMinutes() / 1440.0));
    Drill next = NextDrill.of(mine.hand(), since);
    return new Practised(
        mine.progress(),
        new Next(
            next, PracticeWords.name(next), Staircase.whole(Progress.level(next, mine.tries()))),
        mine.leftHand(),
        agreed.used(),
        agreed.shown());
  }

  /**
   * @throws FieldException when there is no such head, level or drill to be tried here
   */
  TaskView task(Person me, Drill drill, @Nullable Long seed, @Nullable Integer level) {
    int at = level == null ? Staircase.whole(Progress.level(drill, kept(me.id()).tries())) : level;
    long of = seed == null ? fresh() : seed;
    within("seed", of, 0, Attempt.SEEDS - 1);
    within("level", at, 1, Drill.LEVELS);
    return drills.shown(drill, of, at, me.reads());
  }

  private static void within(String name, long value, long min, long max) {
    if (value < min || value > max) {
      throw new FieldException(name, Long.toString(value), "allowed " + min + " to " + max);
    }
  }

  private static long fresh() {
    return java.util.concurrent.ThreadLocalRandom.current().nextLong(Attempt.SEEDS);
  }

  /**
   * @param level of the next try, with fractions
   */
  record Tried(ScoreView score, double level) {}

  Tried tried(Person me, UUID token, Attempt a) {
    Drills.Scored s = drills.scored(a, me.reads());
    tries.add(me.id(), token, OffsetDateTime.now(clock), a, s.score());
    return new Tried(s.view(), Progress.level(a.drill(), tries.of(me.id(), a.leftHand())));
  }

  /** What a try leaves as far as it has come; nothing of it is written down. */
  Plan after(Attempt a) {
    return drills.after(a);
  }

  void agree(Person me, boolean used, boolean shown) {
    tries.agree(me.id(), new TryRepository.Agreed(used, shown));
  }

  void cutsWith(Person me, boolean leftHand) {
    tries.cutsWith(me.id(), leftHand);
  }

  /** A visit teaches what it showed of the hand that tied it off. */
  public void visited(
      long visitId, long personId, OffsetDateTime at, Outcome planned, Sitting sitting) {
    List<Seen> seen = Visited.of(planned, sitting);
    if (!seen.isEmpty()) {
      tries.visited(visitId, personId, at, seen);
    }
  }

  void forget(Person me) {
    tries.forget(me.id());
  }

  /** The hands a person's plans are tried under: their own where they agreed to it. */
  public Hands hands(Person me) {
    return tries.agreed(me.id()).used() ? kept(me.id()).hand().over(Hands.USUAL) : Hands.USUAL;
  }

  /** How many times as long as planned somebody takes; 1 where they did not agree to it. */
  public double pace(long personId) {
    return tries.agreed(personId).used() ? kept(personId).hand().pace() : 1;
  }

  /**
   * @param names what each step's drill is called
   * @param done for each step how often it was good, of as often as it is to be
   */
  record CourseRow(long id, Course course, List<String> names, List<Integer> done) {
    private static CourseRow of(CourseRepository.Row c, List<Course.Done> tries) {
      return new CourseRow(
          c.id(),
          c.course(),
          c.course().steps().stream().map(s -> PracticeWords.name(s.drill())).toList(),
          c.course().done(tries));
    }
  }

  List<CourseRow> courses(Person me) {
    List<Course.Done> mine = done(kept(me.id()).tries());
    return courses.ofShop(me.shopId()).stream().map(c -> CourseRow.of(c, mine)).toList();
  }

  private static List<Course.Done> done(List<TryRepository.Row> tries) {
    return tries.stream()
        .map(t -> new Course.Done(t.drill(), t.seed(), t.level(), t.good()))
        .toList();
  }

  long put(Person me, Course c) {
    return courses.put(me.shopId(), c, OffsetDateTime.now(clock));
  }

  void delete(Person me, long id) {
    courses.delete(me.shopId(), id);
  }

  /** A learner who agreed to be seen, and how each course goes. */
  record LearnerRow(long id, String name, Progress progress, List<CourseRow> courses) {}

  List<LearnerRow> learners(Person me) {
    List<CourseRepository.Row> all = courses.ofShop(me.shopId());
    return tries.learners(me.shopId()).stream()
        .map(
            l -> {
              Kept of = kept(l.id());
              return new LearnerRow(
                  l.id(),
                  l.name(),
                  of.progress(),
                  all.stream().map(c -> CourseRow.of(c, done(of.tries()))).toList());
            })
        .toList();
  }
}
