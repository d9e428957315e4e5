package kitetail.server.device;

import java.util.UUID;
import kitetail.formats.words.Refused;
import kitetail.server.error.DeviceFault;
import kitetail.server.error.NotFoundException;
import org.springframework.beans.factory.annotation.Value;
import org.springframework.boot.web.server.context.WebServerInitializedEvent;
import org.springframework.context.event.EventListener;
import org.springframework.stereotype.Component;

/**
 * Where the devices are; in the demo, or when asked for, the stand-ins that ship with the
 * application.
 */
@Component
public class DeviceAddresses {
  /** Says to a stand-in that it is this server that asks. */
  public static final String KEY_HEADER = "X-Stand-In-Key";

  private final String key = UUID.randomUUID().toString();
  private final boolean standIns;
  private final String scanner;
  private final String comb;
  private final String messages;
  private int port;

  DeviceAddresses(
      @Value("${kitetail.scanner:}") String scanner,
      @Value("${kitetail.comb:}") String comb,
      @Value("${kitetail.messages:}") String messages,
      @Value("${kitetail.stand-ins:${kitetail.demo:false}}") boolean standIns) {
    this.standIns = standIns;
    this.scanner = scanner;
    this.comb = comb;
    this.messages = messages;
  }

  @EventListener
  void up(WebServerInitializedEvent e) {
    port = e.getWebServer().getPort();
  }

  /** Whether the stand-ins answer. */
  public boolean standIns() {
    return standIns;
  }

  public String key() {
    return key;
  }

  private String of(String device, String name, String standIn) {
    if (!device.isBlank()) {
      return device;
    }
    if (!standIns) {
      throw DeviceFault.silent(Refused.because("no-device", "name", name));
    }
    return "http://127.0.0.1:" + port + "/standin/" + standIn;
  }

  String scanner() {
    return of(scanner, "scanner", "scanner");
  }

  String comb() {
    return of(comb, "measuring comb", "comb");
  }

  public String messages() {
    return of(messages, "message gateway", "messages");
  }

  /** An id that can stand in an address. */
  static String plain(String id) {
    if (!id.matches("[A-Za-z0-9-]{1,64}")) {
      throw new NotFoundException(Refused.because("no-scan", "id", id));
    }
    return id;
  }
}
