package kitetail.e2e;

import static kitetail.e2e.PlanBench.onBench;
import static kitetail.e2e.Steps.button;
import static kitetail.e2e.Steps.drag;
import static kitetail.e2e.Steps.painted;
import static kitetail.e2e.Steps.saved;
import static kitetail.e2e.Steps.serious;
import static kitetail.e2e.Steps.shows;
import static kitetail.e2e.Steps.stored;
import static kitetail.e2e.Steps.typed;
import static org.assertj.core.api.Assertions.assertThat;

import com.microsoft.playwright.Download;
import com.microsoft.playwright.Locator;
import com.microsoft.playwright.Page;
import com.microsoft.playwright.options.AriaRole;
import com.microsoft.playwright.options.BoundingBox;
import java.io.IOException;
import java.nio.file.Files;
import org.junit.jupiter.api.Test;

/**
 * What becomes of a plan at the bench: two people at it, a lost connection, versions, printouts,
 * another shape.
 */
class BenchKeepingTest extends InTheShop {
  @Test
  void twoPeopleOnOnePlan_seeBothHeads_andWhatIsDifferent() {
    Page maud = onBench(shop, "maud", "paper", 4);
    Page joris = onBench(shop, "joris", "dusk", 4);
    stored(maud, () -> typed(maud.getByLabel("Guide length in cm"), "5"));
    typed(joris.getByLabel("Guide length in cm"), "3.5");
    Locator choice = joris.getByRole(AriaRole.ALERTDIALOG);
    choice.getByTestId("head-svg").nth(1).waitFor();
    choice.getByText("5.0 cm becomes 3.5 cm").waitFor();
    assertThat(serious(joris)).as("the choice").isEmpty();
    stored(joris, () -> choice.getByText("Keep mine").click());
    maud.reload();
    painted(maud);
    shows(maud.getByLabel("Guide length in cm"), "3.5");
    shop.consoleErrors.clear(); // the refused save is written there by the browser
  }

  @Test
  void aConnectionLostInTheMiddleOfAPull_losesNothing() {
    Page p = onBench(shop, "joris", "paper", 5);
    stored(p, () -> typed(p.getByLabel("Guide length in cm"), "4.4"));
    p.context().setOffline(true);
    typed(p.getByLabel("Guide length in cm"), "4.9");
    p.getByText("Not saved.").waitFor();
    Locator profile =
        p.getByRole(AriaRole.IMG, new Page.GetByRoleOptions().setName("Profile, Centre"));
    BoundingBox box = profile.boundingBox();
    drag(p, box.x + box.width / 2, box.y + box.height / 2, 0, 20);
    p.getByText("cannot be reached").first().waitFor();
    shows(p.getByLabel("Guide length in cm"), "4.9");
    stored(p, () -> p.context().setOffline(false));
    p.reload();
    painted(p);
    shows(p.getByLabel("Guide length in cm"), "4.9");
    shop.consoleErrors.clear(); // the browser writes down what it could not reach
  }

  @Test
  void aVersionKept_isHeldAgainstThePlan_andBroughtBack_asOneStep() {
    Page p = onBench(shop, "maud", "paper", 3);
    String was = p.getByLabel("Guide length in cm").inputValue();
    button(p, "Versions").click();
    p.getByLabel("Name of this version").fill("before the change");
    button(p, "Keep").click();
    p.getByText("before the change").waitFor();
    p.keyboard().press("Escape");
    stored(p, () -> typed(p.getByLabel("Guide length in cm"), "2.5"));
    button(p, "Versions").click();
    p.getByText("Compare", new Page.GetByTextOptions().setExact(true)).last().click();
    p.getByTestId("head").nth(1).waitFor();
    p.getByText("before the change, just cut").waitFor();
    button(p, "Stop comparing").click();
    button(p, "Versions").click();
    p.getByText("Bring back").first().click();
    shows(p.getByLabel("Guide length in cm"), was);
    button(p, "Undo").click();
    shows(p.getByLabel("Guide length in cm"), "2.5");
    button(p, "Redo").click();
    saved(p);
    assertThat(shop.consoleErrors).isEmpty();
  }

  @Test
  void everyPrintout_comesAsAFile() throws IOException {
    Page p = onBench(shop, "joris", "paper", 2);
    button(p, "Print").click();
    for (String[] file :
        new String[][] {
          {"Cut sheet, one page letter (PDF)", "%PDF-"},
          {"Cut sheet in detail, A4 (PDF)", "%PDF-"},
          {"Cut sheet (SVG)", "<?xml"},
          {"Lengths (CSV)", "walk,"},
          {"Plan file (JSON)", "{"}
        }) {
      Download d = p.waitForDownload(() -> p.getByText(file[0]).click());
      java.nio.file.Path to = Files.createTempFile("print", ".bin");
      d.saveAs(to);
      assertThat(Files.readString(to, java.nio.charset.StandardCharsets.ISO_8859_1))
          .as(file[0])
          .startsWith(file[1]);
    }
  }

  @Test
  void twoShapes_areHeldAgainstEachOther_onThisHead_andOneBecomesAPlan() {
    Page p = shop.signedIn("maud", "dusk");
    p.navigate(shop.url("/clients/1/shapes"));
    p.getByText("Plan with this").nth(1).waitFor();
    Locator all = p.getByRole(AriaRole.REGION, new Page.GetByRoleOptions().setName("All shapes"));
    all.getByRole(AriaRole.BUTTON)
        .filter(new Locator.FilterOptions().setHasText("Soft Tail"))
        .click();
    Locator two = p.getByRole(AriaRole.REGION, new Page.GetByRoleOptions().setName("Two shapes"));
    two.getByText("Soft Tail").waitFor();
    assertThat(two.getByRole(AriaRole.IMG).count()).isGreaterThanOrEqualTo(8);
    assertThat(serious(p)).isEmpty();
    button(p, "Plan with Soft Tail").click();
    painted(p);
    // Not on hair this short: it is the plan for when there is enough.
    assertThat(p.getByRole(AriaRole.HEADING).first().innerText()).startsWith("Soft Tail, in ");
    assertThat(shop.consoleErrors).isEmpty();
  }
}
