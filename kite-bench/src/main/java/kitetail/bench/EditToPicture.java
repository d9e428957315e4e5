package kitetail.bench;

import com.microsoft.playwright.Browser;
import com.microsoft.playwright.BrowserType;
import com.microsoft.playwright.Page;
import com.microsoft.playwright.Playwright;
import java.nio.file.Path;
import java.util.ArrayList;
import java.util.Collections;
import java.util.List;
import java.util.Map;

/**
 * From a changed number on the bench to the new picture, in headless Chromium with software
 * rendering.
 */
final class EditToPicture {
  private static final int WARM = 15;
  private static final int COUNTED = 40;

  /** Presses a button and waits until the head of the new answer has been painted and read back. */
  private static final String ONE_EDIT =
      """
      name => new Promise(done => {
        const count = k => performance.getEntriesByName(k).length;
        const canvas = document.querySelector('[data-testid=head] canvas');
        const gl = canvas.getContext('webgl2');
        const outcomes = count('kite-outcome');
        let painted = -1;
        const start = performance.now();
        document.querySelector(`[aria-label="${name}"]`).click();
        const look = () => {
          if (painted < 0 && count('kite-outcome') > outcomes) painted = count('kite-painted');
          if (painted >= 0 && count('kite-painted') > painted) {
            gl.readPixels(0, 0, 1, 1, gl.RGBA, gl.UNSIGNED_BYTE, new Uint8Array(4));
            done(performance.now() - start);
          } else requestAnimationFrame(look);
        };
        requestAnimationFrame(look);
      })
      """;

  private EditToPicture() {}

  /** Milliseconds of each counted edit, sorted. */
  static List<Double> run(String url) {
    try (Playwright pw =
            Playwright.create(
                new Playwright.CreateOptions()
                    .setEnv(Map.of("PLAYWRIGHT_SKIP_BROWSER_DOWNLOAD", "1")));
        Browser b =
            pw.chromium()
                .launch(
                    new BrowserType.LaunchOptions()
                        .setExecutablePath(Path.of("/usr/bin/chromium"))
                        .setArgs(
                            List.of(
                                "--no-sandbox",
                                "--disable-quic",
                                "--no-first-run",
                                "--disable-background-networking")))) {
      Page p = b.newPage(new Browser.NewPageOptions().setViewportSize(1280, 800));
      p.navigate(url);
      p.getByLabel("Name").fill("maud");
      p.getByLabel("Password").fill("ferry-landing");
      p.getByText("Sign in").click();
      p.getByText("Sign out").waitFor();
      p.navigate(url + "/plans/1");
      p.getByTestId("contour-label").first().waitFor();
      List<Double> all = new ArrayList<>();
      for (int i = 0; i < WARM + COUNTED; i++) {
        double ms =
            ((Number)
                    p.evaluate(ONE_EDIT, i % 2 == 0 ? "Guide length, less" : "Guide length, more"))
                .doubleValue();
        if (i >= WARM) {
          all.add(ms);
        }
        p.waitForTimeout(120);
      }
      Collections.sort(all);
      return all;
    }
  }
}
