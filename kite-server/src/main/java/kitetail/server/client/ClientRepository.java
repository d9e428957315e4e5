package kitetail.server.client;

import java.time.OffsetDateTime;
import java.util.List;
import kitetail.formats.card.Contact;
import kitetail.server.error.NotFoundException;
import org.springframework.jdbc.core.simple.JdbcClient;
import org.springframework.stereotype.Repository;

/** The clients of a shop. Every question names the shop. */
@Repository
public class ClientRepository {
  private final JdbcClient db;

  ClientRepository(JdbcClient db) {
    this.db = db;
  }

  public List<Client> all(long shopId) {
    return db.sql(
            """
            select id, name, note, phone, email, created_at from present_client
            where shop_id = :shop order by name, id
            """)
        .param("shop", shopId)
        .query(Client.class)
        .list();
  }

  /**
   * @throws NotFoundException when the shop has no such client
   */
  public Client get(long shopId, long id) {
    return db.sql(
            """
            select id, name, note, phone, email, created_at from present_client
            where shop_id = :shop and id = :id
            """)
        .param("shop", shopId)
        .param("id", id)
        .query(Client.class)
        .optional()
        .orElseThrow(() -> NotFoundException.of("client", id));
  }

  public long add(long shopId, Contact c, OffsetDateTime now) {
    return db.sql(
            """
            insert into client (shop_id, name, note, phone, email, created_at)
            values (:shop, :name, :note, :phone, :email, :now)
            returning id
            """)
        .param("shop", shopId)
        .param("name", c.name())
        .param("note", c.note())
        .param("phone", c.phone())
        .param("email", c.email())
        .param("now", now)
        .query(Long.class)
        .single();
  }

  /**
   * @throws NotFoundException when the shop has no such client
   */
  public void correct(long shopId, long id, Contact c) {
    int found =
        db.sql(
                """
                update client set name = :name, note = :note, phone = :phone, email = :email
                where shop_id = :shop and id = :id and erased_at is null
                """)
            .param("name", c.name())
            .param("note", c.note())
            .param("phone", c.phone())
            .param("email", c.email())
            .param("shop", shopId)
            .param("id", id)
            .update();
    if (found == 0) {
      throw NotFoundException.of("client", id);
    }
  }

  /** From when on visits teach something of a client; null from the first. */
  public OffsetDateTime learntSince(long shopId, long id) {
    return db.sql("select learnt_since from client where shop_id = :shop and id = :id")
        .param("shop", shopId)
        .param("id", id)
        .query((rs, n) -> rs.getObject(1, OffsetDateTime.class))
        .list()
        .get(0);
  }

  public void learnFrom(long shopId, long id, OffsetDateTime since) {
    db.sql("update client set learnt_since = :since where shop_id = :shop and id = :id")
        .param("since", since)
        .param("shop", shopId)
        .param("id", id)
        .update();
  }
}
