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

class MapGridTest {
  private static final Head HEAD = Head.of(new HeadSpec.Measured(570, null, null));
  private static final Section TOP =
      new Section("top", "Top", List.of(new Limit.Between(Scalar.ABOVE_RIDGE_MM, -6, 400)));
  private static final Section LEFT =
      new Section(
          "left",
          "Left",
          List.of(
              new Limit.Between(Scalar.ABOVE_RIDGE_MM, -400, -6),
              new Limit.Between(Scalar.ACROSS_MM, -200, 0)));
  private static final Section RIGHT =
      new Section(
          "right",
          "Right",
          List.of(
              new Limit.Between(Scalar.ABOVE_RIDGE_MM, -400, -6),
              new Limit.Between(Scalar.ACROSS_MM, 0, 200)));
  private static final List<Section> ALL = List.of(TOP, LEFT, RIGHT);

  @Test
  void onABall_aSectionRoundTheApex_isACircle_ofItsDistance() {
    MapGrid grid = MapGrid.of(Head.of(new HeadSpec.Ball(90)));
    List<List<MapGrid.Stretch>> rings =
        grid.rings(Region.of(new Limit.Between(Scalar.FROM_APEX_MM, 0, 50)));
    assertThat(rings).hasSize(1);
    assertThat(rings.get(0)).hasSize(1);
    MapGrid.Stretch s = rings.get(0).get(0);
    assertThat(s.limit()).isZero();
    assertThat(s.bound()).as("its upper end").isTrue();
    assertThat(s.points())
        .hasSizeGreaterThan(60)
        .allSatisfy(p -> assertThat(Math.hypot(p[0], p[1])).isCloseTo(50, within(0.1)));
    assertThat(s.points().get(0)).isEqualTo(s.points().get(s.points().size() - 1));
  }

  @Test
  void everyStretch_liesOnTheLimitItNames_orOnTheHairline() {
    MapGrid grid = MapGrid.of(HEAD);
    for (MapGrid.Stretch s : grid.rings(Region.of(LEFT, ALL)).get(0)) {
      for (double[] p : s.points().subList(1, s.points().size() - 1)) {
        double d = Math.hypot(p[0], p[1]);
        double a = Math.atan2(p[0], p[1]);
        double off =
            switch (s.limit()) {
              case -1 -> d - HEAD.hairlineFromApexMm(a);
              case 0 -> HEAD.ridgeFromApexMm(a) - d + 6;
              default -> p[0];
            };
        assertThat(off)
            .as("limit %d at %.0f, %.0f", s.limit(), p[0], p[1])
            .isCloseTo(0, within(0.6));
      }
    }
  }

  @Test
  void aDraggedEdge_snapsToTheRidge_andTakesItsNeighboursAlong() {
    double a = -Math.PI / 2;
    double near = HEAD.ridgeFromApexMm(a) + 3;
    EdgeDrag drag =
        EdgeDrag.to(HEAD, ALL, "top", 0, false, 0, 0, near * Math.sin(a), near * Math.cos(a));
    assertThat(drag.line()).isTrue();
    assertThat(drag.moved()).containsExactly("top", "left", "right");
    Cover cover = Cover.of(Scalp.of(HEAD, 600), drag.sections());
    assertThat(cover.gaps()).isEmpty();
    assertThat(cover.overlaps()).isEmpty();
  }

  @Test
  void farFromAnyLandmark_itStaysWhereItIsPut_andNearOneItSnaps() {
    Scalp s = Scalp.ofPlaces(HEAD);
    double d = s.fromApexMm(s.root(Place.BEHIND_EAR_RIGHT)) - 30;
    double at = s.azimuthRad(s.root(Place.BEHIND_EAR_RIGHT));
    Section front =
        new Section("f", "Front", List.of(new Limit.Between(Scalar.AROUND_DEG, -100, 80)));
    for (double off : new double[] {3, 20}) {
      double a = at - Math.toRadians(off);
      EdgeDrag drag =
          EdgeDrag.to(HEAD, List.of(front), "f", 0, true, 0, 0, d * Math.sin(a), d * Math.cos(a));
      Limit.Between b = (Limit.Between) drag.sections().get(0).limits().get(0);
      if (off < 5) {
        assertThat(drag.place()).isEqualTo(Place.BEHIND_EAR_RIGHT);
        assertThat(b.max()).isZero();
      } else {
        assertThat(drag.place()).isNotEqualTo(Place.BEHIND_EAR_RIGHT);
        assertThat(b.maxOn(HEAD)).isCloseTo(Math.toDegrees(a), within(5.0));
      }
    }
  }

  @Test
  void anEdgeThatWouldPassTheOppositeOne_isRefused() {
    Section band =
        new Section("b", "Band", List.of(new Limit.Between(Scalar.FROM_APEX_MM, 40, 60)));
    assertThatThrownBy(() -> EdgeDrag.to(HEAD, List.of(band), "b", 0, false, 0, 0, 75, 0))
        .hasMessageContaining("opposite");
    assertThatThrownBy(() -> EdgeDrag.to(HEAD, List.of(band), "b", 3, false, 0, 0, 75, 0))
        .hasMessageContaining("has 1 edges");
  }

  @Test
  void aCornerOfAShape_movesAlone_andSnapsToAPlace() {
    Section shape =
        new Section(
            "s",
            "Triangle",
            List.of(
                new Limit.Inside(
                    List.of(
                        new Anchor(Place.RECESSION_LEFT),
                        new Anchor(Place.RECESSION_RIGHT),
                        new Anchor(Place.APEX, 20, 0)))));
    EdgeDrag drag = EdgeDrag.to(HEAD, List.of(shape), "s", 0, false, 0, 20, 2, -3);
    assertThat(drag.place()).isEqualTo(Place.APEX);
    Limit.Inside in = (Limit.Inside) drag.sections().get(0).limits().get(0);
    assertThat(in.corners().get(2)).isEqualTo(new Anchor(Place.APEX));
    assertThat(in.corners().get(0)).isEqualTo(new Anchor(Place.RECESSION_LEFT));
  }
}
