package kitetail.server;

import static org.assertj.core.api.Assertions.assertThat;

import java.net.http.HttpResponse;
import java.nio.charset.StandardCharsets;
import java.util.ArrayList;
import java.util.List;
import java.util.Map;
import java.util.Random;
import java.util.Set;
import java.util.concurrent.locks.LockSupport;
import kitetail.formats.json.Families;
import kitetail.formats.json.PlanJson;
import kitetail.formats.json.SitDownJson;
import kitetail.plan.SitDown;
import org.junit.jupiter.api.Test;
import tools.jackson.databind.JsonNode;
import tools.jackson.databind.node.ArrayNode;
import tools.jackson.databind.node.ObjectNode;

/**
 * Every operation of the interface, asked with what fits, what nearly fits and what does not: never
 * a fault of the server's own, and every refusal a sentence.
 */
class FuzzTest extends InShop {
  private static final int REQUESTS = Integer.getInteger("kitetail.fuzz", 400);

  /** How long an answer may take, ms, where a machine has nothing else to do; 0 asks nothing. */
  private static final int SLOWEST = Integer.getInteger("kitetail.slowest", 0);

  /** A write of one row takes no longer where the machine does nothing else. */
  private static final int QUICK_MS = 60;

  private static final int MOST_TRIES = 90;

  /** These end the session, go on for good, or want a whole file. */
  private static final Set<String> LEFT_OUT =
      Set.of(
          "DELETE /api/session",
          "POST /api/session",
          "POST /api/session/password",
          "POST /api/people/{id}/password",
          "PUT /api/people/{id}",
          "GET /api/comb/readings");

  /** These tell how far they are, and have limits of their own (docs/engine.md). */
  private static final Set<String> WITH_PROGRESS =
      Set.of("POST /api/same-longest", "GET /api/clients/{id}/ranking");

  private static final List<String> TEXTS =
      List.of(
          "Ansel",
          "",
          " ",
          "\u0000",
          "a\u0000b",
          "x".repeat(3000),
          "=1+1",
          "2026-11-02T10:00:00Z",
          "+292278994-01-01T00:00:00Z",
          "9999-12-31T23:59:59Z",
          "0001-01-01T00:00:00Z",
          "2026-13-45",
          "11111111-2222-3333-4444-555555555555",
          "even-all-over",
          "owner",
          "cm",
          "\ud83d\udc88 Ĳ ß",
          "../../etc/passwd",
          "';--",
          "FREQ=SECONDLY",
          "FREQ=DAILY;COUNT=999999999");

  private static final List<String> NUMBERS =
      List.of(
          "0",
          "1",
          "2",
          "6",
          "-1",
          "4.5",
          "52",
          "2026",
          "1e9",
          "1e308",
          "-0.0",
          "2147483648",
          "9223372036854775807",
          "99999999999999999999");

  private final Random r = new Random(18);
  private JsonNode schemas;

  private <T> T of(List<T> all) {
    return all.get(r.nextInt(all.size()));
  }

  private String value(JsonNode schema, int depth) {
    if (r.nextInt(25) == 0) {
      return of(List.of("null", "[]", "{}", "true", "\"" + "y".repeat(40) + "\"", "7"));
    }
    JsonNode s = resolved(schema);
    if (s.has("enum") && r.nextInt(6) > 0) {
      return s.path("enum").get(r.nextInt(s.path("enum").size())).toString();
    }
    return switch (s.path("type").asString("")) {
      case "integer", "number" -> of(NUMBERS);
      case "boolean" -> Boolean.toString(r.nextBoolean());
      case "string" -> TestShop.JSON.writeValueAsString(of(TEXTS));
      case "array" -> {
        List<String> items = new ArrayList<>();
        for (int i = r.nextInt(3); i >= 0 && depth < 4; i--) {
          items.add(value(s.path("items"), depth + 1));
        }
        yield "[" + String.join(",", items) + "]";
      }
      default ->
          // Where any JSON is taken, the schema has its own inner life.
          s.path("properties").isEmpty() || s.path("properties").has("pojo")
              ? document()
              : object(s, depth);
    };
  }

  private String object(JsonNode s, int depth) {
    List<String> fields = new ArrayList<>();
    for (Map.Entry<String, JsonNode> p : s.path("properties").properties()) {
      if (r.nextInt(8) > 0 && depth < 5) {
        fields.add("\"" + p.getKey() + "\":" + value(p.getValue(), depth + 1));
      }
    }
    return "{" + String.join(",", fields) + "}";
  }

  /** A plan or a sit-down, now and then with something in it replaced or missing. */
  private String document() {
    ObjectNode d =
        r.nextInt(4) == 0
            ? (ObjectNode) TestShop.JSON.readTree(SitDownJson.write(SitDown.walkIn()))
            : (ObjectNode) PlanJson.tree(of(List.copyOf(Families.all().values())));
    for (int i = r.nextInt(3); i > 0; i--) {
      spoil(d, 0);
    }
    return d.toString();
  }

