package kitetail.cut;

import static org.assertj.core.api.Assertions.assertThat;
import static org.assertj.core.api.Assertions.assertThatThrownBy;

import java.util.ArrayList;
import java.util.Arrays;
import java.util.List;
import kitetail.On;
import kitetail.hair.Hair;
import kitetail.head.Head;
import kitetail.head.HeadSpec;
import kitetail.head.Scalp;
import kitetail.section.Limit;
import kitetail.section.Scalar;
import kitetail.section.Section;
import kitetail.section.Zone;
import org.junit.jupiter.api.Test;

/** What a comb led by hand leaves: laws, and the planned comb as its own measure. */
class StrokesTest {
  private static final Scalp BALL = Scalp.of(Head.of(new HeadSpec.Ball(90)), 4000);

  /** A quarter of the way round the ball. */
  private static final double HAIRLINE_MM = 45 * Math.PI;

  private static final Section BACK =
      new Section("back", "Back", List.of(new Limit.Between(Scalar.AROUND_DEG, 140, -140)));

  private static Strokes.Stroke straightUp(
      double aroundDeg, double from, double to, java.util.function.DoubleUnaryOperator gapAt) {
    List<Strokes.At> track = new ArrayList<>();
    for (int k = 0; k <= 200; k++) {
      double d = from + (to - from) * k / 200;
      track.add(
          new Strokes.At(
              k / 60.0, aroundDeg, d / HAIRLINE_MM, gapAt.applyAsDouble(from - d), true));
    }
    return new Strokes.Stroke(track);
  }

  private static Strokes comb(double teeth, Strokes.Stroke... s) {
    return new Strokes(List.of(s), Comb.Tool.CLIPPER, 0.5, teeth);
  }

  @Test
  void aStrokeAlongThePlannedTrack_leavesThePlansLengths() {
    for (HeadSpec spec : List.of(new HeadSpec.Measured(575, null, null), On.scanned())) {
      Scalp scalp = Scalp.of(Head.of(spec), 4000);
      Section side =
          new Section(
              "side",
              "Side",
              List.of(
                  new Limit.Between(Scalar.AROUND_DEG, 140, -140),
                  new Limit.Between(Scalar.ABOVE_HAIRLINE_MM, 0, 60)));
      Zone zone = On.zone(scalp, side);
      Comb planned = new Comb(9, 12, 0.5, Comb.Tool.CLIPPER);
      double[] want = planned.leaves(zone, Hair.DEFAULT);
      int seen = 0;
      for (int deg = 145; deg <= 215; deg += 1) {
        double azimuth = Math.toRadians(deg > 180 ? deg - 360 : deg);
        Strokes hand = comb(15, LedAsPlanned.stroke(planned, zone, azimuth, 110, 3));
        double[] got = hand.leaves(zone, Hair.DEFAULT);
        for (int k = 0; k < got.length; k++) {
          double off = scalp.azimuthRad(zone.roots()[k]) - azimuth;
          // Its own column: the planned comb is laid anew for every degree.
          if (Math.abs(Math.IEEEremainder(off, 2 * Math.PI)) < Math.toRadians(0.2)
              && Double.isFinite(got[k])) {
            assertThat(got[k]).isCloseTo(want[k], org.assertj.core.data.Offset.offset(0.1));
            seen++;
          }
        }
      }
      assertThat(seen).isGreaterThan(20);
    }
  }

  @Test
  void aCombLedInASine_leavesThatSine() {
    // On a ball hair straight out meets the track where the track was over its root: exact.
    Zone zone = On.zone(BALL, BACK);
    double from = 140;
    java.util.function.DoubleUnaryOperator sine = s -> 20 + 5 * Math.sin(2 * Math.PI * s / 40);
    double[] got = comb(30, straightUp(180, from, 30, sine)).leaves(zone, Hair.DEFAULT);
    int seen = 0;
    for (int k = 0; k < got.length; k++) {
      int i = zone.roots()[k];
      double s = from - BALL.fromApexMm(i);
      if (Double.isFinite(got[k]) && s > 1 && s < 109) {
        assertThat(got[k])
            .isCloseTo(sine.applyAsDouble(s), org.assertj.core.data.Offset.offset(0.05));
        seen++;
      }
    }
    assertThat(seen).isGreaterThan(80);
  }

