package kitetail.formats.answer;

import java.util.List;
import kitetail.formats.words.AdviceWords;
import kitetail.planning.Ranking;

/** Families, best first. */
public record RankingView(List<Ranked> families) {

  /**
   * One family on this client.
   *
   * @param weeks until there is hair for it; 0 for today
   * @param reasons in words, why it stands where it stands
   */
  public record Ranked(
      double weeks, String id, String title, double score, List<String> reasons, FitView fit) {
    private static Ranked of(Ranking.Ranked r, AdviceWords words) {
      return new Ranked(
          r.reach().now() ? 0 : Math.ceil(r.reach().weeks()),
          r.family().id(),
          r.fit().plan().title(),
          Rounded.thousandth(r.score()),
          r.reasons().stream().map(words::why).toList(),
          FitView.saying(r.fit(), words));
    }
  }

  public static RankingView of(List<Ranking.Ranked> ranked, AdviceWords words) {
    return new RankingView(ranked.stream().map(r -> Ranked.of(r, words)).toList());
  }
}
