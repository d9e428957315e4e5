package kitetail.section;

import static org.assertj.core.api.Assertions.assertThat;
import static org.assertj.core.api.Assertions.within;

import java.util.HashMap;
import java.util.HashSet;
import java.util.List;
import java.util.Map;
import java.util.Set;
import java.util.stream.Stream;
import kitetail.On;
import kitetail.geom.Vec3;
import kitetail.head.Head;
import kitetail.head.HeadSpec;
import kitetail.head.Scalp;
import kitetail.head.ScalpMesh;
import org.junit.jupiter.api.Test;
import org.junit.jupiter.params.ParameterizedTest;
import org.junit.jupiter.params.provider.MethodSource;

class SeamMeshTest {
  private static final Region TOP = Region.of(new Limit.Between(Scalar.ABOVE_RIDGE_MM, 0, 900));
  private static final Region BELOW = Region.of(new Limit.Between(Scalar.ABOVE_RIDGE_MM, -900, 0));
  private static final Region NAPE = Region.of(new Limit.Between(Scalar.AROUND_DEG, 140, -140));

  static Stream<HeadSpec> heads() {
    return Stream.of(
        new HeadSpec.Ball(90),
        new HeadSpec.Measured(541, null, 312.0),
        new HeadSpec.Measured(601, 362.0, 348.0),
        On.scanned());
  }

  private static double areaMm2(ScalpMesh m, int triangle) {
    int[] t = m.mesh().triangles();
    Vec3 a = at(m, t[triangle]);
    Vec3 b = at(m, t[triangle + 1]);
    Vec3 c = at(m, t[triangle + 2]);
    return b.minus(a).cross(c.minus(a)).norm() / 2;
  }

  private static Vec3 at(ScalpMesh m, int v) {
    float[] p = m.mesh().points();
    return new Vec3(p[3 * v], p[3 * v + 1], p[3 * v + 2]);
  }

  private static double areaMm2(ScalpMesh m) {
    double sum = 0;
    for (int i = 0; i < m.mesh().triangles().length; i += 3) {
      sum += areaMm2(m, i);
    }
    return sum;
  }

  /** Every triangle lies in one section, so paint of one never runs into the other. */
  @ParameterizedTest
  @MethodSource("heads")
  void noTriangleCrossesABorder_andNoSkinIsLost(HeadSpec spec) {
    Scalp scalp = Scalp.of(Head.of(spec), 2000);
    ScalpMesh whole = ScalpMesh.of(scalp);
    List<Region> regions = List.of(TOP, BELOW, NAPE);
    ScalpMesh cut = SeamMesh.of(scalp, whole, regions);
    int own = whole.roots().length;
    assertThat(cut.roots().length).isGreaterThan(own + 200);
    assertThat(areaMm2(cut)).isCloseTo(areaMm2(whole), within(1e-3 * areaMm2(whole)));
    Head h = scalp.head();
    for (Region r : regions) {
      Limit.Test test = r.on(h);
      double strays = 0;
      for (int i = 0; i < cut.mesh().triangles().length; i += 3) {
        int[] t = cut.mesh().triangles();
        boolean in = test.holds(scalp, cut.roots()[t[i]]);
        assertThat(test.holds(scalp, cut.roots()[t[i + 1]])).isEqualTo(in);
        assertThat(test.holds(scalp, cut.roots()[t[i + 2]])).isEqualTo(in);
        Vec3 middle = at(cut, t[i]).plus(at(cut, t[i + 1])).plus(at(cut, t[i + 2])).times(1.0 / 3);
        if (test.holds(middle, h.azimuthRad(middle), h.fromApexMm(middle)) != in) {
          strays += areaMm2(cut, i);
        }
      }
      // Only where borders cross within one triangle can a piece of it be told to the wrong side.
      assertThat(strays).isLessThan(3e-4 * areaMm2(cut));
    }
  }

  /**
   * The two sides of a crossing are one place on the border; the paint lies a little over the skin.
   */
  @Test
  void crossings_lieOnTheTrueLine() {
    Scalp scalp = Scalp.of(Head.of(new HeadSpec.Measured(570, null, null)), 2000);
    ScalpMesh whole = ScalpMesh.of(scalp);
    ScalpMesh cut = SeamMesh.of(scalp, whole, List.of(TOP));
    Head h = scalp.head();
    int own = whole.roots().length;
    assertThat((cut.roots().length - own) % 2).isZero();
    for (int v = own; v < cut.roots().length; v += 2) {
      Vec3 p = at(cut, v);
      assertThat(at(cut, v + 1)).isEqualTo(p);
      double above = h.ridgeFromApexMm(h.azimuthRad(p)) - h.fromApexMm(p);
      assertThat(above).isCloseTo(0, within(0.3));
      assertThat(scalp.aboveRidgeMm(cut.roots()[v]) >= 0)
          .isNotEqualTo(scalp.aboveRidgeMm(cut.roots()[v + 1]) >= 0);
    }
  }

  @Test
  void withoutSections_nothingIsCut() {
    Scalp scalp = Scalp.of(Head.of(new HeadSpec.Ball(90)), 800);
    ScalpMesh whole = ScalpMesh.of(scalp);
    ScalpMesh same = SeamMesh.of(scalp, whole, List.of(Region.ALL));
    assertThat(same.mesh().triangles()).isEqualTo(whole.mesh().triangles());
    assertThat(same.roots()).isEqualTo(whole.roots());
  }

  /** Neighbours meet along the same cut: no gap opens, and the rim is as long as it was. */
  @Test
  void neighboursStayJoined() {
    Scalp scalp = Scalp.of(Head.of(new HeadSpec.Measured(570, null, null)), 1200);
    ScalpMesh whole = ScalpMesh.of(scalp);
    double rim = rimMm(whole);
    assertThat(rim).isGreaterThan(400);
    assertThat(rimMm(SeamMesh.of(scalp, whole, List.of(TOP)))).isCloseTo(rim, within(0.01 * rim));
  }

  /** Edges of one triangle only, where the two sides of a crossing count as one place. */
  private static double rimMm(ScalpMesh m) {
    Map<Set<Vec3>, Integer> edges = new HashMap<>();
    int[] t = m.mesh().triangles();
    for (int i = 0; i < t.length; i += 3) {
      for (int k = 0; k < 3; k++) {
        edges.merge(
            new HashSet<>(List.of(at(m, t[i + k]), at(m, t[i + (k + 1) % 3]))), 1, Integer::sum);
      }
    }
    return edges.entrySet().stream()
        .filter(e -> e.getValue() == 1 && e.getKey().size() == 2)
        .mapToDouble(
            e -> {
              List<Vec3> ends = List.copyOf(e.getKey());
              return ends.get(0).distanceTo(ends.get(1));
            })
        .sum();
  }
}
