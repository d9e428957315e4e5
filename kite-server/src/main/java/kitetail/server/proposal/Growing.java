package kitetail.server.proposal;

import com.fasterxml.jackson.annotation.JsonUnwrapped;
import java.util.List;
import java.util.stream.IntStream;
import java.util.stream.Stream;
import kitetail.formats.answer.GrowOutView;
import kitetail.formats.sheet.GrowingSheet;
import kitetail.formats.sheet.Paper;
import kitetail.formats.words.GrowOutWords;
import kitetail.formats.words.Words;
import kitetail.plan.Plan;
import kitetail.plan.SitDown;
import kitetail.planning.GrowOut;
import kitetail.server.advice.Advice;
import kitetail.server.client.ClientRepository;
import kitetail.server.client.SitDownRepository;
import kitetail.server.error.FieldException;
import kitetail.server.fall.FallReadings;
import kitetail.server.head.Heads;
import kitetail.server.security.Person;
import org.springframework.stereotype.Component;

/** The way from the hair a client sat down with to a shape, visit by visit. */
@Component
public class Growing {
  private static final double MOST_WEEKS = 260;

  private final Proposals proposals;
  private final Advice advice;
  private final Heads heads;
  private final FallReadings falls;
  private final ClientRepository clients;
  private final SitDownRepository sitDowns;

  Growing(
      Proposals proposals,
      Advice advice,
      Heads heads,
      FallReadings falls,
      ClientRepository clients,
      SitDownRepository sitDowns) {
    this.proposals = proposals;
    this.advice = advice;
    this.heads = heads;
    this.falls = falls;
    this.clients = clients;
    this.sitDowns = sitDowns;
  }

  /**
   * @param title of the shape it leads to
   * @param words the whole of it
   * @param told each visit in words
   */
  record GrowingWay(
      String title, @JsonUnwrapped GrowOutView visits, String words, List<VisitTold> told) {}

  /**
   * A visit in words; what does not apply is empty.
   *
   * @param take what comes off
   * @param leave what is left
   * @param ends what of that may lose its ends
   */
  record VisitTold(String take, String leave, String ends) {
    private static VisitTold of(GrowOutWords said, GrowOut.Visit v) {
      return new VisitTold(said.take(v), said.leave(v), said.ends(v));
    }

    private List<String> lines() {
      return Stream.of(take, leave, ends).filter(s -> !s.isEmpty()).toList();
    }
  }

  /** Today's hair, and the shape as it is offered when there is hair for it. */
  private record Between(Plan today, Plan shape) {}

  /**
   * @throws FieldException when the visits are too close or too far apart
   */
  GrowingWay way(Person me, long clientId, String family, double everyWeeks) {
    FieldException.within("everyWeeks", everyWeeks, 1, 26);
    Between b = between(me, clientId, family);
    GrowOut g = GrowOut.of(b.today(), b.shape(), advice.places(b.today().head()), everyWeeks);
    GrowOutWords said = new GrowOutWords(new Words(me.reads()));
    return new GrowingWay(
        proposals.title(me, family),
        GrowOutView.of(g),
        said.whole(g),
        g.visits().stream().map(v -> VisitTold.of(said, v)).toList());
  }

  /** How it is best worn from one visit on until the next, in words. */
  String meanwhile(Person me, long clientId, String family, double week) {
    return falls.meanwhile(at(me, clientId, family, week));
  }

  /** The way on paper, to take home. */
  byte[] sheet(Person me, long clientId, String family, double everyWeeks, Paper paper) {
    GrowingWay w = way(me, clientId, family, everyWeeks);
    List<GrowingSheet.Stop> stops =
        IntStream.range(0, w.told().size())
            .mapToObj(
                i ->
                    new GrowingSheet.Stop(
                        w.visits().visits().get(i).week(), w.told().get(i).lines()))
            .toList();
    return GrowingSheet.pdf(
        w.title(), clients.get(me.shopId(), clientId).name(), w.words(), stops, paper);
  }

  /**
   * A plan with the hair as a visit leaves it.
   *
   * @throws FieldException when the week is out of range
   */
  public Plan at(Person me, long clientId, String family, double week) {
    FieldException.within("week", week, 0, MOST_WEEKS);
    Between b = between(me, clientId, family);
    return b.today().withStart(GrowOut.at(b.today(), b.shape(), heads.of(b.today()).bench(), week));
  }

  private Between between(Person me, long clientId, String family) {
    clients.get(me.shopId(), clientId);
    SitDown client = sitDowns.latest(me.shopId(), clientId);
    Plan shape = proposals.plan(me, clientId, family);
    return new Between(shape.withStart(client.start()), shape);
  }
}
