package kitetail.formats;

import static org.assertj.core.api.Assertions.assertThat;
import static org.assertj.core.api.Assertions.within;

import java.util.List;
import kitetail.client.Wish;
import kitetail.client.Wishes;
import kitetail.cut.Comb;
import kitetail.cut.Edge;
import kitetail.cut.Fingers;
import kitetail.formats.json.Families;
import kitetail.formats.json.Todays;
import kitetail.hair.Hair;
import kitetail.hair.StartingHair;
import kitetail.hair.StartingLengths;
import kitetail.head.Head;
import kitetail.head.HeadSpec;
import kitetail.head.Place;
import kitetail.head.Scalp;
import kitetail.plan.Outcome;
import kitetail.plan.Plan;
import kitetail.plan.PlanEngine;
import kitetail.plan.SitDown;
import kitetail.plan.Workbench;
import kitetail.planning.LastShape;
import kitetail.planning.Mending;
import kitetail.planning.Planner;
import kitetail.planning.Tidied;
import org.junit.jupiter.api.Test;

/** Today's cut, tidied: its own line, taken back by what has grown. */
class TidiedTest {
  private static final HeadSpec.Measured HEAD = new HeadSpec.Measured(572, 350.0, 330.0);
  private static final Scalp SCALP = Scalp.of(Head.of(HEAD), Mending.SITES);
  private static final Workbench CHECKED = new Workbench(SCALP);
  private static final Workbench PLACES = new Workbench(Scalp.ofPlaces(Head.of(HEAD)));
  private static final Hair HAIR = new Hair(60, 0.36);
  private static final List<Place> ON_TOP = List.of(Place.FRONT, Place.APEX, Place.CROWN);

  /** Hair grows about half an inch, 10 to 13 mm, in four weeks: common figure. */
  private static final double FOUR_WEEKS_MM = 28 * 0.36;

  private static SitDown client(StartingHair start, Wishes w) {
    return new SitDown(SitDown.VERSION, HEAD, HAIR, start, w, null);
  }

  private static Outcome tidied(SitDown c) {
    Planner.Fit fit = Mending.of(Tidied.of(c, Todays.shape(), CHECKED), PLACES, CHECKED);
    return PlanEngine.run(fit.plan(), CHECKED);
  }

  @Test
  void itsLineIsFollowed_everywhereByTheSame() {
    Outcome o = tidied(client(StartingHair.Taped.six(100, 95, 85, 55, 60, 40), Wishes.NONE));
    double[] before = o.beforeMm();
    double[] after = o.afterMm();
    for (int i = 0; i < SCALP.sites(); i++) {
      assertThat(before[i] - after[i]).isCloseTo(FOUR_WEEKS_MM, within(1.0));
    }
  }

  @Test
  void notMoreComesOff_thanTheClientLetsGo() {
    Wishes little =
        new Wishes(
            null,
            null,
            null,
            null,
            null,
            null,
            Wishes.HowMuch.LITTLE,
            null,
            null,
            null,
            null,
            null,
            null);
    StartingHair grown =
        new StartingHair.Grown(StartingLengths.keep(SCALP, lengths(80)), 84, List.of());
    assertThat(Tidied.offMm(client(grown, Wishes.NONE))).isCloseTo(84 * 0.36, within(1e-9));
    assertThat(Tidied.offMm(client(grown, little))).isEqualTo(Wishes.HowMuch.LITTLE.mostMm());
  }

  private static double[] lengths(double mm) {
    double[] out = new double[SCALP.roots()];
    java.util.Arrays.fill(out, mm);
    return out;
  }

  /** Hair too short for the fingers is trimmed over the comb; long hair hangs over an arc. */
  @Test
  void shortHairIsTakenOverTheComb_andLongHairIsNotCutToAnEarArc() {
    Plan cropped =
        Tidied.of(
            client(StartingHair.Taped.six(60, 50, 45, 14, 16, 8), Wishes.NONE),
            Todays.shape(),
            CHECKED);
    assertThat(cropped.move("back").cut()).isInstanceOf(Comb.class);
    assertThat(cropped.move("top").cut()).isInstanceOf(Fingers.class);
    assertThat(cropped.moves()).anyMatch(m -> m.cut() instanceof Edge);
    Plan lengthy =
        Tidied.of(
            client(StartingHair.Taped.six(220, 210, 200, 190, 180, 170), Wishes.NONE),
            Todays.shape(),
            CHECKED);
    assertThat(lengthy.moves()).noneMatch(m -> m.cut() instanceof Edge);
    Outcome o = PlanEngine.run(cropped, CHECKED);
    assertThat(o.endMm(Place.OCCIPITAL)).isBetween(4.0, 10.0);
  }

  @Test
  void whatElseIsWished_isMet_andTheRestStaysTidied() {
    Outcome o =
        tidied(
            client(
                StartingHair.Taped.six(150, 140, 130, 90, 90, 70),
                Wishes.of(new Wish(Place.FRONT, 110))));
    assertThat(o.endMm(Place.FRONT)).isCloseTo(110, within(3.0));
    assertThat(o.endMm(Place.OCCIPITAL)).isCloseTo(90 - FOUR_WEEKS_MM, within(1.5));
  }

  /** Five weeks grown and cut again by the last visit's plan, the shape is where it was. */
  @Test
  void theLastShape_isTakenBackToWhereItWas() {
    Plan family = Families.all().get("gents-scissor-cut");
    Plan cut =
        Mending.of(
                family.on(HEAD, HAIR, family.start(), Wishes.of(new Wish(Place.APEX, 70)), null),
                PLACES,
                CHECKED)
            .plan();
    Outcome then = PlanEngine.run(cut, CHECKED);
    StartingHair grown =
        new StartingHair.Grown(StartingLengths.keep(SCALP, then.afterMm()), 35, List.of());
    Plan again =
        Mending.of(LastShape.of(client(grown, Wishes.NONE), cut, PLACES), PLACES, CHECKED).plan();
    Outcome now = PlanEngine.run(again, CHECKED);
    for (Place p : ON_TOP) {
      assertThat(now.endMm(p)).as("%s", p).isCloseTo(then.endMm(p), within(2.0));
    }
    assertThat(now.endMm(Place.EAR_TOP_LEFT))
        .isCloseTo(then.endMm(Place.EAR_TOP_LEFT), within(2.0));
  }
}
