package kitetail.shopday;

/**
 * @param atSec seconds since the work began, by the clock of the device that wrote it down
 */
public record Logged(double atSec, Entry entry) {
  public Logged {
    if (!Double.isFinite(atSec)) {
      throw new IllegalArgumentException("atSec must be a number, was " + atSec);
    }
  }
}
