package kitetail.cut;

import java.util.Arrays;
import java.util.Comparator;
import java.util.stream.IntStream;
import kitetail.geom.Vec3;
import kitetail.head.Scalp;
import kitetail.section.Zone;

/**
 * Which bite each root of a zone is cut in, from 1 in the order of the work; 0 for a root that is
 * in none.
 */
final class BiteOrder {
  private static final double COLUMN_DEG = 6;

  private final int[] bite;
  private final int count;

  /** Bites that no root lies in are left out. */
  private BiteOrder(int[] bite, int most) {
    int[] as = new int[most + 1];
    for (int b : bite) {
      as[b] = 1;
    }
    as[0] = 0;
    for (int b = 1; b <= most; b++) {
      as[b] += as[b - 1];
    }
    this.bite = Arrays.stream(bite).map(b -> as[b]).toArray();
    count = as[most];
  }

  /** Hair that is not held: no bite at all. */
  static BiteOrder none(int roots) {
    return new BiteOrder(new int[roots], 0);
  }

  /** All in one bite that {@code in} holds. */
  static BiteOrder one(boolean[] in) {
    int[] bite = new int[in.length];
    for (int k = 0; k < in.length; k++) {
      bite[k] = in[k] ? 1 : 0;
    }
    return new BiteOrder(bite, 1);
  }

  /**
   * Over the fingers: band after band, and a band longer than the hand in even goes along it.
   *
   * @param in which of the zone's roots are cut
   */
  static BiteOrder overFingers(Fingers f, Zone zone, boolean[] in, double handMm) {
    Scalp s = zone.scalp();
    int[] at = IntStream.range(0, in.length).filter(k -> in[k]).toArray();
    int[] roots = Arrays.stream(at).map(k -> zone.roots()[k]).toArray();
    BiteCells cells = BiteCells.of(f, zone, roots);
    int[] bite = new int[in.length];
    int last = 0;
    for (int band = 0; band < cells.areaMm2().length; band++) {
      int now = band;
      int[] here = IntStream.range(0, roots.length).filter(j -> cells.cell()[j] == now).toArray();
      int goes = here.length == 0 ? 0 : Math.max(1, cells.bites(band, handMm));
      double done = 0;
      for (int j : goes > 1 ? along(s, roots, here) : here) {
        done += s.areaMm2(roots[j]);
        int go = (int) Math.ceil(goes * done / Math.max(1e-9, cells.areaMm2()[band]) - 1e-9);
        bite[at[j]] = last + Math.max(1, Math.min(goes, go));
      }
      last += goes;
    }
    return new BiteOrder(bite, last);
  }

  /** From one end of a parting to the other, whether it runs round the head or down it. */
  private static int[] along(Scalp s, int[] roots, int[] band) {
    double x = 0;
    double y = 0;
    for (int j : band) {
      x += Math.cos(s.azimuthRad(roots[j]));
      y += Math.sin(s.azimuthRad(roots[j]));
    }
    double middle = Math.atan2(y, x);
    double[] round = new double[roots.length];
    double near = Double.MAX_VALUE;
    double far = 0;
    double leftmost = 0;
    double rightmost = 0;
    for (int j : band) {
      Vec3 p = s.pointMm(roots[j]);
      double turn = Math.IEEEremainder(s.azimuthRad(roots[j]) - middle, 2 * Math.PI);
      round[j] = turn * Math.hypot(p.x(), p.y());
      leftmost = Math.min(leftmost, round[j]);
      rightmost = Math.max(rightmost, round[j]);
      near = Math.min(near, s.fromApexMm(roots[j]));
      far = Math.max(far, s.fromApexMm(roots[j]));
    }
    boolean roundTheHead = rightmost - leftmost > far - near;
    return Arrays.stream(band)
        .boxed()
        .sorted(
            Comparator.comparingDouble(
                (Integer j) -> roundTheHead ? round[j] : s.fromApexMm(roots[j])))
        .mapToInt(Integer::intValue)
        .toArray();
  }

  /**
   * Column after column round the head, each from below upward, as combs and guards go up a
   * section.
   *
   * @param strokes so many in all
   */
  static BiteOrder columns(Zone zone, boolean[] in, int strokes) {
    Scalp s = zone.scalp();
    int[] at = IntStream.range(0, in.length).filter(k -> in[k]).toArray();
    int[] roots = Arrays.stream(at).map(k -> zone.roots()[k]).toArray();
    int[] column = column(s, roots);
    double whole = Math.max(1e-9, s.areaMm2(roots));
    int[] bite = new int[in.length];
    int last = 0;
    for (int c = 0; c <= Arrays.stream(column).max().orElse(-1); c++) {
      int now = c;
      int[] here =
          IntStream.range(0, roots.length)
              .filter(j -> column[j] == now)
              .boxed()
              .sorted(Comparator.comparingDouble(j -> -s.fromApexMm(roots[j])))
              .mapToInt(Integer::intValue)
              .toArray();
      double area = s.areaMm2(Arrays.stream(here).map(j -> roots[j]).toArray());
      int goes = (int) Math.max(1, Math.round(strokes * area / whole));
      double done = 0;
      for (int j : here) {
        done += s.areaMm2(roots[j]);
        int go = (int) Math.ceil(goes * done / Math.max(1e-9, area) - 1e-9);
        bite[at[j]] = last + Math.max(1, Math.min(goes, go));
      }
      last += goes;
    }
    return new BiteOrder(bite, last);
  }

  /** In which column each of some roots grows, from 0. */
  private static int[] column(Scalp s, int[] roots) {
    double[] deg = Arrays.stream(roots).mapToDouble(i -> Math.toDegrees(s.azimuthRad(i))).toArray();
    // Round the back the angle leaps; there it is counted from behind.
    boolean back =
        Arrays.stream(deg).anyMatch(d -> d < -170) && Arrays.stream(deg).anyMatch(d -> d > 170);
    double[] turned =
        Arrays.stream(deg).map(d -> Math.IEEEremainder(d - (back ? 180 : 0), 360)).toArray();
    double low = Arrays.stream(turned).min().orElse(0);
    double wide = Math.max(1e-9, Arrays.stream(turned).max().orElse(0) - low);
    int columns = Math.max(1, (int) Math.round(wide / (2 * COLUMN_DEG)));
    return Arrays.stream(turned)
        .mapToInt(d -> (int) Math.min(columns - 1.0, (d - low) / wide * columns))
        .toArray();
  }

  int count() {
    return count;
  }

  /** Of the zone's root number k. */
  int of(int k) {
    return bite[k];
  }

  /** The zone's root numbers in a bite. */
  int[] in(int which) {
    return IntStream.range(0, bite.length).filter(k -> bite[k] == which).toArray();
  }

  /**
   * The bite that is as far on as the n-th of so many; the last past the end.
   *
   * @param n from 1
   * @param of in all, as they are counted where {@code n} comes from
   */
  int asFarOn(int n, int of) {
    int now = Math.max(1, Math.min(n, Math.max(1, of)));
    return Math.max(1, Math.min(count, (int) Math.ceil((double) now * count / Math.max(1, of))));
  }
}
