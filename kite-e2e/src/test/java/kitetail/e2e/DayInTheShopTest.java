package kitetail.e2e;

import static kitetail.e2e.Steps.button;
import static kitetail.e2e.Steps.checkedWithAMiss;
import static kitetail.e2e.Steps.counted;
import static kitetail.e2e.Steps.cutToTheEnd;
import static kitetail.e2e.Steps.off;
import static kitetail.e2e.Steps.painted;
import static kitetail.e2e.Steps.serious;
import static kitetail.e2e.Steps.settled;
import static kitetail.e2e.Steps.start;
import static kitetail.e2e.Steps.typed;
import static org.assertj.core.api.Assertions.assertThat;

import com.microsoft.playwright.Locator;
import com.microsoft.playwright.Page;
import com.microsoft.playwright.options.AriaRole;
import com.microsoft.playwright.options.FilePayload;
import com.microsoft.playwright.options.LoadState;
import java.awt.image.BufferedImage;
import java.io.ByteArrayOutputStream;
import java.io.IOException;
import java.nio.charset.StandardCharsets;
import java.util.List;
import java.util.regex.Pattern;
import javax.imageio.ImageIO;
import org.junit.jupiter.api.Test;

/** A day from the first walk-in to the outbox, and the pages of the shop. */
class DayInTheShopTest extends InTheShop {
  private static Locator tab(Page p, String name) {
    return p.getByRole(AriaRole.TAB, new Page.GetByRoleOptions().setName(name));
  }

  @Test
  void aWalkIn_isPlanned_cutWithASlip_checkedWithAMiss_finished_andRebooked_andIsReminded() {
    Page p = shop.signedIn("maud", "paper");
    p.getByText("Walk-in").click();
    p.getByLabel("Name").fill("Gijs Vlieland");
    p.getByLabel("Phone").fill("+31 6 5550 0177");
    button(p, "New consultation").click();
    p.waitForURL(Pattern.compile("/clients/\\d+/sit"));
    String client = p.url().replaceAll(".*/clients/(\\d+)/sit", "$1");
    p.navigate(shop.url("/clients/" + client));
    // The best match stands first; it is laid on this head.
    Locator shape = p.locator("button", new Page.LocatorOptions().setHasText("Quiet Side Part"));
    shape.first().click();
    painted(p);
    String plan = p.url().replaceAll(".*/plans/(\\d+).*", "$1");
    p.getByText("To the chair").click();
    start(p);
    p.keyboard().press("PageDown");
    p.getByText("Bite 2 of").waitFor();
    button(p, "Cut too short").click();
    p.getByLabel("Where").selectOption("apex");
    typed(p.getByLabel("Too much by in cm"), "1");
    button(p, "What now?").click();
    Locator on =
        p.getByText("Soften round it", new Page.GetByTextOptions().setExact(true))
            .or(button(p, "Go on"));
    on.first().waitFor();
    on.first().click();
    cutToTheEnd(p, done -> {});
    checkedWithAMiss(p);
    p.getByText(Pattern.compile("^Book \\w")).click();
    p.getByText(Pattern.compile("^Booked: ")).waitFor();
    p.getByLabel("Price, if the shop keeps it").fill("38,50");
    button(p, "All of these").click();
    p.getByText("Finish visit").click();
    p.getByTestId("visit").first().waitFor();
    p.getByText("38.50").waitFor();
    // What was learnt stands on the client's page; the tools want care before the next.
    button(p, "Look at").first().click();
    p.getByText("Left at").waitFor();
    p.navigate(shop.url("/kit"));
    p.getByText("to be disinfected before the next client").first().waitFor();
    // The next appointment (not the chair the walk-in took) comes near, nobody else's in its way:
    // the reminder is in the outbox,
    // sent
    // once.
    shop.sql("delete from appointment where client_id <> " + client);
    shop.sql(
        "update appointment set starts_at = now() + interval '5 hours', ends_at = now() + interval '5 hours 1 minute'"
            + " where starts_at > now() and client_id = "
            + client);
    p.navigate(shop.url("/shop"));
    p.waitForCondition(
        () -> {
          p.reload();
          p.waitForLoadState(LoadState.NETWORKIDLE);
          return p.getByText("Gijs Vlieland").count() > 0;
        },
        new Page.WaitForConditionOptions().setTimeout(60_000));
    counted(p.getByText("Gijs Vlieland"), 1);
    assertThat(
            shop.sql(
                "select handed_over::text from standin_outbox o join message m on m.key = o.key where m.client_id = "
                    + client))
        .containsExactly("1");
    // The next client's chair asks after the razor and the comb before the first bite.
    String other =
        shop.sql("select id::text from plan where client_id <> " + client + " order by id limit 1")
            .get(0);
    p.navigate(shop.url("/plans/" + other + "/chair"));
    p.getByRole(AriaRole.DIALOG, new Page.GetByRoleOptions().setName("Before this client"))
        .waitFor();
    button(p, "Into the disinfectant").first().click();
    p.getByText(Pattern.compile("in the disinfectant until")).first().waitFor();
    button(p, "I use other tools; go on").click();
    assertThat(plan).isNotEqualTo(other);
    assertThat(shop.consoleErrors).isEmpty();
  }

