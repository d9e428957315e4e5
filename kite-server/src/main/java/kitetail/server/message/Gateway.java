package kitetail.server.message;

import java.io.IOException;
import java.net.URI;
import java.net.http.HttpClient;
import java.net.http.HttpRequest;
import java.net.http.HttpResponse;
import java.time.Duration;
import kitetail.formats.words.Refused;
import kitetail.server.device.DeviceAddresses;
import kitetail.server.error.DeviceFault;
import org.springframework.stereotype.Component;
import tools.jackson.databind.json.JsonMapper;

/**
 * Hands a message to the message gateway over HTTP. The key goes along as {@code Idempotency-Key}:
 * a gateway that has it already takes the message for delivered and does not send it again.
 */
@Component
class Gateway {
  private static final Duration PATIENCE = Duration.ofSeconds(5);

  private final HttpClient http = HttpClient.newBuilder().connectTimeout(PATIENCE).build();
  private final DeviceAddresses addresses;
  private final JsonMapper json = new JsonMapper();

  Gateway(DeviceAddresses addresses) {
    this.addresses = addresses;
  }

  private record Post(String address, String words) {}

  /**
   * @throws DeviceFault when the gateway did not take it
   */
  void send(String key, String address, String words) {
    HttpRequest r =
        HttpRequest.newBuilder(URI.create(addresses.messages() + "/messages"))
            .timeout(PATIENCE)
            .header("Content-Type", "application/json")
            .header("Idempotency-Key", key)
            .header(DeviceAddresses.KEY_HEADER, addresses.key())
            .POST(
                HttpRequest.BodyPublishers.ofString(
                    json.writeValueAsString(new Post(address, words))))
            .build();
    try {
      int status = http.send(r, HttpResponse.BodyHandlers.discarding()).statusCode();
      if (status >= 500) {
        throw DeviceFault.silent(
            Refused.because("gateway-answered", "status", String.valueOf(status)));
      }
      if (status >= 300) {
        throw new DeviceFault(
            Refused.because("gateway-answered", "status", String.valueOf(status)));
      }
    } catch (IOException e) {
      throw DeviceFault.silent(Refused.because("gateway-gone"));
    } catch (InterruptedException e) {
      Thread.currentThread().interrupt();
      throw DeviceFault.silent(Refused.because("sending-broken-off"));
    }
  }
}
