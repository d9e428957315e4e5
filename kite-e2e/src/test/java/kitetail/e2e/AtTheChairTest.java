package kitetail.e2e;

import static kitetail.e2e.Steps.button;
import static kitetail.e2e.Steps.serious;
import static kitetail.e2e.Steps.start;
import static kitetail.e2e.Steps.stored;
import static kitetail.e2e.Steps.typed;
import static org.assertj.core.api.Assertions.assertThat;

import com.microsoft.playwright.Locator;
import com.microsoft.playwright.Page;
import com.microsoft.playwright.options.AriaRole;
import com.microsoft.playwright.options.LoadState;
import java.util.List;
import java.util.Map;
import java.util.regex.Pattern;
import org.junit.jupiter.api.Test;

/** Cutting by the plan: taps, the pedal, slips, two tablets, and the network gone. */
class AtTheChairTest extends InTheShop {
  private static final String STORED =
      """
      async plan => {
        const token = document.cookie.match(/XSRF-TOKEN=([^;]+)/)[1];
        const r = await fetch('/api/plans/' + plan + '/sitting', {method: 'POST',
          headers: {'Content-Type': 'application/json', 'X-XSRF-TOKEN': token},
          body: JSON.stringify({token: crypto.randomUUID(), startedAt: new Date().toISOString()})});
        return (await r.json()).entries.map(e => e.entry.kind);
      }
      """;

  private static Page chair(String who, String theme, int plan) {
    Page p = shop.signedIn(who, theme);
    p.navigate(shop.url("/plans/" + plan + "/chair"));
    p.getByRole(AriaRole.TIMER).waitFor();
    start(p);
    p.getByText("Stored", new Page.GetByTextOptions().setExact(true)).waitFor();
    return p;
  }

  private static List<?> stored(Page p, int plan) {
    p.getByText("Stored", new Page.GetByTextOptions().setExact(true)).waitFor();
    return (List<?>) p.evaluate(STORED, plan);
  }

  private static void headed(Page p, String with) {
    p.getByRole(
            AriaRole.HEADING,
            new Page.GetByRoleOptions().setName(Pattern.compile("^" + with + " ")))
        .waitFor();
  }

  @Test
  void withTheNetworkGone_workGoesOn_aReloadToo_andAllArrivesOnceInOrder() {
    Page p = chair("joris", "paper", 2);
    p.waitForFunction(
        "async () => (await (await caches.open('kite-api')).keys()).length >= 3"
            + " && (await navigator.serviceWorker.ready).active.state === 'activated'");
    p.keyboard().press("PageDown");
    p.getByText("Bite 2 of").waitFor();
    p.context().setOffline(true);
    p.keyboard().press("PageDown");
    p.getByText("Bite 3 of").waitFor();
    p.getByText("No network.").waitFor();
    button(p, "Done: next").click();
    headed(p, "2");
    p.getByText("kept on this device").waitFor();
    p.reload();
    headed(p, "2");
    p.getByText("kept on this device").waitFor();
    button(p, "Done: next").click();
    headed(p, "3");
    p.context().setOffline(false);
    p.getByText("Stored", new Page.GetByTextOptions().setExact(true)).waitFor();
    assertThat(stored(p, 2)).isEqualTo(List.of("bite", "bite", "done", "done"));
    shop.consoleErrors.clear(); // the browser writes down what it could not reach
  }

  /** Times the hair of a bite was laid in the hand. */
  private static void laid(Page p, int times) {
    p.waitForFunction(
        "n => performance.getEntriesByName('kite-bite').length >= n"
            + " && document.querySelector('[data-testid=in-hand] canvas')",
        times);
  }

  @Test
  void theBiteIsHair_playedAndStepped_andKeptForWhenTheNetworkIsGone() {
    Page p = chair("joris", "dusk", 5);
    laid(p, 1);
    p.keyboard().press("PageDown");
    p.getByText("Bite 2 of").waitFor();
    laid(p, 2);
    button(p, "Play the bite").click();
    p.waitForFunction("() => performance.getEntriesByName('kite-bite-played').length === 1");
    assertThat(serious(p)).as("on hair").isEmpty();
    button(p, "As lengths").click();
    p.getByTestId("head").waitFor();
    button(p, "As hair").click();
    p.getByTestId("in-hand").waitFor();
    // The moves to come are kept while there is a network.
    p.waitForFunction(
        "async () => (await (await caches.open('kite-kept')).keys())"
            + ".filter(k => k.url.includes('in-hand')).length >= 3");
    p.context().setOffline(true);
    int before =
        ((Number) p.evaluate("() => performance.getEntriesByName('kite-bite').length")).intValue();
    button(p, "Done: next").click();
    headed(p, "2");
    laid(p, before + 1);
    shop.consoleErrors.clear(); // the browser writes down what it could not reach
  }

