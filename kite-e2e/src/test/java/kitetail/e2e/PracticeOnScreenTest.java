package kitetail.e2e;

import static kitetail.e2e.Steps.button;
import static kitetail.e2e.Steps.drag;
import static kitetail.e2e.Steps.painted;
import static kitetail.e2e.Steps.serious;
import static org.assertj.core.api.Assertions.assertThat;

import com.microsoft.playwright.Locator;
import com.microsoft.playwright.Page;
import com.microsoft.playwright.options.AriaRole;
import com.microsoft.playwright.options.BoundingBox;
import java.util.List;
import java.util.concurrent.atomic.AtomicInteger;
import java.util.regex.Pattern;
import org.junit.jupiter.api.Test;

/** A learner practises: each drill with a mouse, one by keys alone. */
class PracticeOnScreenTest extends InTheShop {
  /** A move is led, or done where no number of it is the hand's. */
  private static final Pattern EITHER = Pattern.compile("^(Cut|Done)$");

  private static Page at(String drill, String theme) {
    Page p = shop.signedIn("maud", theme);
    p.navigate(shop.url("/practice/" + drill + "?seed=5&level=1"));
    p.getByText("level 1, head 5").waitFor();
    return p;
  }

  /** The score on the page, and that it is the one that was stored. */
  private static void scored(Page p, String drill) {
    Locator score = p.getByLabel("What it came to");
    score.waitFor();
    String shown = score.getByText(Pattern.compile("\\d+ % as meant")).innerText();
    String stored =
        shop.sql(
                "select round(round(share::numeric, 3) * 100)::int::text || ' % as meant' from practice_try where drill = '"
                    + drill
                    + "' order by id desc limit 1")
            .get(0);
    assertThat(shown).isEqualTo(stored);
    assertThat(serious(p)).isEmpty();
    assertThat(shop.consoleErrors).isEmpty();
  }

  private static void thatIsIt(Page p) {
    button(p, "That is it").click();
  }

  @Test
  void aSideOverTheComb_isLedByMouse_andTheHairFalls() {
    Page p = at("overComb", "paper");
    Locator stage = p.getByTestId("comb-stage").locator("canvas").last();
    stage.waitFor();
    BoundingBox box = stage.boundingBox();
    Locator hair = p.getByTestId("comb-stage").locator("canvas").first();
    // Hair and comb have a canvas each; both stand still.
    p.waitForFunction("() => performance.getEntriesByName('kite-sharp').length > 1");
    byte[] before = hair.screenshot();
    p.getByText("Lead the comb up the head").waitFor();
    drag(p, box.x + box.width * 0.5, box.y + box.height * 0.56, 0, -box.height * 0.22);
    p.getByText("1 stroke", new Page.GetByTextOptions().setExact(true)).waitFor();
    p.waitForCondition(() -> !java.util.Arrays.equals(before, hair.screenshot()));
    thatIsIt(p);
    scored(p, "OVER_COMB");
    button(p, "Play it again").click();
    p.getByTestId("replay").waitFor();
    // It ends by itself.
    button(p, "Play it again").waitFor();
  }

  @Test
  void aCentimetre_isTakenByKeysAlone() {
    Page p = at("oneCentimetre", "dusk");
    Locator stage = p.getByTestId("comb-stage").locator("[role=img]").last();
    stage.waitFor();
    stage.focus();
    p.keyboard().press("Enter");
    for (int i = 0; i < 12; i++) {
      p.keyboard().press("ArrowUp");
    }
    p.keyboard().press("]");
    p.keyboard().press("Enter");
    p.getByText("1 stroke", new Page.GetByTextOptions().setExact(true)).waitFor();
    button(p, "That is it").focus();
    p.keyboard().press("Enter");
    scored(p, "ONE_CENTIMETRE");
  }

  /**
   * Led by the keys of its sliders, each move cut as it comes, the check round, and what is left.
   */
  @Test
  void aWholeCut_isLedFromItsFirstMoveToItsCheckRound() {
    Page p = at("wholeCut", "paper");
    painted(p);
    assertThat(serious(p)).isEmpty();
    Locator cut = p.getByRole(AriaRole.BUTTON, new Page.GetByRoleOptions().setName(EITHER));
    while (cut.count() > 0) {
      for (Locator dial : p.getByRole(AriaRole.SLIDER).all()) {
        dial.focus();
        p.keyboard().press("Home");
        for (int i = 0; i < 6; i++) {
          p.keyboard().press("PageUp");
        }
      }
      cut.click();
    }
    p.getByText("What is not right?").waitFor();
    button(p, "crown").click();
    thatIsIt(p);
    scored(p, "WHOLE_CUT");
    p.getByText("As it was meant, 4 weeks on").waitFor();
  }

