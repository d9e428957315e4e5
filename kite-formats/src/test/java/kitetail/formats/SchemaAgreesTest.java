package kitetail.formats;

import static org.assertj.core.api.Assertions.assertThat;
import static org.assertj.core.api.Assertions.assertThatCode;
import static org.assertj.core.api.Assertions.assertThatThrownBy;

import java.util.ArrayList;
import java.util.List;
import java.util.stream.Stream;
import kitetail.formats.json.PlanJson;
import kitetail.formats.json.PlanProblemException;
import org.junit.jupiter.params.ParameterizedTest;
import org.junit.jupiter.params.provider.MethodSource;
import tools.jackson.databind.JsonNode;
import tools.jackson.databind.json.JsonMapper;
import tools.jackson.databind.node.ObjectNode;

/**
 * Every range of the schema: both ends are taken by the core, a step outside is refused with that
 * range.
 */
class SchemaAgreesTest {
  private static final JsonMapper JSON = new JsonMapper();
  private static final String FULL =
      """
      {"version":2,"title":"t","head":{"kind":"measured","girthMm":570,"earToEarMm":347,"frontToNapeMm":327,
        "shape":{"sides":0},"hairline":{"frontPeakMm":0},"nudges":{"crown":{"upFingers":1,"acrossFingers":0}}},
       "hair":{"exitDeg":60,"growthMmPerDay":0.36,"densityPerCm2":200,"diameterUm":70,
        "wetDry":{"stretchShare":0.03,"curlRatio":0.9},"growth":{"whorl":"double"},
        "patches":[{"at":{"azimuthDeg":90,"share":0.5},"radiusMm":20,"density":1,"diameter":1,"curl":1}]},
       "start":{"kind":"taped","tapedMm":{"apex":100,"nape":40},"jumps":[{"along":"ridge","offsetMm":0}],
        "patches":[{"at":{"azimuthDeg":90,"share":0.5},"radiusMm":20,"lengthMm":10}]},
       "pace":{"fingersSec":14,"combSec":11,"guardSec":6},
       "sections":[{"id":"all","name":"All","limits":[{"by":"aroundDeg","min":-180,"max":180}]}],
       "moves":[
        {"id":"a","name":"a","section":"all","damp":"wet","stand":"back","purpose":"","watch":"","askFirst":false,
         "cut":{"kind":"fingers","hold":{"kind":"elevation","elevationDeg":45},"line":{"kind":"flat","facing":"up","place":"apex","lengthMm":60,"fingerDeg":0},
                "guide":{"kind":"fixed","place":"crown","gather":"row"},"progress":"back","biteMm":12,"rollDeg":5,
                "hand":{"first":{"elevationDeg":120,"lengthMm":80},"tuck":{"by":"aboveHairlineMm","fromMm":10,"toMm":40,"deg":-20}}}},
        {"id":"b","name":"b","section":"all","damp":"dry","stand":"left","purpose":"","watch":"","askFirst":true,
         "handling":{"tiltDeg":15,"stroke":"up","ear":"client","wetting":"lotion"},
         "cut":{"kind":"comb","gapMm":8,"outDeg":5,"thicknessMm":2,"tool":"clipper","leverMm":1}},
        {"id":"c","name":"c","section":"all","damp":"damp","stand":"front","purpose":"","watch":"","askFirst":false,
         "cut":{"kind":"guard","number":4,"leverMm":0,"grain":"with","rockOut":{"by":"aboveHairlineMm","atMm":20,"radiusMm":50}}}],
       "wishes":{"points":[{"place":"front","lengthMm":80},{"place":"front","landing":"brow"},{"place":"apex","standMm":90}],"leaveAlone":["nape"],"worn":["up"],"holdWeeks":6},
       "cautions":{"lively":true,"skin":[{"kind":"mole","near":"nape"}],"consent":{"notes":true}}}
      """;

  record Range(String pointer, String definition, String field) {
    @Override
    public String toString() {
      return pointer;
    }
  }

