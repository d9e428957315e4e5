package kitetail.formats;

import java.io.IOException;
import java.util.LinkedHashMap;
import java.util.List;
import java.util.Map;
import java.util.stream.Collectors;
import java.util.stream.IntStream;
import kitetail.formats.json.Families;
import kitetail.formats.json.PracticeJson;
import kitetail.head.Spot;
import kitetail.plan.Plan;
import kitetail.practice.Attempt;
import kitetail.practice.Drill;
import kitetail.practice.FindLandmark;
import kitetail.practice.ReadLength;
import kitetail.practice.Score;
import kitetail.practice.Task;
import kitetail.practice.Tried;
import kitetail.practice.WholeCut;
import org.junit.jupiter.api.Test;

/** The same try of the same head comes to the same score on any machine. */
class GoldenScoresTest {
  private static final long SEED = 41;
  private static final List<Plan> SHAPES = List.copyOf(Families.all().values());

  /** A hand that does something with each drill, well or not. */
  private static final Map<Drill, String> TRIES =
      Map.ofEntries(
          Map.entry(Drill.ONE_CENTIMETRE, combed(50, 0)),
          Map.entry(Drill.OVER_COMB, combed(12, 35)),
          Map.entry(
              Drill.GUARDS,
              "{\"kind\":\"guarded\",\"fade\":{\"kind\":\"fade\",\"bands\":[{\"number\":1,\"leverMm\":0,\"fromShare\":0,\"toShare\":0.5},{\"number\":3,\"leverMm\":0,\"fromShare\":0.5,\"toShare\":1}],\"sideburnMm\":40,\"behindEarMm\":40,\"napeMm\":40}}"),
          Map.entry(
              Drill.HOLD,
              "{\"kind\":\"held\",\"elevationDeg\":50,\"fingerDeg\":10,\"guide\":{\"kind\":\"travelling\"}}"),
          Map.entry(
              Drill.WALK_GUIDE,
              "{\"kind\":\"walked\",\"bites\":["
                  + String.join(
                      ",", java.util.Collections.nCopies(7, "{\"widthMm\":14,\"held\":\"middle\"}"))
                  + "]}"),
          Map.entry(Drill.WHAT_LEAVES, "{\"kind\":\"chosen\",\"which\":1}"),
          Map.entry(
              Drill.FIND_FAULT,
              "{\"kind\":\"found\",\"place\":\"crown\",\"fault\":\"guideCrept\",\"checks\":3}"),
          Map.entry(Drill.SAVE_IT, "{\"kind\":\"saved\",\"way\":\"leave\"}"));

  /** A stroke up the back, begun so far off and led outward by so much. */
  private static String combed(double gapMm, double outMm) {
    return "{\"kind\":\"combed\",\"strokes\":{\"kind\":\"strokes\",\"strokes\":[{\"track\":["
        + String.join(
            ",",
            IntStream.rangeClosed(0, 12)
                .mapToObj(
                    k ->
                        "{\"seconds\":%s,\"aroundDeg\":172,\"share\":%s,\"gapMm\":%s,\"cuts\":true}"
                            .formatted(k / 4.0, 1 - 0.04 * k, gapMm + outMm * k / 12))
                .toList())
        + "]}],\"tool\":\"clipper\",\"thicknessMm\":1.5,\"teethMm\":40}}";
  }

  private static Tried tried(Drill d, Task t) {
    if (t instanceof ReadLength r) {
      return new Tried.Lengths(
          r.asked().stream().collect(Collectors.toMap(p -> p, p -> 60.0 + p.ordinal())));
    }
    if (t instanceof FindLandmark f) {
      return new Tried.Touched(
          f.asked().stream()
              .collect(Collectors.toMap(p -> p, p -> new Spot(170 - 4 * p.ordinal(), 0.6))));
    }
    if (d == Drill.PUT_IN_ORDER) {
      return new Tried.Ordered(t.plan().moves().stream().map(m -> m.id()).toList());
    }
    if (t instanceof WholeCut w) {
      return new Tried.Whole(
          w.wished().moves().stream().limit(6).map(m -> new Tried.Led(m.id(), Map.of())).toList(),
          List.of());
    }
    return PracticeJson.read(
            "{\"version\":1,\"drill\":\"hold\",\"seed\":1,\"level\":1,\"seconds\":9,\"tried\":%s}"
                .formatted(TRIES.get(d)))
        .tried();
  }

  @Test
  void everyDrill_comesToTheScoreWrittenDown() throws IOException {
    Map<String, Double> out = new LinkedHashMap<>();
    for (Drill d : Drill.values()) {
      for (int level : new int[] {1, 3, 5}) {
        Task t = Task.of(d, SEED, level, SHAPES);
        Attempt a = new Attempt(Attempt.VERSION, d, SEED, level, 60, false, tried(d, t));
        Score s = t.score(a.tried());
        String of = d.id() + "," + level + ",";
        out.put(of + "share", s.share());
        out.put(of + "mean", s.mean());
        out.put(of + "spread", s.spread());
        out.put(of + "worst", s.worst() == null ? 0 : s.worst().by());
        out.put(of + s.cause(), s.good() ? 1.0 : 0.0);
      }
    }
    Golden.holds("practice", out);
  }
}
