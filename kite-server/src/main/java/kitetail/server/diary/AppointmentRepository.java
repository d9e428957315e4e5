package kitetail.server.diary;

import java.sql.Types;
import java.time.OffsetDateTime;
import java.util.List;
import java.util.Optional;
import java.util.UUID;
import kitetail.formats.words.Refused;
import kitetail.server.error.NotFoundException;
import kitetail.server.error.StaleVersionException;
import kitetail.server.error.TakenException;
import org.jspecify.annotations.Nullable;
import org.springframework.dao.DataIntegrityViolationException;
import org.springframework.jdbc.core.simple.JdbcClient;
import org.springframework.stereotype.Repository;
import org.springframework.transaction.annotation.Transactional;

/**
 * Appointments. That no chair is booked twice is for the database to refuse, whoever asks at once.
 */
@Repository
public class AppointmentRepository {
  private static final String SELECT =
      """
      select a.id, a.version, a.starts_at, a.ends_at, a.by_own_pace, a.note, c.id as client_id, c.name as client_name,
        s.id as person_id, s.name as stylist,
        p.id as plan_id, p.document ->> 'title' as plan_title, p.version as plan_version,
        o.id as service_id, o.name as service, o.price_cents,
        case
          when a.missed_at is not null then 'DID_NOT_COME'
          when exists (select 1 from visit v where v.client_id = a.client_id
            and v.finished_at between a.starts_at - interval '4 hours' and a.ends_at + interval '4 hours') then 'DONE'
          when exists (select 1 from sitting t join plan q on q.id = t.plan_id where q.client_id = a.client_id
            and t.visit_id is null
            and t.started_at between a.starts_at - interval '4 hours' and a.ends_at + interval '4 hours')
            then 'IN_THE_CHAIR'
          when a.arrived_at is not null then 'HERE'
          else 'PLANNED'
        end as state
      from appointment a
      join present_client c on c.id = a.client_id
      join person s on s.id = a.person_id
      left join plan p on p.id = a.plan_id
      left join service o on o.id = a.service_id
      """;

  private final JdbcClient db;

  AppointmentRepository(JdbcClient db) {
    this.db = db;
  }

  public record Shop(String name, String zone) {}

  /** When a client comes next, and to whom. */
  public record Coming(
      long id, long version, OffsetDateTime startsAt, OffsetDateTime endsAt, String stylist) {}

  /** Who has a chair. */
  record Chair(long id, String name) {}

  /** Where an appointment stands: told, or seen by what was done at the chair around its time. */
  public enum State {
    PLANNED,
    HERE,
    IN_THE_CHAIR,
    DONE,
    DID_NOT_COME
  }

  /**
   * One appointment; the plan may not be made yet.
   *
   * @param byOwnPace as long as it is by what is known of the pace of whose chair it is in
   * @param service what it is booked for, where it is booked for something offered
   * @param priceCents what is asked for that, in the smallest coin
   */
  record Appointment(
      long id,
      long version,
      OffsetDateTime startsAt,
      OffsetDateTime endsAt,
      boolean byOwnPace,
      String note,
      long clientId,
      String clientName,
      long personId,
      String stylist,
      @Nullable Long planId,
      @Nullable String planTitle,
      @Nullable Long planVersion,
      @Nullable Long serviceId,
      @Nullable String service,
      @Nullable Long priceCents,
      State state) {}

  /**
   * What is to be booked.
   *
   * @param byOwnPace as long as that by what is known of the pace of whose chair it is
   */
  public record Slot(
      long personId,
      long clientId,
      @Nullable Long planId,
      @Nullable Long serviceId,
      OffsetDateTime startsAt,
      OffsetDateTime endsAt,
      boolean byOwnPace,
      String note) {}

  public Shop shop(long id) {
    return db.sql("select name, zone from shop where id = :id")
        .param("id", id)
        .query(Shop.class)
        .single();
  }

  /** Chairs somebody can be booked to, from the left. */
  List<Chair> chairs(long shopId) {
    return db.sql(
            """
            select id, name from person
            where shop_id = :shop and chair is not null and disabled_at is null order by chair, id
            """)
        .param("shop", shopId)
        .query(Chair.class)
        .list();
  }

