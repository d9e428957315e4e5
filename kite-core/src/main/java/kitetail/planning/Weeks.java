package kitetail.planning;

/** A time from today: about when, and between when and when for eight in ten people. */
public record Weeks(double early, double mean, double late) {
  public Weeks {
    if (!(early <= mean && mean <= late)) {
      throw new IllegalArgumentException(
          "weeks must rise, were " + early + ", " + mean + ", " + late);
    }
  }

  static final Weeks NOW = new Weeks(0, 0, 0);
}
