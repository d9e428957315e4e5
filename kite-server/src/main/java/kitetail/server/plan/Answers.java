package kitetail.server.plan;

import java.util.List;
import kitetail.formats.json.Families;
import kitetail.formats.words.Units;
import kitetail.plan.Outcome;
import kitetail.plan.Plan;
import kitetail.server.head.Heads;
import kitetail.server.warm.Warms;
import org.springframework.core.annotation.Order;
import org.springframework.stereotype.Component;
import tools.jackson.databind.json.JsonMapper;

/** What is said of a plan: its numbers and words as JSON, then the length at every scalp vertex. */
@Component
@Order(3)
public class Answers implements Warms {
  private static final int WARM = 8;
  private static final int FEW = 3;

  private final Heads heads;
  private final JsonMapper json;

  Answers(Heads heads, JsonMapper json) {
    this.heads = heads;
    this.json = json;
  }

  @Override
  public void warm() {
    List<Plan> few = Families.all().values().stream().limit(FEW).toList();
    for (int i = 0; i < WARM; i++) {
      Plan read = json.readValue(json.writeValueAsBytes(few.get(i % FEW)), Plan.class);
      of(read, Units.CM);
    }
  }

  /** The bytes of {@link Binary#head}. */
  byte[] head(Plan plan) {
    return Binary.head(heads.of(plan).picture());
  }

  /** The bytes of {@link Binary#seams}: cut along the borders of its sections. */
  byte[] seams(Plan plan) {
    return Binary.seams(heads.of(plan).picture().scalpMesh(), heads.seamed(plan).scalpMesh());
  }

  /** The bytes of {@link Binary#outcome}, with words in the units of who asks. */
  public byte[] of(Plan plan, Units units) {
    Outcome o = heads.run(plan);
    Heads.Ready head = heads.of(plan);
    PlanAnswer said = PlanAnswer.of(plan, o, head.walks(), units);
    return Binary.outcome(json.writeValueAsString(said), o, head.picture().scalpMesh().roots());
  }
}
