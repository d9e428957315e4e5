package kitetail.e2e;

import static org.assertj.core.api.Assertions.assertThat;
import static org.assertj.core.api.Assertions.within;

import com.microsoft.playwright.Download;
import com.microsoft.playwright.Locator;
import com.microsoft.playwright.Page;
import com.microsoft.playwright.options.AriaRole;
import com.microsoft.playwright.options.BoundingBox;
import java.awt.image.BufferedImage;
import java.io.ByteArrayInputStream;
import java.io.IOException;
import java.nio.file.Files;
import java.util.List;
import java.util.Map;
import java.util.regex.Pattern;
import javax.imageio.ImageIO;
import org.junit.jupiter.api.AfterAll;
import org.junit.jupiter.api.AfterEach;
import org.junit.jupiter.api.BeforeAll;
import org.junit.jupiter.api.Disabled;
import org.junit.jupiter.api.Test;
import org.junit.jupiter.params.ParameterizedTest;
import org.junit.jupiter.params.provider.ValueSource;

/** The plan bench as one instrument: head, scalp map, profile and edge. */
@Disabled(
    "seven of these were mended after their first run and not yet seen green since; see to that first")
class PlanBenchTest {
  /**
   * What the engine leaves at a named place of a walk of the saved plan, mm; asked past the page.
   */
  private static final String LEFT_AT =
      """
      async ([id, walk, place]) => {
        const token = document.cookie.match(/XSRF-TOKEN=([^;]+)/)[1];
        const plan = await (await fetch('/api/plans/' + id)).json();
        const r = await fetch('/api/outcome', {method: 'POST', body: JSON.stringify(plan.document),
          headers: {'Content-Type': 'application/json', 'X-XSRF-TOKEN': token}});
        const bytes = await r.arrayBuffer();
        const n = new DataView(bytes).getUint32(0, true);
        const result = JSON.parse(new TextDecoder().decode(new Uint8Array(bytes, 4, n)));
        const lengths = new Uint16Array(bytes, 4 + n);
        const points = result.walks.reduce((k, x) => k + x.distanceMm.length, 0);
        const w = result.walks.find(x => x.walk === walk);
        let from = lengths.length - points;
        for (const x of result.walks) {
          if (x === w) break;
          from += x.distanceMm.length;
        }
        const at = w.marksMm[place];
        let best = 0;
        w.distanceMm.forEach((d, i) => {
          if (Math.abs(d - at) < Math.abs(w.distanceMm[best] - at)) best = i;
        });
        return lengths[from + best] / 20;
      }
      """;

  private static AtTheShop shop;

  @BeforeAll
  static void open() {
    shop = new AtTheShop();
  }

  @AfterAll
  static void close() {
    shop.close();
  }

  @AfterEach
  void clear() {
    shop.clear();
  }

  private static Locator button(Page p, String name) {
    return p.getByRole(AriaRole.BUTTON, new Page.GetByRoleOptions().setName(name).setExact(true));
  }

  private static Locator bow(Page p, int number) {
    return p.getByRole(
        AriaRole.BUTTON,
        new Page.GetByRoleOptions().setName(Pattern.compile("^Move " + number + ": ")));
  }

  private static Page bench(String who, String theme, int plan) {
    Page p = shop.signedIn(who, theme);
    p.navigate(shop.url("/plans/" + plan));
    painted(p);
    return p;
  }

  private static void painted(Page p) {
    p.getByTestId("contour-label").first().waitFor();
  }

  private static void saved(Page p) {
    p.waitForTimeout(400);
    p.getByText("Saved", new Page.GetByTextOptions().setExact(true)).waitFor();
  }

  private static double leftAt(Page p, int plan, String walk, String place) {
    return ((Number) p.evaluate(LEFT_AT, List.of(plan, walk, place))).doubleValue();
  }

  private static Locator cell(Page p, String place) {
    return p.getByLabel("Length at the " + place + " in cm");
  }

