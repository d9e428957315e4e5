package kitetail.plan;

import java.util.List;
import kitetail.head.Place;
import org.jspecify.annotations.Nullable;

/**
 * Something a stylist should know before cutting: evidence, not words.
 *
 * @param rule stable id
 * @param move id of the move, or null when it concerns the whole plan
 * @param place the named place nearest to it
 * @param amount how much
 * @param unit of the amount
 * @param with ids of the other moves or sections it is about
 * @param meant the answer that it is meant; null while there is none
 */
public record Finding(
    String rule,
    Severity severity,
    String move,
    Place place,
    double amount,
    Unit unit,
    List<String> with,
    @Nullable Meant meant) {
  /** Worst first. */
  public enum Severity {
    STOP,
    WARN,
    NOTE
  }

  /** What an amount counts. */
  public enum Unit {
    MM,
    MM2,
    PERCENT
  }

  public Finding {
    with = List.copyOf(with);
  }

  public Finding(
      String rule,
      Severity severity,
      String move,
      Place place,
      double amount,
      Unit unit,
      List<String> with) {
    this(rule, severity, move, place, amount, unit, with, null);
  }

  public Finding(String rule, Severity severity, String move, Place place, double amountMm) {
    this(rule, severity, move, place, amountMm, Unit.MM, List.of());
  }

  /** With the answer the plan has for it, if any. */
  public Finding answered(List<Meant> answers) {
    return answers.stream()
        .filter(m -> m.answers(this))
        .findFirst()
        .map(m -> new Finding(rule, severity, move, place, amount, unit, with, m))
        .orElse(this);
  }
}
