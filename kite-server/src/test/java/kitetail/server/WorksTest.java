package kitetail.server;

import static org.assertj.core.api.Assertions.assertThat;

import java.net.http.HttpResponse;
import java.util.List;
import kitetail.formats.json.Families;
import kitetail.formats.json.PlanJson;
import org.junit.jupiter.api.BeforeAll;
import org.junit.jupiter.api.Test;
import org.junit.jupiter.params.ParameterizedTest;
import org.junit.jupiter.params.provider.ValueSource;
import tools.jackson.databind.JsonNode;
import tools.jackson.databind.node.ObjectNode;

/** A plan goes up once, and is named from then on. */
class WorksTest extends InShop {
  private static final String WHOLE = PlanJson.write(Families.all().get("short-shag"));
  private static final String UNKNOWN = "{\"work\":\"0123456789abcdef\"}";

  private static String name;

  @BeforeAll
  static void sentOnce() {
    HttpResponse<byte[]> r = maud.bytes("POST", "/api/outcome", WHOLE);
    assertThat(r.statusCode()).isEqualTo(200);
    name = r.headers().firstValue("X-Work").orElseThrow();
  }

  private static String named() {
    return "{\"work\":\"" + name + "\"}";
  }

  @ParameterizedTest
  @ValueSource(
      strings = {"/api/outcome", "/api/head", "/api/seams", "/api/fall?preview=true", "/api/map"})
  void whatIsAnswered_isTheSame_byNameAndWhole(String door) {
    HttpResponse<byte[]> byName = maud.bytes("POST", door, named());
    assertThat(byName.statusCode()).isEqualTo(200);
    assertThat(byName.body()).isEqualTo(maud.bytes("POST", door, WHOLE).body());
    assertThat(byName.headers().firstValue("X-Work")).as("nothing came whole").isEmpty();
  }

  @Test
  void aPartOfABody_isNamedToo_andThoseSentWholeAreToldInOrder() {
    ObjectNode other = (ObjectNode) TestShop.JSON.readTree(WHOLE);
    other.put("title", "Another");
    String asked = "{\"document\":" + named() + ",\"other\":" + other + "}";
    HttpResponse<String> r = maud.send("POST", "/api/edit/differences", asked);
    assertThat(told(200, r).valueStream().map(JsonNode::asString)).isNotNull();
    List<String> names = r.headers().allValues("X-Work");
    assertThat(names).hasSize(1).doesNotContain(name);
    post(
        200,
        "/api/edit/differences",
        "{\"document\":{\"work\":\"" + names.get(0) + "\"},\"other\":" + named() + "}");
  }

  @Test
  void aPlanThatIsOpened_hasItsName() {
    long client = post(201, "/api/clients", "{\"name\":\"Named\"}").path("id").asLong();
    long plan =
        post(201, "/api/clients/" + client + "/plans", "{\"family\":\"quiet-side-part\"}")
            .path("id")
            .asLong();
    String work = maud.json("/api/plans/" + plan).path("work").asString();
    assertThat(work).matches("[0-9a-f]{64}");
    assertThat(maud.bytes("POST", "/api/outcome", "{\"work\":\"" + work + "\"}").statusCode())
        .isEqualTo(200);
  }

  @Test
  void whatIsNotKnown_isAskedFor_andNoOtherShopKnowsIt() {
    assertThat(post(404, "/api/outcome", UNKNOWN).path("unknownWork").asBoolean()).isTrue();
    assertThat(
            post(
                    404,
                    "/api/edit/differences",
                    "{\"document\":" + UNKNOWN + ",\"other\":" + WHOLE + "}")
                .path("unknownWork")
                .asBoolean())
        .isTrue();
    shop.otherShop();
    TestShop.Visitor stranger = shop.new Visitor().signedIn("stranger");
    assertThat(told(404, stranger.send("POST", "/api/outcome", named())).path("detail").asString())
        .contains("send it");
  }
}
