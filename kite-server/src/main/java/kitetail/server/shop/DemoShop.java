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
import kitetail.formats.json.Families;
import kitetail.hair.Hair;
import kitetail.hair.TapedLengths;
import kitetail.head.HeadSpec;
import kitetail.server.client.ClientRepository;
import kitetail.server.plan.PlanRepository;
import org.springframework.boot.ApplicationArguments;
import org.springframework.boot.ApplicationRunner;
import org.springframework.boot.autoconfigure.condition.ConditionalOnProperty;
import org.springframework.jdbc.core.simple.JdbcClient;
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
  private static final String PASSWORD = "ferry-landing";

  private final JdbcClient db;
  private final ClientRepository clients;
  private final PlanRepository plans;
  private final PasswordEncoder encoder;
  private final Clock clock;

  DemoShop(
      JdbcClient db,
      ClientRepository clients,
      PlanRepository plans,
      PasswordEncoder encoder,
      Clock clock) {
    this.db = db;
    this.clients = clients;
    this.plans = plans;
    this.encoder = encoder;
    this.clock = clock;
  }

  private record DemoClient(
      String name,
      String note,
      HeadSpec.Measured head,
      Hair hair,
      TapedLengths start,
      String family) {}

  private static final List<DemoClient> CLIENTS =
      List.of(
          new DemoClient(
              "Ansel Ruiter",
              "Neither just cut nor due. Whorl turns right.",
              new HeadSpec.Measured(572, 350.0, 330.0),
              new Hair(58, 0.37),
              new TapedLengths(112, 102, 92, 66, 72, 48),
              "quiet-side-part"),
          new DemoClient(
              "Bram Veldkamp",
              "Fine hair, wants the edge crisp.",
              new HeadSpec.Measured(588, null, null),
              new Hair(48, 0.35),
              new TapedLengths(96, 90, 84, 58, 64, 40),
              "gents-scissor-cut"),
          new DemoClient(
              "Cato Lindqvist",
              "Growing out the top. Mole behind the right ear.",
              new HeadSpec.Measured(548, 336.0, 318.0),
              new Hair(62, 0.38),
              new TapedLengths(140, 130, 120, 90, 95, 60),
              "quiet-side-part"),
          new DemoClient(
              "Demba Touray",
              "Dense, wavy. Likes it square.",
              new HeadSpec.Measured(565, 346.0, null),
              new Hair(75, 0.34),
              new TapedLengths(88, 86, 80, 62, 66, 44),
              "gents-scissor-cut"),
          new DemoClient(
              "Elin Haas",
              "Low crown, double whorl. Leave length there.",
              new HeadSpec.Measured(541, null, 312.0),
              new Hair(66, 0.36),
              new TapedLengths(125, 118, 110, 84, 88, 66),
              "quiet-side-part"),
          new DemoClient(
              "Freek Oost",
              "First visit; walked in from the ferry.",
              new HeadSpec.Measured(601, 362.0, 348.0),
              new Hair(60, 0.36),
              new TapedLengths(105, 98, 90, 70, 74, 52),
              null));

  @Override
  @Transactional
  public void run(ApplicationArguments args) {
    if (db.sql("select count(*) from shop").query(Long.class).single() > 0) {
      return;
    }
    long shop =
        db.sql("insert into shop (name, zone) values ('The Landing', :zone) returning id")
            .param("zone", ZONE)
            .query(Long.class)
            .single();
    long owner = person(shop, "Maud Terwiel", "maud", "OWNER");
    long stylist = person(shop, "Joris Pier", "joris", "STYLIST");
    OffsetDateTime now = OffsetDateTime.now(clock);
    List<Long> clientIds = new ArrayList<>();
    List<Long> planIds = new ArrayList<>();
    for (DemoClient d : CLIENTS) {
      long id = clients.add(shop, d.name(), d.note(), d.head(), d.hair(), d.start(), now);
      clientIds.add(id);
      planIds.add(
          d.family() == null
              ? null
              : plans.add(
                  id,
                  Families.on(Families.all().get(d.family()), d.head(), d.hair(), d.start()),
                  now));
    }
    week(shop, List.of(owner, stylist), clientIds, planIds);
  }

  private long person(long shop, String name, String signIn, String role) {
    return db.sql(
            """
            insert into person (shop_id, name, sign_in, password_hash, role)
            values (:shop, :name, :signIn, :hash, :role) returning id
            """)
        .param("shop", shop)
        .param("name", name)
        .param("signIn", signIn)
        .param("hash", encoder.encode(PASSWORD))
        .param("role", role)
        .query(Long.class)
        .single();
  }

  /** Seven days from this Monday, all six clients each day spread over two chairs. */
  private void week(long shop, List<Long> people, List<Long> clientIds, List<Long> planIds) {
    ZoneId zone = ZoneId.of(ZONE);
    LocalDate monday =
        LocalDate.now(clock.withZone(zone))
            .with(TemporalAdjusters.previousOrSame(DayOfWeek.MONDAY));
    for (int day = 0; day < 7; day++) {
      for (int k = 0; k < clientIds.size(); k++) {
        int who = (k + day) % clientIds.size();
        OffsetDateTime start =
            monday
                .plusDays(day)
                .atTime(LocalTime.of(9, 30).plusMinutes(75L * (k / 2) + 15L * (k % 2)))
                .atZone(zone)
                .toOffsetDateTime();
        db.sql(
                """
                insert into appointment (shop_id, person_id, client_id, plan_id, starts_at, ends_at)
                values (:shop, :person, :client, :plan, :start, :end)
                """)
            .param("shop", shop)
            .param("person", people.get(k % 2))
            .param("client", clientIds.get(who))
            .param("plan", planIds.get(who))
            .param("start", start)
            .param("end", start.plusMinutes(45))
            .update();
      }
    }
  }
}
