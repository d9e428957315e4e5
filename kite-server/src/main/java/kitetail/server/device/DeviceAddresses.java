package kitetail.server.device;

import kitetail.server.error.NotFoundException;
import org.springframework.beans.factory.annotation.Value;
import org.springframework.boot.web.server.context.WebServerInitializedEvent;
import org.springframework.context.event.EventListener;
import org.springframework.stereotype.Component;

/** Where the devices are; by default the stand-ins that ship with the application. */
@Component
public class DeviceAddresses {
  private final String scanner;
  private final String comb;
  private final String messages;
  private int port;

  DeviceAddresses(
      @Value("${kitetail.scanner:}") String scanner,
      @Value("${kitetail.comb:}") String comb,
      @Value("${kitetail.messages:}") String messages) {
    this.scanner = scanner;
    this.comb = comb;
    this.messages = messages;
  }

  @EventListener
  void up(WebServerInitializedEvent e) {
    port = e.getWebServer().getPort();
  }

  String scanner() {
    return scanner.isBlank() ? "http://127.0.0.1:" + port + "/standin/scanner" : scanner;
  }

  String comb() {
    return comb.isBlank() ? "http://127.0.0.1:" + port + "/standin/comb" : comb;
  }

  public String messages() {
    return messages.isBlank() ? "http://127.0.0.1:" + port + "/standin/messages" : messages;
  }

  /** An id that can stand in an address. */
  static String plain(String id) {
    if (!id.matches("[A-Za-z0-9-]{1,64}")) {
      throw new NotFoundException("No scan " + id + ".");
    }
    return id;
  }
}
