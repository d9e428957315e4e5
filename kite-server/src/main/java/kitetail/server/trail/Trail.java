package kitetail.server.trail;

import jakarta.servlet.http.HttpServletRequest;
import java.time.OffsetDateTime;
import java.util.Arrays;
import java.util.List;
import kitetail.server.security.Person;
import kitetail.server.security.SignedIn;
import org.jspecify.annotations.Nullable;
import org.springframework.context.event.EventListener;
import org.springframework.jdbc.core.simple.JdbcClient;
import org.springframework.stereotype.Component;
import org.springframework.transaction.annotation.Propagation;
import org.springframework.transaction.annotation.Transactional;

/** What the database wrote down of who did what, and what no table tells. */
@Component
public class Trail {
  private static final int MOST = 200;

  private final JdbcClient db;

  Trail(JdbcClient db) {
    this.db = db;
  }

  /**
   * @param who null for the server itself
   * @param device empty when it did not name itself
   */
  record TrailLine(OffsetDateTime at, @Nullable String who, String device, String done) {}

  /** About whom or what, by its column. */
  enum Of {
    CLIENT("client_id"),
    PLAN("plan_id"),
    VISIT("visit_id");

    private final String column;

    Of(String column) {
      this.column = column;
    }
  }

  /** The newest first, 200 at most. */
  List<TrailLine> of(Of what, long id) {
    return db.sql(
            "select t.at, p.name, coalesce(t.device, ''), t.kind, t.what, t.fields from trail t"
                + " left join person p on p.id = t.person_id where t."
                + what.column
                + " = :id order by t.at desc, t.id desc limit "
                + MOST)
        .param("id", id)
        .query(
            (rs, n) ->
                new TrailLine(
                    rs.getObject(1, OffsetDateTime.class),
                    rs.getString(2),
                    rs.getString(3),
                    TrailWords.of(
                        rs.getString(4),
                        rs.getString(5),
                        Arrays.asList((String[]) rs.getArray(6).getArray()))))
        .list();
  }

  @Transactional(propagation = Propagation.REQUIRES_NEW)
  @EventListener
  public void signedIn(SignedIn e) {
    write(e.person(), "person", "SIGNED_IN", null, e.from());
  }

  /**
   * @param kind what was taken out of the shop: archive, cards, books or client
   * @param clientId whose it is, or null
   */
  @Transactional(propagation = Propagation.REQUIRES_NEW)
  public void takenOut(Person p, String kind, Long clientId, HttpServletRequest from) {
    write(p, kind, "TAKEN_OUT", clientId, from);
  }

  private void write(Person p, String kind, String what, Long clientId, HttpServletRequest from) {
    db.sql(
            "insert into trail (shop_id, person_id, device, kind, what, client_id)"
                + " values (:shop, :person, nullif(:device, ''), :kind, :what, :client)")
        .param("shop", p.shopId())
        .param("person", p.id())
        .param("device", Doers.device(from))
        .param("kind", kind)
        .param("what", what)
        .param("client", clientId)
        .update();
  }
}