  private void spoil(JsonNode n, int depth) {
    if (n instanceof ObjectNode o && !o.isEmpty()) {
      String key = of(o.propertyStream().map(Map.Entry::getKey).toList());
      if (depth < 6 && o.get(key).isContainer() && r.nextInt(5) > 0) {
        spoil(o.get(key), depth + 1);
      } else if (r.nextBoolean()) {
        o.remove(key);
      } else {
        o.set(key, TestShop.JSON.readTree(r.nextBoolean() ? of(NUMBERS.subList(0, 10)) : "\"?\""));
      }
    } else if (n instanceof ArrayNode a && !a.isEmpty()) {
      spoil(a.get(r.nextInt(a.size())), depth + 1);
    }
  }

  private JsonNode resolved(JsonNode schema) {
    String ref = schema.path("$ref").asString("");
    return ref.isEmpty() ? schema : schemas.path(ref.substring(ref.lastIndexOf('/') + 1));
  }

  private String inPath(JsonNode parameter) {
    String type = parameter.path("schema").path("type").asString("");
    return type.equals("integer")
        ? of(List.of("1", "2", "3", "6", "999999", "-1", "x", "9223372036854775808"))
        : escaped(
            of(
                List.of(
                    "even-all-over",
                    "fringe",
                    "11111111-2222-3333-4444-555555555555",
                    "no",
                    "a\u0000b")));
  }

  private static String escaped(String s) {
    return java.net.URLEncoder.encode(s, StandardCharsets.UTF_8).replace("+", "%20");
  }

  private String asked(String path, JsonNode operation) {
    String at = path;
    List<String> query = new ArrayList<>();
    for (JsonNode p : operation.path("parameters")) {
      String name = p.path("name").asString();
      if (p.path("in").asString().equals("path")) {
        at = at.replace("{" + name + "}", inPath(p));
      } else if (p.path("in").asString().equals("query") && r.nextInt(4) > 0) {
        String v = value(p.path("schema"), 4);
        query.add(
            name + "=" + escaped(v.startsWith("\"") ? TestShop.JSON.readTree(v).asString() : v));
      }
    }
    return query.isEmpty() ? at : at + "?" + String.join("&", query);
  }

  /**
   * Until the smallest of writes is answered as quickly as it should be, three times in a row; not
   * for ever.
   */
  private static void waitForTheMachine() {
    int quick = 0;
    for (int tries = 0; quick < 3 && tries < MOST_TRIES; tries++) {
      long from = System.nanoTime();
      told(204, maud.send("PUT", "/api/practice/consents", "{\"used\":false,\"shown\":false}"));
      quick = System.nanoTime() - from < 1_000_000L * QUICK_MS ? quick + 1 : 0;
      if (quick == 0) {
        LockSupport.parkNanos(1_000_000_000L);
      }
    }
  }

  @Test
  void nothingThatIsAsked_isAFaultOfTheServers() {
    JsonNode api = maud.json("/api/openapi");
    schemas = api.path("components").path("schemas");
    record Operation(String method, String path, JsonNode what) {}
    List<Operation> all = new ArrayList<>();
    api.path("paths")
        .properties()
        .forEach(
            p ->
                p.getValue()
                    .properties()
                    .forEach(
                        o -> {
                          String method = o.getKey().toUpperCase(java.util.Locale.ROOT);
                          if (!LEFT_OUT.contains(method + " " + p.getKey())
                              && !p.getKey().startsWith("/standin")) {
                            all.add(new Operation(method, p.getKey(), o.getValue()));
                          }
                        }));
    assertThat(all).hasSizeGreaterThan(100);
    List<String> faults = new ArrayList<>();
    for (int i = 0; i < REQUESTS; i++) {
      // Each at least once, then whichever.
      Operation o = i < all.size() ? all.get(i) : of(all);
      JsonNode content = o.what.path("requestBody").path("content");
      String path = asked(o.path, o.what);
      String body =
          content.isEmpty()
              ? null
              : value(content.properties().iterator().next().getValue().path("schema"), 0);
      boolean file = content.has("application/octet-stream");
      long from = System.nanoTime();
      HttpResponse<String> a =
          file
              ? maud.upload(path, String.valueOf(body).getBytes(StandardCharsets.UTF_8))
              : maud.send(o.method, path, body);
      long ms = (System.nanoTime() - from) / 1_000_000;
      String what = o.method + " " + path + " " + body;
      if (SLOWEST > 0 && ms > SLOWEST && !WITH_PROGRESS.contains(o.method + " " + o.path)) {
        // A machine that others use may stall: counted when it is so again with the machine its
        // own.
        waitForTheMachine();
        long second = System.nanoTime();
        maud.send(o.method, path, body);
        long again = (System.nanoTime() - second) / 1_000_000;
        System.out.println(ms + " ms, then " + again + " ms: " + o.method + " " + path);
        if (again > SLOWEST) {
          faults.add(ms + " ms, then " + again + " ms " + what);
        }
      }
      if (a.statusCode() >= 500 && a.statusCode() != 502) {
        faults.add(a.statusCode() + " " + what + " -> " + a.body());
      } else if (a.statusCode() >= 400 && a.statusCode() != 401) {
        String said =
            a.body().startsWith("{")
                ? TestShop.JSON.readTree(a.body()).path("detail").asString("")
                : "";
        if (said.isBlank()) {
          faults.add("no sentence: " + a.statusCode() + " " + what + " -> " + a.body());
        }
      }
    }
    assertThat(faults.stream().map(f -> f.substring(0, Math.min(600, f.length()))).toList())
        .isEmpty();
    assertThat(maud.send("GET", "/api/clients", null).statusCode()).isEqualTo(200);
  }
}
