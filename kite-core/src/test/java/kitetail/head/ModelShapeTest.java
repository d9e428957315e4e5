package kitetail.head;

import static org.assertj.core.api.Assertions.assertThat;
import static org.assertj.core.api.Assertions.assertThatThrownBy;
import static org.assertj.core.api.Assertions.within;

import java.util.Random;
import java.util.stream.Stream;
import kitetail.geom.Mesh;
import kitetail.geom.RadiusTable;
import kitetail.geom.Smooth;
import kitetail.geom.Solid;
import kitetail.geom.StarSurface;
import kitetail.geom.UnitVec;
import kitetail.geom.Vec3;
import org.assertj.core.api.ThrowableAssert.ThrowingCallable;
import org.junit.jupiter.api.Test;
import org.junit.jupiter.params.ParameterizedTest;
import org.junit.jupiter.params.provider.MethodSource;

class ModelShapeTest {
  static Stream<ModelHead.Build> ends() {
    return Stream.of(
        new ModelHead.Build(1, 0, 0, 0),
        new ModelHead.Build(-1, 0, 0, 0),
        new ModelHead.Build(0, 1, 0, 0),
        new ModelHead.Build(0, -1, 0, 0),
        new ModelHead.Build(0, 0, 1, 0),
        new ModelHead.Build(0, 0, -1, 0),
        new ModelHead.Build(0, 0, 0, 1),
        new ModelHead.Build(0, 0, 0, -1));
  }

  /** At the ends of each number the blended radii are those of the solids moved there. */
  @ParameterizedTest
  @MethodSource("ends")
  void atTheEndsOfEachNumber_theBlendIsTheSolid(ModelHead.Build b) {
    StarSurface blended = ModelHead.surface(b);
    Solid solid = ModelHead.skull(b);
    Random r = new Random(3);
    for (int i = 0; i < 400; i++) {
      UnitVec d = UnitVec.of(r.nextGaussian(), r.nextGaussian(), Math.abs(r.nextGaussian()) - 0.4);
      double exact = RadiusTable.firstSkin(solid, blended.centreMm(), d);
      if (exact < 122) {
        assertThat(blended.radiusMm(d.x(), d.y(), d.z())).isCloseTo(exact, within(0.03));
      }
    }
  }

  /** Between the ends, and with several numbers at once, it stays near the solid. */
  @Test
  void betweenTheEnds_theBlendStaysNearTheSolid() {
    Random r = new Random(4);
    for (int k = 0; k < 10; k++) {
      ModelHead.Build b =
          new ModelHead.Build(
              2 * r.nextDouble() - 1,
              2 * r.nextDouble() - 1,
              2 * r.nextDouble() - 1,
              r.nextDouble() - 0.5);
      StarSurface blended = ModelHead.surface(b);
      for (int i = 0; i < 60; i++) {
        UnitVec d = UnitVec.of(r.nextGaussian(), r.nextGaussian(), Math.abs(r.nextGaussian()));
        double exact = RadiusTable.firstSkin(ModelHead.skull(b), blended.centreMm(), d);
        assertThat(blended.radiusMm(d.x(), d.y(), d.z())).isCloseTo(exact, within(2.5));
      }
    }
  }

  @Test
  void theDrawnHead_liesOnTheFittedSkin_whateverItsShape() {
    Head h =
        Head.of(
            new HeadSpec.Measured(
                580, 350.0, null, null, null, new HeadShape(0.7, 1, -0.5, 0, 0, 0, 0), null, null));
    Mesh bust = Bust.of(h);
    int on = 0;
    for (int i = 0; i < bust.points().length; i += 3) {
      Vec3 p = new Vec3(bust.points()[i], bust.points()[i + 1], bust.points()[i + 2]);
      if (p.z() > 65) {
        assertThat(h.surface().heightMm(p.x(), p.y(), p.z())).isCloseTo(0, within(0.2));
        on++;
      }
    }
    assertThat(on).isGreaterThan(800);
  }

  @Test
  void aHigherEar_isDrawnHigher_andTheOtherWhereItWas() {
    Head usual = Head.of(new HeadSpec.Measured(570, null, null));
    Head lifted =
        Head.of(
            new HeadSpec.Measured(
                570, null, null, null, null, new HeadShape(0, 0, 0, 0, 0, 10, 0), null, null));
    assertThat(lifted.face().get(FacePlace.LOBE_LEFT).z())
        .isCloseTo(usual.face().get(FacePlace.LOBE_LEFT).z() + 10, within(1.5));
    assertThat(lifted.face().get(FacePlace.LOBE_RIGHT).z())
        .isCloseTo(usual.face().get(FacePlace.LOBE_RIGHT).z(), within(0.5));
  }

  @Test
  void theCap_coversTheScalp_andLooksOutward() {
    Head h = Head.of(new HeadSpec.Measured(570, null, null));
    Mesh cap = CapMesh.of(h);
    double area = 0;
    for (int t = 0; t < cap.triangles().length; t += 3) {
      Vec3 a = vertex(cap, cap.triangles()[t]);
      Vec3 u = vertex(cap, cap.triangles()[t + 1]).minus(a);
      Vec3 v = vertex(cap, cap.triangles()[t + 2]).minus(a);
      Vec3 n = u.cross(v);
      area += n.norm() / 2;
      assertThat(n.dot(a.minus(h.surface().centreMm()))).isPositive();
    }
    double scalp = Scalp.of(h, 1000).totalAreaMm2();
    assertThat(area).isCloseTo(scalp, within(0.04 * scalp));
  }

