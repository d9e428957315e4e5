package kitetail.server.bench;

import jakarta.validation.constraints.NotNull;
import java.util.ArrayList;
import java.util.List;
import java.util.Locale;
import kitetail.cut.Fingers;
import kitetail.cut.Grip;
import kitetail.cut.Holding;
import kitetail.geom.Vec3;
import kitetail.head.Head;
import kitetail.plan.Outcome;
import kitetail.plan.Plan;
import kitetail.section.PartingLines;
import kitetail.section.Zone;
import kitetail.server.error.FieldException;
import kitetail.server.head.Heads;
import org.springframework.stereotype.Component;

/** One bite of a move as it lies in the hand. */
@Component
class Grips {
  private final Heads heads;

  Grips(Heads heads) {
    this.heads = heads;
  }

  /** {@code bite} from 1. */
  record GripAsked(@NotNull Plan document, @NotNull String move, int bite) {}

  /** One stretch of a parting. */
  record PartingRow(int bite, List<double[]> points) {}

  /**
   * Points are x, y, z in mm on the head; {@code flat} the same partings on the scalp map.
   *
   * @param parting the band between partings the bite lies in
   * @param bites in all, as the plan counts them
   */
  record GripRow(
      int bite,
      int parting,
      int bites,
      String tool,
      List<double[]> roots,
      List<double[]> tips,
      List<double[]> edge,
      double[] out,
      List<PartingRow> partings,
      List<PartingRow> flat) {}

  /**
   * @throws FieldException when the plan has no such move
   */
  GripRow of(GripAsked g) {
    Plan plan = g.document();
    Outcome o = heads.run(plan);
    int m = plan.numberOf(g.move());
    if (m < 0) {
      throw new FieldException("$.move", g.move(), "it must be a move of the plan");
    }
    Outcome.Step step = o.steps().get(m);
    Zone zone = heads.of(plan).bench().zone(plan.region(step.move().section()));
    double[] had = m == 0 ? o.beforeMm() : o.steps().get(m - 1).leftMm();
    Holding holding =
        Holding.of(
            step.cut(),
            zone,
            had,
            step.leftMm(),
            step.move().handRatio(plan.hair()),
            plan.school().handMm());
    Grip grip = holding.grip(holding.asFarOn(g.bite(), step.bites()));
    List<PartingRow> partings = new ArrayList<>();
    List<PartingRow> flat = new ArrayList<>();
    if (step.cut() instanceof Fingers f) {
      for (PartingLines.Line l : PartingLines.of(zone, f.parting(), f.biteMm())) {
        partings.add(new PartingRow(l.bite(), l.pointsMm().stream().map(Grips::xyz).toList()));
        flat.add(
            new PartingRow(
                l.bite(), l.pointsMm().stream().map(p -> onMap(zone.head(), p)).toList()));
      }
    }
    return new GripRow(
        Math.max(1, Math.min(g.bite(), step.bites())),
        grip.parting(),
        step.bites(),
        step.cut().guarded()
            ? "guard"
            : step.cut().getClass().getSimpleName().toLowerCase(Locale.ROOT),
        grip.strands().stream().map(s -> xyz(s[0])).toList(),
        grip.strands().stream().map(s -> xyz(s[1])).toList(),
        grip.edgeMm().stream().map(Grips::xyz).toList(),
        new double[] {grip.out().x(), grip.out().y(), grip.out().z()},
        partings,
        flat);
  }

  private static double[] onMap(Head h, Vec3 p) {
    return ScalpMaps.flat(h.azimuthRad(p), h.fromApexMm(p));
  }

  private static double[] xyz(Vec3 v) {
    return new double[] {round(v.x()), round(v.y()), round(v.z())};
  }

  private static double round(double v) {
    return Math.round(v * 10) / 10.0;
  }
}