  /** The same, and those of a time's appointments, whoever's they were. */
  List<Chair> chairs(long shopId, OffsetDateTime from, OffsetDateTime to) {
    return db.sql(
            """
            select id, name from person p
            where shop_id = :shop and (chair is not null and disabled_at is null
              or exists (select 1 from appointment a
                where a.person_id = p.id and a.starts_at >= :from and a.starts_at < :to))
            order by chair, id
            """)
        .param("shop", shopId)
        .param("from", from)
        .param("to", to)
        .query(Chair.class)
        .list();
  }

  List<Appointment> between(long shopId, OffsetDateTime from, OffsetDateTime to) {
    return db.sql(
            SELECT
                + """
                where a.shop_id = :shop and a.starts_at >= :from and a.starts_at < :to
                order by a.starts_at, a.id
                """)
        .param("shop", shopId)
        .param("from", from)
        .param("to", to)
        .query(Appointment.class)
        .list();
  }

  Appointment get(long shopId, long id) {
    return db.sql(SELECT + "where a.shop_id = :shop and a.id = :id")
        .param("shop", shopId)
        .param("id", id)
        .query(Appointment.class)
        .optional()
        .orElseThrow(() -> NotFoundException.of("appointment", id));
  }

  @Transactional
  public long book(long shopId, Slot s) {
    try {
      return db.sql(
              """
              insert into appointment
                (shop_id, person_id, client_id, plan_id, service_id, starts_at, ends_at, by_own_pace, note)
              values (:shop, :person, :client, :plan, :service, :from, :to, :ownPace, :note) returning id
              """)
          .param("shop", shopId)
          .param("person", s.personId())
          .param("client", s.clientId())
          .param("plan", s.planId(), Types.BIGINT)
          .param("service", s.serviceId(), Types.BIGINT)
          .param("from", s.startsAt())
          .param("to", s.endsAt())
          .param("ownPace", s.byOwnPace())
          .param("note", s.note())
          .query(Long.class)
          .single();
    } catch (DataIntegrityViolationException e) {
      throw taken(e);
    }
  }

  /** Moves an appointment to another time or chair; in another chair or longer it has no pace. */
  @Transactional
  long move(
      long shopId, long id, long version, long personId, OffsetDateTime from, OffsetDateTime to) {
    try {
      int done =
          db.sql(
                  """
                  update appointment set person_id = :person, starts_at = :from, ends_at = :to, version = version + 1,
                    by_own_pace = by_own_pace and person_id = :person
                      and ends_at - starts_at = cast(:to as timestamptz) - cast(:from as timestamptz)
                  where shop_id = :shop and id = :id and version = :version
                  """)
              .param("shop", shopId)
              .param("id", id)
              .param("version", version)
              .param("person", personId)
              .param("from", from)
              .param("to", to)
              .update();
      if (done == 0) {
        throw new StaleVersionException("appointment", version, get(shopId, id).version());
      }
      return version + 1;
    } catch (DataIntegrityViolationException e) {
      throw taken(e);
    }
  }

  record Move(long id, long version, OffsetDateTime from, OffsetDateTime to) {}

  /** A chair's appointments that begin after the one now in it and before a time. */
  List<Appointment> after(
      long shopId, long personId, OffsetDateTime now, OffsetDateTime freeAt, OffsetDateTime until) {
    return db.sql(
            SELECT
                + """
                where a.shop_id = :shop and a.person_id = :person and a.starts_at < :until and a.ends_at > :freeAt
                  and a.missed_at is null
                  and a.starts_at > coalesce((select max(b.starts_at) from appointment b
                    where b.person_id = :person and b.starts_at <= :now), '-infinity')
                order by a.starts_at, a.id
                """)
        .param("shop", shopId)
        .param("person", personId)
        .param("now", now)
        .param("freeAt", freeAt)
        .param("until", until)
        .query(Appointment.class)
        .list();
  }

  /** Moves several of one chair; the last first, so that none is ever upon another. */
  @Transactional
  public void push(long shopId, long personId, List<Move> moves) {
    moves.stream()
        .sorted(java.util.Comparator.comparing(Move::from).reversed())
        .forEach(m -> move(shopId, m.id(), m.version(), personId, m.from(), m.to()));
  }

  /**
   * Tells that a client is here, did not come, or neither.
   *
   * @throws TakenException when who was said not to have come is expected again, and the chair is
   *     somebody else's meanwhile
   */
  @Transactional
  void tell(
      long shopId, long id, @Nullable OffsetDateTime arrivedAt, @Nullable OffsetDateTime missedAt) {
    get(shopId, id);
    try {
      db.sql(
              """
              update appointment set arrived_at = :arrived, missed_at = :missed
              where shop_id = :shop and id = :id
              """)
          .param("arrived", arrivedAt, Types.TIMESTAMP_WITH_TIMEZONE)
          .param("missed", missedAt, Types.TIMESTAMP_WITH_TIMEZONE)
          .param("shop", shopId)
          .param("id", id)
          .update();
    } catch (DataIntegrityViolationException e) {
      throw taken(e);
    }
  }

