package kitetail.formats.picture;

import static org.assertj.core.api.Assertions.assertThat;

import java.awt.image.BufferedImage;
import java.util.ArrayList;
import java.util.Arrays;
import java.util.List;
import java.util.function.DoubleUnaryOperator;
import java.util.function.IntToDoubleFunction;
import java.util.stream.Stream;
import kitetail.fall.Fall;
import kitetail.fall.Ground;
import kitetail.fall.Styling;
import kitetail.formats.DemoHeads;
import kitetail.geom.Vec3;
import kitetail.hair.Hair;
import kitetail.hair.HairColour;
import kitetail.hair.Rgb;
import kitetail.hair.SkinTone;
import kitetail.hair.Stock;
import kitetail.head.FaceLine;
import kitetail.head.Head;
import kitetail.head.HeadShape;
import kitetail.head.HeadSpec;
import kitetail.head.Place;
import kitetail.head.Scalp;
import org.junit.jupiter.api.Test;
import org.junit.jupiter.params.ParameterizedTest;
import org.junit.jupiter.params.provider.Arguments;
import org.junit.jupiter.params.provider.EnumSource;
import org.junit.jupiter.params.provider.MethodSource;

/** Pixels of fallen hair where hair must be, and skin where it must be. */
class HairPictureTest {
  private static final Scalp S = Scalp.of(Head.of(new HeadSpec.Measured(570, null, null)), 1200);
  private static final Ground GROUND = Ground.of(S);
  private static final HairPicture PICTURE = new HairPicture(S);
  private static final HairColour BLACK = new HairColour(1, 0, 0);
  private static final HairColour BLONDE = new HairColour(10, 0, 0);

  private static Fall fall(double mm, Hair hair) {
    return fall(i -> mm, hair);
  }

  private static Fall fall(IntToDoubleFunction mm, Hair hair) {
    double[] l = new double[S.roots()];
    Arrays.setAll(l, mm);
    return Fall.of(GROUND, hair, Stock.of(l), Styling.NATURAL);
  }

  private static Hair hair(HairColour colour) {
    return Hair.DEFAULT.with(colour);
  }

  private static int light(int argb) {
    return (argb >> 16 & 255) + (argb >> 8 & 255) + (argb & 255);
  }

  /** Mean lightness of a square, 0 to 765. */
  private static double light(BufferedImage image, int x, int y) {
    double sum = 0;
    for (int j = -4; j <= 4; j++) {
      for (int i = -4; i <= 4; i++) {
        sum += light(image.getRGB(x + i, y + j));
      }
    }
    return sum / 81;
  }

  private static int solid(BufferedImage image) {
    int n = 0;
    for (int y = 0; y < image.getHeight(); y++) {
      for (int x = 0; x < image.getWidth(); x++) {
        n += image.getRGB(x, y) >>> 24 > 200 ? 1 : 0;
      }
    }
    return n;
  }

  @ParameterizedTest
  @EnumSource(View.class)
  void longHairMakesTheHeadLarger_fromEverySide(View view) {
    int bald = solid(PICTURE.draw(fall(0.1, hair(BLACK)), view, 240, 300));
    int full = solid(PICTURE.draw(fall(110, hair(BLACK)), view, 240, 300));
    assertThat(bald).isGreaterThan(240 * 300 / 8);
    assertThat(full).isGreaterThan(bald * 21 / 20);
  }

  @Test
  void hairHasItsColour_andTheFaceStaysSkin() {
    Fall f = fall(60, hair(BLACK));
    BufferedImage black = PICTURE.draw(f, View.BACK, 240, 300);
    BufferedImage blonde = PICTURE.draw(fall(60, hair(BLONDE)), View.BACK, 240, 300);
    assertThat(light(black, 120, 110)).isLessThan(0.45 * light(blonde, 120, 110));
    BufferedImage front = PICTURE.draw(f, View.FRONT, 240, 300);
    assertThat(light(front, 120, 195)).as("the chin").isGreaterThan(2 * light(black, 120, 110));
  }

  /**
   * A mouth and closed lids are seen on every skin; from the darkest, black itself stands out by no
   * more than 1.35.
   */
  @Test
  void theLinesOfTheFace_areSeenOnEverySkin() {
    for (double depth = 1; depth <= 10; depth += 0.5) {
      for (double undertone : new double[] {-1, 0, 1}) {
        Hair hair = Hair.DEFAULT.on(new SkinTone(depth, undertone));
        for (FaceLine.Kind kind : List.of(FaceLine.Kind.LIPS, FaceLine.Kind.LID)) {
          int ink = FaceInk.argb(kind, hair) & 0xffffff;
          assertThat(Rgb.contrast(ink, hair.skin().rgb()))
              .as("%s on %.1f, %.0f", kind, depth, undertone)
              .isGreaterThan(1.25);
        }
      }
    }
  }

  @Test
  void theSameFallIsTheSamePicture() {
    Fall f = fall(40, Hair.DEFAULT);
    assertThat(PICTURE.png(f, View.RIGHT, 120, 150))
        .isEqualTo(PICTURE.png(f, View.RIGHT, 120, 150));
  }

