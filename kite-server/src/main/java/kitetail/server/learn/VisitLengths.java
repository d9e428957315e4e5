package kitetail.server.learn;

import java.time.OffsetDateTime;
import java.util.Arrays;
import java.util.List;
import java.util.Map;
import kitetail.head.Place;
import kitetail.server.visit.VisitRepository;
import kitetail.shopday.Learnt;
import kitetail.shopday.Sitting;
import org.jspecify.annotations.Nullable;

/**
 * A visit's plan against what was measured.
 *
 * @param places the usual ones, and all that were measured
 * @param slips what was taken too much, in the order it was
 * @param skipped moves that were left out
 */
record VisitLengths(
    long id,
    String title,
    OffsetDateTime finishedAt,
    double plannedMinutes,
    List<PlaceRow> places,
    List<SlipRow> slips,
    List<SkippedRow> skipped) {
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

  /**
   * @param mm by how much more than meant
   */
  record SlipRow(Place place, double mm) {}

  /**
   * @param name of the move
   * @param reason in the stylist's words; may be empty
   */
  record SkippedRow(String name, String reason) {}

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
    Sitting sat = past.sitting();
    return new VisitLengths(
        visit.id(),
        visit.title(),
        visit.finishedAt(),
        past.planned().minutes(),
        rows,
        sat == null
            ? List.of()
            : sat.slips().stream().map(s -> new SlipRow(s.place(), s.mm())).toList(),
        sat == null ? List.of() : skipped(sat));
  }

  private static List<SkippedRow> skipped(Sitting sat) {
    return sat.plan().moves().stream()
        .filter(m -> sat.skipped().containsKey(m.id()))
        .map(m -> new SkippedRow(m.name(), sat.skipped().get(m.id())))
        .toList();
  }
}
