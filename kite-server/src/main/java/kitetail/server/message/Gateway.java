package kitetail.server.message;

import java.time.Duration;
import kitetail.formats.words.Refused;
import kitetail.server.device.DeviceAddresses;
import kitetail.server.device.DeviceCalls;
import kitetail.server.error.DeviceFault;
import org.springframework.stereotype.Component;
import org.springframework.web.bind.annotation.RequestBody;
import org.springframework.web.bind.annotation.RequestHeader;
import org.springframework.web.service.annotation.PostExchange;

/**
 * Hands a message to the message gateway over HTTP. The key goes along as {@code Idempotency-Key}:
 * a gateway that has it already takes the message for delivered and does not send it again.
 */
@Component
class Gateway {
  private static final Duration PATIENCE = Duration.ofSeconds(5);

  private final DeviceCalls calls;
  private final DeviceAddresses addresses;

  Gateway(DeviceCalls calls, DeviceAddresses addresses) {
    this.calls = calls;
    this.addresses = addresses;
  }

  /** What a gateway takes. */
  record Post(String address, String words) {}

  /** What a gateway is asked. */
  interface Calls {
    @PostExchange("/messages")
    void send(@RequestHeader("Idempotency-Key") String key, @RequestBody Post post);
  }

  /**
   * @throws DeviceFault when the gateway did not take it
   */
  void send(String key, String address, String words) {
    calls
        .of(
            addresses.messages(),
            Calls.class,
            PATIENCE,
            (at, status) -> answered(status),
            at -> DeviceFault.silent(Refused.because("gateway-gone")))
        .send(key, new Post(address, words));
  }

  private static DeviceFault answered(int status) {
    String said = Refused.because("gateway-answered", "status", String.valueOf(status));
    return status >= 500 ? DeviceFault.silent(said) : new DeviceFault(said);
  }
}