  @Test
  void whoGrowsItOut_seesTheWayByItsDays_andBooksAVisitOnIt() {
    Page p = shop.signedIn("maud", "dusk");
    p.navigate(shop.url("/clients/1/shapes"));
    // A shape that waits for hair is held against another, and leads on.
    Locator all = p.getByRole(AriaRole.REGION, new Page.GetByRoleOptions().setName("All shapes"));
    all.locator("button", new Locator.LocatorOptions().setHasText("in about")).first().click();
    p.getByText("Growing out to it").first().click();
    p.waitForURL(Pattern.compile("/clients/1/grow/"));
    p.getByRole(AriaRole.HEADING, new Page.GetByRoleOptions().setName("Today").setExact(true))
        .waitFor();
    p.getByText(Pattern.compile("^About \\d+ [A-Z][a-z]+ \\d{4}, between ")).waitFor();
    button(p, "Find a time").first().waitFor();
    p.getByText(Pattern.compile("^Until the next: ")).first().waitFor();
    settled(p);
    assertThat(serious(p)).isEmpty();
    button(p, "Find a time").first().click();
    p.getByText(Pattern.compile("^Book \\w")).click();
    p.getByText(Pattern.compile("^Booked: ")).waitFor();
    assertThat(shop.consoleErrors).isEmpty();
  }

  private static byte[] picture() {
    try {
      ByteArrayOutputStream out = new ByteArrayOutputStream();
      ImageIO.write(new BufferedImage(60, 40, BufferedImage.TYPE_INT_RGB), "png", out);
      return out.toByteArray();
    } catch (IOException e) {
      throw new IllegalStateException(e);
    }
  }

  @Test
  void aPhotograph_isKeptOnceAgreed_andTheClientsDataAreHandedOverAndErased() {
    shop.sql(
        "update sitdown set document = jsonb_set(document, '{cautions}', '{\"consent\": {\"photos\": true}}') where client_id = 6");
    Page p = shop.signedIn("maud", "dusk");
    p.navigate(shop.url("/clients/6"));
    p.getByLabel("Add a photograph")
        .setInputFiles(new FilePayload("me.jpg", "image/jpeg", picture()));
    p.getByAltText(Pattern.compile("The client on")).waitFor();
    assertThat(
            p.waitForDownload(() -> p.getByText("Hand over all that is kept").click())
                .suggestedFilename())
        .isEqualTo("client-6.zip");
    button(p, "Erase").click();
    off(button(p, "Erase this client"));
    p.getByLabel("Type the client's name").fill("Freek Oost");
    button(p, "Erase this client").click();
    p.waitForURL(Pattern.compile("/clients$"));
    p.getByText("Ansel Ruiter").waitFor();
    // Gone from the list, and kept for a day for who pressed by a slip.
    Locator erased =
        p.getByRole(AriaRole.REGION, new Page.GetByRoleOptions().setName("Erased today"));
    erased.getByText("Freek Oost").waitFor();
    counted(p.getByText("Freek Oost"), 1);
    erased.getByText("Bring back").click();
    p.getByRole(AriaRole.LINK, new Page.GetByRoleOptions().setName(Pattern.compile("Freek Oost")))
        .waitFor();
    counted(erased, 0);
    assertThat(shop.consoleErrors).isEmpty();
  }

