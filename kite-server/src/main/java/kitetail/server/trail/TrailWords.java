package kitetail.server.trail;

import java.util.List;
import java.util.Map;
import java.util.stream.Collectors;

/** A line of the trail as it is read. */
final class TrailWords {
  private static final Map<String, String> THINGS =
      Map.ofEntries(
          Map.entry("client", "the client's card"),
          Map.entry("sitdown", "the consultation"),
          Map.entry("plan", "the plan"),
          Map.entry("plan_version", "a version of the plan"),
          Map.entry("closed", "a day the shop is closed"),
          Map.entry("service", "what is offered"),
          Map.entry("wording", "the wording of a message"),
          Map.entry("sitting", "the work at the chair"),
          Map.entry("visit", "the visit"),
          Map.entry("photo", "a photograph"),
          Map.entry("appointment", "an appointment"),
          Map.entry("waiting", "a place on the waiting list"));

  private static final Map<String, String> FIELDS =
      Map.ofEntries(
          Map.entry("price_cents", "price"),
          Map.entry("return_on", "day of return"),
          Map.entry("starts_at", "beginning"),
          Map.entry("ends_at", "end"),
          Map.entry("person_id", "stylist"),
          Map.entry("plan_id", "plan"),
          Map.entry("service_id", "what it is for"),
          Map.entry("learnt_since", "what is learnt from visits"),
          Map.entry("email", "e-mail"),
          Map.entry("password_hash", "password"),
          Map.entry("second_secret", "digits beside the password"),
          Map.entry("second_codes", "codes for a lost device"));

  private TrailWords() {}

  /**
   * @param kind the table, or what was taken out
   * @param what as the database has it
   * @param fields columns that changed
   */
  static String of(String kind, String what, List<String> fields) {
    String thing = THINGS.getOrDefault(kind, kind);
    return switch (what) {
      case "MADE" ->
          switch (kind) {
            case "visit" -> "finished the visit";
            case "sitting" -> "began at the chair";
            case "photo" -> "took a photograph";
            case "plan_version" -> "kept a version of the plan";
            case "client", "sitdown" -> "wrote down " + thing;
            default -> "made " + thing;
          };
      case "CHANGED" ->
          "changed "
              + thing
              + (fields.isEmpty()
                  ? ""
                  : ": "
                      + fields.stream()
                          .map(f -> FIELDS.getOrDefault(f, f))
                          .collect(Collectors.joining(", ")));
      case "REMOVED" -> "took away " + thing;
      case "ERASED" -> fields.isEmpty() ? "erased the client" : "made the erasing final";
      case "PUT_AWAY" -> "put away " + thing;
      case "BROUGHT_BACK" -> "brought " + (kind.equals("client") ? "the client" : thing) + " back";
      case "TAKEN_OUT" -> "took out all that is held on the client";
      default -> what;
    };
  }
}
