package kitetail.server.bench;

import java.util.List;
import java.util.Map;
import kitetail.client.Landing;
import kitetail.client.Wish;
import kitetail.formats.words.Units;
import kitetail.formats.words.Words;
import kitetail.head.Head;
import kitetail.head.Place;
import kitetail.plan.Plan;
import kitetail.planning.Dials;
import kitetail.server.head.Heads;
import org.springframework.stereotype.Component;

/**
 * How long hair must be for its ends to land where stylists name them: targets for a pulled length.
 */
@Component
class NamedLengths {
  private static final Map<Place, List<Landing>> NAMED =
      Map.of(Place.FRONT, Dials.FRINGE_ENDS, Place.NAPE, List.of(Landing.COLLAR));

  private final Heads heads;

  NamedLengths(Heads heads) {
    this.heads = heads;
  }

  /** {@code lengthMm} dry and straight. */
  record LandingRow(Place place, String name, double lengthMm) {}

  /** None for a body without a face. */
  List<LandingRow> of(Plan plan) {
    Head head = heads.fitted(plan.head());
    if (head.face().isEmpty()) {
      return List.of();
    }
    Words words = new Words(Units.CM);
    return NAMED.entrySet().stream()
        .flatMap(e -> e.getValue().stream().map(l -> row(plan, head, e.getKey(), l, words)))
        .toList();
  }

  private static LandingRow row(Plan plan, Head head, Place p, Landing l, Words words) {
    double need = new Wish(p, l).needMm(head, plan.hair());
    return new LandingRow(p, words.landing(l), Math.round(need));
  }
}
