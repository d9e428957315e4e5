package kitetail.formats.answer;

import java.util.List;
import kitetail.formats.words.AdviceWords;
import kitetail.head.Place;
import kitetail.plan.Plan;
import kitetail.planning.Planner;
import org.jspecify.annotations.Nullable;

/**
 * A fitted plan, where each number came from, and what cannot be met.
 *
 * @param worstMm farthest a reachable wish is missed
 * @param answered in words, what would have been found of it and was answered by the way it is
 *     worked
 * @param document the plan; missing where only what is said of it was asked for
 */
public record FitView(
    double worstMm,
    double rmsMm,
    List<Setting> settings,
    List<Unmet> unmet,
    List<String> answered,
    @Nullable Plan document) {

  /**
   * One number of the plan.
   *
   * @param because the wished place it was fitted to most, if any
   */
  public record Setting(
      String knob, @Nullable String why, double from, double to, @Nullable Place because) {
    private static Setting of(Planner.Setting s) {
      return new Setting(
          s.knob().id(),
          s.knob().why(),
          Rounded.thousandth(s.from()),
          Rounded.thousandth(s.to()),
          s.because());
    }
  }

  /**
   * A wish that cannot be met.
   *
   * @param asked true when the client asked for it
   */
  public record Unmet(
      Place place,
      double needMm,
      double getsMm,
      Planner.Reason reason,
      double weeks,
      boolean asked,
      String words) {
    private static Unmet of(Planner.Unmet u, AdviceWords words) {
      return new Unmet(
          u.place(),
          Rounded.thousandth(u.needMm()),
          Rounded.thousandth(u.getsMm()),
          u.reason(),
          Rounded.thousandth(u.weeks()),
          u.asked(),
          words.unmet(u));
    }
  }

  public static FitView of(Planner.Fit fit, AdviceWords words) {
    return of(fit, words, fit.plan());
  }

  /** The same without the plan itself. */
  static FitView saying(Planner.Fit fit, AdviceWords words) {
    return of(fit, words, null);
  }

  private static FitView of(Planner.Fit fit, AdviceWords words, @Nullable Plan document) {
    return new FitView(
        Rounded.thousandth(fit.worstMm()),
        Rounded.thousandth(fit.rmsMm()),
        fit.settings().stream().map(Setting::of).toList(),
        fit.unmet().stream().map(u -> Unmet.of(u, words)).toList(),
        fit.answered().stream().map(words::answered).distinct().toList(),
        document);
  }
}
