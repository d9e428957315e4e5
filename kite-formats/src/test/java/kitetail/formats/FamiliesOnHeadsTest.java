package kitetail.formats;

import static org.assertj.core.api.Assertions.assertThat;
import static org.assertj.core.api.Assertions.within;

import java.util.Arrays;
import java.util.List;
import java.util.Random;
import java.util.stream.IntStream;
import kitetail.formats.answer.PlanResult;
import kitetail.formats.json.Families;
import kitetail.formats.json.PlanJson;
import kitetail.head.Head;
import kitetail.head.HeadMeasureException;
import kitetail.head.HeadSpec;
import kitetail.head.Place;
import kitetail.head.Scalp;
import kitetail.head.Walk;
import kitetail.plan.Outcome;
import kitetail.plan.Plan;
import kitetail.plan.PlanEngine;
import kitetail.plan.Workbench;
import kitetail.section.Cover;
import org.junit.jupiter.api.Test;
import org.junit.jupiter.params.ParameterizedTest;
import org.junit.jupiter.params.provider.MethodSource;

/** Families on heads of every kind: covered once, mirrored, and the same however fine the sites. */
class FamiliesOnHeadsTest {
  static List<Plan> families() {
    return List.copyOf(Families.all().values());
  }

  @Test
  void everyFamilysSections_coverFiftyRandomHeadsOnce() {
    Random r = new Random(4);
    IntStream.range(0, 50).mapToObj(k -> DemoHeads.random(r)).toList().parallelStream()
        .forEach(
            spec -> {
              Scalp s = Scalp.of(Head.of(spec), 700);
              for (Plan f : families()) {
                Cover c = Cover.of(s, f.sections());
                assertThat(c.gaps()).as("%s on %s", f.title(), spec).isEmpty();
                assertThat(c.overlaps()).as("%s on %s", f.title(), spec).isEmpty();
              }
            });
  }

  /** The mirrored plan on the mirrored head leaves the mirrored lengths. */
  @ParameterizedTest
  @MethodSource("families")
  void mirroredPlans_giveMirroredLengths(Plan family) throws HeadMeasureException {
    HeadSpec spec = DemoHeads.random(new Random(11));
    Plan plan = family.on(spec, family.hair(), family.start(), family.wishes(), family.cautions());
    Outcome one = PlanEngine.run(plan, Scalp.of(Head.of(spec), 500));
    Plan mirrored = plan.mirrored();
    Outcome other = PlanEngine.run(mirrored, Scalp.of(Head.of(mirrored.head()), 500));
    Head a = one.scalp().head();
    Head b = other.scalp().head();
    for (Place p : Place.values()) {
      assertThat(b.place(p.mirrored()).x()).as("%s", p).isCloseTo(-a.place(p).x(), within(0.2));
      if (!onAnEdge(family, p)) {
        assertThat(other.endMm(p.mirrored()))
            .as("%s at %s", family.title(), p)
            .isCloseTo(one.endMm(p), within(1.0));
      }
    }
    assertThat(mirrored.mirrored()).isEqualTo(plan);
    // From ear to ear one way is from ear to ear the other way; a point may lie on a section's
    // edge.
    Walk w = one.scalp().walk(Walk.Kind.EAR_TO_EAR);
    Walk v = other.scalp().walk(Walk.Kind.EAR_TO_EAR);
    assertThat(v.size()).isEqualTo(w.size());
    double[] off = new double[w.size()];
    for (int i = 0; i < w.size(); i++) {
      off[i] =
          Math.abs(
              one.afterMm()[w.firstRoot() + i] - other.afterMm()[v.firstRoot() + w.size() - 1 - i]);
    }
    Arrays.sort(off);
    assertThat(off[(int) (0.94 * off.length)]).isLessThan(1);
  }

  /**
   * A place on the very edge of a section belongs to one side of it, and mirrored to the other: the
   * landmarks that families end their sections at, and the end of the one hard line.
   */
  private static boolean onAnEdge(Plan family, Place p) {
    return p.name().startsWith("BEHIND_EAR")
        || p.name().startsWith("MASTOID")
        || family.family().id().equals("hard-line-sweep") && p.name().startsWith("R")
        || family.family().id().equals("lopsided-pixie") && p.mirrored() == p;
  }

  @ParameterizedTest
  @MethodSource("families")
  void aPlanRunAgain_isTheSameToTheLastBit_andReadsBackAsItself(Plan family) {
    Workbench bench = new Workbench(Scalp.of(Head.of(family.head()), 600));
    String first = PlanJson.written(PlanResult.of(family, PlanEngine.run(family, bench), true));
    String again =
        PlanJson.written(
            PlanResult.of(
                family, PlanEngine.run(family, Scalp.of(Head.of(family.head()), 600)), true));
    assertThat(again).isEqualTo(first);
    assertThat(PlanJson.read(PlanJson.write(family))).isEqualTo(family);
  }

  /**
   * The mean length over the scalp comes nearer to that of 16 000 sites as they grow finer: the
   * error falls about as one over the number of sites (order 1 in the number, 2 in the spacing, as
   * for any midpoint rule; section edges, which a site lies wholly on one side of, take from that).
   */
  @Test
  void finerSites_converge() {
    double coarse = 0;
    double middle = 0;
    for (Plan f : families()) {
      Head h = Head.of(f.head());
      double fine = mean(PlanEngine.run(f, Scalp.of(h, 16_000)));
      coarse += Math.abs(mean(PlanEngine.run(f, Scalp.of(h, 1000))) - fine) / families().size();
      middle += Math.abs(mean(PlanEngine.run(f, Scalp.of(h, 4000))) - fine) / families().size();
    }
    assertThat(middle).isLessThan(0.12);
    assertThat(coarse).isLessThan(0.5);
    assertThat(Math.log(coarse / middle) / Math.log(4)).isGreaterThan(0.5);
  }

  private static double mean(Outcome o) {
    Scalp s = o.scalp();
    return IntStream.range(0, s.sites()).mapToDouble(i -> s.areaMm2(i) * o.afterMm()[i]).sum()
        / s.totalAreaMm2();
  }

  /** Lengths at places do not depend on the sites at all, bite by bite moves included. */
  @ParameterizedTest
  @MethodSource("families")
  void placesAreCutTheSame_howeverManySitesThereAre(Plan family) {
    Head h = Head.of(family.head());
    Outcome few = PlanEngine.run(family, Scalp.of(h, 500));
    Outcome none = PlanEngine.run(family, Scalp.ofPlaces(h));
    for (Place p : Place.values()) {
      assertThat(none.endMm(p)).as("%s", p).isCloseTo(few.endMm(p), within(0.35));
    }
    assertThat(Arrays.stream(Place.values()).mapToDouble(few::endMm).max()).isPresent();
  }
}
