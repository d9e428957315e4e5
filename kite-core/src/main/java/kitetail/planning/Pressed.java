package kitetail.planning;

import java.util.ArrayList;
import java.util.List;
import kitetail.cut.Edge;
import kitetail.cut.Outline;
import kitetail.fall.SkinLine;
import kitetail.geom.Vec3;
import kitetail.plan.Move;
import kitetail.plan.Plan;
import kitetail.plan.Workbench;
import kitetail.section.Zone;

/** The lines a plan presses to the skin, as they are drawn on its head. */
public final class Pressed {
  private Pressed() {}

  /**
   * @param moves how many of the plan's are done
   */
  public static List<SkinLine> on(Plan plan, Workbench bench, int moves) {
    List<SkinLine> out = new ArrayList<>();
    for (Move m : plan.moves().subList(0, moves)) {
      if (m.cut() instanceof Edge e && e.outline() instanceof Outline.HardLine line) {
        Zone zone = bench.zone(plan.region(m.section()));
        List<Vec3> in = line.along(bench.scalp().head()).stream().filter(zone::holds).toList();
        if (in.size() > 1) {
          out.add(new SkinLine(in, line.widthMm()));
        }
      }
    }
    return List.copyOf(out);
  }
}
