package kitetail.server.error;

/** A device does not answer, or not as it should. */
public class DeviceFault extends RuntimeException {
  public DeviceFault(String message) {
    super(message);
  }
}