  @Test
  void twoTabletsOnOneChair_seeWhatTheOtherDid() {
    Page one = chair("joris", "paper", 4);
    Page other = chair("maud", "dusk", 4);
    one.keyboard().press("PageDown");
    other.getByText("Bite 2 of").waitFor();
    button(other, "Done: next").click();
    headed(one, "2");
    assertThat(stored(one, 4)).isEqualTo(List.of("bite", "done"));
    assertThat(shop.consoleErrors).isEmpty();
  }

  private static int seconds(Page p) {
    String[] shown = p.getByRole(AriaRole.TIMER).innerText().split(":");
    return 60 * Integer.parseInt(shown[0]) + Integer.parseInt(shown[1]);
  }

  @Test
  void looking_beginsNothing() {
    Page p = shop.signedIn("joris", "paper");
    for (String view : List.of("chair", "check", "finish")) {
      p.navigate(shop.url("/plans/1/" + view));
      p.getByRole(AriaRole.HEADING).first().waitFor();
      p.keyboard().press("PageUp");
      p.waitForLoadState(LoadState.NETWORKIDLE);
    }
    assertThat(shop.sql("select token::text from sitting where plan_id = 1")).isEmpty();
  }

  @Test
  void aSlip_isHairAtOnce_oneOfItsWaysOutIsTaken_andTakenBack_skipsAndPausesAreKept() {
    Page p = chair("maud", "paper", 3);
    button(p, "Done: next").click();
    headed(p, "2");
    button(p, "Cut too short").click();
    p.getByLabel("Where").selectOption("ridgeLeft");
    typed(p.getByLabel("Too much by in cm"), "2");
    button(p, "What now?").click();
    p.getByText(Pattern.compile("comes out .* too short")).waitFor();
    Locator pictures =
        p.getByAltText(Pattern.compile("^(Leave it|Soften round it|Match the other side)"));
    p.waitForCondition(() -> pictures.count() == 5);
    assertThat(serious(p)).as("ways out").isEmpty();
    p.getByText("Match the other side", new Page.GetByTextOptions().setExact(true)).click();
    assertThat(stored(p, 3)).map(String::valueOf).contains("tookMore", "replanned");
    button(p, "Take back the change of plan").click();
    button(p, "Take back the slip").click();
    button(p, "Take back the move").waitFor();
    button(p, "Skip").click();
    button(p, "No time left").click();
    headed(p, "3");
    button(p, "Pause").click();
    p.getByText("paused").waitFor();
    // Once stored the pause is by the server's clock: by so much as it was on its way it goes on.
    assertThat(stored(p, 3)).map(String::valueOf).contains("paused");
    // The page hears of that with its next question, every few seconds; from then on it stands.
    p.waitForTimeout(4500);
    int at = seconds(p);
    p.waitForTimeout(4000);
    assertThat(seconds(p)).isEqualTo(at);
    button(p, "Go on").click();
    button(p, "For the dry pass").click();
    p.getByLabel("What to look at again once dry").fill("left corner");
    button(p, "Note it").click();
    button(p, "left corner: seen dry").waitFor();
    assertThat(stored(p, 3))
        .map(String::valueOf)
        .contains("skipped", "paused", "resumed", "forDry");
    assertThat(shop.consoleErrors).isEmpty();
  }

  @Test
  void theChairAndTheCheck_readAtArmsLength() {
    Page p = chair("maud", "dusk", 5);
    assertThat(serious(p)).as("chair").isEmpty();
    button(p, "Measured").click();
    assertThat(serious(p)).as("measured").isEmpty();
    Map<?, ?> box =
        (Map<?, ?>)
            p.evaluate(
                "() => { const b = [...document.querySelectorAll('button')].find(x => x.textContent.startsWith('Done'))"
                    + ".getBoundingClientRect(); return {bottom: b.bottom, height: b.height}; }");
    assertThat(((Number) box.get("bottom")).doubleValue()).isLessThanOrEqualTo(800);
    assertThat(((Number) box.get("height")).doubleValue()).isGreaterThan(60);
    p.navigate(shop.url("/plans/5/check"));
    button(p, "All fine here").waitFor();
    assertThat(serious(p)).as("check").isEmpty();
    assertThat(shop.consoleErrors).isEmpty();
  }
}
