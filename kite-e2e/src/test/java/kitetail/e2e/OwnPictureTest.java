package kitetail.e2e;

import static kitetail.e2e.Steps.button;
import static kitetail.e2e.Steps.drag;
import static kitetail.e2e.Steps.serious;
import static kitetail.e2e.Steps.settled;
import static org.assertj.core.api.Assertions.assertThat;

import com.microsoft.playwright.Locator;
import com.microsoft.playwright.Page;
import com.microsoft.playwright.options.AriaRole;
import com.microsoft.playwright.options.BoundingBox;
import java.util.regex.Pattern;
import org.junit.jupiter.api.Test;

/** The client's own screen beside the stylist's. */
class OwnPictureTest extends InTheShop {
  private static Locator seen(Page client) {
    return client.getByRole(AriaRole.IMG).first();
  }

  @Test
  void theClientPairsAScreen_turnsTheHead_andSaysYes() {
    Page stylist = PlanBench.onBench(shop, "maud", "dusk", 2);
    button(stylist, "Show the client").click();
    button(stylist, "Show it").click();
    Locator digits = stylist.getByTestId("code");
    digits.waitFor();
    assertThat(serious(stylist)).as("the code").isEmpty();

    Page client = shop.visitor("dusk");
    client.navigate(shop.url("/look"));
    client.getByRole(AriaRole.TEXTBOX).fill(digits.innerText());
    client.getByAltText("After the cut").waitFor();
    settled(client);
    assertThat(serious(client)).as("the client's own screen").isEmpty();
    assertThat(client.getByText(Pattern.compile("\\d ?(cm|mm|min)")).count()).isZero();

    String front = seen(client).getAttribute("src");
    BoundingBox at = client.getByRole(AriaRole.SLIDER).boundingBox();
    drag(client, at.x + at.width / 2, at.y + at.height / 2, -90, 0);
    client.waitForFunction(
        "was => document.querySelector('main img').getAttribute('src') !== was", front);
    for (int width : new int[] {390, 768, 1024}) {
      client.setViewportSize(width, 844);
      client.waitForFunction("() => document.documentElement.scrollWidth <= innerWidth");
      BoundingBox yes = button(client, "That's it").boundingBox();
      assertThat(yes.y + yes.height).as("in reach at %d", width).isLessThanOrEqualTo(844);
      assertThat(yes.height).isGreaterThanOrEqualTo(44);
    }
    client.getByText("In 4 weeks").click();
    button(client, "That's it").click();
    stylist.getByText("The client said: that's it.").waitFor();
    button(stylist, "End it").click();
    button(stylist, "Show it").waitFor();
    client.reload();
    client.getByText("This view has ended").waitFor();
    shop.consoleErrors.clear(); // what has ended is a 404, which the browser writes down
  }
}
