package kitetail.endure;

import java.io.IOException;
import java.net.CookieManager;
import java.net.HttpCookie;
import java.net.URI;
import java.net.http.HttpClient;
import java.net.http.HttpRequest;
import java.net.http.HttpResponse;
import java.time.Duration;

/** Somebody signed in, who is told of whatever comes of a request. */
final class Caller {
  /**
   * @param status 0 when nobody answered
   */
  record Answer(int status, String body, double ms) {
    boolean is(int wanted) {
      return status == wanted;
    }
  }

  private final CookieManager cookies = new CookieManager();
  private final HttpClient http =
      HttpClient.newBuilder()
          .cookieHandler(cookies)
          .connectTimeout(Duration.ofSeconds(3))
          .version(HttpClient.Version.HTTP_1_1)
          .build();
  private final Shop shop;
  private final Tally tally;

  Caller(Shop shop, Tally tally) {
    this.shop = shop;
    this.tally = tally;
  }

  /** Signs in once; later only when asked to. */
  Caller signedIn() {
    while (!ask("POST", "/api/session", "{\"signIn\":\"maud\",\"password\":\"ferry-landing\"}")
        .is(200)) {
      Shop.pause(500);
    }
    return this;
  }

  Answer ask(String method, String path, String body) {
    return ask(method, path, body, "load");
  }

  /**
   * @param kind under which its time is told
   */
  Answer ask(String method, String path, String body, String kind) {
    long from = System.nanoTime();
    try {
      HttpRequest.Builder r =
          HttpRequest.newBuilder(URI.create(shop.url() + path))
              .timeout(Duration.ofSeconds(100))
              .header("Content-Type", "application/json")
              .header("X-Device", "endure");
      if (!method.equals("GET")) {
        r.header("X-XSRF-TOKEN", token());
      }
      r.method(
          method,
          body == null
              ? HttpRequest.BodyPublishers.noBody()
              : HttpRequest.BodyPublishers.ofString(body));
      HttpResponse<String> a = http.send(r.build(), HttpResponse.BodyHandlers.ofString());
      return tally.answered(
          kind, path, new Answer(a.statusCode(), a.body(), (System.nanoTime() - from) / 1e6));
    } catch (IOException e) {
      return tally.answered(
          kind, path, new Answer(0, e.toString(), (System.nanoTime() - from) / 1e6));
    } catch (InterruptedException e) {
      throw Shop.stopped(e);
    }
  }

  private String token() throws IOException, InterruptedException {
    for (int tries = 0; tries < 2; tries++) {
      for (HttpCookie c : cookies.getCookieStore().getCookies()) {
        if (c.getName().equals("XSRF-TOKEN")) {
          return c.getValue();
        }
      }
      http.send(
          HttpRequest.newBuilder(URI.create(shop.url() + "/api/session/token"))
              .timeout(Duration.ofSeconds(20))
              .build(),
          HttpResponse.BodyHandlers.discarding());
    }
    return "";
  }
}
