package kitetail.section;

import static org.assertj.core.api.Assertions.assertThat;
import static org.assertj.core.api.Assertions.assertThatThrownBy;
import static org.assertj.core.api.Assertions.within;

import java.util.List;
import kitetail.head.Head;
import kitetail.head.HeadSpec;
import kitetail.head.Place;
import kitetail.head.Scalp;
import org.junit.jupiter.api.Test;

class CoverTest {
  private static final Scalp HEAD = Scalp.of(Head.of(new HeadSpec.Measured(570, null, null)), 1500);

  private static Section section(String id, Limit... limits) {
    return new Section(id, id, List.of(limits));
  }

  private static final Section TOP =
      section("top", new Limit.Between(Scalar.ABOVE_RIDGE_MM, 0, 400));
  private static final Section LOW =
      section("low", new Limit.Between(Scalar.ABOVE_RIDGE_MM, -400, 0));

  @Test
  void sectionsThatMeet_coverOnce() {
    Cover c = Cover.of(HEAD, List.of(TOP, LOW));
    assertThat(c.gaps()).isEmpty();
    assertThat(c.overlaps()).isEmpty();
  }

  @Test
  void aGap_isNamedWithItsArea_andWhereItIs() {
    Section lower = section("low", new Limit.Between(Scalar.ABOVE_RIDGE_MM, -400, -20));
    Cover c = Cover.of(HEAD, List.of(TOP, lower));
    Section band = section("band", new Limit.Between(Scalar.ABOVE_RIDGE_MM, -20, 0));
    double area = Zone.of(HEAD, Region.of(band.limits().get(0))).areaMm2();
    assertThat(c.gaps()).hasSize(1);
    assertThat(c.gaps().get(0).areaMm2()).isCloseTo(area, within(1e-6));
    assertThat(c.overlaps()).isEmpty();
  }

  @Test
  void anOverlap_isNamedWithBothSections() {
    Section higher = section("low", new Limit.Between(Scalar.ABOVE_RIDGE_MM, -400, 25));
    Cover c = Cover.of(HEAD, List.of(TOP, higher));
    assertThat(c.gaps()).isEmpty();
    assertThat(c.overlaps()).hasSize(1);
    assertThat(c.overlaps().get(0).sections()).containsExactly("top", "low");
  }

  @Test
  void whatIsLaidOver_doesNotCount_andWhatIsLeftOut_isLeftOut() {
    Section over = new Section("edge", "Edge", List.of(), List.of(), true);
    Section rest = new Section("rest", "Rest", List.of(), List.of("top"), false);
    Cover c = Cover.of(HEAD, List.of(TOP, rest, over));
    assertThat(c.gaps()).isEmpty();
    assertThat(c.overlaps()).isEmpty();
  }

  @Test
  void aSectionThatLeavesItselfOut_isRefused_withTheWayRound() {
    Section a = new Section("a", "A", List.of(), List.of("b"), false);
    Section b = new Section("b", "B", List.of(), List.of("a"), false);
    assertThatThrownBy(() -> Region.of(a, List.of(a, b))).hasMessageContaining("[a, b]");
    Section lost = new Section("l", "L", List.of(), List.of("gone"), false);
    assertThatThrownBy(() -> Region.of(lost, List.of(lost)))
        .hasMessageContaining("gone")
        .hasMessageContaining("[l]");
  }

  /** Two sides of a line, and the inside and the outside of a shape, are all there is. */
  @Test
  void besideAndInside_splitTheScalp() {
    List<Anchor> line =
        List.of(new Anchor(Place.CROWN), new Anchor(Place.APEX), new Anchor(Place.FRONT, 0, -14));
    Section left = section("left", new Limit.Beside(line, Limit.Side.LEFT));
    Section right = section("right", new Limit.Beside(line, Limit.Side.RIGHT));
    Cover sides = Cover.of(HEAD, List.of(left, right));
    assertThat(sides.gaps()).isEmpty();
    assertThat(sides.overlaps()).isEmpty();
    assertThat(
            Zone.of(HEAD, Region.of(left.limits().get(0)))
                .holds(HEAD.head().place(Place.RIDGE_LEFT)))
        .isTrue();
    Section triangle =
        section(
            "triangle",
            new Limit.Inside(
                List.of(
                    new Anchor(Place.RECESSION_LEFT, 20, 0),
                    new Anchor(Place.FRONT, 40, 0),
                    new Anchor(Place.RECESSION_RIGHT, 20, 0),
                    new Anchor(Place.APEX))));
    Section rest = new Section("rest", "Rest", List.of(), List.of("triangle"), false);
    Cover shape = Cover.of(HEAD, List.of(triangle, rest));
    assertThat(shape.gaps()).isEmpty();
    assertThat(shape.overlaps()).isEmpty();
    assertThat(Zone.of(HEAD, Region.of(triangle.limits().get(0))).areaMm2())
        .isBetween(1500.0, 9000.0);
  }

  /** An edge tied to a landmark goes where the landmark goes. */
  @Test
  void aLimitTiedToALandmark_followsTheHead() {
    Limit.Between tied =
        new Limit.Between(Scalar.AROUND_DEG, 0, 0, Place.BEHIND_EAR_LEFT, Place.BEHIND_EAR_RIGHT);
    for (double girth : new double[] {530, 570, 610}) {
      Head h = Head.of(new HeadSpec.Measured(girth, null, null));
      assertThat(tied.maxOn(h)).isEqualTo(Scalar.AROUND_DEG.of(h, Place.BEHIND_EAR_RIGHT));
    }
    assertThat(tied.mirrored()).isEqualTo(tied);
  }
}
