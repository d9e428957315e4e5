package kitetail.server.records;

import java.util.List;

/** The tables of a shop, each after those it leans on, and which of their rows are a year's. */
enum Tables {
  SHOP("key", "t.id = :shop"),
  PERSON("sign_in", "t.shop_id = :shop"),
  OPENING("since", "t.shop_id = :shop"),
  CLOSED("from_day", "t.shop_id = :shop"),
  SERVICE("shop_id", "t.shop_id = :shop"),
  WORDING("kind", "t.shop_id = :shop"),
  FAMILY("id", "t.shop_id = :shop"),
  KIT("created_at", "t.shop_id = :shop"),
  CLIENT("created_at", "t.shop_id = :shop"),
  SITDOWN("created_at", "t.client_id in (select id from client where shop_id = :shop)"),
  PLAN("created_at", "t.client_id in (select id from client where shop_id = :shop)"),
  PLAN_VERSION(
      "created_at",
      "t.plan_id in (select p.id from plan p join client c on c.id = p.client_id where c.shop_id = :shop)"),
  APPOINTMENT("client_id", "t.shop_id = :shop and t.starts_at >= :from and t.starts_at < :to"),
  WAITING("created_at", "t.shop_id = :shop"),
  BUSY(
      "starts_at",
      "t.person_id in (select id from person where shop_id = :shop) and t.starts_at >= :from and t.starts_at < :to"),
  VISIT(
      "token",
      "t.client_id in (select id from client where shop_id = :shop) and t.finished_at >= :from and t.finished_at < :to"),
  SITTING("token", Tables.SITTINGS),
  SITTING_ENTRY(
      "device", "t.sitting in (select t.token from sitting t where " + Tables.SITTINGS + ")"),
  PHOTO(
      "taken_at",
      "t.client_id in (select id from client where shop_id = :shop) and t.taken_at >= :from and t.taken_at < :to"),
  KIT_EVENT(
      "token",
      "t.kit_id in (select id from kit where shop_id = :shop) and t.at >= :from and t.at < :to"),
  PRACTICE_TRY(
      "token",
      "t.person_id in (select id from person where shop_id = :shop) and t.tried_at >= :from and t.tried_at < :to"),
  COURSE("title", "t.shop_id = :shop"),
  MESSAGE("key", "t.shop_id = :shop and t.made_at >= :from and t.made_at < :to"),
  TRAIL("at", "t.shop_id = :shop and t.at >= :from and t.at < :to");

  /** A sitting goes with its visit; one that is still open with the day it was begun. */
  private static final String SITTINGS =
      """
      t.plan_id in (select p.id from plan p join client c on c.id = p.client_id where c.shop_id = :shop)
      and coalesce((select v.finished_at from visit v where v.id = t.visit_id), t.started_at) >= :from
      and coalesce((select v.finished_at from visit v where v.id = t.visit_id), t.started_at) < :to
      """;

  /** What archives of earlier versions know nothing of. */
  private static final List<Tables> LATER =
      List.of(CLOSED, SERVICE, WORDING, PRACTICE_TRY, COURSE, TRAIL);

  /** Columns kept beside the rows as files of their own. */
  static final String PICTURE = "jpeg";

  /** Columns that leave the shop in no file: whoever has it could sign in, or follow a diary. */
  static final List<String> SECRET =
      List.of("password_hash", "feed", "second_secret", "second_step", "second_codes");

  private static final List<Tables> WITHOUT_OWN_NUMBER = List.of(FAMILY, SITTING);

  /** What a row is told by, beside its number, however much it changes. */
  final String same;

  final String rows;

  /** What a row is numbered by. */
  final String key;

  Tables(String same, String rows) {
    this.same = same;
    this.rows = rows;
    this.key = name().equals("SITTING") ? "token" : "id";
  }

  /** A row as JSON, without its picture and without secrets. */
  static String row() {
    return "(to_jsonb(t) - '" + PICTURE + "' - array['" + String.join("','", SECRET) + "'])::text";
  }

  /** Whether an archive may be older than it. */
  boolean later() {
    return LATER.contains(this);
  }

  String table() {
    return name().toLowerCase(java.util.Locale.ROOT);
  }

  /** Whether rows are numbered by the database. */
  boolean numbered() {
    return !WITHOUT_OWN_NUMBER.contains(this);
  }
}
