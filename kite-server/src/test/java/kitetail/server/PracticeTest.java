package kitetail.server;

import static org.assertj.core.api.Assertions.assertThat;
import static org.assertj.core.api.Assertions.within;

import java.time.Instant;
import java.util.Collections;
import java.util.List;
import java.util.UUID;
import kitetail.cut.Fingers;
import kitetail.formats.json.PlanJson;
import org.junit.jupiter.api.BeforeEach;
import org.junit.jupiter.api.Test;
import tools.jackson.databind.JsonNode;

/** Practice: a head from a seed, tries that count once, what they teach, who sees it. */
class PracticeTest extends InShop {
  @BeforeEach
  void nothingYet() {
    shop.sql("delete from practice_try");
    shop.sql("delete from course");
    shop.sql("delete from hand_seen");
    shop.sql(
        "update person set practice_used = false, practice_shown = false, left_handed = false");
  }

  private static String attempt(String drill, int seed, String tried) {
    return "{\"version\":1,\"drill\":\"%s\",\"seed\":%d,\"level\":1,\"seconds\":9,\"tried\":%s}"
        .formatted(drill, seed, tried);
  }

  private static String sent(UUID token, String attempt) {
    return "{\"token\":\"%s\",\"attempt\":%s}".formatted(token, attempt);
  }

  private static String soFar(String attempt) {
    return "{\"attempt\":" + attempt + "}";
  }

  private static String chosen(int which) {
    return "{\"kind\":\"chosen\",\"which\":" + which + "}";
  }

  private static JsonNode drill(JsonNode practised, String drill) {
    return practised
        .path("progress")
        .path("drills")
        .valueStream()
        .filter(d -> d.path("drill").asString().equals(drill))
        .findFirst()
        .orElseThrow();
  }

  @Test
  void aSeed_isOneHead_andEveryDrillIsShown() {
    JsonNode mine = maud.json("/api/practice");
    assertThat(mine.path("progress").path("drills")).hasSize(12);
    for (JsonNode d : mine.path("progress").path("drills")) {
      String path = "/api/practice/drills/" + d.path("drill").asString() + "?seed=5&level=2";
      JsonNode one = maud.json(path);
      assertThat(one.path("ask").asString()).as(path).isNotBlank();
      assertThat(one).isEqualTo(maud.json(path));
      assertThat(one.path("document").path("head").path("kind").asString()).isEqualTo("measured");
    }
    told(422, maud.send("GET", "/api/practice/drills/hold?seed=5&level=6", null));
    told(422, maud.send("GET", "/api/practice/drills/juggling", null));
  }

  @Test
  void aTry_isScored_andCountsOnceHoweverOftenItIsSent() {
    UUID token = UUID.randomUUID();
    int good = 0;
    for (int which = 0; which < 4; which++) {
      JsonNode r =
          post(
              200,
              "/api/practice/tries",
              sent(UUID.randomUUID(), attempt("whatLeaves", 3, chosen(which))));
      good += r.path("score").path("good").asBoolean() ? 1 : 0;
      assertThat(r.path("score").path("why").asString()).isNotBlank();
    }
    assertThat(good).isEqualTo(1);
    String again = sent(token, attempt("whatLeaves", 3, chosen(0)));
    JsonNode first = post(200, "/api/practice/tries", again);
    assertThat(post(200, "/api/practice/tries", again)).isEqualTo(first);
    // Another try under the token of the first is not called stored.
    told(
        409,
        maud.send("POST", "/api/practice/tries", sent(token, attempt("whatLeaves", 3, chosen(1)))));
    JsonNode all = drill(maud.json("/api/practice"), "whatLeaves");
    assertThat(all.path("tries").asInt()).isEqualTo(5);
    // On a head whose answer was seen nothing is learnt, and it grows no harder.
    assertThat(all.path("level").asDouble()).isLessThanOrEqualTo(1.15);
  }

