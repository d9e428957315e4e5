package kitetail.planning;

import static org.assertj.core.api.Assertions.assertThat;

import java.util.List;
import kitetail.On;
import kitetail.check.Heed;
import kitetail.client.Cautions;
import kitetail.client.Consent;
import kitetail.cut.Blade;
import kitetail.cut.Cut;
import kitetail.cut.CutLine;
import kitetail.cut.Edge;
import kitetail.cut.Fingers;
import kitetail.cut.Guide;
import kitetail.cut.Hold;
import kitetail.cut.Outline;
import kitetail.cut.Texture;
import kitetail.hair.Damp;
import kitetail.hair.StartingHair;
import kitetail.head.Head;
import kitetail.head.HeadSpec;
import kitetail.head.Place;
import kitetail.head.Scalp;
import kitetail.plan.Move;
import kitetail.plan.Plan;
import kitetail.plan.PlanEngine;
import kitetail.plan.Workbench;
import kitetail.section.Facing;
import kitetail.section.Section;
import org.junit.jupiter.api.Test;

/** A child, or a client who moves a lot: larger margins, no open blade; common practice. */
class SteadiedTest {
  private static final HeadSpec SPEC = new HeadSpec.Measured(560, null, null);
  private static final Scalp SCALP = Scalp.of(Head.of(SPEC), 600);

  private static Cut over(Blade blade) {
    return new Fingers(
            new Hold.StraightOut(), new CutLine.Round(60), new Guide.Travelling(), Facing.BACK, 12)
        .with(blade);
  }

  private static Move move(String id, Cut cut) {
    return new Move(id, id, "all", cut, Damp.DAMP, null, "", "", false);
  }

  private static Plan plan(boolean lively) {
    Cut line = new Edge(new Outline.HardLine(Place.FRONT, Place.CROWN, 3), 0);
    return On.plan(
        SPEC,
        StartingHair.Taped.six(120, 120, 120, 120, 120, 120),
        List.of(new Section("all", "All", List.of())),
        List.of(
            move("razor", over(Blade.RAZOR_BROAD)),
            move("blunt", over(Blade.BLUNT)),
            move("slide", new Texture(Texture.Tool.SLIDE, 0, 0, 1)),
            move("line", line)),
        null,
        new Cautions(List.of(), "", Consent.NOT_ASKED, lively));
  }

  @Test
  void noOpenBladeSlides_andWhatStaysIsAskedFirst() {
    Plan safe = Steadied.of(plan(true));
    assertThat(safe.moves()).noneMatch(m -> m.cut().razor());
    assertThat(((Fingers) safe.move("razor").cut()).blade()).isEqualTo(Blade.THINNING_SHEARS);
    assertThat(safe.move("blunt").cut()).isEqualTo(over(Blade.BLUNT));
    assertThat(((Texture) safe.move("slide").cut()).tool()).isEqualTo(Texture.Tool.THINNING_SHEARS);
    assertThat(safe.move("line").askFirst()).isTrue();
    assertThat(Steadied.of(plan(false))).isEqualTo(plan(false));
  }

  @Test
  void marginsAreWider_inRiskAndInTheNextSafeCut() {
    Workbench bench = new Workbench(SCALP);
    assertThat(strays(plan(true), bench)).isGreaterThan(1.4 * strays(plan(false), bench));
    assertThat(safeMm(plan(true), bench)).isLessThan(safeMm(plan(false), bench) - 2);
  }

  /** Of the first move alone. */
  private static double strays(Plan plan, Workbench bench) {
    Plan one = plan.withMoves(plan.moves().subList(0, 1));
    return Risk.of(one, bench, Hands.USUAL).places().get(Place.APEX);
  }

  private static double safeMm(Plan plan, Workbench bench) {
    return NextCut.of(plan, bench, 0, Damp.DRY, true).stream()
        .filter(c -> c.place() == Place.APEX)
        .findFirst()
        .orElseThrow()
        .safeMm();
  }

  @Test
  void atTheChairItIsSaid_whereABladeWorksNearAnEar() {
    assertThat(Heed.of(plan(true), PlanEngine.run(plan(true), SCALP)).get(0))
        .contains(new Heed(Heed.Kind.MOVES, null, null));
    assertThat(Heed.of(plan(false), PlanEngine.run(plan(false), SCALP)).get(0))
        .doesNotContain(new Heed(Heed.Kind.MOVES, null, null));
  }
}
