package kitetail.head;

import java.util.function.DoubleUnaryOperator;
import java.util.stream.IntStream;

/**
 * A smooth number by azimuth, once round the head; read by linear interpolation between half-degree
 * steps.
 */
final class Ring {
  private static final int N = 720;
  private final double[] values = new double[N + 1];

  Ring(DoubleUnaryOperator byAzimuthRad) {
    IntStream.range(0, N)
        .parallel()
        .forEach(i -> values[i] = byAzimuthRad.applyAsDouble(2 * Math.PI * i / N - Math.PI));
    values[N] = values[0];
  }

  double at(double azimuthRad) {
    double f = (azimuthRad + Math.PI) / (2 * Math.PI) * N;
    f -= N * Math.floor(f / N);
    int i = Math.min(N - 1, (int) f);
    return values[i] + (f - i) * (values[i + 1] - values[i]);
  }

  /** The same, each value the Gaussian-weighted mean of its neighbours. */
  Ring smoothed(double sigmaDeg) {
    double sigma = sigmaDeg * N / 360;
    int reach = (int) Math.ceil(3 * sigma);
    double[] weights = new double[reach + 1];
    for (int k = 0; k <= reach; k++) {
      weights[k] = Math.exp(-0.5 * k * k / (sigma * sigma));
    }
    return new Ring(
        a -> {
          int i = (int) Math.round((a + Math.PI) / (2 * Math.PI) * N);
          double sum = 0;
          double weight = 0;
          for (int k = -reach; k <= reach; k++) {
            double w = weights[Math.abs(k)];
            sum += w * values[Math.floorMod(i + k, N)];
            weight += w;
          }
          return sum / weight;
        });
  }
}
