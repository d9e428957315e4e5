package kitetail.e2e;

import static kitetail.e2e.PlanBench.leftAt;
import static kitetail.e2e.PlanBench.onBench;
import static kitetail.e2e.Steps.button;
import static kitetail.e2e.Steps.drag;
import static kitetail.e2e.Steps.serious;
import static kitetail.e2e.Steps.stored;
import static org.assertj.core.api.Assertions.assertThat;
import static org.assertj.core.api.Assertions.within;

import com.microsoft.playwright.Locator;
import com.microsoft.playwright.Page;
import com.microsoft.playwright.options.AriaRole;
import com.microsoft.playwright.options.BoundingBox;
import org.junit.jupiter.api.Test;

/** A barber sets a fade. */
class FadeOnScreenTest extends InTheShop {
  private static Locator height(Page p, String place) {
    return p.getByRole(AriaRole.SLIDER, new Page.GetByRoleOptions().setName("Height, " + place));
  }

  /** A half, one, two and three with a drop: the plan's own page, Add, Fade, and it is there. */
  @Test
  void aDropFade_isThreeTouches_andIsReadBackOnTheHead() {
    Page p = onBench(shop, "maud", "paper", 1);
    button(p, "Add").click();
    stored(p, () -> button(p, "Fade").click());
    p.getByText("guard 0.5, guard 1, guard 2, guard 3").waitFor();
    // At the hairline it is the half: 1/16 in.
    assertThat(leftAt(p, 1, "edge", "nape")).isCloseTo(25.4 / 16, within(0.5));
    assertThat(leftAt(p, 1, "edge", "behindEarRight")).isCloseTo(25.4 / 16, within(0.5));
    assertThat(shop.consoleErrors).isEmpty();
  }

  @Test
  void itsHandlesArePulled_itsStartsTouched_andASwipeLiftsNothing() {
    Page p = onBench(shop, "joris", "dusk", 3);
    button(p, "Add").click();
    stored(p, () -> button(p, "Fade").click());
    Locator nape = height(p, "nape");
    nape.waitFor();
    BoundingBox at = nape.boundingBox();
    String was = nape.getAttribute("aria-valuenow");
    // Beside the handles nothing is lifted.
    Locator bar =
        p.getByRole(
            AriaRole.GROUP,
            new Page.GetByRoleOptions()
                .setName("The fade: its guards up the side, behind the ear and at the back"));
    BoundingBox box = bar.boundingBox();
    drag(p, box.x + 6, box.y + box.height / 2, 0, -40);
    assertThat(nape.getAttribute("aria-valuenow")).isEqualTo(was);
    stored(p, () -> drag(p, at.x + at.width / 2, at.y + at.height / 2, 0, -30));
    assertThat(Integer.parseInt(nape.getAttribute("aria-valuenow")))
        .isGreaterThan(Integer.parseInt(was));
    stored(p, () -> button(p, "High").click());
    p.waitForCondition(
        () -> Integer.parseInt(height(p, "sideburn").getAttribute("aria-valuenow")) > 40);
    assertThat(serious(p)).isEmpty();
    assertThat(shop.consoleErrors).isEmpty();
  }
}
