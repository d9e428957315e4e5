package kitetail.server.records;

import java.io.ByteArrayOutputStream;
import java.io.IOException;
import java.nio.charset.StandardCharsets;
import java.time.Clock;
import java.time.LocalDate;
import java.util.ArrayList;
import java.util.LinkedHashMap;
import java.util.List;
import java.util.Map;
import java.util.zip.ZipEntry;
import java.util.zip.ZipOutputStream;
import kitetail.formats.sheet.ClientRecord;
import kitetail.formats.sheet.Paper;
import kitetail.formats.words.OwnDataWords;
import kitetail.server.client.Client;
import kitetail.server.client.ClientRepository;
import kitetail.server.photo.PhotoRepository;
import org.springframework.jdbc.core.simple.JdbcClient;
import org.springframework.stereotype.Component;
import org.springframework.transaction.annotation.Transactional;
import tools.jackson.databind.JsonNode;
import tools.jackson.databind.json.JsonMapper;
import tools.jackson.databind.node.ArrayNode;
import tools.jackson.databind.node.ObjectNode;

/** All that is held on one client, to be handed over. */
@Component
class OwnData {
  /** Tables with rows of a client, by how the rows are found; pictures go as files. */
  private static final Map<String, String> HELD = new LinkedHashMap<>();

  static {
    HELD.put("sitDowns", "sitdown t where t.client_id = :client order by t.id");
    HELD.put("plans", "plan t where t.client_id = :client order by t.id");
    HELD.put(
        "planVersions",
        "plan_version t where t.plan_id in (select id from plan where client_id = :client) order by t.id");
    HELD.put("appointments", "appointment t where t.client_id = :client order by t.id");
    HELD.put("waiting", "waiting t where t.client_id = :client order by t.id");
    HELD.put("visits", "visit t where t.client_id = :client order by t.id");
    HELD.put(
        "sittings",
        "sitting t where t.plan_id in (select id from plan where client_id = :client) order by t.started_at");
    HELD.put(
        "sittingEntries",
        """
        sitting_entry t where t.sitting in (select s.token from sitting s join plan p on p.id = s.plan_id
          where p.client_id = :client) order by t.id\
        """);
    HELD.put("messages", "message t where t.client_id = :client order by t.id");
    HELD.put("toolsUsed", "kit_event t where t.client_id = :client order by t.id");
    HELD.put("photos", "photo t where t.client_id = :client order by t.id");
  }

  private final JdbcClient db;
  private final ClientRepository clients;
  private final PhotoRepository photos;
  private final Clock clock;
  private final JsonMapper json = new JsonMapper();

  OwnData(JdbcClient db, ClientRepository clients, PhotoRepository photos, Clock clock) {
    this.db = db;
    this.clients = clients;
    this.photos = photos;
    this.clock = clock;
  }

  /** A ZIP of client.json, client.pdf and every photograph. */
  @Transactional(readOnly = true)
  byte[] of(long shopId, long clientId) throws IOException {
    Client c = clients.get(shopId, clientId);
    ObjectNode all = json.createObjectNode();
    all.set("client", one("client t where t.id = :client", clientId).get(0));
    HELD.forEach((name, from) -> all.set(name, one(from, clientId)));
    ByteArrayOutputStream out = new ByteArrayOutputStream();
    try (ZipOutputStream zip = new ZipOutputStream(out, StandardCharsets.UTF_8)) {
      put(zip, "client.json", json.writerWithDefaultPrettyPrinter().writeValueAsBytes(all));
      put(
          zip,
          "client.pdf",
          ClientRecord.pdf(
              c.name(),
              OwnDataWords.say("all", "day", LocalDate.now(clock).toString()),
              parts(c, all),
              Paper.A4));
      for (PhotoRepository.PhotoRow p : photos.ofClient(shopId, clientId)) {
        put(zip, "photo/" + p.id() + ".jpg", photos.jpeg(shopId, p.id()));
      }
    }
    return out.toByteArray();
  }

  private ArrayNode one(String from, long clientId) {
    ArrayNode rows = json.createArrayNode();
    db.sql("select " + Tables.row() + " from " + from)
        .param("client", clientId)
        .query(String.class)
        .list()
        .forEach(r -> rows.add(json.readTree(r)));
    return rows;
  }

  private static void put(ZipOutputStream zip, String name, byte[] bytes) throws IOException {
    zip.putNextEntry(new ZipEntry(name));
    zip.write(bytes);
    zip.closeEntry();
  }

  private static List<ClientRecord.Part> parts(Client c, ObjectNode all) {
    List<ClientRecord.Part> parts = new ArrayList<>();
    parts.add(
        new ClientRecord.Part(
            OwnDataWords.say("reached"),
            List.of(
                OwnDataWords.say("telephone", "phone", c.phone()),
                OwnDataWords.say("e-mail", "email", c.email()),
                OwnDataWords.say("note", "note", c.note()))));
    parts.add(
        part(
            OwnDataWords.say("visits"),
            all.path("visits"),
            v ->
                day(v, "finished_at")
                    + ", "
                    + v.path("document").path("title").asString("")
                    + ". "
                    + v.path("remarks").asString("")));
    parts.add(
        part(OwnDataWords.say("appointments"), all.path("appointments"), a -> day(a, "starts_at")));
    parts.add(
        part(
            OwnDataWords.say("plans"),
            all.path("plans"),
            p -> p.path("document").path("title").asString("")));
    parts.add(
        part(
            OwnDataWords.say("sit-downs"),
            all.path("sitDowns"),
            s -> day(s, "created_at") + ", " + s.path("document")));
    parts.add(
        part(
            OwnDataWords.say("messages"),
            all.path("messages"),
            m -> day(m, "made_at") + ": " + m.path("words").asString("")));
    parts.add(part(OwnDataWords.say("photographs"), all.path("photos"), p -> day(p, "taken_at")));
    return parts;
  }

  private static ClientRecord.Part part(
      String title, JsonNode rows, java.util.function.Function<JsonNode, String> line) {
    return new ClientRecord.Part(title, rows.valueStream().map(line).toList());
  }

  private static String day(JsonNode row, String field) {
    String at = row.path(field).asString("");
    return at.length() < 10 ? at : at.substring(0, 10);
  }
}
