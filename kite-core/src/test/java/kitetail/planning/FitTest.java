package kitetail.planning;

import static org.assertj.core.api.Assertions.assertThat;
import static org.assertj.core.api.Assertions.assertThatThrownBy;
import static org.assertj.core.api.Assertions.within;

import java.util.ArrayList;
import java.util.List;
import java.util.Map;
import kitetail.On;
import kitetail.client.Wish;
import kitetail.client.Wishes;
import kitetail.cut.CutLine;
import kitetail.cut.Dial;
import kitetail.cut.Fingers;
import kitetail.cut.Guide;
import kitetail.cut.Hold;
import kitetail.cut.Texture;
import kitetail.hair.Damp;
import kitetail.hair.Hair;
import kitetail.hair.StartingHair;
import kitetail.hair.WetDry;
import kitetail.head.Head;
import kitetail.head.HeadSpec;
import kitetail.head.Place;
import kitetail.head.Scalp;
import kitetail.plan.Family;
import kitetail.plan.Knob;
import kitetail.plan.Move;
import kitetail.plan.Outcome;
import kitetail.plan.Plan;
import kitetail.plan.PlanEngine;
import kitetail.plan.SitDown;
import kitetail.plan.Workbench;
import kitetail.section.Facing;
import kitetail.section.Limit;
import kitetail.section.Scalar;
import kitetail.section.Section;
import org.junit.jupiter.api.Test;

class FitTest {
  private static final HeadSpec.Measured SPEC = new HeadSpec.Measured(570, null, null);
  private static final Workbench PLACES = new Workbench(Scalp.ofPlaces(Head.of(SPEC)));
  private static final StartingHair LONG = StartingHair.Taped.six(160, 150, 140, 120, 120, 100);
  private static final List<Section> SECTIONS =
      List.of(
          new Section("top", "Top", List.of(new Limit.Between(Scalar.ABOVE_RIDGE_MM, -6, 400))),
          new Section(
              "left",
              "Left",
              List.of(
                  new Limit.Between(Scalar.ABOVE_RIDGE_MM, -400, -6),
                  new Limit.Between(Scalar.ACROSS_MM, -200, 0))),
          new Section(
              "right",
              "Right",
              List.of(
                  new Limit.Between(Scalar.ABOVE_RIDGE_MM, -400, -6),
                  new Limit.Between(Scalar.ACROSS_MM, 0, 200))));

  private static Move round(String id, String section, double mm) {
    return new Move(
        id,
        id,
        section,
        new Fingers(
            new Hold.StraightOut(), new CutLine.Round(mm), new Guide.Travelling(), Facing.BACK, 12),
        Damp.DRY,
        null,
        null,
        null,
        false);
  }

  private static Plan family(Wish... wishes) {
    Plan p =
        On.plan(
            SPEC,
            LONG,
            SECTIONS,
            List.of(
                round("left", "left", 40), round("right", "right", 40), round("top", "top", 70)),
            Wishes.of(wishes),
            null);
    Family f =
        new Family(
            "test",
            null,
            null,
            List.of(
                new Knob("sides", List.of("left", "right"), Dial.LENGTH, 10, 100, null),
                new Knob("top", List.of("top"), Dial.LENGTH, 20, 120, null)),
            List.of(new Wish(Place.APEX, 70)),
            null);
    return new Plan(
        p.version(),
        p.title(),
        p.head(),
        p.hair(),
        p.start(),
        p.kit(),
        p.pace(),
        p.school(),
        p.sections(),
        p.moves(),
        p.jumps(),
        p.wishes(),
        p.cautions(),
        f,
        p.styling(),
        p.meant());
  }

