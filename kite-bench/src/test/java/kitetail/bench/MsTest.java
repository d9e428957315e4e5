package kitetail.bench;

import static org.assertj.core.api.Assertions.assertThat;

import java.util.ArrayList;
import java.util.Collections;
import java.util.List;
import java.util.Random;
import java.util.stream.IntStream;
import org.junit.jupiter.api.Test;

/** Times as they are told: by nearest rank, as NIST's handbook (7.2.6.2) has it, from memory. */
class MsTest {
  private static List<Double> upTo(int n) {
    List<Double> all =
        new ArrayList<>(IntStream.rangeClosed(1, n).mapToObj(k -> (double) k).toList());
    Collections.shuffle(all, new Random(3));
    return all;
  }

  @Test
  void ninetyFiveOfAHundredAreNoLongerThanThe95thPercentile() {
    assertThat(Ms.of(upTo(100)).p95()).isEqualTo(95);
    assertThat(Ms.of(upTo(20)).p95()).isEqualTo(19);
  }

  @Test
  void ofFewTimes_theLongestIsTold() {
    assertThat(Ms.of(upTo(7)).p95()).isEqualTo(7);
    assertThat(Ms.of(List.of(4.0))).isEqualTo(new Ms(1, 4, 4));
  }

  @Test
  void halfAreNoLongerThanTheMedian() {
    assertThat(Ms.of(upTo(101)).median()).isEqualTo(51);
  }
}
