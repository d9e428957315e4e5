package kitetail.server.records;

import java.time.Clock;
import java.time.Duration;
import java.time.OffsetDateTime;
import java.util.List;
import kitetail.server.client.ClientRepository;
import kitetail.server.error.Erased;
import kitetail.server.error.FieldException;
import kitetail.server.security.Person;
import org.springframework.jdbc.core.simple.JdbcClient;
import org.springframework.security.core.Authentication;
import org.springframework.security.core.context.SecurityContextHolder;
import org.springframework.stereotype.Component;
import org.springframework.transaction.annotation.Transactional;

/**
 * Clients erased at their wish. From the first moment nobody sees them and nothing is written for
 * them; a slip is undone within a day; then it is final: visits stay in the books with their times,
 * stylist and price, without whose they were or what was on the head.
 */
@Component
class Erasing implements Erased {
  static final Duration UNDONE_WITHIN = Duration.ofHours(24);

  /** What is said in the place of a name. */
  private static final String NOBODY = "Erased";

  /** Shorter names are found in other words too; what is left of them says nothing of anybody. */
  private static final int LEAST_NAME = 5;

  private static final List<String> THINGS =
      List.of(
          "select c.shop_id, 'client', c.id::text, c.id from client c where c.id = :client",
          "select c.shop_id, 'plan', t.id::text, c.id from plan t join client c on c.id = t.client_id where c.id = :client",
          "select c.shop_id, 'sitdown', t.id::text, c.id from sitdown t join client c on c.id = t.client_id where c.id = :client",
          "select c.shop_id, 'visit', t.id::text, c.id from visit t join client c on c.id = t.client_id where c.id = :client",
          "select c.shop_id, 'photo', t.id::text, c.id from photo t join client c on c.id = t.client_id where c.id = :client",
          "select c.shop_id, 'appointment', t.id::text, c.id from appointment t join client c on c.id = t.client_id where c.id = :client",
          """
          select c.shop_id, 'sitting', t.token::text, c.id from sitting t join plan p on p.id = t.plan_id
            join client c on c.id = p.client_id where c.id = :client\
          """);

  private static final List<String> FINAL =
      List.of(
          "delete from photo where client_id = :client",
          "delete from standin_outbox o using message m where m.client_id = :client and o.key = m.key",
          "delete from message where client_id = :client",
          "delete from waiting where client_id = :client",
          "update appointment set note = '', plan_id = null where client_id = :client",
          "delete from sitting where plan_id in (select id from plan where client_id = :client)",
          "delete from plan_version where plan_id in (select id from plan where client_id = :client)",
          "delete from sitdown where client_id = :client",
          "update kit_event set client_id = null where client_id = :client",
          """
          update visit set remarks = '', document = jsonb_build_object('version', document -> 'version',
            'title', 'Erased', 'moves', '[]'::jsonb) where client_id = :client
          """,
          """
          update plan set document = jsonb_build_object('version', document -> 'version', 'title', 'Erased',
            'moves', '[]'::jsonb) where client_id = :client
          """);

  private final JdbcClient db;
  private final ClientRepository clients;
  private final Clock clock;

  Erasing(JdbcClient db, ClientRepository clients, Clock clock) {
    this.db = db;
    this.clients = clients;
    this.clock = clock;
  }

  /**
   * @param finalAt until when it can be undone
   */
  record Waiting(long id, String name, OffsetDateTime finalAt) {}

  /** Puts a client away: out of sight at once, and what is booked is let go. */
  @Transactional
  public void erase(long shopId, long clientId) {
    clients.get(shopId, clientId);
    OffsetDateTime now = OffsetDateTime.now(clock);
    THINGS.forEach(
        t ->
            db.sql("insert into erased_thing (shop_id, kind, key, client_id) " + t)
                .param("client", clientId)
                .update());
    db.sql("delete from appointment where client_id = :client and starts_at > :now")
        .param("client", clientId)
        .param("now", now)
        .update();
    db.sql("update client set erased_at = :now where id = :client")
        .param("now", now)
        .param("client", clientId)
        .update();
  }

  /** Who can still be brought back. */
  List<Waiting> waiting(long shopId) {
    return db.sql(
            """
            select id, name, erased_at from client
            where shop_id = :shop and erased_at is not null and erased_final_at is null order by erased_at
            """)
        .param("shop", shopId)
        .query(
            (rs, n) ->
                new Waiting(
                    rs.getLong(1),
                    rs.getString(2),
                    rs.getObject(3, OffsetDateTime.class).plus(UNDONE_WITHIN)))
        .list();
  }

  /**
   * @throws FieldException when it is final
   */
  @Transactional
  public void undo(long shopId, long clientId) {
    int back =
        db.sql(
                """
                update client set erased_at = null
                where shop_id = :shop and id = :client and erased_at is not null and erased_final_at is null
                """)
            .param("shop", shopId)
            .param("client", clientId)
            .update();
    if (back == 0) {
      throw new FieldException(
          "id", Long.toString(clientId), "allowed a client erased in the last 24 hours");
    }
    db.sql("delete from erased_thing where client_id = :client").param("client", clientId).update();
  }

  /** Makes final what can no longer be undone. */
  @Transactional
  public void finish() {
    db.sql("set local kitetail.erasing = 'on'").update();
    db.sql(
            """
            select id from client where erased_final_at is null and erased_at < :before
            order by id for update skip locked
            """)
        .param("before", OffsetDateTime.now(clock).minus(UNDONE_WITHIN))
        .query(Long.class)
        .list()
        .forEach(this::forGood);
  }

  private void forGood(long clientId) {
    nameOutOfFamilies(clientId);
    FINAL.forEach(gone -> db.sql(gone).param("client", clientId).update());
    db.sql(
            """
            update client set name = :nobody, note = '', phone = '', email = '', learnt_since = null,
              erased_final_at = :now where id = :client
            """)
        .param("nobody", NOBODY)
        .param("now", OffsetDateTime.now(clock))
        .param("client", clientId)
        .update();
  }

  /** A shop's own shape may have been named after whom it was first cut for. */
  private void nameOutOfFamilies(long clientId) {
    db.sql(
            """
            update family f set document = replace(f.document::text, c.name, :nobody)::jsonb
            from client c where c.id = :client and f.shop_id = c.shop_id and length(c.name) >= :least
              and position(c.name in f.document::text) > 0
            """)
        .param("nobody", NOBODY)
        .param("client", clientId)
        .param("least", LEAST_NAME)
        .update();
  }

  @Override
  public boolean was(String kind, String key) {
    Authentication who = SecurityContextHolder.getContext().getAuthentication();
    return who != null
        && who.getPrincipal() instanceof Person p
        && db.sql(
                "select exists (select 1 from erased_thing where shop_id = :shop and kind = :kind and key = :key)")
            .param("shop", p.shopId())
            .param("kind", kind)
            .param("key", key)
            .query(Boolean.class)
            .single();
  }
}
