package kitetail.formats.words;

import java.time.ZonedDateTime;
import java.time.format.DateTimeFormatter;
import java.time.format.FormatStyle;
import java.util.Locale;

/** What stands on the card a client takes home. */
public final class CardWords {
  private static final DateTimeFormatter WEEKDAY =
      DateTimeFormatter.ofLocalizedDate(FormatStyle.FULL).withLocale(Locale.UK);
  private static final DateTimeFormatter DAY =
      DateTimeFormatter.ofLocalizedDate(FormatStyle.LONG).withLocale(Locale.UK);
  private static final DateTimeFormatter TIME = DateTimeFormatter.ofPattern("HH:mm", Locale.UK);

  private CardWords() {}

  public static String atHome() {
    return Messages.say("card.at-home");
  }

  public static String whenToCome() {
    return Messages.say("card.when-to-come");
  }

  public static String booked(ZonedDateTime at) {
    return Messages.say("card.booked", "day", WEEKDAY.format(at), "time", TIME.format(at));
  }

  public static String between(ZonedDateTime from, ZonedDateTime to) {
    return Messages.say("card.between", "from", DAY.format(from), "to", DAY.format(to));
  }

  /** What the code on the card is good for. */
  public static String code() {
    return Messages.say("card.code");
  }

  /** The entry of a calendar for a visit that is not booked. */
  public static String time(String shop) {
    return Messages.say("card.time", "shop", shop);
  }
}
