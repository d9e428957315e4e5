package kitetail;

import java.util.ArrayList;
import java.util.Arrays;
import java.util.List;
import kitetail.check.Check;
import kitetail.client.Cautions;
import kitetail.client.Wishes;
import kitetail.cut.Cut;
import kitetail.hair.Hair;
import kitetail.hair.StartingHair;
import kitetail.head.HeadShape;
import kitetail.head.HeadSpec;
import kitetail.head.Relief;
import kitetail.head.Scalp;
import kitetail.plan.Finding;
import kitetail.plan.Move;
import kitetail.plan.Plan;
import kitetail.plan.PlanEngine;
import kitetail.section.Region;
import kitetail.section.Section;
import kitetail.section.Zone;

/** What tests ask of a section on a scalp, and a plan with all the rest left as usual. */
public final class On {
  private On() {}

  public static Zone zone(Scalp scalp, Section section) {
    return Zone.of(scalp, Region.of(section, List.of(section)));
  }

  public static int[] roots(Scalp scalp, Section section) {
    return zone(scalp, section).roots();
  }

  /** In the order of the section's roots. */
  public static double[] leaves(Cut cut, Scalp scalp, Section section) {
    return cut.leaves(zone(scalp, section), Hair.DEFAULT);
  }

  /** By root of the scalp; not a number outside the section. */
  public static double[] everywhere(Cut cut, Scalp scalp, Section section) {
    double[] out = new double[scalp.roots()];
    Arrays.fill(out, Double.NaN);
    int[] roots = roots(scalp, section);
    double[] left = leaves(cut, scalp, section);
    for (int k = 0; k < roots.length; k++) {
      out[roots[k]] = left[k];
    }
    return out;
  }

  /** Runs a plan and looks it over. */
  public static List<Finding> found(Plan plan, Scalp scalp) {
    return Check.of(plan, PlanEngine.run(plan, scalp));
  }

  public static Plan plan(
      HeadSpec head,
      StartingHair start,
      List<Section> sections,
      List<Move> moves,
      Wishes wishes,
      Cautions cautions) {
    return new Plan(
        Plan.VERSION,
        "test",
        head,
        null,
        start,
        null,
        null,
        null,
        sections,
        moves,
        null,
        wishes,
        cautions,
        null,
        null,
        null);
  }

  /** As a scan leaves a head: with bumps of up to 4 mm that no number holds. */
  public static HeadSpec.Measured scanned() {
    List<Double> bumps = new ArrayList<>();
    for (int i = 0; i < Relief.SIZE; i++) {
      bumps.add(4 * Math.sin(1.7 * i) * Math.cos(0.31 * i));
    }
    return new HeadSpec.Measured(
        577.0,
        null,
        null,
        null,
        null,
        new HeadShape(0.3, 0.5, -0.4, 0, 0, 2, -1),
        null,
        null,
        new Relief(bumps));
  }
}
