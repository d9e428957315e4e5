package kitetail.server.shop;

import kitetail.server.error.FieldException;
import kitetail.server.people.PeopleRepository;
import org.springframework.jdbc.core.simple.JdbcClient;
import org.springframework.stereotype.Repository;
import org.springframework.transaction.annotation.Transactional;

/** Shops and the people who work in them. */
@Repository
class ShopRepository {
  /** Until a shop tells its own: nine to six, but on Sundays; an assumption. */
  private static final String USUAL_DAYS = "FREQ=WEEKLY;BYDAY=MO,TU,WE,TH,FR,SA";

  private final JdbcClient db;
  private final PeopleRepository people;

  ShopRepository(JdbcClient db, PeopleRepository people) {
    this.db = db;
    this.people = people;
  }

  record Named(String name, String zone) {}

  Named named(long shopId) {
    return db.sql("select name, zone from shop where id = :id")
        .param("id", shopId)
        .query(Named.class)
        .single();
  }

  void call(long shopId, String name, String zone) {
    db.sql("update shop set name = :name, zone = :zone where id = :id")
        .param("id", shopId)
        .param("name", name)
        .param("zone", zone)
        .update();
  }

  boolean begun() {
    return db.sql("select exists (select 1 from shop)").query(Boolean.class).single();
  }

  /**
   * The first shop with its owner.
   *
   * @throws FieldException when one has begun here
   */
  @Transactional
  public void begin(String name, String zone, PeopleRepository.New owner) {
    // Two who begin at once: the second waits, and finds the first.
    db.sql("lock table shop in exclusive mode").update();
    if (begun()) {
      throw new FieldException(
          "$.name", name, "allowed on a database without a shop; this one has begun");
    }
    people.add(open(name, zone, USUAL_DAYS), owner);
  }

  /** A shop with its hours, nine to six on the days of a recurrence rule. */
  long open(String name, String zone, String days) {
    long shop =
        db.sql("insert into shop (name, zone) values (:name, :zone) returning id")
            .param("name", name)
            .param("zone", zone)
            .query(Long.class)
            .single();
    db.sql(
            """
            insert into opening (shop_id, rule, since, from_time, to_time)
            values (:shop, :days, date '2020-01-06', time '09:00', time '18:00')
            """)
        .param("shop", shop)
        .param("days", days)
        .update();
    return shop;
  }
}
