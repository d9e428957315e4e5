package kitetail.e2e;

import static kitetail.e2e.PlanBench.onBench;
import static kitetail.e2e.Steps.button;
import static kitetail.e2e.Steps.off;
import static kitetail.e2e.Steps.painted;
import static kitetail.e2e.Steps.saved;
import static kitetail.e2e.Steps.serious;
import static kitetail.e2e.Steps.settled;
import static kitetail.e2e.Steps.showsOther;
import static org.assertj.core.api.Assertions.assertThat;

import com.microsoft.playwright.Locator;
import com.microsoft.playwright.Page;
import com.microsoft.playwright.options.AriaRole;
import java.util.regex.Pattern;
import org.junit.jupiter.api.Test;

/**
 * The bench for every hand and eye: keys alone, a phone, no graphics, both themes as axe reads
 * them.
 */
class BenchForAllTest extends InTheShop {
  @Test
  void withoutWebGl_theHeadIsAStillDrawing_withItsContoursLabelled() {
    Page p = shop.visitor("paper");
    p.addInitScript(
        "const get = HTMLCanvasElement.prototype.getContext;"
            + "HTMLCanvasElement.prototype.getContext = function (kind, ...rest) {"
            + " return kind.startsWith('webgl') ? null : get.call(this, kind, ...rest); };");
    p.navigate(shop.url("/"));
    p.getByLabel("Name").fill("maud");
    p.getByLabel("Password").fill("ferry-landing");
    p.getByText("Sign in").click();
    p.getByText("Sign out").waitFor();
    p.navigate(shop.url("/plans/1"));
    Locator drawn = p.getByTestId("head-svg");
    drawn.waitFor();
    assertThat(drawn.locator("text").allTextContents())
        .isNotEmpty()
        .allMatch(t -> t.matches(".* (cm|mm)"));
    assertThat(drawn.locator("path").count()).isGreaterThan(20);
    button(p, "As it falls").click();
    p.getByTestId("hair-svg").waitFor();
    assertThat(p.getByTestId("hair-svg").locator("path[fill=none]").count()).isGreaterThan(300);
  }

  @Test
  void theBench_isWorked_byKeysAlone() {
    Page p = onBench(shop, "maud", "paper", 1);
    p.keyboard().press("PageDown");
    p.getByRole(AriaRole.HEADING, new Page.GetByRoleOptions().setName("2 Over the apex, level"))
        .waitFor();
    p.keyboard().press("i");
    p.getByText(Pattern.compile("bite 1 of \\d+")).waitFor();
    p.keyboard().press("?");
    p.getByText("Keys of the bench").first().waitFor();
    p.keyboard().press("Escape");
    p.getByRole(AriaRole.DIALOG)
        .waitFor(
            new Locator.WaitForOptions()
                .setState(com.microsoft.playwright.options.WaitForSelectorState.DETACHED));
    Locator more = button(p, "Guide length, more");
    more.focus();
    String was = p.getByLabel("Guide length in cm").inputValue();
    p.keyboard().press("Enter");
    showsOther(p.getByLabel("Guide length in cm"), was);
    Locator edge = p.getByLabel(Pattern.compile("Edge of Top; arrow keys")).first();
    edge.focus();
    p.keyboard().press("ArrowRight");
    p.getByText(Pattern.compile("ridge|°|round from|corner; ")).first().waitFor();
    button(p, "Edge").focus();
    p.keyboard().press("Enter");
    Locator band =
        p.getByRole(
            AriaRole.SLIDER,
            new Page.GetByRoleOptions().setName("Thick band above the ears, how high"));
    band.focus();
    String high = band.getAttribute("aria-valuenow");
    p.keyboard().press("ArrowUp");
    p.waitForFunction(
        "h => document.querySelector('[data-handle=\"band/band\"]').getAttribute('aria-valuenow') !== h",
        high);
    for (int i = 0; i < 6; i++) {
      p.keyboard().press("Control+z");
    }
    saved(p);
    off(button(p, "Undo"));
    assertThat(shop.consoleErrors).isEmpty();
  }

  @Test
  void axe_findsNothingSerious_inAnyStateOfTheBench() {
    Page p = onBench(shop, "joris", "paper", 2);
    button(p, "Straight out").click();
    painted(p);
    assertThat(serious(p)).as("standing").isEmpty();
    p.getByRole(AriaRole.COMBOBOX, new Page.GetByRoleOptions().setName("Painted with"))
        .selectOption("risk");
    p.getByText("mm too long or short").waitFor();
    button(p, "Show the bite").click();
    button(p, "Edge").click();
    assertThat(serious(p)).as("edge, risk, bite").isEmpty();
    button(p, "Table").click();
    button(p, "Section").click();
    assertThat(serious(p)).as("table, section").isEmpty();
    p.keyboard().press("Escape");
    button(p, "Graph").click();
    button(p, "Versions").click();
    p.getByLabel("Name of this version").fill("as it was");
    button(p, "Keep").click();
    p.getByText("as it was").first().waitFor();
    assertThat(serious(p)).as("versions").isEmpty();
    button(p, "Compare").first().click();
    button(p, "8 weeks").click();
    button(p, "As it falls").click();
    button(p, "Lay over").click();
    settled(p);
    assertThat(serious(p)).as("compared").isEmpty();
    button(p, "Stop comparing").click();
    p.keyboard().press("?");
    assertThat(serious(p)).as("keys").isEmpty();
    assertThat(shop.consoleErrors).isEmpty();
  }

  @Test
  void aPhone_readsThePlan_inOneColumn() {
    Page p = onBench(shop, "maud", "paper", 5);
    p.setViewportSize(390, 844);
    p.waitForFunction("() => document.documentElement.scrollWidth <= 390");
    p.getByText("Before you cut").waitFor();
    p.getByRole(AriaRole.REGION, new Page.GetByRoleOptions().setName("Profile")).waitFor();
  }
}