  @Test
  void hoursAreSet_aLateChairPushesOn_andSomebodyWaits() {
    Page p = shop.signedIn("maud", "paper");
    p.navigate(shop.url("/shop"));
    tab(p, "Opening hours").click();
    button(p, "Sun").click();
    button(p, "Keep these hours").click();
    button(p, "Kept").waitFor();
    shop.sql(
        "delete from appointment where starts_at >= date_trunc('day', now() + interval '1 day') and starts_at < now() + interval '4 days'");
    String day =
        shop.sql(
                "select to_char(now() at time zone 'Europe/Amsterdam' + interval '1 day', 'YYYY-MM-DD')")
            .get(0);
    shop.sql(
        "insert into appointment (shop_id, person_id, client_id, starts_at, ends_at) values"
            + " (1, 1, 1, '%1$s 10:00Z', '%1$s 10:30Z'), (1, 1, 2, '%1$s 10:30Z', '%1$s 11:00Z')"
                .formatted(day));
    p.navigate(shop.url("/diary"));
    button(p, "Next day").click();
    p.locator("[data-testid^=appointment-]", new Page.LocatorOptions().setHasText("Ansel Ruiter"))
        .click();
    button(p, "Runs late").click();
    p.getByText(Pattern.compile("^Free at")).waitFor();
    p.getByRole(AriaRole.LISTITEM)
        .filter(new Locator.FilterOptions().setHasText("Bram Veldkamp"))
        .waitFor();
    button(p, "Move it").click();
    p.locator(
            "[data-testid^=appointment-]",
            new Page.LocatorOptions().setHasText(Pattern.compile("\\d\\d:40 Bram")))
        .waitFor();
    p.getByLabel(Pattern.compile("^Book Maud Terwiel at 16:00")).click();
    p.getByLabel("Waiting list: Elin Haas").click();
    p.getByText("On the waiting list.").waitFor();
    p.getByText("waits for a time").click();
    p.locator("[data-testid^=appointment-]", new Page.LocatorOptions().setHasText("Elin Haas"))
        .waitFor();
    assertThat(shop.sql("select 1::text from waiting")).isEmpty();
    button(p, "For my calendar").click();
    p.getByLabel("Take in my other calendar")
        .setInputFiles(
            new FilePayload(
                "mine.ics",
                "text/calendar",
                ("BEGIN:VCALENDAR\r\nVERSION:2.0\r\nPRODID:x\r\nBEGIN:VEVENT\r\nUID:1\r\nDTSTAMP:20260101T000000Z\r\n"
                        + "DTSTART:"
                        + day.replace("-", "")
                        + "T120000Z\r\nDTEND:"
                        + day.replace("-", "")
                        + "T130000Z\r\nEND:VEVENT\r\nEND:VCALENDAR\r\n")
                    .getBytes(StandardCharsets.UTF_8)));
    p.getByText("1 time taken in").waitFor();
    button(p, "Close").click();
    p.getByText("elsewhere").first().waitFor();
    assertThat(shop.consoleErrors).isEmpty();
  }

  @Test
  void thePagesOfTheShop_areReadByAll() {
    Page p = shop.signedIn("maud", "paper");
    p.navigate(shop.url("/kit"));
    p.getByText("House clipper").waitFor();
    assertThat(serious(p)).as("kit").isEmpty();
    button(p, "Add a tool").click();
    assertThat(serious(p)).as("a tool").isEmpty();
    p.navigate(shop.url("/shop"));
    for (String part : List.of("Messages", "Opening hours", "People", "Records")) {
      tab(p, part).click();
      settled(p);
      assertThat(serious(p)).as(part).isEmpty();
    }
    p.navigate(shop.url("/clients/2"));
    p.getByText("The client's own data").waitFor();
    assertThat(serious(p)).as("client").isEmpty();
    p.navigate(shop.url("/plans/2/finish"));
    p.getByText("Tools used").waitFor();
    assertThat(serious(p)).as("finish").isEmpty();
    assertThat(shop.consoleErrors).isEmpty();
  }
}
