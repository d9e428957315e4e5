package kitetail.server.device;

import jakarta.annotation.PreDestroy;
import java.io.IOException;
import java.net.URI;
import java.net.http.HttpClient;
import java.net.http.HttpRequest;
import java.net.http.HttpResponse;
import java.time.Duration;
import java.util.concurrent.ExecutorService;
import java.util.concurrent.Executors;
import java.util.stream.Stream;
import org.springframework.http.MediaType;
import org.springframework.web.bind.annotation.GetMapping;
import org.springframework.web.bind.annotation.RestController;
import org.springframework.web.servlet.mvc.method.annotation.SseEmitter;

/** The measuring comb's readings, passed on to the page as server-sent events. */
@RestController
class CombController {
  private static final Duration OPEN = Duration.ofMinutes(10);

  private final HttpClient http =
      HttpClient.newBuilder().connectTimeout(Duration.ofSeconds(3)).build();
  private final ExecutorService threads =
      Executors.newCachedThreadPool(
          r -> {
            Thread t = new Thread(r, "comb");
            t.setDaemon(true);
            return t;
          });
  private final DeviceAddresses addresses;

  CombController(DeviceAddresses addresses) {
    this.addresses = addresses;
  }

  @GetMapping(value = "/api/comb/readings", produces = MediaType.TEXT_EVENT_STREAM_VALUE)
  SseEmitter readings() {
    URI at = URI.create(addresses.comb() + "/readings");
    SseEmitter out = new SseEmitter(OPEN.toMillis());
    threads.execute(() -> pass(at, out));
    return out;
  }

  private void pass(URI at, SseEmitter out) {
    try {
      HttpResponse<Stream<String>> r =
          http.send(
              HttpRequest.newBuilder(at)
                  .header("Accept", "text/event-stream")
                  .header(DeviceAddresses.KEY_HEADER, addresses.key())
                  .build(),
              HttpResponse.BodyHandlers.ofLines());
      try (Stream<String> lines = r.body()) {
        for (String line : (Iterable<String>) lines::iterator) {
          if (line.startsWith("data:")) {
            out.send(SseEmitter.event().name("reading").data(line.substring(5).strip()));
          }
        }
      }
      out.complete();
    } catch (IOException e) {
      out.completeWithError(e); // the comb or the page has gone; the page connects again
    } catch (IllegalStateException e) {
      // The page has gone and the stream is closed already.
    } catch (InterruptedException e) {
      Thread.currentThread().interrupt();
    }
  }

  @PreDestroy
  void stop() {
    threads.shutdownNow();
  }
}