  /** The server has it, the page never heard: sent once more it is the same try. */
  @Test
  void aTryWhoseAnswerWasLost_countsOnce() {
    Page p = at("putInOrder", "paper");
    AtomicInteger times = new AtomicInteger();
    p.route(
        "**/api/practice/tries",
        r -> {
          if (times.getAndIncrement() > 0) {
            r.resume();
            return;
          }
          r.fetch();
          r.abort();
        });
    String count = "select count(*)::text from practice_try";
    int before = Integer.parseInt(shop.sql(count).get(0));
    thatIsIt(p);
    button(p, "Send it again").waitFor();
    // The browser says itself that an answer was lost.
    shop.consoleErrors.clear();
    button(p, "Send it again").click();
    scored(p, "PUT_IN_ORDER");
    assertThat(shop.sql(count)).isEqualTo(List.of(Integer.toString(before + 1)));
  }

  @Test
  void landmarks_areTouched() {
    Page p = at("findLandmark", "paper");
    Locator head = p.getByTestId("bald-head").locator("canvas");
    head.waitFor();
    painted(p);
    BoundingBox box = head.boundingBox();
    Locator touched = p.getByText("touched", new Page.GetByTextOptions().setExact(true));
    for (int i = 0; i < 5; i++) {
      int now = i;
      p.mouse().click(box.x + box.width * (0.42 + 0.03 * i), box.y + box.height * (0.3 + 0.04 * i));
      p.waitForCondition(() -> touched.count() == now + 1);
    }
    thatIsIt(p);
    scored(p, "FIND_LANDMARK");
  }

  @Test
  void whatIsAskedInWords_isPlayedToItsScore() {
    Page p = at("readLength", "paper");
    p.getByRole(
            AriaRole.BUTTON,
            new Page.GetByRoleOptions().setName(Pattern.compile("^How long, .+, more$")))
        .first()
        .click();
    thatIsIt(p);
    scored(p, "READ_LENGTH");

    p = at("hold", "paper");
    p.getByLabel(Pattern.compile("Held \\d+°")).fill("45");
    button(p, "Cut").click();
    scored(p, "HOLD");

    p = at("walkGuide", "paper");
    for (int i = 0; i < 9 && button(p, "Cut this bite").isEnabled(); i++) {
      button(p, "Cut this bite").click();
    }
    thatIsIt(p);
    scored(p, "WALK_GUIDE");

    p = at("guards", "paper");
    p.getByLabel("Guard, more").waitFor();
    thatIsIt(p);
    scored(p, "GUARDS");

    p = at("whatLeaves", "paper");
    p.getByText("A", new Page.GetByTextOptions().setExact(true)).click();
    button(p, "It leaves A").click();
    scored(p, "WHAT_LEAVES");

    p = at("findFault", "paper");
    button(p, "Compare").click();
    p.getByText(Pattern.compile("alike|longer than")).first().waitFor();
    thatIsIt(p);
    scored(p, "FIND_FAULT");

    p = at("putInOrder", "paper");
    p.getByLabel(Pattern.compile(", later$")).first().click();
    thatIsIt(p);
    scored(p, "PUT_IN_ORDER");

    p = at("saveIt", "paper");
    button(p, "Leave it and wait").click();
    thatIsIt(p);
    scored(p, "SAVE_IT");
  }

  @Test
  void practice_saysWhatIsNext_onEverySize() {
    Page p = shop.signedIn("maud", "paper");
    p.navigate(shop.url("/practice"));
    Locator next =
        p.getByRole(AriaRole.LINK, new Page.GetByRoleOptions().setName(Pattern.compile("^Next: ")));
    next.waitFor();
    for (int width : List.of(390, 768, 1024, 1280)) {
      p.setViewportSize(width, 844);
      assertThat(p.evaluate("() => document.documentElement.scrollWidth <= innerWidth"))
          .as("no wider than %d", width)
          .isEqualTo(true);
      assertThat(serious(p)).as("at %d", width).isEmpty();
    }
    next.click();
    p.getByText(Pattern.compile("^level 1, head ")).waitFor();
    assertThat(shop.consoleErrors).isEmpty();
  }
}
