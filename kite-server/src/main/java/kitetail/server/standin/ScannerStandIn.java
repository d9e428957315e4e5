package kitetail.server.standin;

import java.time.Clock;
import java.time.Duration;
import java.time.Instant;
import java.util.Map;
import java.util.Random;
import java.util.concurrent.ConcurrentHashMap;
import java.util.concurrent.atomic.AtomicLong;
import kitetail.formats.mesh.MeshWriter;
import kitetail.geom.Mesh;
import kitetail.geom.Vec3;
import kitetail.head.Bust;
import kitetail.head.Head;
import kitetail.head.HeadShape;
import kitetail.head.HeadSpec;
import kitetail.server.error.NotFoundException;
import org.springframework.http.HttpStatus;
import org.springframework.web.bind.annotation.GetMapping;
import org.springframework.web.bind.annotation.PathVariable;
import org.springframework.web.bind.annotation.PostMapping;
import org.springframework.web.bind.annotation.RequestMapping;
import org.springframework.web.bind.annotation.ResponseStatus;
import org.springframework.web.bind.annotation.RestController;

/**
 * A simulated head scanner: a noisy mesh of a hidden made-up head, a little askew, after a few
 * seconds. The interface is in docs/formats.md.
 */
@RestController
@RequestMapping("/standin/scanner")
class ScannerStandIn {
  private static final Duration TAKES = Duration.ofSeconds(2);
  private static final double NOISE_MM = 0.5;

  private final Map<String, Instant> scans = new ConcurrentHashMap<>();
  private final AtomicLong next = new AtomicLong(1);
  private final Clock clock;

  ScannerStandIn(Clock clock) {
    this.clock = clock;
  }

  record Scan(String id, String state, double share) {}

  @PostMapping("/scans")
  @ResponseStatus(HttpStatus.CREATED)
  Scan start() {
    String id = Long.toString(next.getAndIncrement());
    scans.put(id, clock.instant());
    return state(id);
  }

  @GetMapping("/scans/{id}")
  Scan state(@PathVariable String id) {
    Instant from = scans.get(id);
    if (from == null) {
      throw new NotFoundException("No scan " + id + ".");
    }
    double share =
        Math.min(1, Duration.between(from, clock.instant()).toMillis() / (double) TAKES.toMillis());
    return new Scan(id, share < 1 ? "scanning" : "ready", share);
  }

  @GetMapping(value = "/scans/{id}/mesh", produces = "model/ply")
  byte[] mesh(@PathVariable String id) {
    if (state(id).share() < 1) {
      throw new NotFoundException("Scan " + id + " is not ready yet.");
    }
    return MeshWriter.ply(noisy(hidden(Long.parseLong(id)), Long.parseLong(id)));
  }

  private static Head hidden(long seed) {
    Random r = new Random(400 + seed);
    return Head.of(
        new HeadSpec.Measured(
            545 + 50 * r.nextDouble(),
            null,
            null,
            null,
            null,
            new HeadShape(
                1.6 * r.nextDouble() - 0.8,
                1.6 * r.nextDouble() - 0.8,
                r.nextDouble() - 0.5,
                0,
                0,
                0,
                0),
            null,
            null));
  }

  private static Mesh noisy(Head head, long seed) {
    Random r = new Random(seed);
    double turn = 0.15 * r.nextGaussian();
    double nod = 0.1 * r.nextGaussian();
    return Bust.of(head)
        .moved(
            p -> {
              Vec3 q =
                  new Vec3(
                      p.x() * Math.cos(turn) - p.y() * Math.sin(turn),
                      p.x() * Math.sin(turn) + p.y() * Math.cos(turn),
                      p.z());
              return new Vec3(
                  q.x() + NOISE_MM * r.nextGaussian(),
                  q.y() * Math.cos(nod) - q.z() * Math.sin(nod) + NOISE_MM * r.nextGaussian(),
                  q.y() * Math.sin(nod) + q.z() * Math.cos(nod) + NOISE_MM * r.nextGaussian());
            });
  }
}
