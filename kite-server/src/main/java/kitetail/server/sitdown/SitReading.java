package kitetail.server.sitdown;

import java.util.ArrayList;
import java.util.EnumMap;
import java.util.List;
import java.util.Map;
import kitetail.client.Cautions;
import kitetail.client.Reading;
import kitetail.formats.words.CareWords;
import kitetail.formats.words.Units;
import kitetail.formats.words.Words;
import kitetail.hair.HairMap;
import kitetail.hair.WetDry;
import kitetail.head.Head;
import kitetail.head.Place;
import kitetail.head.Scalp;
import kitetail.plan.SitDown;

/**
 * What the page says beside the head.
 *
 * @param lengthsMm today's length at each place, dry and straight
 */
public record SitReading(
    Head.Measures measures,
    Map<Place, double[]> places,
    Map<Place, Double> lengthsMm,
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
  public record WishWords(
      Place place, double needMm, double haveMm, double offMm, double shortMm, double weeks) {}

  /** Something to be careful of. */
  public record CautionWords(String id, boolean stops, String words) {}

  static SitReading of(SitDown s, Scalp scalp, HairMap hair, double[] lengthsMm, Units units) {
    Head head = scalp.head();
    Words words = new Words(units);
    Map<Place, double[]> places = new EnumMap<>(Place.class);
    Map<Place, Double> lengths = new EnumMap<>(Place.class);
    for (Place p : Place.values()) {
      var v = head.place(p);
      places.put(p, new double[] {v.x(), v.y(), v.z()});
      lengths.put(p, lengthsMm[scalp.root(p)]);
    }
    List<WishWords> wishes = new ArrayList<>();
    for (Reading r : Reading.all(s.wishes(), head, s.hair(), p -> lengthsMm[scalp.root(p)])) {
      wishes.add(
          new WishWords(
              r.wish().place(), r.needMm(), r.haveMm(), r.offMm(), r.shortMm(), r.weeks()));
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
