package kitetail.look;

import static org.assertj.core.api.Assertions.assertThat;
import static org.assertj.core.api.Assertions.within;

import java.util.function.IntToDoubleFunction;
import kitetail.client.Landing;
import kitetail.client.Wish;
import kitetail.fall.Fall;
import kitetail.fall.Ground;
import kitetail.fall.Styling;
import kitetail.hair.Hair;
import kitetail.hair.Stock;
import kitetail.head.Bust;
import kitetail.head.FacePlace;
import kitetail.head.Head;
import kitetail.head.HeadSpec;
import kitetail.head.Place;
import kitetail.head.Scalp;
import kitetail.head.Walk;
import org.junit.jupiter.api.Test;

/** Fallen hair read where it is known what must be seen. */
class LookTest {
  private static final double R = 90;
  private static final Scalp BALL = Scalp.of(Head.of(new HeadSpec.Ball(R)), 1200);
  private static final Ground ON_BALL = Ground.of(BALL);
  private static final Scalp HEAD = Scalp.of(Head.of(new HeadSpec.Measured(570, null, null)), 1500);
  private static final Ground ON_HEAD = Ground.of(HEAD);

  private static Look look(Ground g, Styling styling, IntToDoubleFunction lengthMm) {
    double[] l = new double[g.scalp().roots()];
    for (int i = 0; i < l.length; i++) {
      l[i] = lengthMm.applyAsDouble(i);
    }
    Stock stock = Stock.of(l);
    Fall f = Fall.of(g, Hair.DEFAULT, stock, styling);
    return Look.of(f, stock, Bust.of(g.scalp().head()).points());
  }

  /** Down the ball to its widest, then straight down to a height. */
  private static double downTo(int root, double z) {
    double polar = Math.acos(Math.max(-1, Math.min(1, BALL.pointMm(root).z() / R)));
    return R * Math.max(0, Math.PI / 2 - polar)
        + Math.max(0, Math.min(0, BALL.pointMm(root).z()) - z);
  }

  @Test
  void oneLength_givesOneWeightLine_atTheLinesHeight_allRound() {
    Look l = look(ON_BALL, Styling.NATURAL, i -> downTo(i, -110));
    assertThat(l.lines()).hasSize(1);
    WeightLine line = l.lines().get(0);
    assertThat(line.heightMm()).isCloseTo(-110, within(12.0));
    assertThat(line.toDeg() - line.fromDeg()).isGreaterThan(340);
    assertThat(line.share()).isGreaterThan(0.6);
    assertThat(line.aboveEdgeMm()).isLessThan(18);
  }

  @Test
  void uniformLayers_giveNoWeightLine() {
    assertThat(look(ON_BALL, Styling.NATURAL, i -> 55).lines()).isEmpty();
    assertThat(look(ON_HEAD, Styling.NATURAL, i -> 80).lines()).isEmpty();
  }

  /** Common practice: ends stacked below, the weight where the stack stops. */
  @Test
  void aGraduatedCut_givesALineAboveItsEdge() {
    double low = BALL.head().place(Place.NAPE).z();
    double stacked = low + 45;
    Look l =
        look(
            ON_BALL,
            Styling.NATURAL,
            i -> {
              double z = BALL.pointMm(i).z();
              double end = z > stacked ? -30 : -30 - 60 * (stacked - z) / (stacked - low);
              return Math.max(6, downTo(i, end));
            });
    assertThat(l.lines()).isNotEmpty();
    assertThat(l.lines())
        .allSatisfy(
            line -> {
              assertThat(line.heightMm()).isCloseTo(-30, within(14.0));
              assertThat(line.aboveEdgeMm()).isGreaterThan(25);
            });
  }

  @Test
  void theWideSideOfAPartingIsHeavier() {
    Look left = look(ON_HEAD, new Styling(null, Styling.Part.LEFT, 0, 0, false), i -> 150);
    assertThat(left.weight().rightGrams()).isGreaterThan(1.3 * left.weight().leftGrams());
    Look centre = look(ON_HEAD, new Styling(null, Styling.Part.CENTRE, 0, 0, false), i -> 150);
    assertThat(centre.weight().rightGrams())
        .isCloseTo(centre.weight().leftGrams(), within(0.08 * centre.weight().leftGrams()));
  }

  @Test
  void longerHairCoversMoreOfTheEar_andNoneCoversNothing() {
    double before = -1;
    for (double mm : new double[] {5, 40, 70, 130}) {
      Ears e = look(ON_HEAD, Styling.NATURAL, i -> mm).ears();
      assertThat(e.leftShare()).isCloseTo(e.rightShare(), within(0.25));
      assertThat(e.rightShare()).isGreaterThanOrEqualTo(before);
      before = e.rightShare();
    }
    assertThat(look(ON_HEAD, Styling.NATURAL, i -> 5).ears().rightShare()).isLessThan(0.05);
    assertThat(before).isGreaterThan(0.9);
  }

