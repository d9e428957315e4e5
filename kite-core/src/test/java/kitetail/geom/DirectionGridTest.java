package kitetail.geom;

import static org.assertj.core.api.Assertions.assertThat;
import static org.assertj.core.api.Assertions.within;

import java.util.Random;
import java.util.function.ToDoubleFunction;
import org.junit.jupiter.api.Test;

class DirectionGridTest {
  private static final DirectionGrid GRID = DirectionGrid.SHARED;

  private static Vec3 random(Random r) {
    return UnitVec.of(r.nextGaussian(), r.nextGaussian(), r.nextGaussian()).times(1);
  }

  private static double read(ToDoubleFunction<Vec3> f, Vec3 d) {
    int[] nodes = new int[4];
    double[] shares = new double[4];
    GRID.find(d.x(), d.y(), d.z(), nodes, shares);
    double sum = 0;
    for (int k = 0; k < 4; k++) {
      sum += shares[k] * f.applyAsDouble(GRID.direction(nodes[k]));
    }
    return sum;
  }

  @Test
  void itsPartsAddUpToAllDirections() {
    double sum = 0;
    for (int i = 0; i < GRID.nodes(); i++) {
      sum += GRID.solidAngle(i);
    }
    assertThat(sum).isCloseTo(4 * Math.PI, within(0.02 * 4 * Math.PI));
  }

  @Test
  void asmoothValueIsReadBetweenNodes_andAcrossTheEdgesOfTheFaces() {
    ToDoubleFunction<Vec3> f = d -> 3 * d.x() - d.y() * d.z() + d.z();
    Random r = new Random(3);
    for (int i = 0; i < 2000; i++) {
      Vec3 d = random(r);
      assertThat(read(f, d)).isCloseTo(f.applyAsDouble(d), within(0.01));
    }
    double a = read(f, new Vec3(1, 0.9999, 0.3));
    double b = read(f, new Vec3(0.9999, 1, 0.3));
    assertThat(a).isCloseTo(b, within(0.001));
  }

  @Test
  void smoothingKeepsAnEvenValue_andTakesAPeakDown() {
    float[] even = new float[GRID.nodes()];
    java.util.Arrays.fill(even, 7);
    GRID.smooth(even, 4);
    for (float v : even) {
      assertThat(v).isCloseTo(7, within(1e-4f));
    }
    float[] peak = new float[GRID.nodes()];
    peak[100] = 1;
    GRID.smooth(peak, 2);
    assertThat(peak[100]).isBetween(0.05f, 0.5f);
  }
}