  @Test
  void wishesOneKnobEach_areMet_andTheNumberIsTracedToItsWish() {
    Planner.Fit fit =
        Planner.fit(
            family(
                new Wish(Place.APEX, 93),
                new Wish(Place.EAR_TOP_LEFT, 25),
                new Wish(Place.EAR_TOP_RIGHT, 25)),
            PLACES);
    assertThat(fit.worstMm()).isLessThan(0.51);
    assertThat(fit.unmet()).isEmpty();
    assertThat(fit.plan().move("top").cut().dial(Dial.LENGTH).orElseThrow().value()).isEqualTo(93);
    assertThat(fit.plan().move("left").cut().dial(Dial.LENGTH).orElseThrow().value()).isEqualTo(25);
    assertThat(fit.plan().move("right").cut().dial(Dial.LENGTH).orElseThrow().value())
        .isEqualTo(25);
    assertThat(fit.settings().get(1).because()).isEqualTo(Place.APEX);
    assertThat(fit.settings().get(1).from()).isEqualTo(70);
  }

  /** Two wishes on one knob: the least squares lie in the middle, and both are said. */
  @Test
  void wishesThatAskForTwoThings_areMetHalfWay_andSaidToBeOfTheShape() {
    Planner.Fit fit =
        Planner.fit(
            family(new Wish(Place.EAR_TOP_LEFT, 30), new Wish(Place.EAR_TOP_RIGHT, 50)), PLACES);
    assertThat(fit.plan().move("left").cut().dial(Dial.LENGTH).orElseThrow().value()).isEqualTo(40);
    assertThat(fit.unmet())
        .extracting(Planner.Unmet::reason)
        .containsExactly(Planner.Reason.SHAPE, Planner.Reason.SHAPE);
    assertThat(fit.worstMm()).isCloseTo(10, within(0.01));
  }

  @Test
  void hairThatIsNotThere_isNotAskedFor_andItsWeeksAreTold() {
    Planner.Fit fit = Planner.fit(family(new Wish(Place.NAPE, 150)), PLACES);
    Planner.Unmet u =
        fit.unmet().stream().filter(x -> x.place() == Place.NAPE).findFirst().orElseThrow();
    assertThat(u.reason()).isEqualTo(Planner.Reason.TOO_SHORT);
    assertThat(u.weeks()).isCloseTo((150 - 100) / 0.36 / 7, within(0.01));
    assertThat(u.getsMm()).isCloseTo(100, within(0.6));
  }

  @Test
  void aWishOutsideAKnobsRange_isSaidToBe() {
    Planner.Fit fit = Planner.fit(family(new Wish(Place.APEX, 135)), PLACES);
    assertThat(fit.plan().move("top").cut().dial(Dial.LENGTH).orElseThrow().value()).isEqualTo(120);
    assertThat(fit.unmet().get(0).reason()).isEqualTo(Planner.Reason.RANGE);
  }

  @Test
  void theClientsWish_goesBeforeTheFamilys() {
    assertThat(
            Planner.fit(family(), PLACES)
                .plan()
                .move("top")
                .cut()
                .dial(Dial.LENGTH)
                .orElseThrow()
                .value())
        .isEqualTo(70);
    assertThat(
            Planner.fit(family(new Wish(Place.APEX, 44)), PLACES)
                .plan()
                .move("top")
                .cut()
                .dial(Dial.LENGTH)
                .orElseThrow()
                .value())
        .isEqualTo(44);
  }

  @Test
  void families_areRankedByWhatIsMissed_withTheReason() {
    Plan fits = family();
    Plan far =
        new Plan(
            fits.version(),
            fits.title(),
            fits.head(),
            fits.hair(),
            fits.start(),
            fits.kit(),
            fits.pace(),
            fits.school(),
            fits.sections(),
            fits.moves(),
            fits.jumps(),
            fits.wishes(),
            fits.cautions(),
            new Family(
                "far",
                null,
                null,
                null,
                null,
                new Family.Needs(300, 0, 1, List.of(new Wish(Place.NAPE, 200)))),
            fits.styling(),
            fits.meant());
    SitDown client =
        new SitDown(SitDown.VERSION, SPEC, null, LONG, Wishes.of(new Wish(Place.APEX, 90)), null);
    List<Integer> told = new ArrayList<>();
    List<Ranking.Ranked> ranked =
        Ranking.of(
            PLACES,
            client,
            List.of(far, fits),
            p -> Planner.fit(p, PLACES),
            Hands.USUAL,
            told::add);
    assertThat(told).containsExactly(1, 2);
    assertThat(ranked).extracting(r -> r.family().id()).containsExactly("test", "far");
    assertThat(ranked.get(0).reasons())
        .extracting(Ranking.Why::kind)
        .containsExactly(Ranking.Kind.WISHES_MET);
    assertThat(ranked.get(1).reasons())
        .extracting(Ranking.Why::kind)
        .contains(Ranking.Kind.TOO_THIN, Ranking.Kind.GROW_FIRST, Ranking.Kind.WORST_WISH);
  }

