package kitetail.server.head;

import com.github.benmanes.caffeine.cache.Cache;
import com.github.benmanes.caffeine.cache.Caffeine;
import kitetail.formats.json.ResultJson;
import kitetail.formats.picture.HeadPicture;
import kitetail.head.Head;
import kitetail.head.HeadSpec;
import kitetail.head.Scalp;
import kitetail.plan.Outcome;
import kitetail.plan.Plan;
import kitetail.plan.PlanEngine;
import kitetail.plan.Workbench;
import org.springframework.stereotype.Component;

/**
 * Fitted heads, kept by what they were fitted to: a head costs some 100 ms to make and nothing to
 * use again.
 */
@Component
public class Heads {
  private static final int KEPT = 60;
  private static final int FITTED = 600;

  /**
   * A head ready to be cut and drawn.
   *
   * @param walks where its walks lie, as JSON
   */
  public record Ready(Workbench bench, HeadPicture picture, String walks) {}

  private final Cache<HeadSpec, Head> fitted =
      Caffeine.newBuilder().executor(Runnable::run).maximumSize(FITTED).build();
  private final Cache<HeadSpec, Ready> kept =
      Caffeine.newBuilder().executor(Runnable::run).maximumSize(KEPT).build();

  /**
   * A fitted head; may be asked for by parts of work that is spread over the processors.
   *
   * @throws kitetail.head.HeadMeasureException when no head has these measures
   */
  public Head fitted(HeadSpec spec) {
    return Made.once(fitted, spec, Head::of);
  }

  /** Made once however many ask at a time; not to be asked for by parts of spread work. */
  public Ready of(HeadSpec spec) {
    return kept.get(
        spec,
        s -> {
          Scalp scalp = Scalp.of(fitted(s), Scalp.DEFAULT_SITES);
          return new Ready(
              new Workbench(scalp), new HeadPicture(scalp), ResultJson.walks(scalp).toString());
        });
  }

  public Ready of(Plan plan) {
    return of(plan.head());
  }

  public Outcome run(Plan plan) {
    return PlanEngine.run(plan, of(plan).bench());
  }
}
