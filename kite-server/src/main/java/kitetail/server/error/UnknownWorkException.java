package kitetail.server.error;

import kitetail.formats.words.Refused;

/** A document was named that is not known here, or no longer: it is to be sent. */
public class UnknownWorkException extends RuntimeException {
  private static final long serialVersionUID = 1L;

  public UnknownWorkException() {
    super(Refused.because("unknown-work"));
  }
}
