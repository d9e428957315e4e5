package kitetail.head;

import static org.assertj.core.api.Assertions.assertThat;
import static org.assertj.core.api.Assertions.within;

import java.util.List;
import java.util.Map;
import java.util.Random;
import kitetail.geom.UnitVec;
import kitetail.geom.Vec3;
import org.junit.jupiter.api.Test;

class BodyFieldTest {
  @Test
  void onABallItIsTheDistanceToIt() {
    BodyField f = BodyField.of(Head.of(new HeadSpec.Ball(90)));
    Random r = new Random(5);
    double[] way = new double[3];
    for (int i = 0; i < 500; i++) {
      UnitVec d = UnitVec.of(r.nextGaussian(), r.nextGaussian(), r.nextGaussian());
      double off = 12 * r.nextDouble() - 4;
      Vec3 p = d.times(90 + off);
      assertThat(f.atMm(p.x(), p.y(), p.z(), way)).isCloseTo(off, within(0.06));
      assertThat(d.x() * way[0] + d.y() * way[1] + d.z() * way[2]).isCloseTo(1, within(0.03));
    }
  }

  @Test
  void onMeasuredHeadsItsSkinIsTheScalpThatIsCutOver() {
    for (HeadSpec spec :
        List.of(
            new HeadSpec.Measured(570, null, null),
            new HeadSpec.Measured(541, null, 312.0),
            new HeadSpec.Measured(601, 362.0, 348.0))) {
      Head head = Head.of(spec);
      BodyField f = BodyField.of(head);
      Scalp s = Scalp.of(head, 900);
      for (int i = 0; i < s.sites(); i++) {
        Vec3 p = s.pointMm(i);
        // Behind and over the ear the drawn ear stands out of the scalp.
        boolean ear = Math.abs(p.x()) > 55 && p.z() < 50 && p.y() > -45 && p.y() < 20;
        if (!ear) {
          assertThat(f.atMm(p.x(), p.y(), p.z(), null))
              .as("%s %s", spec, p)
              .isCloseTo(0, within(0.25));
        }
      }
    }
  }

  @Test
  void faceAndShouldersAreInIt() {
    Head head = Head.of(new HeadSpec.Measured(570, null, null));
    BodyField f = BodyField.of(head);
    Vec3 nose = head.face().get(FacePlace.NOSE_TIP);
    assertThat(f.atMm(nose.x(), nose.y() - 3, nose.z(), null)).isNegative();
    assertThat(f.atMm(nose.x(), nose.y() + 6, nose.z(), null)).isPositive();
    assertThat(f.atMm(100, -52, -170, null)).isNegative();
    assertThat(f.atMm(0, 0, 180, null)).isGreaterThan(10);
  }

  private static Head head(HeadShape shape, HairlineShape hairline) {
    return Head.of(
        new HeadSpec.Measured(570.0, null, null, null, null, shape, hairline, Map.of(), null));
  }

  /**
   * Heads are told to share a body by their skins: what grows on it must not matter, all else must.
   */
  @Test
  void headsOfOneSkin_haveOneBody() {
    Head usual = head(HeadShape.USUAL, HairlineShape.USUAL);
    Head receded = head(HeadShape.USUAL, new HairlineShape(0, 20, 20, 0, 0, 0, 0, 0));
    assertThat(receded.skin()).isEqualTo(usual.skin());
    BodyField a = BodyField.of(usual);
    BodyField b = BodyField.of(receded);
    Random r = new Random(3);
    for (int i = 0; i < 500; i++) {
      double x = 180 * r.nextGaussian() / 2;
      double y = 140 * r.nextGaussian() / 2;
      double z = 140 * r.nextGaussian() / 2;
      assertThat(b.atMm(x, y, z, null)).isEqualTo(a.atMm(x, y, z, null));
    }
    HeadShape ears = new HeadShape(0, 0, 0, 0, 0, 6, 0);
    HeadShape bone = new HeadShape(0, 1, 0, 0, 0, 0, 0);
    assertThat(head(ears, HairlineShape.USUAL).skin()).isNotEqualTo(usual.skin());
    assertThat(head(bone, HairlineShape.USUAL).skin()).isNotEqualTo(usual.skin());
    assertThat(Head.of(new HeadSpec.Measured(590, null, null)).skin()).isNotEqualTo(usual.skin());
  }
}
