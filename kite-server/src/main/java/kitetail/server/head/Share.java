package kitetail.server.head;

/**
 * How much of the largest heap each kind of kept value may take, half of it in all; and what one
 * weighs, measured on a heap after collection (docs/operations.md).
 */
public enum Share {
  /** Fitted heads. */
  HEADS(6, 460),
  /** Heads to be cut on, with the work of the plans run on them. */
  READY(8, 3400),
  SEAMED(1, 400),
  STANDS(2, 750),
  BODIES(7, 6200),
  PICKED(0.6, 480),
  /** Plans as they are worn, read. */
  WORN(7, 6900),
  /** Three times: of plans, of hair nobody has cut, and of hair while it is cut. */
  FALLS(0.7, 1150),
  STILLS(2.5, 40),
  /** Benches of a few places, and of few sites. */
  PLACES(2, 120),
  FEW(1.5, 600),
  CHECKED(3, 3400),
  FITS(1, 10),
  SITTING(2, 1500),
  GRIDS(2, 860),
  RINGS(1, 12),
  COSTS(0.2, 4),
  /** Drawn words. */
  WORDS(0.1, 20),
  /** Plans as they are on the pages that are open. */
  WORKS(1, 60);

  private final double percent;
  private final int kilobytes;

  Share(double percent, int kilobytes) {
    this.percent = percent;
    this.kilobytes = kilobytes;
  }

  public double percent() {
    return percent;
  }

  long mostBytes() {
    return (long) (percent / 100 * Runtime.getRuntime().maxMemory());
  }

  /** What one of them weighs. */
  long oneBytes() {
    return 1024L * kilobytes;
  }
}
