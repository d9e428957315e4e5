package kitetail.server.showing;

import java.security.SecureRandom;
import java.time.Clock;
import java.time.Duration;
import java.time.OffsetDateTime;
import java.util.Locale;
import java.util.Optional;
import java.util.UUID;
import kitetail.formats.json.PlanJson;
import kitetail.formats.words.Refused;
import kitetail.plan.Plan;
import kitetail.server.answer.Guests;
import kitetail.server.error.NotFoundException;
import org.jspecify.annotations.Nullable;
import org.springframework.jdbc.core.simple.JdbcClient;
import org.springframework.stereotype.Repository;
import org.springframework.transaction.annotation.Transactional;

/** Plans shown to their clients, and what they said yes to. */
@Repository
class ShowingRepository {
  /** A code is for the minute it is read out in. */
  private static final Duration CODE = Duration.ofMinutes(10);

  private static final Duration SHOWN = Duration.ofMinutes(30);
  private static final Duration KEPT = Duration.ofDays(1);
  private static final int CODES = 1_000_000;

  /** A showing under way, paired, of a client who is there. */
  private static final String UNDER_WAY =
      """
       from showing s join plan p on p.id = s.plan_id
       join present_client c on c.id = p.client_id
       where s.id = :key and s.code is null and s.ends_at > :now
      """;

  private final SecureRandom random = new SecureRandom();
  private final JdbcClient db;
  private final Clock clock;

  ShowingRepository(JdbcClient db, Clock clock) {
    this.db = db;
    this.clock = clock;
  }

  /**
   * @param code six digits to pair a screen with; null once one is
   * @param liked what the client said yes to; null while nothing
   */
  record Showing(
      UUID id,
      @Nullable String code,
      OffsetDateTime madeAt,
      OffsetDateTime endsAt,
      @Nullable String liked) {}

  /** Begins one with a code of its own; another of the same plan ends. */
  @Transactional
  Showing begin(long planId) {
    OffsetDateTime now = OffsetDateTime.now(clock);
    // What ended long ago is of no more use; its code may be another's.
    db.sql("delete from showing where ends_at < :old").param("old", now.minus(KEPT)).update();
    db.sql("update showing set code = null where made_at < :old")
        .param("old", now.minus(CODE))
        .update();
    end(planId);
    while (true) {
      Optional<Showing> made =
          db.sql(
                  """
                  insert into showing (plan_id, code, made_at, ends_at) values (:plan, :code, :now, :ends)
                  on conflict (code) do nothing returning id, code, made_at, ends_at, liked
                  """)
              .param("plan", planId)
              .param("code", String.format(Locale.ROOT, "%06d", random.nextInt(CODES)))
              .param("now", now)
              .param("ends", now.plus(SHOWN))
              .query(Showing.class)
              .optional();
      if (made.isPresent()) {
        return made.get();
      }
    }
  }

  /** The last of a plan, over or not. */
  Optional<Showing> last(long planId) {
    return db.sql(
            """
            select id, code, made_at, ends_at, liked from showing where plan_id = :plan
            order by made_at desc limit 1
            """)
        .param("plan", planId)
        .query(Showing.class)
        .optional();
  }

  void end(long planId) {
    OffsetDateTime now = OffsetDateTime.now(clock);
    db.sql(
            """
            update showing set code = null, ends_at = greatest(:now, made_at + interval '1 microsecond')
            where plan_id = :plan and ends_at > :now
            """)
        .param("plan", planId)
        .param("now", now)
        .update();
  }

  /** Pairs a screen: the code is used up. Empty when no plan is shown by it now. */
  Optional<Showing> pair(String code) {
    OffsetDateTime now = OffsetDateTime.now(clock);
    return db.sql(
            """
            update showing set code = null
            where code = :code and made_at > :since and ends_at > :now
            returning id, code, made_at, ends_at, liked
            """)
        .param("code", code)
        .param("since", now.minus(CODE))
        .param("now", now)
        .query(Showing.class)
        .optional();
  }

  /**
   * The plan shown, as it stands.
   *
   * @throws NotFoundException when it is over, or nothing is shown by this key
   */
  Plan plan(UUID key) {
    return underWay("p.document::text", key)
        .query(String.class)
        .optional()
        .map(PlanJson::read)
        .orElseThrow(() -> new NotFoundException(Refused.because("view-ended")));
  }

  /**
   * For whom a paired screen asks.
   *
   * @throws NotFoundException as {@link #plan} does
   */
  Guests.Guest guest(UUID key) {
    return underWay("c.shop_id as shop, p.id as of", key)
        .query(Guests.Guest.class)
        .optional()
        .orElseThrow(() -> new NotFoundException(Refused.because("view-ended")));
  }

  private JdbcClient.StatementSpec underWay(String what, UUID key) {
    return db.sql("select " + what + UNDER_WAY)
        .param("key", key)
        .param("now", OffsetDateTime.now(clock));
  }

  /**
   * @throws NotFoundException when nothing is shown by this key
   */
  Showing get(UUID key) {
    return db.sql("select id, code, made_at, ends_at, liked from showing where id = :key")
        .param("key", key)
        .query(Showing.class)
        .optional()
        .orElseThrow(() -> new NotFoundException(Refused.because("view-ended")));
  }

  void like(UUID key, String what) {
    db.sql("update showing set liked = :what, liked_at = :now where id = :key")
        .param("what", what)
        .param("now", OffsetDateTime.now(clock))
        .param("key", key)
        .update();
  }
}
