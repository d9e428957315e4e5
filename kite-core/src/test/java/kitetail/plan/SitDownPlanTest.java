package kitetail.plan;

import static org.assertj.core.api.Assertions.assertThat;
import static org.assertj.core.api.Assertions.assertThatThrownBy;
import static org.assertj.core.api.Assertions.within;

import java.util.List;
import java.util.Set;
import kitetail.On;
import kitetail.check.Check;
import kitetail.client.Cautions;
import kitetail.client.Consent;
import kitetail.client.SkinNote;
import kitetail.client.Wish;
import kitetail.client.Wishes;
import kitetail.cut.CutLine;
import kitetail.cut.Fingers;
import kitetail.cut.Guide;
import kitetail.cut.Hold;
import kitetail.hair.StartingHair;
import kitetail.hair.StartingLengths;
import kitetail.head.Head;
import kitetail.head.HeadSpec;
import kitetail.head.Place;
import kitetail.head.Scalp;
import kitetail.section.Facing;
import kitetail.section.Section;
import org.junit.jupiter.api.Test;

class SitDownPlanTest {
  private static final HeadSpec.Measured SPEC = new HeadSpec.Measured(566, null, null);
  private static final Scalp SCALP = Scalp.of(Head.of(SPEC), 1200);

  private static Plan family() {
    Move all =
        new Move(
            "all",
            "All to three",
            "all",
            new Fingers(
                new Hold.StraightOut(),
                new CutLine.Round(30),
                new Guide.Travelling(),
                Facing.BACK,
                12),
            null,
            null,
            null,
            null,
            false);
    return On.plan(
        new HeadSpec.Measured(570, null, null),
        StartingHair.Taped.six(90, 90, 90, 60, 60, 40),
        List.of(new Section("all", "All", List.of())),
        List.of(all),
        null,
        null);
  }

  private static SitDown sitDown(Wishes wishes, Cautions cautions) {
    return new SitDown(
        SitDown.VERSION,
        SPEC,
        null,
        StartingHair.Taped.six(100, 95, 85, 55, 60, 40),
        wishes,
        cautions);
  }

  @Test
  void aPlanOfASitDown_isTheFamilysMoves_onThisHeadHairAndWishes() {
    Wishes wishes = Wishes.of(new Wish(Place.APEX, 40));
    Plan p = sitDown(wishes, null).planOf(family());
    assertThat(p.moves()).isEqualTo(family().moves());
    assertThat(p.head()).isEqualTo(SPEC);
    assertThat(p.wishes()).isEqualTo(wishes);
    Outcome o = PlanEngine.run(p, SCALP);
    // Cut to 30 mm in the hand, damp and so longer by half the stretch of 3 %.
    assertThat(o.wishes().get(0).shortMm()).isCloseTo(40 - 30 / 1.015, within(0.01));
    assertThat(Check.of(p, o)).extracting(Finding::rule).contains("wish-too-short");
  }

  @Test
  void aPlaceToBeLeftAlone_isAFinding_atTheFirstMoveThatTakesThere() {
    Wishes wishes =
        new Wishes(
            null,
            Set.of(Place.NAPE),
            null,
            null,
            null,
            null,
            null,
            null,
            null,
            null,
            null,
            null,
            null);
    assertThat(On.found(sitDown(wishes, null).planOf(family()), SCALP))
        .anySatisfy(
            f -> {
              assertThat(f.rule()).isEqualTo("leave-alone");
              assertThat(f.move()).isEqualTo("all");
              assertThat(f.place()).isEqualTo(Place.NAPE);
              assertThat(f.amount()).isCloseTo(10, within(1.0));
            });
  }

  @Test
  void whatIsOnTheSkin_goesWithThePlan_worstFirst() {
    Cautions c =
        new Cautions(
            List.of(
                new SkinNote(SkinNote.Kind.MOLE, Place.CROWN, ""),
                new SkinNote(SkinNote.Kind.BROKEN_SKIN, Place.NAPE, "")),
            "",
            new Consent(false, "", false, true));
    List<Finding> found = On.found(sitDown(null, c).planOf(family()), SCALP);
    assertThat(found.get(0).rule()).isEqualTo("skin-stop");
    assertThat(found.get(0).severity()).isEqualTo(Finding.Severity.STOP);
    assertThat(found).extracting(Finding::rule).contains("skin-place");
  }

  @Test
  void withoutConsent_aPlanCarriesNoSkinNotes_butStillThatNothingIsCut() {
    Cautions c =
        new Cautions(
            List.of(
                new SkinNote(SkinNote.Kind.SCAR, Place.CROWN, "old"),
                new SkinNote(SkinNote.Kind.LICE, Place.NAPE, "many")),
            "nuts",
            Consent.NOT_ASKED);
    Cautions kept = sitDown(null, c).planOf(family()).cautions();
    assertThat(kept.skin()).containsExactly(new SkinNote(SkinNote.Kind.LICE, Place.NAPE, ""));
    assertThat(kept.allergies()).isEmpty();
    assertThat(kept.stops()).isTrue();
  }

  /** Cut, grown six weeks, cut again to the same: the second cut takes what grew and no more. */
  @Test
  void aCutGrownOut_andCutAgain_takesOffItsGrowth() {
    SitDown first = sitDown(null, null);
    Outcome cut = PlanEngine.run(first.planOf(family()), SCALP);
    SitDown later =
        first.startingFrom(
            new StartingHair.Grown(StartingLengths.keep(SCALP, cut.afterMm()), 42, null));
    Outcome again = PlanEngine.run(later.planOf(family()), SCALP);
    double grown = 42 * 0.36;
    assertThat(again.steps().get(0).takenMaxMm()).isCloseTo(grown, within(0.5));
    for (double l : again.afterMm()) {
      assertThat(l).isLessThanOrEqualTo(30.001);
    }
  }

  @Test
  void documentsOfAnotherVersion_areRefused() {
    assertThatThrownBy(
            () -> new SitDown(9, SPEC, null, StartingHair.Taped.six(1, 1, 1, 1, 1, 1), null, null))
        .hasMessageContaining("version must be 1");
  }
}
