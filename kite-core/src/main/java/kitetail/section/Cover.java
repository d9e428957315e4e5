package kitetail.section;

import java.util.ArrayList;
import java.util.List;
import java.util.Map;
import java.util.TreeMap;
import java.util.function.Function;
import kitetail.geom.Vec3;
import kitetail.head.Place;
import kitetail.head.Scalp;

/**
 * How the sections of a plan cover the scalp: each bit of skin once, but for what is named. Areas
 * are those of the sites, so they add up to the scalp's own.
 *
 * @param gaps skin in no section
 * @param overlaps skin in two sections
 */
public record Cover(List<Patch> gaps, List<Patch> overlaps) {
  /**
   * Skin in no section, or in two.
   *
   * @param sections ids: none for a gap, two for an overlap
   * @param near the named place nearest to its middle
   */
  public record Patch(List<String> sections, double areaMm2, Place near) {}

  /** Less than the skin of three hairs' places is a rounding of the edge. */
  private static final double NAMED_MM2 = 60;

  public static Cover of(Scalp scalp, List<Section> sections) {
    return of(scalp, sections, s -> Zone.of(scalp, Region.of(s, sections)));
  }

  /** The gaps and overlaps of the sections that are not laid over others. */
  public static Cover of(Scalp scalp, List<Section> sections, Function<Section, Zone> zones) {
    List<Section> counted = sections.stream().filter(s -> !s.over()).toList();
    int[][] roots = counted.stream().map(s -> zones.apply(s).roots()).toArray(int[][]::new);
    int[] held = new int[scalp.sites()];
    int[] first = new int[scalp.sites()];
    Map<List<String>, List<Integer>> twice = new TreeMap<>(Cover::byIds);
    for (int s = 0; s < roots.length; s++) {
      for (int i : roots[s]) {
        if (i >= scalp.sites()) {
          continue;
        }
        if (held[i]++ == 0) {
          first[i] = s;
        } else {
          twice
              .computeIfAbsent(
                  List.of(counted.get(first[i]).id(), counted.get(s).id()), k -> new ArrayList<>())
              .add(i);
        }
      }
    }
    List<Integer> none = new ArrayList<>();
    for (int i = 0; i < held.length; i++) {
      if (held[i] == 0) {
        none.add(i);
      }
    }
    List<Patch> gaps = new ArrayList<>();
    patch(scalp, List.of(), none, gaps);
    List<Patch> overlaps = new ArrayList<>();
    twice.forEach((ids, sites) -> patch(scalp, ids, sites, overlaps));
    return new Cover(List.copyOf(gaps), List.copyOf(overlaps));
  }

  private static int byIds(List<String> a, List<String> b) {
    return a.toString().compareTo(b.toString());
  }

  private static void patch(Scalp s, List<String> ids, List<Integer> sites, List<Patch> to) {
    double area = 0;
    Vec3 middle = new Vec3(0, 0, 0);
    for (int i : sites) {
      area += s.areaMm2(i);
      middle = middle.plus(s.pointMm(i).times(s.areaMm2(i)));
    }
    if (area > NAMED_MM2) {
      to.add(new Patch(ids, area, s.head().nearestPlace(middle.times(1 / area))));
    }
  }
}
