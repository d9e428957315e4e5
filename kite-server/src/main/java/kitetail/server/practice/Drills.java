package kitetail.server.practice;

import java.util.Collections;
import java.util.LinkedHashMap;
import java.util.List;
import java.util.Map;
import java.util.function.Supplier;
import kitetail.formats.answer.ScoreView;
import kitetail.formats.answer.TaskView;
import kitetail.formats.json.Families;
import kitetail.formats.words.PracticeWords;
import kitetail.formats.words.Units;
import kitetail.formats.words.Words;
import kitetail.plan.Plan;
import kitetail.practice.Attempt;
import kitetail.practice.Drill;
import kitetail.practice.Score;
import kitetail.practice.Task;
import kitetail.server.error.FieldException;
import org.springframework.stereotype.Component;

/** Drills as they are shown and scored; made anew from their seed, and the last ones kept. */
@Component
class Drills {
  private static final int KEPT = 64;

  private record Key(Drill drill, long seed, int level) {}

  private final Map<Key, Task> kept =
      Collections.synchronizedMap(
          new LinkedHashMap<>(KEPT, 0.75f, true) {
            @Override
            protected boolean removeEldestEntry(Map.Entry<Key, Task> eldest) {
              return size() > KEPT;
            }
          });

  /** The shapes drills are about: those that ship, so that a seed is the same everywhere. */
  private static List<Plan> shapes() {
    return List.copyOf(Families.all().values());
  }

  Task task(Drill drill, long seed, int level) {
    return task(new Key(drill, seed, level));
  }

  private Task task(Key key) {
    Task known = kept.get(key);
    if (known == null) {
      known = Task.of(key.drill(), key.seed(), key.level(), shapes());
      kept.put(key, known);
    }
    return known;
  }

  TaskView shown(Drill drill, long seed, int level, Units units) {
    return TaskView.of(task(drill, seed, level), seed, level, words(units));
  }

  Score score(Attempt a) {
    return task(a.drill(), a.seed(), a.level()).score(a.tried());
  }

  /** A try and what it came to. */
  record Scored(Score score, ScoreView view) {}

  /**
   * @throws FieldException when the drill is not answered like that
   */
  Scored scored(Attempt a, Units units) {
    Task t = task(a.drill(), a.seed(), a.level());
    return answered(
        () -> {
          Score s = t.score(a.tried());
          return new Scored(s, ScoreView.of(t, a, s, words(units)));
        });
  }

  /**
   * What is left so far.
   *
   * @throws FieldException when the drill is not answered like that
   */
  Plan after(Attempt a) {
    return answered(() -> task(a.drill(), a.seed(), a.level()).after(a.tried()));
  }

  private static <T> T answered(Supplier<T> by) {
    try {
      return by.get();
    } catch (IllegalArgumentException e) {
      throw new FieldException("$.attempt.tried", "this", e.getMessage());
    }
  }

  private static PracticeWords words(Units units) {
    return new PracticeWords(new Words(units));
  }
}
