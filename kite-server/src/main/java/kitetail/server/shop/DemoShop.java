package kitetail.server.shop;

import java.time.Clock;
import java.time.DayOfWeek;
import java.time.LocalDate;
import java.time.LocalTime;
import java.time.OffsetDateTime;
import java.time.ZoneId;
import java.time.temporal.TemporalAdjusters;
import java.util.ArrayList;
import java.util.List;
import kitetail.client.Cautions;
import kitetail.client.Consent;
import kitetail.client.SkinNote;
import kitetail.client.Wishes;
import kitetail.formats.card.Contact;
import kitetail.formats.json.Families;
import kitetail.formats.words.Units;
import kitetail.hair.Beard;
import kitetail.hair.Growth;
import kitetail.hair.Hair;
import kitetail.hair.HairColour;
import kitetail.hair.NeckHair;
import kitetail.hair.SkinTone;
import kitetail.hair.StartingHair;
import kitetail.hair.WetDry;
import kitetail.head.HeadShape;
import kitetail.head.HeadSpec;
import kitetail.head.Place;
import kitetail.plan.SitDown;
import kitetail.server.advice.Advice;
import kitetail.server.client.ClientRepository;
import kitetail.server.client.SitDownRepository;
import kitetail.server.diary.AppointmentRepository;
import kitetail.server.kit.KitRepository;
import kitetail.server.people.PeopleRepository;
import kitetail.server.plan.PlanRepository;
import kitetail.server.security.Role;
import kitetail.shopday.Tool;
import org.jspecify.annotations.Nullable;
import org.springframework.boot.ApplicationArguments;
import org.springframework.boot.ApplicationRunner;
import org.springframework.boot.autoconfigure.condition.ConditionalOnProperty;
import org.springframework.context.ApplicationEventPublisher;
import org.springframework.security.crypto.password.PasswordEncoder;
import org.springframework.stereotype.Component;
import org.springframework.transaction.annotation.Transactional;

/**
 * The demo: a made-up two-chair shop beside a small ferry landing. Loaded once, into an empty
 * database.
 */
@Component
@ConditionalOnProperty("kitetail.demo")
class DemoShop implements ApplicationRunner {
  private static final String ZONE = "Europe/Amsterdam";
  static final String PASSWORD = "ferry-landing";

  private final ClientRepository clients;
  private final SitDownRepository sitDowns;
  private final PlanRepository plans;
  private final Advice advice;
  private final ShopRepository shops;
  private final PeopleRepository people;
  private final KitRepository kit;
  private final AppointmentRepository appointments;
  private final PasswordEncoder encoder;
  private final ApplicationEventPublisher events;
  private final Clock clock;

  DemoShop(
      ClientRepository clients,
      SitDownRepository sitDowns,
      PlanRepository plans,
      Advice advice,
      ShopRepository shops,
      PeopleRepository people,
      KitRepository kit,
      AppointmentRepository appointments,
      PasswordEncoder encoder,
      ApplicationEventPublisher events,
      Clock clock) {
    this.clients = clients;
    this.sitDowns = sitDowns;
    this.plans = plans;
    this.advice = advice;
    this.shops = shops;
    this.people = people;
    this.kit = kit;
    this.appointments = appointments;
    this.encoder = encoder;
    this.events = events;
    this.clock = clock;
  }

  private record DemoClient(Contact contact, SitDown sitDown, String family) {}

  private static DemoClient client(
      String name,
      String phone,
      String note,
      HeadSpec.Measured head,
      Hair hair,
      StartingHair start,
      Cautions cautions,
      String family) {
    return new DemoClient(
        new Contact(name, phone, "", note),
        new SitDown(SitDown.VERSION, head, hair, start, Wishes.NONE, cautions),
        family);
  }

