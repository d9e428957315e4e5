package kitetail.formats.look;

import static org.assertj.core.api.Assertions.assertThat;

import java.util.HashMap;
import java.util.List;
import java.util.Map;
import java.util.Set;
import java.util.stream.IntStream;
import kitetail.fall.Fall;
import kitetail.fall.Styling;
import kitetail.formats.DemoHeads;
import kitetail.formats.json.Families;
import kitetail.hair.Growth;
import kitetail.hair.Hair;
import kitetail.hair.WetDry;
import kitetail.head.FacePlace;
import kitetail.head.Head;
import kitetail.head.HeadShape;
import kitetail.head.HeadSpec;
import kitetail.head.Scalp;
import kitetail.look.Ears;
import kitetail.look.Landing;
import kitetail.look.Look;
import kitetail.look.Side;
import kitetail.plan.Plan;
import kitetail.planning.Planner;
import kitetail.planning.Worn;
import org.junit.jupiter.params.ParameterizedTest;
import org.junit.jupiter.params.provider.MethodSource;

/** What each family's name promises, read from its hair as it falls; common practice. */
class FamiliesFallTest {
  private static final Map<HeadSpec, Worn.Stand> STANDS = new HashMap<>();

  private static final Set<String> TAILS =
      Set.of("crop-and-tail", "soft-tail", "oval-tail", "kept-length-curl-tail");
  private static final Set<String> EARS_SHOW =
      Set.of(
          "quiet-side-part",
          "gents-scissor-cut",
          "hard-line-sweep",
          "swept-back-classic",
          "square-curl-crop",
          "short-sides-chipped-top",
          "stand-up-pixie",
          "tapered-pixie",
          "piecey-pixie");
  private static final Set<String> OFF_THE_FACE =
      Set.of(
          "quiet-side-part",
          "gents-scissor-cut",
          "hard-line-sweep",
          "swept-back-classic",
          "throw-back-layers");

  static Set<String> ids() {
    return Families.all().keySet();
  }

  private static Worn worn(String id) {
    Plan plan = Families.all().get(id);
    Worn.Stand stand =
        STANDS.computeIfAbsent(plan.head(), h -> Worn.Stand.of(Scalp.of(Head.of(h), 1200)));
    return Worn.of(plan, stand, 0);
  }

  @ParameterizedTest
  @MethodSource("ids")
  void everyFamilyFalls_asItsNameHasIt(String id) {
    Worn w = worn(id);
    Look l = w.look();
    Ears e = l.ears();
    if (EARS_SHOW.contains(id)) {
      assertThat(Math.max(e.leftShare(), e.rightShare())).as("ears covered").isLessThan(0.3);
    }
    if (id.equals("loose-ear-length")) {
      assertThat(e.leftShare()).as("half way down the ear").isBetween(0.15, 0.75);
    }
    Landing front = l.landing(Side.FRINGE).orElseThrow();
    if (OFF_THE_FACE.contains(id)) {
      assertThat(front.place()).as("front off the face").isNull();
    }
    Landing nape = l.landing(Side.NAPE).orElseThrow();
    if (TAILS.contains(id)) {
      assertThat(nape.place()).isEqualTo(FacePlace.COLLAR);
      assertThat(nape.belowMm()).as("a tail hangs below the collar").isGreaterThan(15);
    }
    if (id.equals("stand-up-pixie")) {
      assertThat(highest(w.fall()))
          .as("stands up")
          .isGreaterThan(w.outcome().scalp().head().place(kitetail.head.Place.APEX).z() + 50);
    }
    if (id.equals("short-shag") || id.equals("soft-tail") || id.equals("two-way-fringe-shag")) {
      assertThat(front.place()).as("fringe near the brow").isEqualTo(FacePlace.BROW_RIGHT);
    }
  }

