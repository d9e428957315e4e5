package kitetail.shopday;

import java.util.UUID;

/**
 * @param atSec seconds since the work began, by the clock of the device that wrote it down
 * @param device that wrote it
 * @param number of that device's entries, from 0
 */
public record Logged(double atSec, UUID device, int number, Entry entry) {
  public Logged {
    if (!Double.isFinite(atSec)) {
      throw new IllegalArgumentException("atSec must be a number, was " + atSec);
    }
  }
}
