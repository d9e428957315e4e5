package kitetail.server.practice;

import java.time.OffsetDateTime;
import java.util.ArrayList;
import java.util.Arrays;
import java.util.HashSet;
import java.util.List;
import java.util.Set;
import kitetail.formats.answer.Rounded;
import kitetail.formats.words.PracticeWords;
import kitetail.practice.Cause;
import kitetail.practice.Drill;
import kitetail.practice.Estimate;
import kitetail.practice.Hand;
import kitetail.practice.Skill;
import kitetail.practice.Staircase;
import org.jspecify.annotations.Nullable;

/**
 * How somebody's practice goes.
 *
 * @param drills every drill that can be tried here
 * @param skills what is known of the hand, or not yet
 */
record Progress(List<DrillRow> drills, List<SkillRow> skills) {
  private static final int LAST = 40;

  /** One try. */
  record TryRow(
      OffsetDateTime at,
      int level,
      long seed,
      double share,
      boolean good,
      double mean,
      double spread,
      double seconds,
      Cause cause) {}

  /**
   * @param level of the next try, with fractions
   * @param tries how many there were
   * @param last the last ones, the oldest first
   */
  record DrillRow(Drill drill, String name, double level, int tries, List<TryRow> last) {}

  /**
   * One habit of a hand; without numbers while it was seen too seldom.
   *
   * @param usual the spread of usual hands
   * @param offs one by one, the oldest first
   */
  record SkillRow(
      Skill skill, String name, double usual, @Nullable EstimateRow estimate, List<OffRow> offs) {}

  /** Bias and spread, each with a range that holds it 19 times in 20. */
  record EstimateRow(
      int n,
      double mean,
      double meanLow,
      double meanHigh,
      double spread,
      double spreadLow,
      double spreadHigh) {
    private static EstimateRow of(Estimate e) {
      return new EstimateRow(
          e.n(),
          Rounded.thousandth(e.mean()),
          Rounded.thousandth(e.meanLow()),
          Rounded.thousandth(e.meanHigh()),
          Rounded.thousandth(e.spread()),
          Rounded.thousandth(e.spreadLow()),
          Rounded.thousandth(e.spreadHigh()));
    }
  }

  record OffRow(OffsetDateTime at, double off) {}

  static Progress of(List<TryRepository.Row> tries) {
    return new Progress(
        Arrays.stream(Drill.values())
            .filter(d -> d != Drill.WHOLE_CUT)
            .map(d -> drill(d, tries))
            .toList(),
        Arrays.stream(Skill.values()).map(s -> skill(s, tries)).toList());
  }

  /** The level somebody's next try of a drill is made at, with fractions. */
  static double level(Drill d, List<TryRepository.Row> tries) {
    double level = Staircase.FIRST;
    for (TryRepository.Row t : fresh(tries)) {
      level = t.drill() == d ? Staircase.next(level, t.level(), t.good()) : level;
    }
    return level;
  }

  private static DrillRow drill(Drill d, List<TryRepository.Row> tries) {
    List<TryRow> of =
        tries.stream()
            .filter(t -> t.drill() == d)
            .map(
                t ->
                    new TryRow(
                        t.triedAt(),
                        t.level(),
                        t.seed(),
                        Rounded.thousandth(t.share()),
                        t.good(),
                        Rounded.hundredth(t.mean()),
                        Rounded.hundredth(t.spread()),
                        t.seconds(),
                        t.cause()))
            .toList();
    return new DrillRow(
        d,
        PracticeWords.name(d),
        Rounded.hundredth(level(d, tries)),
        of.size(),
        of.subList(Math.max(0, of.size() - LAST), of.size()));
  }

  private static SkillRow skill(Skill s, List<TryRepository.Row> tries) {
    List<OffRow> offs = new ArrayList<>();
    fresh(tries)
        .forEach(
            t ->
                t.seen().stream()
                    .filter(x -> x.skill() == s)
                    .forEach(x -> offs.add(new OffRow(t.triedAt(), Rounded.thousandth(x.off())))));
    return new SkillRow(
        s,
        PracticeWords.skill(s),
        s.usualSpread(),
        hand(tries).of(s).map(EstimateRow::of).orElse(null),
        offs.subList(Math.max(0, offs.size() - LAST), offs.size()));
  }

  private record Of(Drill drill, long seed, int level) {}

  /** The first on each head: whoever has seen what it came to knows the answer. */
  private static List<TryRepository.Row> fresh(List<TryRepository.Row> tries) {
    Set<Of> known = new HashSet<>();
    return tries.stream().filter(t -> known.add(new Of(t.drill(), t.seed(), t.level()))).toList();
  }

  static Hand hand(List<TryRepository.Row> tries) {
    return Hand.of(fresh(tries).stream().flatMap(t -> t.seen().stream()).toList());
  }
}
