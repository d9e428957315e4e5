package kitetail.formats;

import static org.assertj.core.api.Assertions.assertThat;
import static org.assertj.core.api.Assertions.assertThatThrownBy;

import java.util.List;
import java.util.Map;
import java.util.stream.Stream;
import kitetail.formats.answer.ScoreView;
import kitetail.formats.answer.TaskView;
import kitetail.formats.json.CourseJson;
import kitetail.formats.json.Families;
import kitetail.formats.json.PlanJson;
import kitetail.formats.json.PlanProblemException;
import kitetail.formats.json.PracticeJson;
import kitetail.formats.words.PracticeWords;
import kitetail.formats.words.Units;
import kitetail.formats.words.Words;
import kitetail.plan.Plan;
import kitetail.practice.Attempt;
import kitetail.practice.Drill;
import kitetail.practice.Task;
import kitetail.practice.Tried;
import kitetail.practice.WholeCut;
import org.junit.jupiter.api.Test;
import org.junit.jupiter.params.ParameterizedTest;
import org.junit.jupiter.params.provider.MethodSource;
import org.junit.jupiter.params.provider.ValueSource;

/** Tries and courses as files: what is written reads back, what is wrong is told with its place. */
class PracticeJsonTest {
  private static final String AT =
      "{\"seconds\":%s,\"aroundDeg\":180,\"share\":%s,\"gapMm\":12,\"cuts\":true}";

  private static final String STROKES =
      "{\"kind\":\"strokes\",\"strokes\":[{\"track\":["
          + AT.formatted(0, 1)
          + ","
          + AT.formatted(1.5, 0.6)
          + "]}],\"tool\":\"clipper\",\"thicknessMm\":1.5,\"teethMm\":40}";

  private static final List<String> TRIED =
      List.of(
          "{\"kind\":\"lengths\",\"saidMm\":{\"crown\":60,\"earTopLeft\":25}}",
          "{\"kind\":\"touched\",\"at\":{\"apex\":{\"azimuthDeg\":0,\"share\":0.1}}}",
          "{\"kind\":\"combed\",\"strokes\":" + STROKES + "}",
          "{\"kind\":\"guarded\",\"fade\":{\"kind\":\"fade\",\"bands\":[{\"number\":2,\"leverMm\":0,\"fromShare\":0,\"toShare\":1}],\"sideburnMm\":40,\"behindEarMm\":40,\"napeMm\":40}}",
          "{\"kind\":\"held\",\"elevationDeg\":45,\"fingerDeg\":-10,\"guide\":{\"kind\":\"travelling\"}}",
          "{\"kind\":\"walked\",\"bites\":[{\"widthMm\":12,\"held\":\"backToOld\"}]}",
          "{\"kind\":\"chosen\",\"which\":3}",
          "{\"kind\":\"found\",\"place\":\"crown\",\"fault\":\"elbowSank\",\"checks\":4}",
          "{\"kind\":\"ordered\",\"moves\":[\"a\",\"b\"]}",
          "{\"kind\":\"saved\",\"way\":\"soften\"}",
          "{\"kind\":\"whole\",\"led\":[{\"move\":\"top\",\"dials\":{\"length\":70,\"elevationDeg\":80}},{\"move\":\"edge\",\"dials\":{}}],\"notRight\":[\"crown\"]}");

  private static String attempt(String drill, String tried) {
    return "{\"version\":1,\"drill\":\"%s\",\"seed\":5,\"level\":2,\"seconds\":30,\"tried\":%s}"
        .formatted(drill, tried);
  }

  static Stream<String> tried() {
    return TRIED.stream();
  }

  @ParameterizedTest
  @MethodSource("tried")
  void whatIsWritten_readsBackTheSame(String tried) {
    Attempt a = PracticeJson.read(attempt("hold", tried));
    assertThat(PracticeJson.read(PracticeJson.tree(a).toString())).isEqualTo(a);
  }

  @ParameterizedTest
  @ValueSource(
      strings = {
        "{\"kind\":\"chosen\",\"which\":4}",
        "{\"kind\":\"lengths\",\"saidMm\":{\"elbow\":60}}",
        "{\"kind\":\"walked\",\"bites\":[{\"widthMm\":2,\"held\":\"middle\"}]}",
        "{\"kind\":\"found\",\"place\":\"crown\",\"fault\":\"bad luck\",\"checks\":4}",
        "{\"kind\":\"whole\",\"led\":[{\"move\":\"top\",\"dials\":{\"rockAt\":70}}]}",
        "{\"kind\":\"danced\"}"
      })
  void whatCannotBe_isToldWithItsPlace(String tried) {
    assertThatThrownBy(() -> PracticeJson.read(attempt("hold", tried)))
        .isInstanceOf(PlanProblemException.class)
        .satisfies(
            e ->
                assertThat(((PlanProblemException) e).problems().get(0).line())
                    .startsWith("$.tried"));
  }

