package kitetail.bench;

import com.microsoft.playwright.Locator;
import com.microsoft.playwright.Page;
import com.microsoft.playwright.Request;
import com.microsoft.playwright.options.AriaRole;
import com.microsoft.playwright.options.LoadState;
import com.microsoft.playwright.options.Timing;
import java.util.ArrayList;
import java.util.Comparator;
import java.util.LinkedHashMap;
import java.util.List;
import java.util.Locale;
import java.util.Map;
import java.util.regex.Pattern;

/**
 * The demo day worked through in a browser, from Today to the last client: card, sit-down, shapes,
 * a plan on the bench, the cut to its last bite, the check round, the finish; then the pages of the
 * shop. How long every request took on the way.
 */
final class DemoDay {
  /** No request of the day may take longer, ms. */
  private static final double MOST = 1000;

  private static final int SLOWEST = 12;

  /** Some way for slower machines. */
  private static final double PATIENCE_MS = 120_000;

  private final Screen screen;
  private final Page p;
  private final List<Took> all = new ArrayList<>();
  private final double began = System.currentTimeMillis();

  /**
   * One request.
   *
   * @param what its method and path, numbers left out
   * @param atS seconds after the day began
   */
  record Took(String what, double ms, double atS) {}

  private DemoDay(Screen screen) {
    this.screen = screen;
    this.p = screen.fresh();
    p.context().setDefaultTimeout(PATIENCE_MS);
    p.onRequestFinished(this::note);
  }

  /** Every request of the day, the longest first. */
  static List<Took> run(String url) {
    try (Screen s = new Screen(url)) {
      DemoDay day = new DemoDay(s);
      day.work();
      day.all.sort(Comparator.comparingDouble(Took::ms).reversed());
      return day.all;
    }
  }

  private void note(Request r) {
    Timing t = r.timing();
    String path = r.url().replaceFirst("^https?://[^/]+", "").replaceFirst("\\?.*", "");
    // Only what was asked of the server; a typeface out of the cache has no start.
    if (t.requestStart >= 0 && path.startsWith("/api")) {
      String what = r.method() + " " + path.replaceAll("[0-9a-f-]{36}|\\d+", "…");
      all.add(new Took(what, t.responseEnd - t.requestStart, (t.startTime - began) / 1000));
    }
  }

  private void work() {
    open("/");
    Locator cards = p.locator("a[href^='/clients/']:not([href='/clients/new'])");
    cards.first().waitFor();
    List<String> clients = new ArrayList<>();
    for (Locator c : cards.all()) {
      String to = c.getAttribute("href");
      if (to.matches("/clients/\\d+") && !clients.contains(to)) {
        clients.add(to);
      }
    }
    for (String client : clients) {
      open(client + "/sit");
      open(client + "/shapes");
      open(client);
      served();
      open("/");
    }
    for (String page : List.of("/kit", "/clients", "/shop", "/diary")) {
      open(page);
    }
    button("Week").click();
    quiet();
  }

  /** From the shapes on this head to a visit tied off. */
  private void served() {
    p.locator("button[aria-describedby^=why-]").first().click();
    p.waitForFunction("() => performance.getEntriesByName('kite-painted').length > 0");
    p.getByLabel(Pattern.compile(", less$")).first().click();
    p.keyboard().press("f");
    p.waitForFunction("() => performance.getEntriesByName('kite-fall-fine').length > 0");
    p.getByText("To the chair").click();
    Locator go = p.getByText(Pattern.compile("^(Done: |Ask the client|I use other tools; go on)"));
    for (go.first().waitFor(); p.url().endsWith("/chair"); p.waitForTimeout(5)) {
      if (go.count() > 0) {
        go.first().click();
      }
    }
    Locator fine = button("Fine");
    Locator over = button("To the finish");
    for (fine.or(over).first().waitFor(); fine.isVisible(); fine.or(over).first().waitFor()) {
      fine.click();
    }
    over.click();
    button("All of these").click();
    p.getByText("Finish visit").click();
    p.getByTestId("visit").first().waitFor();
    quiet();
  }

  private Locator button(String name) {
    return p.getByRole(AriaRole.BUTTON, new Page.GetByRoleOptions().setName(name).setExact(true));
  }

  private void open(String path) {
    p.navigate(screen.at(path));
    quiet();
  }

  private void quiet() {
    p.waitForLoadState(LoadState.NETWORKIDLE);
  }

  static void print(List<Took> all) {
    double middle = all.get(all.size() / 2).ms;
    System.out.printf(
        Locale.ROOT,
        "the demo day: %d requests, median %.0f ms, %d over %.0f ms; the longest of each kind:%n",
        all.size(),
        middle,
        all.stream().filter(t -> t.ms > MOST).count(),
        MOST);
    Map<String, Took> kinds = new LinkedHashMap<>();
    all.forEach(t -> kinds.putIfAbsent(t.what, t));
    kinds.values().stream()
        .limit(SLOWEST)
        .forEach(
            t ->
                System.out.printf(
                    Locale.ROOT,
                    "  %5.0f ms (%.0f × median), %.0f s after the first  %s%n",
                    t.ms,
                    t.ms / middle,
                    t.atS,
                    t.what));
  }
}
