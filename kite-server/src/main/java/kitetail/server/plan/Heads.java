package kitetail.server.plan;

import com.github.benmanes.caffeine.cache.Caffeine;
import com.github.benmanes.caffeine.cache.LoadingCache;
import kitetail.formats.json.PlanJson;
import kitetail.formats.picture.HeadPicture;
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

  /** A head ready to be cut and drawn. */
  public record Ready(Workbench bench, HeadPicture picture) {}

  private final LoadingCache<HeadSpec, Ready> kept =
      Caffeine.newBuilder()
          .maximumSize(KEPT)
          .build(
              spec -> {
                Scalp s = Scalp.of(kitetail.head.Head.of(spec), Scalp.DEFAULT_SITES);
                return new Ready(new Workbench(s), new HeadPicture(s));
              });

  public Ready of(Plan plan) {
    if (kept.getIfPresent(plan.head()) == null) {
      PlanJson.head(plan); // says which measure is wrong
    }
    return kept.get(plan.head());
  }

  public Outcome run(Plan plan) {
    return PlanEngine.run(plan, of(plan).bench());
  }
}
