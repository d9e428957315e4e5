package kitetail.e2e;

import static kitetail.e2e.Steps.button;
import static kitetail.e2e.Steps.changed;
import static kitetail.e2e.Steps.checkedWithAMiss;
import static kitetail.e2e.Steps.cutToTheEnd;
import static kitetail.e2e.Steps.off;
import static kitetail.e2e.Steps.painted;
import static kitetail.e2e.Steps.saved;
import static kitetail.e2e.Steps.serious;
import static kitetail.e2e.Steps.shows;
import static kitetail.e2e.Steps.showsOther;
import static kitetail.e2e.Steps.start;
import static kitetail.e2e.Steps.still;
import static kitetail.e2e.Steps.stored;
import static kitetail.e2e.Steps.typed;
import static org.assertj.core.api.Assertions.assertThat;

import com.microsoft.playwright.Download;
import com.microsoft.playwright.Locator;
import com.microsoft.playwright.Page;
import com.microsoft.playwright.options.AriaRole;
import java.io.IOException;
import java.nio.file.Files;
import java.util.regex.Pattern;
import org.junit.jupiter.api.Test;

class PlanCutAndKeepTest extends InTheShop {

  private static Locator guideLength(Page p) {
    return p.getByLabel("Guide length in cm");
  }

  @Test
  void aStylistSignsIn_changesALength_seesTheMapChange_cutsEveryMove_andFindsTheVisit() {
    Page p = shop.signedIn("joris", "paper");
    p.getByText("Ansel Ruiter").first().click();
    p.getByText("Open the bench").first().click();
    painted(p);
    button(p, "Ear to ear").click();
    byte[] before = still(p, p.getByTestId("head").locator("canvas"));
    String line = p.getByTestId("after-earToEar").getAttribute("d");
    typed(guideLength(p), "4");
    button(p, "Length: 4.0 cm").waitFor();
    p.waitForFunction(
        "d => document.querySelector('[data-testid=after-earToEar]').getAttribute('d') !== d",
        line);
    changed(p, p.getByTestId("head").locator("canvas"), before);
    saved(p);

    p.getByText("To the chair").click();
    start(p);
    int moves =
        cutToTheEnd(
            p,
            done ->
                assertThat(p.getByRole(AriaRole.HEADING).first().innerText())
                    .startsWith(Integer.toString(done + 1)));
    checkedWithAMiss(p);
    assertThat(moves).isEqualTo(12);
    p.getByText("over to the right").first().waitFor();
    p.getByText(Pattern.compile("^Book \\w")).click();
    p.getByText(Pattern.compile("^Booked: ")).waitFor();
    p.getByLabel("Remarks, and what to try next time").fill("ridge a little lower");
    // What touched the client is told, not guessed.
    p.getByText("Finish visit").click();
    p.getByText("No tool is ticked.").waitFor();
    button(p, "All of these").click();
    p.getByText("Finish visit").click();
    Locator visit = p.getByTestId("visit").first();
    visit.waitFor();
    assertThat(visit.innerText())
        .contains("Quiet Side Part")
        .contains("12 moves")
        .contains("ridge a little lower")
        .contains("Joris Pier");
    assertThat(shop.consoleErrors).isEmpty();
  }

  @Test
  void undoAndRedo_goBackAndForth_andTheChangeOutlivesAKilledServer() {
    Page p = shop.signedIn("maud", "dusk");
    p.navigate(shop.url("/plans/3"));
    painted(p);
    String was = guideLength(p).inputValue();
    button(p, "Guide length, less").click();
    showsOther(guideLength(p), was);
    String less = guideLength(p).inputValue();
    assertThat(Double.parseDouble(less)).isLessThan(Double.parseDouble(was));
    button(p, "Undo").click();
    shows(guideLength(p), was);
    button(p, "Redo").click();
    shows(guideLength(p), less);
    saved(p);
    shop.killServer();
    shop.startServer();
    p.reload();
    painted(p);
    shows(guideLength(p), less);
    shop.consoleErrors.clear(); // the server was gone for a while
  }