  @Test
  void levelsRiseInLightness_andGreyIsLighter() {
    double before = -1;
    for (int level = 1; level <= 10; level++) {
      int now = light(new HairColour(level, 0, 0).mean());
      assertThat((double) now).isGreaterThan(before);
      before = now;
    }
    assertThat(light(new HairColour(3, 0, 0.6).mean()))
        .isGreaterThan(light(new HairColour(3, 0, 0).mean()));
    assertThat(HairColour.levels()).hasSize(10);
  }

  private static final double SCALE = Math.min(300 / 316.0, 240 / 224.0);

  /** The eye stands across the chair, as the browser's does. */
  private static final double EYE_MM = 850;

  /** The row of a 240 × 300 picture a point is drawn in. */
  private static double row(View view, Vec3 p) {
    Vec3 right = new Vec3(0, 0, 1).cross(view.from().times(1));
    Vec3 up = view.from().times(1).cross(right);
    Vec3 d = p.minus(new Vec3(0, -2, 2));
    double near = EYE_MM / (EYE_MM - view.from().dot(d));
    return 150 - SCALE * near * up.dot(d) / up.norm();
  }

  /** Mean lightness of what the left side above and behind the ear shows between two heights. */
  private static double band(BufferedImage image, double fromMm, double toMm) {
    double sum = 0;
    int n = 0;
    for (double z = fromMm; z < toMm; z += 1) {
      for (int x = 116; x <= 150; x++) {
        sum += light(image.getRGB(x, (int) Math.round(row(View.LEFT, new Vec3(-76, 0, z)))));
        n++;
      }
    }
    return sum / n;
  }

  /** A short fall on a head: length by how high a root sits above the middle of the head. */
  private static BufferedImage side(HeadSpec spec, DoubleUnaryOperator lengthMm) {
    Scalp s = Scalp.of(Head.of(spec), 3000);
    double[] l = new double[s.roots()];
    for (int i = 0; i < l.length; i++) {
      l[i] = lengthMm.applyAsDouble(s.pointMm(i).z());
    }
    Fall f = Fall.of(Ground.of(s), hair(BLACK), Stock.of(l), Styling.NATURAL);
    return new HairPicture(s).draw(f, View.LEFT, 240, 300);
  }

  /** The higher up the head the longer, as a taper leaves it. */
  private static double taper(double z) {
    return Math.max(0.5, Math.min(12, (z - 48) * 12 / 50));
  }

  /**
   * Common practice: a taper is an even shade that falls off with the guard, no lattice, no steps.
   */
  @ParameterizedTest
  @MethodSource("heads")
  void aTaper_growsDarkerSteadilyWithItsLength(HeadSpec spec) {
    BufferedImage image = side(spec, HairPictureTest::taper);
    double before = 1e9;
    for (double z = 52; z < 92; z += 8) {
      double now = band(image, z, z + 8);
      assertThat(now).as("from %s mm up", z).isLessThan(before);
      before = now;
    }
  }

  @ParameterizedTest
  @MethodSource("heads")
  void aGuardStepInATaper_isItsStrongestEdge(HeadSpec spec) {
    double at = 76;
    BufferedImage image = side(spec, z -> z < at ? 1.5 : 6);
    double strongest = 0;
    double where = 0;
    for (double z = 56; z < 92; z += 1) {
      double edge = band(image, z - 4, z) - band(image, z, z + 4);
      if (edge > strongest) {
        strongest = edge;
        where = z;
      }
    }
    assertThat(where).isBetween(at - 5, at + 5);
    // Hair grows aslant, so the edge is soft; it is still plain to see.
    assertThat(strongest).isGreaterThan(20);
  }

  /** Six skins and four colours of hair, each told from each other. */
  @Test
  void skinsAndColours_areTwentyFourDifferentHeads() {
    double[] depths = {1, 3, 4.5, 6, 8, 10};
    double[] levels = {1, 4, 7, 10};
    List<double[]> seen = new ArrayList<>();
    for (double depth : depths) {
      for (double level : levels) {
        Hair h = hair(new HairColour(level, 0, 0)).on(new SkinTone(depth, 0));
        BufferedImage image = PICTURE.draw(fall(40, h), View.FRONT, 120, 150);
        double[] now = {light(image, 60, 88), light(image, 60, 30)};
        for (double[] other : seen) {
          assertThat(Math.hypot(now[0] - other[0], now[1] - other[1]))
              .as("skin %s, hair %s", depth, level)
              .isGreaterThan(8);
        }
        seen.add(now);
      }
    }
  }

  /** Usual; of the smallest girths, with a full face of picks; with bumps as a scan leaves them. */
  static Stream<HeadSpec> heads() {
    return Stream.of(
        new HeadSpec.Measured(570, null, null),
        new HeadSpec.Measured(
            545.0, null, null, null, null, new HeadShape(-1, 1, 1, 1, 0, 0, 0), null, null),
        DemoHeads.scanned());
  }

