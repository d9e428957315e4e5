package kitetail.e2e;

import static kitetail.e2e.PlanBench.bow;
import static kitetail.e2e.PlanBench.cell;
import static kitetail.e2e.PlanBench.leftAt;
import static kitetail.e2e.PlanBench.onBench;
import static kitetail.e2e.Steps.button;
import static kitetail.e2e.Steps.drag;
import static kitetail.e2e.Steps.off;
import static kitetail.e2e.Steps.painted;
import static kitetail.e2e.Steps.saved;
import static kitetail.e2e.Steps.settled;
import static kitetail.e2e.Steps.shows;
import static kitetail.e2e.Steps.still;
import static kitetail.e2e.Steps.stored;
import static kitetail.e2e.Steps.typed;
import static org.assertj.core.api.Assertions.assertThat;
import static org.assertj.core.api.Assertions.within;

import com.microsoft.playwright.Locator;
import com.microsoft.playwright.Page;
import com.microsoft.playwright.options.AriaRole;
import com.microsoft.playwright.options.BoundingBox;
import java.awt.image.BufferedImage;
import java.io.ByteArrayInputStream;
import java.io.IOException;
import java.util.Map;
import java.util.regex.Pattern;
import javax.imageio.ImageIO;
import org.junit.jupiter.api.Test;

/**
 * Hair made longer or shorter at the bench: profile, scalp map, edge, moves, remedies, and what the
 * head shows of it.
 */