  @Test
  void twoPeopleOnOnePlan_getAClearChoice() {
    Page maud = shop.signedIn("maud", "paper");
    Page joris = shop.signedIn("joris", "paper");
    maud.navigate(shop.url("/plans/5"));
    joris.navigate(shop.url("/plans/5"));
    painted(maud);
    painted(joris);
    stored(maud, () -> typed(guideLength(maud), "5"));
    typed(guideLength(joris), "3.5");
    joris.getByText("Take theirs").waitFor();
    joris.getByText("Take theirs").click();
    shows(guideLength(joris), "5");
    stored(joris, () -> typed(guideLength(joris), "3.5"));
    typed(guideLength(maud), "6");
    stored(maud, () -> maud.getByText("Keep mine").click());
    joris.reload();
    painted(joris);
    shows(guideLength(joris), "6");
    shop.consoleErrors.clear(); // two refused saves are written there by the browser
  }

  @Test
  void aLengthOutOfRange_isSaidBesideIt_andNotTaken() {
    Page p = shop.signedIn("maud", "paper");
    p.navigate(shop.url("/plans/2"));
    painted(p);
    typed(guideLength(p), "900");
    p.getByText("900 is not allowed; 0 to 150 cm").waitFor();
    off(button(p, "Undo"));
  }

  @Test
  void aWalkIn_isMeasured_getsAShape_itsSheet_andItsPlanFileComesBackTheSame() throws IOException {
    Page p = shop.signedIn("maud", "paper");
    p.getByText("Walk-in").click();
    p.getByLabel("Name").fill("Gerda Kade");
    button(p, "New consultation").click();
    p.getByLabel("Ear to ear").fill("45");
    p.getByText("given the other measures").waitFor();
    p.getByLabel("Ear to ear").fill("35");
    p.getByTestId("facts").getByText("ear to ear 35.0 cm").waitFor();
    p.getByText("To the shapes").click();
    button(p, "Gents' Scissor Cut, Sharp Edge").click();
    painted(p);
    button(p, "Print").click();
    Download sheet = p.waitForDownload(() -> p.getByText("Cut sheet, one page A4 (PDF)").click());
    assertThat(Files.readString(sheet.path(), java.nio.charset.StandardCharsets.ISO_8859_1))
        .startsWith("%PDF-");
    Download file = p.waitForDownload(() -> p.getByText("Plan file (JSON)").click());
    String out = Files.readString(file.path());
    p.getByText("Gerda Kade").click();
    java.nio.file.Path named = Files.createTempDirectory("kite").resolve("plan.json");
    Files.writeString(named, out);
    p.locator("input[type=file]").setInputFiles(named);
    painted(p);
    button(p, "Print").click();
    Download again = p.waitForDownload(() -> p.getByText("Plan file (JSON)").click());
    assertThat(Files.readString(again.path())).isEqualTo(out);
    shop.consoleErrors.clear(); // the refused measure is written there by the browser
  }

  @Test
  void theSetViews_turnTheHead_andTheKeysToo() {
    Page p = shop.signedIn("maud", "paper");
    p.navigate(shop.url("/plans/2"));
    painted(p);
    Locator canvas = p.getByTestId("head").locator("canvas");
    byte[] left = still(p, canvas);
    button(p, "back").click();
    byte[] back = changed(p, canvas, left);
    p.getByTestId("head").locator("[tabindex='0']").first().focus();
    p.keyboard().press("ArrowLeft");
    changed(p, canvas, back);
  }

  @Test
  void axe_findsNothingSerious_onAnyScreen() {
    Page p = shop.visitor("paper");
    p.navigate(shop.url("/"));
    p.getByLabel("Password").waitFor();
    assertThat(serious(p)).as("sign-in").isEmpty();
    p = shop.signedIn("maud", "paper");
    assertThat(serious(p)).as("today").isEmpty();
    for (String path :
        new String[] {
          "/clients",
          "/clients/1",
          "/clients/6",
          "/clients/new",
          "/clients/cards",
          "/help",
          "/shop?part=hours",
          "/shop?part=services",
          "/shop?part=called",
          "/plans/4/finish"
        }) {
      p.navigate(shop.url(path));
      p.getByRole(AriaRole.HEADING).first().waitFor();
      assertThat(serious(p)).as(path).isEmpty();
    }
    p.navigate(shop.url("/plans/4"));
    painted(p);
    assertThat(serious(p)).as("bench").isEmpty();
    p.navigate(shop.url("/plans/4/chair"));
    p.getByRole(AriaRole.TIMER).waitFor();
    assertThat(serious(p)).as("chair").isEmpty();
  }

