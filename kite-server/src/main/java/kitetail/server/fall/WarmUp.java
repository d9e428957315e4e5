package kitetail.server.fall;

import java.util.List;
import kitetail.formats.json.Families;
import kitetail.formats.json.PlanJson;
import kitetail.formats.picture.View;
import kitetail.formats.words.Units;
import kitetail.growth.Worn;
import kitetail.plan.Plan;
import kitetail.server.head.Heads;
import kitetail.server.plan.Answers;
import org.springframework.boot.context.event.ApplicationReadyEvent;
import org.springframework.context.event.EventListener;
import org.springframework.stereotype.Component;

/**
 * Draws a head once the server is up, so that the first person to look does not wait for the tables
 * to be baked.
 */
@Component
class WarmUp {
  private final Heads heads;
  private final Falls falls;
  private final Answers answers;

  WarmUp(Heads heads, Falls falls, Answers answers) {
    this.heads = heads;
    this.falls = falls;
    this.answers = answers;
  }

  /** Enough to have the code compiled; more would only keep the processors from the first guest. */
  private static final int FEW = 3;

  /**
   * How often a plan is read and answered, so that the first opened comes as quickly as the next.
   */
  private static final int ANSWERS = 8;

  @EventListener(ApplicationReadyEvent.class)
  void start() {
    Thread t = new Thread(this::drawAll, "warm-up");
    t.setDaemon(true);
    t.start();
  }

  private void drawAll() {
    List<Plan> few = Families.all().values().stream().limit(FEW).toList();
    for (int i = 0; i < ANSWERS; i++) {
      answers.of(PlanJson.read(PlanJson.tree(few.get(i % FEW))), Units.CM);
    }
    for (Plan p : few) {
      heads.of(p).picture().png(heads.run(p).afterMm(), View.RIGHT, 240, 270, null);
    }
    Plan one = few.get(0);
    Falls.Drawn on = falls.still(one.head());
    on.picture().png(Worn.fall(one, on.stand(), 0), one.hair().colour(), View.RIGHT, 240, 270);
  }
}