  private static void drag(Page p, double x, double y, double dx, double dy) {
    p.mouse().move(x, y);
    p.mouse().down();
    for (int i = 1; i <= 6; i++) {
      p.mouse().move(x + dx * i / 6, y + dy * i / 6);
      p.waitForTimeout(60);
    }
    p.mouse().up();
  }

  /** The colour of the painted head at a share of its canvas, a small patch of it. */
  private static int[] colour(Page p, double atX, double atY) {
    try {
      p.waitForTimeout(700);
      byte[] png = p.getByTestId("head").locator("canvas").screenshot();
      BufferedImage image = ImageIO.read(new ByteArrayInputStream(png));
      int x = (int) (atX * image.getWidth());
      int y = (int) (atY * image.getHeight());
      int[] sum = new int[3];
      for (int i = -3; i <= 3; i++) {
        for (int j = -3; j <= 3; j++) {
          int rgb = image.getRGB(x + i, y + j);
          sum[0] += rgb >> 16 & 255;
          sum[1] += rgb >> 8 & 255;
          sum[2] += rgb & 255;
        }
      }
      return new int[] {sum[0] / 49, sum[1] / 49, sum[2] / 49};
    } catch (IOException e) {
      throw new IllegalStateException(e);
    }
  }

  private static int apart(int[] a, int[] b) {
    return Math.abs(a[0] - b[0]) + Math.abs(a[1] - b[1]) + Math.abs(a[2] - b[2]);
  }

  @Test
  void aPointOfTheProfilePulledDown_isShorter_inTheTableAndByTheEngineAlike() {
    Page p = bench("joris", "paper", 1);
    double was = leftAt(p, 1, "centre", "crown");
    Locator profile =
        p.getByRole(AriaRole.IMG, new Page.GetByRoleOptions().setName("Profile, Centre"));
    BoundingBox crown =
        profile.getByText("crown", new Locator.GetByTextOptions().setExact(true)).boundingBox();
    BoundingBox box = profile.boundingBox();
    drag(p, crown.x + crown.width / 2, box.y + box.height / 2, 0, 24);
    p.getByText(Pattern.compile("“.+” [0-9.]+ cm to [0-9.]+ cm")).first().waitFor();
    saved(p);
    double now = leftAt(p, 1, "centre", "crown");
    assertThat(now).isLessThan(was - 5);
    button(p, "Table").click();
    assertThat(Double.parseDouble(cell(p, "crown").inputValue()) * 10).isCloseTo(now, within(0.51));
    cell(p, "crown").fill("5.2");
    cell(p, "crown").press("Enter");
    saved(p);
    assertThat(leftAt(p, 1, "centre", "crown")).isCloseTo(52, within(1.0));
    // The pull was one step, the typed number another.
    button(p, "Undo").click();
    button(p, "Undo").click();
    saved(p);
    assertThat(leftAt(p, 1, "centre", "crown")).isCloseTo(was, within(0.01));
    assertThat(button(p, "Undo").isDisabled()).isTrue();
    assertThat(shop.consoleErrors).isEmpty();
  }

