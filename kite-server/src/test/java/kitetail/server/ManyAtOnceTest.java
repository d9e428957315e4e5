package kitetail.server;

import static org.assertj.core.api.Assertions.assertThat;

import java.util.ArrayList;
import java.util.List;
import java.util.concurrent.ExecutorService;
import java.util.concurrent.Executors;
import java.util.concurrent.Future;
import java.util.concurrent.TimeUnit;
import kitetail.formats.json.Families;
import kitetail.formats.json.PlanJson;
import kitetail.formats.json.SitDownJson;
import kitetail.plan.SitDown;
import kitetail.server.warm.Warms;
import org.junit.jupiter.api.Test;
import tools.jackson.databind.node.ObjectNode;

/** All that is slow and spread over the processors, asked for by many at once. */
class ManyAtOnceTest extends InShop {
  private static final int TABLETS = 8;

  private static String sitDown(int tablet) {
    ObjectNode s = (ObjectNode) SitDownJson.tree(SitDown.walkIn());
    ((ObjectNode) s.get("head")).put("girthMm", 548 + 3 * tablet);
    return s.toString();
  }

  @Test
  void picksRankingsFallsAndStills_askedForTogether_areAllAnswered() throws Exception {
    String plan = PlanJson.tree(Families.all().get("tapered-pixie")).toString();
    ExecutorService tablets = Executors.newFixedThreadPool(TABLETS);
    try {
      List<Future<Integer>> answers = new ArrayList<>();
      for (int t = 0; t < TABLETS; t++) {
        int tablet = t;
        for (String pick : List.of("nape", "napeGrowth")) {
          answers.add(
              tablets.submit(
                  () ->
                      maud.send("POST", "/api/sitdown/picks/" + pick, sitDown(tablet))
                          .statusCode()));
        }
        answers.add(
            tablets.submit(
                () ->
                    maud.send("GET", "/api/clients/" + (1 + tablet % 6) + "/ranking", null)
                        .statusCode()));
        answers.add(
            tablets.submit(() -> maud.send("POST", "/api/fall?preview=true", plan).statusCode()));
        answers.add(
            tablets.submit(
                () ->
                    maud.send(
                            "GET",
                            "/api/clients/" + (1 + tablet % 6) + "/families/oval-tail/picture.png",
                            null)
                        .statusCode()));
      }
      for (Future<Integer> a : answers) {
        // Not how fast, but that nobody waits for somebody who waits for them.
        assertThat(a.get(5, TimeUnit.MINUTES)).isEqualTo(200);
      }
    } finally {
      tablets.shutdownNow();
    }
  }

  /**
   * More heads than are kept, each measured, picked and fallen at once: what is put out of a cache
   * must not keep a worker waiting for who makes something beside it.
   */
  @Test
  void manyHeadsSitDownAtOnce_andAllAreAnswered() throws Exception {
    ExecutorService tablets = Executors.newFixedThreadPool(TABLETS);
    try {
      List<Future<Integer>> answers = new ArrayList<>();
      for (int h = 0; h < 32; h++) {
        String asked = sitDown(h);
        for (String path :
            List.of("/api/sitdown/head", "/api/sitdown/fall", "/api/sitdown/picks/fringe")) {
          answers.add(
              tablets.submit(
                  () ->
                      path.endsWith("fringe")
                          ? maud.send("POST", path, asked).statusCode()
                          : maud.bytes("POST", path, asked).statusCode()));
        }
      }
      for (Future<Integer> a : answers) {
        assertThat(a.get(2, TimeUnit.MINUTES)).isEqualTo(200);
      }
    } finally {
      tablets.shutdownNow();
    }
  }

  @Test
  void whatAServerDoesOnceItIsUp_isDone_todaysHeadsFirst() {
    List<Warms> parts = shop.warms();
    assertThat(parts).hasSizeGreaterThan(4);
    assertThat(parts.get(0).getClass().getSimpleName()).isEqualTo("Stills");
    parts.forEach(Warms::warm);
  }
}