  /** Whether a client has an appointment about a time. */
  boolean expected(long clientId, OffsetDateTime at) {
    return db.sql(
            """
            select exists (select 1 from appointment where client_id = :client and missed_at is null
              and starts_at between cast(:at as timestamptz) - interval '4 hours'
                and cast(:at as timestamptz) + interval '4 hours')
            """)
        .param("client", clientId)
        .param("at", at)
        .query(Boolean.class)
        .single();
  }

  /** A client's next appointment after a time; null when there is none. */
  public @Nullable Coming next(long shopId, long clientId, OffsetDateTime after) {
    Optional<Coming> found =
        db.sql(
                """
                select a.id, a.version, a.starts_at, a.ends_at, s.name as stylist
                from appointment a join person s on s.id = a.person_id
                where a.shop_id = :shop and a.client_id = :client and a.starts_at > :after and a.missed_at is null
                order by a.starts_at limit 1
                """)
            .param("shop", shopId)
            .param("client", clientId)
            .param("after", after)
            .query(Coming.class)
            .optional();
    return found.orElse(null);
  }

  /** When the next client of a chair comes after a time; null when nobody does. */
  @Nullable OffsetDateTime nextAfter(long personId, OffsetDateTime at) {
    return db.sql(
            """
            select min(starts_at) as next from appointment
            where person_id = :person and starts_at > :at and missed_at is null
            """)
        .param("person", personId)
        .param("at", at)
        .query((row, n) -> Optional.ofNullable(row.getObject("next", OffsetDateTime.class)))
        .single()
        .orElse(null);
  }

  /** Takes one off the diary; all that was known of it, as the database tells a row. */
  @Transactional
  String takeOff(long shopId, long id) {
    get(shopId, id);
    return db.sql(
            """
            delete from appointment where shop_id = :shop and id = :id
            returning to_jsonb(appointment)::text
            """)
        .param("shop", shopId)
        .param("id", id)
        .query(String.class)
        .optional()
        .orElseThrow(() -> NotFoundException.of("appointment", id));
  }

  /**
   * Puts one back as it was, but for a plan or a service that is gone since.
   *
   * @throws TakenException when the chair is somebody else's meanwhile
   */
  @Transactional
  void putBack(String row) {
    try {
      db.sql(
              """
              insert into appointment overriding system value
              select back.* from (select cast(:row as jsonb) as r) was,
                jsonb_populate_record(null::appointment, was.r || jsonb_build_object(
                  'plan_id', (select id from plan where id = cast(was.r ->> 'plan_id' as bigint)),
                  'service_id', (select id from service where id = cast(was.r ->> 'service_id' as bigint)))) back
              """)
          .param("row", row)
          .update();
    } catch (DataIntegrityViolationException e) {
      throw taken(e);
    }
  }

  private static RuntimeException taken(DataIntegrityViolationException e) {
    boolean overlaps =
        String.valueOf(e.getMessage()).contains("appointment_person_id_tstzrange_excl");
    return overlaps ? new TakenException(Refused.because("chair-taken")) : e;
  }

  /** The address of a person's feed; the one before no longer works when it is made anew. */
  UUID feed(long personId, boolean anew) {
    return db.sql(
            """
            update person set feed = case when :anew or feed is null then gen_random_uuid() else feed end
            where id = :id returning feed
            """)
        .param("id", personId)
        .param("anew", anew)
        .query(UUID.class)
        .single();
  }

  /** What a feed tells: the person's own appointments of a time. */
  List<Appointment> ofFeed(UUID feed, OffsetDateTime from, OffsetDateTime to) {
    return db.sql(
            SELECT
                + """
                where s.feed = :feed and a.starts_at >= :from and a.starts_at < :to
                order by a.starts_at, a.id
                """)
        .param("feed", feed)
        .param("from", from)
        .param("to", to)
        .query(Appointment.class)
        .list();
  }

  boolean known(UUID feed) {
    return db.sql("select exists (select 1 from person where feed = :feed)")
        .param("feed", feed)
        .query(Boolean.class)
        .single();
  }
}
