package kitetail.bench;

import com.microsoft.playwright.APIResponse;
import com.microsoft.playwright.Browser;
import com.microsoft.playwright.BrowserContext;
import com.microsoft.playwright.BrowserType;
import com.microsoft.playwright.Page;
import com.microsoft.playwright.Playwright;
import com.microsoft.playwright.options.RequestOptions;
import java.nio.file.Path;
import java.util.List;
import java.util.Map;

/** Headless Chromium with software rendering before the running application. */
final class Screen implements AutoCloseable {
  private final Playwright playwright =
      Playwright.create(
          new Playwright.CreateOptions().setEnv(Map.of("PLAYWRIGHT_SKIP_BROWSER_DOWNLOAD", "1")));
  private final Browser browser =
      playwright
          .chromium()
          .launch(
              new BrowserType.LaunchOptions()
                  .setExecutablePath(Path.of("/usr/bin/chromium"))
                  .setArgs(
                      List.of(
                          "--no-sandbox",
                          "--disable-quic",
                          "--no-first-run",
                          "--disable-background-networking")));
  private final String url;

  Screen(String url) {
    this.url = url;
  }

  /** A page of a browser that is signed in and has nothing of the application in its cache. */
  Page fresh() {
    BrowserContext c =
        browser.newContext(new Browser.NewContextOptions().setViewportSize(1280, 800));
    c.request().get(url + "/api/session/token");
    String token =
        c.cookies().stream()
            .filter(k -> k.name.equals("XSRF-TOKEN"))
            .map(k -> k.value)
            .findFirst()
            .orElseThrow();
    APIResponse r =
        c.request()
            .post(
                url + "/api/session",
                RequestOptions.create()
                    .setHeader("X-XSRF-TOKEN", token)
                    .setData(Map.of("signIn", "maud", "password", "ferry-landing")));
    if (!r.ok()) {
      throw new IllegalStateException("sign-in answered " + r.status() + ": " + r.text());
    }
    return c.newPage();
  }

  String at(String path) {
    return url + path;
  }

  /** A plan on the bench, its head painted. */
  void bench(Page p, int plan) {
    p.navigate(at("/plans/" + plan));
    p.waitForFunction("() => performance.getEntriesByName('kite-painted').length > 0");
  }

  @Override
  public void close() {
    browser.close();
    playwright.close();
  }
}
