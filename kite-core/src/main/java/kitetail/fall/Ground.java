package kitetail.fall;

import java.util.Collections;
import java.util.LinkedHashMap;
import java.util.Map;
import kitetail.geom.DirectionGrid;
import kitetail.geom.Vec3;
import kitetail.hair.GrowthField;
import kitetail.hair.Hair;
import kitetail.hair.HairMap;
import kitetail.head.BodyField;
import kitetail.head.Bust;
import kitetail.head.Head;
import kitetail.head.Scalp;
import kitetail.work.Lazy;

/**
 * What hair falls on: a head's body, its scalp and the ways hair lies on it, kept from one fall to
 * the next. Safe to share between threads.
 */
public final class Ground {
  private static final int KEPT = 12;

  private final Scalp scalp;
  private final BodyField body;
  private final float[] areaMm2;
  private final Lazy<SkinStrands> besides;
  private final Map<LieKey, Lie> lies = newest();
  private final Map<Hair, HairMap> hairs = newest();
  private final Map<Hair, double[]> exits = newest();

  private final Map<Integer, int[]> leaders = newest();

  private record LieKey(Hair hair, Styling styling) {}

  public Ground(Scalp scalp, BodyField body) {
    this.scalp = scalp;
    this.body = body;
    areaMm2 = areas(scalp.head());
    besides = new Lazy<>(() -> new SkinStrands(scalp.head(), Bust.of(scalp.head())));
  }

  public static Ground of(Scalp scalp) {
    return new Ground(scalp, BodyField.of(scalp.head()));
  }

  private static <K, V> Map<K, V> newest() {
    return Collections.synchronizedMap(
        new LinkedHashMap<>(16, 0.75f, true) {
          @Override
          protected boolean removeEldestEntry(Map.Entry<K, V> eldest) {
            return size() > KEPT;
          }
        });
  }

  /** Skin seen from the head's middle in the part of all directions that belongs to each node. */
  private static float[] areas(Head head) {
    DirectionGrid grid = DirectionGrid.SHARED;
    Vec3 c = head.surface().centreMm();
    float[] out = new float[grid.nodes()];
    for (int i = 0; i < out.length; i++) {
      Vec3 d = grid.direction(i);
      Vec3 p = head.surface().onto(c.plus(d));
      double r = p.distanceTo(c);
      double facing = Math.max(0.35, head.surface().normalAt(p).dot(d));
      out[i] = (float) (grid.solidAngle(i) * r * r / facing);
    }
    return out;
  }

  public Scalp scalp() {
    return scalp;
  }

  public BodyField body() {
    return body;
  }

  /** Hair that grows on the skin outside the scalp. */
  public SkinStrands besides() {
    return besides.get();
  }

  float[] areaMm2() {
    return areaMm2;
  }

  Lie lie(Hair hair, Styling styling) {
    LieKey key = new LieKey(hair, styling.combing());
    Lie known = lies.get(key);
    if (known == null) {
      known = new Lie(scalp.head(), hair, styling);
      lies.put(key, known);
    }
    return known;
  }

  /** For each site the one that leads its lock. */
  int[] leaders(int size) {
    int[] known = leaders.get(size);
    if (known == null) {
      known = Locks.leaders(scalp, size);
      leaders.put(size, known);
    }
    return known;
  }

  GrowthField growth(Hair hair) {
    return new GrowthField(scalp.head(), hair);
  }

  /** Angle at which the hair of each site leaves the skin as it grows. */
  double[] exitDeg(Hair hair) {
    double[] known = exits.get(hair);
    if (known == null) {
      GrowthField field = growth(hair);
      known = new double[scalp.sites()];
      for (int i = 0; i < known.length; i++) {
        known[i] = field.exitDegAt(scalp.pointMm(i));
      }
      exits.put(hair, known);
    }
    return known;
  }

  public HairMap hair(Hair hair) {
    HairMap known = hairs.get(hair);
    if (known == null) {
      known = HairMap.of(scalp, hair);
      hairs.put(hair, known);
    }
    return known;
  }
}
