package kitetail.fall;

import static org.assertj.core.api.Assertions.assertThat;

import java.util.Arrays;
import java.util.List;
import kitetail.geom.Mesh;
import kitetail.geom.Vec3;
import kitetail.hair.Beard;
import kitetail.hair.Growth;
import kitetail.hair.Hair;
import kitetail.hair.NeckHair;
import kitetail.hair.Stock;
import kitetail.hair.WetDry;
import kitetail.head.Bust;
import kitetail.head.FacePlace;
import kitetail.head.Head;
import kitetail.head.HeadSpec;
import kitetail.head.Place;
import kitetail.head.Scalp;
import org.junit.jupiter.api.Test;
import org.junit.jupiter.params.ParameterizedTest;
import org.junit.jupiter.params.provider.EnumSource;
import org.junit.jupiter.params.provider.ValueSource;

/** Where beard and neck hair stand, and how much of the skin they hide: common practice. */
class SkinStrandsTest {
  private static Ground ground(double girthMm) {
    return Ground.of(Scalp.of(Head.of(new HeadSpec.Measured(girthMm, null, null)), 600));
  }

  private static Fall fall(Ground g, Hair hair) {
    double[] l = new double[g.scalp().roots()];
    Arrays.fill(l, 30);
    return Fall.of(g, hair, Stock.of(l), Styling.NATURAL);
  }

  /** How much of the skin is hidden at the vertex of the bust nearest to a point. */
  private static double hidden(Fall f, Vec3 at) {
    Head head = f.ground().scalp().head();
    Mesh bust = Bust.of(head);
    float[] cover = f.ground().besides().cover(f);
    int best = 0;
    double least = Double.MAX_VALUE;
    for (int i = 0; i < bust.vertices(); i++) {
      Vec3 p = new Vec3(bust.points()[3 * i], bust.points()[3 * i + 1], bust.points()[3 * i + 2]);
      if (p.distanceTo(at) < least) {
        least = p.distanceTo(at);
        best = i;
      }
    }
    assertThat(least).as("no skin there").isLessThan(8);
    return cover[best];
  }

  private static Vec3 face(Fall f, FacePlace p) {
    return f.ground().scalp().head().face().get(p);
  }

  @ParameterizedTest
  @ValueSource(doubles = {530, 570, 620})
  void aBeardCoversChinAndJaw_andLeavesNoseBrowAndCheekbonesBare(double girth) {
    Fall f = fall(ground(girth), Hair.DEFAULT.with(Beard.SHORT));
    assertThat(hidden(f, face(f, FacePlace.CHIN))).isGreaterThan(0.3);
    assertThat(hidden(f, face(f, FacePlace.JAW_LEFT))).isGreaterThan(0.3);
    assertThat(hidden(f, face(f, FacePlace.NOSE_TIP))).isZero();
    assertThat(hidden(f, face(f, FacePlace.BROW_LEFT))).isZero();
    assertThat(hidden(f, face(f, FacePlace.EYE_RIGHT).plus(new Vec3(15, 0, -18)))).isZero();
  }

  /** It is joined to the sideburn: between its foot and the jaw no skin is bare. */
  @Test
  void theBeardGoesOnWhereTheSideburnEnds() {
    Fall f = fall(ground(570), Hair.DEFAULT.with(Beard.SHORT));
    for (Place side : new Place[] {Place.SIDEBURN_LEFT, Place.SIDEBURN_RIGHT}) {
      Vec3 foot = f.ground().scalp().head().place(side);
      Vec3 jaw = face(f, side == Place.SIDEBURN_LEFT ? FacePlace.JAW_LEFT : FacePlace.JAW_RIGHT);
      for (double t = 0.2; t <= 1; t += 0.2) {
        Vec3 at = foot.plus(jaw.minus(foot).times(t));
        double here = 0;
        for (double out = 0; out < 9; out += 3) {
          here = Math.max(here, hidden(f, at.plus(new Vec3(Math.signum(at.x()) * out, 0, 0))));
        }
        assertThat(here).as("%s at %.1f", side, t).isGreaterThan(0.1);
      }
    }
  }

