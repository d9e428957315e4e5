package kitetail.plan;

import kitetail.head.Place;

/**
 * Something a stylist should know before cutting: evidence, not words.
 *
 * @param rule stable id
 * @param move id of the move, or null when it concerns the whole plan
 * @param place the named place nearest to it
 * @param amountMm how much
 */
public record Finding(String rule, Severity severity, String move, Place place, double amountMm) {
  /** Worst first. */
  public enum Severity {
    STOP,
    WARN,
    NOTE
  }
}
