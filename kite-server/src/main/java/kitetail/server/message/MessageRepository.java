package kitetail.server.message;

import java.time.LocalDate;
import java.time.OffsetDateTime;
import java.util.List;
import java.util.Optional;
import org.jspecify.annotations.Nullable;
import org.springframework.jdbc.core.simple.JdbcClient;
import org.springframework.stereotype.Repository;

/** Messages made and sent. A message's key says what it is about: the same is never made twice. */
@Repository
class MessageRepository {
  private static final int SHOWN = 200;
  private static final int AT_ONCE = 500;

  private final JdbcClient db;

  MessageRepository(JdbcClient db) {
    this.db = db;
  }

  /** An appointment whose client is to be reminded. */
  record Coming(
      long id,
      long shopId,
      String shop,
      String zone,
      long clientId,
      String address,
      String stylist,
      OffsetDateTime startsAt) {}

  /** A client who could come back and has not booked. */
  record Away(
      long visitId, long shopId, String shop, long clientId, String address, LocalDate returnOn) {}

  /**
   * @param appointmentId what a reminder reminds of; null for all else
   * @param aboutAt when that begins
   */
  record New(
      String key,
      long shopId,
      long clientId,
      String kind,
      String address,
      String words,
      OffsetDateTime madeAt,
      @Nullable Long appointmentId,
      OffsetDateTime aboutAt) {}

  /**
   * @param tries how often it was refused so far
   */
  record Unsent(long id, String key, String address, String words, int tries) {}

  /** A message in the outbox. */
  record MessageRow(
      long id,
      long clientId,
      String clientName,
      Kind kind,
      String address,
      String words,
      OffsetDateTime madeAt,
      @Nullable OffsetDateTime sentAt,
      @Nullable OffsetDateTime nextTryAt,
      @Nullable OffsetDateTime givenUpAt,
      @Nullable String why) {}

  /** A shop as it signs, and its clock. */
  record From(String shop, String zone) {}

  private static final String COMING =
      """
      select a.id, a.shop_id, s.name as shop, s.zone, c.id as client_id,
        coalesce(nullif(c.phone, ''), c.email) as address, p.name as stylist, a.starts_at
      from appointment a
      join shop s on s.id = a.shop_id
      join present_client c on c.id = a.client_id
      join person p on p.id = a.person_id
      """;

  From from(long shopId) {
    return db.sql("select name as shop, zone from shop where id = :id")
        .param("id", shopId)
        .query(From.class)
        .single();
  }

  /** One appointment of a shop's, whether or not there is an address to write to. */
  Optional<Coming> coming(long shopId, long appointment) {
    return db.sql(COMING + "where a.shop_id = :shop and a.id = :id")
        .param("shop", shopId)
        .param("id", appointment)
        .query(Coming.class)
        .optional();
  }

  /**
   * Who is to be reminded: neither those who were, nor those who were told of this very time since
   * they would have been.
   */
  List<Coming> coming(OffsetDateTime now, OffsetDateTime until) {
    return db.sql(
            COMING
                + """
                where a.starts_at > :now and a.starts_at <= :until and (c.phone <> '' or c.email <> '')
                  and not exists (select 1 from message m
                    where m.key = 'reminder/' || a.id || '/' || floor(extract(epoch from a.starts_at))::bigint
                      or m.key = 'moved/' || a.id || '/' || floor(extract(epoch from a.starts_at))::bigint
                        and m.made_at > a.starts_at - interval '24 hours')
                order by a.starts_at, a.id limit :most
                """)
        .param("now", now)
        .param("until", until)
        .param("most", AT_ONCE)
        .query(Coming.class)
        .list();
  }

  /** Who was last cut for a return between two days and has nothing booked. */
  List<Away> away(OffsetDateTime now, LocalDate from, LocalDate to) {
    return db.sql(
            """
            select v.id as visit_id, c.shop_id, s.name as shop, c.id as client_id,
              coalesce(nullif(c.phone, ''), c.email) as address, v.return_on
            from visit v
            join present_client c on c.id = v.client_id
            join shop s on s.id = c.shop_id
            where v.return_on between :from and :to and (c.phone <> '' or c.email <> '')
              and not exists (select 1 from visit w where w.client_id = c.id and w.finished_at > v.finished_at)
              and not exists (select 1 from appointment a where a.client_id = c.id and a.starts_at > :now)
              and not exists (select 1 from message m where m.key = 'return/' || v.id)
            order by v.return_on, v.id limit :most
            """)
        .param("now", now)
        .param("from", from)
        .param("to", to)
        .param("most", AT_ONCE)
        .query(Away.class)
        .list();
  }

  void make(New m) {
    db.sql(
            """
            insert into message (key, shop_id, client_id, kind, address, words, made_at, appointment_id, about_at)
            values (:key, :shop, :client, :kind, :address, :words, :at, :appointment, :about)
            on conflict (key) do nothing
            """)
        .param("key", m.key())
        .param("shop", m.shopId())
        .param("client", m.clientId())
        .param("kind", m.kind())
        .param("address", m.address())
        .param("words", m.words())
        .param("at", m.madeAt())
        .param("appointment", m.appointmentId())
        .param("about", m.aboutAt())
        .update();
  }

  /** What is due to be handed over, the longest due first; nothing of who was erased. */
  List<Unsent> due(OffsetDateTime now) {
    return db.sql(
            """
            select m.id, m.key, m.address, m.words, m.tries
            from message m join present_client c on c.id = m.client_id
            where m.sent_at is null and m.given_up_at is null and m.next_try_at <= :now
            order by m.next_try_at, m.id limit :most
            """)
        .param("now", now)
        .param("most", AT_ONCE)
        .query(Unsent.class)
        .list();
  }

  /**
   * Whether it is still so: an appointment that was moved, cancelled or has begun is not reminded
   * of, nobody is invited who has booked.
   */
  boolean holds(long id, OffsetDateTime now) {
    return db.sql(
            """
            select case m.kind
              when 'RETURN' then not exists (select 1 from appointment a
                where a.client_id = m.client_id and a.starts_at > :now)
              else exists (select 1 from appointment a
                where a.id = m.appointment_id and a.starts_at = m.about_at and a.starts_at > :now)
              end
            from message m where m.id = :id
            """)
        .param("id", id)
        .param("now", now)
        .query(Boolean.class)
        .single();
  }

  void later(long id, String why, OffsetDateTime at) {
    db.sql("update message set tries = tries + 1, why = :why, next_try_at = :at where id = :id")
        .param("id", id)
        .param("why", why)
        .param("at", at)
        .update();
  }

  /**
   * @param why what the gateway said; null when it is no longer so
   */
  void giveUp(long id, @Nullable String why, OffsetDateTime at) {
    db.sql("update message set why = :why, given_up_at = :at where id = :id and sent_at is null")
        .param("id", id)
        .param("why", why)
        .param("at", at)
        .update();
  }

  void sent(long id, OffsetDateTime at) {
    db.sql("update message set sent_at = :at where id = :id and sent_at is null")
        .param("id", id)
        .param("at", at)
        .update();
  }

  List<MessageRow> ofShop(long shopId) {
    return db.sql(
            """
            select m.id, m.client_id, c.name as client_name, m.kind, m.address, m.words, m.made_at, m.sent_at,
              case when m.tries > 0 then m.next_try_at end as next_try_at, m.given_up_at, m.why
            from message m join present_client c on c.id = m.client_id
            where m.shop_id = :shop order by m.made_at desc, m.id desc limit :most
            """)
        .param("shop", shopId)
        .param("most", SHOWN)
        .query(MessageRow.class)
        .list();
  }
}