  /** Whose arm sinks is better off with a shape that is not held up; told only where it matters. */
  @Test
  void aHandThatStrays_countsAgainstAShape_bySoMuchAsItStraysFarther() {
    Plan p = family();
    Planner.Fit fit = Planner.fit(p, PLACES);
    Ranking.Ranked usual = Ranking.of(p, fit, PLACES, Hands.USUAL);
    Ranking.Ranked learning = Ranking.of(p, fit, PLACES, Hands.LEARNING);
    Ranking.Ranked steady = Ranking.of(p, fit, PLACES, Hands.STEADY);
    assertThat(learning.score()).isGreaterThan(usual.score() + 0.5);
    assertThat(steady.score()).isLessThan(usual.score());
    assertThat(kinds(learning)).contains(Ranking.Kind.HAND_STRAYS);
    assertThat(kinds(usual)).doesNotContain(Ranking.Kind.HAND_STRAYS);
    assertThat(kinds(steady)).doesNotContain(Ranking.Kind.HAND_STRAYS);
  }

  private static List<Ranking.Kind> kinds(Ranking.Ranked r) {
    return r.reasons().stream().map(Ranking.Why::kind).toList();
  }

  /** One side came out 12 mm too short: taking the other side down is all it needs. */
  @Test
  void aSlipOnOneSide_isMendedByTheOtherSide() {
    Plan p = family();
    Map<Place, Double> measured = new java.util.EnumMap<>(Place.class);
    for (Place q : Place.values()) {
      if (q.name().endsWith("_LEFT") && sideOf(q)) {
        measured.put(q, 28.0);
      }
    }
    Replan r = Replan.after(p, PLACES, 1, measured);
    assertThat(r.offMm()).isGreaterThan(10);
    assertThat(r.restored()).isTrue();
    assertThat(r.changes()).isNotEmpty().hasSizeLessThanOrEqualTo(2);
    assertThat(r.changes())
        .anySatisfy(
            c -> {
              assertThat(c.move()).isEqualTo("right");
              assertThat(c.to()).isBetween(26.0, 34.0);
              assertThat(c.again()).isFalse();
            });
    assertThat(r.weeks()).isCloseTo(12 / 0.36 / 7, within(0.01));
  }

  /** No named place lies close to the apex; a hole there is still one. */
  @Test
  void aHoleOnTop_isSeen_andWhatIsDoneGoesOnUnderItsOwnNames() {
    Plan p = family();
    int done = p.moves().size();
    Replan r = Replan.after(p, PLACES, done, Map.of(Place.APEX, 10.0));
    assertThat(r.offMm()).isGreaterThan(15);
    assertThat(r.shorterAt()).isEqualTo(Place.APEX);
    assertThat(r.shorterMm()).isGreaterThan(15);
    Plan on = r.applied(p, done);
    assertThat(on.moves().subList(0, done)).isEqualTo(p.moves());
    assertThat(on.moves()).hasSize(done + r.plan().size());
    assertThat(on.moves()).extracting(m -> m.id()).doesNotHaveDuplicates();
    assertThat(on.moves().subList(done, on.moves().size())).allMatch(m -> m.askFirst());
  }