  @Test
  void strokes_areACutOfAPlanLikeAnyOther() {
    Task t = Task.of(Drill.OVER_COMB, 5, 2, List.of());
    var after = t.after(PracticeJson.read(attempt("overComb", TRIED.get(2))).tried());
    assertThat(PlanJson.read(PlanJson.write(after))).isEqualTo(after);
    assertThat(new Words(Units.CM).sentence(after.moves().get(0)))
        .isEqualTo("Clipper over the comb as the hand led it: 1 stroke.");
  }

  static Stream<Drill> drills() {
    return Stream.of(Drill.values());
  }

  @ParameterizedTest
  @MethodSource("drills")
  void everyDrill_isSaidInBothUnits_onEveryLevel(Drill d) {
    for (int level = 1; level <= Drill.LEVELS; level++) {
      Task t = Task.of(d, 11, level, List.copyOf(Families.all().values()));
      for (Units u : Units.values()) {
        TaskView v = TaskView.of(t, 11, level, new PracticeWords(new Words(u)));
        assertThat(v.ask()).doesNotContain("{").isNotBlank();
        assertThat(v.name()).isNotBlank();
      }
    }
  }

  @Test
  void aTry_isScoredInWords() {
    Attempt a = PracticeJson.read(attempt("hold", TRIED.get(4)));
    Task t = a.task(List.of());
    ScoreView v = ScoreView.of(t, a, t.score(a.tried()), new PracticeWords(new Words(Units.CM)));
    assertThat(v.why()).isNotBlank();
    assertThat(v.offs()).hasSize(2);
    assertThat(v.wished()).isNotNull();
  }

  /** A practised hand's whole cut, over every shape that ships. */
  @Test
  void aWholeCut_doneAsAsked_meetsEveryPlace_onEveryShape() {
    for (Plan shape : Families.all().values()) {
      WholeCut t = (WholeCut) Task.of(Drill.WHOLE_CUT, 3, 1, List.of(shape));
      var tried =
          new Tried.Whole(
              t.wished().moves().stream().map(m -> new Tried.Led(m.id(), Map.of())).toList(),
              List.of());
      WholeCut.Judged w = t.score(tried).whole();
      assertThat(w.met()).as(shape.title()).isEqualTo(w.places());
      assertThat(w.apartMm()).as(shape.title()).isZero();
      assertThat(w.ledges()).as(shape.title()).isZero();
      assertThat(w.minutes()).as(shape.title()).isBetween(10.0, 180.0);
      Attempt a = new Attempt(1, Drill.WHOLE_CUT, 3, 1, 900, false, tried);
      ScoreView v = ScoreView.of(t, a, t.score(tried), new PracticeWords(new Words(Units.CM)));
      assertThat(v.more()).hasSize(4);
      assertThat(t.score(new Tried.Whole(List.of(), List.of())).share()).isZero();
    }
  }

  @Test
  void aCourse_readsBack_andABrokenOneIsToldLineByLine() {
    String good =
        "{\"version\":1,\"title\":\"First week\",\"steps\":[{\"drill\":\"hold\",\"seed\":3,\"level\":1,\"good\":2},{\"drill\":\"guards\",\"level\":2,\"good\":1}]}";
    var course = CourseJson.read(good);
    assertThat(CourseJson.read(CourseJson.write(course))).isEqualTo(course);
    assertThatThrownBy(
            () ->
                CourseJson.read(
                    "{\"version\":1,\"title\":\"x\",\"steps\":[{\"drill\":\"hold\",\"level\":0,\"good\":2},{\"drill\":\"guards\",\"level\":2}]}"))
        .satisfies(
            e ->
                assertThat(
                        ((PlanProblemException) e).problems().stream().map(p -> p.path()).toList())
                    .contains("$.steps[0].level", "$.steps[1].good"));
    assertThatThrownBy(() -> CourseJson.read("{"))
        .satisfies(
            e ->
                assertThat(((PlanProblemException) e).problems().get(0).line())
                    .contains("not JSON"));
  }
}