  @Test
  void aWholeCut_isShownAsItGoes_andWrittenDownOnlyAtItsEnd() {
    JsonNode task = maud.json("/api/practice/drills/wholeCut?seed=2&level=1");
    assertThat(task.path("document").path("moves")).isEmpty();
    JsonNode first =
        task.path("moves")
            .valueStream()
            .filter(m -> !m.path("dials").isEmpty())
            .findFirst()
            .orElseThrow();
    assertThat(first.path("asks").asString()).isNotBlank();
    String one =
        "{\"kind\":\"whole\",\"led\":[{\"move\":\"%s\",\"dials\":{}}]}"
            .formatted(first.path("id").asString());
    JsonNode after = post(200, "/api/practice/after", soFar(attempt("wholeCut", 2, one)));
    assertThat(after.path("moves")).hasSize(1);
    assertThat(shop.sql("select count(*)::text from practice_try")).isEqualTo(List.of("0"));
    JsonNode r =
        post(200, "/api/practice/tries", sent(UUID.randomUUID(), attempt("wholeCut", 2, one)));
    assertThat(r.path("score").path("cause").asString()).isEqualTo("leftUncut");
    assertThat(r.path("score").path("more").size()).isGreaterThanOrEqualTo(5);
    String none = "{\"kind\":\"whole\",\"led\":[{\"move\":\"no such move\"}]}";
    assertThat(post(422, "/api/practice/after", soFar(attempt("wholeCut", 2, none))).toString())
        .contains("no such move");
  }

  @Test
  void badStrokes_areSaidWithTheirPlace_andNothingIsKept() {
    String at = "{\"seconds\":%s,\"aroundDeg\":%s,\"share\":0.9,\"gapMm\":10,\"cuts\":true}";
    List<String> bad =
        List.of(
            "[" + at.formatted(0, 180) + "]",
            "[" + at.formatted(0, 400) + "," + at.formatted(1, 180) + "]",
            "[" + at.formatted(2, 180) + "," + at.formatted(1, 180) + "]",
            "[" + String.join(",", Collections.nCopies(9_000, at.formatted(1, 180))) + "]");
    for (String track : bad) {
      String strokes =
          "{\"kind\":\"strokes\",\"strokes\":[{\"track\":"
              + track
              + "}],\"tool\":\"clipper\",\"thicknessMm\":1.5,\"teethMm\":40}";
      JsonNode said =
          post(
              422,
              "/api/practice/tries",
              sent(
                  UUID.randomUUID(),
                  attempt("overComb", 1, "{\"kind\":\"combed\",\"strokes\":" + strokes + "}")));
      assertThat(said.toString()).contains("strokes").contains("allowed");
    }
    post(422, "/api/practice/tries", sent(UUID.randomUUID(), attempt("overComb", 1, chosen(1))));
    assertThat(shop.sql("select count(*)::text from practice_try")).isEqualTo(List.of("0"));
  }

  @Test
  void whatIsKnownOfAHand_isShown_usedWhenAgreedTo_andForgotten() {
    for (int seed = 0; seed < 5; seed++) {
      JsonNode task = maud.json("/api/practice/drills/hold?seed=" + seed + "&level=1");
      double meant =
          task.path("ghost")
              .path("moves")
              .get(0)
              .path("cut")
              .path("hold")
              .path("elevationDeg")
              .asDouble();
      double fingers =
          task.path("ghost")
              .path("moves")
              .get(0)
              .path("cut")
              .path("line")
              .path("fingerDeg")
              .asDouble();
      post(
          200,
          "/api/practice/tries",
          sent(
              UUID.randomUUID(),
              attempt(
                  "hold",
                  seed,
                  "{\"kind\":\"held\",\"elevationDeg\":%s,\"fingerDeg\":%s,\"guide\":{\"kind\":\"travelling\"}}"
                      .formatted(meant - 12, fingers))));
    }
    JsonNode skill =
        maud.json("/api/practice")
            .path("progress")
            .path("skills")
            .valueStream()
            .filter(s -> s.path("skill").asString().equals("elevation"))
            .findFirst()
            .orElseThrow();
    assertThat(skill.path("estimate").path("mean").asDouble()).isEqualTo(-12);
    String plan = maud.json("/api/plans/1").path("document").toString();
    ownHandIsUsed(plan, false);
    told(204, maud.send("PUT", "/api/practice/consents", "{\"used\":true,\"shown\":true}"));
    ownHandIsUsed(plan, true);
    assertThat(maud.json("/api/practice/learners")).hasSize(1);
    told(204, maud.send("DELETE", "/api/practice/tries", null));
    assertThat(drill(maud.json("/api/practice"), "hold").path("tries").asInt()).isZero();
    ownHandIsUsed(plan, false);
  }

