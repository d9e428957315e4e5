package kitetail.head;

import static org.assertj.core.api.Assertions.assertThat;
import static org.assertj.core.api.Assertions.within;

import kitetail.geom.Mesh;
import kitetail.geom.Vec3;
import org.junit.jupiter.api.Test;

class DrawnHeadTest {
  private static double area(Mesh m) {
    double sum = 0;
    for (int t = 0; t < m.triangles().length; t += 3) {
      double[] n = new double[3];
      int a = 3 * m.triangles()[t];
      int b = 3 * m.triangles()[t + 1];
      int c = 3 * m.triangles()[t + 2];
      for (int k = 0; k < 3; k++) {
        int i = (k + 1) % 3;
        int j = (k + 2) % 3;
        n[k] =
            (m.points()[b + i] - m.points()[a + i]) * (m.points()[c + j] - m.points()[a + j])
                - (m.points()[b + j] - m.points()[a + j]) * (m.points()[c + i] - m.points()[a + i]);
      }
      sum += Math.sqrt(n[0] * n[0] + n[1] * n[1] + n[2] * n[2]) / 2;
    }
    return sum;
  }

  @Test
  void theMeshOfABall_hasTheBallsSurface_andLooksOutward() {
    Mesh m = Bust.of(Head.of(new HeadSpec.Ball(90)));
    assertThat(area(m)).isCloseTo(4 * Math.PI * 8100, within(0.01 * 4 * Math.PI * 8100));
    for (int i = 0; i < m.points().length; i += 3) {
      double out =
          m.points()[i] * m.normals()[i]
              + m.points()[i + 1] * m.normals()[i + 1]
              + m.points()[i + 2] * m.normals()[i + 2];
      assertThat(out).isCloseTo(90, within(0.5));
    }
  }

  @Test
  void theScalpsTriangles_coverTheScalpOnce() {
    Scalp s = Scalp.of(Head.of(new HeadSpec.Measured(573, null, null)), Scalp.DEFAULT_SITES);
    ScalpMesh m = ScalpMesh.of(s);
    assertThat(area(m.mesh())).isCloseTo(s.totalAreaMm2(), within(0.03 * s.totalAreaMm2()));
    assertThat(m.roots()).hasSize(m.mesh().vertices()).doesNotContain(s.roots());
  }

  /**
   * The face as it is drawn: brows at the brows' landmarks, lids at the eyes', both sides alike.
   */
  @Test
  void theFacesLines_lieAtItsLandmarks_onEveryHead() {
    for (HeadSpec.Measured spec :
        new HeadSpec.Measured[] {
          new HeadSpec.Measured(570, null, null),
          new HeadSpec.Measured(600, 372.0, 350.0),
          new HeadSpec.Measured(
              545, null, null, null, null, new HeadShape(-1, 1, -1, 0, 0, 8, -4), null, null)
        }) {
      Head h = Head.of(spec);
      assertThat(nearest(h, FaceLine.Kind.BROW, FacePlace.BROW_RIGHT)).isLessThan(4);
      assertThat(nearest(h, FaceLine.Kind.BROW, FacePlace.BROW_LEFT)).isLessThan(4);
      assertThat(nearest(h, FaceLine.Kind.LID, FacePlace.EYE_RIGHT)).isLessThan(9);
      assertThat(nearest(h, FaceLine.Kind.LID, FacePlace.EYE_LEFT)).isLessThan(9);
      BodyField body = BodyField.of(h);
      for (FaceLine l : FaceLine.of(h)) {
        for (Vec3 p : l.pointsMm()) {
          assertThat(body.atMm(p.x(), p.y(), p.z(), null)).as("%s", l.kind()).isBetween(-1.0, 1.0);
        }
      }
      for (Mesh m : FaceLine.ribbons(h)) {
        assertThat(m.triangles().length).isPositive();
        for (int v = 1; v < m.normals().length; v += 3) {
          assertThat(m.normals()[v]).as("looks forward").isPositive();
        }
      }
    }
    assertThat(FaceLine.of(Head.of(new HeadSpec.Ball(90)))).isEmpty();
  }

  private static double nearest(Head h, FaceLine.Kind kind, FacePlace place) {
    Vec3 at = h.face().get(place);
    return FaceLine.of(h).stream()
        .filter(l -> l.kind() == kind)
        .flatMap(l -> l.pointsMm().stream())
        .mapToDouble(p -> p.distanceTo(at))
        .min()
        .orElseThrow();
  }
}
