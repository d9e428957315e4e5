package kitetail.check;

import static org.assertj.core.api.Assertions.assertThat;

import java.util.List;
import kitetail.On;
import kitetail.client.Cautions;
import kitetail.client.Consent;
import kitetail.client.SkinNote;
import kitetail.cut.Aside;
import kitetail.cut.Blade;
import kitetail.cut.Comb;
import kitetail.cut.Cut;
import kitetail.cut.CutLine;
import kitetail.cut.Edge;
import kitetail.cut.Fingers;
import kitetail.cut.Guard;
import kitetail.cut.Guide;
import kitetail.cut.Hold;
import kitetail.cut.Outline;
import kitetail.cut.Texture;
import kitetail.hair.StartingHair;
import kitetail.head.Head;
import kitetail.head.HeadSpec;
import kitetail.head.Place;
import kitetail.head.Scalp;
import kitetail.plan.Move;
import kitetail.plan.Plan;
import kitetail.plan.PlanEngine;
import kitetail.section.Facing;
import kitetail.section.Limit;
import kitetail.section.Scalar;
import kitetail.section.Section;
import org.junit.jupiter.api.Test;

/** What is heeded while a move is done; common practice. */
class HeedTest {
  private static final HeadSpec SPEC = new HeadSpec.Measured(570, null, null);
  private static final Scalp SCALP = Scalp.of(Head.of(SPEC), 1500);
  private static final List<Section> SECTIONS =
      List.of(
          new Section("top", "Top", List.of(new Limit.Between(Scalar.ABOVE_RIDGE_MM, 20, 400))),
          new Section(
              "left",
              "Left side",
              List.of(
                  new Limit.Between(Scalar.ABOVE_RIDGE_MM, -400, -20),
                  new Limit.Between(Scalar.AROUND_DEG, -120, -50))),
          new Section("all", "All", List.of(), List.of(), true));

  private static Fingers over(double mm) {
    return new Fingers(
        new Hold.StraightOut(), new CutLine.Round(mm), new Guide.Travelling(), Facing.BACK, 12);
  }

  private static List<Heed> of(String section, Cut cut, SkinNote... skin) {
    Plan plan =
        On.plan(
            SPEC,
            StartingHair.Taped.six(140, 140, 140, 140, 140, 140),
            SECTIONS,
            List.of(new Move("move", "Move", section, cut, null, null, "", "", false)),
            null,
            new Cautions(List.of(skin), "", new Consent(false, "", false, true)));
    return Heed.of(plan, PlanEngine.run(plan, SCALP)).get(0);
  }

  @Test
  void everyBladeNearAnEar_namesThatEar_andNoOther() {
    Heed left = new Heed(Heed.Kind.EAR, Place.EAR_TOP_LEFT, null);
    assertThat(of("left", over(30))).containsExactly(left);
    assertThat(of("left", new Guard(3, 0, Guard.Grain.AGAINST, null))).containsExactly(left);
    assertThat(of("left", new Texture(Texture.Tool.POINT_DEEP, 0, 0, 1))).containsExactly(left);
    assertThat(of("all", new Edge(new Outline.HalfMoon(Outline.Side.LEFT, 0), 0.5)))
        .containsExactly(left);
  }

  /** Hair on top, held up, is cut far from both ears; so is hair that a move does not reach. */
  @Test
  void whatWorksFarFromTheEars_orTakesNothing_namesNone() {
    assertThat(of("top", over(110))).isEmpty();
    assertThat(of("left", over(150))).isEmpty();
  }

  @Test
  void whatIsNotedOnTheSkin_standsOnTheMovesThatWorkThere() {
    SkinNote mole = new SkinNote(SkinNote.Kind.MOLE, Place.APEX, "");
    assertThat(of("top", over(110), mole))
        .containsExactly(new Heed(Heed.Kind.SKIN, Place.APEX, SkinNote.Kind.MOLE));
    assertThat(of("left", over(30), mole)).extracting(Heed::kind).doesNotContain(Heed.Kind.SKIN);
  }

  @Test
  void aRazorWantsANewBlade_andTheNeckALookForMoles() {
    assertThat(of("top", over(110).with(Blade.RAZOR_SHORT)))
        .containsExactly(new Heed(Heed.Kind.NEW_BLADE, null, null));
    assertThat(of("top", new Texture(Texture.Tool.RAZOR, 0, 0, 1)))
        .extracting(Heed::kind)
        .contains(Heed.Kind.NEW_BLADE);
    Comb overComb =
        new Comb(60, 0, 2, 40, Comb.Tool.SCISSORS, null, null, null, Blade.RAZOR_SHORT, 0, 0);
    assertThat(of("left", overComb)).extracting(Heed::kind).contains(Heed.Kind.NEW_BLADE);
    assertThat(of("all", new Aside(Aside.What.CLEAN_NECK)))
        .containsExactly(new Heed(Heed.Kind.NECK_RAZOR, Place.NAPE, null));
  }
}