  private static final List<DemoClient> CLIENTS =
      List.of(
          client(
              "Ansel Ruiter",
              "+31 6 5550 0101",
              "Neither just cut nor due.",
              new HeadSpec.Measured(572, 350.0, 330.0),
              new Hair(58, 0.37).with(new HairColour(4, 0.1, 0)),
              StartingHair.Taped.six(112, 102, 92, 66, 72, 48),
              Cautions.NONE,
              "quiet-side-part"),
          client(
              "Bram Veldkamp",
              "+31 6 5550 0102",
              "Wants the edge crisp.",
              new HeadSpec.Measured(588, null, null),
              new Hair(48, 0.35, 170, 54, WetDry.STRAIGHT, Growth.USUAL, List.of())
                  .with(new HairColour(8, 0.15, 0))
                  .on(new SkinTone(2, -0.6))
                  .with(Beard.SHORT),
              StartingHair.Taped.six(96, 90, 84, 58, 64, 40),
              Cautions.NONE,
              "gents-scissor-cut"),
          client(
              "Cato Lindqvist",
              "+31 6 5550 0103",
              "Growing out the top.",
              new HeadSpec.Measured(548, 336.0, 318.0),
              new Hair(62, 0.38).with(new HairColour(6, 0.7, 0)).on(new SkinTone(1.6, -0.8)),
              StartingHair.Taped.six(140, 130, 120, 90, 95, 60),
              new Cautions(
                  List.of(
                      new SkinNote(SkinNote.Kind.MOLE, Place.BEHIND_EAR_RIGHT, "slightly raised")),
                  "",
                  new Consent(false, "", false, true)),
              "quiet-side-part"),
          client(
              "Demba Touray",
              "+31 6 5550 0104",
              "Likes it square.",
              new HeadSpec.Measured(565, 346.0, null),
              new Hair(75, 0.34, 250, 82, new WetDry(0.03, 0.7), Growth.USUAL, List.of())
                  .with(new HairColour(2, 0, 0))
                  .on(new SkinTone(8, 0.2))
                  .with(Beard.FULL),
              StartingHair.Taped.six(88, 86, 80, 62, 66, 44),
              Cautions.NONE,
              "gents-scissor-cut"),
          client(
              "Elin Haas",
              "+31 6 5550 0105",
              "Leave length at the crown.",
              new HeadSpec.Measured(
                  541, null, 312.0, null, null, new HeadShape(0, 0, 0, -1, 0, 0, 0), null, null),
              new Hair(
                      66,
                      0.36,
                      200,
                      70,
                      WetDry.STRAIGHT,
                      new Growth(Growth.Whorl.DOUBLE, null, Growth.Nape.SWIRLS),
                      List.of())
                  .with(new HairColour(5, -0.2, 0).with(new HairColour.Dyed(8, 0.1, 32)))
                  .on(new SkinTone(3, -0.3)),
              StartingHair.Taped.six(125, 118, 110, 84, 88, 66),
              Cautions.NONE,
              "quiet-side-part"),
          client(
              "Freek Oost",
              "",
              "First visit; walked in from the ferry.",
              new HeadSpec.Measured(601, 362.0, 348.0),
              new Hair(60, 0.36)
                  .with(new HairColour(5, -0.2, 0.45))
                  .on(new SkinTone(5, 0.2))
                  .with(Beard.STUBBLE)
                  .with(NeckHair.LEFT),
              StartingHair.Taped.six(105, 98, 90, 70, 74, 52),
              Cautions.NONE,
              null));

  @Override
  @Transactional
  public void run(ApplicationArguments args) {
    if (shops.begun()) {
      return;
    }
    long shop = shops.open("The Landing", ZONE, "FREQ=DAILY");
    long owner = person(shop, "Maud Terwiel", "maud", Role.OWNER);
    long stylist = person(shop, "Joris Pier", "joris", Role.STYLIST);
    OffsetDateTime now = OffsetDateTime.now(clock);
    List<Long> clientIds = new ArrayList<>();
    List<Long> planIds = new ArrayList<>();
    for (DemoClient d : CLIENTS) {
      long id = clients.add(shop, d.contact(), now);
      sitDowns.add(id, d.sitDown(), now);
      clientIds.add(id);
      planIds.add(
          d.family() == null
              ? null
              : plans.add(id, advice.fitted(d.sitDown(), Families.all().get(d.family())), now));
    }
    tools(shop, now);
    twoWeeks(shop, List.of(owner, stylist), clientIds, planIds);
    events.publishEvent(new Opened(shop, List.of(owner, stylist)));
  }

  /**
   * The demo shop stands.
   *
   * @param people who has a chair in it
   */
  record Opened(long shop, List<Long> people) {}

  private long person(long shop, String name, String signIn, Role role) {
    return people.add(
        shop, new PeopleRepository.New(name, signIn, encoder.encode(PASSWORD), role, Units.CM));
  }

  private void tools(long shop, OffsetDateTime now) {
    tool(shop, Tool.SHEARS, "Seven inch, dry", 178.0, "for comb and finishing", now);
    tool(shop, Tool.SHEARS, "Five and a half inch, wet", 140.0, "for fingers", now);
    tool(shop, Tool.COMB, "Taper comb", null, "", now);
    tool(shop, Tool.CLIPPER, "House clipper", null, "lever open 1.5 mm", now);
    tool(shop, Tool.GUARD, "Number 1", 3.4, "measured; the box says 3", now);
    tool(shop, Tool.GUARD, "Number 2", 6.2, "measured; the box says 6", now);
    tool(shop, Tool.RAZOR, "Edge razor", null, "changeable blade", now);
  }

  private void tool(
      long shop, Tool kind, String name, @Nullable Double mm, String note, OffsetDateTime now) {
    kit.add(shop, kind, name, mm, note, now);
  }

  /**
   * Two weeks from this Monday, all six clients each day spread over two chairs: begun on a Sunday,
   * the shop has work tomorrow as well.
   */
  private void twoWeeks(long shop, List<Long> people, List<Long> clientIds, List<Long> planIds) {
    ZoneId zone = ZoneId.of(ZONE);
    LocalDate monday =
        LocalDate.now(clock.withZone(zone))
            .with(TemporalAdjusters.previousOrSame(DayOfWeek.MONDAY));
    for (int day = 0; day < 14; day++) {
      for (int k = 0; k < clientIds.size(); k++) {
        int who = (k + day) % clientIds.size();
        OffsetDateTime start =
            monday
                .plusDays(day)
                .atTime(LocalTime.of(9, 30).plusMinutes(75L * (k / 2) + 15L * (k % 2)))
                .atZone(zone)
                .toOffsetDateTime();
        appointments.book(
            shop,
            new AppointmentRepository.Slot(
                people.get(k % 2),
                clientIds.get(who),
                planIds.get(who),
                null,
                start,
                start.plusMinutes(45),
                false,
                ""));
      }
    }
  }
}
