package kitetail.formats.words;

import static org.assertj.core.api.Assertions.assertThat;

import java.util.ArrayList;
import java.util.List;
import java.util.Set;
import java.util.stream.Collectors;
import kitetail.cut.Dial;
import kitetail.cut.Fingers;
import kitetail.edit.MoveEdit;
import kitetail.formats.json.Families;
import kitetail.head.Head;
import kitetail.plan.Move;
import kitetail.plan.Plan;
import kitetail.section.EdgeDrag;
import org.junit.jupiter.api.Test;
import org.junit.jupiter.params.ParameterizedTest;
import org.junit.jupiter.params.provider.MethodSource;
import tools.jackson.databind.JsonNode;

/** What an edit is said to do, and sentences whose numbers can be changed. */
class EditWordsTest {
  private static final EditWords CM = new EditWords(new Words(Units.CM));
  private static final Plan SIDE_PART = Families.all().get("quiet-side-part");
  private static final Head HEAD = Head.of(SIDE_PART.head());

  static Set<String> ids() {
    return Families.all().keySet();
  }

  private static Plan with(Plan p, Move changed) {
    return p.withMoves(
        p.moves().stream().map(m -> m.id().equals(changed.id()) ? changed : m).toList());
  }

  @Test
  void plansThatAreTheSame_haveNoDifferences() {
    for (Plan p : Families.all().values()) {
      assertThat(CM.differences(p, p)).isEmpty();
    }
  }

  @Test
  void aLengthChanged_aMoveOut_oneIn_andAnotherOrder_areEachTold() {
    Move top = SIDE_PART.move("level");
    Plan longer = with(SIDE_PART, top.with(top.cut().turned(Dial.LENGTH, 80)));
    assertThat(CM.differences(SIDE_PART, longer))
        .containsExactly("“" + top.name() + "” 7.1 cm becomes 8.0 cm");
    List<Move> fewer = new ArrayList<>(SIDE_PART.moves());
    Move gone = fewer.remove(fewer.size() - 1);
    assertThat(CM.differences(SIDE_PART, SIDE_PART.withMoves(fewer)))
        .containsExactly("“" + gone.name() + "” is left out");
    Plan lined = MoveEdit.outline(SIDE_PART, MoveEdit.Line.NAPE, SIDE_PART.moves().size());
    assertThat(CM.differences(SIDE_PART, lined))
        .containsExactly(
            "“Nape line” is added: on the hairline", "section “Along the hairline” is added");
    List<Move> turned = new ArrayList<>(SIDE_PART.moves());
    turned.add(1, turned.remove(0));
    assertThat(CM.differences(SIDE_PART, SIDE_PART.withMoves(turned)))
        .containsExactly("the moves are in another order");
    assertThat(EditWords.line(List.of("it is worn another way", "x")))
        .isEqualTo("It is worn another way; x.");
  }

  @Test
  void aMoveDoneOtherwiseAtTheSameLength_isToldByWhatIsOther_alone() {
    Move top = SIDE_PART.move("top");
    Plan loose = with(SIDE_PART, top.with(((Fingers) top.cut()).untensed()));
    assertThat(CM.differences(SIDE_PART, loose))
        .singleElement()
        .asString()
        .startsWith("“" + top.name() + "” now: ")
        .contains("without tension")
        .doesNotContain("bites")
        .doesNotEndWith(".");
  }

  @Test
  void anEdgeSetToANumber_saysHowFarItLiesFromItsLine() {
    EdgeDrag d = EdgeDrag.set(HEAD, SIDE_PART.sections(), "top", 0, false, -11);
    Plan next = SIDE_PART.with(d.sections(), SIDE_PART.moves());
    assertThat(CM.dragged(d, next, "top", 0, false))
        .startsWith("1.1 cm below the ridge; ")
        .contains("“Left side”");
    EdgeDrag nape = EdgeDrag.set(HEAD, SIDE_PART.sections(), "band", 0, true, 30);
    assertThat(
            CM.dragged(nape, SIDE_PART.with(nape.sections(), SIDE_PART.moves()), "band", 0, true))
        .isEqualTo("3.0 cm above the hairline.");
  }

  /**
   * Every marked part names a field of the move's own document; the parts together are the
   * sentence.
   */
  @ParameterizedTest
  @MethodSource("ids")
  void partsOfASentence_leadToFieldsOfTheCut(String id) {
    Words words = new Words(Units.CM);
    Plan plan = Families.all().get(id);
    JsonNode moves = kitetail.formats.json.PlanJson.tree(plan).path("moves");
    for (int i = 0; i < plan.moves().size(); i++) {
      Move m = plan.moves().get(i);
      List<SaidPart> parts = words.parts(m);
      assertThat(parts.stream().map(SaidPart::text).collect(Collectors.joining()))
          .isEqualTo(words.sentence(m))
          .doesNotContain("\uE000", "\uE001", "\uE002");
      for (SaidPart p : parts) {
        if (p.path() != null) {
          JsonNode at = moves.get(i).path("cut");
          for (String key : p.path().split("\\.")) {
            at = at.path(key);
          }
          assertThat(at.isValueNode()).as(m.name() + ": " + p.path()).isTrue();
        }
      }
    }
  }
}
