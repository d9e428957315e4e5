package kitetail.plan;

import java.util.Collections;
import java.util.LinkedHashMap;
import java.util.List;
import java.util.Map;
import java.util.function.Supplier;
import kitetail.cut.Cut;
import kitetail.hair.Hair;
import kitetail.hair.HairMap;
import kitetail.hair.StartingHair;
import kitetail.hair.StartingLengths;
import kitetail.head.Scalp;
import kitetail.section.Cover;
import kitetail.section.Region;
import kitetail.section.Section;
import kitetail.section.Zone;

/**
 * A scalp with the work of earlier runs kept: what a cut leaves in a section depends on nothing
 * else, so after one changed number only that move is worked out anew. Safe to share between
 * threads. The arrays handed out are not to be written to.
 */
public final class Workbench {
  private static final int KEPT = 160;

  private record CutKey(Cut cut, Region region, Hair hair) {}

  private record StartKey(StartingHair start, Hair hair) {}

  private final Scalp scalp;
  private final Map<CutKey, double[]> leaves = newest(KEPT);
  private final Map<Region, Zone> zones = newest(KEPT);
  private final Map<StartKey, double[]> starts = newest(8);
  private final Map<Hair, HairMap> hairs = newest(8);
  private final Map<List<Section>, Cover> covers = newest(8);
  private volatile Neighbours neighbours;
  private volatile Around around;

  public Workbench(Scalp scalp) {
    this.scalp = scalp;
  }

  private static <K, V> Map<K, V> newest(int kept) {
    return Collections.synchronizedMap(
        new LinkedHashMap<>(64, 0.75f, true) {
          @Override
          protected boolean removeEldestEntry(Map.Entry<K, V> eldest) {
            return size() > kept;
          }
        });
  }

  /**
   * Worked out outside the lock: two threads may do the same work once, and get the same numbers.
   */
  private static <K, V> V known(Map<K, V> map, K key, Supplier<V> work) {
    V v = map.get(key);
    if (v == null) {
      v = work.get();
      map.put(key, v);
    }
    return v;
  }

  public Scalp scalp() {
    return scalp;
  }

  double[] start(StartingHair start, Hair hair) {
    return known(
        starts, new StartKey(start, hair), () -> StartingLengths.spread(scalp, start, hair));
  }

  /** Where a region lies on this scalp. */
  public Zone zone(Region region) {
    return known(zones, region, () -> Zone.of(scalp, region));
  }

  /** Density, diameter and curl of a client's hair at every root. */
  public HairMap hair(Hair hair) {
    return known(hairs, hair, () -> HairMap.of(scalp, hair));
  }

  Cover cover(List<Section> sections) {
    return known(
        covers, sections, () -> Cover.of(scalp, sections, s -> zone(Region.of(s, sections))));
  }

  Neighbours neighbours() {
    Neighbours known = neighbours;
    if (known == null) {
      known = Neighbours.of(scalp);
      neighbours = known;
    }
    return known;
  }

  /** What grows about each site, as far as a ledge is told. */
  Around around() {
    Around known = around;
    if (known == null) {
      known = Around.of(scalp);
      around = known;
    }
    return known;
  }

  double[] leaves(Cut cut, Region region, Hair hair) {
    return known(leaves, new CutKey(cut, region, hair), () -> cut.leaves(zone(region), hair));
  }
}
