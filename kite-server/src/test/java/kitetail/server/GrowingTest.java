package kitetail.server;

import static org.assertj.core.api.Assertions.assertThat;

import java.awt.image.BufferedImage;
import java.io.ByteArrayInputStream;
import java.io.IOException;
import java.net.http.HttpResponse;
import java.nio.charset.StandardCharsets;
import java.util.ArrayList;
import java.util.List;
import javax.imageio.ImageIO;
import org.junit.jupiter.api.BeforeAll;
import org.junit.jupiter.api.Test;
import tools.jackson.databind.JsonNode;
import tools.jackson.databind.node.ObjectNode;

/** Growing out, over HTTP: from a client's hair of today to a shape that wants more of it. */
class GrowingTest extends InShop {
  private static long shorn;

  /** Short all over: two fingers on top, one at the sides. */
  @BeforeAll
  static void sitDown() {
    shorn = post(201, "/api/clients", "{\"name\":\"Grows It\"}").path("id").asLong();
    long id = post(201, "/api/clients/" + shorn + "/sitdowns", "{}").path("id").asLong();
    JsonNode now = told(200, maud.send("GET", "/api/sitdowns/" + id, null));
    ObjectNode document = (ObjectNode) now.path("document");
    ObjectNode taped = document.putObject("start").put("kind", "taped").putObject("tapedMm");
    taped.put("front", 40).put("apex", 40).put("crown", 35).put("nape", 12).put("occipital", 20);
    taped.put("earTopLeft", 15).put("earTopRight", 15);
    ObjectNode save = TestShop.JSON.createObjectNode();
    save.put("version", now.path("version").asLong()).set("document", document);
    told(200, maud.send("PUT", "/api/sitdowns/" + id, save.toString()));
  }

  private static String at(String more) {
    return "/api/clients/" + shorn + "/growing/throw-back-layers" + more;
  }

  private static JsonNode got(String path) {
    return told(200, maud.send("GET", path, null));
  }

  @Test
  void theWay_saysWhenItIsThere_andWhatIsTakenAndLeftEachTime() {
    JsonNode way = got(at("?everyWeeks=8"));
    JsonNode weeks = way.path("reachableWeeks");
    assertThat(weeks.path("early").asDouble()).isPositive();
    assertThat(weeks.path("late").asDouble()).isGreaterThan(weeks.path("mean").asDouble());
    assertThat(way.path("visits").size()).isEqualTo(way.path("told").size()).isGreaterThan(2);
    List<Double> at = new ArrayList<>();
    way.path("visits").forEach(v -> at.add(v.path("week").asDouble()));
    assertThat(at).isSorted().startsWith(0.0);
    JsonNode first = way.path("told").get(0);
    assertThat(first.path("leave").asString()).startsWith("Leave ").endsWith(".");
    assertThat(way.path("words").asString()).contains("weeks");
    assertThat(way.path("title").asString()).doesNotContain(" weeks");
    HttpResponse<String> r = maud.send("GET", at("?everyWeeks=40"), null);
    assertThat(r.statusCode()).isEqualTo(422);
    assertThat(r.body()).contains("allowed 1 to 26");
  }

  /** From visit to visit the head with its hair takes more of the picture. */
  @Test
  void eachVisit_hasItsPicture_andHowItIsWornUntilTheNext() throws IOException {
    int before = 0;
    for (int week : new int[] {0, 16, 32}) {
      int drawn = drawn(maud.bytes("GET", at("/picture.png?view=back&week=" + week), null).body());
      assertThat(drawn).as("week %s", week).isGreaterThan(before);
      before = drawn;
    }
    assertThat(got(at("/meanwhile?week=16")).path("words").asString())
        .startsWith("Until the next: ")
        .contains(" % of the top");
    assertThat(maud.send("GET", at("/picture.png?week=999"), null).statusCode()).isEqualTo(422);
  }

  /** So many pixels are not background. */
  private static int drawn(byte[] png) throws IOException {
    BufferedImage i = ImageIO.read(new ByteArrayInputStream(png));
    int background = i.getRGB(0, 0);
    int all = 0;
    for (int y = 0; y < i.getHeight(); y++) {
      for (int x = 0; x < i.getWidth(); x++) {
        all += i.getRGB(x, y) == background ? 0 : 1;
      }
    }
    return all;
  }

  @Test
  void theWay_goesHomeOnPaper() {
    byte[] pdf = maud.bytes("GET", at("/sheet.pdf"), null).body();
    assertThat(new String(pdf, 0, 5, StandardCharsets.US_ASCII)).isEqualTo("%PDF-");
  }

  @Test
  void anotherShopsClient_isNobody_andAShapeThatIsNoneIsSaid() {
    assertThat(maud.send("GET", "/api/clients/999999/growing/throw-back-layers", null).statusCode())
        .isEqualTo(404);
    HttpResponse<String> none = maud.send("GET", at("x"), null);
    assertThat(none.statusCode()).isEqualTo(422);
    assertThat(none.body()).contains("throw-back-layersx");
  }
}
