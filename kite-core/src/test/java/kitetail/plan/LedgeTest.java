package kitetail.plan;

import static org.assertj.core.api.Assertions.assertThat;
import static org.assertj.core.api.Assertions.within;

import java.util.ArrayList;
import java.util.Comparator;
import java.util.List;
import java.util.Random;
import java.util.stream.IntStream;
import java.util.stream.Stream;
import kitetail.On;
import kitetail.cut.CutLine;
import kitetail.cut.Fingers;
import kitetail.cut.Guide;
import kitetail.cut.Hold;
import kitetail.geom.Vec3;
import kitetail.hair.Damp;
import kitetail.hair.StartingHair;
import kitetail.hair.Stock;
import kitetail.head.Head;
import kitetail.head.HeadSpec;
import kitetail.head.Place;
import kitetail.head.Scalp;
import kitetail.head.Walk;
import kitetail.section.Facing;
import kitetail.section.Limit;
import kitetail.section.Scalar;
import kitetail.section.Section;
import org.junit.jupiter.api.Test;
import org.junit.jupiter.params.ParameterizedTest;
import org.junit.jupiter.params.provider.MethodSource;

/** A ledge is what a stylist's eye catches: hair that stands off the hair right beside it. */
class LedgeTest {
  private static final HeadSpec SPEC = new HeadSpec.Measured(570, null, null);
  private static final Scalp S = Scalp.of(Head.of(SPEC), Scalp.DEFAULT_SITES);
  private static final Workbench BENCH = new Workbench(S);
  private static final StartingHair START = StartingHair.Taped.six(300, 300, 300, 300, 300, 300);
  private static final Section ALL = new Section("all", "All", List.of());

  private static Move move(String section, CutLine line) {
    return new Move(
        section,
        section,
        section,
        new Fingers(new Hold.StraightOut(), line, new Guide.Travelling(), Facing.UP, 12),
        Damp.DRY,
        Move.Stand.BACK,
        "",
        "",
        false);
  }

  private static Plan plan(List<Section> sections, List<Move> moves) {
    return On.plan(SPEC, START, sections, moves, null, null);
  }

  private static final Plan PLAIN = plan(List.of(ALL), List.of(move("all", new CutLine.Round(50))));

  /** 50 random places: half of a head longer than the other half, by 6 to 40 mm. */
  static Stream<double[]> planted() {
    Random r = new Random(16);
    return IntStream.range(0, 50)
        .mapToObj(
            k -> {
              int root;
              do {
                root = r.nextInt(S.sites());
              } while (S.aboveHairlineMm(root) < 25);
              return new double[] {root, 6 + 34 * r.nextDouble(), 360 * r.nextDouble()};
            });
  }

  @ParameterizedTest
  @MethodSource("planted")
  void aPlantedLedge_isFound_whereItIs_asHighAsItIs(double[] p) {
    int at = (int) p[0];
    double step = p[1];
    double a = Math.toRadians(p[2]);
    Vec3 along = new Vec3(Math.cos(a), Math.sin(a), 0);
    Vec3 n = S.normal(at).times(1);
    Vec3 across = n.cross(along).norm() < 0.2 ? n.cross(new Vec3(0, 0, 1)) : n.cross(along);
    // As long as such a step shows on: more than a quarter of the longer.
    double shorter = 1.2 * step;
    double[] mm = new double[S.roots()];
    for (int i = 0; i < mm.length; i++) {
      Vec3 d = S.pointMm(i).minus(S.pointMm(at));
      mm[i] = shorter + 0.04 * (100 + S.pointMm(i).z()) + (d.dot(across) > 0 ? step : 0);
    }
    List<Ledge> found = Ledge.all(PLAIN, BENCH, Stock.of(mm));
    assertThat(found).isNotEmpty();
    Ledge most = found.stream().max(Comparator.comparing(Ledge::lengthMm)).orElseThrow();
    assertThat(most.heightMm()).isBetween(step - 1, step + 3);
    assertThat(Math.abs(S.pointMm(most.at()).minus(S.pointMm(at)).dot(across) / across.norm()))
        .as("off the planted line")
        .isLessThan(Ledge.REACH_MM);
    assertThat(most.lengthMm()).isGreaterThan(40);
    assertThat(most.meant()).isFalse();
  }