  private static boolean sideOf(Place q) {
    Scalp s = PLACES.scalp();
    return Scalar.ABOVE_RIDGE_MM.of(s, s.root(q)) < -6;
  }

  @Test
  void withNothingAmiss_nothingChanges() {
    Replan r = Replan.after(family(), PLACES, 1, Map.of(Place.EAR_TOP_LEFT, 39.5));
    assertThat(r.changes()).isEmpty();
    assertThat(r.restored()).isTrue();
    assertThat(r.plan()).hasSize(2);
    assertThat(r.shorterMm()).isLessThan(1);
    assertThatThrownBy(() -> Replan.after(family(), PLACES, 9, Map.of()))
        .hasMessageContaining("0 to 3");
    assertThatThrownBy(() -> Replan.after(family(), PLACES, 1, Map.of(Place.APEX, -3.0)))
        .hasMessageContaining("-3.0");
  }

  /** have − need − reserve − margin, by hand. */
  @Test
  void theLongestSafeNextCut_keepsTheWish_theReserveAndTheMargin() {
    Plan p = family(new Wish(Place.APEX, 60));
    NextCut apex = at(NextCut.of(p, PLACES, 0, Damp.DRY, true), Place.APEX);
    assertThat(apex.haveMm()).isCloseTo(150, within(0.01));
    assertThat(apex.safeMm()).isCloseTo(150 - 60 - 2, within(0.01));
    NextCut wet = at(NextCut.of(p, PLACES, 0, Damp.WET, true), Place.APEX);
    assertThat(wet.safeMm()).isCloseTo(1.03 * (150 - 60 - 2), within(0.01));
    // Where nothing is wished, what the plan leaves.
    NextCut ear = at(NextCut.of(p, PLACES, 0, Damp.DRY, true), Place.EAR_TOP_LEFT);
    assertThat(ear.needMm()).isCloseTo(40, within(0.01));
    NextCut done = at(NextCut.of(p, PLACES, 3, Damp.DRY, true), Place.EAR_TOP_LEFT);
    assertThat(done.safeMm()).isZero();
  }

  @Test
  void curlsAndTexture_areKeptInReserve() {
    Plan p = family(new Wish(Place.APEX, 60));
    Hair curly = new Hair(60, 0.36, 200, 70, new WetDry(0.03, 0.75), null, null);
    Plan on = p.on(p.head(), curly, p.start(), p.wishes(), p.cautions());
    assertThat(at(NextCut.of(on, PLACES, 0, Damp.DRY, true), Place.APEX).needMm())
        .isCloseTo(80, within(0.01));
    List<Move> moves = new ArrayList<>(p.moves());
    moves.add(
        new Move(
            "carve",
            "carve",
            "top",
            new Texture(Texture.Tool.THINNING_SHEARS, 0.9, 20, 1),
            Damp.DRY,
            null,
            null,
            null,
            false));
    NextCut apex = at(NextCut.of(p.withMoves(moves), PLACES, 0, Damp.DRY, true), Place.APEX);
    assertThat(apex.reserveMm()).isCloseTo(20, within(0.01));
  }

  private static NextCut at(List<NextCut> all, Place p) {
    return all.stream().filter(c -> c.place() == p).findFirst().orElseThrow();
  }

  @Test
  void columns_readTheirSectionFromTheBottomUp() {
    Workbench few = new Workbench(Scalp.of(Head.of(SPEC), 800));
    Plan p = family();
    Outcome o = PlanEngine.run(p, few);
    Columns c = Columns.of(few.zone(p.region("left")), o.afterMm(), 8, 12);
    assertThat(c.targetMm()).hasDimensions(8, 12);
    for (int i = 0; i < 8; i++) {
      assertThat(c.aroundDeg()[i]).isBetween(-180.0, 0.0);
      assertThat(c.heightMm()[i]).isBetween(20.0, 160.0);
      for (double mm : c.targetMm()[i]) {
        assertThat(mm).isCloseTo(40, within(0.01));
      }
    }
  }
}
