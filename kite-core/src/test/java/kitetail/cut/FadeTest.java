package kitetail.cut;

import static org.assertj.core.api.Assertions.assertThat;
import static org.assertj.core.api.Assertions.assertThatThrownBy;
import static org.assertj.core.api.Assertions.within;

import java.util.List;
import kitetail.On;
import kitetail.hair.Damp;
import kitetail.head.Head;
import kitetail.head.HeadSpec;
import kitetail.head.Place;
import kitetail.head.Scalp;
import kitetail.plan.Job;
import kitetail.plan.Move;
import kitetail.section.Section;
import org.junit.jupiter.api.Test;

/** What a barber would find on the head after a fade. */
class FadeTest {
  private static final Scalp HEAD = Scalp.of(Head.of(new HeadSpec.Measured(570, null, null)), 1500);
  private static final Section ALL = new Section("all", "All", List.of());

  /** A half, one, two and three, eighths of an inch each (common practice), a drop. */
  private static final Fade DROP =
      new Fade(
          List.of(
              new Fade.Band(0.5, 0, 0, 0.1),
              new Fade.Band(1, 0, 0.25, 0.4),
              new Fade.Band(2, 0, 0.55, 0.7),
              new Fade.Band(3, 0, 0.85, 1)),
          32,
          14,
          24,
          null,
          60);

  private static double azimuth(Place p) {
    return HEAD.head().azimuthRad(HEAD.head().place(p));
  }

  @Test
  void aBandLeavesItsGuard_whereItIsHeldToTheSkin() {
    for (Fade.Band b : DROP.bands()) {
      double mm = b.number() * 25.4 / 8;
      for (double t : new double[] {0, 0.3, 0.99}) {
        double share = b.fromShare() + t * (b.toShare() - b.fromShare());
        assertThat(DROP.leavesMm(40 * share, 40)).as("%s at %.2f", b, share).isEqualTo(mm);
      }
    }
  }

  /** The circle through both ends, level where it leaves the head, in its closed form. */
  @Test
  void betweenTwoGuards_itRisesOnTheArcThatJoinsThem() {
    double high = 60;
    double distance = 0.15 * high;
    double rise = 25.4 / 16;
    double r = (distance * distance + rise * rise) / (2 * rise);
    for (double s = 0.2; s < distance; s += 0.4) {
      double want = 25.4 / 16 + r - Math.sqrt(r * r - s * s);
      assertThat(DROP.leavesMm(0.1 * high + s, high)).isCloseTo(want, within(1e-9));
    }
    assertThat(DROP.leavesMm(0.25 * high - 1e-6, high)).isCloseTo(25.4 / 8, within(1e-3));
  }

  @Test
  void itOnlyGetsLonger_upTheHead_andAboveItsTopIsLeftAlone() {
    for (double high : new double[] {8, 20, 90}) {
      double last = 0;
      for (double s = 0; s < high + 59; s += 0.25) {
        double now = DROP.leavesMm(s, high);
        assertThat(now).as("%.1f of %.0f", s, high).isGreaterThanOrEqualTo(last);
        last = now;
      }
      assertThat(DROP.leavesMm(high + 60, high)).isInfinite();
    }
  }

  /** Guards further apart than the way between them: no arc is round enough, none is left out. */
  @Test
  void aShortWayBetweenFarGuards_isStillClimbed() {
    Fade steep = DROP.with(List.of(new Fade.Band(0, 0, 0, 0.5), new Fade.Band(8, 0, 0.6, 1)));
    double last = 0;
    for (double s = 0; s <= 20; s += 0.05) {
      double now = steep.leavesMm(s, 20);
      assertThat(now).isBetween(last, 8 * 25.4 / 8);
      last = now;
    }
    assertThat(steep.leavesMm(11, 20)).isBetween(0.31, 25.3);
  }

