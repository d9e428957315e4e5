package kitetail.formats.picture;

import static org.assertj.core.api.Assertions.assertThat;

import java.awt.image.BufferedImage;
import java.util.HashSet;
import java.util.List;
import java.util.Map;
import java.util.Set;
import java.util.concurrent.ConcurrentHashMap;
import java.util.stream.IntStream;
import java.util.stream.Stream;
import kitetail.fall.Fall;
import kitetail.fall.Ground;
import kitetail.formats.json.MergePatch;
import kitetail.formats.json.SitDownJson;
import kitetail.geom.Vec3;
import kitetail.hair.Growth;
import kitetail.hair.Hair;
import kitetail.hair.WetDry;
import kitetail.head.FacePlace;
import kitetail.head.Head;
import kitetail.head.HeadSpec;
import kitetail.head.Scalp;
import kitetail.plan.SitDown;
import org.junit.jupiter.api.Test;
import org.junit.jupiter.params.ParameterizedTest;
import org.junit.jupiter.params.provider.MethodSource;
import tools.jackson.databind.JsonNode;
import tools.jackson.databind.json.JsonMapper;

class PicksTest {
  private static final JsonMapper JSON = new JsonMapper();
  private static final Head HEAD = Head.of(new HeadSpec.Measured(570, null, null));
  private static final Ground GROUND = Ground.of(Scalp.of(HEAD, 600));
  private static final PickHead DRAWN = PickHead.of(GROUND);

  static Stream<Picks.Group> groups() {
    return Picks.all().stream();
  }

  private static Hair hair(double density, double diameter, double curl) {
    return new Hair(60, 0.36, density, diameter, new WetDry(0.03, curl), Growth.USUAL, List.of());
  }

  /** A new pick is a line of data: its options must be documents, and differ. */
  @ParameterizedTest
  @MethodSource("groups")
  void everyOption_setsSomethingOfItsOwn_andStaysADocument(Picks.Group g) {
    JsonNode usual = SitDownJson.tree(SitDown.walkIn());
    Set<SitDown> seen = new HashSet<>();
    Set<String> ids = new HashSet<>();
    for (Picks.Option o : g.options()) {
      JsonNode set = MergePatch.apply(usual, o.set());
      assertThat(seen.add(SitDownJson.read(set))).as(o.id()).isTrue();
      assertThat(ids.add(o.id())).as(o.id()).isTrue();
      assertThat(MergePatch.apply(set, o.set())).isEqualTo(set);
      assertThat(o.title()).isNotBlank();
    }
    assertThat(g.why()).endsWith(".");
    assertThat(g.options()).hasSizeBetween(3, 7);
  }

  /** Of every group but the wishes one option is what a walk-in has already. */
  @ParameterizedTest
  @MethodSource("groups")
  void aWalkInsUsualValue_isOneOfThePicks(Picks.Group g) {
    JsonNode usual = SitDownJson.tree(SitDown.walkIn());
    long standing =
        g.options().stream()
            .filter(
                o -> SitDownJson.read(MergePatch.apply(usual, o.set())).equals(SitDown.walkIn()))
            .count();
    assertThat(standing).as(g.id()).isEqualTo(g.part().equals("wish") ? 0 : 1);
  }

  @Test
  void groupsAreTold_apartByTheirIds() {
    assertThat(Picks.all()).extracting(Picks.Group::id).doesNotHaveDuplicates();
    assertThat(Picks.all())
        .extracting(Picks.Group::part)
        .containsOnly("wish", "head", "hairline", "growth", "hair");
  }

  private static BufferedImage drawn(PickPicture.Eye eye, Hair hair, PickHair shown) {
    return PickPicture.draw(DRAWN, hair, eye, shown, 208, 240);
  }

  private static PickHair hairOf(String group, String option) {
    Picks.Group g =
        Picks.all().stream().filter(x -> x.id().equals(group)).findFirst().orElseThrow();
    PickHair own =
        g.options().stream().filter(o -> o.id().equals(option)).findFirst().orElseThrow().hair();
    return own == null ? g.hair() : own;
  }

  private static double tone(BufferedImage i) {
    double sum = 0;
    double n = 0;
    for (int y = 0; y < i.getHeight(); y++) {
      for (int x = 0; x < i.getWidth(); x++) {
        int p = i.getRGB(x, y);
        if (p >>> 24 > 128) {
          sum += (p >> 16 & 255) + (p >> 8 & 255) + (p & 255);
          n++;
        }
      }
    }
    return sum / n;
  }

  @Test
  void sparseHair_letsMoreOfTheSkinThrough() {
    PickHair nap = new PickHair(4, null, null, null, false);
    double sparse = tone(drawn(PickPicture.Eye.BACK, hair(120, 70, 1), nap));
    double usual = tone(drawn(PickPicture.Eye.BACK, hair(200, 70, 1), nap));
    double thick = tone(drawn(PickPicture.Eye.BACK, hair(270, 92, 1), nap));
    assertThat(sparse).isGreaterThan(usual + 6);
    assertThat(usual).isGreaterThan(thick + 3);
  }