  static Stream<Range> ranges() {
    List<Range> all = new ArrayList<>();
    all.add(new Range("/head/girthMm", "measured", "girthMm"));
    for (String f :
        List.of("sides", "back", "forehead", "crown", "crownAcrossMm", "earLeftMm", "earRightMm")) {
      all.add(new Range("/head/shape/" + f, "shape", f));
    }
    for (String f :
        List.of(
            "frontPeakMm",
            "recessionLeftMm",
            "recessionRightMm",
            "sideburnMm",
            "napeDropMm",
            "napePointMm",
            "napePointsMm",
            "napeRoundMm",
            "templeMm",
            "sideburnWidthMm")) {
      all.add(new Range("/head/hairline/" + f, "hairline", f));
    }
    for (String f : List.of("upFingers", "acrossFingers")) {
      all.add(new Range("/head/nudges/crown/" + f, "nudge", f));
    }
    for (String f : List.of("radiusMm", "density", "diameter", "curl")) {
      all.add(new Range("/hair/patches/0/" + f, "hairPatch", f));
    }
    for (String f : List.of("azimuthDeg", "share")) {
      all.add(new Range("/hair/patches/0/at/" + f, "spot", f));
    }
    for (String f : List.of("radiusMm", "lengthMm")) {
      all.add(new Range("/start/patches/0/" + f, "lengthPatch", f));
    }
    all.add(new Range("/start/jumps/0/offsetMm", "jump", "offsetMm"));
    for (String f : List.of("exitDeg", "growthMmPerDay", "densityPerCm2", "diameterUm")) {
      all.add(new Range("/hair/" + f, "hair", f));
    }
    for (String f : List.of("fingersSec", "combSec", "guardSec")) {
      all.add(new Range("/pace/" + f, "pace", f));
    }
    all.add(new Range("/moves/0/cut/biteMm", "fingers", "biteMm"));
    all.add(new Range("/moves/0/cut/hold/elevationDeg", "elevation", "elevationDeg"));
    all.add(new Range("/moves/0/cut/line/lengthMm", "flat", "lengthMm"));
    all.add(new Range("/moves/0/cut/line/fingerDeg", "flat", "fingerDeg"));
    all.add(new Range("/moves/0/cut/rollDeg", "fingers", "rollDeg"));
    for (String f : List.of("elevationDeg", "lengthMm")) {
      all.add(new Range("/moves/0/cut/hand/first/" + f, "lift", f));
    }
    all.add(new Range("/moves/0/cut/hand/tuck/deg", "tuck", "deg"));
    all.add(new Range("/moves/1/handling/tiltDeg", "handling", "tiltDeg"));
    all.add(new Range("/wishes/points/2/standMm", "wish", "standMm"));
    for (String f : List.of("gapMm", "outDeg", "thicknessMm", "leverMm")) {
      all.add(new Range("/moves/1/cut/" + f, "comb", f));
    }
    for (String f : List.of("number", "leverMm")) {
      all.add(new Range("/moves/2/cut/" + f, "guard", f));
    }
    all.add(new Range("/moves/2/cut/rockOut/atMm", "rockOut", "atMm"));
    all.add(new Range("/moves/2/cut/rockOut/radiusMm", "rockOut", "radiusMm"));
    all.add(new Range("/wishes/points/0/lengthMm", "wish", "lengthMm"));
    return all.stream();
  }

  private static JsonNode with(Range r, double value) {
    JsonNode document = JSON.readTree(FULL);
    int cut = r.pointer.lastIndexOf('/');
    ((ObjectNode) document.at(r.pointer.substring(0, cut)))
        .put(r.pointer.substring(cut + 1), value);
    return document;
  }

  @ParameterizedTest
  @MethodSource("ranges")
  void bothEndsAreTaken_andAStepOutsideIsRefused(Range r) {
    JsonNode rule =
        JSON.readTree(PlanJson.schema()).at("/$defs/" + r.definition + "/properties/" + r.field);
    double min = rule.path("minimum").asDouble();
    double max = rule.path("maximum").asDouble();
    assertThat(min).isLessThan(max);
    assertThatCode(() -> PlanJson.read(with(r, min))).doesNotThrowAnyException();
    assertThatCode(() -> PlanJson.read(with(r, max))).doesNotThrowAnyException();
    String range = "allowed " + rule.path("minimum") + " to " + rule.path("maximum");
    for (double outside : new double[] {min - 0.5, max + 0.5}) {
      assertThatThrownBy(() -> PlanJson.read(with(r, outside)))
          .isInstanceOf(PlanProblemException.class)
          .hasMessageContaining(range);
    }
  }

  @ParameterizedTest
  @MethodSource("ranges")
  void aWordInPlaceOfANumber_isRefused(Range r) {
    JsonNode document = JSON.readTree(FULL);
    int cut = r.pointer.lastIndexOf('/');
    ((ObjectNode) document.at(r.pointer.substring(0, cut)))
        .put(r.pointer.substring(cut + 1), "long");
    assertThatThrownBy(() -> PlanJson.read(document)).hasMessageContaining("type number");
  }
}
