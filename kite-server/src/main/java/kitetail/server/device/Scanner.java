package kitetail.server.device;

import java.io.InputStream;
import java.time.Duration;
import kitetail.formats.words.Refused;
import kitetail.server.error.DeviceFault;
import org.springframework.stereotype.Component;
import org.springframework.web.bind.annotation.PathVariable;
import org.springframework.web.service.annotation.GetExchange;
import org.springframework.web.service.annotation.PostExchange;

/** The head scanner, spoken to over its small HTTP interface (docs/formats.md). */
@Component
public class Scanner {
  private static final Duration PATIENCE = Duration.ofSeconds(20);

  private final DeviceCalls calls;
  private final DeviceAddresses addresses;

  Scanner(DeviceCalls calls, DeviceAddresses addresses) {
    this.calls = calls;
    this.addresses = addresses;
  }

  /**
   * @param share of the scan done, 0 to 1
   */
  public record ScannerState(String id, String state, double share) {}

  /** What a scanner is asked. */
  interface Calls {
    @PostExchange("/scans")
    ScannerState start();

    @GetExchange("/scans/{id}")
    ScannerState state(@PathVariable("id") String id);

    @GetExchange("/scans/{id}/mesh")
    InputStream mesh(@PathVariable("id") String id);
  }

  public ScannerState start() {
    return scanner().start();
  }

  public ScannerState state(String id) {
    return scanner().state(DeviceAddresses.plain(id));
  }

  /** The mesh as it arrives; to be closed by the reader. */
  public InputStream mesh(String id) {
    return scanner().mesh(DeviceAddresses.plain(id));
  }

  private Calls scanner() {
    return calls.of(
        addresses.scanner(),
        Calls.class,
        PATIENCE,
        (at, status) ->
            new DeviceFault(
                Refused.because(
                    "scanner-answered", "at", at.toString(), "status", String.valueOf(status))),
        at -> new DeviceFault(Refused.because("scanner-gone", "at", at.toString())));
  }
}
