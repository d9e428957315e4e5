package kitetail.e2e;

import com.deque.html.axecore.playwright.AxeBuilder;
import com.microsoft.playwright.Locator;
import com.microsoft.playwright.Page;
import com.microsoft.playwright.assertions.LocatorAssertions;
import com.microsoft.playwright.assertions.PlaywrightAssertions;
import com.microsoft.playwright.options.AriaRole;
import java.util.ArrayList;
import java.util.Arrays;
import java.util.List;
import java.util.function.IntConsumer;
import java.util.regex.Pattern;

/** What every test of the screens does. */
final class Steps {
  private static final double PATIENCE_MS = 30_000;

  private Steps() {}

  static Locator button(Page p, String name) {
    return p.getByRole(AriaRole.BUTTON, new Page.GetByRoleOptions().setName(name).setExact(true));
  }

  static void painted(Page p) {
    p.waitForFunction(
        """
        () => document.querySelector('[data-testid=contour-label]')
          || performance.getEntriesByName('kite-painted').length > 0
        """);
  }

  /** What stands on the page is with the server. */
  static void saved(Page p) {
    p.getByText("Saved", new Page.GetByTextOptions().setExact(true)).waitFor();
  }

  /**
   * Work that changes the document by way of the server, or a moment after it is typed: done, sent
   * and taken.
   */
  static void stored(Page p, Runnable work) {
    p.waitForResponse(r -> r.request().method().equals("PUT") && r.ok(), work);
    saved(p);
  }

  private static LocatorAssertions seen(Locator what) {
    return PlaywrightAssertions.assertThat(what);
  }

  /**
   * The page follows a touch and the engine's answer a moment later: what a field comes to show.
   */
  static void shows(Locator field, String value) {
    seen(field).hasValue(value, new LocatorAssertions.HasValueOptions().setTimeout(PATIENCE_MS));
  }

  /** The same, whatever it is, once it is no longer what it was. */
  static void showsOther(Locator field, String was) {
    seen(field)
        .not()
        .hasValue(was, new LocatorAssertions.HasValueOptions().setTimeout(PATIENCE_MS));
  }

  static void off(Locator control) {
    seen(control).isDisabled(new LocatorAssertions.IsDisabledOptions().setTimeout(PATIENCE_MS));
  }

  static void on(Locator choice) {
    seen(choice).isChecked(new LocatorAssertions.IsCheckedOptions().setTimeout(PATIENCE_MS));
  }

  static void counted(Locator these, int many) {
    seen(these).hasCount(many, new LocatorAssertions.HasCountOptions().setTimeout(PATIENCE_MS));
  }

  /** A number typed into its field, and meant. */
  static void typed(Locator field, String value) {
    field.fill(value);
    field.press("Enter");
  }

  /** What a drawing shows when it has come to rest. */
  static byte[] still(Page p, Locator drawing) {
    byte[][] last = {drawing.screenshot()};
    p.waitForCondition(
        () -> {
          byte[] before = last[0];
          last[0] = drawing.screenshot();
          return Arrays.equals(before, last[0]);
        });
    return last[0];
  }

  /** The same, once it shows something else. */
  static byte[] changed(Page p, Locator drawing, byte[] before) {
    p.waitForCondition(() -> !Arrays.equals(before, drawing.screenshot()));
    return still(p, drawing);
  }

  /** Nothing moves or is on its way any more. */
  static void settled(Page p) {
    p.waitForFunction(
        """
        () => document.getAnimations().every(a =>
            a.playState !== 'running' || a.effect.getComputedTiming().endTime === Infinity)
          && [...document.images].every(i => i.complete || i.loading === 'lazy')
          && !document.querySelector('[aria-busy=true]')
        """);
  }

  static void drag(Page p, double x, double y, double dx, double dy) {
    p.mouse().move(x, y);
    p.mouse().down();
    for (int i = 1; i <= 6; i++) {
      p.mouse().move(x + dx * i / 6, y + dy * i / 6);
      p.evaluate("() => new Promise(requestAnimationFrame)");
    }
    p.mouse().up();
  }

  /** Rules of axe that ask for colours. */
  private static final List<String> OF_COLOURS = List.of("color-contrast", "link-in-text-block");

  /** What axe finds of serious or critical weight on the page as it stands, in either theme. */
  static List<String> serious(Page p) {
    // Before somebody has signed in there is none but the usual one.
    String own = (String) p.evaluate("() => document.documentElement.dataset.theme ?? ''");
    String other = own.equals("dusk") ? "paper" : "dusk";
    p.evaluate(WORN, other);
    List<String> found = new ArrayList<>(serious(new AxeBuilder(p).withRules(OF_COLOURS), other));
    p.evaluate(WORN, own);
    found.addAll(serious(new AxeBuilder(p), own));
    return found;
  }

  private static List<String> serious(AxeBuilder axe, String theme) {
    return axe.analyze().getViolations().stream()
        .filter(v -> List.of("serious", "critical").contains(v.getImpact()))
        .map(
            v ->
                v.getId()
                    + " in "
                    + theme
                    + ": "
                    + v.getNodes().stream().map(n -> n.getHtml()).limit(3).toList())
        .toList();
  }

  /** A theme is colours alone: styles know it by this, and nothing is left half way to it. */
  private static final String WORN =
      """
      theme => {
        if (theme) document.documentElement.dataset.theme = theme;
        else delete document.documentElement.dataset.theme;
        void getComputedStyle(document.body).color;
        for (const a of document.getAnimations())
          if (a.effect.getComputedTiming().endTime !== Infinity) a.finish();
      }
      """;

  /** The clock begins, with other tools where some want care first; nothing where it has begun. */
  static void start(Page p) {
    Locator start = button(p, "Start");
    Locator pause = button(p, "Pause");
    Locator others = button(p, "I use other tools; go on");
    start.or(pause).or(others).first().waitFor();
    if (others.isVisible()) {
      others.click();
    }
    start.or(pause).first().waitFor();
    if (start.isVisible()) {
      start.click();
    }
    pause.waitFor();
  }

  /**
   * Every move of a cut to its last, the client asked where that is due; how many it were.
   *
   * @param before called before each, with how many are done
   */
  static int cutToTheEnd(Page p, IntConsumer before) {
    int done = 0;
    while (p.url().endsWith("/chair")) {
      Locator next = p.getByText(Pattern.compile("^(Done: |Ask the client)"));
      next.waitFor();
      before.accept(done);
      if (next.innerText().startsWith("Ask")) {
        next.click();
        p.getByText(Pattern.compile("^Done: ")).waitFor();
      }
      next.click();
      done++;
    }
    return done;
  }

  /** The check round, the first place left 5 mm long and the rest fine. */
  static void checkedWithAMiss(Page p) {
    Locator fine = p.getByText(Pattern.compile("^(All fine here|The rest is fine|Fine)$"));
    Locator over = button(p, "To the finish");
    fine.waitFor();
    p.getByRole(AriaRole.LISTITEM).first().getByRole(AriaRole.BUTTON).first().click();
    p.getByRole(AriaRole.GROUP, new Page.GetByRoleOptions().setName("It is longer there by"))
        .getByText("5 mm")
        .click();
    p.getByText("5 mm longer.").waitFor();
    for (fine.or(over).first().waitFor(); fine.isVisible(); fine.or(over).first().waitFor()) {
      fine.click();
    }
    p.getByText("Take 5 mm.").waitFor();
    over.click();
  }
}
