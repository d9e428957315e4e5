package kitetail.bench;

import com.microsoft.playwright.Page;
import com.microsoft.playwright.options.BoundingBox;
import java.util.ArrayList;
import java.util.Arrays;
import java.util.List;
import java.util.Locale;
import java.util.concurrent.ExecutorService;
import java.util.concurrent.Executors;
import java.util.concurrent.Future;
import java.util.concurrent.ThreadLocalRandom;
import java.util.stream.IntStream;

/**
 * A drill over the comb as its learner feels it, in headless Chromium with software rendering, and
 * many learners before one server.
 */
final class PracticeOnScreen {
  private static final int WARM = 4;
  private static final int HEADS = 12;
  private static final int STROKES = 24;
  private static final int LEARNERS = 30;
  private static final int EACH = 12;

  /** Nobody leads a comb up a head in less. */
  private static final int BETWEEN_MS = 2500;

  /** From the comb's leaving the head until hair that is cut is drawn, its pixels read back. */
  private static final String WATCH_STROKE =
      """
      () => {
        const mark = performance.mark.bind(performance);
        let from = 0, cut = false;
        window.strokeMs = 0;
        window.addEventListener('pointerup', () => { from = performance.now(); cut = false; window.strokeMs = 0; }, true);
        performance.mark = (kind, more) => {
          const r = mark(kind, more);
          if (from && kind === 'kite-outcome') cut = true;
          if (from && cut && (kind === 'kite-painted' || kind === 'kite-sharp')) {
            const began = from;
            from = 0;
            queueMicrotask(() => {
              const gl = document.querySelector('[data-testid=comb-stage] canvas').getContext('webgl2');
              gl.readPixels(0, 0, 1, 1, gl.RGBA, gl.UNSIGNED_BYTE, new Uint8Array(4));
              window.strokeMs = performance.now() - began;
            });
          }
          return r;
        };
      }
      """;

  /** Frames a second while the comb is led over the head, each read back. */
  private static final String LEAD =
      """
      () => new Promise(done => {
        const canvas = [...document.querySelectorAll('[data-testid=comb-stage] canvas')].at(-1);
        const gl = canvas.getContext('webgl2');
        const box = document.querySelector('[data-testid=comb-stage]').getBoundingClientRect();
        const frames = 60;
        let n = 0;
        const start = performance.now();
        const step = () => {
          gl.readPixels(0, 0, 1, 1, gl.RGBA, gl.UNSIGNED_BYTE, new Uint8Array(4));
          if (n === frames) { done(frames * 1000 / (performance.now() - start)); return; }
          canvas.dispatchEvent(new PointerEvent('pointermove', {
            bubbles: true, pointerId: 1, pointerType: 'mouse', buttons: 0,
            clientX: box.x + box.width * (0.45 + 0.1 * (n % 10) / 10),
            clientY: box.y + box.height * (0.6 - 0.25 * n / frames)}));
          n++;
          requestAnimationFrame(step);
        };
        requestAnimationFrame(step);
      })
      """;

  private PracticeOnScreen() {}

  static void print(String url) throws Exception {
    try (Screen s = new Screen(url)) {
      Page p = s.fresh();
      List<Double> ready = new ArrayList<>();
      for (int i = 0; i < WARM + HEADS; i++) {
        p.navigate(s.at("/practice"));
        p.locator("a[href*='/practice/overComb']").first().waitFor();
        // In the page, as a learner goes from the list to a head: no script is fetched anew.
        p.evaluate(
            "() => { window.clickedAt = 0; document.querySelector(\"a[href*='/practice/overComb']\")"
                + ".addEventListener('click', () => { window.clickedAt = performance.now(); }); }");
        p.locator("a[href*='/practice/overComb']").first().click();
        p.waitForFunction(
            "() => performance.getEntriesByName('kite-painted').some(e => e.startTime > window.clickedAt)");
        if (i >= WARM) {
          ready.add(
              ((Number)
                      p.evaluate(
                          "() => performance.getEntriesByName('kite-painted')"
                              + ".find(e => e.startTime > window.clickedAt).startTime - window.clickedAt"))
                  .doubleValue());
        }
      }
      Ms.print("from the list to a drill's head", ready);
      p.navigate(s.at("/practice/overComb?seed=7&level=1"));
      p.waitForFunction("() => performance.getEntriesByName('kite-sharp').length > 1");
      p.waitForTimeout(1500);
      double fps = ((Number) p.evaluate(LEAD)).doubleValue();
      p.evaluate(WATCH_STROKE);
      // The frame round the canvas: the canvas itself is stretched while something moves on it.
      BoundingBox box = p.getByTestId("comb-stage").boundingBox();
      List<Double> cut = new ArrayList<>();
      for (int i = 0; i < WARM + STROKES; i++) {
        double x = box.x + box.width * (0.42 + 0.16 * i / (WARM + STROKES));
        p.mouse().move(x, box.y + box.height * 0.58);
        p.mouse().down();
        for (int k = 1; k <= 12; k++) {
          p.mouse().move(x, box.y + box.height * (0.58 - 0.02 * k));
        }
        p.mouse().up();
        p.waitForFunction("() => window.strokeMs > 0");
        if (i >= WARM) {
          cut.add(((Number) p.evaluate("() => window.strokeMs")).doubleValue());
        }
        p.waitForTimeout(700);
      }
      Ms.print("from a stroke's end to cut hair", cut);
      System.out.printf(Locale.ROOT, "the comb led at %.0f frames a second%n", fps);
    }
    learners(url);
  }

  /** Each reads a length on one head after another, with time to look. */
  private static void learners(String url) throws Exception {
    Visitor[] all =
        IntStream.range(0, LEARNERS).mapToObj(i -> new Visitor(url)).toArray(Visitor[]::new);
    ExecutorService at = Executors.newFixedThreadPool(LEARNERS);
    try {
      List<Future<List<Double>>> each =
          Arrays.stream(all).map(v -> at.submit(() -> practises(v))).toList();
      List<Double> ms = new ArrayList<>();
      for (Future<List<Double>> f : each) {
        ms.addAll(f.get());
      }
      Ms.print(LEARNERS + " learners at once, each answer", ms);
    } finally {
      at.shutdown();
    }
  }

  private static List<Double> practises(Visitor v) throws Exception {
    List<Double> ms = new ArrayList<>();
    ThreadLocalRandom r = ThreadLocalRandom.current();
    Thread.sleep(r.nextInt(BETWEEN_MS));
    for (int i = 0; i < EACH; i++) {
      String attempt =
          """
          {"version":1,"drill":"hold","seed":%d,"level":2,"seconds":9,
           "tried":{"kind":"held","elevationDeg":%d,"fingerDeg":0,"guide":{"kind":"travelling"}}}
          """
              .formatted(r.nextInt(1_000_000), 30 + r.nextInt(60));
      ms.add(v.post("/api/practice/after", "{\"attempt\":%s}".formatted(attempt)));
      Thread.sleep(BETWEEN_MS / 2 + r.nextInt(BETWEEN_MS));
      ms.add(
          v.post(
              "/api/practice/tries",
              "{\"token\":\"%s\",\"attempt\":%s}".formatted(java.util.UUID.randomUUID(), attempt)));
      Thread.sleep(BETWEEN_MS / 2 + r.nextInt(BETWEEN_MS));
    }
    return ms;
  }
}
