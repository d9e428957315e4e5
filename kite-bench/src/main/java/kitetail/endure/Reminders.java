package kitetail.endure;

/** Appointments to remind of, whatever day of the week it is run on, and what came of them. */
final class Reminders {
  private static final String NONE_ELSE = "delete from appointment";

  private static final String EACH =
      """
      insert into appointment (shop_id, person_id, client_id, starts_at, ends_at)
      select 1, 1, 1 + mod(i, 5), begins.at + i * begins.apart, begins.at + i * begins.apart + interval '20 seconds'
      from generate_series(1, 60) i,
        (select now() + interval '%s' as at, interval '%s' as apart) begins
      """;

  private Reminders() {}

  /** All of them due at once. */
  static String[] now() {
    return new String[] {NONE_ELSE, EACH.formatted("2 hours", "5 minutes")};
  }

  /** One of them comes within a day every half minute. */
  static String[] oneByOne() {
    return new String[] {NONE_ELSE, EACH.formatted("24 hours", "30 seconds")};
  }

  static final String SENT = "select key from standin_outbox where key like 'reminder/%'";

  /** Said to be sent, and not with the gateway; or two for one appointment. */
  static final String AMISS =
      """
      select m.key from message m left join standin_outbox o on o.key = m.key
      where m.sent_at is not null and o.key is null
      union all
      select split_part(key, '/', 2) from standin_outbox where key like 'reminder/%'
      group by 1 having count(*) > 1
      """;
}
