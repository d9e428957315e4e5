package kitetail.e2e;

import com.deque.html.axecore.playwright.AxeBuilder;
import com.microsoft.playwright.Locator;
import com.microsoft.playwright.Page;
import com.microsoft.playwright.options.AriaRole;
import java.util.List;

/** What every test of the screens does. */
final class Steps {
  private Steps() {}

  static Locator button(Page p, String name) {
    return p.getByRole(AriaRole.BUTTON, new Page.GetByRoleOptions().setName(name).setExact(true));
  }

  static void painted(Page p) {
    p.getByTestId("contour-label").first().waitFor();
  }

  static void saved(Page p) {
    p.waitForTimeout(400);
    p.getByText("Saved", new Page.GetByTextOptions().setExact(true)).waitFor();
  }

  static void drag(Page p, double x, double y, double dx, double dy) {
    p.mouse().move(x, y);
    p.mouse().down();
    for (int i = 1; i <= 6; i++) {
      p.mouse().move(x + dx * i / 6, y + dy * i / 6);
      p.waitForTimeout(60);
    }
    p.mouse().up();
  }

  /** What axe finds of serious or critical weight on the page as it stands. */
  static List<String> serious(Page p) {
    return new AxeBuilder(p)
        .analyze().getViolations().stream()
            .filter(v -> List.of("serious", "critical").contains(v.getImpact()))
            .map(
                v ->
                    v.getId()
                        + ": "
                        + v.getNodes().stream().map(n -> n.getHtml()).limit(3).toList())
            .toList();
  }
}
