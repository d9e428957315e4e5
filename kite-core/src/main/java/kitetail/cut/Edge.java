package kitetail.cut;

import java.util.Arrays;
import java.util.Optional;
import kitetail.hair.Hair;
import kitetail.section.Zone;

/**
 * The outline, cut with the hair lying down the head as it falls: what grows a mm further up is
 * left a mm longer, and what grows outside the outline is taken to the blade.
 *
 * @param bladeMm what the bare blade leaves, 0 to 3
 */
public record Edge(Outline outline, double bladeMm) implements Cut {
  private static final double STROKE_MM2 = 20 * 25;

  public Edge {
    if (!(bladeMm >= 0 && bladeMm <= 3)) {
      throw new IllegalArgumentException("bladeMm must be 0 to 3, was " + bladeMm);
    }
  }

  @Override
  public <R> R as(Cases<R> cases) {
    return cases.edge(this);
  }

  @Override
  public double[] leaves(Zone zone, Hair hair) {
    Outline.Drawn drawn = outline.on(zone.head());
    int[] roots = zone.roots();
    double[] out = new double[roots.length];
    for (int k = 0; k < roots.length; k++) {
      out[k] = Math.max(bladeMm, drawn.leavesMm(zone.scalp(), roots[k]));
    }
    return out;
  }

  /** A stroke for each inch or so of skin that is bared or shortened along the outline. */
  @Override
  public int bites(Zone zone) {
    Outline.Drawn drawn = outline.on(zone.head());
    double area =
        Arrays.stream(zone.roots())
            .filter(i -> drawn.leavesMm(zone.scalp(), i) < 12)
            .mapToDouble(i -> zone.scalp().areaMm2(i))
            .sum();
    return (int) Math.max(1, Math.ceil(area / STROKE_MM2));
  }

  /** Hair at the fringe and the ear is rested on the comb, without tension: it springs up. */
  @Override
  public boolean inHand() {
    return outline.hangs();
  }

  @Override
  public boolean shears() {
    return outline.over() == Comb.Tool.SCISSORS;
  }

  @Override
  public Edge mirrored() {
    return new Edge(outline.mirrored(), bladeMm);
  }

  @Override
  public Optional<Dialled> dial(Dial dial) {
    return outline.dial(dial);
  }

  @Override
  public Edge turned(Dial dial, double value) {
    return new Edge(outline.turned(dial, value), bladeMm);
  }
}
