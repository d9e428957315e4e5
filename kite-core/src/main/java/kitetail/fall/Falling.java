package kitetail.fall;

import java.util.stream.IntStream;
import kitetail.geom.Vec3;
import kitetail.hair.GrowthField;
import kitetail.hair.Hair;
import kitetail.hair.HairMap;
import kitetail.hair.Stock;
import kitetail.work.Deadline;

/**
 * One fall while it is worked out, in three passes: coarse rods alone, coarse rods on the hair that
 * lies under them, fine rods on that; in each the strands that lead a lock before those that go
 * along with them.
 */
final class Falling {
  private static final int CHUNKS = 48;
  static final double BARE_MM = 0.25;

  /** Shorter hair is drawn straight: its bending cannot be seen. */
  static final double STRAIGHT_MM = 2.5;

  /** Pieces of the rods that are combed wet. */
  static final int COARSE = 5;

  final Ground ground;
  final Styling styling;
  final Vec3 centre;
  final HairMap map;
  final Lie lie;
  final GrowthField field;
  final int points;
  final Strands falls;
  private final int[] leaders;

  /** Angle at which each strand's hair leaves the skin as it grows. */
  final double[] exits;

  /** Which way each strand leaves the skin, x, y, z in turn. */
  final double[] clamps;

  /** Which way each piece of each coarse strand lies, x, y, z in turn. */
  final float[] coarseWay;

  /** The points of each strand as it lies alone. */
  final float[] xyz;

  final boolean[] settled;

  private final Hair hair;

  /** How hair comes to rest. */
  static Fall of(Ground ground, Hair hair, Stock stock, Styling styling, int points) {
    return new Falling(ground, hair, stock, styling, points).done();
  }

  private Falling(Ground ground, Hair hair, Stock stock, Styling styling, int points) {
    this.ground = ground;
    this.hair = hair;
    this.styling = styling;
    this.points = points;
    centre = ground.scalp().head().surface().centreMm();
    map = ground.hair(hair);
    lie = ground.lie(hair, styling);
    field = ground.growth(hair);
    leaders = ground.leaders(Locks.size(hair.wetDry().curlRatio()));
    falls = Strands.of(ground.scalp(), map, stock, styling, leaders);
    exits = ground.exitDeg(hair);
    int strands = falls.count();
    clamps = new double[3 * strands];
    coarseWay = new float[3 * strands * COARSE];
    xyz = new float[3 * strands * points];
    settled = new boolean[strands];
  }

  private Fall done() {
    each(FallingStrand::first);
    Led led = new Led(leaders, falls.lengthMm(), clamps, STRAIGHT_MM);
    leadersFirst(led, FallingStrand::alone, (s, i) -> s.goAlong(i, leaders[i]));
    Layer layer = new Laying(ground, falls, lie, coarseWay, COARSE).measured();
    leadersFirst(
        led,
        (s, i) -> s.coarse(i, layer, 2),
        (s, i) -> {
          s.goAlong(i, leaders[i]);
          s.coarse(i, layer, 1);
        });
    Layer known = new Laying(ground, falls, lie, coarseWay, COARSE).measured();
    leadersFirst(led, (s, i) -> s.fine(i, known, i), (s, i) -> s.fine(i, known, leaders[i]));
    float[] lying = styling.wet() ? xyz : inLocks();
    PartLine part = PartLine.of(styling, ground.scalp().head());
    if (part != null) {
      each((s, i) -> s.setBeside(part, i, lying));
    }
    return new Fall(ground, hair, styling, points, lying, falls, settled);
  }

  private interface One {
    void strand(FallingStrand its, int i);
  }

  private void each(One one) {
    int strands = falls.count();
    Deadline until = Deadline.current();
    IntStream.range(0, CHUNKS)
        .parallel()
        .forEach(
            c -> {
              FallingStrand its = new FallingStrand(this);
              int from = (int) ((long) strands * c / CHUNKS);
              int to = (int) ((long) strands * (c + 1) / CHUNKS);
              for (int i = from; i < to; i++) {
                until.check();
                one.strand(its, i);
              }
            });
  }

  /** Those that find their own way, then those that go along with them. */
  private void leadersFirst(Led led, One own, One along) {
    each(
        (s, i) -> {
          if (!led.led(i)) {
            own.strand(s, i);
          }
        });
    each(
        (s, i) -> {
          if (led.led(i)) {
            along.strand(s, i);
          }
        });
  }

  /** Strands drawn together into locks, and kept off the skin. */
  private float[] inLocks() {
    float[] out = new float[xyz.length];
    each((s, i) -> s.inLock(i, leaders[i], out));
    return out;
  }
}
