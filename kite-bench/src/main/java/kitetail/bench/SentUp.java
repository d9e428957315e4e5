package kitetail.bench;

import com.microsoft.playwright.Page;
import com.microsoft.playwright.Request;
import java.util.Locale;

/** What a page asks of the server and sends up to it. */
final class SentUp {
  private static final int SETTLED_MS = 3000;

  private int requests;
  private long bytes;

  private SentUp(Page p) {
    p.onRequest(this::note);
  }

  private void note(Request r) {
    if (r.url().contains("/api/")) {
      byte[] body = r.postDataBuffer();
      requests++;
      bytes += body == null ? 0 : body.length;
    }
  }

  /** Opens a plan, then changes one length, each until nothing more is asked. */
  static void print(Screen s) {
    Page p = s.fresh();
    SentUp sent = new SentUp(p);
    s.bench(p, 1);
    p.waitForTimeout(SETTLED_MS);
    sent.say("opening a plan");
    p.getByLabel("Guide length, less").first().click();
    p.waitForTimeout(SETTLED_MS);
    sent.say("one edit");
    p.context().close();
  }

  private void say(String what) {
    System.out.printf(Locale.ROOT, "%s: %d requests, %.1f kB up%n", what, requests, bytes / 1e3);
    requests = 0;
    bytes = 0;
  }
}
