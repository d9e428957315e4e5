package kitetail.e2e;

import static kitetail.e2e.Steps.button;
import static kitetail.e2e.Steps.serious;
import static kitetail.e2e.Steps.stored;
import static org.assertj.core.api.Assertions.assertThat;

import com.microsoft.playwright.Locator;
import com.microsoft.playwright.Page;
import java.util.regex.Pattern;
import org.junit.jupiter.api.Test;

/** A client who comes back: same again, but the sides shorter. */
class FewDialsTest extends InTheShop {
  private static Locator sides(Page p) {
    return p.getByLabel("Sides in cm");
  }

  private static double cm(Locator field) {
    return Double.parseDouble(field.inputValue());
  }

  @Test
  void sameAgainButTheSidesShorter_isThreeTouchesFromTheClient() {
    Page p = shop.signedIn("maud", "paper");
    p.navigate(shop.url("/clients/2"));
    p.getByText("Same again, but …").click();
    p.waitForURL(Pattern.compile("/plans/\\d+\\?few$"));
    sides(p).waitFor();
    double was = cm(sides(p));
    stored(p, () -> button(p, "Sides, less").click());
    p.getByText(Pattern.compile("^Sides .+ becomes ")).waitFor();
    p.waitForCondition(() -> cm(sides(p)) < was);
    assertThat(serious(p)).isEmpty();
    button(p, "Undo").click();
    p.waitForCondition(() -> cm(sides(p)) == was);
    button(p, "All of it").click();
    p.getByLabel("The chosen move").waitFor();
    button(p, "Few dials").click();
    for (int width : new int[] {390, 768, 1024}) {
      p.setViewportSize(width, 844);
      sides(p).waitFor();
      assertThat(p.evaluate("() => document.documentElement.scrollWidth <= innerWidth"))
          .as("no wider than %d", width)
          .isEqualTo(true);
    }
    assertThat(shop.consoleErrors).isEmpty();
  }
}
