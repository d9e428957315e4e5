package kitetail.server.device;

import java.io.IOException;
import java.io.InputStream;
import java.io.UncheckedIOException;
import java.net.URI;
import java.net.http.HttpClient;
import java.net.http.HttpRequest;
import java.net.http.HttpResponse;
import java.time.Duration;
import kitetail.formats.words.Refused;
import kitetail.server.error.DeviceFault;
import org.springframework.stereotype.Component;
import tools.jackson.databind.json.JsonMapper;

/** The head scanner, spoken to over its small HTTP interface (docs/formats.md). */
@Component
public class Scanner {
  private final HttpClient http =
      HttpClient.newBuilder().connectTimeout(Duration.ofSeconds(3)).build();
  private final DeviceAddresses addresses;
  private final JsonMapper json;

  Scanner(DeviceAddresses addresses, JsonMapper json) {
    this.addresses = addresses;
    this.json = json;
  }

  /**
   * @param share of the scan done, 0 to 1
   */
  public record ScannerState(String id, String state, double share) {}

  public ScannerState start() {
    return json.readValue(text("POST", "/scans"), ScannerState.class);
  }

  public ScannerState state(String id) {
    return json.readValue(text("GET", "/scans/" + DeviceAddresses.plain(id)), ScannerState.class);
  }

  /** The mesh as it arrives; to be closed by the reader. */
  public InputStream mesh(String id) {
    return send(
            "GET",
            "/scans/" + DeviceAddresses.plain(id) + "/mesh",
            HttpResponse.BodyHandlers.ofInputStream())
        .body();
  }

  private String text(String method, String path) {
    return send(method, path, HttpResponse.BodyHandlers.ofString()).body();
  }

  private <T> HttpResponse<T> send(String method, String path, HttpResponse.BodyHandler<T> as) {
    URI at = URI.create(addresses.scanner() + path);
    try {
      HttpResponse<T> r =
          http.send(
              HttpRequest.newBuilder(at)
                  .header(DeviceAddresses.KEY_HEADER, addresses.key())
                  .timeout(Duration.ofSeconds(20))
                  .method(method, HttpRequest.BodyPublishers.noBody())
                  .build(),
              as);
      if (r.statusCode() / 100 != 2) {
        throw new DeviceFault(
            Refused.because(
                "scanner-answered", "at", at.toString(), "status", String.valueOf(r.statusCode())));
      }
      return r;
    } catch (IOException e) {
      throw new DeviceFault(Refused.because("scanner-gone", "at", at.toString()));
    } catch (InterruptedException e) {
      Thread.currentThread().interrupt();
      throw new UncheckedIOException(new IOException(e));
    }
  }
}
