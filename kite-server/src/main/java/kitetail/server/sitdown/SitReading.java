package kitetail.server.sitdown;

import java.util.ArrayList;
import java.util.List;
import java.util.Map;
import java.util.TreeMap;
import kitetail.care.Cautions;
import kitetail.formats.json.ResultJson;
import kitetail.formats.words.CareWords;
import kitetail.formats.words.Units;
import kitetail.formats.words.Words;
import kitetail.hair.HairMap;
import kitetail.hair.WetDry;
import kitetail.head.Head;
import kitetail.head.Place;
import kitetail.head.Scalp;
import kitetail.plan.SitDown;
import kitetail.wish.Reading;

/**
 * What the page says beside the head.
 *
 * @param lengthsMm today's length at each place, dry and straight
 */
record SitReading(
    Head.Measures measures,
    Map<String, double[]> places,
    Map<String, Double> lengthsMm,
    double strands,
    String skin,
    double densityPerCm2,
    double grams,
    double scalpCm2,
    double wetOverDry,
    List<WishWords> wishes,
    List<CautionWords> cautions,
    boolean stops) {
  /** One wish, read. */
  record WishWords(
      String place, double needMm, double haveMm, double offMm, double shortMm, double weeks) {}

  record CautionWords(String id, boolean stops, String words) {}

  static SitReading of(SitDown s, Scalp scalp, HairMap hair, double[] lengthsMm, Units units) {
    Head head = scalp.head();
    Words words = new Words(units);
    Map<String, double[]> places = new TreeMap<>();
    Map<String, Double> lengths = new TreeMap<>();
    for (Place p : Place.values()) {
      var v = head.place(p);
      places.put(ResultJson.name(p), new double[] {v.x(), v.y(), v.z()});
      lengths.put(ResultJson.name(p), lengthsMm[scalp.root(p)]);
    }
    List<WishWords> wishes = new ArrayList<>();
    for (Reading r : Reading.all(s.wishes(), head, s.hair(), p -> lengthsMm[scalp.root(p)])) {
      wishes.add(
          new WishWords(
              ResultJson.name(r.wish().place()),
              r.needMm(),
              r.haveMm(),
              r.offMm(),
              r.shortMm(),
              r.weeks()));
    }
    List<CautionWords> cautions = new ArrayList<>();
    for (Cautions.Caution c : s.cautions().all()) {
      cautions.add(new CautionWords(c.id(), c.stops(), CareWords.of(c, words)));
    }
    WetDry w = s.hair().wetDry();
    return new SitReading(
        head.measures(),
        places,
        lengths,
        hair.strands(),
        String.format("#%06x", s.hair().skin().rgb()),
        s.hair().densityPerCm2(),
        hair.grams(lengthsMm),
        scalp.totalAreaMm2() / 100,
        w.shownMm(1, WetDry.State.WET_PULLED) / w.shownMm(1, WetDry.State.DRY_RELAXED),
        wishes,
        cautions,
        s.cautions().stops());
  }
}