  @Test
  void anEdgeOfTheMapPulledToTheRidge_snaps_takesItsNeighbours_andCanBeTakenBackAfterAReload() {
    Page p = bench("maud", "paper", 3);
    bow(p, 4).click();
    button(p, "Section").click();
    p.getByLabel("Lower edge, above the ridge in mm").fill("-12");
    p.getByText("1.2 cm below the ridge").waitFor();
    p.keyboard().press("Escape");
    saved(p);
    Map<?, ?> at =
        (Map<?, ?>)
            p.evaluate(
                """
                () => {
                  let best = null;
                  for (const e of document.querySelectorAll('[data-edge="0/false"]')) {
                    const m = e.getScreenCTM();
                    for (let s = 0; s <= 1; s += 0.02) {
                      const q = e.getPointAtLength(s * e.getTotalLength());
                      const x = q.x * m.a + m.e, y = q.y * m.d + m.f;
                      if (!best || x > best.x) best = {x, y, mm: m.a};
                    }
                  }
                  return best;
                }
                """);
    double x = ((Number) at.get("x")).doubleValue();
    double y = ((Number) at.get("y")).doubleValue();
    double pxPerMm = ((Number) at.get("mm")).doubleValue();
    drag(p, x, y, -10.5 * pxPerMm, 0);
    p.getByText("On the ridge").waitFor();
    assertThat(p.getByText("come along").count()).isPositive();
    saved(p);
    p.reload();
    painted(p);
    bow(p, 4).click();
    button(p, "Section").click();
    Locator lower = p.getByLabel("Lower edge, above the ridge in mm");
    assertThat(lower.inputValue()).isEqualTo("0");
    p.keyboard().press("Escape");
    button(p, "Undo").click();
    button(p, "Section").click();
    assertThat(lower.inputValue()).isEqualTo("-12");
    p.keyboard().press("Escape");
    button(p, "Redo").click();
    button(p, "Section").click();
    assertThat(lower.inputValue()).isEqualTo("0");
    saved(p);
    assertThat(shop.consoleErrors).isEmpty();
  }

  @Test
  void aRemedy_showsItsEffect_beforeItIsTaken_andTheFindingIsGone() {
    Page p = bench("joris", "paper", 5);
    Locator found = p.getByRole(AriaRole.REGION, new Page.GetByRoleOptions().setName("Findings"));
    Locator one =
        found.locator("li").filter(new Locator.FilterOptions().setHasText("Remedy")).first();
    String finding = one.innerText();
    String line = p.getByTestId("after-centre").getAttribute("d");
    one.getByText("Remedy").click();
    p.getByText("The blue outline is the plan as it was.").waitFor();
    assertThat(button(p, "Undo").isDisabled()).as("only tried, not taken").isTrue();
    p.waitForFunction(
        "d => document.querySelector('[data-testid=after-centre]').getAttribute('d') !== d", line);
    button(p, "Leave it").click();
    p.waitForFunction(
        "d => document.querySelector('[data-testid=after-centre]').getAttribute('d') === d", line);
    found.getByText("Remedy").first().click();
    button(p, "Take it").click();
    p.getByText("Undo brings the plan back").waitFor();
    p.waitForTimeout(2500);
    assertThat(found.innerText()).doesNotContain(finding.split("\n")[0]);
    button(p, "Undo").click();
    saved(p);
    assertThat(shop.consoleErrors).isEmpty();
  }

  @Test
  void whatIsCutShorter_isPaintedOtherwise_onlyThere() {
    Page p = bench("maud", "paper", 2);
    p.keyboard().press("w");
    button(p, "right").click();
    int[] side = colour(p, 0.5, 0.32);
    int[] chin = colour(p, 0.62, 0.72);
    bow(p, 2).click();
    p.getByLabel("Guide length in cm").fill("0.6");
    saved(p);
    button(p, "right").click();
    assertThat(apart(side, colour(p, 0.5, 0.32))).as("the side").isGreaterThan(35);
    assertThat(apart(chin, colour(p, 0.62, 0.72))).as("the chin").isLessThan(12);
    button(p, "Undo").click();
    saved(p);
  }

  @Test
  void twoPeopleOnOnePlan_seeBothHeads_andWhatIsDifferent() {
    Page maud = bench("maud", "paper", 4);
    Page joris = bench("joris", "dusk", 4);
    maud.getByLabel("Guide length in cm").fill("5");
    saved(maud);
    joris.getByLabel("Guide length in cm").fill("3.5");
    Locator choice = joris.getByRole(AriaRole.ALERTDIALOG);
    choice.getByTestId("head-svg").nth(1).waitFor();
    choice.getByText("5.0 cm becomes 3.5 cm").waitFor();
    assertThat(AtTheShop.serious(joris)).as("the choice").isEmpty();
    choice.getByText("Keep mine").click();
    saved(joris);
    maud.reload();
    painted(maud);
    assertThat(maud.getByLabel("Guide length in cm").inputValue()).isEqualTo("3.5");
    shop.consoleErrors.clear(); // the refused save is written there by the browser
  }

