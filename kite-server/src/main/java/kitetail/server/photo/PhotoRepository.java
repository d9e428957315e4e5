package kitetail.server.photo;

import java.time.OffsetDateTime;
import java.util.List;
import java.util.UUID;
import kitetail.server.error.NotFoundException;
import org.jspecify.annotations.Nullable;
import org.springframework.jdbc.core.simple.JdbcClient;
import org.springframework.stereotype.Repository;

/** Photographs. Every question names the shop. */
@Repository
public class PhotoRepository {
  private final JdbcClient db;

  PhotoRepository(JdbcClient db) {
    this.db = db;
  }

  /**
   * @param visitId of the visit it was taken in; null when in none
   */
  public record PhotoRow(
      long id, OffsetDateTime takenAt, int width, int height, @Nullable Long visitId) {}

  long add(long clientId, UUID sitting, long personId, OffsetDateTime at, Shrunk s) {
    return db.sql(
            """
            insert into photo (client_id, sitting, person_id, taken_at, width, height, jpeg)
            values (:client, :sitting, :person, :at, :width, :height, :jpeg) returning id
            """)
        .param("client", clientId)
        .param("sitting", sitting)
        .param("person", personId)
        .param("at", at)
        .param("width", s.width())
        .param("height", s.height())
        .param("jpeg", s.jpeg())
        .query(Long.class)
        .single();
  }

  public List<PhotoRow> ofClient(long shopId, long clientId) {
    return db.sql(
            """
            select p.id, p.taken_at, p.width, p.height, v.id as visit_id
            from photo p join present_client c on c.id = p.client_id left join visit v on v.token = p.sitting
            where c.shop_id = :shop and c.id = :client order by p.taken_at desc, p.id desc
            """)
        .param("shop", shopId)
        .param("client", clientId)
        .query(PhotoRow.class)
        .list();
  }

  /**
   * @throws NotFoundException when the shop has no such photograph
   */
  public byte[] jpeg(long shopId, long id) {
    return db.sql(
            """
            select p.jpeg from photo p join present_client c on c.id = p.client_id
            where c.shop_id = :shop and p.id = :id
            """)
        .param("shop", shopId)
        .param("id", id)
        .query((rs, n) -> rs.getBytes(1))
        .optional()
        .orElseThrow(() -> NotFoundException.of("photo", id));
  }

  void remove(long shopId, long id) {
    jpeg(shopId, id);
    db.sql("delete from photo where id = :id").param("id", id).update();
  }
}
