package kitetail.planning;

import kitetail.cut.Aside;
import kitetail.cut.Blade;
import kitetail.cut.Cut;
import kitetail.cut.Edge;
import kitetail.cut.Fingers;
import kitetail.cut.Outline;
import kitetail.cut.Texture;
import kitetail.plan.Move;
import kitetail.plan.Plan;

/**
 * A plan for a child or a client who moves a lot: no open blade slides along hair or skin, and what
 * cannot be taken back is asked first. Common practice; which blade stands in for which is an
 * assumption.
 */
final class Steadied {
  private Steadied() {}

  static Plan of(Plan plan) {
    return plan.lively()
        ? plan.withMoves(plan.moves().stream().map(Steadied::move).toList())
        : plan;
  }

  private static Move move(Move m) {
    Move safe = m.with(cut(m.cut()));
    boolean onSkin =
        m.cut() instanceof Edge e && e.outline() instanceof Outline.HardLine
            || m.cut() instanceof Aside a && a.what() == Aside.What.CLEAN_NECK;
    return onSkin ? safe.asked() : safe;
  }

  private static Cut cut(Cut cut) {
    if (cut instanceof Fingers f && f.razor()) {
      return f.with(Blade.THINNING_SHEARS);
    }
    if (cut instanceof Fingers f && f.blade() == Blade.POINTS_DEEP) {
      return f.with(Blade.POINTS_SHALLOW);
    }
    boolean slides =
        cut instanceof Texture t
            && switch (t.tool()) {
              case SLIDE, TWIST, RAZOR, CHANNEL -> true;
              default -> false;
            };
    if (slides) {
      Texture t = (Texture) cut;
      return new Texture(Texture.Tool.THINNING_SHEARS, 0, 0, t.passes(), t.layer());
    }
    return cut;
  }
}
