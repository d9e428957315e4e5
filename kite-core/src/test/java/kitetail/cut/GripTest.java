package kitetail.cut;

import static org.assertj.core.api.Assertions.assertThat;
import static org.assertj.core.api.Assertions.within;

import java.util.Arrays;
import java.util.List;
import java.util.stream.IntStream;
import kitetail.On;
import kitetail.geom.Vec3;
import kitetail.hair.Hair;
import kitetail.head.Head;
import kitetail.head.HeadSpec;
import kitetail.head.Place;
import kitetail.head.Scalp;
import kitetail.section.Facing;
import kitetail.section.Section;
import kitetail.section.Zone;
import org.junit.jupiter.api.Test;

/** The bite drawn in the hand, on a ball of 90 mm. */
class GripTest {
  private static final Scalp BALL = Scalp.of(Head.of(new HeadSpec.Ball(90)), 4000);
  private static final Zone ALL = On.zone(BALL, new Section("all", "All", List.of()));
  private static final Vec3 CENTRE = BALL.head().surface().centreMm();

  private static Holding holding(Cut cut, double had) {
    double[] before = new double[BALL.roots()];
    Arrays.fill(before, had);
    double[] after = before.clone();
    double[] leaves = cut.leaves(ALL, Hair.DEFAULT);
    for (int k = 0; k < leaves.length; k++) {
      after[ALL.roots()[k]] = Math.min(had, leaves[k]);
    }
    return Holding.of(cut, ALL, before, after, 1, Fingers.HAND_MM);
  }

  private static Grip grip(Cut cut, double had, int bite) {
    return holding(cut, had).grip(bite);
  }

  private static Fingers out(Guide guide) {
    return new Fingers(new Hold.StraightOut(), new CutLine.Round(60), guide, Facing.UP, 12);
  }

  @Test
  void straightOut_theFingersLieAtTheGuidesLength_withinAHandAndABite() {
    Grip g = grip(out(new Guide.Travelling()), 200, 4);
    assertThat(g.bite()).isEqualTo(4);
    assertThat(g.strands()).hasSizeGreaterThan(8);
    for (Vec3[] s : g.strands()) {
      assertThat(s[1].distanceTo(CENTRE)).isCloseTo(150, within(0.1));
      assertThat(s[0].distanceTo(s[1])).isCloseTo(60, within(0.1));
      assertThat(s[0].distanceTo(g.strands().get(0)[0])).isLessThan(Fingers.HAND_MM + 13);
    }
    double across = g.edgeMm().get(0).distanceTo(g.edgeMm().get(g.edgeMm().size() - 1));
    assertThat(across).as("the line runs along the parting").isGreaterThan(35);
    assertThat(Math.abs(g.edgeMm().get(0).z() - g.edgeMm().get(4).z())).isLessThan(14);
  }

  @Test
  void hairThatDoesNotReach_endsWhereItEnds() {
    assertThat(grip(out(new Guide.Travelling()), 40, 3).strands())
        .allSatisfy(s -> assertThat(s[0].distanceTo(s[1])).isCloseTo(40, within(0.1)));
  }

  @Test
  void toAFixedGuide_everyHairIsBroughtToOneSpot() {
    Grip g = grip(out(new Guide.Fixed(Place.APEX, Guide.Gather.SPOT)), 400, 5);
    Vec3 spot = g.strands().get(0)[1];
    assertThat(spot.distanceTo(CENTRE)).isCloseTo(150, within(0.1));
    assertThat(g.strands()).allSatisfy(s -> assertThat(s[1].distanceTo(spot)).isLessThan(0.1));
  }

  @Test
  void pastTheLastBite_theLastIsShown() {
    Holding all = holding(out(new Guide.Travelling()), 200);
    assertThat(all.grip(900).bite()).isEqualTo(all.bites());
  }

  /** As many as the plan counts minutes for; every hair in one of them, none wider than a hand. */
  @Test
  void theBitesOfASection_takeAllOfIt_eachNoWiderThanAHandAndABite() {
    Fingers f = out(new Guide.Travelling());
    Holding all = holding(f, 200);
    assertThat(all.bites()).isEqualTo(Bites.of(f, ALL).count());
    for (int n = 1; n <= all.bites(); n++) {
      int bite = n;
      List<Vec3> roots =
          IntStream.range(0, ALL.roots().length)
              .filter(k -> all.biteOf(k) == bite)
              .mapToObj(k -> BALL.pointMm(ALL.roots()[k]))
              .toList();
      assertThat(roots).as("bite %d", n).isNotEmpty();
      assertThat(roots)
          .allSatisfy(
              p ->
                  assertThat(p.distanceTo(roots.get(0)))
                      .isLessThan(1.15 * (Fingers.HAND_MM + f.biteMm())));
    }
    assertThat(IntStream.range(0, ALL.roots().length))
        .allMatch(k -> all.biteOf(k) > 0 || ALL.roots()[k] >= BALL.sites());
  }

  /** Bites are cut from the first to the last: nobody goes back to a parting that is done. */
  @Test
  void oneBiteAfterAnother_goesUpTheHead() {
    Fingers f = out(new Guide.Travelling());
    Holding all = holding(f, 200);
    double[] first = new double[all.bites() + 1];
    Arrays.fill(first, Double.MAX_VALUE);
    for (int k = 0; k < ALL.roots().length; k++) {
      double at = f.parting().atMm(BALL.head(), BALL.pointMm(ALL.roots()[k]));
      first[all.biteOf(k)] = Math.min(first[all.biteOf(k)], at);
    }
    for (int n = 2; n <= all.bites(); n++) {
      assertThat(first[n]).as("bite %d", n).isGreaterThan(first[n - 1] - f.biteMm());
    }
  }

  @Test
  void countedOtherwiseElsewhere_theBiteIsTheOneAsFarOn() {
    Holding all = holding(out(new Guide.Travelling()), 200);
    assertThat(all.asFarOn(1, all.bites())).isEqualTo(1);
    assertThat(all.asFarOn(all.bites(), all.bites())).isEqualTo(all.bites());
    assertThat(all.asFarOn(5, 10)).isEqualTo((int) Math.ceil(all.bites() / 2.0));
    assertThat(all.asFarOn(900, 10)).isEqualTo(all.bites());
  }

  @Test
  void aComb_startsItsGapOffTheSkin_andAGuardStaysItsHeight() {
    Grip comb = grip(new Comb(12, 0, 2.5, Comb.Tool.SCISSORS), 200, 1);
    assertThat(comb.edgeMm().get(0).distanceTo(CENTRE)).isCloseTo(102, within(0.5));
    Grip guard = grip(new Guard(4, 0, Guard.Grain.AGAINST, null), 200, 2);
    // A number is an eighth of an inch: common practice.
    assertThat(guard.edgeMm())
        .allSatisfy(p -> assertThat(p.distanceTo(CENTRE)).isCloseTo(90 + 12.7, within(0.1)));
  }

  @Test
  void texture_holdsNoBite() {
    assertThat(grip(new Texture(Texture.Tool.NOTCH, 0, 0, 1), 90, 1).strands()).isEmpty();
  }
}