  private static Vec3 vertex(Mesh m, int i) {
    return new Vec3(m.points()[3 * i], m.points()[3 * i + 1], m.points()[3 * i + 2]);
  }

  @Test
  void normalsFromTriangles_areThoseOfTheBall() {
    Mesh ball = Bust.of(Head.of(new HeadSpec.Ball(90)));
    float[] n = Mesh.normals(ball.points(), ball.triangles());
    for (int i = 0; i < n.length; i += 3) {
      double along =
          (n[i] * ball.points()[i]
                  + n[i + 1] * ball.points()[i + 1]
                  + n[i + 2] * ball.points()[i + 2])
              / 90;
      assertThat(along).isGreaterThan(0.98);
    }
    Mesh moved = ball.moved(p -> p.plus(new Vec3(5, 0, 0)));
    assertThat(moved.points()[0]).isCloseTo(ball.points()[0] + 5, within(1e-4f));
  }

  @Test
  void aPose_turnsAndShifts_andKeepsDistances() {
    Pose p = Pose.SAME.moved(0, 0, Math.PI / 2, new Vec3(10, 0, 0));
    assertThat(p.toHead(1, 0, 0).distanceTo(new Vec3(10, 1, 0))).isLessThan(1e-9);
    Pose q = p.moved(0.3, -0.2, 0.9, new Vec3(1, 2, 3));
    double before = new Vec3(3, -4, 5).distanceTo(new Vec3(-1, 2, 2));
    assertThat(q.toHead(3, -4, 5).distanceTo(q.toHead(-1, 2, 2))).isCloseTo(before, within(1e-9));
  }

  @Test
  void marks_layTheEarsAcross_andTheBridgeInFront() {
    ScanMarks m = new ScanMarks(new Vec3(5, 5, 1), new Vec3(5, -1, 1), new Vec3(8.6, 2, 1.88));
    Pose p = m.pose(25.4);
    Vec3 left = p.toHead(5, 5, 1);
    Vec3 right = p.toHead(5, -1, 1);
    Vec3 bridge = p.toHead(8.6, 2, 1.88);
    assertThat(left.plus(right).norm()).isLessThan(1e-6);
    assertThat(right.x()).isCloseTo(3 * 25.4, within(1e-6));
    assertThat(bridge.x()).isCloseTo(0, within(1e-6));
    assertThat(Math.toDegrees(Math.atan2(bridge.z(), bridge.y())))
        .isCloseTo(Math.toDegrees(Math.atan2(22, 90)), within(1e-6));
  }

  static Stream<ThrowingCallable> outside() {
    return Stream.of(
        () -> new HeadShape(1.1, 0, 0, 0, 0, 0, 0),
        () -> new HeadShape(0, 0, 0, Double.NaN, 0, 0, 0),
        () -> new HeadShape(0, 0, 0, 0, 40, 0, 0),
        () -> new HeadShape(0, 0, 0, 0, 0, -16, 0),
        () -> new HairlineShape(31, 0, 0, 0, 0, 0, 0, 0),
        () -> new HairlineShape(0, 46, 0, 0, 0, 0, 0, 0),
        () -> new HairlineShape(-21, 0, 0, 0, 0, 0, 0, 0),
        () -> new HairlineShape(0, 0, 0, 0, 0, -1, 0, 0),
        () -> new Nudge(3.5, 0),
        () -> new Nudge(0, Double.NaN),
        () -> new Spot(190, 0.5),
        () -> new Spot(0, 1.01),
        () -> new HeadSpec.Measured(-1, null, null));
  }

  @ParameterizedTest
  @MethodSource("outside")
  void whatNoHeadHas_isRefused_withItsRange(ThrowingCallable bad) {
    assertThatThrownBy(bad)
        .isInstanceOf(IllegalArgumentException.class)
        .hasMessageContaining("must be");
  }

  @Test
  void theSmoothStep_isLevelAtItsEnds() {
    assertThat(Smooth.step(-1)).isZero();
    assertThat(Smooth.step(2)).isEqualTo(1);
    assertThat(Smooth.step(0.5)).isEqualTo(0.5);
    assertThat(Smooth.step(1e-3)).isLessThan(4e-6);
  }

  /**
   * One smooth closed curve, whatever the numbers: no step and no corner of the skin's own size.
   */
  @Test
  void theHairline_staysOneSmoothCurve_whateverItsNumbers() {
    Random r = new Random(6);
    for (int k = 0; k < 12; k++) {
      HairlineShape shape =
          new HairlineShape(
              50 * r.nextDouble() - 20,
              45 * r.nextDouble() - 10,
              45 * r.nextDouble() - 10,
              60 * r.nextDouble() - 25,
              40 * r.nextDouble() - 15,
              20 * r.nextDouble(),
              20 * r.nextDouble(),
              20 * r.nextDouble());
      Head h = Head.of(new HeadSpec.Measured(570, null, null, null, null, null, shape, null));
      Vec3 last = h.edge(-Math.PI);
      for (int i = 1; i <= 1440; i++) {
        Vec3 p = h.edge(2 * Math.PI * i / 1440 - Math.PI);
        assertThat(p.distanceTo(last)).isLessThan(4.5);
        last = p;
      }
      assertThat(last.distanceTo(h.edge(-Math.PI))).isLessThan(1e-6);
    }
  }
}
