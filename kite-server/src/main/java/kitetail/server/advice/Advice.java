package kitetail.server.advice;

import com.github.benmanes.caffeine.cache.Cache;
import com.github.benmanes.caffeine.cache.Caffeine;
import java.util.List;
import java.util.function.IntConsumer;
import kitetail.fit.Planner;
import kitetail.fit.Ranking;
import kitetail.formats.json.Families;
import kitetail.head.HeadSpec;
import kitetail.head.Scalp;
import kitetail.plan.Plan;
import kitetail.plan.SitDown;
import kitetail.plan.Workbench;
import kitetail.risk.Risk;
import kitetail.server.head.Heads;
import kitetail.server.head.Made;
import kitetail.server.warm.Warms;
import org.springframework.core.annotation.Order;
import org.springframework.stereotype.Component;

/** Work on few places of a head, kept by what it was asked for. */
@Component
@Order(6)
public class Advice implements Warms {
  private final Heads heads;
  private final Cache<HeadSpec, Workbench> places =
      Caffeine.newBuilder().executor(Runnable::run).maximumSize(200).build();
  private final Cache<HeadSpec, Workbench> few =
      Caffeine.newBuilder().executor(Runnable::run).maximumSize(40).build();
  private final Cache<Plan, Planner.Fit> fits =
      Caffeine.newBuilder().executor(Runnable::run).maximumSize(600).build();

  Advice(Heads heads) {
    this.heads = heads;
  }

  @Override
  public void warm() {
    rank(SitDown.walkIn(), List.copyOf(Families.all().values()), n -> {});
  }

  /** The named places of a head alone. */
  Workbench places(HeadSpec head) {
    return Made.once(places, head, h -> new Workbench(Scalp.ofPlaces(heads.fitted(h))));
  }

  /** A scalp with few sites. */
  public Workbench few(HeadSpec head) {
    return Made.once(few, head, h -> new Workbench(Scalp.of(heads.fitted(h), Risk.SITES)));
  }

  /** A family's plan fitted to its wishes. */
  public Planner.Fit fit(Plan plan) {
    return Made.once(fits, plan, p -> Planner.fit(p, places(p.head())));
  }

  /** A family fitted to a client. */
  public Plan fitted(SitDown client, Plan family) {
    return fit(client.planOf(family)).plan();
  }

  /** Families on a client, best first; {@code done} is told how many are fitted. */
  public List<Ranking.Ranked> rank(SitDown client, List<Plan> families, IntConsumer done) {
    return Ranking.of(places(client.head()), client, families, this::fit, done);
  }
}
