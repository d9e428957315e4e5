package kitetail.server.error;

/** A device does not answer, or not as it should. */
public final class DeviceFault extends RuntimeException {
  private static final long serialVersionUID = 1L;

  private final boolean silent;

  public DeviceFault(String message) {
    this(message, false);
  }

  private DeviceFault(String message, boolean silent) {
    super(message);
    this.silent = silent;
  }

  /** It cannot be reached at all: not this request's fault. */
  public static DeviceFault silent(String message) {
    return new DeviceFault(message, true);
  }

  public boolean isSilent() {
    return silent;
  }
}
