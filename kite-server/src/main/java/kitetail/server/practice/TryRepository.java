package kitetail.server.practice;

import java.time.OffsetDateTime;
import java.util.List;
import java.util.UUID;
import kitetail.formats.json.PlanJson;
import kitetail.formats.json.PracticeJson;
import kitetail.formats.words.Refused;
import kitetail.practice.Attempt;
import kitetail.practice.Cause;
import kitetail.practice.Drill;
import kitetail.practice.Score;
import kitetail.practice.Seen;
import kitetail.server.error.TakenException;
import org.springframework.jdbc.core.simple.JdbcClient;
import org.springframework.stereotype.Repository;
import tools.jackson.core.type.TypeReference;

/** Tries of drills, each stored once under its token. */
@Repository
class TryRepository {
  private final JdbcClient db;

  TryRepository(JdbcClient db) {
    this.db = db;
  }

  /** One try as it was scored. */
  record Row(
      long id,
      OffsetDateTime triedAt,
      Drill drill,
      long seed,
      int level,
      boolean leftHand,
      double seconds,
      double share,
      boolean good,
      double mean,
      double spread,
      Cause cause,
      List<Seen> seen) {}

  private record Stored(
      long id,
      OffsetDateTime triedAt,
      String drill,
      long seed,
      int level,
      boolean leftHand,
      double seconds,
      double share,
      boolean good,
      double mean,
      double spread,
      String cause,
      String seen) {
    Row read() {
      return new Row(
          id,
          triedAt,
          Drill.valueOf(drill),
          seed,
          level,
          leftHand,
          seconds,
          share,
          good,
          mean,
          spread,
          Cause.valueOf(cause),
          TryRepository.seen(seen));
    }
  }

  /** What somebody agreed to. */
  record Agreed(boolean used, boolean shown) {}

  /**
   * Stores a try; one that is known already is stored once.
   *
   * @throws TakenException when another one is known by that token
   */
  void add(long personId, UUID token, OffsetDateTime at, Attempt a, Score s) {
    int stored =
        db.sql(
                """
            insert into practice_try (token, person_id, tried_at, drill, seed, level, left_hand, seconds,
              share, good, mean, spread, cause, seen, attempt)
            values (:token, :person, :at, :drill, :seed, :level, :left, :seconds,
              :share, :good, :mean, :spread, :cause, cast(:seen as jsonb), cast(:attempt as jsonb))
            on conflict (token) do nothing
            """)
            .param("token", token)
            .param("person", personId)
            .param("at", at)
            .param("drill", a.drill().name())
            .param("seed", a.seed())
            .param("level", a.level())
            .param("left", a.leftHand())
            .param("seconds", a.seconds())
            .param("share", s.share())
            .param("good", s.good())
            .param("mean", s.mean())
            .param("spread", s.spread())
            .param("cause", s.cause().name())
            .param("seen", PlanJson.json().writeValueAsString(s.seen()))
            .param("attempt", PracticeJson.tree(a).toString())
            .update();
    if (stored == 0 && !same(personId, token, a)) {
      throw new TakenException(Refused.because("other-try"));
    }
  }

  private boolean same(long personId, UUID token, Attempt a) {
    return db.sql(
            """
            select person_id = :person and attempt = cast(:attempt as jsonb)
            from practice_try where token = :token
            """)
        .param("person", personId)
        .param("attempt", PracticeJson.tree(a).toString())
        .param("token", token)
        .query(Boolean.class)
        .single();
  }

  /** What counts of one person and hand, the oldest first, at most the last thousand. */
  List<Row> of(long personId, boolean leftHand) {
    return db
        .sql(
            """
            select * from (
              select t.id, tried_at, drill, seed, level, left_hand, seconds, share, good, mean, spread, cause,
                seen::text seen
              from practice_try t where person_id = :person and left_hand = :left
              order by tried_at desc, t.id desc limit 1000) last
            order by tried_at, id
            """)
        .param("person", personId)
        .param("left", leftHand)
        .query(Stored.class)
        .list()
        .stream()
        .map(Stored::read)
        .toList();
  }

  Agreed agreed(long personId) {
    return db.sql("select practice_used used, practice_shown shown from person where id = :person")
        .param("person", personId)
        .query(Agreed.class)
        .single();
  }

  void agree(long personId, Agreed a) {
    db.sql("update person set practice_used = :used, practice_shown = :shown where id = :person")
        .param("used", a.used())
        .param("shown", a.shown())
        .param("person", personId)
        .update();
  }

  /** Whether somebody cuts with the left hand. */
  boolean leftHanded(long personId) {
    return db.sql("select left_handed from person where id = :person")
        .param("person", personId)
        .query(Boolean.class)
        .single();
  }

  void cutsWith(long personId, boolean leftHand) {
    db.sql("update person set left_handed = :left where id = :person")
        .param("left", leftHand)
        .param("person", personId)
        .update();
  }

  void forget(long personId) {
    db.sql("delete from practice_try where person_id = :person").param("person", personId).update();
    db.sql("delete from hand_seen where person_id = :person").param("person", personId).update();
  }

  /** What a visit showed of the hand they cut with, of who tied it off; once. */
  void visited(long visitId, long personId, OffsetDateTime at, List<Seen> seen) {
    db.sql(
            """
            insert into hand_seen (visit_id, person_id, left_hand, seen_at, seen)
            select :visit, id, left_handed, :at, cast(:seen as jsonb) from person where id = :person
            on conflict (visit_id) do nothing
            """)
        .param("visit", visitId)
        .param("person", personId)
        .param("at", at)
        .param("seen", PlanJson.json().writeValueAsString(seen))
        .update();
  }

  /** What one visit showed of the hand. */
  record Visit(OffsetDateTime at, List<Seen> seen) {}

  private record StoredVisit(OffsetDateTime seenAt, String seen) {}

  /** What somebody's visits showed of a hand, the oldest first, at most the last thousand. */
  List<Visit> visits(long personId, boolean leftHand) {
    return db
        .sql(
            """
            select * from (
              select seen_at, seen::text seen from hand_seen
              where person_id = :person and left_hand = :left
              order by seen_at desc, visit_id desc limit 1000) last
            order by seen_at
            """)
        .param("person", personId)
        .param("left", leftHand)
        .query(StoredVisit.class)
        .list()
        .stream()
        .map(v -> new Visit(v.seenAt(), seen(v.seen())))
        .toList();
  }

  private static List<Seen> seen(String json) {
    return PlanJson.json().readValue(json, new TypeReference<List<Seen>>() {});
  }

  /** Somebody who practises and agreed to be seen. */
  record Learner(long id, String name) {}

  List<Learner> learners(long shopId) {
    return db.sql(
            """
            select id, name from person
            where shop_id = :shop and practice_shown and disabled_at is null order by name, id
            """)
        .param("shop", shopId)
        .query(Learner.class)
        .list();
  }
}
