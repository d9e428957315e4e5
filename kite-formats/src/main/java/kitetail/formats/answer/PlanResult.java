package kitetail.formats.answer;

import java.util.ArrayList;
import java.util.EnumMap;
import java.util.List;
import java.util.Map;
import kitetail.check.Check;
import kitetail.check.Handled;
import kitetail.check.Heed;
import kitetail.client.Reading;
import kitetail.formats.words.Units;
import kitetail.formats.words.Words;
import kitetail.geom.Vec3;
import kitetail.head.Place;
import kitetail.head.Walk;
import kitetail.plan.Extent;
import kitetail.plan.Finding;
import kitetail.plan.Jumps;
import kitetail.plan.Ledge;
import kitetail.plan.LedgesOnWalk;
import kitetail.plan.Outcome;
import kitetail.plan.Plan;
import kitetail.plan.PlanEngine;
import kitetail.section.Cover;
import org.jspecify.annotations.Nullable;

/**
 * What comes of a plan.
 *
 * @param engine the version the numbers were worked out with
 * @param ledgesOnWalksMm how far along each walk the hair that is left stands off the hair beside
 *     it
 * @param endsMm what is left at every named place
 * @param walks the profile; how much of it is told depends on who asks
 * @param sites every site as x, y, z, area mm², length before, length after; when asked for
 */
public record PlanResult(
    String engine,
    String title,
    HeadView head,
    ScalpView scalp,
    int bites,
    double minutes,
    List<MoveResult> moves,
    List<SectionResult> sections,
    CoverView cover,
    List<JumpView> jumps,
    List<LedgeView> ledges,
    Map<Walk.Kind, double[]> ledgesOnWalksMm,
    Map<Place, Double> endsMm,
    List<WalkView> walks,
    List<WishView> wishes,
    List<FindingView> findings,
    @Nullable List<double[]> sites) {

  /** How finely the scalp was worked out. */
  public record ScalpView(int sites, double areaMm2) {}

  /** What is left in a section; the three lengths are missing when nothing grows there. */
  public record SectionResult(
      String id,
      double areaMm2,
      @Nullable Double minMm,
      @Nullable Double meanMm,
      @Nullable Double maxMm) {
    private static SectionResult of(Extent e) {
      double area = Rounded.thousandth(e.areaMm2());
      return e.areaMm2() > 0
          ? new SectionResult(
              e.section(),
              area,
              Rounded.thousandth(e.minMm()),
              Rounded.thousandth(e.meanMm()),
              Rounded.thousandth(e.maxMm()))
          : new SectionResult(e.section(), area, null, null, null);
    }
  }

  /** Scalp that no section covers, or more than one. */
  public record CoverView(List<Patch> gaps, List<Patch> overlaps) {
    /**
     * A piece of scalp.
     *
     * @param sections those it lies in, or beside
     */
    public record Patch(List<String> sections, double areaMm2, Place near) {
      private static Patch of(Cover.Patch p) {
        return new Patch(p.sections(), Rounded.thousandth(p.areaMm2()), p.near());
      }
    }

    private static CoverView of(Cover c) {
      return new CoverView(
          c.gaps().stream().map(Patch::of).toList(), c.overlaps().stream().map(Patch::of).toList());
    }
  }

  /** A step between two sections. */
  public record JumpView(String longer, String shorter, double mm, Place near, boolean meant) {
    private static JumpView of(Jumps j) {
      return new JumpView(j.one(), j.other(), Rounded.thousandth(j.mm()), j.near(), j.meant());
    }
  }

  /** A step between neighbouring hairs. */
  public record LedgeView(Place near, double heightMm, double lengthMm, boolean meant) {
    private static LedgeView of(Ledge l) {
      return new LedgeView(
          l.near(), Rounded.thousandth(l.heightMm()), Rounded.thousandth(l.lengthMm()), l.meant());
    }
  }

  /**
   * What became of a wish.
   *
   * @param wishedMm dry and straight
   * @param overMm how much longer it is than wished
   * @param shortfallMm by how much the hair that is there is too short
   * @param weeksToGrow until it is long enough
   */
  public record WishView(
      Place place,
      double wishedMm,
      double lengthMm,
      double overMm,
      double shortfallMm,
      double weeksToGrow) {
    private static WishView of(Reading w) {
      return new WishView(
          w.wish().place(),
          Rounded.thousandth(w.needMm()),
          Rounded.thousandth(w.haveMm()),
          Rounded.thousandth(w.offMm()),
          Rounded.thousandth(w.shortMm()),
          Rounded.thousandth(w.weeks()));
    }
  }

  /** Everything, lengths along the walks too; words in centimetres. */
  public static PlanResult of(Plan plan, Outcome o, boolean sites) {
    return of(
        plan, o, Check.of(plan, o), WalkView.of(o), sites ? sites(o) : null, new Words(Units.CM));
  }

  /**
   * The same with walks as given, for those who send what is along them otherwise.
   *
   * @param found what a stylist should know, worst first
   */
  public static PlanResult of(
      Plan plan, Outcome o, List<Finding> found, List<WalkView> walks, Words words) {
    return of(plan, o, found, walks, null, words);
  }

  private static PlanResult of(
      Plan plan,
      Outcome o,
      List<Finding> found,
      List<WalkView> walks,
      @Nullable List<double[]> sites,
      Words words) {
    Map<Place, Double> ends = new EnumMap<>(Place.class);
    for (Place p : Place.values()) {
      ends.put(p, Rounded.thousandth(o.endMm(p)));
    }
    return new PlanResult(
        PlanEngine.VERSION,
        plan.title(),
        HeadView.of(o.scalp().head()),
        new ScalpView(o.scalp().sites(), Rounded.thousandth(o.scalp().totalAreaMm2())),
        o.bites(),
        Rounded.thousandth(o.minutes()),
        moves(plan, o, words),
        o.extents().stream().map(SectionResult::of).toList(),
        CoverView.of(o.cover()),
        o.jumps().stream().map(JumpView::of).toList(),
        o.ledges().stream().map(LedgeView::of).toList(),
        onWalks(o),
        ends,
        walks,
        o.wishes().stream().map(WishView::of).toList(),
        FindingView.of(found),
        sites);
  }

  private static Map<Walk.Kind, double[]> onWalks(Outcome o) {
    Map<Walk.Kind, double[]> all = new EnumMap<>(Walk.Kind.class);
    o.scalp().walks().forEach(w -> all.put(w.kind(), Rounded.row(LedgesOnWalk.of(w, o))));
    return all;
  }

  private static List<MoveResult> moves(Plan plan, Outcome o, Words words) {
    List<List<Heed>> heeds = Heed.of(plan, o);
    List<Handled> handled = Handled.of(plan, o);
    List<MoveResult> moves = new ArrayList<>();
    for (int k = 0; k < heeds.size(); k++) {
      moves.add(MoveResult.of(o.steps().get(k), heeds.get(k), handled.get(k), words));
    }
    return moves;
  }

  private static List<double[]> sites(Outcome o) {
    List<double[]> all = new ArrayList<>();
    for (int i = 0; i < o.scalp().sites(); i++) {
      Vec3 p = o.scalp().pointMm(i);
      all.add(
          Rounded.row(
              new double[] {
                p.x(), p.y(), p.z(), o.scalp().areaMm2(i), o.beforeMm()[i], o.afterMm()[i]
              },
              0,
              6));
    }
    return all;
  }
}
