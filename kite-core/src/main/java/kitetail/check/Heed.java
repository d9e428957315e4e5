package kitetail.check;

import java.util.ArrayList;
import java.util.List;
import kitetail.client.SkinNote;
import kitetail.cut.Aside;
import kitetail.cut.Edge;
import kitetail.cut.Fingers;
import kitetail.cut.Outline;
import kitetail.geom.Vec3;
import kitetail.head.Place;
import kitetail.head.Scalp;
import kitetail.plan.Job;
import kitetail.plan.Outcome;
import kitetail.plan.Plan;
import org.jspecify.annotations.Nullable;

/**
 * What is to be heeded while one move is done: said at the chair, on the move it touches. Usual
 * cautions; local rules and licensed practice come first.
 *
 * @param near null when it is not about a place
 * @param skin what was noted there; null when it is not about the skin
 */
public record Heed(Kind kind, @Nullable Place near, SkinNote.@Nullable Kind skin) {
  /** What it is about. */
  public enum Kind {
    /** A blade works near an ear: it is folded away or held. */
    EAR,
    /** Something was noted on the skin where this works. */
    SKIN,
    /** The neck is shaved: look for moles first, a guarded razor, a new blade. */
    NECK_RAZOR,
    /** A razor of any kind: a new blade for each client. */
    NEW_BLADE,
    /** The client moves a lot, and a blade works near ear, eye or neck. */
    MOVES
  }

  /** Within four inches of it an ear is folded away; common practice. */
  private static final double EAR_MM = 101.6;

  /** A comb or clipper reaches so far round where it cuts; an assumption. */
  private static final double SKIN_MM = 25;

  /** For each move of a plan what is to be heeded in it. */
  public static List<List<Heed>> of(Plan plan, Outcome o) {
    List<List<Heed>> out = new ArrayList<>();
    for (int k = 0; k < o.steps().size(); k++) {
      out.add(of(plan, o, k));
    }
    return List.copyOf(out);
  }

  private static List<Heed> of(Plan plan, Outcome o, int number) {
    Outcome.Step step = o.steps().get(number);
    List<Heed> out = new ArrayList<>();
    if (step.cut() instanceof Aside a) {
      if (a.what() == Aside.What.CLEAN_NECK) {
        out.add(new Heed(Kind.NECK_RAZOR, Place.NAPE, null));
        skin(plan, o.scalp(), List.of(o.scalp().head().place(Place.NAPE)), out);
      }
      return List.copyOf(out);
    }
    Scalp s = o.scalp();
    List<Vec3> roots = new ArrayList<>();
    List<Vec3> blades = new ArrayList<>();
    o.worked(number)
        .forEach(
            i -> {
              roots.add(s.pointMm(i));
              blades.add(blade(step, s, i));
            });
    for (Place ear : List.of(Place.EAR_TOP_LEFT, Place.EAR_TOP_RIGHT)) {
      if (nearest(s.head().place(ear), blades) < EAR_MM) {
        out.add(new Heed(Kind.EAR, ear, null));
      }
    }
    skin(plan, s, roots, out);
    if (step.cut() instanceof Edge e && e.outline() instanceof Outline.Nape) {
      out.add(new Heed(Kind.NECK_RAZOR, Place.NAPE, null));
    }
    if (step.cut().razor()) {
      out.add(new Heed(Kind.NEW_BLADE, null, null));
    }
    boolean near = out.stream().anyMatch(h -> h.kind() == Kind.EAR || h.kind() == Kind.NECK_RAZOR);
    if (plan.lively() && (near || step.move().job() == Job.FRINGE)) {
      out.add(new Heed(Kind.MOVES, null, null));
    }
    return List.copyOf(out);
  }

  private static void skin(Plan plan, Scalp s, List<Vec3> roots, List<Heed> out) {
    for (SkinNote n : plan.cautions().skin()) {
      if (nearest(s.head().place(n.near()), roots) < SKIN_MM) {
        out.add(new Heed(Kind.SKIN, n.near(), n.kind()));
      }
    }
  }

  /** Where the blade is when it cuts: over the fingers at the end of the hair, else at the skin. */
  static Vec3 blade(Outcome.Step step, Scalp s, int i) {
    return step.cut() instanceof Fingers f
        ? s.pointMm(i).plus(f.hold().pull(s.normal(i)).times(step.leftMm()[i]))
        : s.pointMm(i);
  }

  private static double nearest(Vec3 place, List<Vec3> points) {
    return points.stream().mapToDouble(place::distanceTo).min().orElse(Double.POSITIVE_INFINITY);
  }
}
