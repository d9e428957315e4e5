package kitetail.server.client;

import java.sql.ResultSet;
import java.sql.SQLException;
import java.time.OffsetDateTime;
import java.util.List;
import java.util.Optional;
import kitetail.hair.Hair;
import kitetail.hair.TapedLengths;
import kitetail.head.HeadSpec;
import org.springframework.jdbc.core.simple.JdbcClient;
import org.springframework.stereotype.Repository;

/** The clients of a shop. Every question names the shop. */
@Repository
public class ClientRepository {
  private static final String COLUMNS =
      """
      id, name, note, girth_mm, ear_to_ear_mm, front_to_nape_mm, exit_deg, growth_mm_per_day,
      front_mm, top_mm, crown_mm, side_mm, occipital_mm, nape_mm, created_at
      """;

  private final JdbcClient db;

  ClientRepository(JdbcClient db) {
    this.db = db;
  }

  public List<Client> all(long shopId) {
    return db.sql("select " + COLUMNS + " from client where shop_id = :shop order by name")
        .param("shop", shopId)
        .query(ClientRepository::row)
        .list();
  }

  public Optional<Client> find(long shopId, long id) {
    return db.sql("select " + COLUMNS + " from client where shop_id = :shop and id = :id")
        .param("shop", shopId)
        .param("id", id)
        .query(ClientRepository::row)
        .optional();
  }

  public long add(
      long shopId,
      String name,
      String note,
      HeadSpec.Measured head,
      Hair hair,
      TapedLengths t,
      OffsetDateTime now) {
    return db.sql(
            """
            insert into client (shop_id, name, note, girth_mm, ear_to_ear_mm, front_to_nape_mm, exit_deg,
              growth_mm_per_day, front_mm, top_mm, crown_mm, side_mm, occipital_mm, nape_mm, created_at)
            values (:shop, :name, :note, :girth, :ear, :frontNape, :exit,
              :growth, :front, :top, :crown, :side, :occipital, :nape, :now)
            returning id
            """)
        .param("shop", shopId)
        .param("name", name)
        .param("note", note)
        .param("girth", head.girthMm())
        .param("ear", head.earToEarMm())
        .param("frontNape", head.frontToNapeMm())
        .param("exit", hair.exitDeg())
        .param("growth", hair.growthMmPerDay())
        .param("front", t.frontMm())
        .param("top", t.topMm())
        .param("crown", t.crownMm())
        .param("side", t.sideMm())
        .param("occipital", t.occipitalMm())
        .param("nape", t.napeMm())
        .param("now", now)
        .query(Long.class)
        .single();
  }

  private static Client row(ResultSet r, int n) throws SQLException {
    return new Client(
        r.getLong("id"),
        r.getString("name"),
        r.getString("note"),
        new HeadSpec.Measured(
            r.getDouble("girth_mm"),
            r.getObject("ear_to_ear_mm", Double.class),
            r.getObject("front_to_nape_mm", Double.class)),
        new Hair(r.getDouble("exit_deg"), r.getDouble("growth_mm_per_day")),
        new TapedLengths(
            r.getDouble("front_mm"),
            r.getDouble("top_mm"),
            r.getDouble("crown_mm"),
            r.getDouble("side_mm"),
            r.getDouble("occipital_mm"),
            r.getDouble("nape_mm")),
        r.getObject("created_at", OffsetDateTime.class));
  }
}