  /** The wish measures over the head and the face; the rods know nothing of it. */
  @Test
  void aFringeLongEnoughForTheBrow_landsNearIt() {
    double mm = new Wish(Place.FRONT, Landing.BROW).needMm(HEAD.head(), Hair.DEFAULT);
    // As a fringe is cut: longer by what it grows further back.
    Look l =
        look(
            ON_HEAD,
            Styling.NATURAL.combed(Styling.Way.FORWARD),
            i -> mm + HEAD.aboveHairlineMm(i));
    kitetail.look.Landing fringe = l.landing(Side.FRINGE).orElseThrow();
    assertThat(fringe.place()).isIn(FacePlace.BROW_RIGHT, FacePlace.EYE_RIGHT);
    double brow = HEAD.head().face().get(FacePlace.BROW_RIGHT).z();
    double eye = HEAD.head().face().get(FacePlace.EYE_RIGHT).z();
    double below =
        fringe.place() == FacePlace.BROW_RIGHT ? fringe.belowMm() : brow - eye + fringe.belowMm();
    assertThat(below).isCloseTo(0, within(15.0));
    Look back = look(ON_HEAD, new Styling(Styling.Way.BACK, null, 0.1, 0.3, false), i -> mm);
    assertThat(back.landing(Side.FRINGE).orElseThrow().place()).isNull();
  }

  @Test
  void skinShowsAtAShortEdge_asHighAsItIsShort() {
    Look l = look(ON_HEAD, Styling.NATURAL, i -> HEAD.aboveHairlineMm(i) < 20 ? 1.5 : 40);
    assertThat(l.skin()).extracting(Skin::side).contains(Side.LEFT, Side.RIGHT, Side.NAPE);
    assertThat(l.skin())
        .filteredOn(s -> s.side() == Side.NAPE)
        .allSatisfy(s -> assertThat(s.heightMm()).isCloseTo(20, within(6.0)));
    assertThat(look(ON_HEAD, Styling.NATURAL, i -> 40).skin()).isEmpty();
  }

  @Test
  void aShortBandAmongLongHairStandsOff() {
    IntToDoubleFunction band = i -> Math.abs(HEAD.aboveRidgeMm(i)) < 22 ? 24 : 90;
    assertThat(look(ON_HEAD, Styling.NATURAL, band).standing()).isNotEmpty();
    assertThat(look(ON_HEAD, Styling.NATURAL, i -> 90).standing()).isEmpty();
  }

  @Test
  void aPlaceCutOutIsAHole() {
    // And a strip above it, so that nothing falls over the place; longer hair would cover it.
    double az = HEAD.head().azimuthRad(HEAD.head().place(Place.RIDGE_RIGHT));
    double down = HEAD.head().fromApexMm(HEAD.head().place(Place.RIDGE_RIGHT));
    IntToDoubleFunction bare =
        i ->
            Math.abs(HEAD.azimuthRad(i) - az) * 75 < 24
                    && Math.abs(HEAD.fromApexMm(i) - down + 30) < 54
                ? 1
                : 18;
    assertThat(look(ON_HEAD, Styling.NATURAL, bare).holes())
        .extracting(Weight.Hole::place)
        .contains(Place.RIDGE_RIGHT);
    assertThat(look(ON_HEAD, Styling.NATURAL, i -> 18).holes()).isEmpty();
  }

  @Test
  void outlinesAreClosed_asWideAsTheHead_andMirroredFromTheOtherSide() {
    Look l = look(ON_HEAD, Styling.NATURAL, i -> 1);
    assertThat(l.silhouettes())
        .extracting(Silhouette::from)
        .containsExactly(Silhouette.From.values());
    for (Silhouette s : l.silhouettes()) {
      int n = s.xMm().length - 1;
      assertThat(s.xMm()[n]).isEqualTo(s.xMm()[0]);
      assertThat(s.yMm()[n]).isEqualTo(s.yMm()[0]);
    }
    Silhouette front = l.silhouette(Silhouette.From.FRONT);
    assertThat(front.widthMm(60)).isCloseTo(HEAD.head().measures().breadthMm(), within(14.0));
    Look full = look(ON_HEAD, Styling.NATURAL, i -> 120);
    assertThat(full.silhouette(Silhouette.From.FRONT).widthMm(60))
        .isGreaterThan(front.widthMm(60) + 4);
    Silhouette left = l.silhouette(Silhouette.From.LEFT);
    Silhouette right = l.silhouette(Silhouette.From.RIGHT);
    for (int i = 0; i < left.xMm().length; i++) {
      assertThat(left.xMm()[i]).isEqualTo(-right.xMm()[i]);
    }
  }

  @Test
  void lengthsUpTheHeadAreLayeredUniformGraduatedOrSolid() {
    for (var c :
        java.util.Map.of(
                -0.5, Layering.Kind.LAYERED,
                0.0, Layering.Kind.UNIFORM,
                0.5, Layering.Kind.GRADUATED,
                1.0, Layering.Kind.SOLID)
            .entrySet()) {
      Look l = look(ON_HEAD, Styling.NATURAL, i -> 150 - c.getKey() * HEAD.fromApexMm(i));
      assertThat(l.layering())
          .filteredOn(x -> x.walk() == Walk.Kind.CENTRE)
          .isNotEmpty()
          .allSatisfy(
              x -> {
                assertThat(x.kind()).isEqualTo(c.getValue());
                assertThat(x.slope()).isCloseTo(c.getKey(), within(0.02));
              });
    }
  }

  @Test
  void wornAnotherWay_shortHairDoesNotGoThere_longHairDoes() {
    for (double mm : new double[] {15, 120}) {
      double[] l = new double[HEAD.roots()];
      java.util.Arrays.fill(l, mm);
      var ways = OtherWay.all(ON_HEAD, Hair.DEFAULT, Stock.of(l), Styling.NATURAL);
      assertThat(ways).hasSize(Styling.Way.values().length - 1);
      assertThat(ways).allSatisfy(w -> assertThat(w.staysShare()).isEqualTo(mm > 50 ? 1.0 : 0.0));
    }
  }
}
