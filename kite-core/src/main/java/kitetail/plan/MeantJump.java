package kitetail.plan;

/**
 * A jump in length between two sections that is meant, and so raises no alarm.
 *
 * @param one id of a section
 * @param other id of the section next to it
 */
public record MeantJump(String one, String other, String note) {
  public MeantJump {
    if (one.equals(other)) {
      throw new IllegalArgumentException("a jump lies between two sections, was " + one);
    }
    note = note == null ? "" : note;
  }

  boolean between(String a, String b) {
    return one.equals(a) && other.equals(b) || one.equals(b) && other.equals(a);
  }
}
