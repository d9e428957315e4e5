package kitetail.cut;

import static org.assertj.core.api.Assertions.assertThat;
import static org.assertj.core.api.Assertions.within;

import java.util.Arrays;
import java.util.List;
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

  private static Grip grip(Cut cut, double had, int bite) {
    double[] hair = new double[BALL.roots()];
    Arrays.fill(hair, had);
    return Grip.of(cut, ALL, Hair.DEFAULT, hair, 1, bite);
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
    assertThat(grip(out(new Guide.Travelling()), 200, 900).bite()).isLessThan(40);
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
