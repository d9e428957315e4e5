package kitetail.server.sitdown;

import jakarta.annotation.PreDestroy;
import java.time.Duration;
import kitetail.plan.SitDown;
import kitetail.planning.Hands;
import kitetail.server.advice.Advice;
import kitetail.server.fall.Falls;
import kitetail.server.family.FamilyBook;
import kitetail.server.warm.WhenQuiet;
import org.springframework.stereotype.Component;

/**
 * Has ready what is asked next of who sits down, while the stylist still talks: the families held
 * against the client, and the head their pictures are drawn on.
 */
@Component
class NextAsked {
  /** A pick follows the one before sooner than this. */
  private static final Duration QUIET = Duration.ofMillis(1500);

  private final WhenQuiet<Long> sitDowns = new WhenQuiet<>("next-asked", QUIET);
  private final Advice advice;
  private final Falls falls;
  private final FamilyBook families;

  NextAsked(Advice advice, Falls falls, FamilyBook families) {
    this.advice = advice;
    this.falls = falls;
    this.families = families;
  }

  @PreDestroy
  void stop() {
    sitDowns.close();
  }

  void of(long shopId, long sitDownId, SitDown client) {
    sitDowns.then(
        sitDownId,
        () -> {
          advice.rank(client, families.all(shopId), Hands.USUAL, done -> {});
          falls.still(client.head());
        });
  }
}
