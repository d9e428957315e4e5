package kitetail.server.plan;

import java.util.List;
import kitetail.check.Check;
import kitetail.formats.json.Families;
import kitetail.formats.json.PlanJson;
import kitetail.formats.json.ResultJson;
import kitetail.formats.words.EditWords;
import kitetail.formats.words.SaidPart;
import kitetail.formats.words.Units;
import kitetail.formats.words.Words;
import kitetail.plan.Finding;
import kitetail.plan.Outcome;
import kitetail.plan.Plan;
import kitetail.server.head.Heads;
import kitetail.server.warm.Warms;
import org.springframework.core.annotation.Order;
import org.springframework.stereotype.Component;
import tools.jackson.databind.node.ArrayNode;
import tools.jackson.databind.node.ObjectNode;
import tools.jackson.databind.util.RawValue;

/** What is said of a plan: its numbers and words as JSON, then the length at every scalp vertex. */
@Component
@Order(3)
public class Answers implements Warms {
  private static final int WARM = 8;
  private static final int FEW = 3;

  private final Heads heads;

  Answers(Heads heads) {
    this.heads = heads;
  }

  @Override
  public void warm() {
    List<Plan> few = Families.all().values().stream().limit(FEW).toList();
    for (int i = 0; i < WARM; i++) {
      of(PlanJson.read(PlanJson.tree(few.get(i % FEW))), Units.CM);
    }
  }

  /** The bytes of {@link Binary#outcome}, with words in the units of who asks. */
  public byte[] of(Plan plan, Units units) {
    Outcome o = heads.run(plan);
    List<Finding> found = Check.of(plan, o);
    Heads.Ready head = heads.of(plan);
    ObjectNode result = ResultJson.withoutWalks(plan, o, found);
    result.putRawValue("walks", new RawValue(head.walks()));
    result.put("growthMmPerWeek", 7 * plan.hair().growthMmPerDay());
    Words words = new Words(units);
    ArrayNode said = result.putArray("words");
    for (Outcome.Step step : o.steps()) {
      ObjectNode of = said.addObject();
      of.put("id", step.move().id());
      of.put("headline", words.headline(step.move().with(step.cut())));
      ArrayNode parts = of.putArray("parts");
      for (SaidPart p : words.parts(step.move())) {
        parts.addObject().put("text", p.text()).put("path", p.path());
      }
    }
    EditWords edits = new EditWords(words);
    ArrayNode why = result.putArray("why");
    o.steps().forEach(step -> why.add(edits.why(step.move(), plan, o, step)));
    ArrayNode warned = result.putArray("findingWords");
    found.forEach(f -> warned.add(words.finding(f, plan)));
    return Binary.outcome(result.toString(), o, head.picture().scalpMesh().roots());
  }
}