  /** Read back on the head: within half a millimetre of what the bar says. */
  @Test
  void onAHead_itsHeightsStandWhereTheySay() {
    double[] left = On.everywhere(DROP, HEAD, ALL);
    double sideburn = azimuth(Place.SIDEBURN_RIGHT);
    double behind = azimuth(Place.BEHIND_EAR_RIGHT);
    int seen = 0;
    for (int i = 0; i < HEAD.roots(); i++) {
      double around = HEAD.azimuthRad(i);
      double high =
          Math.abs(around - sideburn) < 0.02
              ? 32
              : Math.abs(around - behind) < 0.02
                  ? 14
                  : Math.abs(Math.abs(around) - Math.PI) < 0.02 ? 24 : Double.NaN;
      double up = HEAD.fromSideHairlineMm(i);
      if (up < 0.98 * high && around > sideburn - 1e-9) {
        assertThat(left[i])
            .as("%.0f up of %.0f", up, high)
            .isCloseTo(DROP.leavesMm(up, high), within(0.5));
        seen++;
      }
    }
    assertThat(seen).isGreaterThan(20);
  }

  @Test
  void theFront_andWhereItDoesNotRun_areLeftAlone() {
    Fade temple = new Fade(DROP.bands(), 24, 0, 0, null, 60);
    double[] left = On.everywhere(temple, HEAD, ALL);
    assertThat(left[HEAD.root(Place.FRONT)]).isInfinite();
    assertThat(left[HEAD.root(Place.RECESSION_LEFT)]).isInfinite();
    assertThat(left[HEAD.root(Place.NAPE)]).isInfinite();
    assertThat(left[HEAD.root(Place.BEHIND_EAR_LEFT)]).isInfinite();
    assertThat(left[HEAD.root(Place.SIDEBURN_LEFT)]).isLessThan(10);
  }

  @Test
  void leftAndRight_areAlike_orApart_andChangeOver() {
    double[] alike = On.everywhere(DROP, HEAD, ALL);
    Fade apart = new Fade(DROP.bands(), 32, 14, 24, new Fade.Side(60, 50), 60);
    double[] left = On.everywhere(apart, HEAD, ALL);
    double[] over = On.everywhere(apart.mirrored(), HEAD, ALL);
    assertThat(DROP.mirrored()).isEqualTo(DROP);
    assertThat(apart.mirrored().mirrored()).isEqualTo(apart);
    for (Place p : Place.values()) {
      int i = HEAD.root(p);
      int m = HEAD.root(p.mirrored());
      assertThat(alike[i]).as("%s", p).isEqualTo(alike[m], within(0.5));
      assertThat(over[i]).as("%s", p).isEqualTo(left[m], within(0.5));
    }
    assertThat(left[HEAD.root(Place.MASTOID_LEFT)])
        .isLessThanOrEqualTo(left[HEAD.root(Place.MASTOID_RIGHT)]);
  }

  @Test
  void theShopsOwnGuards_leaveWhatWasMeasured() {
    Fade own = DROP.measured(n -> n == 1 ? 3.6 : n * 25.4 / 8);
    assertThat(own.leavesMm(0.3 * 40, 40)).isEqualTo(3.6);
    assertThat(own.leavesMm(0.6 * 40, 40)).isEqualTo(6.35);
  }

  @Test
  void everyGuardIsTakenOn_andIsTaperWork() {
    assertThat(DROP.attachments()).containsExactly(0.5, 1.0, 2.0, 3.0);
    assertThat(DROP.guarded()).isTrue();
    assertThat(DROP.bites(On.zone(HEAD, ALL))).isBetween(20, 120);
    Move m = new Move("f", "Fade", "all", DROP, Damp.DRY, Move.Stand.RIGHT, "", "", false);
    assertThat(m.job()).isEqualTo(Job.TAPER);
  }

  @Test
  void whatCannotBe_isRefusedWithItsRange() {
    assertThatThrownBy(() -> new Fade.Band(13, 0, 0, 1)).hasMessageContaining("0 to 12, was 13");
    assertThatThrownBy(() -> new Fade.Band(1, 0, 0.5, 0.4))
        .hasMessageContaining("0.5 to 1, was 0.4");
    assertThatThrownBy(() -> DROP.with(List.of())).hasMessageContaining("1 to 8");
    assertThatThrownBy(
            () -> DROP.with(List.of(new Fade.Band(2, 0, 0, 0.4), new Fade.Band(1, 0, 0.5, 1))))
        .hasMessageContaining("must rise");
    assertThatThrownBy(
            () -> DROP.with(List.of(new Fade.Band(1, 0, 0, 0.6), new Fade.Band(2, 0, 0.5, 1))))
        .hasMessageContaining("0.6 to 1, was 0.5");
    assertThatThrownBy(() -> new Fade(DROP.bands(), 121, 0, 0, null, 60))
        .hasMessageContaining("0 to 120, was 121");
  }
}
