package kitetail.formats.answer;

import java.util.EnumMap;
import java.util.List;
import java.util.Map;
import java.util.stream.IntStream;
import kitetail.head.Place;
import kitetail.head.Scalp;
import kitetail.head.Walk;
import kitetail.plan.Outcome;
import org.jspecify.annotations.Nullable;

/**
 * A walk over the scalp.
 *
 * @param marksMm how far along it the named places are
 * @param distanceMm how far along it each of its points is
 * @param pointsMm x, y, z of each point, one after another
 * @param beforeMm the length at each point before the first move, where lengths are told here
 * @param afterMove the same after each move
 */
public record WalkView(
    Walk.Kind walk,
    double lengthMm,
    Map<Place, Double> marksMm,
    double[] distanceMm,
    double[] pointsMm,
    double @Nullable [] beforeMm,
    @Nullable List<After> afterMove) {

  /** Lengths along a walk after a move. */
  public record After(String move, double[] lengthMm) {}

  /** Where the walks lie on a scalp, without what is left along them. */
  public static List<WalkView> of(Scalp scalp) {
    return scalp.walks().stream().map(w -> of(w, null)).toList();
  }

  static List<WalkView> of(Outcome o) {
    return o.scalp().walks().stream().map(w -> of(w, o)).toList();
  }

  private static WalkView of(Walk w, @Nullable Outcome o) {
    Map<Place, Double> marks = new EnumMap<>(Place.class);
    w.marksMm().forEach((p, at) -> marks.put(p, Rounded.thousandth(at)));
    return new WalkView(
        w.kind(),
        Rounded.thousandth(w.lengthMm()),
        marks,
        Rounded.row(w.distanceMm(), 0, w.size()),
        IntStream.range(0, w.size())
            .mapToObj(i -> Rounded.point(w.pointsMm().get(i)))
            .flatMapToDouble(java.util.Arrays::stream)
            .toArray(),
        o == null ? null : Rounded.row(o.beforeMm(), w.firstRoot(), w.size()),
        o == null ? null : after(w, o));
  }

  private static List<After> after(Walk w, Outcome o) {
    return o.steps().stream()
        .map(s -> new After(s.move().id(), Rounded.row(s.leftMm(), w.firstRoot(), w.size())))
        .toList();
  }
}
