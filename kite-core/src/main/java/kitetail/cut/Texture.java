package kitetail.cut;

import kitetail.hair.Hair;
import kitetail.section.Zone;

/**
 * Texturising: part of the hairs at each place are cut back from their ends, the rest stay. A pass
 * touches a share p of the hairs; n passes leave {@code (1 − p)ⁿ} untouched.
 *
 * @param share of the hairs a pass touches, 0.02 to 0.9; 0 for the tool's usual share
 * @param depthMm how far from the ends the deepest cut is, 1 to 300; 0 for the tool's usual depth
 * @param passes 1 to 8
 * @param layer all when left out
 */
public record Texture(Tool tool, double share, double depthMm, int passes, Layer layer)
    implements Cut {
  /** Which of the hair of its section it takes. */
  public enum Layer {
    ALL,
    /** What grows in the upper half and lies over the rest. */
    OUTER,
    /** What grows in the lower half, beneath its cover. */
    UNDERLAY
  }

  private static final double COLUMN_MM2 = 40 * 60;

  /**
   * The tools and strokes that texturise. What each does is common practice; the usual shares and
   * depths are assumptions, to be set by the stylist.
   */
  public enum Tool {
    /** Tips into the ends: softens a line. */
    POINT_SHALLOW(0.5, 7, 1.0, 0.66, 0.33),
    /** Deep points: takes weight. */
    POINT_DEEP(0.4, 24, 1.0, 0.66, 0.33),
    NOTCH(0.35, 18, 1.0, 0.5),
    /** Separates and sharpens the outline. */
    CHANNEL(0.3, 60, 1.0, 0.7, 0.4),
    SLIDE(0.35, 55, 1.0, 0.7, 0.4, 0.15),
    /** Long strokes: feathered ends. */
    RAZOR(0.6, 40, 1.0, 0.75, 0.5, 0.25),
    /** Fine teeth, a pass or two. */
    THINNING_SHEARS(0.25, 30, 1.0),
    /** About every other strand, moved outward each close. */
    WIDE_TOOTHED(0.5, 60, 1.0, 0.66, 0.33),
    CARVING_HALF(0.25, 40, 1.0, 0.6, 0.3),
    CARVING_FULL(0.45, 40, 1.0, 0.6, 0.3),
    /** Twisted away from the face, the blade slid along. */
    TWIST(0.3, 50, 1.0, 0.66, 0.33);

    private final double usualShare;
    private final double usualDepthMm;
    private final double[] cuts;

    Tool(double usualShare, double usualDepthMm, double... cuts) {
      this.usualShare = usualShare;
      this.usualDepthMm = usualDepthMm;
      this.cuts = cuts;
    }

    public double usualShare() {
      return usualShare;
    }

    public double usualDepthMm() {
      return usualDepthMm;
    }
  }

  public Texture(Tool tool, double share, double depthMm, int passes) {
    this(tool, share, depthMm, passes, null);
  }

  public Texture {
    layer = layer == null ? Layer.ALL : layer;
    share = share == 0 ? tool.usualShare : share;
    depthMm = depthMm == 0 ? tool.usualDepthMm : depthMm;
    if (!(share >= 0.02 && share <= 0.9)) {
      throw new IllegalArgumentException("share must be 0.02 to 0.9, was " + share);
    }
    if (!(depthMm >= 1 && depthMm <= 300)) {
      throw new IllegalArgumentException("depthMm must be 1 to 300, was " + depthMm);
    }
    if (passes < 1 || passes > 8) {
      throw new IllegalArgumentException("passes must be 1 to 8, was " + passes);
    }
  }

  /** The roots of a section whose hair it takes. */
  public int[] roots(Zone zone) {
    return layer == Layer.ALL ? zone.roots() : zone.half(layer == Layer.OUTER);
  }

  /** How far from the ends each of its cuts lies, mm, deepest first; each takes an equal share. */
  public double[] backMm() {
    double[] out = new double[tool.cuts.length];
    for (int i = 0; i < out.length; i++) {
      out[i] = depthMm * tool.cuts[i];
    }
    return out;
  }

  @Override
  public <R> R as(Cases<R> cases) {
    return cases.texture(this);
  }

  @Override
  public boolean razor() {
    return tool == Tool.RAZOR;
  }

  @Override
  public boolean shears() {
    return !razor();
  }

  @Override
  public double[] leaves(Zone zone, Hair hair) {
    double[] out = new double[zone.roots().length];
    java.util.Arrays.fill(out, Double.POSITIVE_INFINITY);
    return out;
  }

  @Override
  public int bites(Zone zone) {
    return (int) Math.ceil(passes * zone.scalp().areaMm2(roots(zone)) / COLUMN_MM2);
  }

  @Override
  public Texture mirrored() {
    return this;
  }
}
