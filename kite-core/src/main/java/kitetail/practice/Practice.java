package kitetail.practice;

/** What all drills share. */
public final class Practice {
  /** Sites a try is told on: some 5 mm apart. */
  public static final int SITES = 3000;

  private Practice() {}
}
