package kitetail.client;

/**
 * What the client, or a minor's guardian, has agreed to.
 *
 * @param guardian who agreed for a minor; empty when nobody has yet
 * @param photos photographs may be kept
 * @param notes notes on skin and health may be kept
 */
public record Consent(boolean minor, String guardian, boolean photos, boolean notes) {
  public static final Consent NOT_ASKED = new Consent(false, "", false, false);

  public Consent {
    guardian = guardian == null ? "" : guardian;
  }
}
