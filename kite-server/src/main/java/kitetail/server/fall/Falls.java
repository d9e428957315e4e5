package kitetail.server.fall;

import com.github.benmanes.caffeine.cache.AsyncCache;
import com.github.benmanes.caffeine.cache.Cache;
import com.github.benmanes.caffeine.cache.Caffeine;
import jakarta.annotation.PreDestroy;
import java.util.concurrent.CompletableFuture;
import java.util.concurrent.CompletionException;
import kitetail.fall.Fall;
import kitetail.formats.picture.HairPicture;
import kitetail.growth.Worn;
import kitetail.head.BodyField;
import kitetail.head.Head;
import kitetail.head.HeadSpec;
import kitetail.head.Scalp;
import kitetail.plan.Plan;
import kitetail.server.head.Heads;
import org.springframework.stereotype.Component;

/**
 * Heads for hair to fall on, and what fell on them lately. Each is made once however many ask at a
 * time: a plan just opened is asked for its preview, its fall and its remedies at once. Not to be
 * asked for by parts of work that is spread over the processors.
 */
@Component
public class Falls {
  /** A body holds some 6 MB, a stand some 4 besides. */
  private static final int STANDS = 30;

  private static final int BODIES = 20;

  private static final int WORN = 24;

  /** So many who wait are a crowd. */
  private static final int CROWD = 2;

  /** A small picture of a list shows no more. */
  private static final int STILL_STRANDS = 1200;

  private static final int SHEET_STRANDS = 1800;

  /** A stand with the means to draw what falls on it. */
  public record Drawn(Worn.Stand stand, HairPicture picture) {}

  private record At(HeadSpec head, int strands) {}

  private record Key(Plan plan, double week, int strands) {}

  private final Cache<At, Drawn> stands =
      Caffeine.newBuilder().executor(Runnable::run).maximumSize(STANDS).build();
  private final Cache<HeadSpec, BodyField> bodies =
      Caffeine.newBuilder().executor(Runnable::run).maximumSize(BODIES).build();
  private final AsyncCache<Key, Worn> worn =
      Caffeine.newBuilder().executor(Runnable::run).maximumSize(WORN).buildAsync();
  private final Turns turns = new Turns();
  private final Heads heads;

  Falls(Heads heads) {
    this.heads = heads;
  }

  private Drawn on(HeadSpec head, int strands) {
    return stands.get(
        new At(head, strands),
        at -> {
          Head fitted = heads.fitted(head);
          BodyField body = bodies.get(head, h -> BodyField.of(fitted));
          Worn.Stand stand = Worn.Stand.of(Scalp.of(fitted, at.strands), body);
          return new Drawn(stand, new HairPicture(stand.ground().scalp()));
        });
  }

  /** A plan as it is worn so many weeks later, read. */
  public Worn of(Plan plan, double week, boolean preview) {
    int strands = preview ? Fall.PREVIEW_STRANDS : Fall.STRANDS;
    CompletableFuture<Worn> made =
        worn.get(
            new Key(plan, week, strands),
            (k, executor) ->
                turns.ask(preview, () -> Worn.of(plan, on(plan.head(), strands).stand(), week)));
    try {
      return made.join();
    } catch (CompletionException e) {
      throw e.getCause() instanceof RuntimeException r ? r : e;
    }
  }

  /** The same in full, or of few strands while others wait: those come first then. */
  Worn inTime(Plan plan, double week) {
    boolean known = worn.getIfPresent(new Key(plan, week, Fall.STRANDS)) != null;
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
