package kitetail.formats;

import static org.assertj.core.api.Assertions.assertThat;

import java.util.ArrayList;
import java.util.Arrays;
import java.util.Collections;
import java.util.EnumMap;
import java.util.List;
import java.util.Map;
import java.util.Random;
import kitetail.formats.json.Families;
import kitetail.head.Head;
import kitetail.head.Place;
import kitetail.head.Scalp;
import kitetail.plan.Plan;
import kitetail.plan.Workbench;
import kitetail.planning.Hands;
import kitetail.planning.Risk;
import kitetail.planning.Telling;
import org.junit.jupiter.params.ParameterizedTest;
import org.junit.jupiter.params.provider.ValueSource;

/** Which few places to measure, held against places taken at random on cuts it has not seen. */
class TellingTest {
  private static final int HELD_OUT = 50;

  @ParameterizedTest
  @ValueSource(strings = {"quiet-side-part", "tapered-pixie", "even-all-over", "soft-tail"})
  void fiveTellingPlaces_tellMoreThanFiveAtRandom(String family) {
    Plan plan = Families.all().get(family);
    Workbench few = new Workbench(Scalp.of(Head.of(plan.head()), Risk.SITES));
    Telling five = Telling.of(plan, few, Hands.USUAL, 5);
    assertThat(five.places()).hasSize(5).doesNotHaveDuplicates();
    double[][] cuts = Risk.cuts(plan, few, Hands.USUAL, 77, HELD_OUT);
    double told = rms(five, cuts, few.scalp());
    double nothing = rms(Telling.of(plan, few, Hands.USUAL, 0), cuts, few.scalp());
    List<Double> random = new ArrayList<>();
    Random r = new Random(5);
    for (int k = 0; k < 20; k++) {
      List<Place> all = new ArrayList<>(Arrays.asList(Place.values()));
      Collections.shuffle(all, r);
      random.add(rms(five.at(all.subList(0, 5)), cuts, few.scalp()));
    }
    double mean = random.stream().mapToDouble(x -> x).average().orElseThrow();
    System.out.printf(
        "%s %s: %.2f told, %.2f random, %.2f unmeasured%n",
        family, five.places(), told, mean, nothing);
    assertThat(told).isLessThan(mean).isLessThan(nothing);
  }

  private static double rms(Telling t, double[][] cuts, Scalp s) {
    double sum = 0;
    for (double[] cut : cuts) {
      Map<Place, Double> measured = new EnumMap<>(Place.class);
      t.places().forEach(p -> measured.put(p, cut[s.root(p)]));
      double[] inferred = t.inferredMm(measured);
      for (int i = 0; i < s.sites(); i++) {
        sum += (inferred[i] - cut[i]) * (inferred[i] - cut[i]) / s.sites() / cuts.length;
      }
    }
    return Math.sqrt(sum);
  }
}