  /** A fringe combed down lies on the forehead; common practice. Curls stand off as they will. */
  @ParameterizedTest
  @MethodSource("ids")
  void aFringeWornDown_liesOnTheForehead(String id) {
    Worn w = worn(id);
    Fall f = w.fall();
    Styling.Way way = f.styling().way();
    if (way != Styling.Way.FORWARD && way != Styling.Way.NATURAL || f.curlRatio(0) < 0.99) {
      return;
    }
    Head h = f.ground().scalp().head();
    double front = h.place(kitetail.head.Place.FRONT).z();
    double brow = h.face().get(FacePlace.BROW_RIGHT).z();
    double[] off =
        IntStream.range(0, f.strands())
            .mapToObj(f::tip)
            .filter(t -> Math.abs(t.x()) < 40 && t.y() > 55)
            .filter(t -> t.z() < front - 8 && t.z() > brow - 6)
            .mapToDouble(t -> f.ground().body().atMm(t.x(), t.y(), t.z(), null))
            .sorted()
            .toArray();
    if (off.length > 10) {
      assertThat(off[(int) (0.95 * off.length)]).as("off the forehead").isLessThan(12);
    }
  }

  private record Client(HeadSpec.Measured head, Hair hair) {}

  /**
   * Unlike clients: usual; double whorl and nape swirls; thick and curly; usual hair on a head that
   * was scanned.
   */
  private static final List<Client> CLIENTS =
      List.of(
          new Client(new HeadSpec.Measured(572, 350.0, 330.0), new Hair(58, 0.37)),
          new Client(
              new HeadSpec.Measured(
                  541, null, 312.0, null, null, new HeadShape(0, 0, 0, -1, 0, 0, 0), null, null),
              new Hair(
                  66,
                  0.36,
                  200,
                  70,
                  WetDry.STRAIGHT,
                  new Growth(Growth.Whorl.DOUBLE, null, Growth.Nape.SWIRLS),
                  List.of())),
          new Client(
              new HeadSpec.Measured(565, 346.0, null),
              new Hair(75, 0.34, 250, 82, new WetDry(0.03, 0.7), Growth.USUAL, List.of())),
          new Client(DemoHeads.scanned(), new Hair(60, 0.36)));

  /** Fitted to each of them, as a plan is made in the shop. */
  @ParameterizedTest
  @MethodSource("ids")
  void onUnlikeClients_itComesToRestOutsideTheHead_andTailsHang_andFrontsStayOff(String id) {
    Plan family = Families.all().get(id);
    for (Client c : CLIENTS) {
      Worn.Stand stand =
          STANDS.computeIfAbsent(c.head(), h -> Worn.Stand.of(Scalp.of(Head.of(h), 1200)));
      Plan plan =
          Planner.fit(
                  family.on(c.head(), c.hair(), family.start(), family.wishes(), family.cautions()))
              .plan();
      Worn w = Worn.of(plan, stand, 0);
      Fall f = w.fall();
      assertThat(f.unsettled()).as("unsettled").isLessThan(f.strands() / 7);
      assertThat(deepest(f)).as("inside the head").isGreaterThan(-0.2);
      if (TAILS.contains(id)) {
        assertThat(w.look().landing(Side.NAPE).orElseThrow().ofHairlineMm())
            .as("a tail below the nape")
            .isGreaterThan(60);
      }
      if (OFF_THE_FACE.contains(id)) {
        assertThat(w.look().landing(Side.FRINGE).orElseThrow().place()).isNull();
      }
    }
  }

  private static double deepest(Fall f) {
    double deepest = 0;
    for (int i = 0; i < f.strands(); i++) {
      for (int k = 1; k < f.points(); k++) {
        var p = f.point(i, k);
        deepest = Math.min(deepest, f.ground().body().atMm(p.x(), p.y(), p.z(), null));
      }
    }
    return deepest;
  }

  private static double highest(Fall f) {
    double most = 0;
    for (int i = 0; i < f.strands(); i++) {
      most = Math.max(most, f.tip(i).z());
    }
    return most;
  }
}
