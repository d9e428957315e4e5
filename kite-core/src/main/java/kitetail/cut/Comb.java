package kitetail.cut;

import io.soabase.recordbuilder.core.RecordBuilder;
import java.util.ArrayList;
import java.util.List;
import java.util.Optional;
import kitetail.geom.UnitVec;
import kitetail.geom.Vec3;
import kitetail.hair.Ends;
import kitetail.hair.Hair;
import kitetail.head.Head;
import kitetail.head.Scalp;
import kitetail.section.Facing;
import kitetail.section.Zone;
import org.jspecify.annotations.Nullable;

/**
 * Clipper or scissor over comb: a straight rigid edge goes up in a straight line, column by column,
 * from the lower edge of the section. What is left is the distance from the skin to the comb's
 * track along the hair as it is lifted, and no less than the comb is thick; so hair grows longer
 * where the head curves away.
 *
 * @param gapMm how far off the skin the cutting edge starts, 0 to 60
 * @param outDeg how far the track leans off the line that just follows the head, −20 to 80
 * @param thicknessMm of the comb, 0.5 to 15
 * @param lengthMm of its teeth in use, and so the width of a column, 15 to 200
 * @param tool what cuts over the comb
 * @param square null when the comb follows the round of the head as seen from above; a side of the
 *     room when it stays parallel to that wall
 * @param lift straight out, or as the hair grows
 * @param turn null when the comb goes up straight to the end
 * @param blade what scissors do there; a clipper cuts blunt
 * @param offMm above 0 the comb goes along the line of the hair that is there instead, and so much
 *     stands out of its teeth: gap and lean count for nothing
 * @param leverMm what the clipper's lever adds over the comb as it stands, 0 (closed) to 5; 0 for
 *     scissors
 */
