package kitetail.cut;

import java.util.List;
import kitetail.geom.UnitVec;
import kitetail.geom.Vec3;

/**
 * One bite or column as it lies in the hand: the hairs, straight from the skin to where they are
 * cut, and the line of the fingers, the comb's edge or the guard.
 *
 * @param bite which one, from 1; 0 when the cut holds none
 * @param parting the band between partings it lies in, from 1; 0 when it goes by none
 * @param strands each from the root to the cut
 * @param edgeMm the line it is cut along, in order; empty when the cut has none
 * @param out away from the head there
 */
public record Grip(int bite, int parting, List<Vec3[]> strands, List<Vec3> edgeMm, UnitVec out) {
  static final Grip NONE = new Grip(0, 0, List.of(), List.of(), UnitVec.UP);
}