  /** Where hands are reckoned with, it is said whose: errors, the check round, how wide a bite. */
  private void ownHandIsUsed(String plan, boolean own) {
    assertThat(post(200, "/api/risk", plan).path("own").asBoolean()).isEqualTo(own);
    String document = "{\"document\":" + plan;
    assertThat(post(200, "/api/check-round", document + "}").path("own").asBoolean())
        .isEqualTo(own);
    String held =
        PlanJson.read(plan).moves().stream()
            .filter(m -> m.cut() instanceof Fingers)
            .findFirst()
            .orElseThrow()
            .id();
    assertThat(
            post(200, "/api/bites", document + ",\"move\":\"" + held + "\",\"toleranceMm\":5}")
                .path("own")
                .asBoolean())
        .isEqualTo(own);
  }

  @Test
  void eachHand_isKnownApart_andWhichOneCutsIsSaid() {
    String left =
        attempt("whatLeaves", 3, chosen(0)).replace("\"seconds\"", "\"leftHand\":true,\"seconds\"");
    post(200, "/api/practice/tries", sent(UUID.randomUUID(), left));
    JsonNode right = maud.json("/api/practice");
    assertThat(right.path("leftHand").asBoolean()).isFalse();
    assertThat(drill(right, "whatLeaves").path("tries").asInt()).isZero();
    told(204, maud.send("PUT", "/api/practice/hand", "{\"leftHand\":true}"));
    JsonNode other = maud.json("/api/practice");
    assertThat(other.path("leftHand").asBoolean()).isTrue();
    assertThat(drill(other, "whatLeaves").path("tries").asInt()).isEqualTo(1);
    String again = "{\"signIn\":\"maud\",\"password\":\"ferry-landing\"}";
    assertThat(shop.new Visitor().send("POST", "/api/session", again).body())
        .contains("\"leftHanded\":true");
  }

  /** Half as long again as planned, thirty times over: a plan of an hour is booked so. */
  @Test
  void aSlowHand_isBookedLonger_andAHandThatStraysIsRanked_whereItsOwnerAgreed() {
    long client =
        post(201, "/api/clients", "{\"name\":\"Sil Westra\",\"phone\":\"+31 6 5550 0188\"}")
            .path("id")
            .asLong();
    long plan =
        post(201, "/api/clients/" + client + "/plans", "{\"family\":\"even-all-over\"}")
            .path("id")
            .asLong();
    String slow = String.join(",", Collections.nCopies(30, "{\"skill\":\"pace\",\"off\":0.5}"));
    String low = String.join(",", Collections.nCopies(30, "{\"skill\":\"elevation\",\"off\":-18}"));
    shop.sql(
        "insert into hand_seen (visit_id, person_id, seen_at, seen) values (%d, 1, now(), '[%s,%s]')"
            .formatted(visit(2, "2026-09-01T08:00:00Z", "2026-09-01T08:30:00Z", ""), slow, low));
    String free = "/api/diary/free?from=2031-03-03&planId=" + plan;
    int usual = maud.json(free).path("minutes").asInt();
    assertThat(maud.json(free).path("byOwnPace").asBoolean()).isFalse();
    String ranked = "/api/clients/" + client + "/ranking";
    assertThat(maud.send("GET", ranked, null).body()).doesNotContain("your hand");
    told(204, maud.send("PUT", "/api/practice/consents", "{\"used\":true,\"shown\":false}"));
    int own = maud.json(free).path("minutes").asInt();
    // 30 of 38 times half as long again, and ten minutes between.
    assertThat(own - 10.0).isCloseTo((usual - 10) * 1.39, within(6.0));
    assertThat(maud.json(free).path("byOwnPace").asBoolean()).isTrue();
    assertThat(bookedByOwnPace(client, plan, "2031-03-03T10:00:00Z", "")).isTrue();
    assertThat(bookedByOwnPace(client, plan, "2031-03-04T10:00:00Z", ",\"minutes\":" + own))
        .isTrue();
    assertThat(bookedByOwnPace(client, plan, "2031-03-05T10:00:00Z", ",\"minutes\":30")).isFalse();
    assertThat(maud.send("GET", ranked, null).body()).contains("your hand");
    assertThat(walkInByOwnPace(client, plan)).isTrue();
  }

