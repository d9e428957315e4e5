package kitetail.server.head;

import java.util.List;
import kitetail.formats.answer.WalkView;
import kitetail.formats.picture.HeadPicture;
import kitetail.head.Head;
import kitetail.head.HeadSpec;
import kitetail.head.Scalp;
import kitetail.plan.Outcome;
import kitetail.plan.Plan;
import kitetail.plan.PlanEngine;
import kitetail.plan.Workbench;
import kitetail.section.Section;
import org.springframework.stereotype.Component;

/**
 * Fitted heads, kept by what they were fitted to: a head costs some 100 ms to make and nothing to
 * use again.
 */
@Component
public class Heads {
  private record Seamed(HeadSpec head, List<Section> sections) {}

  /**
   * A head ready to be cut and drawn.
   *
   * @param walks where its walks lie
   */
  public record Ready(Workbench bench, HeadPicture picture, List<WalkView> walks) {}

  private final Kept<HeadSpec, Head> fitted = new Kept<>(Share.HEADS);
  private final Kept<HeadSpec, Ready> kept = new Kept<>(Share.READY);
  private final Kept<Seamed, HeadPicture> seamed = new Kept<>(Share.SEAMED);

  /**
   * A fitted head.
   *
   * @throws kitetail.head.HeadMeasureException when no head has these measures
   */
  public Head fitted(HeadSpec spec) {
    return fitted.get(spec, Head::of);
  }

  /**
   * @throws kitetail.head.HeadMeasureException when no head has a plan's measures
   */
  public void check(Plan plan) {
    fitted(plan.head());
  }

  public Ready of(HeadSpec spec) {
    return kept.get(
        spec,
        s -> {
          Scalp scalp = Scalp.of(fitted(s), Scalp.DEFAULT_SITES);
          return new Ready(new Workbench(scalp), new HeadPicture(scalp), WalkView.of(scalp));
        });
  }

  /** A plan's head, its paint ending where the plan's sections end. */
  public HeadPicture seamed(Plan plan) {
    return seamed.get(
        new Seamed(plan.head(), plan.sections()),
        s -> {
          Ready ready = of(plan);
          return ready.picture().along(plan, ready.bench().scalp());
        });
  }

  public Ready of(Plan plan) {
    return of(plan.head());
  }

  public Outcome run(Plan plan) {
    return PlanEngine.run(plan, of(plan).bench());
  }
}
