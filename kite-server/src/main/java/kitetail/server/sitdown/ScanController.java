package kitetail.server.sitdown;

import java.io.IOException;
import java.io.InputStream;
import kitetail.server.answer.EngineWork;
import kitetail.server.device.Scanner;
import org.springframework.http.MediaType;
import org.springframework.web.bind.annotation.GetMapping;
import org.springframework.web.bind.annotation.PathVariable;
import org.springframework.web.bind.annotation.PostMapping;
import org.springframework.web.bind.annotation.RequestMapping;
import org.springframework.web.bind.annotation.RequestParam;
import org.springframework.web.bind.annotation.RestController;

/** Scanned heads: a mesh file, or the scanner. Nothing is kept but what the stylist takes over. */
@RestController
@RequestMapping("/api/sitdown")
class ScanController {
  private final Scanner scanner;
  private final Scans scans;

  ScanController(Scanner scanner, Scans scans) {
    this.scanner = scanner;
    this.scans = scans;
  }

  /** The file as the request's body, read as it arrives; marks as x,y,z in its own frame. */
  @EngineWork
  @PostMapping(value = "/scan", consumes = MediaType.APPLICATION_OCTET_STREAM_VALUE)
  Scans.FittedScan file(
      InputStream body,
      @RequestParam(required = false) String left,
      @RequestParam(required = false) String right,
      @RequestParam(required = false) String bridge,
      @RequestParam(defaultValue = "0") double hairMm)
      throws IOException {
    return scans.of(body, left, right, bridge, hairMm);
  }

  @PostMapping("/scanner")
  Scanner.ScannerState start() {
    return scanner.start();
  }

  @GetMapping("/scanner/{id}")
  Scanner.ScannerState state(@PathVariable String id) {
    return scanner.state(id);
  }

  @EngineWork
  @PostMapping("/scanner/{id}/fit")
  Scans.FittedScan take(@PathVariable String id, @RequestParam(defaultValue = "0") double hairMm)
      throws IOException {
    try (InputStream mesh = scanner.mesh(id)) {
      return scans.of(mesh, null, null, null, hairMm);
    }
  }
}
