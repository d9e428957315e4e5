package kitetail.fall;

import java.util.List;
import kitetail.geom.Smooth;
import kitetail.geom.Vec3;
import kitetail.head.Head;

/** Where skin is seen between hairs: at a part, and in lines pressed to the skin. */
public final class Bared {
  /** Roots still stand beside a part's line, so that it is not as bare as the forehead. */
  private static final double PART_SHOWS = 0.85;

  /** The edge a trimmer leaves. */
  private static final double CRISP_MM = 0.5;

  private final PartLine part;
  private final List<SkinLine> lines;
  private final double shows;

  private Bared(PartLine part, List<SkinLine> lines, double shows) {
    this.part = part;
    this.lines = lines;
    this.shows = shows;
  }

  public static Bared of(Fall f) {
    Head head = f.ground().scalp().head();
    return new Bared(PartLine.of(f.styling(), head), f.lines(), f.linesShow());
  }

  /**
   * How far a root stands from where skin is bare, mm: infinite where none is.
   *
   * @return 0 within a line; from the middle of a part
   */
  public double offMm(Vec3 p) {
    double off = part == null ? Double.POSITIVE_INFINITY : part.offMm(p.x(), p.y());
    for (SkinLine l : lines) {
      off = Math.min(off, Math.max(0, l.offMm(p)));
    }
    return off;
  }

  /** Share of the skin that is seen at a place of it, whatever stands round it, 0 to 1. */
  public double bare(Vec3 p) {
    double bare = part == null ? 0 : PART_SHOWS * part.bare(p.x(), p.y());
    for (SkinLine l : lines) {
      bare = Math.max(bare, shows * (1 - Smooth.step(l.offMm(p) / CRISP_MM)));
    }
    return bare;
  }

  public boolean none() {
    return part == null && lines.isEmpty();
  }
}
