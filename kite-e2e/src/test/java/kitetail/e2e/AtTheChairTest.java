package kitetail.e2e;

import static kitetail.e2e.Steps.button;
import static kitetail.e2e.Steps.serious;
import static kitetail.e2e.Steps.stored;
import static org.assertj.core.api.Assertions.assertThat;

import com.microsoft.playwright.Page;
import com.microsoft.playwright.options.AriaRole;
import java.util.List;
import java.util.Map;
import java.util.regex.Pattern;
import org.junit.jupiter.api.Test;
import org.junit.jupiter.params.ParameterizedTest;
import org.junit.jupiter.params.provider.ValueSource;

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

  @Test
  void aSlip_isPlannedAnew_andWhatChangesIsTaken_aMoveSkippedWithAReason_aPauseStopsTheClock() {
    Page p = chair("maud", "paper", 3);
    button(p, "Done: next").click();
    headed(p, "2");
    button(p, "Cut too short").click();
    p.getByLabel("Where").selectOption("apex");
    p.getByLabel("Too much by in cm").fill("3");
    button(p, "What changes?").click();
    p.getByText(Pattern.compile("shorter, most at|grows out in about|to do brings it back"))
        .first()
        .waitFor();
    if (button(p, "Go on with this").isVisible()) {
      button(p, "Go on with this").click();
      assertThat(stored(p, 3)).map(String::valueOf).contains("tookMore", "replanned");
    } else {
      button(p, "Go on").click();
    }
    button(p, "Skip").click();
    button(p, "No time left").click();
    headed(p, "3");
    button(p, "Pause").click();
    p.getByText("paused").waitFor();
    String at = p.getByRole(AriaRole.TIMER).innerText();
    p.waitForTimeout(2200);
    assertThat(p.getByRole(AriaRole.TIMER).innerText()).isEqualTo(at);
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

  @ParameterizedTest
  @ValueSource(strings = {"paper", "dusk"})
  void theChairAndTheCheck_readAtArmsLength(String theme) {
    Page p = chair("maud", theme, 5);
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
    button(p, "Fine").waitFor();
    assertThat(serious(p)).as("check").isEmpty();
    assertThat(shop.consoleErrors).isEmpty();
  }
}
