package kitetail.server.diary;

import java.sql.Types;
import java.util.List;
import org.jspecify.annotations.Nullable;
import org.springframework.jdbc.core.simple.JdbcClient;
import org.springframework.stereotype.Repository;
import org.springframework.transaction.annotation.Transactional;

/** What a shop offers, how long it takes and what is asked for it. */
@Repository
public class ServiceRepository {
  private final JdbcClient db;

  ServiceRepository(JdbcClient db) {
    this.db = db;
  }

  /**
   * @param id null for one that is new
   * @param priceCents in the smallest coin; null where none is kept
   */
  public record Service(@Nullable Long id, String name, int minutes, @Nullable Long priceCents) {}

  /** The shortest first. */
  List<Service> of(long shopId) {
    return db.sql(
            "select id, name, minutes, price_cents from service where shop_id = :shop order by minutes, name")
        .param("shop", shopId)
        .query(Service.class)
        .list();
  }

  /** These from now on; what is booked for one that is left out stays booked. */
  @Transactional
  public void set(long shopId, List<Service> all) {
    // One at a time: what somebody else has just set is then taken away as a whole.
    db.sql("select id from shop where id = :shop for update")
        .param("shop", shopId)
        .query(Long.class)
        .single();
    List<Long> stay = all.stream().map(Service::id).filter(java.util.Objects::nonNull).toList();
    db.sql(
            """
            delete from service where shop_id = :shop and not (id = any (cast(:stay as bigint[])))
            """)
        .param("shop", shopId)
        .param("stay", stay.toArray(Long[]::new))
        .update();
    for (Service s : all) {
      db.sql(
              s.id() == null
                  ? """
                    insert into service (shop_id, name, minutes, price_cents)
                    values (:shop, :name, :minutes, :price)
                    """
                  : """
                    update service set name = :name, minutes = :minutes, price_cents = :price
                    where shop_id = :shop and id = :id
                      and (name, minutes, price_cents) is distinct from (:name, :minutes, :price)
                    """)
          .param("shop", shopId)
          .param("id", s.id(), Types.BIGINT)
          .param("name", s.name())
          .param("minutes", s.minutes())
          .param("price", s.priceCents(), Types.BIGINT)
          .update();
    }
  }
}