  @Test
  void aConnectionLostInTheMiddleOfAPull_losesNothing() {
    Page p = bench("joris", "paper", 5);
    p.getByLabel("Guide length in cm").fill("4.4");
    saved(p);
    p.context().setOffline(true);
    p.getByLabel("Guide length in cm").fill("4.9");
    p.getByText("Not saved.").waitFor();
    Locator profile =
        p.getByRole(AriaRole.IMG, new Page.GetByRoleOptions().setName("Profile, Centre"));
    BoundingBox box = profile.boundingBox();
    drag(p, box.x + box.width / 2, box.y + box.height / 2, 0, 20);
    p.getByText("cannot be reached").first().waitFor();
    assertThat(p.getByLabel("Guide length in cm").inputValue()).isEqualTo("4.9");
    p.context().setOffline(false);
    saved(p);
    p.reload();
    painted(p);
    assertThat(p.getByLabel("Guide length in cm").inputValue()).isEqualTo("4.9");
    shop.consoleErrors.clear(); // the browser writes down what it could not reach
  }

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
    button(p, "Fallen").click();
    p.getByTestId("hair-svg").waitFor();
    assertThat(p.getByTestId("hair-svg").locator("path[fill=none]").count()).isGreaterThan(300);
  }

  @Test
  void theBench_isWorked_byKeysAlone() {
    Page p = bench("maud", "paper", 1);
    p.keyboard().press("PageDown");
    p.keyboard().press("PageDown");
    p.keyboard().press("PageDown");
    p.getByRole(
            AriaRole.HEADING, new Page.GetByRoleOptions().setName("4 Top from the centre strip"))
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
    assertThat(p.getByLabel("Guide length in cm").inputValue()).isNotEqualTo(was);
    Locator edge = p.getByLabel(Pattern.compile("Edge of Top; arrow keys")).first();
    edge.focus();
    p.keyboard().press("ArrowRight");
    p.getByText(Pattern.compile("ridge|°|round from")).first().waitFor();
    button(p, "Edge").focus();
    p.keyboard().press("Enter");
    Locator nape =
        p.getByRole(AriaRole.SLIDER, new Page.GetByRoleOptions().setName("Nape edge, how high"));
    nape.focus();
    String high = nape.getAttribute("aria-valuenow");
    p.keyboard().press("ArrowUp");
    p.waitForFunction(
        "h => document.querySelector('[data-handle=\"band/napeEdge\"]').getAttribute('aria-valuenow') !== h",
        high);
    for (int i = 0; i < 6; i++) {
      p.keyboard().press("Control+z");
    }
    saved(p);
    assertThat(button(p, "Undo").isDisabled()).isTrue();
    assertThat(shop.consoleErrors).isEmpty();
  }

  @ParameterizedTest
  @ValueSource(strings = {"paper", "dusk"})
  void axe_findsNothingSerious_inAnyStateOfTheBench(String theme) {
    Page p = bench("joris", theme, 2);
    button(p, "Standing").click();
    painted(p);
    assertThat(AtTheShop.serious(p)).as("standing").isEmpty();
    p.getByRole(AriaRole.COMBOBOX, new Page.GetByRoleOptions().setName("Painted with"))
        .selectOption("risk");
    p.getByText("mm astray").waitFor();
    button(p, "Show the bite").click();
    button(p, "Edge").click();
    assertThat(AtTheShop.serious(p)).as("edge, risk, bite").isEmpty();
    button(p, "Table").click();
    button(p, "Section").click();
    assertThat(AtTheShop.serious(p)).as("table, section").isEmpty();
    p.keyboard().press("Escape");
    button(p, "Graph").click();
    button(p, "Versions").click();
    p.getByLabel("Name of this version").fill("as " + theme);
    button(p, "Keep").click();
    p.getByText("as " + theme).first().waitFor();
    assertThat(AtTheShop.serious(p)).as("versions").isEmpty();
    button(p, "Compare").first().click();
    button(p, "8 weeks").click();
    button(p, "Fallen").click();
    button(p, "Lay over").click();
    p.waitForTimeout(1500);
    assertThat(AtTheShop.serious(p)).as("compared").isEmpty();
    button(p, "Stop comparing").click();
    p.keyboard().press("?");
    assertThat(AtTheShop.serious(p)).as("keys").isEmpty();
    assertThat(shop.consoleErrors).isEmpty();
  }

  @Test
  void aVersionKept_isHeldAgainstThePlan_andBroughtBack_asOneStep() {
    Page p = bench("maud", "paper", 3);
    String was = p.getByLabel("Guide length in cm").inputValue();
    button(p, "Versions").click();
    p.getByLabel("Name of this version").fill("before the change");
    button(p, "Keep").click();
    p.getByText("before the change").waitFor();
    p.keyboard().press("Escape");
    p.getByLabel("Guide length in cm").fill("2.5");
    saved(p);
    button(p, "Versions").click();
    p.getByText("Compare", new Page.GetByTextOptions().setExact(true)).last().click();
    p.getByTestId("head").nth(1).waitFor();
    p.getByText("before the change, just cut").waitFor();
    button(p, "Stop comparing").click();
    button(p, "Versions").click();
    p.getByText("Bring back").first().click();
    p.waitForFunction(
        "v => document.querySelector('[aria-label=\"Guide length in cm\"]').value === v", was);
    button(p, "Undo").click();
    assertThat(p.getByLabel("Guide length in cm").inputValue()).isEqualTo("2.5");
    button(p, "Redo").click();
    saved(p);
    assertThat(shop.consoleErrors).isEmpty();
  }

  @Test
  void movesAreOrderedByTheirRules_doubled_added_andTakenOut() {
    Page p = bench("joris", "paper", 1);
    bow(p, 8).click();
    Locator refused =
        p.getByRole(AriaRole.ALERT).filter(new Locator.FilterOptions().setHasText("Do “"));
    for (int i = 0; i < 8 && !refused.isVisible(); i++) {
      button(p, "Earlier").click();
      p.waitForTimeout(500);
    }
    refused.waitFor();
    bow(p, 4).click();
    button(p, "Add").click();
    button(p, "Scissors over comb").click();
    p.getByRole(AriaRole.HEADING, new Page.GetByRoleOptions().setName("scissors over comb"))
        .waitFor();
    button(p, "Remove").click();
    p.waitForFunction("() => document.querySelectorAll('g.bow').length === 16");
    button(p, "Edge").click();
    button(p, "Table").click();
    button(p, "Drop taper").click();
    p.getByLabel("Behind the ear, how high the taper climbs in mm").fill("18");
    p.getByText("1.8 cm behind the ear").waitFor();
    saved(p);
    // 422 is what the server answers to an order its rules refuse.
    assertThat(shop.consoleErrors).allMatch(e -> e.contains("422"));
    shop.consoleErrors.clear();
  }

  @Test
  void aPhone_readsThePlan_inOneColumn() {
    Page p = bench("maud", "paper", 5);
    p.setViewportSize(390, 844);
    p.waitForTimeout(400);
    Number wide = (Number) p.evaluate("() => document.documentElement.scrollWidth");
    assertThat(wide.intValue()).isLessThanOrEqualTo(390);
    assertThat(p.getByText("Before you cut").isVisible()).isTrue();
    assertThat(
            p.getByRole(AriaRole.REGION, new Page.GetByRoleOptions().setName("Profile"))
                .isVisible())
        .isTrue();
  }

  @Test
  void everyPrintout_comesAsAFile() throws IOException {
    Page p = bench("joris", "paper", 2);
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
    assertThat(AtTheShop.serious(p)).isEmpty();
    button(p, "Plan with Soft Tail").click();
    painted(p);
    assertThat(p.getByRole(AriaRole.HEADING).first().innerText()).isEqualTo("Soft Tail");
    assertThat(shop.consoleErrors).isEmpty();
  }
}
