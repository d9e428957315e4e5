package kitetail.server.standin;

import jakarta.annotation.PreDestroy;
import java.io.IOException;
import java.util.Locale;
import java.util.Random;
import java.util.concurrent.Executors;
import java.util.concurrent.ScheduledExecutorService;
import java.util.concurrent.ScheduledFuture;
import java.util.concurrent.TimeUnit;
import org.springframework.http.MediaType;
import org.springframework.web.bind.annotation.GetMapping;
import org.springframework.web.bind.annotation.RequestMapping;
import org.springframework.web.bind.annotation.RestController;
import org.springframework.web.servlet.mvc.method.annotation.SseEmitter;

/** A simulated measuring comb: a made-up reading every other second. */
@RestController
@RequestMapping("/standin/comb")
class CombStandIn {
  private static final long EVERY_MS = 2000;

  private final ScheduledExecutorService beat =
      Executors.newSingleThreadScheduledExecutor(
          r -> {
            Thread t = new Thread(r, "comb-stand-in");
            t.setDaemon(true);
            return t;
          });

  @GetMapping(value = "/readings", produces = MediaType.TEXT_EVENT_STREAM_VALUE)
  SseEmitter readings() {
    SseEmitter out = new SseEmitter(0L);
    Random r = new Random(7);
    ScheduledFuture<?> f =
        beat.scheduleAtFixedRate(() -> read(out, r), EVERY_MS, EVERY_MS, TimeUnit.MILLISECONDS);
    out.onCompletion(() -> f.cancel(false));
    out.onError(e -> f.cancel(false));
    return out;
  }

  private static void read(SseEmitter out, Random r) {
    try {
      double mm = 30 + 80 * r.nextDouble();
      out.send(
          SseEmitter.event()
              .name("reading")
              .data(String.format(Locale.ROOT, "{\"lengthMm\":%.1f}", mm)));
    } catch (IOException | IllegalStateException e) {
      out.completeWithError(e);
    }
  }

  @PreDestroy
  void stop() {
    beat.shutdownNow();
  }
}