  /** Where the middle strands of a pick's fringe end, mm above the brow. */
  private static double fringeOverBrow(String option) {
    PickHair shown = hairOf("fringe", option);
    Scalp scalp = GROUND.scalp();
    Fall f = Fall.of(GROUND, Hair.DEFAULT, shown.on(scalp), shown.styling());
    double[] ends =
        IntStream.range(0, scalp.sites())
            .filter(i -> Math.abs(scalp.azimuthRad(i)) < Math.toRadians(20))
            .filter(i -> scalp.fromApexMm(i) > HEAD.hairlineFromApexMm(scalp.azimuthRad(i)) - 30)
            .mapToDouble(i -> f.xyz()[3 * ((i + 1) * f.points() - 1) + 2])
            .sorted()
            .toArray();
    return ends[ends.length / 2] - HEAD.face().get(FacePlace.BROW_LEFT).z();
  }

  @Test
  void fringes_endWhereTheirPicksSay() {
    assertThat(fringeOverBrow("brow")).isBetween(-10.0, 12.0);
    assertThat(fringeOverBrow("short")).isBetween(18.0, 45.0);
    assertThat(fringeOverBrow("long")).isBetween(-45.0, -12.0);
  }

  /** How many pixels about the ear, from a little above its top to its lobe, show no skin. */
  private static long hidden(String option) {
    BufferedImage i = drawn(PickPicture.Eye.EAR, Hair.DEFAULT, hairOf("ear", option));
    long n = 0;
    for (int y = 70; y < 190; y++) {
      for (int x = 50; x < 110; x++) {
        n += (i.getRGB(x, y) >> 8 & 255) < 110 ? 1 : 0;
      }
    }
    return n;
  }

  @Test
  void eachEarPick_hidesMoreOfTheEar() {
    List<Long> hidden =
        Stream.of("free", "touching", "half", "covered").map(PicksTest::hidden).toList();
    for (int k = 1; k < hidden.size(); k++) {
      assertThat(hidden.get(k)).as(hidden.toString()).isGreaterThan(hidden.get(k - 1) + 200);
    }
  }

  /** Two picks that look alike are no picks. */
  @ParameterizedTest
  @MethodSource("groups")
  void theOptionsOfAGroup_areToldApartAtAGlance(Picks.Group g) {
    int w = 100;
    int h = 116;
    BufferedImage strip = Picks.strip(g, SitDown.walkIn(), PicksTest::head, w, h);
    for (int a = 0; a < g.options().size(); a++) {
      for (int b = a + 1; b < g.options().size(); b++) {
        long differ = 0;
        for (int y = 0; y < h; y++) {
          for (int x = 0; x < w; x++) {
            int p = strip.getRGB(a * w + x, y);
            int q = strip.getRGB(b * w + x, y);
            differ += Math.abs((p >> 8 & 255) - (q >> 8 & 255)) > 24 ? 1 : 0;
          }
        }
        assertThat(differ)
            .as(g.id() + " " + g.options().get(a).id() + " " + g.options().get(b).id())
            .isGreaterThan(90);
      }
    }
  }

  private static final Map<HeadSpec, PickHead> HEADS = new ConcurrentHashMap<>();

  private static PickHead head(HeadSpec spec) {
    PickHead known = HEADS.get(spec);
    if (known == null) {
      known = PickHead.of(Ground.of(Scalp.of(Head.of(spec), 600)));
      HEADS.put(spec, known);
    }
    return known;
  }

  @Test
  void strokes_areAsManyAsTheHairIsDense_andLieOverTheSkin() {
    assertThat(Strokes.of(HEAD, hair(100, 70, 1), 400)).hasSize(200);
    for (Strokes.Stroke s : Strokes.of(HEAD, Hair.DEFAULT, 300)) {
      for (Vec3 p : s.points()) {
        // Along the line to the centre, which the skin of the nape meets at a slant.
        assertThat(HEAD.surface().heightMm(p.x(), p.y(), p.z())).isBetween(0.5, 4.0);
      }
    }
  }

  @Test
  void curlyStrokes_wave() {
    Strokes.Stroke straight = Strokes.of(HEAD, hair(200, 70, 1), 50).get(20);
    Strokes.Stroke coily = Strokes.of(HEAD, hair(200, 70, 0.4), 50).get(20);
    assertThat(length(coily)).isGreaterThan(1.1 * length(straight));
  }

  private static double length(Strokes.Stroke s) {
    double sum = 0;
    for (int i = 1; i < s.points().size(); i++) {
      sum += s.points().get(i).distanceTo(s.points().get(i - 1));
    }
    return sum;
  }
}