  /** Sat down without an appointment, with room in the chair until the evening. */
  private static boolean walkInByOwnPace(long client, long plan) {
    String today = "/api/diary?from=" + maud.json("/api/today").path("date").asString();
    maud.json(today)
        .path("appointments")
        .valueStream()
        .filter(a -> a.path("personId").asLong() == 1)
        .forEach(a -> maud.send("DELETE", "/api/appointments/" + a.path("id").asLong(), null));
    post(
        200,
        "/api/plans/" + plan + "/sitting",
        "{\"token\":\"%s\",\"startedAt\":\"%s\"}".formatted(UUID.randomUUID(), Instant.now()));
    return maud.json(today)
        .path("appointments")
        .valueStream()
        .filter(a -> a.path("clientId").asLong() == client)
        .findFirst()
        .orElseThrow()
        .path("byOwnPace")
        .asBoolean();
  }

  /**
   * Books a plan and reads from the diary whether it is as long as the stylist's own pace makes it.
   */
  private boolean bookedByOwnPace(long client, long plan, String at, String with) {
    long id =
        post(
                201,
                "/api/appointments",
                "{\"personId\":1,\"clientId\":%d,\"planId\":%d,\"startsAt\":\"%s\"%s}"
                    .formatted(client, plan, at, with))
            .path("id")
            .asLong();
    return maud.json("/api/diary?from=" + at.substring(0, 10))
        .path("appointments")
        .valueStream()
        .filter(a -> a.path("id").asLong() == id)
        .findFirst()
        .orElseThrow()
        .path("byOwnPace")
        .asBoolean();
  }

  @Test
  void aCourse_isTakenInFromItsFile_toldWhatIsWrong_andCountsWhatWasGood() {
    String course =
        "{\"version\":1,\"title\":\"First week\",\"steps\":[{\"drill\":\"whatLeaves\",\"seed\":3,\"level\":1,\"good\":2}]}";
    post(201, "/api/practice/courses", course);
    for (int which = 0; which < 4; which++) {
      post(
          200,
          "/api/practice/tries",
          sent(UUID.randomUUID(), attempt("whatLeaves", 3, chosen(which))));
    }
    JsonNode row = maud.json("/api/practice/courses").get(0);
    assertThat(row.path("done").get(0).asInt()).isEqualTo(1);
    assertThat(row.path("course")).isEqualTo(TestShop.JSON.readTree(course));
    JsonNode said =
        post(
            422,
            "/api/practice/courses",
            "{\"version\":1,\"title\":\"\",\"steps\":[{\"drill\":\"juggle\",\"level\":9,\"good\":1},{\"drill\":\"hold\",\"level\":1}]}");
    assertThat(said.toString())
        .contains("$.steps[0].drill")
        .contains("$.steps[0].level")
        .contains("$.steps[1].good")
        .contains("$.title");
  }

  @Test
  void aLearnerPractises_andSetsNoCourses_norSeesOthers() {
    post(
        204,
        "/api/people",
        "{\"name\":\"Bo\",\"signIn\":\"bo\",\"password\":\"ferry-landing\",\"role\":\"learner\"}");
    TestShop.Visitor bo = shop.new Visitor().signedIn("bo");
    told(
        200,
        bo.send(
            "POST",
            "/api/practice/tries",
            sent(UUID.randomUUID(), attempt("whatLeaves", 3, chosen(0)))));
    assertThat(drill(maud.json("/api/practice"), "whatLeaves").path("tries").asInt()).isZero();
    told(403, bo.send("GET", "/api/practice/learners", null));
    told(
        403,
        bo.send(
            "POST",
            "/api/practice/courses",
            "{\"version\":1,\"title\":\"Mine\",\"steps\":[{\"drill\":\"hold\",\"level\":1,\"good\":1}]}"));
  }
}