class BenchShapingTest extends InTheShop {
  /** The colour of a picture of the painted head at a share of it, a small patch. */
  private static int[] colour(byte[] png, double atX, double atY) {
    try {
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
    Page p = onBench(shop, "joris", "paper", 1);
    double was = leftAt(p, 1, "centre", "crown");
    Locator profile =
        p.getByRole(AriaRole.IMG, new Page.GetByRoleOptions().setName("Profile, Centre"));
    BoundingBox crown =
        profile.getByText("crown", new Locator.GetByTextOptions().setExact(true)).boundingBox();
    BoundingBox box = profile.boundingBox();
    stored(p, () -> drag(p, crown.x + crown.width / 2, box.y + box.height / 2, 0, 24));
    p.getByText(Pattern.compile("“.+” [0-9.]+ cm to [0-9.]+ cm")).first().waitFor();
    double now = leftAt(p, 1, "centre", "crown");
    assertThat(now).isLessThan(was - 5);
    button(p, "Table").click();
    assertThat(Double.parseDouble(cell(p, "crown").inputValue()) * 10).isCloseTo(now, within(0.51));
    cell(p, "crown").fill("5.2");
    stored(p, () -> cell(p, "crown").press("Enter"));
    assertThat(leftAt(p, 1, "centre", "crown")).isCloseTo(52, within(1.0));
    // The pull was one step, the typed number another.
    button(p, "Undo").click();
    button(p, "Undo").click();
    saved(p);
    assertThat(leftAt(p, 1, "centre", "crown")).isCloseTo(was, within(0.01));
    off(button(p, "Undo"));
    assertThat(shop.consoleErrors).isEmpty();
  }

  @Test
  void anEdgeOfTheMapPulledToTheRidge_snaps_takesItsNeighbours_andCanBeTakenBackAfterAReload() {
    Page p = onBench(shop, "maud", "paper", 3);
    bow(p, 2).click();
    button(p, "Section").click();
    String was = p.locator("[data-edge='0/false']").first().getAttribute("d");
    stored(p, () -> typed(p.getByLabel("Lower edge, above the ridge in mm"), "-12"));
    p.getByText("1.2 cm below the ridge").waitFor();
    p.keyboard().press("Escape");
    // The map is a moment behind the sentence: an edge is pulled where it is drawn now.
    p.waitForFunction(
        "d => [...document.querySelectorAll('[data-edge=\"0/false\"]')].every(e => e.getAttribute('d') !== d)",
        was);
    settled(p);
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
    stored(p, () -> drag(p, x, y, -10.5 * pxPerMm, 0));
    p.getByText("On the ridge").waitFor();
    assertThat(p.getByText("come along").count()).isPositive();
    p.reload();
    painted(p);
    bow(p, 2).click();
    button(p, "Section").click();
    Locator lower = p.getByLabel("Lower edge, above the ridge in mm");
    shows(lower, "0");
    p.keyboard().press("Escape");
    button(p, "Undo").click();
    button(p, "Section").click();
    shows(lower, "-12");
    p.keyboard().press("Escape");
    button(p, "Redo").click();
    button(p, "Section").click();
    shows(lower, "0");
    saved(p);
    assertThat(shop.consoleErrors).isEmpty();
  }

  @Test
  void aRemedy_showsItsEffect_beforeItIsTaken_andTheFindingIsGone() {
    // As a stylist left it who holds hair firmly over the ear: what is proposed is mended already.
    shop.sql(
        "update plan set document = replace(document::text, '\"tension\": \"none\"', '\"tension\": \"firm\"')::jsonb"
            + " where id = 4");
    Page p = onBench(shop, "joris", "paper", 4);
    button(p, "Ear to ear").click();
    Locator found = p.getByRole(AriaRole.REGION, new Page.GetByRoleOptions().setName("Findings"));
    Locator one =
        found
            .locator("li")
            .filter(
                new Locator.FilterOptions()
                    .setHasText("under tension")
                    .setHas(p.getByText("Remedy")))
            .first();
    String finding = one.innerText();
    String line = p.getByTestId("after-earToEar").getAttribute("d");
    one.getByText("Remedy").click();
    p.getByText("now: held straight out without tension").waitFor();
    p.getByText("The blue outline is the plan as it was.").waitFor();
    assertThat(button(p, "Undo").isDisabled()).as("only tried, not taken").isTrue();
    p.waitForFunction(
        "d => document.querySelector('[data-testid=after-earToEar]').getAttribute('d') !== d",
        line);
    button(p, "Leave it").click();
    p.waitForFunction(
        "d => document.querySelector('[data-testid=after-earToEar]').getAttribute('d') === d",
        line);
    one.getByText("Remedy").click();
    button(p, "Take it").click();
    p.getByText("Undo brings the plan back").waitFor();
    p.waitForCondition(() -> !found.innerText().contains(finding.split("\n")[0]));
    button(p, "Undo").click();
    saved(p);
    assertThat(shop.consoleErrors).isEmpty();
  }

  @Test
  void whatIsCutShorter_isPaintedOtherwise_onlyThere() {
    Page p = onBench(shop, "maud", "paper", 2);
    p.keyboard().press("w");
    button(p, "right").click();
    Locator head = p.getByTestId("head").locator("canvas");
    byte[] was = still(p, head);
    bow(p, 2).click();
    button(p, "right").click();
    stored(p, () -> typed(p.getByLabel("Guide length in cm"), "0.6"));
    p.waitForCondition(
        () -> apart(colour(was, 0.5, 0.32), colour(head.screenshot(), 0.5, 0.32)) > 35);
    byte[] now = still(p, head);
    assertThat(apart(colour(was, 0.5, 0.32), colour(now, 0.5, 0.32)))
        .as("the side")
        .isGreaterThan(35);
    assertThat(apart(colour(was, 0.62, 0.72), colour(now, 0.62, 0.72)))
        .as("the chin")
        .isLessThan(12);
    button(p, "Undo").click();
    saved(p);
  }

  @Test
  void movesAreOrderedByTheirRules_doubled_added_andTakenOut() {
    Page p = onBench(shop, "joris", "paper", 1);
    bow(p, 11).click();
    Locator refused =
        p.getByRole(AriaRole.ALERT).filter(new Locator.FilterOptions().setHasText("Do “"));
    for (int i = 0; i < 8 && !refused.isVisible(); i++) {
      p.waitForResponse(r -> r.url().contains("/api/edit/"), () -> button(p, "Earlier").click());
    }
    refused.waitFor();
    bow(p, 4).click();
    button(p, "Add").click();
    button(p, "Scissors over comb").click();
    p.getByRole(AriaRole.HEADING, new Page.GetByRoleOptions().setName("scissors over comb"))
        .waitFor();
    button(p, "Remove").click();
    p.waitForFunction("() => document.querySelectorAll('g.bow').length === 12");
    button(p, "Edge").click();
    button(p, "Table").click();
    button(p, "Add a line").click();
    stored(p, () -> button(p, "Nape line").click());
    p.getByText("Neck hair below it is only cleaned").first().waitFor();
    // 422 is what the server answers to an order its rules refuse.
    assertThat(shop.consoleErrors).allMatch(e -> e.contains("422"));
    shop.consoleErrors.clear();
  }
}
