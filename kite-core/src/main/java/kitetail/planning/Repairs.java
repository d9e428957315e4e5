package kitetail.planning;

import java.util.ArrayList;
import java.util.List;
import kitetail.cut.Aside;
import kitetail.cut.Spot;
import kitetail.geom.Vec3;
import kitetail.head.Place;
import kitetail.plan.Ledge;
import kitetail.plan.Move;
import kitetail.plan.Outcome;
import kitetail.plan.Plan;
import kitetail.plan.PlanEngine;
import kitetail.plan.Slip;
import kitetail.plan.Workbench;

/**
 * What can be done about a slip, least hair first: leave it and let it grow, soften round it, or
 * soften it and take the other side to match. Whatever is still to do is reckoned with: where it
 * cuts below the slip anyway, nothing is left to repair.
 *
 * <p>Softened, the dent runs out over six times its depth, within 40 and 90 mm: about as a blend
 * that does not show; an assumption.
 *
 * @param shortMm by how much the place comes out shorter than without the slip
 * @param weeks until that has grown
 * @param all at most three; leaving it comes first
 */
public record Repairs(Place place, double shortMm, double weeks, List<Repair> all) {
  /** Less than this nobody sees; an assumption. */
  private static final double SEEN_MM = 1;

  private static final double DENTS_WIDE = 6;
  private static final double LEAST_SPAN_MM = 40;
  private static final double MOST_SPAN_MM = 90;

  /** What is done. */
  public enum Kind {
    LEAVE,
    SOFTEN,
    MATCH
  }

  /** Hair a repair takes at a named place, mm. */
  public record Taken(Place place, double mm) {}

  /**
   * One way out.
   *
   * @param plan that goes on with it
   * @param minutes more than leaving it
   * @param taken what it takes besides, the most first
   * @param mostMm at most anywhere
   * @param ledgeMm the highest step it leaves near the slip or opposite; 0 for none that shows
   * @param apartMm by how much more the two sides differ than without the slip; 0 on the centre
   */
  public record Repair(
      Kind kind,
      Plan plan,
      double minutes,
      List<Taken> taken,
      double mostMm,
      double ledgeMm,
      double apartMm) {}

  /**
   * @param plan with the slip in it ({@link Slip#into})
   * @param slip id of its move
   * @param bench of the plan's head, with sites enough to tell a ledge
   * @throws IllegalArgumentException when there is no such slip
   */
  public static Repairs of(Plan plan, String slip, Workbench bench) {
    Move move =
        plan.moves().stream()
            .filter(m -> m.id().equals(slip) && m.cut() instanceof Spot)
            .findFirst()
            .orElseThrow(() -> new IllegalArgumentException("no slip is called \"" + slip + "\""));
    return new Work(plan, move, bench).find();
  }

  private static final class Work {
    private final Plan plan;
    private final Move slip;
    private final Place place;
    private final Workbench bench;
    private final Outcome meant;
    private final Outcome left;

    Work(Plan plan, Move slip, Workbench bench) {
      this.plan = plan;
      this.slip = slip;
      this.place = ((Spot) slip.cut()).place();
      this.bench = bench;
      List<Move> without = new ArrayList<>(plan.moves());
      without.remove(slip);
      this.meant = PlanEngine.run(plan.withMoves(without), bench);
      this.left = PlanEngine.run(plan, bench);
    }

    Repairs find() {
      double shortMm = meant.endMm(place) - left.endMm(place);
      List<Repair> all = new ArrayList<>();
      all.add(repair(Kind.LEAVE, plan, left));
      if (shortMm >= SEEN_MM) {
        Move soften = softened(shortMm);
        Repair softened = worked(Kind.SOFTEN, List.of(soften));
        // Where all round is as short already there is nothing to soften.
        boolean dips = softened.mostMm() >= SEEN_MM;
        if (dips) {
          all.add(softened);
        }
        if (place.mirrored() != place) {
          Move match = matched(shortMm);
          all.add(worked(Kind.MATCH, dips ? List.of(soften, match) : List.of(match)));
        }
      }
      double weeks = Math.max(0, shortMm) / plan.hair().growthMmPerDay() / 7;
      return new Repairs(place, Math.max(0, shortMm), weeks, List.copyOf(all));
    }

    private static double spanMm(double shortMm) {
      return Math.max(LEAST_SPAN_MM, Math.min(MOST_SPAN_MM, DENTS_WIDE * shortMm));
    }

    private Move softened(double shortMm) {
      Spot ring = new Spot(place, shortMm, spanMm(shortMm), ((Spot) slip.cut()).spanMm());
      return Slip.mending(plan, slip, "soften", "Soften round it", ring);
    }

    private Move matched(double shortMm) {
      Spot other = new Spot(place.mirrored(), shortMm, spanMm(shortMm), 0);
      return Slip.mending(plan, slip, "match", "Match the other side", other);
    }

    private Repair worked(Kind kind, List<Move> freehand) {
      Plan with = Slip.put(plan, afterTheCutting(), freehand);
      return repair(kind, with, PlanEngine.run(with, bench));
    }

    /** After the last move that cuts: before what is dried, dressed and looked at. */
    private int afterTheCutting() {
      int at = plan.moves().indexOf(slip);
      for (int m = at; m < plan.moves().size(); m++) {
        at = plan.moves().get(m).cut() instanceof Aside ? at : m;
      }
      return at + 1;
    }

    private Repair repair(Kind kind, Plan with, Outcome o) {
      List<Taken> taken = new ArrayList<>();
      for (Place p : Place.values()) {
        double mm = left.endMm(p) - o.endMm(p);
        if (mm >= SEEN_MM) {
          taken.add(new Taken(p, mm));
        }
      }
      taken.sort((a, b) -> Double.compare(b.mm(), a.mm()));
      double most = 0;
      for (int i = 0; i < o.afterMm().length; i++) {
        most = Math.max(most, left.afterMm()[i] - o.afterMm()[i]);
      }
      double ledge = ledge(o);
      return new Repair(
          kind,
          with,
          o.minutes() - left.minutes(),
          List.copyOf(taken),
          most,
          ledge > ledge(meant) + SEEN_MM ? ledge : 0,
          apart(o));
    }

    /** The highest step nobody meant, near the slip or opposite. */
    private double ledge(Outcome o) {
      return o.ledges().stream()
          .filter(l -> !l.meant() && near(o, l))
          .mapToDouble(Ledge::heightMm)
          .max()
          .orElse(0);
    }

    private boolean near(Outcome o, Ledge l) {
      Vec3 at = o.scalp().pointMm(l.at());
      return at.distanceTo(o.scalp().head().place(place)) < MOST_SPAN_MM
          || at.distanceTo(o.scalp().head().place(place.mirrored())) < MOST_SPAN_MM;
    }

    private double apart(Outcome o) {
      return Math.abs(side(o) - side(meant));
    }

    private double side(Outcome o) {
      return o.endMm(place) - o.endMm(place.mirrored());
    }
  }
}
