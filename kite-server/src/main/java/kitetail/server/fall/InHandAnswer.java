package kitetail.server.fall;

import com.fasterxml.jackson.annotation.JsonUnwrapped;
import java.util.List;
import kitetail.cut.Grip;
import kitetail.formats.answer.HairInk;
import kitetail.geom.Vec3;
import kitetail.planning.InHand;

/**
 * What is said of a move on hair, before its strands.
 *
 * @param grownMm nothing: hair is cut today
 * @param strands of the scalp; a beard's follow them
 * @param lines of each bite in turn; none when the move holds no hair
 */
public record InHandAnswer(
    double grownMm, int strands, @JsonUnwrapped HairInk ink, List<BiteLine> lines) {

  /**
   * Where a bite is cut.
   *
   * @param edge the line, x, y, z in mm on the head; empty when the cut has none
   * @param out away from the head there
   */
  public record BiteLine(List<double[]> edge, double[] out) {
    private static BiteLine of(Grip g) {
      return new BiteLine(
          g.edgeMm().stream().map(BiteLine::xyz).toList(),
          new double[] {g.out().x(), g.out().y(), g.out().z()});
    }

    private static double[] xyz(Vec3 v) {
      return new double[] {tenths(v.x()), tenths(v.y()), tenths(v.z())};
    }

    private static double tenths(double mm) {
      return Math.round(mm * 10) / 10.0;
    }
  }

  static InHandAnswer of(InHand h) {
    return new InHandAnswer(
        0,
        h.before().strands(),
        HairInk.of(h.before()),
        h.grips().stream().map(BiteLine::of).toList());
  }
}
