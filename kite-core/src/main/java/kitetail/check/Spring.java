package kitetail.check;

import kitetail.head.Place;
import kitetail.plan.Outcome;

/** How much hair cut in the hand springs up when it dries and is let go. */
final class Spring {
  /** Less is not seen; an assumption. */
  static final double SEEN_MM = 4;

  private Spring() {}

  /** What is left at a place, as it lay in the hand, less what is seen of it dry; mm. */
  static double mm(Evidence e, Outcome.Step step, Place place) {
    double left = step.leftMm()[e.scalp().root(place)];
    return left * (step.move().handRatio(e.plan().hair()) - e.plan().hair().wetDry().curlRatio());
  }
}
