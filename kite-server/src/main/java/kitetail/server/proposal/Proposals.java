package kitetail.server.proposal;

import java.util.ArrayList;
import java.util.List;
import java.util.function.IntConsumer;
import kitetail.formats.answer.RankingView;
import kitetail.formats.json.Todays;
import kitetail.formats.words.AdviceWords;
import kitetail.formats.words.Words;
import kitetail.plan.Plan;
import kitetail.plan.School;
import kitetail.plan.SitDown;
import kitetail.planning.Hands;
import kitetail.planning.LastShape;
import kitetail.planning.Planner;
import kitetail.planning.Ranking;
import kitetail.planning.Reach;
import kitetail.planning.Tidied;
import kitetail.server.advice.Advice;
import kitetail.server.client.SitDownRepository;
import kitetail.server.family.FamilyBook;
import kitetail.server.practice.PracticeBook;
import kitetail.server.security.Person;
import kitetail.server.visit.VisitRepository;
import org.springframework.stereotype.Component;

/**
 * The plans a client may be offered, each worked the stylist's own way: first today's cut, tidied,
 * then the families. A shape the hair does not reach yet is offered for when it does.
 */
@Component
public class Proposals {
  private final Advice advice;
  private final FamilyBook families;
  private final SitDownRepository sitDowns;
  private final VisitRepository visits;
  private final SchoolRepository schools;
  private final PracticeBook practice;

  Proposals(
      Advice advice,
      FamilyBook families,
      SitDownRepository sitDowns,
      VisitRepository visits,
      SchoolRepository schools,
      PracticeBook practice) {
    this.advice = advice;
    this.families = families;
    this.sitDowns = sitDowns;
    this.visits = visits;
    this.schools = schools;
    this.practice = practice;
  }

  /**
   * @param family id of one, or {@link Todays#ID}
   */
  public Plan plan(Person me, long clientId, String family) {
    SitDown client = sitDowns.latest(me.shopId(), clientId);
    School school = schools.of(me.id());
    if (Todays.ID.equals(family)) {
      return advice.fit(today(me.shopId(), clientId, client, school)).plan();
    }
    Plan made = families.get(me.shopId(), family);
    Planner.Fit now = advice.fit(worked(client.planOf(made), school));
    Reach reach = Reach.of(now, advice.places(client.head()));
    if (reach.now()) {
      return now.plan();
    }
    Plan then = advice.fit(worked(reach.then(client).planOf(made), school)).plan();
    return then.titled(then.title() + ", in " + (int) Math.ceil(reach.weeks()) + " weeks");
  }

  /**
   * What a shape is called, however it is offered.
   *
   * @param family id of one, or {@link Todays#ID}
   */
  String title(Person me, String family) {
    return Todays.ID.equals(family)
        ? Todays.shape().title()
        : families.get(me.shopId(), family).title();
  }

  /**
   * Best first for who asks, behind today's cut; {@code done} is told how many families are fitted.
   */
  RankingView ranking(Person me, long clientId, List<Plan> all, IntConsumer done) {
    SitDown client = sitDowns.latest(me.shopId(), clientId);
    School school = schools.of(me.id());
    List<Plan> worked = all.stream().map(p -> worked(p, school)).toList();
    Plan today = today(me.shopId(), clientId, client, school);
    Hands hands = practice.hands(me);
    List<Ranking.Ranked> out = new ArrayList<>();
    out.add(Ranking.of(today, advice.fit(today), advice.places(client.head()), hands));
    out.addAll(advice.rank(client, worked, hands, done));
    return RankingView.of(out, new AdviceWords(new Words(me.reads())));
  }

  private static Plan worked(Plan p, School school) {
    return p.by(p.kit(), p.pace(), school);
  }

  /** The last visit's shape, or the hair as it is where none is known. */
  private Plan today(long shopId, long clientId, SitDown client, School school) {
    Plan shape = worked(Todays.shape(), school);
    return visits.ofClient(shopId, clientId).stream()
        .findFirst()
        .map(v -> visits.plan(shopId, v.id()))
        .map(last -> LastShape.of(client, last, advice.places(last.head())).titled(shape.title()))
        .map(p -> worked(p, school))
        .orElseGet(() -> Tidied.of(client, shape, advice.few(client.head())));
  }
}
