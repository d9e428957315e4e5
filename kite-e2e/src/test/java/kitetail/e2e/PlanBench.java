package kitetail.e2e;

import static kitetail.e2e.Steps.painted;

import com.microsoft.playwright.Locator;
import com.microsoft.playwright.Page;
import com.microsoft.playwright.options.AriaRole;
import java.util.List;
import java.util.regex.Pattern;

/** The plan bench as a test stands before it. */
final class PlanBench {
  /**
   * What the engine leaves at a named place of a walk of the saved plan, mm; asked past the page.
   */
  private static final String LEFT_AT =
      """
      async ([id, walk, place]) => {
        const token = document.cookie.match(/XSRF-TOKEN=([^;]+)/)[1];
        const plan = await (await fetch('/api/plans/' + id)).json();
        const r = await fetch('/api/outcome', {method: 'POST', body: JSON.stringify(plan.document),
          headers: {'Content-Type': 'application/json', 'X-XSRF-TOKEN': token}});
        const bytes = await r.arrayBuffer();
        const n = new DataView(bytes).getUint32(0, true);
        const result = JSON.parse(new TextDecoder().decode(new Uint8Array(bytes, 4, n)));
        const lengths = new Uint16Array(bytes, 4 + n);
        const points = result.walks.reduce((k, x) => k + x.distanceMm.length, 0);
        const w = result.walks.find(x => x.walk === walk);
        let from = lengths.length - points;
        for (const x of result.walks) {
          if (x === w) break;
          from += x.distanceMm.length;
        }
        const at = w.marksMm[place];
        let best = 0;
        w.distanceMm.forEach((d, i) => {
          if (Math.abs(d - at) < Math.abs(w.distanceMm[best] - at)) best = i;
        });
        return lengths[from + best] / 20;
      }
      """;

  private PlanBench() {}

  static Locator bow(Page p, int number) {
    return p.getByRole(
        AriaRole.BUTTON,
        new Page.GetByRoleOptions().setName(Pattern.compile("^Move " + number + ": ")));
  }

  static Page onBench(AtTheShop shop, String who, String theme, int plan) {
    Page p = shop.signedIn(who, theme);
    p.navigate(shop.url("/plans/" + plan));
    painted(p);
    return p;
  }

  static double leftAt(Page p, int plan, String walk, String place) {
    return ((Number) p.evaluate(LEFT_AT, List.of(plan, walk, place))).doubleValue();
  }

  static Locator cell(Page p, String place) {
    return p.getByLabel("Length at the " + place + " in cm");
  }
}