@RecordBuilder
public record Comb(
    double gapMm,
    double outDeg,
    double thicknessMm,
    double lengthMm,
    Tool tool,
    @Nullable Facing square,
    Lift lift,
    @Nullable Turn turn,
    Blade blade,
    double offMm,
    double leverMm)
    implements Cut {
  /** What cuts over the comb. */
  public enum Tool {
    CLIPPER,
    SCISSORS
  }

  /** How the comb lifts the hair it holds. */
  public enum Lift {
    STRAIGHT_OUT,
    ALONG_GROWTH
  }

  /**
   * The comb is turned off the head in a C: {@code r − √(r² − s²)} more at s past a height above
   * the section's lower edge while it turns, up to s = 0.9 r, and from there straight on, as steep
   * as it is there, until no hair is caught.
   *
   * @param atMm 0 to 200 above the lower edge
   * @param radiusMm 5 to 300
   */
  public record Turn(double atMm, double radiusMm) {
    /** The share of its circle over which a comb is turned; an assumption. */
    private static final double TURNED = 0.9;

    /** How far a comb that is turned in a C has come off, in radii, at t radii along. */
    static double rise(double t) {
      double c = Math.max(0, Math.min(t, TURNED));
      double root = Math.sqrt(1 - c * c);
      return 1 - root + Math.max(0, t - c) * c / root;
    }

    public Turn {
      if (!(atMm >= 0 && atMm <= 200)) {
        throw new IllegalArgumentException("atMm must be 0 to 200, was " + atMm);
      }
      Guard.checkRadius(radiusMm);
    }
  }

  public static final double USUAL_LENGTH_MM = 40;
  private static final Range GAP = new Range(0, 60);
  private static final Range LEAN = new Range(-20, 80);
  private static final Range OFF = new Range(0, 60);
  private static final int COLUMNS = 360;
  private static final double STROKE_MM = 35;

  public Comb {
    GAP.check("gapMm", gapMm);
    LEAN.check("outDeg", outDeg);
    if (!(thicknessMm >= 0.5 && thicknessMm <= 15)) {
      throw new IllegalArgumentException("thicknessMm must be 0.5 to 15, was " + thicknessMm);
    }
    // Left out of a document, a number reads as 0.
    lengthMm = lengthMm == 0 ? USUAL_LENGTH_MM : lengthMm;
    if (!(lengthMm >= 15 && lengthMm <= 200)) {
      throw new IllegalArgumentException("lengthMm must be 15 to 200, was " + lengthMm);
    }
    if (square == Facing.UP || square == Facing.DOWN) {
      throw new IllegalArgumentException("square must be a wall, was " + square);
    }
    OFF.check("offMm", offMm);
    if (!(leverMm >= 0 && leverMm <= 5)) {
      throw new IllegalArgumentException("leverMm must be 0 to 5, was " + leverMm);
    }
    leverMm = tool == Tool.CLIPPER ? leverMm : 0;
    lift = lift == null ? Lift.STRAIGHT_OUT : lift;
    blade = blade == null || tool == Tool.CLIPPER ? Blade.BLUNT : blade;
  }

  public Comb(double gapMm, double outDeg, double thicknessMm, Tool tool) {
    this(gapMm, outDeg, thicknessMm, USUAL_LENGTH_MM, tool, null, null, null, null, 0, 0);
  }

  /** Along the line of the hair that is there. */
  public static Comb along(double thicknessMm, Tool tool, double offMm) {
    return new Comb(0, 0, thicknessMm, USUAL_LENGTH_MM, tool, null, null, null, null, offMm, 0);
  }

  @Override
  public <R> R as(Cases<R> cases) {
    return cases.comb(this);
  }

  @Override
  public double[] leaves(Zone zone, Hair hair) {
    Scalp scalp = zone.scalp();
    int[] roots = zone.roots();
    Track[] tracks = new Track[COLUMNS + 1];
    double wall = square == null ? 0 : Math.atan2(square.direction().x(), square.direction().y());
    double lifted = lift == Lift.ALONG_GROWTH ? Math.sin(Math.toRadians(hair.exitDeg())) : 1;
    double[] out = new double[roots.length];
    for (int k = 0; k < roots.length; k++) {
      int i = roots[k];
      double a = square == null ? scalp.azimuthRad(i) : wall;
      double f = (a + Math.PI) / (2 * Math.PI) * COLUMNS;
      int c = Math.min(COLUMNS - 1, (int) f);
      Column column = Column.of(scalp, i, a, square);
      double near = track(tracks, c, zone).distanceMm(column);
      double next = track(tracks, c + 1, zone).distanceMm(column);
      double d =
          Double.isFinite(near + next) ? near + (f - c) * (next - near) : Math.max(near, next);
      out[k] = Math.max(thicknessMm, (d + turned(zone, i)) / lifted) + leverMm;
    }
    return out;
  }

  /** Where the cutting edge goes up a column, from the section's lower edge to its upper. */
  List<Vec3> path(Zone zone, double azimuth, double heightMm) {
    Track t = lay(zone, azimuth);
    Vec3 c = zone.head().surface().centreMm();
    List<Vec3> out = new ArrayList<>();
    for (int k = 0; k <= 8; k++) {
      double s = heightMm * k / 8;
      double o = t.outMm + s * t.outward;
      out.add(
          new Vec3(
              c.x() + o * Math.sin(azimuth), c.y() + o * Math.cos(azimuth), t.upMm + s * t.upward));
    }
    return out;
  }

  private double turned(Zone zone, int i) {
    if (turn == null) {
      return 0;
    }
    Scalp s = zone.scalp();
    double up = zone.lowerEdgeFromApexMm(s.azimuthRad(i)) - s.fromApexMm(i);
    return turn.radiusMm() * Turn.rise((up - turn.atMm()) / turn.radiusMm());
  }

  @Override
  public int bites(Zone zone) {
    return (int) Math.ceil(zone.areaMm2() / (lengthMm * STROKE_MM));
  }

  @Override
  public Comb mirrored() {
    return CombBuilder.builder(this).square(square == null ? null : square.mirrored()).build();
  }

  @Override
  public boolean follows() {
    return offMm > 0;
  }

  @Override
  public double[] following(Zone zone, double[] hadMm) {
    return Cut.off(hadMm, offMm);
  }

  @Override
  public boolean razor() {
    return blade.razor();
  }

  @Override
  public boolean shears() {
    return tool == Tool.SCISSORS && !razor();
  }

  @Override
  public Ends ends() {
    return blade.ends();
  }

  @Override
  public Optional<Dialled> dial(Dial dial) {
    if (offMm > 0) {
      return dial == Dial.OFF ? Optional.of(OFF.at(offMm)) : Optional.empty();
    }
    return switch (dial) {
      case GAP -> Optional.of(GAP.at(gapMm));
      case LEAN_DEG -> Optional.of(LEAN.at(outDeg));
      default -> Optional.empty();
    };
  }

  @Override
  public Comb turned(Dial dial, double value) {
    return switch (dial) {
      case GAP -> CombBuilder.builder(this).gapMm(value).build();
      case LEAN_DEG -> CombBuilder.builder(this).outDeg(value).build();
      case OFF -> CombBuilder.builder(this).offMm(value).build();
      default -> throw new IllegalArgumentException("a comb has no " + dial);
    };
  }

  /** In the upright plane of a column: out from the line through the apex, and up. */
  private record Track(double outMm, double upMm, double outward, double upward) {
    double distanceMm(Column hair) {
      return hair.toTrackMm(outMm, upMm, outward, upward);
    }
  }

  private Track track(Track[] known, int c, Zone zone) {
    if (known[c] == null) {
      known[c] = lay(zone, 2 * Math.PI * c / COLUMNS - Math.PI);
    }
    return known[c];
  }

  private Track lay(Zone zone, double azimuth) {
    Head head = zone.head();
    double lower = zone.lowerEdgeFromApexMm(azimuth);
    double[] start = offSkin(head, azimuth, lower, gapMm);
    double step = 12;
    // Along the skin at the start: square to its normal in the column's plane.
    UnitVec n = head.surface().normalAt(head.point(azimuth, lower));
    double lean = Math.atan2(-n.z(), n.x() * Math.sin(azimuth) + n.y() * Math.cos(azimuth));
    for (double s = lower - step; s > Math.max(10, head.ridgeFromApexMm(azimuth)); s -= step) {
      double[] q = offSkin(head, azimuth, s, gapMm);
      lean = Math.max(lean, Math.atan2(q[0] - start[0], q[1] - start[1]));
    }
    lean += Math.toRadians(outDeg);
    return new Track(start[0], start[1], Math.sin(lean), Math.cos(lean));
  }

  /**
   * The point a gap off the skin at a distance from the apex, in its column's plane: out from the
   * line through the apex, and up.
   */
  static double[] offSkin(Head head, double azimuth, double fromApex, double gapMm) {
    Vec3 p = head.point(azimuth, fromApex);
    UnitVec n = head.surface().normalAt(p);
    double nOut = n.x() * Math.sin(azimuth) + n.y() * Math.cos(azimuth);
    double k = gapMm / Math.hypot(nOut, n.z());
    Vec3 c = head.surface().centreMm();
    return new double[] {Math.hypot(p.x() - c.x(), p.y() - c.y()) + k * nOut, p.z() + k * n.z()};
  }
}
