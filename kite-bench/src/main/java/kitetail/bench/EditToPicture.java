package kitetail.bench;

import com.microsoft.playwright.Page;
import java.util.ArrayList;
import java.util.Collections;
import java.util.List;
import java.util.function.IntFunction;

/**
 * From a changed number on the bench to the new picture, in headless Chromium with software
 * rendering.
 */
final class EditToPicture {
  private static final int WARM = 60;
  private static final int COUNTED = 40;

  /** A stepper pressed again and again, and a number changed by someone who looks what it does. */
  private static final int QUICK_MS = 120;

  private static final int APART_MS = 400;

  /**
   * Presses a button and waits until the new answer's paint is laid on the head and drawn; its
   * pixels are read back as soon as the frame is, so that drawing is counted to its end and the
   * wait for the screen's next frame is not.
   */
  private static final String ONE_EDIT =
      """
      name => new Promise(done => {
        const last = k => performance.getEntriesByName(k).at(-1)?.startTime ?? 0;
        const canvas = document.querySelector('[data-testid=head] canvas');
        const gl = canvas.getContext('webgl2');
        const mark = performance.mark.bind(performance);
        const start = performance.now();
        const look = () => {
          const laid = last('kite-laid');
          if (last('kite-outcome') > start && laid > last('kite-outcome') && Math.max(last('kite-painted'), last('kite-sharp')) >= laid) {
            performance.mark = mark;
            gl.readPixels(0, 0, 1, 1, gl.RGBA, gl.UNSIGNED_BYTE, new Uint8Array(4));
            done(performance.now() - start);
          }
        };
        performance.mark = (kind, more) => {
          const r = mark(kind, more);
          if (kind === 'kite-painted' || kind === 'kite-sharp') queueMicrotask(look);
          return r;
        };
        document.querySelector(`[aria-label="${name}"]`).click();
      })
      """;

  /**
   * Asks for the sit-down's head with one pick or measure changed, and waits for all its bytes, as
   * the page does while hair is shown.
   */
  private static final String ONE_PICK =
      """
      async i => {
        const token = document.cookie.match(/XSRF-TOKEN=([^;]+)/)[1];
        const body = {version: 1,
          head: {kind: 'measured', girthMm: 550 + i * 0.7, shape: {sides: (i % 3) - 1, back: (i % 2)},
                 hairline: {frontPeakMm: i % 10}},
          start: {kind: 'taped', tapedMm: {front: 100, apex: 95, nape: 40}}};
        const start = performance.now();
        const r = await fetch('/api/sitdown/head?strokes=false', {method: 'POST', body: JSON.stringify(body),
          headers: {'Content-Type': 'application/json', 'X-XSRF-TOKEN': token}});
        if (!r.ok) throw new Error(await r.text());
        await r.arrayBuffer();
        return performance.now() - start;
      }
      """;

  private EditToPicture() {}

  /**
   * Milliseconds of each counted change, sorted.
   *
   * @param edits from a number on the bench to the picture, the last change long drawn
   * @param quickEdits the same, one change upon the other
   * @param picks from a pick at the sit-down to the new head's bytes on the page
   */
  record Times(List<Double> edits, List<Double> quickEdits, List<Double> picks) {}

  static Times run(String url) {
    try (Screen screen = new Screen(url)) {
      Page p = screen.fresh();
      screen.bench(p, 1);
      IntFunction<Object> edit =
          i -> p.evaluate(ONE_EDIT, i % 2 == 0 ? "Guide length, less" : "Guide length, more");
      List<Double> quick = sorted(edit, p, QUICK_MS);
      List<Double> edits = sorted(edit, p, APART_MS);
      return new Times(edits, quick, sorted(i -> p.evaluate(ONE_PICK, i), p, QUICK_MS));
    }
  }

  private static List<Double> sorted(IntFunction<Object> once, Page p, int betweenMs) {
    List<Double> all = new ArrayList<>();
    for (int i = 0; i < WARM + COUNTED; i++) {
      double ms = ((Number) once.apply(i)).doubleValue();
      if (i >= WARM) {
        all.add(ms);
      }
      p.waitForTimeout(betweenMs);
    }
    Collections.sort(all);
    return all;
  }
}
