package kitetail.server.picture;

import java.time.Clock;
import java.time.Duration;
import java.time.OffsetDateTime;
import java.util.Arrays;
import java.util.Locale;
import java.util.stream.Collectors;
import java.util.stream.Stream;
import kitetail.fall.Fall;
import kitetail.fall.Styling;
import kitetail.formats.json.Families;
import kitetail.formats.picture.Light;
import kitetail.formats.picture.View;
import kitetail.hair.Hair;
import kitetail.hair.StartingHair;
import kitetail.head.HeadSpec;
import kitetail.plan.Plan;
import kitetail.plan.SitDown;
import kitetail.planning.Worn;
import kitetail.server.error.FieldException;
import kitetail.server.fall.Falls;
import kitetail.server.head.Heads;
import kitetail.server.head.Kept;
import kitetail.server.head.Share;
import kitetail.server.plan.PlanRepository;
import kitetail.server.warm.Warms;
import org.jspecify.annotations.Nullable;
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
  private record Key(Record of, Frame frame, Light light) {}

  private final Kept<At, Fall> fallen = new Kept<>(Share.FALLS);
  private final Kept<Key, byte[]> kept = new Kept<>(Share.STILLS, b -> b.length);
  private final Falls falls;
  private final Heads heads;
  private final PlanRepository plans;
  private final Clock clock;

  Stills(Falls falls, Heads heads, PlanRepository plans, Clock clock) {
    this.falls = falls;
    this.heads = heads;
    this.plans = plans;
    this.clock = clock;
  }

  /** How large, and from where. */
  record Frame(View view, int width, int height) {
    private static final int MIN = 40;
    private static final int MAX = 1200;

    /**
     * @throws FieldException when a size is out of range
     */
    Frame {
      if (width < MIN || width > MAX || height < MIN || height > MAX) {
        throw new FieldException(
            "width, height", width + " × " + height, "allowed " + MIN + " to " + MAX + " each");
      }
    }
  }

  /**
   * A plan as it is worn so many weeks on.
   *
   * @throws FieldException when the week is out of range
   */
  byte[] worn(Plan plan, double week, Frame frame, Light light) {
    FieldException.within("week", week, 0, Worn.MOST_WEEKS);
    At at = new At(plan, week);
    return kept.get(
        new Key(at, frame, light),
        k -> {
          Falls.Drawn on = falls.still(plan.head());
          Fall fall = fallen.get(at, a -> Worn.fall(plan, on.stand(), week));
          return on.picture().png(fall, frame.view(), frame.width(), frame.height(), light);
        });
  }

  /**
   * A plan with its hair worn otherwise.
   *
   * @param way what it is combed; null as the plan has it
   * @param hours after it was dried, as the plan has it when 0
   * @throws FieldException when there is no such way, or hours or air are out of range
   */
  Plan dressed(Plan plan, @Nullable String way, double hours, double dampAir) {
    FieldException.within("hours", hours, 0, 72);
    FieldException.within("dampAir", dampAir, 0, 1);
    Styling worn = plan.styling();
    if (way != null) {
      worn = worn.combed(named(way));
    }
    if (hours > 0) {
      worn = worn.later(hours, dampAir);
    }
    return worn.equals(plan.styling()) ? plan : plan.worn(worn);
  }

  private static Styling.Way named(String way) {
    return Arrays.stream(Styling.Way.values())
        .filter(w -> w.name().equalsIgnoreCase(way))
        .findFirst()
        .orElseThrow(
            () ->
                new FieldException(
                    "way",
                    way,
                    "allowed "
                        + Arrays.stream(Styling.Way.values())
                            .map(w -> w.name().toLowerCase(Locale.ROOT))
                            .collect(Collectors.joining(", "))));
  }

  /** A plan's hair before anything of it is cut. */
  byte[] before(Plan plan, Frame frame) {
    return uncut(plan.head(), plan.hair(), plan.start(), frame);
  }

  /** The hair somebody sat down with. */
  byte[] before(SitDown s, Frame frame) {
    return uncut(s.head(), s.hair(), s.start(), frame);
  }

  private byte[] uncut(HeadSpec head, Hair hair, StartingHair start, Frame frame) {
    return kept.get(
        new Key(new Uncut(head, hair, start), frame, Light.DAY),
        k -> {
          Fall fall = falls.uncut(head, hair, start);
          return falls.still(head).picture().png(fall, frame.view(), frame.width(), frame.height());
        });
  }

  /** A plan's head painted with its lengths. */
  byte[] lengths(Plan plan, Frame frame) {
    return heads
        .seamed(plan)
        .png(heads.run(plan).afterMm(), frame.view(), frame.width(), frame.height(), null);
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
        .forEach(p -> worn(p, 0, new Frame(View.RIGHT, 240, 270), Light.DAY));
  }
}
