package kitetail.server.shop;

import java.time.Clock;
import java.time.LocalDate;
import java.time.LocalTime;
import java.time.OffsetDateTime;
import java.time.ZoneId;
import java.util.List;
import java.util.UUID;
import kitetail.client.Cautions;
import kitetail.client.Consent;
import kitetail.client.Wishes;
import kitetail.formats.card.Contact;
import kitetail.formats.json.Families;
import kitetail.formats.words.Units;
import kitetail.hair.Growth;
import kitetail.hair.Hair;
import kitetail.hair.HairColour;
import kitetail.hair.SkinTone;
import kitetail.hair.StartingHair;
import kitetail.hair.WetDry;
import kitetail.head.HeadSpec;
import kitetail.plan.Outcome;
import kitetail.plan.Plan;
import kitetail.plan.SitDown;
import kitetail.planning.Outgrown;
import kitetail.server.advice.Advice;
import kitetail.server.client.ClientRepository;
import kitetail.server.client.SitDownRepository;
import kitetail.server.diary.ServiceRepository;
import kitetail.server.head.Heads;
import kitetail.server.people.PeopleRepository;
import kitetail.server.plan.PlanRepository;
import kitetail.server.practice.LearnerJoined;
import kitetail.server.security.PersonRepository;
import kitetail.server.security.Role;
import kitetail.server.visit.VisitRepository;
import org.springframework.boot.autoconfigure.condition.ConditionalOnProperty;
import org.springframework.context.ApplicationEventPublisher;
import org.springframework.context.event.EventListener;
import org.springframework.security.crypto.password.PasswordEncoder;
import org.springframework.stereotype.Component;

/** The months before the demo shop is first opened: what it offers, who came, and how often. */
@Component
@ConditionalOnProperty("kitetail.demo-past")
class DemoPast {
  private static final int MOST_MINUTES = 75;

  private final ClientRepository clients;
  private final PersonRepository shops;
  private final SitDownRepository sitDowns;
  private final PlanRepository plans;
  private final VisitRepository visits;
  private final ServiceRepository services;
  private final PeopleRepository people;
  private final PasswordEncoder encoder;
  private final Advice advice;
  private final Heads heads;
  private final ApplicationEventPublisher events;
  private final Clock clock;

  DemoPast(
      ClientRepository clients,
      PersonRepository shops,
      SitDownRepository sitDowns,
      PlanRepository plans,
      VisitRepository visits,
      ServiceRepository services,
      PeopleRepository people,
      PasswordEncoder encoder,
      Advice advice,
      Heads heads,
      ApplicationEventPublisher events,
      Clock clock) {
    this.clients = clients;
    this.shops = shops;
    this.sitDowns = sitDowns;
    this.plans = plans;
    this.visits = visits;
    this.services = services;
    this.people = people;
    this.encoder = encoder;
    this.advice = advice;
    this.heads = heads;
    this.events = events;
    this.clock = clock;
  }

  /**
   * @param every weeks from one visit to the next
   * @param times how often they came
   */
  private record Regular(
      Contact contact, SitDown sitDown, String family, int every, int times, List<String> remarks) {
    static Regular of(
        String name,
        String phone,
        String note,
        Hair hair,
        StartingHair start,
        Cautions cautions,
        String family,
        int every,
        int times,
        String... remarks) {
      return new Regular(
          new Contact(name, phone, "", note),
          new SitDown(
              SitDown.VERSION,
              new HeadSpec.Measured(560, null, null),
              hair,
              start,
              Wishes.NONE,
              cautions),
          family,
          every,
          times,
          List.of(remarks));
    }
  }

  private static Hair hair(double perCm2, double um, double curlRatio) {
    return new Hair(60, 0.36, perCm2, um, new WetDry(0.03, curlRatio), Growth.USUAL, List.of());
  }

