package kitetail.server.people;

import java.sql.Types;
import java.time.OffsetDateTime;
import java.util.List;
import java.util.Set;
import kitetail.formats.json.PlanJson;
import kitetail.formats.words.Refused;
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
  /** Who helps and learns is booked to no chair of their own, until somebody says so. */
  private static final Set<Role> WITHOUT_CHAIR = Set.of(Role.ASSISTANT, Role.LEARNER);

  private static final int FIRST = 1;

  private final JdbcClient db;

  PeopleRepository(JdbcClient db) {
    this.db = db;
  }

  /**
   * @param disabledAt since when they are shut out; null while they are not
   * @param chair where their chair stands in the diary, from the left; null where they have none
   */
  record Row(
      long id,
      String name,
      String signIn,
      Role role,
      @Nullable OffsetDateTime disabledAt,
      @Nullable Integer chair) {}

  /** Somebody new. */
  public record New(String name, String signIn, String passwordHash, Role role, Units units) {}

  List<Row> ofShop(long shopId) {
    return db.sql(
            """
            select id, name, sign_in, role, disabled_at, chair from person where shop_id = :shop
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
        .orElseThrow(
            () -> new NotFoundException(Refused.because("nobody", "id", String.valueOf(id))));
  }

  /**
   * @throws FieldException when somebody signs in by that name
   */
  public long add(long shopId, New p) {
    try {
      return db.sql(
              """
              insert into person (shop_id, name, sign_in, password_hash, role, units, chair)
              values (:shop, :name, :signIn, :hash, :role, :units, :chair) returning id
              """)
          .param("shop", shopId)
          .param("name", p.name())
          .param("signIn", p.signIn())
          .param("hash", p.passwordHash())
          .param("role", p.role().name())
          .param("units", p.units().name())
          .param("chair", WITHOUT_CHAIR.contains(p.role()) ? null : FIRST, Types.INTEGER)
          .query(Long.class)
          .single();
    } catch (DuplicateKeyException e) {
      throw new FieldException("$.signIn", p.signIn(), "allowed a name nobody signs in by yet");
    }
  }

  void seat(long shopId, long id, @Nullable Integer chair) {
    db.sql("update person set chair = :chair where shop_id = :shop and id = :id")
        .param("chair", chair, Types.INTEGER)
        .param("shop", shopId)
        .param("id", id)
        .update();
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