  @Test
  void aStylistLooksAtTheHair_letsItGrow_wearsItBack_andAnswersAFinding() {
    Page p = shop.signedIn("joris", "paper");
    p.getByText("Ansel Ruiter").first().click();
    p.getByText("Open the bench").first().click();
    painted(p);
    button(p, "As it falls").click();
    p.waitForFunction("() => performance.getEntriesByName('kite-fall-fine').length > 0");
    p.getByRole(
            AriaRole.HEADING, new Page.GetByRoleOptions().setName("How it falls").setExact(true))
        .waitFor();
    p.getByText("Back in").first().waitFor();
    Locator canvas = p.getByTestId("hair").locator("canvas");
    byte[] now = still(p, canvas);
    p.getByLabel("Weeks of growth").fill("12");
    p.getByText("12 weeks").first().waitFor();
    p.waitForFunction("() => performance.getEntriesByName('kite-fall-fine').length > 1");
    changed(p, canvas, now);
    p.getByLabel("Weeks of growth").fill("0");
    p.getByLabel("Worn").selectOption("forward");
    p.waitForFunction("() => performance.getEntriesByName('kite-fall-fine').length > 2");
    saved(p);
    Locator found = p.getByRole(AriaRole.REGION, new Page.GetByRoleOptions().setName("Findings"));
    found
        .getByText("It's intentional", new Locator.GetByTextOptions().setExact(true))
        .first()
        .click();
    p.getByLabel("Why it is intentional").fill("as asked");
    found.locator("form button").click();
    found.getByText("as asked").waitFor();
    saved(p);
    p.reload();
    painted(p);
    button(p, "As it falls").click();
    p.getByText("as asked").first().waitFor();
    found.getByText("Not meant").first().click();
    saved(p);
    p.getByLabel("Worn").selectOption("right");
    saved(p);
    assertThat(serious(p)).isEmpty();
  }

  @Test
  void theFallenShapePassesTheKhronosValidator_andItsDrawingsAreDrawn() throws Exception {
    Page p = shop.signedIn("joris", "paper");
    p.getByText("Ansel Ruiter").first().click();
    p.getByText("Open the bench").first().click();
    painted(p);
    button(p, "Print").click();
    Download glb = p.waitForDownload(() -> p.getByText("Fallen shape (GLB)").click());
    java.nio.file.Path file = Files.createTempFile("fall", ".glb");
    glb.saveAs(file);
    Process node =
        new ProcessBuilder("node", "../kite-web/scripts/validate-glb.mjs", file.toString())
            .redirectErrorStream(true)
            .start();
    String said = new String(node.getInputStream().readAllBytes());
    assertThat(node.waitFor()).as(said).isZero();
    assertThat(said).contains("0 errors, 0 warnings");
    for (String drawing : new String[] {"Outlines (SVG)", "Scalp map (SVG)", "Profile (SVG)"}) {
      Download d = p.waitForDownload(() -> p.getByText(drawing).click());
      java.nio.file.Path svg = Files.createTempFile("drawing", ".svg");
      d.saveAs(svg);
      Page shown = p.context().newPage();
      shown.navigate(svg.toUri().toString());
      assertThat(
              ((Number) shown.evaluate("() => document.querySelectorAll('path').length"))
                  .intValue())
          .isPositive();
      Object box = shown.evaluate("() => document.querySelector('path').getBBox().width");
      assertThat(((Number) box).doubleValue()).as(drawing).isGreaterThan(50);
      shown.close();
    }
  }
}
