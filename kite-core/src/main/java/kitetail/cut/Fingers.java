package kitetail.cut;

import kitetail.geom.StarSurface;
import kitetail.geom.TautPath;
import kitetail.geom.UnitVec;
import kitetail.geom.Vec3;
import kitetail.hair.Hair;
import kitetail.head.Head;
import kitetail.head.Scalp;
import kitetail.section.Section;

/**
 * Cut over the fingers.
 *
 * @param progress where the next bite lies from the last; partings run across it
 * @param biteMm width of a bite along the skin, 3 to 60
 */
public record Fingers(Hold hold, CutLine line, Guide guide, Facing progress, double biteMm)
    implements Cut {
  /**
   * Usable length of a hand's line, to about the second knuckle. Common practice has no figure; an
   * assumption.
   */
  private static final double HAND_MM = 60;

  private static final double TRACE_MM = 4;
  private static final int MAX_BITES = 120;

  public Fingers {
    if (!(biteMm >= 3 && biteMm <= 60)) {
      throw new IllegalArgumentException("biteMm must be 3 to 60, was " + biteMm);
    }
  }

  @Override
  public double[] leaves(Scalp scalp, Section section, int[] roots, Hair hair) {
    return new Work(scalp, section, roots).lengths();
  }

  @Override
  public int bites(Scalp scalp, int[] roots) {
    double from = Double.MAX_VALUE;
    double to = -Double.MAX_VALUE;
    double area = 0;
    for (int i : roots) {
      double c = progress.direction().dot(scalp.pointMm(i));
      from = Math.min(from, c);
      to = Math.max(to, c);
      area += scalp.areaMm2(i);
    }
    if (area == 0) {
      return 0;
    }
    int partings = (int) Math.max(1, Math.ceil((to - from) / biteMm));
    double[] areas = new double[partings];
    for (int i : roots) {
      double c = progress.direction().dot(scalp.pointMm(i));
      areas[(int) Math.min(partings - 1.0, (c - from) / biteMm)] += scalp.areaMm2(i);
    }
    int bites = 0;
    for (double a : areas) {
      bites += (int) Math.ceil(a / (biteMm * HAND_MM));
    }
    return bites;
  }

  private final class Work {
    private final Scalp scalp;
    private final Section section;
    private final int[] roots;
    private final Head head;
    private final StarSurface skin;
    private final TautPath taut;

    Work(Scalp scalp, Section section, int[] roots) {
      this.scalp = scalp;
      this.section = section;
      this.roots = roots;
      this.head = scalp.head();
      this.skin = head.surface();
      this.taut = new TautPath(skin);
    }

    double[] lengths() {
      double[] out = new double[roots.length];
      double start = firstParting();
      Vec3 spot =
          guide instanceof Guide.Fixed f && f.gather() == Guide.Gather.SPOT
              ? tip(head.place(f.place()))
              : null;
      for (int k = 0; k < roots.length; k++) {
        int i = roots[k];
        Vec3 p = scalp.pointMm(i);
        if (guide instanceof Guide.Travelling) {
          out[k] = held(p, scalp.normal(i), rise(i));
        } else if (guide instanceof Guide.Fixed f) {
          out[k] = brought(p, spot != null ? spot : tip(inRow(p, head.place(f.place()))));
        } else {
          out[k] = chained(p, start);
        }
      }
      return out;
    }

    private double firstParting() {
      double from = Double.MAX_VALUE;
      for (int i : roots) {
        from = Math.min(from, progress.direction().dot(scalp.pointMm(i)));
      }
      return from;
    }

    private double rise(int i) {
      return Math.max(
          0, section.lowerEdgeFromApexMm(head, scalp.azimuthRad(i)) - scalp.fromApexMm(i));
    }

    private double rise(Vec3 p) {
      return Math.max(
          0, section.lowerEdgeFromApexMm(head, head.azimuthRad(p)) - head.fromApexMm(p));
    }

    private double held(Vec3 p, UnitVec normal, double rise) {
      UnitVec pull = hold.pull(normal);
      double d = line.distanceMm(head, hold, p, pull, rise);
      boolean followsHead = line instanceof CutLine.Round;
      return followsHead || !Double.isFinite(d) || d == 0 || pull.dot(normal) > 0.999
          ? d
          : taut.lengthMm(p, p.plus(pull.times(d)));
    }

    /**
     * Where the guide hair that grows at g ends in the hand; null where the line is out of its
     * reach.
     */
    private Vec3 tip(Vec3 g) {
      UnitVec pull = hold.pull(skin.normalAt(g));
      double d = line.distanceMm(head, hold, g, pull, rise(g));
      return Double.isFinite(d) ? g.plus(pull.times(d)) : null;
    }

    private double brought(Vec3 p, Vec3 tip) {
      return tip == null ? Double.POSITIVE_INFINITY : taut.lengthMm(p, tip);
    }

    /** From p straight across to the level of the guide's parting, staying on the skin. */
    private Vec3 inRow(Vec3 p, Vec3 place) {
      UnitVec along = progress.direction();
      Vec3 q = p.plus(along.times(along.dot(place.minus(p))));
      for (int k = 0; k < 8; k++) {
        double h = skin.heightMm(q.x(), q.y(), q.z());
        UnitVec n = skin.normalAt(skin.onto(q));
        double cos = Math.sqrt(Math.max(0.05, 1 - n.dot(along) * n.dot(along)));
        q = q.minus(n.alongSurface(along).times(h / cos));
        if (Math.abs(h) < 1e-3) {
          break;
        }
      }
      return skin.onto(q);
    }

    /**
     * Goes back bite by bite to the first, then forward again, each bite cut to the last one's
     * length where that was held.
     */
    private double chained(Vec3 p, double start) {
      Vec3[] chain = new Vec3[MAX_BITES + 1];
      chain[0] = p;
      int n = 0;
      while (n < MAX_BITES) {
        Vec3 back = stepBack(chain[n]);
        if (back == null || progress.direction().dot(back) < start - 1e-6 || offScalp(back)) {
          break;
        }
        chain[++n] = back;
      }
      double length = held(chain[n], skin.normalAt(chain[n]), rise(chain[n]));
      for (int k = n; k > 0 && Double.isFinite(length); k--) {
        Vec3 g = chain[k];
        length = taut.lengthMm(chain[k - 1], g.plus(hold.pull(skin.normalAt(g)).times(length)));
      }
      return length;
    }

    private boolean offScalp(Vec3 p) {
      return head.fromApexMm(p) > head.hairlineFromApexMm(head.azimuthRad(p)) + 1e-3;
    }

    /** One bite back along the skin; null where the head has no further place that way. */
    private Vec3 stepBack(Vec3 from) {
      int steps = (int) Math.ceil(biteMm / TRACE_MM);
      Vec3 p = from;
      UnitVec last = null;
      for (int k = 0; k < steps; k++) {
        UnitVec back = progress.direction().opposite().alongSurface(skin.normalAt(p));
        if (last != null && back.dot(last) < 0) {
          return null;
        }
        last = back;
        p = skin.onto(p.plus(back.times(biteMm / steps)));
      }
      return p;
    }
  }
}
