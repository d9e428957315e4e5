package kitetail.fall;

import static org.assertj.core.api.Assertions.assertThat;
import static org.assertj.core.api.Assertions.within;

import java.util.Arrays;
import java.util.List;
import kitetail.geom.Vec3;
import kitetail.hair.Growth;
import kitetail.hair.Hair;
import kitetail.hair.Stock;
import kitetail.hair.WetDry;
import kitetail.head.Head;
import kitetail.head.HeadSpec;
import kitetail.head.Scalp;
import org.junit.jupiter.api.Test;
import org.junit.jupiter.params.ParameterizedTest;
import org.junit.jupiter.params.provider.ValueSource;

/** Curls against the geometry of the helix. */
class CoilTest {
  private static final Ground GROUND =
      Ground.of(Scalp.of(Head.of(new HeadSpec.Measured(570, null, null)), 1000));

  private static Hair hair(double curlRatio) {
    return new Hair(70, 0.36, 220, 75, new WetDry(0.03, curlRatio), Growth.USUAL, List.of());
  }

  private static Fall fall(double mm, double curlRatio) {
    double[] l = new double[GROUND.scalp().roots()];
    Arrays.fill(l, mm);
    return Fall.of(GROUND, hair(curlRatio), Stock.of(l), Styling.NATURAL);
  }

  /** Arc length of (R cos φ, R sin φ, pφ/2π) over one turn, by Simpson's rule. */
  @ParameterizedTest
  @ValueSource(doubles = {0.25, 0.42, 0.6, 0.75, 0.9, 0.97})
  void aTurnOfTheCoil_takesAsMuchHairAsTheHelix(double ratio) {
    Coil c = Coil.of(ratio);
    assertThat(c.ratio()).isCloseTo(ratio, within(1e-6));
    int n = 200;
    double sum = 0;
    double slope = c.pitchMm() / (2 * Math.PI);
    for (int i = 0; i <= n; i++) {
      double phi = 2 * Math.PI * i / n;
      double dx = -c.radiusMm() * Math.sin(phi);
      double dy = c.radiusMm() * Math.cos(phi);
      sum +=
          (i == 0 || i == n ? 1 : i % 2 == 1 ? 4 : 2)
              * Math.sqrt(dx * dx + dy * dy + slope * slope);
    }
    double hairInATurn = sum * 2 * Math.PI / n / 3;
    assertThat(c.pitchMm() / hairInATurn).isCloseTo(ratio, within(1e-6));
  }

  @Test
  void tighterCoils_areNarrower_andStraightHairHasNone() {
    assertThat(Coil.of(0.3).radiusMm()).isLessThan(3);
    assertThat(Coil.of(0.3).pitchMm()).isLessThan(Coil.of(0.6).pitchMm());
    assertThat(Coil.of(0.6).pitchMm()).isLessThan(Coil.of(0.9).pitchMm());
    assertThat(Coil.of(1).straight()).isTrue();
  }

  /** Drawn out, the coiled strand is as long as it was cut. */
  @ParameterizedTest
  @ValueSource(doubles = {0.45, 0.7, 0.85})
  void theStrandsDrawnCoil_isAsLongAsItWasCut(double ratio) {
    Fall f = fall(90, ratio);
    CurledStrand s = new CurledStrand();
    double sum = 0;
    int counted = 0;
    for (int i = 0; i < f.strands(); i += 7) {
      s.of(f, i);
      assertThat(s.curled()).isTrue();
      double length = 0;
      Vec3 before = point(s, 0);
      for (int k = 1; k < s.points(); k++) {
        Vec3 p = point(s, k);
        length += p.distanceTo(before);
        before = p;
      }
      sum += length;
      counted++;
    }
    // It opens from the root over part of a turn, and is drawn in chords.
    assertThat(sum / counted).isCloseTo(90, within(7.0));
  }

  /** Waves run on across neighbouring locks, as on a head of wavy hair: common practice. */
  @Test
  void locksBesideEachOther_waveNearlyTogether() {
    Fall f = fall(90, 0.85);
    CurledStrand s = new CurledStrand();
    int near = 0;
    int together = 0;
    for (int i = 0; i < f.strands(); i += 5) {
      s.of(f, i);
      double here = s.round[0];
      for (int j = i + 1; j < f.strands(); j++) {
        if (f.point(i, 0).distanceTo(f.point(j, 0)) < 9) {
          s.of(f, j);
          near++;
          together += Math.cos(s.round[0] - here) > Math.cos(Math.toRadians(90)) ? 1 : 0;
        }
      }
    }
    assertThat(near).isGreaterThan(300);
    assertThat((double) together / near).isGreaterThan(0.9);
  }

  /** What the browser draws is what the stills draw. */
  @Test
  void allStrandsAtOnce_areTheSameHelices() {
    Fall f = fall(90, 0.7);
    int n = CurledStrand.points(f, CurledStrand.MOST);
    float[] all = CurledStrand.all(f, n);
    assertThat(n).isGreaterThan(f.points());
    for (int i = 0; i < f.strands(); i += 7) {
      double length = 0;
      for (int k = 1; k < n; k++) {
        length += at(all, i * n + k).distanceTo(at(all, i * n + k - 1));
      }
      assertThat(length).isBetween(76.0, 97.0);
      assertThat(at(all, i * n).distanceTo(f.point(i, 0))).isLessThan(1e-4);
    }
  }

  @Test
  void straightHair_keepsItsPoints() {
    Fall f = fall(90, 1);
    assertThat(CurledStrand.points(f, 40)).isEqualTo(f.points());
    assertThat(CurledStrand.all(f, f.points())).isSameAs(f.xyz());
  }

  private static Vec3 at(float[] xyz, int k) {
    return new Vec3(xyz[3 * k], xyz[3 * k + 1], xyz[3 * k + 2]);
  }

  private static Vec3 point(CurledStrand s, int k) {
    double cos = Math.cos(s.round[k]);
    double sin = Math.sin(s.round[k]);
    return new Vec3(
        s.way[3 * k] + cos * s.across[3 * k] + sin * s.over[3 * k],
        s.way[3 * k + 1] + cos * s.across[3 * k + 1] + sin * s.over[3 * k + 1],
        s.way[3 * k + 2] + cos * s.across[3 * k + 2] + sin * s.over[3 * k + 2]);
  }

  /** Common practice: a coily 60 mm stands as about 25. */
  @Test
  void sixtyMillimetresOfCoilyHair_standAsAboutTwentyFive() {
    Fall f = fall(60, 0.42);
    double sum = 0;
    int n = 0;
    for (int i = 0; i < f.strands(); i++) {
      Vec3 root = f.point(i, 0);
      if (root.z() > 60) {
        sum += f.tip(i).distanceTo(root);
        n++;
      }
    }
    assertThat(sum / n).isBetween(20.0, 27.0);
    // And it stands: a fuller outline than as much straight hair let down.
    assertThat(height(f)).isGreaterThan(height(fall(25, 1)) + 3);
  }

  /** How far the hair of the top stands off the skin, mean of the tips. */
  private static double height(Fall f) {
    double sum = 0;
    int n = 0;
    for (int i = 0; i < f.strands(); i++) {
      Vec3 tip = f.tip(i);
      if (f.point(i, 0).z() > 60) {
        sum += f.ground().body().atMm(tip.x(), tip.y(), tip.z(), null);
        n++;
      }
    }
    return sum / n;
  }
}
