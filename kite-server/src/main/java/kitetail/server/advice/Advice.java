package kitetail.server.advice;

import java.util.List;
import java.util.function.IntConsumer;
import kitetail.formats.answer.DialsView;
import kitetail.formats.answer.FitView;
import kitetail.formats.answer.OrderView;
import kitetail.formats.answer.RiskView;
import kitetail.formats.json.Families;
import kitetail.formats.words.AdviceWords;
import kitetail.formats.words.Units;
import kitetail.formats.words.Words;
import kitetail.head.HeadSpec;
import kitetail.head.Place;
import kitetail.head.Scalp;
import kitetail.plan.Outcome;
import kitetail.plan.Plan;
import kitetail.plan.PlanEngine;
import kitetail.plan.SitDown;
import kitetail.plan.Workbench;
import kitetail.planning.Dials;
import kitetail.planning.Hands;
import kitetail.planning.Mending;
import kitetail.planning.Outgrown;
import kitetail.planning.Planner;
import kitetail.planning.Ranking;
import kitetail.planning.Risk;
import kitetail.planning.Softness;
import kitetail.planning.Telling;
import kitetail.planning.WeightOff;
import kitetail.server.head.Heads;
import kitetail.server.head.Kept;
import kitetail.server.head.Share;
import kitetail.server.warm.Warms;
import org.springframework.core.annotation.Order;
import org.springframework.stereotype.Component;

/** Work on few places of a head, kept by what it was asked for. */
@Component
@Order(6)
public class Advice implements Warms {
  /** So many places are measured on the way. */
  private static final int TELLING = 5;

  private final Heads heads;
  private final Kept<HeadSpec, Workbench> places = new Kept<>(Share.PLACES);
  private final Kept<HeadSpec, Workbench> few = new Kept<>(Share.FEW);
  private final Kept<HeadSpec, Workbench> checked = new Kept<>(Share.CHECKED);
  private final Kept<Plan, Planner.Fit> fits = new Kept<>(Share.FITS);

  Advice(Heads heads) {
    this.heads = heads;
  }

  @Override
  public void warm() {
    rank(SitDown.walkIn(), List.copyOf(Families.all().values()), Hands.USUAL, n -> {});
  }

  /** The named places of a head alone. */
  public Workbench places(HeadSpec head) {
    return places.get(head, h -> new Workbench(Scalp.ofPlaces(heads.fitted(h))));
  }

  /** A scalp with few sites. */
  public Workbench few(HeadSpec head) {
    return few.get(head, h -> new Workbench(Scalp.of(heads.fitted(h), Risk.SITES)));
  }

  /** A scalp with sites enough to tell a ledge. */
  Workbench checked(HeadSpec head) {
    return checked.get(head, h -> new Workbench(Scalp.of(heads.fitted(h), Mending.SITES)));
  }

  /** A family's plan fitted to its wishes, what the planner can mend of it mended. */
  public Planner.Fit fit(Plan plan) {
    return fits.get(plan, p -> Mending.of(p, places(p.head()), checked(p.head())));
  }

  /** The same, and what is said of it. */
  FitView fitted(Plan plan, Units units) {
    return FitView.of(fit(plan), new AdviceWords(new Words(units)));
  }

  /** How a plan comes out under unsteady hands; those of who asks, where they agreed to it. */
  RiskView risk(Plan plan, Hands hands) {
    return RiskView.of(Risk.of(plan, few(plan.head()), hands), plan, !hands.equals(Hands.USUAL));
  }

  /** The few numbers a plan is set by, and what it costs as it stands. */
  DialsView dials(Plan plan) {
    Workbench few = few(plan.head());
    Outcome o = PlanEngine.run(plan, few);
    return DialsView.of(
        Dials.read(plan, few),
        Dials.lands(plan, few),
        Dials.frontMm(plan, few),
        Softness.of(plan),
        WeightOff.any(plan) ? WeightOff.share(plan, few) : null,
        o.minutes(),
        Outgrown.of(plan, o));
  }

  /** A place to measure, and what of all that is unknown it tells besides those before it. */
  record TellingPlace(Place place, double share) {}

  /** The places whose measure tells most of how a plan has come out under such hands. */
  List<TellingPlace> telling(Plan plan, Hands hands) {
    Telling t = Telling.of(plan, few(plan.head()), hands, TELLING);
    return t.places().stream().map(p -> new TellingPlace(p, t.shares().get(p))).toList();
  }

  /** The order its moves ask for. */
  OrderView order(Plan plan) {
    return OrderView.of(kitetail.plan.Order.of(plan), plan);
  }

  /** A family fitted to a client. */
  public Plan fitted(SitDown client, Plan family) {
    return fit(client.planOf(family)).plan();
  }

  /**
   * Families on a client, best first, for who cuts them; {@code done} is told how many are fitted.
   */
  public List<Ranking.Ranked> rank(
      SitDown client, List<Plan> families, Hands hands, IntConsumer done) {
    return Ranking.of(places(client.head()), client, families, this::fit, hands, done);
  }
}
