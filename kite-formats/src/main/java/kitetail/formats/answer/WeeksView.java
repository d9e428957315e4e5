package kitetail.formats.answer;

import kitetail.planning.Weeks;

/** Weeks until something: for fast growth, in the mean, for slow growth. */
public record WeeksView(double early, double mean, double late) {
  static WeeksView of(Weeks w) {
    return new WeeksView(
        Rounded.tenth(w.early()), Rounded.tenth(w.mean()), Rounded.tenth(w.late()));
  }
}
