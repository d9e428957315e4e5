package kitetail.shopday;

import java.util.EnumSet;
import java.util.Set;
import kitetail.cut.Aside;
import kitetail.cut.Comb;
import kitetail.cut.Cut;
import kitetail.cut.Edge;
import kitetail.cut.Strokes;
import kitetail.plan.Plan;

/** Which kinds of tools touch a client, by what a plan cuts with; common practice. */
public final class ToolsOf {
  private ToolsOf() {}

  public static Set<Tool> plan(Plan plan) {
    Set<Tool> all = EnumSet.noneOf(Tool.class);
    plan.moves().forEach(m -> all.addAll(cut(m.cut())));
    return all;
  }

  /** Of one cut; a comb parts and holds the hair of every cut over fingers or comb. */
  public static Set<Tool> cut(Cut cut) {
    if (cut.shears() || cut.razor()) {
      return EnumSet.of(Tool.COMB, cut.razor() ? Tool.RAZOR : Tool.SHEARS);
    }
    if (cut instanceof Comb
        || cut instanceof Strokes
        || cut instanceof Edge e && e.outline().over() != null) {
      return EnumSet.of(Tool.COMB, Tool.CLIPPER);
    }
    if (cut.guarded()) {
      return EnumSet.of(Tool.CLIPPER, Tool.GUARD);
    }
    if (cut instanceof Edge) {
      return EnumSet.of(Tool.CLIPPER);
    }
    return ((Aside) cut).what() == Aside.What.CLEAN_NECK
        ? EnumSet.of(Tool.RAZOR)
        : EnumSet.noneOf(Tool.class);
  }
}
