package kitetail.server.picture;

import java.time.Clock;
import java.time.Duration;
import java.time.OffsetDateTime;
import java.util.stream.Stream;
import kitetail.fall.Fall;
import kitetail.formats.json.Families;
import kitetail.formats.picture.Light;
import kitetail.formats.picture.View;
import kitetail.growth.Worn;
import kitetail.hair.Hair;
import kitetail.hair.StartingHair;
import kitetail.head.HeadSpec;
import kitetail.plan.Plan;
import kitetail.server.fall.Falls;
import kitetail.server.head.Kept;
import kitetail.server.head.Share;
import kitetail.server.plan.PlanRepository;
import kitetail.server.warm.Warms;
import org.springframework.core.annotation.Order;
import org.springframework.stereotype.Component;

/** Small pictures of plans as they are worn, kept for the next who looks. */
@Component
@Order(1)
class Stills implements Warms {
  private static final int FEW = 3;
  private static final int MOST = 12;
  private static final Duration DAY = Duration.ofHours(14);

  private record At(Plan plan, double week) {}

  private record Uncut(HeadSpec head, Hair hair, StartingHair start) {}

  /**
   * @param of a plan some weeks on, or hair nobody has cut yet
   */
  private record Key(Record of, View view, int width, int height, Light light) {}

  private final Kept<At, Fall> fallen = new Kept<>(Share.FALLS);
  private final Kept<Key, byte[]> kept = new Kept<>(Share.STILLS, b -> b.length);
  private final Falls falls;
  private final PlanRepository plans;
  private final Clock clock;

  Stills(Falls falls, PlanRepository plans, Clock clock) {
    this.falls = falls;
    this.plans = plans;
    this.clock = clock;
  }

  byte[] png(Plan plan, double week, View view, int width, int height, Light light) {
    At at = new At(plan, week);
    return kept.get(
        new Key(at, view, width, height, light),
        k -> {
          Falls.Drawn on = falls.still(plan.head());
          Fall fall = fallen.get(at, a -> Worn.fall(plan, on.stand(), week));
          return on.picture().png(fall, view, width, height, light);
        });
  }

  /** Hair as it came in. */
  byte[] uncut(HeadSpec head, Hair hair, StartingHair start, View view, int width, int height) {
    return kept.get(
        new Key(new Uncut(head, hair, start), view, width, height, Light.DAY),
        k -> {
          Fall fall = falls.uncut(head, hair, start);
          return falls.still(head).picture().png(fall, view, width, height);
        });
  }

  /**
   * Today's heads first, as they are looked at first; so many pictures that the code is compiled.
   */
  @Override
  public void warm() {
    OffsetDateTime now = OffsetDateTime.now(clock);
    Stream.concat(
            plans.booked(now.minus(DAY), now.plus(DAY), MOST).stream()
                .map(PlanRepository.Stored::plan),
            Families.all().values().stream().limit(FEW))
        .limit(MOST)
        .forEach(p -> png(p, 0, View.RIGHT, 240, 270, Light.DAY));
  }
}
