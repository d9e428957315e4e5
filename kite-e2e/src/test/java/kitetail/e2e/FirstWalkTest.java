package kitetail.e2e;

import static kitetail.e2e.Steps.button;
import static kitetail.e2e.Steps.painted;
import static kitetail.e2e.Steps.serious;
import static kitetail.e2e.Steps.start;
import static org.assertj.core.api.Assertions.assertThat;

import com.microsoft.playwright.Locator;
import com.microsoft.playwright.Page;
import com.microsoft.playwright.options.AriaRole;
import java.util.regex.Pattern;
import org.junit.jupiter.api.Test;

/** Who has never seen it is led from a practice head's sit-down to its chair. */
class FirstWalkTest extends InTheShop {
  private static void step(Page p, int at) {
    p.getByLabel("First walk").getByText(at + " of 6").waitFor();
  }

  @Test
  void theFirstWalk_leadsFromHelpToTheChair_andIsOver() {
    Page p = shop.signedIn("joris", "paper");
    p.getByText("Help").click();
    p.getByText("A first walk: three minutes on a practice head").click();
    p.waitForURL(Pattern.compile("/clients/\\d+/sit"));
    step(p, 1);
    p.getByTestId("facts").waitFor();
    assertThat(serious(p)).isEmpty();
    button(p, "To the shapes").click();
    step(p, 2);
    Locator shape = p.locator("button", new Page.LocatorOptions().setHasText("Even All Over"));
    shape.first().click();
    painted(p);
    step(p, 3);
    button(p, "Next").click();
    step(p, 4);
    // It is where it was after a reload.
    p.reload();
    painted(p);
    step(p, 4);
    button(p, "Next").click();
    step(p, 5);
    p.getByText("To the chair", new Page.GetByTextOptions().setExact(true)).click();
    step(p, 6);
    start(p);
    p.getByLabel("First walk").getByRole(AriaRole.BUTTON).click();
    assertThat(p.getByLabel("First walk").count()).isZero();
  }
}
