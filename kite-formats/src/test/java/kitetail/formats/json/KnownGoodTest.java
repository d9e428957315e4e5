package kitetail.formats.json;

import static org.assertj.core.api.Assertions.assertThat;
import static org.assertj.core.api.Assertions.assertThatThrownBy;

import kitetail.plan.Plan;
import org.junit.jupiter.api.Test;
import tools.jackson.databind.node.ArrayNode;
import tools.jackson.databind.node.ObjectNode;

/** A document is refused for the same faults whether or not most of it was found good before. */
class KnownGoodTest {
  private static final Plan PLAN = Families.all().get("quiet-side-part");

  private static ObjectNode known() {
    ObjectNode good = (ObjectNode) PlanJson.tree(PLAN);
    assertThat(PlanJson.read(good)).isEqualTo(PLAN);
    return good;
  }

  private static ObjectNode move(ObjectNode plan, int i) {
    return (ObjectNode) plan.get("moves").get(i);
  }

  @Test
  void aFaultInOneMove_isNamedWithThePlaceItHasInTheWholeDocument() {
    ObjectNode plan = known();
    move(plan, 5).put("job", "cleaning the windows");
    assertThatThrownBy(() -> PlanJson.read(plan))
        .isInstanceOf(PlanProblemException.class)
        .hasMessageContaining("$.moves[5].job");
  }

  @Test
  void aFaultOutsideTheMoves_isStillFound() {
    ObjectNode plan = known();
    ((ObjectNode) plan.get("hair")).put("exitDeg", 400);
    assertThatThrownBy(() -> PlanJson.read(plan)).hasMessageContaining("$.hair.exitDeg");
  }

  @Test
  void moreMovesThanAllowed_areRefused_howeverGoodEachIs() {
    ObjectNode plan = known();
    ArrayNode moves = (ArrayNode) plan.get("moves");
    for (int i = moves.size(); i <= 80; i++) {
      ObjectNode copy = move(plan, 0).deepCopy();
      copy.put("id", "copy" + i);
      moves.add(copy);
    }
    assertThatThrownBy(() -> PlanJson.read(plan)).hasMessageContaining("$.moves");
  }

  /** What was found good is kept as it was, not as the caller's document is later changed. */
  @Test
  void aMoveSpoiltAfterItWasFoundGood_isRefused() {
    ObjectNode plan = known();
    for (int i = 0; i < plan.get("moves").size(); i++) {
      String name = move(plan, i).path("name").asString();
      move(plan, i).put("name", "");
      int at = i;
      assertThatThrownBy(() -> PlanJson.read(plan)).hasMessageContaining("[" + at + "].name");
      move(plan, i).put("name", name);
    }
    assertThat(PlanJson.read(plan)).isEqualTo(PLAN);
  }
}
