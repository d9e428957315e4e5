package kitetail.server.bench;

import java.util.ArrayList;
import java.util.List;
import kitetail.check.Check;
import kitetail.formats.json.Families;
import kitetail.formats.words.EditWords;
import kitetail.formats.words.Units;
import kitetail.formats.words.Words;
import kitetail.head.Place;
import kitetail.plan.Finding;
import kitetail.plan.Plan;
import kitetail.planning.Remedies;
import kitetail.planning.Worn;
import kitetail.server.advice.Advice;
import kitetail.server.fall.Falls;
import kitetail.server.warm.Warms;
import org.jspecify.annotations.Nullable;
import org.springframework.core.annotation.Order;
import org.springframework.stereotype.Component;

/** For every finding that one change answers, the plan with it. */
@Component
@Order(5)
class FoundRemedies implements Warms {
  private static final int WARM = 3;

  private final Falls falls;
  private final Advice advice;

  FoundRemedies(Falls falls, Advice advice) {
    this.falls = falls;
    this.advice = advice;
  }

  /** What would answer a finding. */
  record RemedyRow(String rule, @Nullable String move, Place place, Plan document, String words) {}

  @Override
  public void warm() {
    Families.all().values().stream().limit(WARM).forEach(p -> of(p, Units.CM));
  }

  List<RemedyRow> of(Plan plan, Units units) {
    EditWords said = new EditWords(new Words(units));
    Worn w = falls.of(plan, 0, true);
    Remedies remedies = new Remedies(plan, advice.few(plan.head()));
    List<RemedyRow> out = new ArrayList<>();
    for (Finding f : Check.of(plan, w.outcome(), w.look())) {
      Plan next = f.meant() == null ? remedies.of(f) : null;
      if (next != null) {
        List<String> words = said.differences(plan, next);
        out.add(new RemedyRow(f.rule(), f.move(), f.place(), next, EditWords.line(words)));
      }
    }
    return out;
  }
}
