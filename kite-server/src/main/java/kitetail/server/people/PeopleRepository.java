package kitetail.server.people;

import java.time.OffsetDateTime;
import java.util.List;
import kitetail.formats.json.PlanJson;
import kitetail.formats.words.Units;
import kitetail.server.error.FieldException;
import kitetail.server.error.NotFoundException;
import kitetail.server.security.Role;
import org.jspecify.annotations.Nullable;
import org.springframework.dao.DuplicateKeyException;
import org.springframework.jdbc.core.simple.JdbcClient;
import org.springframework.stereotype.Repository;
import org.springframework.transaction.annotation.Transactional;

/** Who works in a shop. */
@Repository
public class PeopleRepository {
  private final JdbcClient db;

  PeopleRepository(JdbcClient db) {
    this.db = db;
  }

  /**
   * @param disabledAt since when they are shut out; null while they are not
   */
  record Row(long id, String name, String signIn, Role role, @Nullable OffsetDateTime disabledAt) {}

  /** Somebody new. */
  public record New(String name, String signIn, String passwordHash, Role role, Units units) {}

  List<Row> ofShop(long shopId) {
    return db.sql(
            """
            select id, name, sign_in, role, disabled_at from person where shop_id = :shop
            order by disabled_at is not null, name, id
            """)
        .param("shop", shopId)
        .query(Row.class)
        .list();
  }

  Row get(long shopId, long id) {
    return ofShop(shopId).stream()
        .filter(r -> r.id == id)
        .findFirst()
        .orElseThrow(() -> new NotFoundException("Nobody " + id + " in this shop."));
  }

  /**
   * @throws FieldException when somebody signs in by that name
   */
  public long add(long shopId, New p) {
    try {
      return db.sql(
              """
              insert into person (shop_id, name, sign_in, password_hash, role, units)
              values (:shop, :name, :signIn, :hash, :role, :units) returning id
              """)
          .param("shop", shopId)
          .param("name", p.name())
          .param("signIn", p.signIn())
          .param("hash", p.passwordHash())
          .param("role", p.role().name())
          .param("units", p.units().name())
          .query(Long.class)
          .single();
    } catch (DuplicateKeyException e) {
      throw new FieldException("$.signIn", p.signIn(), "allowed a name nobody signs in by yet");
    }
  }

  void rename(long shopId, long id, String name) {
    db.sql("update person set name = :name where shop_id = :shop and id = :id")
        .param("name", name)
        .param("shop", shopId)
        .param("id", id)
        .update();
  }

  /** Gives somebody a role, shuts them out or lets them in again, and ends their sessions. */
  @Transactional
  public void set(long shopId, long id, Role role, @Nullable OffsetDateTime disabledAt) {
    db.sql("select id from shop where id = :shop for update")
        .param("shop", shopId)
        .query()
        .singleValue();
    db.sql(
            """
            update person set role = :role, disabled_at = cast(:disabledAt as timestamptz), stamp = stamp + 1,
              feed = case when cast(:disabledAt as timestamptz) is null then feed end
            where shop_id = :shop and id = :id
            """)
        .param("role", role.name())
        .param("disabledAt", disabledAt)
        .param("shop", shopId)
        .param("id", id)
        .update();
    boolean owned =
        db.sql(
                "select exists (select 1 from person where shop_id = :shop and role = 'OWNER' and disabled_at is null)")
            .param("shop", shopId)
            .query(Boolean.class)
            .single();
    if (!owned) {
      throw new FieldException(
          "$.role",
          PlanJson.name(role),
          "allowed while another owner stays: a shop without one locks itself out");
    }
  }
}
