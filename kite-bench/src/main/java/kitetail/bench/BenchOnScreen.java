package kitetail.bench;

import com.microsoft.playwright.Page;
import java.util.ArrayList;
import java.util.Collections;
import java.util.List;
import java.util.Locale;

/**
 * The plan bench as a stylist feels it: turned, let fall, opened for the first time, and what it
 * weighs.
 */
final class BenchOnScreen {
  private static final int WARM = 12;
  private static final int COUNTED = 40;
  private static final int COLD = 8;

  /** Changes a length by its button and waits until the fine fall of the new plan is painted. */
  private static final String ONE_FALL =
      """
      name => new Promise(done => {
        const count = k => performance.getEntriesByName(k).length;
        const fine = count('kite-fall-fine');
        let painted = -1;
        const start = performance.now();
        document.querySelector(`[aria-label="${name}"]`).click();
        const look = () => {
          if (painted < 0 && count('kite-fall-fine') > fine) painted = count('kite-painted');
          const canvas = document.querySelector('[data-testid=hair] canvas');
          if (painted >= 0 && canvas && count('kite-painted') > painted) {
            const gl = canvas.getContext('webgl2');
            gl.readPixels(0, 0, 1, 1, gl.RGBA, gl.UNSIGNED_BYTE, new Uint8Array(4));
            done(performance.now() - start);
          } else requestAnimationFrame(look);
        };
        requestAnimationFrame(look);
      })
      """;

  /**
   * Frames a second while the head is turned by key, each read back; then ms from rest to full
   * detail.
   */
  private static final String TURN =
      """
      where => new Promise(done => {
        const canvas = document.querySelector(`[data-testid=${where}] canvas`);
        const gl = canvas.getContext('webgl2');
        const stage = document.querySelector(`[data-testid=${where}] [tabindex="0"]`);
        const count = () => performance.getEntriesByName('kite-painted').length;
        const sharp = () => performance.getEntriesByName('kite-sharp').length;
        const frames = 60;
        let n = 0, seen = count();
        const key = () => stage.dispatchEvent(new KeyboardEvent('keydown', {key: 'ArrowLeft', bubbles: true}));
        const start = performance.now();
        key();
        const look = () => {
          if (count() > seen) {
            gl.readPixels(0, 0, 1, 1, gl.RGBA, gl.UNSIGNED_BYTE, new Uint8Array(4));
            seen = count();
            if (++n < frames) key();
          }
          if (n < frames) { requestAnimationFrame(look); return; }
          const end = performance.now();
          const before = sharp();
          const rest = () => {
            if (sharp() > before) {
              gl.readPixels(0, 0, 1, 1, gl.RGBA, gl.UNSIGNED_BYTE, new Uint8Array(4));
              done([frames * 1000 / (end - start), performance.now() - end]);
            } else requestAnimationFrame(rest);
          };
          rest();
        };
        requestAnimationFrame(look);
      })
      """;

  /** Notes when the first painted head's pixels could be read, by the page's own clock. */
  private static final String FIRST =
      """
      const mark = performance.mark.bind(performance);
      performance.mark = (kind, more) => {
        const r = mark(kind, more);
        if (kind === 'kite-painted' && !window.firstSeenMs) {
          window.firstSeenMs = -1;
          queueMicrotask(() => {
            const gl = document.querySelector('[data-testid=head] canvas').getContext('webgl2');
            gl.readPixels(0, 0, 1, 1, gl.RGBA, gl.UNSIGNED_BYTE, new Uint8Array(4));
            window.firstSeenMs = performance.now();
          });
        }
        return r;
      };
      """;

  private static final String WEIGHT =
      """
      () => performance.getEntriesByType('resource').filter(e => e.name.includes('/assets/'))
        .map(e => e.name.split('/').pop() + '=' + e.encodedBodySize)
      """;

  private BenchOnScreen() {}

  /**
   * @param fallsMs from a changed length to the fine fall with its strands, sorted
   * @param turnedFps frames a second while turning: the painted head, the fallen hair
   * @param restMs from rest to full detail: the painted head, the fallen hair
   * @param firstMs from the address to the painted head, nothing in the browser's cache, sorted
   * @param assets what the first view fetched, name=bytes as sent
   */
  record Seen(
      List<Double> fallsMs,
      List<Double> turnedFps,
      List<Double> restMs,
      List<Double> firstMs,
      List<String> assets) {}

  static Seen run(String url) {
    try (Screen s = new Screen(url)) {
      List<Double> first = new ArrayList<>();
      List<String> assets = List.of();
      for (int i = 0; i < COLD; i++) {
        Page cold = s.fresh();
        cold.addInitScript(FIRST);
        s.bench(cold, 1);
        cold.waitForFunction("() => window.firstSeenMs > 0");
        first.add(((Number) cold.evaluate("() => window.firstSeenMs")).doubleValue());
        assets = strings(cold.evaluate(WEIGHT));
        cold.context().close();
      }
      Collections.sort(first);
      SentUp.print(s);
      Page p = s.fresh();
      s.bench(p, 1);
      p.waitForTimeout(2000);
      List<Double> fps = new ArrayList<>();
      List<Double> rest = new ArrayList<>();
      turned(p, "head", fps, rest);
      p.keyboard().press("f");
      p.waitForFunction("() => performance.getEntriesByName('kite-fall-fine').length > 0");
      p.waitForTimeout(1500);
      turned(p, "hair", fps, rest);
      List<Double> falls = new ArrayList<>();
      for (int i = 0; i < WARM + COUNTED; i++) {
        String name = i % 2 == 0 ? "Guide length, less" : "Guide length, more";
        double ms = ((Number) p.evaluate(ONE_FALL, name)).doubleValue();
        if (i >= WARM) {
          falls.add(ms);
        }
        p.waitForTimeout(700);
      }
      Collections.sort(falls);
      return new Seen(falls, fps, rest, first, assets);
    }
  }

  private static void turned(Page p, String where, List<Double> fps, List<Double> rest) {
    List<?> r = List.of();
    for (int i = 0; i < 2; i++) {
      r = (List<?>) p.evaluate(TURN, where);
      p.waitForTimeout(500);
    }
    fps.add(((Number) r.get(0)).doubleValue());
    rest.add(((Number) r.get(1)).doubleValue());
  }

  private static List<String> strings(Object list) {
    return ((List<?>) list).stream().map(String::valueOf).toList();
  }

  static void print(Seen s) {
    System.out.printf(
        Locale.ROOT,
        "turning by key: painted head %.0f frames a second, fallen hair %.0f (%.1f times as slow); full detail %.0f and %.0f ms after rest%n",
        s.turnedFps.get(0),
        s.turnedFps.get(1),
        s.turnedFps.get(0) / s.turnedFps.get(1),
        s.restMs.get(0),
        s.restMs.get(1));
    System.out.printf(
        Locale.ROOT,
        "a plan's first view, nothing cached: median %.0f ms, longest of %d %.0f ms%n",
        s.firstMs.get(s.firstMs.size() / 2),
        s.firstMs.size(),
        s.firstMs.get(s.firstMs.size() - 1));
    s.assets.forEach(a -> System.out.println("  " + a));
  }
}
