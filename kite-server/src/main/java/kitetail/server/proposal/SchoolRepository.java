package kitetail.server.proposal;

import kitetail.formats.json.PlanJson;
import kitetail.plan.School;
import org.springframework.jdbc.core.simple.JdbcClient;
import org.springframework.stereotype.Repository;

/** The way each person of a shop works. */
@Repository
public class SchoolRepository {
  private final JdbcClient db;

  SchoolRepository(JdbcClient db) {
    this.db = db;
  }

  /** Without preferences for who never set any. */
  public School of(long personId) {
    return db.sql("select school::text from person where id = :id and school is not null")
        .param("id", personId)
        .query(String.class)
        .optional()
        .map(t -> PlanJson.json().readValue(t, School.class))
        .orElse(School.NONE);
  }

  public void save(long personId, School s) {
    db.sql("update person set school = cast(:school as jsonb) where id = :id")
        .param("id", personId)
        .param("school", PlanJson.json().writeValueAsString(s))
        .update();
  }
}
