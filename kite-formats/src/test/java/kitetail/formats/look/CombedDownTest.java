package kitetail.formats.look;

import static org.assertj.core.api.Assertions.assertThat;

import java.util.ArrayList;
import java.util.List;
import kitetail.fall.Fall;
import kitetail.formats.json.Families;
import kitetail.geom.Vec3;
import kitetail.head.Head;
import kitetail.head.Scalp;
import kitetail.plan.Plan;
import kitetail.planning.Worn;
import org.junit.jupiter.api.Test;

/** What is combed and dried over to a side lies there, at the whorl too; common practice. */
class CombedDownTest {
  /** As far off the skin as hair may lie on much hair beneath it. */
  private static final double LIES_MM = 20;

  @Test
  void sweptHair_doesNotStandUpAtTheWhorl() {
    Plan plan = Families.all().get("hard-line-sweep");
    Scalp scalp = Scalp.of(Head.of(plan.head()), Fall.STRANDS);
    Fall fall = Worn.of(plan, Worn.Stand.of(scalp), 0).fall();
    List<String> standing = new ArrayList<>();
    for (int i = 0; i < fall.strands(); i++) {
      int tip = 3 * (i * fall.points() + fall.points() - 1);
      Vec3 end = new Vec3(fall.xyz()[tip], fall.xyz()[tip + 1], fall.xyz()[tip + 2]);
      double off = offMm(scalp, end);
      if (end.z() > scalp.pointMm(i).z() && off > LIES_MM) {
        standing.add(String.format("%d by %.0f mm", i, off));
      }
    }
    assertThat(standing).isEmpty();
  }

  private static double offMm(Scalp s, Vec3 end) {
    double least = Double.MAX_VALUE;
    for (int j = 0; j < s.sites(); j++) {
      least = Math.min(least, s.pointMm(j).distanceTo(end));
    }
    return least;
  }
}