  @Test
  void aLongerBeardHidesMore_andLeftAndRightAreAlike() {
    Ground g = ground(570);
    double before = -1;
    for (Beard b : Beard.values()) {
      Fall f = fall(g, Hair.DEFAULT.with(b));
      double chin = hidden(f, face(f, FacePlace.CHIN));
      assertThat(chin).as("%s", b).isGreaterThan(before);
      before = chin;
      assertThat(hidden(f, face(f, FacePlace.JAW_LEFT)))
          .isCloseTo(
              hidden(f, face(f, FacePlace.JAW_RIGHT)), org.assertj.core.data.Offset.offset(0.12));
    }
    assertThat(hidden(fall(g, Hair.DEFAULT), face(fall(g, Hair.DEFAULT), FacePlace.CHIN))).isZero();
  }

  /** A coily beard winds: its hairs are no longer, and reach as far as the helix has it. */
  @Test
  void aCoilyBeard_isAsShortAsItsCoils() {
    Ground g = ground(570);
    Hair coily =
        new Hair(60, 0.36, 200, 70, new WetDry(0.03, 0.42), Growth.USUAL, List.of())
            .with(Beard.FULL);
    double straight = reach(fall(g, Hair.DEFAULT.with(Beard.FULL)));
    double wound = reach(fall(g, coily));
    assertThat(wound / straight).isBetween(0.35, 0.55);
  }

  /** From root to tip, mean. */
  private static double reach(Fall f) {
    int points = f.ground().besides().beardPoints(f, 7);
    float[] xyz = f.ground().besides().beard(f, points, 0.05);
    int n = xyz.length / (3 * points);
    double sum = 0;
    for (int i = 0; i < n; i++) {
      double drawn = 0;
      for (int k = 1; k < points; k++) {
        drawn += at(xyz, i * points + k).distanceTo(at(xyz, i * points + k - 1));
      }
      assertThat(drawn).isLessThan(Beard.FULL.lengthMm() + 0.1);
      sum += at(xyz, i * points + points - 1).distanceTo(at(xyz, i * points));
    }
    return sum / n;
  }

  /** No hair longer than the beard is worn, and every root on the skin. */
  @ParameterizedTest
  @EnumSource(
      value = Beard.class,
      names = {"STUBBLE", "SHORT", "FULL"})
  void itsStrandsAreAsLongAsItIsWorn_andStandOnTheSkin(Beard worn) {
    Fall f = fall(ground(570), Hair.DEFAULT.with(worn));
    int points = 7;
    float[] xyz = f.ground().besides().beard(f, points, 0.05);
    int n = xyz.length / (3 * points);
    assertThat(n).isGreaterThan(400);
    double longest = 0;
    for (int i = 0; i < n; i++) {
      double length = 0;
      for (int k = 1; k < points; k++) {
        length += at(xyz, i * points + k).distanceTo(at(xyz, i * points + k - 1));
      }
      longest = Math.max(longest, length);
      Vec3 root = at(xyz, i * points);
      assertThat(f.ground().body().atMm(root.x(), root.y(), root.z(), null)).isBetween(-4.0, 4.0);
    }
    assertThat(longest).isBetween(0.9 * worn.lengthMm(), worn.lengthMm() + 0.01);
  }

  @Test
  void noBeard_noStrands() {
    Fall f = fall(ground(570), Hair.DEFAULT);
    assertThat(f.ground().besides().beard(f, 7, 0.05)).isEmpty();
    assertThat(f.ground().besides().neck(f, 7, 0.05)).isEmpty();
  }

  /** Cleaned at the cut it comes back within weeks; left alone it is there from the start. */
  @Test
  void neckHairIsCleanedOrLeft_andGrowsBack() {
    Ground g = ground(570);
    Fall cleaned = fall(g, Hair.DEFAULT);
    Fall left = fall(g, Hair.DEFAULT.with(NeckHair.LEFT));
    Vec3 below = g.scalp().head().place(Place.NAPE).plus(new Vec3(0, -2, -9));
    assertThat(hidden(cleaned, below)).isZero();
    assertThat(hidden(cleaned.after(3), below)).isBetween(0.03, hidden(left, below));
    assertThat(hidden(left, below)).isGreaterThan(0.1);
    assertThat(left.neckMm()).isEqualTo(cleaned.after(40).neckMm());
    Vec3 collar = face(left, FacePlace.COLLAR);
    assertThat(hidden(left, collar)).isLessThan(0.5 * hidden(left, below));
  }

  private static Vec3 at(float[] xyz, int k) {
    return new Vec3(xyz[3 * k], xyz[3 * k + 1], xyz[3 * k + 2]);
  }
}
