package kitetail.server.visit;

import java.time.Duration;
import java.time.LocalDate;
import java.time.OffsetDateTime;
import java.time.ZoneId;
import java.time.temporal.ChronoUnit;
import java.util.List;
import java.util.UUID;
import kitetail.formats.json.PlanJson;
import kitetail.formats.words.Refused;
import kitetail.plan.Plan;
import kitetail.server.error.NotFoundException;
import kitetail.server.error.TakenException;
import org.jspecify.annotations.Nullable;
import org.springframework.jdbc.core.simple.JdbcClient;
import org.springframework.stereotype.Repository;
import org.springframework.transaction.annotation.Transactional;

/** Visits: what was done, with the plan as it was cut. */
@Repository
public class VisitRepository {
  /** How long the work of a visit v took, its pauses left out. */
  public static final String MINUTES =
      "greatest(0, round((extract(epoch from v.finished_at - v.started_at) - v.paused_sec) / 60))::bigint";

  private final JdbcClient db;

  VisitRepository(JdbcClient db) {
    this.db = db;
  }

  /**
   * A visit in a client's history.
   *
   * @param liked what the client said yes to on the day, shown it before; null when nothing
   */
  public record Row(
      long id,
      long planId,
      String title,
      String stylist,
      OffsetDateTime finishedAt,
      long minutes,
      int movesDone,
      String remarks,
      @Nullable Long priceCents,
      @Nullable String liked) {}

  private static final String SELECT =
      """
      select v.id, v.plan_id, v.document ->> 'title' as title, p.name as stylist, v.finished_at,
        %s as minutes, v.moves_done, v.remarks, v.price_cents, v.liked
      from visit v join present_client c on c.id = v.client_id join person p on p.id = v.person_id
      where c.shop_id = :shop
      """
          .formatted(MINUTES);

  /** The newest first. */
  public List<Row> ofClient(long shopId, long clientId) {
    return db.sql(SELECT + " and c.id = :client order by v.finished_at desc")
        .param("shop", shopId)
        .param("client", clientId)
        .query(Row.class)
        .list();
  }

  /**
   * @throws NotFoundException when the shop has no such visit
   */
  public Row get(long shopId, long id) {
    return db.sql(SELECT + " and v.id = :id")
        .param("shop", shopId)
        .param("id", id)
        .query(Row.class)
        .optional()
        .orElseThrow(() -> NotFoundException.of("visit", id));
  }

  /** The plan of a visit as it was cut. */
  public Plan plan(long shopId, long id) {
    return db.sql(
            """
            select v.document::text from visit v join present_client c on c.id = v.client_id
            where c.shop_id = :shop and v.id = :id
            """)
        .param("shop", shopId)
        .param("id", id)
        .query(String.class)
        .optional()
        .map(PlanJson::read)
        .orElseThrow(() -> NotFoundException.of("visit", id));
  }

  /**
   * Stores a visit once, however often it is sent, and ties off its sitting.
   *
   * @throws TakenException when it was tied off at another time: by somebody else, or on another
   *     tablet
   * @param cut the plan as it was cut; null for the plan as it stands
   * @param pausedSec how long the work stood still
   * @param returnOn the day from which coming back makes sense
   * @param priceCents what was asked for it, in the smallest coin; null when it is not kept
   */
  @Transactional
  public long add(
      UUID token,
      long planId,
      Plan cut,
      long personId,
      OffsetDateTime from,
      OffsetDateTime to,
      int pausedSec,
      int movesDone,
      String remarks,
      LocalDate returnOn,
      Long priceCents) {
    db.sql(
            """
            insert into visit (token, client_id, plan_id, person_id, document, started_at, finished_at, paused_sec, moves_done,
              remarks, return_on, price_cents, liked)
            select :token, p.client_id, p.id, :person, coalesce(cast(:cut as jsonb), p.document), :from, :to, :paused, :done,
              :remarks, :returnOn, :price,
              (select s.liked from showing s
                where s.plan_id = p.id and s.liked_at between cast(:from as timestamptz) - interval '12 hours' and :to
                order by s.liked_at desc limit 1)
            from plan p where p.id = :plan
            on conflict (token) do nothing
            """)
        .param("cut", cut == null ? null : PlanJson.write(cut))
        .param("token", token)
        .param("person", personId)
        .param("from", from)
        .param("to", to)
        .param("paused", pausedSec)
        .param("done", movesDone)
        .param("remarks", remarks)
        .param("returnOn", returnOn)
        .param("price", priceCents)
        .param("plan", planId)
        .update();
    record Tied(long id, OffsetDateTime finishedAt, String stylist, String zone) {}
    Tied tied =
        db.sql(
                """
                select v.id, v.finished_at, p.name as stylist, s.zone
                from visit v join person p on p.id = v.person_id join shop s on s.id = p.shop_id where v.token = :token
                """)
            .param("token", token)
            .query(Tied.class)
            .single();
    // What a database keeps has no nanoseconds.
    if (Duration.between(tied.finishedAt, to).abs().toMillis() > 0) {
      throw new TakenException(
          Refused.because(
              "tied-off",
              "stylist",
              tied.stylist,
              "at",
              tied.finishedAt
                  .atZoneSameInstant(ZoneId.of(tied.zone))
                  .toLocalTime()
                  .truncatedTo(ChronoUnit.MINUTES)
                  .toString()));
    }
    long id = tied.id;
    db.sql("update sitting set visit_id = :visit where token = :token")
        .param("visit", id)
        .param("token", token)
        .update();
    return id;
  }
}