  @Test
  void hairBesideTheTeeth_isNotCut_norWhereTheBladesAreOpen() {
    Zone zone = On.zone(BALL, BACK);
    List<Strokes.At> open = new ArrayList<>();
    straightUp(180, 140, 30, s -> 10)
        .track()
        .forEach(
            a ->
                open.add(
                    new Strokes.At(
                        a.seconds(),
                        a.aroundDeg(),
                        a.share(),
                        a.gapMm(),
                        a.share() > 90 / HAIRLINE_MM)));
    double[] got = comb(30, new Strokes.Stroke(open)).leaves(zone, Hair.DEFAULT);
    for (int k = 0; k < got.length; k++) {
      int i = zone.roots()[k];
      boolean inTeeth = Math.abs(BALL.pointMm(i).x()) < 13 && BALL.pointMm(i).y() < 0;
      if (Math.abs(BALL.pointMm(i).x()) > 17 || BALL.fromApexMm(i) < 85) {
        assertThat(got[k]).isInfinite();
      } else if (inTeeth && BALL.fromApexMm(i) > 95 && BALL.fromApexMm(i) < 135) {
        assertThat(got[k]).isCloseTo(10, org.assertj.core.data.Offset.offset(0.1));
      }
    }
  }

  @Test
  void whatADipTook_noLaterStrokeBringsBack_andDownTheHeadItCutsAsUp() {
    Zone zone = On.zone(BALL, BACK);
    Strokes.Stroke low = straightUp(180, 140, 30, s -> 8);
    Strokes.Stroke high = straightUp(180, 140, 30, s -> 15);
    double[] both = comb(30, low, high).leaves(zone, Hair.DEFAULT);
    assertThat(both).containsExactly(comb(30, low).leaves(zone, Hair.DEFAULT));
    Strokes.Stroke down = straightUp(180, 30, 140, s -> 8);
    double[] back = comb(30, down).leaves(zone, Hair.DEFAULT);
    double[] up = comb(30, low).leaves(zone, Hair.DEFAULT);
    for (int k = 0; k < up.length; k++) {
      int i = zone.roots()[k];
      if (BALL.fromApexMm(i) > 35 && BALL.fromApexMm(i) < 135) {
        assertThat(back[k]).isEqualTo(up[k], org.assertj.core.data.Offset.offset(0.01));
      }
    }
  }

  @Test
  void itIsMirroredLikeEverything() {
    Scalp scalp = Scalp.of(Head.of(new HeadSpec.Measured(575, null, null)), 2000);
    Strokes right = comb(30, straightUp(100, 150, 80, s -> 12));
    assertThat(right.mirrored().mirrored()).isEqualTo(right);
    Section all = new Section("all", "All", List.of());
    long there = Arrays.stream(On.leaves(right, scalp, all)).filter(Double::isFinite).count();
    long here =
        Arrays.stream(On.leaves(right.mirrored(), scalp, all)).filter(Double::isFinite).count();
    assertThat(there).isGreaterThan(20).isCloseTo(here, org.assertj.core.data.Offset.offset(12L));
  }

  @Test
  void badStrokes_areSaid() {
    Strokes.At a = new Strokes.At(0, 180, 0.8, 10, true);
    Strokes.At b = new Strokes.At(1, 180, 0.7, 10, true);
    assertThatThrownBy(() -> new Strokes.Stroke(List.of(a)))
        .hasMessage("track must have 2 to 240 points, had 1");
    assertThatThrownBy(() -> new Strokes.Stroke(List.of(b, a)))
        .hasMessageContaining("seconds must not go back");
    assertThatThrownBy(() -> new Strokes.Stroke(java.util.Collections.nCopies(100_000, a)))
        .hasMessageContaining("had 100000");
    assertThatThrownBy(() -> new Strokes.At(0, 200, 0.8, 10, true))
        .hasMessage("aroundDeg must be -180 to 180, was 200");
    assertThatThrownBy(() -> new Strokes.At(0, 0, 0.8, Double.NaN, true))
        .hasMessageContaining("gapMm must be 0 to 120");
  }
}
