package kitetail.formats.words;

import kitetail.cut.Aside;
import kitetail.plan.Move;
import kitetail.plan.Outcome;

/** What stands on what is printed, beside the plan's own words. */
public final class SheetWords {
  private SheetWords() {}

  /** The usual cautions, and that local rules come first. */
  public static String caution() {
    return Messages.say("sheet.caution");
  }

  public static String asItFalls() {
    return Messages.say("sheet.as-it-falls");
  }

  /**
   * @param view one that a head is seen from by its name
   */
  public static String side(Enum<?> view) {
    return Messages.of("sheet.side", view);
  }

  public static String theMoves() {
    return Messages.say("sheet.the-moves");
  }

  public static String beforeYouCut() {
    return Messages.say("sheet.before-you-cut");
  }

  public static String lengths() {
    return Messages.say("sheet.lengths");
  }

  public static String place() {
    return Messages.say("sheet.place");
  }

  public static String before() {
    return Messages.say("sheet.before");
  }

  public static String left() {
    return Messages.say("sheet.left");
  }

  /** Where nothing is kept of something. */
  public static String nothing() {
    return Messages.say("sheet.nothing");
  }

  /** Between a page's number and how many there are. */
  public static String ofPages() {
    return Messages.say("sheet.of-pages");
  }

  /** How many moves and how long. */
  public static String movesAndMinutes(int moves, double minutes) {
    return Messages.say("sheet.moves", "moves", moves, "minutes", Math.round(minutes));
  }

  /** How many bites and how long. */
  public static String amount(Outcome.Step s) {
    String minutes = Messages.say("sheet.minutes", "minutes", Math.max(1, Math.round(s.minutes())));
    return s.cut() instanceof Aside
        ? minutes
        : Messages.say("sheet.bites", "bites", s.bites(), "minutes", minutes);
  }

  /** Where a move is made, from where, on what hair, how long, and whether it is asked first. */
  public static String beside(Move m, String section, String amount) {
    return Messages.say(
        "sheet.beside",
        "section",
        section,
        "stand",
        Messages.of("sheet.stand", m.stand()),
        "damp",
        Messages.of("damp", m.damp()),
        "amount",
        amount,
        "ask",
        m.askFirst());
  }
}
