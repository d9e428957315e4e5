package kitetail.server.fall;

import io.micrometer.core.instrument.MeterRegistry;
import jakarta.annotation.PreDestroy;
import kitetail.fall.Fall;
import kitetail.fall.Ground;
import kitetail.fall.Styling;
import kitetail.formats.picture.HairPicture;
import kitetail.formats.picture.PickHead;
import kitetail.hair.Hair;
import kitetail.hair.StartingHair;
import kitetail.hair.StartingLengths;
import kitetail.hair.Stock;
import kitetail.head.BodyField;
import kitetail.head.Head;
import kitetail.head.HeadSpec;
import kitetail.head.Scalp;
import kitetail.plan.Outcome;
import kitetail.plan.Plan;
import kitetail.planning.InHand;
import kitetail.planning.Pressed;
import kitetail.planning.Worn;
import kitetail.server.head.Heads;
import kitetail.server.head.Kept;
import kitetail.server.head.Share;
import org.springframework.stereotype.Component;

/**
 * Heads for hair to fall on, and what fell on them lately. Each is made once however many ask at a
 * time: a plan just opened is asked for its preview, its fall and its remedies at once.
 */
@Component
public class Falls {
  /** So many who wait are a crowd. */
  private static final int CROWD = 2;

  /** A pick's picture is smaller still. */
  private static final int PICK_STRANDS = 600;

  /** A small picture of a list shows no more. */
  private static final int STILL_STRANDS = 1200;

  private static final int SHEET_STRANDS = 1800;

  /** A stand with the means to draw what falls on it. */
  public record Drawn(Worn.Stand stand, HairPicture picture) {}

  private record At(HeadSpec head, int strands) {}

  private record Key(Plan plan, double week, int strands) {}

  private record State(Plan plan, int state, Styling styling) {}

  private record Uncut(HeadSpec head, Hair hair, StartingHair start) {}

  private final Kept<At, Drawn> stands = new Kept<>(Share.STANDS);
  private final Kept<HeadSpec, PickHead> picked = new Kept<>(Share.PICKED);
  private final Kept<Object, BodyField> bodies = new Kept<>(Share.BODIES);
  private final Kept<Key, Worn> worn = new Kept<>(Share.WORN);
  private final Kept<Uncut, Fall> uncut = new Kept<>(Share.FALLS);
  private final Kept<State, Fall> worked = new Kept<>(Share.FALLS);
  private final Turns turns;
  private final Heads heads;

  Falls(Heads heads, MeterRegistry meters) {
    this.heads = heads;
    turns = new Turns(meters);
  }

  private Drawn on(HeadSpec head, int strands) {
    return stands.get(
        new At(head, strands),
        at -> {
          Head fitted = heads.fitted(head);
          Worn.Stand stand = Worn.Stand.of(Scalp.of(fitted, at.strands), body(fitted));
          return new Drawn(stand, new HairPicture(stand.ground().scalp()));
        });
  }

  /** Heads of one skin share it, whatever their hairlines. */
  private BodyField body(Head head) {
    return bodies.get(head.skin(), s -> BodyField.of(head));
  }

  /**
   * What the picture of a pick is drawn from.
   *
   * @throws kitetail.head.HeadMeasureException when no head has these measures
   */
  public PickHead pick(HeadSpec head) {
    return picked.get(
        head,
        h -> {
          Head fitted = heads.fitted(h);
          return PickHead.of(new Ground(Scalp.of(fitted, PICK_STRANDS), body(fitted)));
        });
  }

  /** A plan as it is worn so many weeks later, read. */
  public Worn of(Plan plan, double week, boolean preview) {
    int strands = preview ? Fall.PREVIEW_STRANDS : Fall.STRANDS;
    return worn.inTurn(
        new Key(plan, week, strands),
        k -> turns.ask(preview, () -> Worn.of(plan, on(plan.head(), strands).stand(), week)));
  }

  /** Hair nobody has cut yet, as it hangs on {@link #still}. */
  public Fall uncut(HeadSpec head, Hair hair, StartingHair start) {
    return uncut.inTurn(
        new Uncut(head, hair, start),
        k ->
            turns.ask(
                true,
                () -> {
                  Ground on = still(head).stand().ground();
                  Stock stock = Stock.of(StartingLengths.spread(on.scalp(), start, hair));
                  return Fall.of(on, hair, stock, Styling.NATURAL);
                }));
  }

  /**
   * The hair of a plan on {@link #sheet} while it is cut: before its first move (0) or after so
   * many.
   *
   * @param o of the plan on the sheet
   */
  Fall worked(Plan plan, Outcome o, int state, Styling styling) {
    return worked.inTurn(
        new State(plan, state, styling),
        k ->
            turns.ask(
                true,
                () -> {
                  Worn.Stand on = sheet(plan.head()).stand();
                  return Fall.of(on.ground(), plan.hair(), InHand.stock(o, state), styling)
                      .pressed(Pressed.on(plan, on.bench(), state));
                }));
  }

  /** A plan as it is worn, in full, or of few strands while others wait: those come first then. */
  Worn inTime(Plan plan, double week) {
    boolean known = worn.has(new Key(plan, week, Fall.STRANDS));
    return of(plan, week, !known && turns.waiting() >= CROWD);
  }

  @PreDestroy
  void close() {
    turns.close();
  }

  /** A coarse stand, for work that asks many falls. */
  Worn.Stand coarse(Plan plan) {
    return on(plan.head(), Fall.PREVIEW_STRANDS).stand();
  }

  /** What a small picture of a plan is drawn from. */
  public Drawn still(HeadSpec head) {
    return on(head, STILL_STRANDS);
  }

  /** What the picture of a printed sheet is drawn from. */
  Drawn sheet(HeadSpec head) {
    return on(head, SHEET_STRANDS);
  }
}
