package kitetail.e2e;

import static kitetail.e2e.Steps.button;
import static kitetail.e2e.Steps.drag;
import static kitetail.e2e.Steps.serious;
import static org.assertj.core.api.Assertions.assertThat;

import com.microsoft.playwright.Locator;
import com.microsoft.playwright.Page;
import com.microsoft.playwright.assertions.PlaywrightAssertions;
import com.microsoft.playwright.options.AriaRole;
import com.microsoft.playwright.options.BoundingBox;
import java.util.regex.Pattern;
import org.junit.jupiter.api.Test;

/** The diary: a touch books, a drag moves, and no chair is taken twice. */
class DiaryOnScreenTest extends InTheShop {
  private static Page diary(String theme) {
    Page p = shop.signedIn("maud", theme);
    p.navigate(shop.url("/diary"));
    block(p, Pattern.compile("09:30")).waitFor();
    return p;
  }

  private static Locator block(Page p, Pattern words) {
    return p.locator("[data-testid^=appointment-]")
        .filter(new Locator.FilterOptions().setHasText(words))
        .first();
  }

  private static Locator slot(Page p, String chair, String at) {
    return button(p, "Book " + chair + " at " + at);
  }

  @Test
  void aClientIsBookedByATouch_movedByADrag_andTakenOff() {
    Page p = diary("paper");
    slot(p, "Joris Pier", "15:00").click();
    p.getByLabel("Client").fill("freek");
    p.getByRole(
            AriaRole.BUTTON, new Page.GetByRoleOptions().setName(Pattern.compile("^Freek Oost")))
        .click();
    Locator booked = block(p, Pattern.compile("15:00 Freek"));
    booked.waitFor();
    BoundingBox from = booked.boundingBox();
    BoundingBox to = slot(p, "Maud Terwiel", "16:00").boundingBox();
    drag(p, from.x + 80, from.y + 6, to.x - from.x, to.y - from.y);
    Locator moved = block(p, Pattern.compile("16:0\\d Freek"));
    moved.waitFor();
    p.reload();
    moved.waitFor();
    assertThat(moved.boundingBox().x).isLessThan(from.x);
    moved.focus();
    p.keyboard().press("Enter");
    button(p, "Take it off the diary").click();
    moved.waitFor(
        new Locator.WaitForOptions()
            .setState(com.microsoft.playwright.options.WaitForSelectorState.DETACHED));
    // Taken off by mistake: back by a touch, as it was.
    button(p, "Undo").click();
    moved.waitFor();
    assertThat(shop.consoleErrors).isEmpty();
  }

  @Test
  void aNewCaller_isBookedByNameAndNumber_andAMoveIsTakenBackOrTold() {
    Page p = diary("paper");
    // Tomorrow: nobody is told of a time that is over, and today's is, in the evening.
    Locator day = p.getByRole(AriaRole.HEADING).first();
    String today = day.innerText();
    button(p, "Next day").click();
    PlaywrightAssertions.assertThat(day).not().hasText(today);
    slot(p, "Maud Terwiel", "17:00").click();
    p.getByLabel("Client").fill("Tine Overzee");
    p.getByLabel("Phone, to be told of changes").fill("+31 6 5550 0144");
    button(p, "Book Tine Overzee, new").click();
    Locator booked = block(p, Pattern.compile("17:00 Tine"));
    booked.waitFor();
    booked.focus();
    p.keyboard().press("Enter");
    button(p, "5 min later").click();
    block(p, Pattern.compile("17:05 Tine")).waitFor();
    button(p, "Tell the client").click();
    button(p, "Message on its way").waitFor();
    assertThat(serious(p)).as("told").isEmpty();
    button(p, "Undo").click();
    booked.waitFor();
    p.navigate(shop.url("/shop?part=messages"));
    p.getByText(Pattern.compile("your appointment is now on .* at 17:05")).waitFor();
    assertThat(shop.consoleErrors).isEmpty();
  }

  @Test
  void droppedOnATakenTime_itStaysWhereItWas_andSaysSo() {
    Page p = diary("paper");
    Locator one = block(p, Pattern.compile("09:30"));
    String who = one.innerText();
    BoundingBox from = one.boundingBox();
    BoundingBox other = block(p, Pattern.compile("09:45")).boundingBox();
    drag(p, from.x + 80, from.y + 6, other.x - from.x, other.y - from.y);
    p.getByText("This chair is taken then").waitFor();
    assertThat(block(p, Pattern.compile("09:30")).innerText()).isEqualTo(who);
    // 409 is what the server answers; the browser writes it down.
    assertThat(shop.consoleErrors).allMatch(e -> e.contains("409"));
    shop.consoleErrors.clear();
  }

  @Test
  void dayWeekAndSheets_areReadByAll() {
    Page p = diary("dusk");
    assertThat(serious(p)).as("day").isEmpty();
    slot(p, "Maud Terwiel", "14:00").click();
    p.getByLabel("Client").waitFor();
    assertThat(serious(p)).as("booking").isEmpty();
    button(p, "Close").click();
    button(p, "Week").click();
    p.getByText(Pattern.compile("^Week of Monday")).waitFor();
    p.waitForFunction("() => document.querySelectorAll('[data-testid^=appointment-]').length > 10");
    assertThat(serious(p)).as("week").isEmpty();
    button(p, "For my calendar").click();
    assertThat(p.getByLabel("Address of the calendar").inputValue()).endsWith(".ics");
    assertThat(serious(p)).as("feed").isEmpty();
    assertThat(shop.consoleErrors).isEmpty();
  }
}
