package kitetail.server.practice;

import java.time.OffsetDateTime;
import java.util.ArrayList;
import java.util.Arrays;
import java.util.Comparator;
import java.util.HashSet;
import java.util.List;
import java.util.Set;
import java.util.stream.Stream;
import kitetail.formats.answer.Rounded;
import kitetail.formats.words.PracticeWords;
import kitetail.practice.Cause;
import kitetail.practice.Drill;
import kitetail.practice.Estimate;
import kitetail.practice.Hand;
import kitetail.practice.Seen;
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

  static Progress of(List<TryRepository.Row> tries, List<TryRepository.Visit> visits) {
    List<Shown> shown = shown(tries, visits);
    return new Progress(
        Arrays.stream(Drill.values()).map(d -> drill(d, tries)).toList(),
        Arrays.stream(Skill.values()).map(s -> skill(s, shown)).toList());
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

  /** What of a hand was shown at a moment, in a drill or at a visit. */
  private record Shown(OffsetDateTime at, List<Seen> seen) {}

  private static List<Shown> shown(
      List<TryRepository.Row> tries, List<TryRepository.Visit> visits) {
    return Stream.concat(
            fresh(tries).stream().map(t -> new Shown(t.triedAt(), t.seen())),
            visits.stream().map(v -> new Shown(v.at(), v.seen())))
        .sorted(Comparator.comparing(Shown::at))
        .toList();
  }

  private static SkillRow skill(Skill s, List<Shown> shown) {
    List<OffRow> offs = new ArrayList<>();
    shown.forEach(
        t ->
            t.seen().stream()
                .filter(x -> x.skill() == s)
                .forEach(x -> offs.add(new OffRow(t.at(), Rounded.thousandth(x.off())))));
    return new SkillRow(
        s,
        PracticeWords.skill(s),
        s.usualSpread(),
        hand(shown).of(s).map(EstimateRow::of).orElse(null),
        offs.subList(Math.max(0, offs.size() - LAST), offs.size()));
  }

  private record Of(Drill drill, long seed, int level) {}

  /** The first on each head: whoever has seen what it came to knows the answer. */
  private static List<TryRepository.Row> fresh(List<TryRepository.Row> tries) {
    Set<Of> known = new HashSet<>();
    return tries.stream().filter(t -> known.add(new Of(t.drill(), t.seed(), t.level()))).toList();
  }

  /** All that is known of a hand, from drills and visits together. */
  static Hand hand(List<TryRepository.Row> tries, List<TryRepository.Visit> visits) {
    return hand(shown(tries, visits));
  }

  private static Hand hand(List<Shown> shown) {
    return Hand.of(shown.stream().flatMap(t -> t.seen().stream()).toList());
  }
}