  /** What a fringe's landing says is where its edge is drawn. */
  @ParameterizedTest
  @MethodSource("heads")
  void aFringesEdge_isDrawnWhereItsTipsLie(HeadSpec spec) {
    Hair h = hair(BLACK).on(new SkinTone(1, 0));
    Scalp s = Scalp.of(Head.of(spec), Fall.STRANDS);
    double[] l = new double[s.roots()];
    Arrays.setAll(l, i -> s.pointMm(i).y() > 40 ? 46 : 20);
    Fall f = Fall.of(Ground.of(s), h, Stock.of(l), Styling.NATURAL);
    BufferedImage image = new HairPicture(s).draw(f, View.FRONT, 240, 300);
    double[] tips = new double[f.strands()];
    int n = 0;
    for (int i = 0; i < f.strands(); i++) {
      Vec3 tip = f.tip(i);
      if (Math.abs(tip.x()) < 12 && tip.y() > 60 && f.point(i, 0).y() > 60) {
        tips[n++] = row(View.FRONT, tip);
      }
    }
    Arrays.sort(tips, 0, n);
    assertThat(n).isGreaterThan(15);
    double tipRow = tips[(int) (0.8 * n)];
    double strongest = 0;
    double where = 0;
    for (int y = 60; y < 150; y++) {
      double edge = 0;
      for (int x = 109; x <= 131; x++) { // between the brows, as wide as the tips read
        edge += light(image.getRGB(x, y + 2)) - light(image.getRGB(x, y - 2));
      }
      if (edge > strongest) {
        strongest = edge;
        where = y;
      }
    }
    assertThat(where).isBetween(tipRow - 3, tipRow + 3);
  }

  static Stream<Arguments> headsAndParts() {
    return heads()
        .flatMap(
            h ->
                Stream.of(Styling.Part.LEFT, Styling.Part.CENTRE, Styling.Part.RIGHT)
                    .map(p -> Arguments.of(h, p)));
  }

  /** Light hair lets light through: it is evenly light beside black hair, also by its roots. */
  @Test
  void lightHairHasNoDarkBands() {
    assertThat(darkestOverLightest(BLONDE)).as("no more than a third darker").isGreaterThan(0.65);
  }

  /** Of the parted hair seen from the part's side: its dark tenth over its light tenth. */
  private static double darkestOverLightest(HairColour colour) {
    double[] l = new double[S.roots()];
    Arrays.fill(l, 110);
    Styling over = new Styling(Styling.Way.LEFT, Styling.Part.RIGHT, 0.1, 0.1, false);
    BufferedImage side =
        PICTURE.draw(Fall.of(GROUND, hair(colour), Stock.of(l), over), View.RIGHT, 224, 316);
    List<Double> lights = new ArrayList<>();
    for (int y = 20; y < 120; y += 4) {
      for (int x = 40; x < 150; x += 4) {
        if (side.getRGB(x, y) >>> 24 == 255) {
          lights.add(light(side, x, y));
        }
      }
    }
    lights.sort(null);
    return lights.get(lights.size() / 10) / lights.get(lights.size() * 9 / 10);
  }

  /** A combed part is a line of skin 2 to 6 mm wide, from the hairline to the crown. */
  @ParameterizedTest
  @MethodSource("headsAndParts")
  void aPartIsALineOfSkin(HeadSpec spec, Styling.Part side) {
    Head head = Head.of(spec);
    Scalp fine = Scalp.of(head, Fall.STRANDS);
    double[] l = new double[fine.roots()];
    Arrays.fill(l, 90);
    Styling parted = new Styling(null, side, 0.1, 0.2, false);
    Hair hair = hair(BLACK).on(new SkinTone(1, 0));
    Fall f = Fall.of(Ground.of(fine), hair, Stock.of(l), parted);
    double perMm = 3;
    BufferedImage top =
        new HairPicture(fine)
            .draw(f, View.TOP, (int) Math.round(224 * perMm), (int) Math.round(250 * perMm));
    double from = head.place(Place.CROWN).y() + 30;
    double to = head.edge(Math.toRadians(side == Styling.Part.CENTRE ? 0 : 25)).y() - 14;
    List<Double> widths = new ArrayList<>();
    for (double y = from; y < to; y += 0.5) {
      int row = (int) Math.round(top.getHeight() / 2.0 - perMm * (y + 4));
      int seen = 0;
      for (double x = -9; x <= 9; x += 1 / perMm) {
        int column = (int) Math.round(top.getWidth() / 2.0 + perMm * (parted.partX(head) + x));
        seen += light(top.getRGB(column, row)) > 330 ? 1 : 0;
      }
      widths.add(seen / perMm);
    }
    widths.sort(null);
    assertThat(widths.size()).isGreaterThan(80);
    assertThat(widths.get(widths.size() / 2)).isBetween(2.0, 6.0);
    assertThat(widths.get(widths.size() / 10)).isGreaterThan(2.0);
    assertThat(widths.get(widths.size() * 9 / 10)).isLessThan(6.0);
  }
}
