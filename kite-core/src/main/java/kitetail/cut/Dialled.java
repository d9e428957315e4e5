package kitetail.cut;

/**
 * A number of a cut as it stands, and how far it can be turned, in the unit of its {@link Dial}.
 *
 * @param least and most, both included
 */
public record Dialled(double value, double least, double most) {
  public boolean allows(double to) {
    return to >= least && to <= most;
  }

  /** The nearest to a value that is allowed. */
  public double within(double to) {
    return Math.max(least, Math.min(most, to));
  }
}
