package kitetail.server.learn;

import java.time.OffsetDateTime;
import java.util.Arrays;
import java.util.List;
import java.util.Map;
import kitetail.head.Place;
import kitetail.server.visit.VisitRepository;
import kitetail.shopday.Learnt;
import org.jspecify.annotations.Nullable;

/**
 * A visit's plan against what was measured.
 *
 * @param places the usual ones, and all that were measured
 */
record VisitLengths(
    long id,
    String title,
    OffsetDateTime finishedAt,
    double plannedMinutes,
    List<PlaceRow> places) {
  private static final List<Place> SHOWN =
      List.of(
          Place.FRONT,
          Place.APEX,
          Place.CROWN,
          Place.RIDGE_LEFT,
          Place.RIDGE_RIGHT,
          Place.EAR_TOP_LEFT,
          Place.EAR_TOP_RIGHT,
          Place.OCCIPITAL,
          Place.NAPE);

  /** One place; {@code measuredMm} is left out where nothing was measured. */
  record PlaceRow(Place place, double plannedMm, @Nullable Double measuredMm) {}

  static VisitLengths of(VisitRepository.Row visit, Learnt.Past past) {
    Map<Place, double[]> measured = Learnt.plannedAndMeasured(past);
    List<PlaceRow> rows =
        Arrays.stream(Place.values())
            .filter(p -> SHOWN.contains(p) || measured.containsKey(p))
            .map(
                p ->
                    new PlaceRow(
                        p,
                        past.planned().endMm(p),
                        measured.containsKey(p) ? measured.get(p)[1] : null))
            .toList();
    return new VisitLengths(
        visit.id(), visit.title(), visit.finishedAt(), past.planned().minutes(), rows);
  }
}