  private static final List<Regular> REGULARS =
      List.of(
          Regular.of(
              "Gerda Wierenga",
              "+31 6 5550 0107",
              "Seventy-one; the neck close, the crown soft.",
              hair(150, 56, 1).with(new HairColour(7, -0.3, 0.85)).on(new SkinTone(2, 0)),
              StartingHair.Taped.six(96, 90, 84, 46, 50, 30),
              Cautions.NONE,
              "tapered-pixie",
              6,
              4,
              "Less off the crown next time.",
              "Nape cleaned; liked it short there."),
          Regular.of(
              "Hidde Aalbers",
              "+31 6 5550 0108",
              "Nine; will not sit still, so guards first.",
              hair(210, 64, 1).with(new HairColour(8, 0.3, 0)).on(new SkinTone(2, 0.2)),
              StartingHair.Taped.six(84, 80, 76, 62, 64, 48),
              new Cautions(
                  List.of(), "", new Consent(true, "his mother, Sanne", false, true), true),
              "even-all-over",
              8,
              3,
              "Stool by the window; he likes the boats."),
          Regular.of(
              "Ife Adeyemi",
              "+31 6 5550 0109",
              "Square on top, edge every three weeks.",
              hair(190, 76, 0.38).with(new HairColour(1, 0, 0)).on(new SkinTone(9, 0.1)),
              StartingHair.Taped.six(96, 96, 92, 70, 70, 50),
              Cautions.NONE,
              "square-curl-crop",
              3,
              6,
              "Diffused, no product."),
          Regular.of(
              "Jonna Brink",
              "+31 6 5550 0110",
              "Growing the pixie out to the lobe.",
              hair(180, 62, 0.97).with(new HairColour(4, 0.5, 0)).on(new SkinTone(3, -0.2)),
              StartingHair.Taped.six(120, 110, 100, 64, 66, 42),
              Cautions.NONE,
              "piecey-pixie",
              7,
              2,
              "Only the nape; the rest is to grow."),
          Regular.of(
              "Lotte Maas",
              "+31 6 5550 0111",
              "Waves; lets them dry by themselves.",
              hair(200, 68, 0.85).with(new HairColour(6, 0.9, 0)).on(new SkinTone(1.4, -0.6)),
              StartingHair.Taped.six(150, 140, 136, 110, 116, 100),
              Cautions.NONE,
              "short-shag",
              9,
              3,
              "Fringe to the brow, no shorter."));

  @EventListener
  void opened(DemoShop.Opened o) {
    services.set(
        o.shop(),
        List.of(
            new ServiceRepository.Service(null, "Fringe and neck", 15, 1200L),
            new ServiceRepository.Service(null, "Fade or taper", 40, 3200L),
            new ServiceRepository.Service(null, "Scissor cut", 50, 4200L),
            new ServiceRepository.Service(null, "Cut and beard", 60, 4800L)));
    long learner =
        people.add(
            o.shop(),
            new PeopleRepository.New(
                "Noor Dijk", "noor", encoder.encode(DemoShop.PASSWORD), Role.LEARNER, Units.CM));
    events.publishEvent(new LearnerJoined(o.shop(), learner));
    ZoneId zone = ZoneId.of(shops.zone(o.shop()));
    LocalDate today = LocalDate.now(clock.withZone(zone));
    for (int k = 0; k < REGULARS.size(); k++) {
      Regular r = REGULARS.get(k);
      OffsetDateTime first = at(today.minusWeeks((long) r.every() * r.times()), k, zone);
      long id = clients.add(o.shop(), r.contact(), first);
      sitDowns.add(id, r.sitDown(), first);
      Plan plan = advice.fitted(r.sitDown(), Families.all().get(r.family()));
      long planId = plans.add(id, plan, first);
      came(planId, plan, r, o.people().get(k % o.people().size()), today, k, zone);
    }
  }

  private static OffsetDateTime at(LocalDate day, int k, ZoneId zone) {
    return day.atTime(LocalTime.of(10, 0).plusMinutes(50L * k)).atZone(zone).toOffsetDateTime();
  }

  private void came(
      long planId, Plan plan, Regular r, long stylist, LocalDate today, int k, ZoneId zone) {
    Outcome out = heads.run(plan);
    long minutes = Math.min(MOST_MINUTES, Math.round(out.minutes()));
    long weeks = Math.round(Outgrown.of(plan, out).returnFrom());
    for (int n = r.times(); n >= 1; n--) {
      OffsetDateTime from = at(today.minusWeeks((long) r.every() * n), k, zone);
      // The first times it took a little longer.
      OffsetDateTime to = from.plusMinutes(minutes + 2L * (n - 1));
      visits.add(
          UUID.randomUUID(),
          planId,
          null,
          stylist,
          from,
          to,
          0,
          plan.moves().size(),
          n <= r.remarks().size() ? r.remarks().get(n - 1) : "",
          to.toLocalDate().plusWeeks(weeks),
          4200L);
    }
  }
}
