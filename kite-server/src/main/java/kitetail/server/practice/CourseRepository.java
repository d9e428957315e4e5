package kitetail.server.practice;

import java.time.OffsetDateTime;
import java.util.List;
import kitetail.formats.json.CourseJson;
import kitetail.practice.Course;
import org.springframework.jdbc.core.simple.JdbcClient;
import org.springframework.stereotype.Repository;

/** A shop's courses. */
@Repository
class CourseRepository {
  private final JdbcClient db;

  CourseRepository(JdbcClient db) {
    this.db = db;
  }

  record Row(long id, Course course) {}

  private record Stored(long id, String document) {}

  List<Row> ofShop(long shopId) {
    return db
        .sql("select id, steps::text document from course where shop_id = :shop order by title, id")
        .param("shop", shopId)
        .query(Stored.class)
        .list()
        .stream()
        .map(s -> new Row(s.id(), CourseJson.read(s.document())))
        .toList();
  }

  /** Puts a course in; one of the same title is taken out for it. */
  long put(long shopId, Course c, OffsetDateTime now) {
    return db.sql(
            """
            insert into course (shop_id, title, steps, made_at) values (:shop, :title, cast(:steps as jsonb), :now)
            on conflict (shop_id, title) do update set steps = excluded.steps, made_at = excluded.made_at
            returning id
            """)
        .param("shop", shopId)
        .param("title", c.title())
        .param("steps", CourseJson.write(c))
        .param("now", now)
        .query(Long.class)
        .single();
  }

  void delete(long shopId, long id) {
    db.sql("delete from course where shop_id = :shop and id = :id")
        .param("shop", shopId)
        .param("id", id)
        .update();
  }
}
