package kitetail.shopday;

import static org.assertj.core.api.Assertions.assertThat;

import kitetail.cut.Aside;
import kitetail.cut.Blade;
import kitetail.cut.Comb;
import kitetail.cut.CutLine;
import kitetail.cut.Edge;
import kitetail.cut.Fingers;
import kitetail.cut.Guard;
import kitetail.cut.Guide;
import kitetail.cut.Hold;
import kitetail.cut.Outline;
import kitetail.cut.Texture;
import kitetail.section.Facing;
import org.junit.jupiter.api.Test;

/** The tools a cut takes into the hand; common practice. */
class ToolsOfTest {
  private static final Fingers OVER =
      new Fingers(
          new Hold.StraightOut(), new CutLine.Round(60), new Guide.Travelling(), Facing.BACK, 12);

  @Test
  void aRazorIsARazor_whereverItCuts() {
    assertThat(ToolsOf.cut(OVER)).containsExactlyInAnyOrder(Tool.COMB, Tool.SHEARS);
    for (Blade b : Blade.values()) {
      assertThat(ToolsOf.cut(OVER.with(b)).contains(Tool.RAZOR)).as("%s", b).isEqualTo(b.razor());
    }
    assertThat(ToolsOf.cut(new Texture(Texture.Tool.RAZOR, 0, 0, 1))).contains(Tool.RAZOR);
    assertThat(ToolsOf.cut(new Texture(Texture.Tool.SLIDE, 0, 0, 1))).contains(Tool.SHEARS);
    assertThat(ToolsOf.cut(new Aside(Aside.What.CLEAN_NECK))).containsExactly(Tool.RAZOR);
  }

  @Test
  void whatIsOverTheComb_takesTheComb_andWhatCutsOverIt() {
    assertThat(ToolsOf.cut(new Comb(6, 0, 2, Comb.Tool.CLIPPER)))
        .containsExactlyInAnyOrder(Tool.COMB, Tool.CLIPPER);
    assertThat(ToolsOf.cut(new Comb(6, 0, 2, Comb.Tool.SCISSORS)))
        .containsExactlyInAnyOrder(Tool.COMB, Tool.SHEARS);
    Outline.Taper bare = new Outline.Taper(6, 24, 20, 26, 56);
    assertThat(ToolsOf.cut(new Edge(bare, 0.5))).containsExactly(Tool.CLIPPER);
    for (Comb.Tool over : Comb.Tool.values()) {
      Outline.Taper combed = new Outline.Taper(6, 24, 20, 26, 56, over);
      assertThat(ToolsOf.cut(new Edge(combed, 0.5)))
          .isEqualTo(ToolsOf.cut(new Comb(6, 0, 2, over)));
    }
    assertThat(ToolsOf.cut(new Guard(3, 0, Guard.Grain.AGAINST, null)))
        .containsExactlyInAnyOrder(Tool.CLIPPER, Tool.GUARD);
    assertThat(ToolsOf.cut(new Aside(Aside.What.DRY))).isEmpty();
  }
}
