package kitetail.server.device;

import static org.assertj.core.api.Assertions.assertThat;
import static org.assertj.core.api.Assertions.assertThatThrownBy;

import com.sun.net.httpserver.HttpServer;
import java.io.IOException;
import java.net.InetSocketAddress;
import java.nio.charset.StandardCharsets;
import kitetail.server.error.DeviceFault;
import kitetail.server.error.NotFoundException;
import org.junit.jupiter.api.AfterEach;
import org.junit.jupiter.api.BeforeEach;
import org.junit.jupiter.api.Test;

/** A scanner of somebody else's make, put in the stand-in's place by its address. */
class ScannerTest {
  private HttpServer device;

  @BeforeEach
  void switchOn() throws IOException {
    device = HttpServer.create(new InetSocketAddress("127.0.0.1", 0), 0);
    answer("/head/scans", 201, "{\"id\":\"a-1\",\"state\":\"scanning\",\"share\":0.25}");
    answer("/head/scans/a-1", 200, "{\"id\":\"a-1\",\"state\":\"ready\",\"share\":1}");
    answer("/head/scans/a-1/mesh", 200, "v 1 2 3\n");
    answer("/head/scans/b", 503, "busy");
    device.start();
  }

  @AfterEach
  void switchOff() {
    device.stop(0);
  }

  private void answer(String path, int status, String body) {
    device.createContext(
        path,
        e -> {
          byte[] bytes = body.getBytes(StandardCharsets.UTF_8);
          e.getResponseHeaders()
              .set("Content-Type", body.startsWith("{") ? "application/json" : "model/obj");
          e.sendResponseHeaders(
              e.getRequestURI().getPath().equals(path) ? status : 404, bytes.length);
          e.getResponseBody().write(bytes);
          e.close();
        });
  }

  private Scanner at(String address) {
    DeviceAddresses addresses = new DeviceAddresses(address, "", "", true);
    return new Scanner(new DeviceCalls(addresses), addresses);
  }

  private Scanner real() {
    return at("http://127.0.0.1:" + device.getAddress().getPort() + "/head");
  }

  @Test
  void anotherScanner_isSpokenToByItsAddress() throws IOException {
    assertThat(real().start()).isEqualTo(new Scanner.ScannerState("a-1", "scanning", 0.25));
    assertThat(real().state("a-1").share()).isEqualTo(1);
    try (var mesh = real().mesh("a-1")) {
      assertThat(new String(mesh.readAllBytes(), StandardCharsets.UTF_8)).isEqualTo("v 1 2 3\n");
    }
  }

  @Test
  void aScannerThatIsOff_orBusy_isSaidWithItsAddress() {
    assertThatThrownBy(() -> at("http://127.0.0.1:1").start())
        .isInstanceOf(DeviceFault.class)
        .hasMessageContaining("http://127.0.0.1:1/scans")
        .hasMessageContaining("switched on");
    assertThatThrownBy(() -> real().state("b"))
        .isInstanceOf(DeviceFault.class)
        .hasMessageContaining("answered 503");
  }

  @Test
  void anIdThatIsNone_goesNowhere() {
    assertThatThrownBy(() -> real().state("../secrets")).isInstanceOf(NotFoundException.class);
  }
}