  /** Even, sloping and square shapes flow; nothing in them is a step. */
  static Stream<Plan> smooth() {
    List<Plan> all = new ArrayList<>();
    all.add(PLAIN);
    for (CutLine l :
        List.of(
            new CutLine.Slope(Place.CROWN, 40, Place.FRONT, 110),
            new CutLine.Slope(Place.NAPE, 12, Place.CROWN, 90),
            new CutLine.Slope(Place.EAR_TOP_LEFT, 20, Place.APEX, 70, true))) {
      all.add(plan(List.of(ALL), List.of(move("all", l))));
    }
    Section top =
        new Section("top", "Top", List.of(new Limit.Between(Scalar.ABOVE_RIDGE_MM, 0, 400)));
    Section under =
        new Section("under", "Under", List.of(new Limit.Between(Scalar.ABOVE_RIDGE_MM, -400, 0)));
    all.add(
        plan(
            List.of(top, under),
            List.of(move("top", new CutLine.Round(52)), move("under", new CutLine.Round(48)))));
    return all.stream();
  }

  @ParameterizedTest
  @MethodSource("smooth")
  void onASmoothPlan_noneIsReported(Plan p) {
    assertThat(PlanEngine.run(p, BENCH).ledges()).isEmpty();
  }

  /** Where a band is laid over others, no edge of a section tells of the step it makes. */
  @Test
  void theEdgeOfABand_isFound_withTheSectionItLiesIn() {
    Section band =
        new Section(
            "band",
            "Band",
            List.of(new Limit.Between(Scalar.ABOVE_HAIRLINE_MM, 0, 30)),
            List.of(),
            true);
    Plan p =
        plan(
            List.of(ALL, band),
            List.of(move("all", new CutLine.Round(50)), move("band", new CutLine.Round(20))));
    Ledge most = PlanEngine.run(p, BENCH).ledges().get(0);
    assertThat(most.heightMm()).isBetween(29.0, 31.0);
    assertThat(most.one()).isEqualTo("all");
    assertThat(most.other()).isEqualTo("all");
  }

  @Test
  void whatThePlanSaysIsMeant_isToldAsMeant() {
    Section top =
        new Section("top", "Top", List.of(new Limit.Between(Scalar.ABOVE_RIDGE_MM, 0, 400)));
    Section under =
        new Section("under", "Under", List.of(new Limit.Between(Scalar.ABOVE_RIDGE_MM, -400, 0)));
    Plan p =
        new Plan(
            Plan.VERSION,
            "t",
            SPEC,
            null,
            START,
            null,
            null,
            null,
            List.of(top, under),
            List.of(move("top", new CutLine.Round(90)), move("under", new CutLine.Round(20))),
            List.of(new MeantJump("top", "under", "it is so")),
            null,
            null,
            null,
            null,
            null);
    List<Ledge> found = PlanEngine.run(p, BENCH).ledges();
    assertThat(found).isNotEmpty().allMatch(Ledge::meant);
  }

  /**
   * On the walk over the head: a step where it lies, none on a slope, and one step is told once.
   */
  @Test
  void aWalkPassesALedge_whereTheLengthSteps_notWhereItRises() {
    Walk centre = S.walks().get(0);
    double apex = centre.marksMm().get(Place.APEX);
    double[] stepped = new double[centre.size()];
    double[] rising = new double[centre.size()];
    double[] steep = new double[centre.size()];
    for (int i = 0; i < centre.size(); i++) {
      double at = centre.distanceMm()[i];
      stepped[i] = at < apex ? 60 : 40;
      rising[i] = 20 + 0.5 * at;
      steep[i] = 400 - at;
    }
    double[] found = LedgesOnWalk.of(centre, S, stepped);
    assertThat(found).hasSize(1);
    assertThat(found[0]).isCloseTo(apex, within(6.0));
    assertThat(LedgesOnWalk.of(centre, S, rising)).isEmpty();
    assertThat(LedgesOnWalk.of(centre, S, steep)).isEmpty();
  }
}
