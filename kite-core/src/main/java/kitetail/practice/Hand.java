package kitetail.practice;

import java.util.ArrayList;
import java.util.EnumMap;
import java.util.List;
import java.util.Map;
import java.util.Optional;
import kitetail.planning.Hands;
import kitetail.shopday.Timed;

/** All that is known of one hand, from drills and visits together. */
public final class Hand {
  private final Map<Skill, List<Double>> seen = new EnumMap<>(Skill.class);

  private Hand() {}

  public static Hand of(List<Seen> all) {
    Hand h = new Hand();
    all.forEach(s -> h.seen.computeIfAbsent(s.skill(), k -> new ArrayList<>()).add(s.off()));
    return h;
  }

  /** Empty while it was seen too seldom. */
  public Optional<Estimate> of(Skill skill) {
    List<Double> v = seen.getOrDefault(skill, List.of());
    return v.size() < Estimate.LEAST ? Optional.empty() : Optional.of(Estimate.of(v));
  }

  /** Usual hands with what is known of this one put in. */
  public Hands over(Hands usual) {
    return new Hands(
        sink(usual.sinkDeg()),
        spread(Skill.ELEVATION, usual.elevationDeg()),
        of(Skill.FINGER_LENGTH).isPresent()
            ? spread(Skill.FINGER_LENGTH, usual.lengthMm())
            : spread(Skill.COMB_LENGTH, usual.lengthMm()),
        usual.creepMm(),
        usual.eyeMm(),
        spread(Skill.COMB_GAP, usual.gapMm()),
        spread(Skill.COMB_LEAN, usual.leanDeg()),
        usual.tensionShare());
  }

  private double spread(Skill skill, double usual) {
    return of(skill).map(e -> Math.min(Hands.MOST, e.spreadOver(usual))).orElse(usual);
  }

  /** A bite held too high is no elbow that sinks. */
  private double sink(double usual) {
    return of(Skill.ELEVATION)
        .map(e -> Math.max(0, Math.min(Hands.MOST, -e.biasOver(-usual))))
        .orElse(usual);
  }

  /** How many times as long as planned this hand takes. */
  public double pace() {
    return of(Skill.PACE).map(e -> Timed.factor(1 + e.biasOver(0))).orElse(1.0);
  }

  /** How much worse than usual hands a skill is: its spread and bias over the usual spread. */
  public double overUsual(Skill skill) {
    return of(skill).map(e -> Math.hypot(e.mean(), e.spread()) / skill.usualSpread()).orElse(1.0);
  }
}
