package kitetail.bench;

import java.io.IOException;
import java.net.CookieManager;
import java.net.URI;
import java.net.http.HttpClient;
import java.net.http.HttpRequest;
import java.net.http.HttpResponse;

/** Someone signed in. */
final class Visitor {
  private final CookieManager cookies = new CookieManager();
  private final HttpClient http = HttpClient.newBuilder().cookieHandler(cookies).build();
  private final String url;

  Visitor(String url) {
    this.url = url;
    get("/api/session/token");
    post("/api/session", "{\"signIn\":\"maud\",\"password\":\"ferry-landing\"}");
  }

  double get(String path) {
    return timed(HttpRequest.newBuilder(URI.create(url + path)).build());
  }

  double post(String path, String body) {
    String token =
        cookies.getCookieStore().getCookies().stream()
            .filter(c -> c.getName().equals("XSRF-TOKEN"))
            .findFirst()
            .orElseThrow()
            .getValue();
    return timed(
        HttpRequest.newBuilder(URI.create(url + path))
            .header("Content-Type", "application/json")
            .header("X-XSRF-TOKEN", token)
            .POST(HttpRequest.BodyPublishers.ofString(body))
            .build());
  }

  private double timed(HttpRequest r) {
    try {
      long from = System.nanoTime();
      HttpResponse<byte[]> a = http.send(r, HttpResponse.BodyHandlers.ofByteArray());
      double ms = (System.nanoTime() - from) / 1e6;
      if (a.statusCode() >= 400) {
        throw new IllegalStateException(r.uri() + " answered " + a.statusCode());
      }
      return ms;
    } catch (IOException e) {
      throw new IllegalStateException(e);
    } catch (InterruptedException e) {
      Thread.currentThread().interrupt();
      throw new IllegalStateException(e);
    }
  }
}
