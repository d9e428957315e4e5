package kitetail.fall;

import java.util.stream.IntStream;
import kitetail.geom.Vec3;

/** Coarse strands laid down over the head: how thick the hair lies. */
final class Laying {
  private final Ground ground;
  private final Strands hair;
  private final Lie lie;
  private final Vec3 centre;
  private final float[] ways;
  private final int pieces;

  /**
   * @param ways of each piece of each strand, x, y, z in turn
   */
  Laying(Ground ground, Strands hair, Lie lie, float[] ways, int pieces) {
    this.ground = ground;
    this.hair = hair;
    this.lie = lie;
    this.centre = ground.scalp().head().surface().centreMm();
    this.ways = ways;
    this.pieces = pieces;
  }

  /** Lays every coarse strand down and tells how thick the hair lies. */
  Layer measured() {
    int groups = 4;
    Layer[] parts = new Layer[groups];
    IntStream.range(0, groups)
        .parallel()
        .forEach(
            g -> {
              parts[g] = new Layer();
              Combing comb = new Combing(lie, centre);
              double[] way = new double[3];
              int from = (int) ((long) hair.count() * g / groups);
              int to = (int) ((long) hair.count() * (g + 1) / groups);
              for (int i = from; i < to; i++) {
                lay(parts[g], comb, way, i);
              }
            });
    for (int g = 1; g < groups; g++) {
      parts[0].add(parts[g]);
    }
    parts[0].close(ground.areaMm2());
    return parts[0];
  }

  private void lay(Layer layer, Combing comb, double[] way, int i) {
    if (hair.lengthMm()[i] < Falling.BARE_MM) {
      return;
    }
    double h = hair.lengthMm()[i] / (double) pieces;
    Vec3 r = ground.scalp().pointMm(i);
    double x = r.x();
    double y = r.y();
    double z = r.z();
    double radius = hair.diameterMm()[i] / 2;
    double curl = hair.curl()[i];
    double section = hair.hairs()[i] * Math.PI * radius * radius;
    double phi = 0;
    for (int k = 0; k < pieces; k++) {
      int q = 3 * (i * pieces + k);
      for (int half = 0; half < 2; half++) {
        double from = (k + 0.25 + 0.5 * half) * h;
        double step = half == 0 ? 0.25 * h : 0.5 * h;
        x += step * ways[q];
        y += step * ways[q + 1];
        z += step * ways[q + 2];
        phi = ground.body().atMm(x, y, z, way);
        comb.find(x, y, z);
        double out = ways[q] * way[0] + ways[q + 1] * way[1] + ways[q + 2] * way[2];
        double lying = Math.sqrt(Math.max(0, 1 - out * out)) * Math.exp(-sq(phi / 45));
        double room = Layer.roomMm2(section, curl, from);
        layer.lay(comb.nodes, comb.shares, from, room * lying * 0.5 * h);
      }
      x += 0.25 * h * ways[q];
      y += 0.25 * h * ways[q + 1];
      z += 0.25 * h * ways[q + 2];
    }
    layer.tip(
        comb.nodes,
        comb.shares,
        hair.lengthMm()[i],
        Math.max(0, Math.min(45, phi)),
        hair.hairs()[i]);
  }

  private static double sq(double x) {
    return x * x;
  }
}
