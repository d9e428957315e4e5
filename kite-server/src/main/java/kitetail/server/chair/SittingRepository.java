package kitetail.server.chair;

import java.time.Duration;
import java.time.OffsetDateTime;
import java.util.List;
import java.util.Optional;
import java.util.UUID;
import kitetail.formats.json.ChairJson;
import kitetail.formats.json.PlanJson;
import kitetail.formats.words.Refused;
import kitetail.plan.Plan;
import kitetail.server.error.FieldException;
import kitetail.server.error.NotFoundException;
import kitetail.shopday.Entry;
import kitetail.shopday.Logged;
import kitetail.shopday.Sitting;
import org.jspecify.annotations.Nullable;
import org.springframework.jdbc.core.simple.JdbcClient;
import org.springframework.stereotype.Repository;
import org.springframework.transaction.annotation.Transactional;

/** Sittings and what was written down in them. */
@Repository
public class SittingRepository {
  private final JdbcClient db;

  SittingRepository(JdbcClient db) {
    this.db = db;
  }

  record Head(UUID token, long planId, OffsetDateTime startedAt, String document) {
    Plan plan() {
      return PlanJson.read(document);
    }
  }

  /**
   * Who sends, and from where.
   *
   * @param aheadMs how far the device's clock is ahead of the server's
   */
  record From(UUID device, long personId, long aheadMs) {}

  /** One entry as a device sent it. */
  record Sent(int number, OffsetDateTime at, Entry entry) {}

  record Stored(long id, UUID device, int number, OffsetDateTime at, String entry) {}

  /** Two entries of one device under one number: both were done, and one of them is not stored. */
  static class OtherException extends RuntimeException {
    private static final long serialVersionUID = 1L;

    OtherException(int number) {
      super(Refused.because("other-entry", "number", String.valueOf(number)));
    }
  }

  /** A gap: the device's next number has to be {@code expected}. */
  static class GapException extends RuntimeException {
    final int expected;

    GapException(int expected) {
      super(Refused.because("entries-missing", "expected", String.valueOf(expected)));
      this.expected = expected;
    }
  }

  /**
   * @param anew whether it was begun just now
   */
  record Begun(Head sitting, boolean anew) {}

  /** The sitting that goes on for a plan; begun now when there is none. */
  @Transactional
  Begun begin(long planId, long personId, UUID token, OffsetDateTime at) {
    int begun =
        db.sql(
                """
            insert into sitting (token, plan_id, person_id, document, started_at)
            select :token, p.id, :person, p.document, :at from plan p where p.id = :plan
            on conflict do nothing
            """)
            .param("token", token)
            .param("person", personId)
            .param("at", at)
            .param("plan", planId)
            .update();
    Head now =
        running(planId)
            .orElseThrow(
                () ->
                    new NotFoundException(
                        Refused.because("sitting-finished", "token", token.toString())));
    return new Begun(now, begun > 0);
  }

  /** The sitting that goes on for a plan, if any. */
  Optional<Head> running(long planId) {
    return db.sql(
            """
            select token, plan_id, started_at, document::text from sitting
            where plan_id = :plan and visit_id is null
            """)
        .param("plan", planId)
        .query(Head.class)
        .optional();
  }

  Head get(long shopId, UUID token) {
    return db.sql(
            """
            select s.token, s.plan_id, s.started_at, s.document::text
            from sitting s join plan p on p.id = s.plan_id join present_client c on c.id = p.client_id
            where s.token = :token and c.shop_id = :shop
            """)
        .param("token", token)
        .param("shop", shopId)
        .query(Head.class)
        .optional()
        .orElseThrow(() -> NotFoundException.of("sitting", token));
  }

  /** Entries that came in after one; 0 for all. */
  List<Stored> entries(UUID token, long afterId) {
    return db.sql(
            """
            select id, device, number, at - ahead_ms * interval '1 millisecond' as at, entry::text from sitting_entry
            where sitting = :token and id > :after order by id
            """)
        .param("token", token)
        .param("after", afterId)
        .query(Stored.class)
        .list();
  }

  /**
   * Stores a device's entries in their order, each once however often it is sent.
   *
   * @return how many of the device's entries are stored now
   * @throws GapException when one before them is missing
   * @throws OtherException when another is stored under the same number
   */
  @Transactional
  int add(UUID token, From from, List<Sent> sent) {
    UUID device = from.device;
    // One device's entries at a time: a second try of the same ones waits here.
    db.sql("select token from sitting where token = :token for update")
        .param("token", token)
        .query()
        .singleRow();
    int next =
        db.sql(
                """
                select coalesce(max(number) + 1, 0) from sitting_entry
                where sitting = :token and device = :device
                """)
            .param("token", token)
            .param("device", device)
            .query(Integer.class)
            .single();
    for (Sent s : sent) {
      if (s.number() > next) {
        throw new GapException(next);
      }
      String entry = ChairJson.tree(s.entry()).toString();
      if (s.number() < next) {
        same(token, device, s, entry);
      } else {
        db.sql(
                """
                insert into sitting_entry (sitting, device, number, at, entry, ahead_ms, person_id)
                values (:token, :device, :number, :at, cast(:entry as jsonb), :ahead, :person)
                """)
            .param("token", token)
            .param("device", device)
            .param("number", s.number())
            .param("at", s.at())
            .param("entry", entry)
            .param("ahead", from.aheadMs)
            .param("person", from.personId)
            .update();
        next++;
      }
    }
    return next;
  }

  private void same(UUID token, UUID device, Sent s, String entry) {
    boolean same =
        db.sql(
                """
                select entry = cast(:entry as jsonb) and at = :at from sitting_entry
                where sitting = :token and device = :device and number = :number
                """)
            .param("entry", entry)
            .param("at", s.at())
            .param("token", token)
            .param("device", device)
            .param("number", s.number())
            .query(Boolean.class)
            .single();
    if (!same) {
      throw new OtherException(s.number());
    }
  }

  /**
   * A sitting that is being tied off.
   *
   * @param stands what was written down in it
   */
  public record Cut(OffsetDateTime startedAt, Sitting stands) {}

  /**
   * What was cut in a sitting; null when there was none.
   *
   * @throws FieldException when the sitting is of another plan
   */
  public @Nullable Cut cut(long shopId, UUID token, long planId) {
    Long of =
        db.sql("select plan_id from sitting where token = :token")
            .param("token", token)
            .query(Long.class)
            .optional()
            .orElse(null);
    if (of == null) {
      return null;
    }
    if (of != planId) {
      throw new FieldException(
          "$.planId", Long.toString(planId), "allowed " + of + ", the plan of this sitting");
    }
    Head h = get(shopId, token);
    return new Cut(h.startedAt(), stands(h));
  }

  /** What was done in a visit; null when nothing was written down. */
  public Sitting ofVisit(long shopId, long visitId) {
    return db.sql("select token from sitting where visit_id = :visit")
        .param("visit", visitId)
        .query(UUID.class)
        .optional()
        .map(token -> stands(get(shopId, token)))
        .orElse(null);
  }

  /** What stands after all that was written down, by the devices' clocks. */
  private Sitting stands(Head h) {
    List<Logged> log =
        entries(h.token(), 0).stream()
            .map(
                s ->
                    new Logged(
                        Duration.between(h.startedAt(), s.at()).toMillis() / 1000.0,
                        s.device(),
                        s.number(),
                        ChairJson.entry(s.entry())))
            .sorted(java.util.Comparator.comparingDouble(Logged::atSec))
            .toList();
    return Sitting.of(h.plan(), log);
  }
}
