package kitetail.plan;

import java.util.List;
import kitetail.cut.Aside;
import kitetail.cut.Comb;
import kitetail.cut.Cut;
import kitetail.cut.Edge;
import kitetail.cut.Fade;
import kitetail.cut.Fingers;
import kitetail.cut.Guard;
import kitetail.cut.Spot;
import kitetail.cut.Strokes;
import kitetail.cut.Texture;
import org.jspecify.annotations.Nullable;

/**
 * Seconds a bite, column, pass or stroke takes. The defaults are assumptions; a stylist has their
 * own.
 *
 * @param changeSec to change the attachment of the clipper
 */
public record Pace(
    double fingersSec,
    double combSec,
    double guardSec,
    double edgeSec,
    double textureSec,
    double changeSec) {
  public static final Pace DEFAULT = new Pace(14, 11, 6, 5, 12, 20);

  public Pace {
    // Left out of a document, a number reads as 0.
    edgeSec = edgeSec == 0 ? 5 : edgeSec;
    textureSec = textureSec == 0 ? 12 : textureSec;
    changeSec = changeSec == 0 ? 20 : changeSec;
    for (double s : new double[] {fingersSec, combSec, guardSec, edgeSec, textureSec, changeSec}) {
      if (!(s >= 1 && s <= 300)) {
        throw new IllegalArgumentException("seconds must be 1 to 300, was " + s);
      }
    }
  }

  public Pace(double fingersSec, double combSec, double guardSec) {
    this(fingersSec, combSec, guardSec, 0, 0, 0);
  }

  /** Seconds one bite, column, pass, stroke or step of a cut takes. */
  double secondsFor(Cut cut) {
    return cut.as(new Seconds());
  }

  private final class Seconds implements Cut.Cases<Double> {
    @Override
    public Double fingers(Fingers f) {
      return fingersSec * f.blade().paceShare() * (f.hand() == null ? 1 : f.hand().paceShare());
    }

    @Override
    public Double comb(Comb c) {
      return combSec * c.blade().paceShare();
    }

    @Override
    public Double guard(Guard g) {
      return guardSec;
    }

    @Override
    public Double fade(Fade f) {
      return f.guarded() ? guardSec : textureSec;
    }

    @Override
    public Double edge(Edge e) {
      return e.outline().over() == null ? edgeSec : combSec;
    }

    @Override
    public Double texture(Texture t) {
      return textureSec;
    }

    @Override
    public Double strokes(Strokes s) {
      return combSec;
    }

    @Override
    public Double spot(Spot s) {
      return fingersSec;
    }

    @Override
    public Double aside(Aside a) {
      return secondsFor(a.what());
    }
  }

  /** Usual times of the steps between; assumptions. */
  private static double secondsFor(Aside.What what) {
    return switch (what) {
      case MIST -> 15;
      case DRY -> 240;
      case APPROVE -> 25;
      case CROSS_CHECK -> 90;
      case CLEAN_NECK -> 75;
      case PRODUCT -> 60;
    };
  }

  /**
   * How often the clipper's attachment is changed for a cut.
   *
   * @param last the one it has on; null for none
   */
  static int changes(@Nullable Double last, Cut next) {
    List<Double> on = next.attachments();
    return on.isEmpty() || !on.get(0).equals(last) ? on.size() : on.size() - 1;
  }
}
