package kitetail.bench;

import com.microsoft.playwright.Page;
import java.util.ArrayList;
import java.util.List;
import java.util.Locale;

/** One bite after another as hair, in headless Chromium with software rendering. */
final class BitesOnScreen {
  private static final int WARM = 8;
  private static final int COUNTED = 40;
  private static final int APART_MS = 300;

  /**
   * Asks for the next bite and waits until it is drawn in the hand, its pixels read back. Of fewer
   * strands two bites of the plan may be one: then nothing is drawn anew, and less than 0 is told.
   */
  private static final String ONE_BITE =
      """
      () => new Promise(done => {
        const last = k => performance.getEntriesByName(k).at(-1)?.startTime ?? 0;
        const mark = performance.mark.bind(performance);
        const start = performance.now();
        const same = setTimeout(() => { performance.mark = mark; done(-1); }, 1500);
        const look = () => {
          const canvas = document.querySelector('[data-testid=in-hand] canvas');
          if (canvas && last('kite-bite') > start && last('kite-painted') > last('kite-bite')) {
            performance.mark = mark;
            clearTimeout(same);
            const gl = canvas.getContext('webgl2');
            gl.readPixels(0, 0, 1, 1, gl.RGBA, gl.UNSIGNED_BYTE, new Uint8Array(4));
            done(performance.now() - start);
          }
        };
        performance.mark = (kind, more) => {
          const r = mark(kind, more);
          if (kind === 'kite-painted') queueMicrotask(look);
          return r;
        };
        document.querySelector('[aria-label="Next bite"]').click();
      })
      """;

  /** Plays the bite to its end: frames a second. */
  private static final String PLAYED =
      """
      play => new Promise(done => {
        const of = k => performance.getEntriesByName(k);
        const ends = of('kite-bite-played').length;
        const start = performance.now();
        play.click();
        const look = () => {
          if (of('kite-bite-played').length === ends) { requestAnimationFrame(look); return; }
          const end = of('kite-bite-played').at(-1).startTime;
          done(of('kite-painted').filter(e => e.startTime > start && e.startTime <= end).length * 1000 / (end - start));
        };
        look();
      })
      """;

  private BitesOnScreen() {}

  static void print(String url) {
    try (Screen s = new Screen(url)) {
      Page p = s.fresh();
      s.bench(p, 1);
      p.getByText("Show the bite").click();
      p.waitForFunction("() => performance.getEntriesByName('kite-bite').length > 0");
      p.waitForTimeout(2000);
      List<Double> all = new ArrayList<>();
      for (int i = 0; i < WARM + COUNTED; i++) {
        double ms = ((Number) p.evaluate(ONE_BITE)).doubleValue();
        if (i >= WARM && ms >= 0) {
          all.add(ms);
        }
        p.waitForTimeout(APART_MS);
      }
      double fps = 0;
      for (int i = 0; i < 2; i++) {
        fps =
            ((Number)
                    p.evaluate(
                        PLAYED,
                        p.locator("button", new Page.LocatorOptions().setHasText("Play"))
                            .first()
                            .elementHandle()))
                .doubleValue();
      }
      Ms.print("the next bite in the hand, as hair", all);
      System.out.printf(Locale.ROOT, "a bite played at %.0f frames a second%n", fps);
    }
  }
}
