package kitetail.formats.picture;

import static org.assertj.core.api.Assertions.assertThat;

import java.awt.image.BufferedImage;
import java.util.HashSet;
import java.util.List;
import java.util.Set;
import java.util.stream.Stream;
import kitetail.formats.json.MergePatch;
import kitetail.formats.json.SitDownJson;
import kitetail.geom.Vec3;
import kitetail.hair.Growth;
import kitetail.hair.Hair;
import kitetail.hair.WetDry;
import kitetail.head.Head;
import kitetail.head.HeadSpec;
import kitetail.plan.SitDown;
import org.junit.jupiter.api.Test;
import org.junit.jupiter.params.ParameterizedTest;
import org.junit.jupiter.params.provider.CsvSource;
import org.junit.jupiter.params.provider.MethodSource;
import tools.jackson.databind.JsonNode;
import tools.jackson.databind.json.JsonMapper;

class PicksTest {
  private static final JsonMapper JSON = new JsonMapper();
  private static final Head HEAD = Head.of(new HeadSpec.Measured(570, null, null));

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

  private static long dark(BufferedImage i) {
    long n = 0;
    for (int y = 0; y < i.getHeight(); y++) {
      for (int x = 0; x < i.getWidth(); x++) {
        int p = i.getRGB(x, y);
        n += p >>> 24 > 128 && (p >> 8 & 255) < 90 ? 1 : 0;
      }
    }
    return n;
  }

  @Test
  void denserAndCoarserHair_isDrawnDarker() {
    long sparse = dark(draw(hair(120, 70, 1), null));
    long usual = dark(draw(hair(200, 70, 1), null));
    long coarse = dark(draw(hair(200, 110, 1), null));
    assertThat(sparse).isLessThan(usual);
    assertThat(usual).isLessThan(coarse);
  }

  @Test
  void hairThatHangsLower_coversMore() {
    long brow = dark(draw(Hair.DEFAULT, new PickPicture.Hanging(-40, 40, null, null, 45, 0, 0)));
    long eye = dark(draw(Hair.DEFAULT, new PickPicture.Hanging(-40, 40, null, null, 80, 0, 0)));
    assertThat(eye).isGreaterThan(brow + 200);
  }

  private static BufferedImage draw(Hair hair, PickPicture.Hanging hanging) {
    return PickPicture.draw(HEAD, hair, PickPicture.Eye.FRONT, hanging, null, 120, 140);
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

  /** The examples of RFC 7396, appendix A. */
  @ParameterizedTest
  @CsvSource(
      delimiter = '|',
      value = {
        "{\"a\":\"b\"} | {\"a\":\"c\"} | {\"a\":\"c\"}",
        "{\"a\":\"b\"} | {\"b\":\"c\"} | {\"a\":\"b\",\"b\":\"c\"}",
        "{\"a\":\"b\"} | {\"a\":null} | {}",
        "{\"a\":\"b\",\"b\":\"c\"} | {\"a\":null} | {\"b\":\"c\"}",
        "{\"a\":[\"b\"]} | {\"a\":\"c\"} | {\"a\":\"c\"}",
        "{\"a\":\"c\"} | {\"a\":[\"b\"]} | {\"a\":[\"b\"]}",
        "{\"a\":{\"b\":\"c\"}} | {\"a\":{\"b\":\"d\",\"c\":null}} | {\"a\":{\"b\":\"d\"}}",
        "{\"a\":[{\"b\":\"c\"}]} | {\"a\":[1]} | {\"a\":[1]}",
        "[\"a\",\"b\"] | [\"c\",\"d\"] | [\"c\",\"d\"]",
        "{\"a\":\"b\"} | [\"c\"] | [\"c\"]",
        "{\"e\":null} | {\"a\":1} | {\"e\":null,\"a\":1}",
        "[1,2] | {\"a\":\"b\",\"c\":null} | {\"a\":\"b\"}",
        "{} | {\"a\":{\"bb\":{\"ccc\":null}}} | {\"a\":{\"bb\":{}}}"
      })
  void mergePatches_areThoseOfTheStandard(String target, String patch, String result) {
    assertThat(MergePatch.apply(JSON.readTree(target), JSON.readTree(patch)))
        .isEqualTo(JSON.readTree(result));
  }
}
