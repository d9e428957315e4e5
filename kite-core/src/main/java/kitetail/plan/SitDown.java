package kitetail.plan;

import kitetail.client.Cautions;
import kitetail.client.Wishes;
import kitetail.hair.Hair;
import kitetail.hair.StartingHair;
import kitetail.head.HeadSpec;

/** What is in the chair and what is wanted: all that is asked and measured before a plan. */
public record SitDown(
    int version,
    HeadSpec.Measured head,
    Hair hair,
    StartingHair start,
    Wishes wishes,
    Cautions cautions) {
  public static final int VERSION = 1;

  public SitDown {
    if (version != VERSION) {
      throw new IllegalArgumentException("version must be " + VERSION + ", was " + version);
    }
    hair = hair == null ? Hair.DEFAULT : hair;
    wishes = wishes == null ? Wishes.NONE : wishes;
    cautions = cautions == null ? Cautions.NONE : cautions;
  }

  /** A walk-in before anything is asked: a usual head with hair of a usual men's length. */
  public static SitDown walkIn() {
    return new SitDown(
        VERSION,
        new HeadSpec.Measured(570, null, null),
        Hair.DEFAULT,
        StartingHair.Taped.six(100, 95, 85, 55, 60, 40),
        Wishes.NONE,
        Cautions.NONE);
  }

  /** A shape family on this head and hair, with these wishes. */
  public Plan planOf(Plan family) {
    return family.on(head, hair, start, wishes, cautions.kept());
  }

  /** The same with other hair on it. */
  public SitDown startingFrom(StartingHair hairToday) {
    return new SitDown(version, head, hair, hairToday, wishes, cautions);
  }

  /**
   * The same with another rate of growth.
   *
   * @param growthMmPerDay 0.1 to 0.8
   */
  public SitDown growing(double growthMmPerDay) {
    return new SitDown(version, head, hair.growingAt(growthMmPerDay), start, wishes, cautions);
  }

  /** Whether photographs may be kept. */
  public boolean photosAgreed() {
    return cautions.consent().photos();
  }

  /** As it may be kept: without what was not agreed to. */
  public SitDown kept() {
    return new SitDown(version, head, hair, start, wishes, cautions.kept());
  }
}
