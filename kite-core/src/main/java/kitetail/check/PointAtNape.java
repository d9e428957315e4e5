package kitetail.check;

import java.util.Optional;
import kitetail.client.Wishes;
import kitetail.head.Place;
import kitetail.plan.Finding;
import kitetail.plan.Finding.Severity;

/** A point at the centre back is taken off, or flips as it grows; a tail is meant. */
final class PointAtNape implements Rule {
  private static final double LEAST_MM = 8;

  /** Longer than this at the nape is a tail. */
  private static final double TAIL_MM = 70;

  @Override
  public String id() {
    return "point-at-nape";
  }

  @Override
  public Severity severity() {
    return Severity.NOTE;
  }

  @Override
  public void find(Evidence e, Found out) {
    double here = e.endMm(Place.NAPE);
    double corners = Math.max(e.endMm(Place.NAPE_CORNER_LEFT), e.endMm(Place.NAPE_CORNER_RIGHT));
    boolean tail = e.plan().wishes().nape() == Wishes.NapeEdge.TAIL || here > TAIL_MM;
    if (!tail && here > LEAST_MM && here - corners > LEAST_MM) {
      out.add(null, Place.NAPE, here - corners);
    }
  }

  @Override
  public Optional<Remedy> remedy(Evidence e, Finding f) {
    return Remedy.at(Place.NAPE, e.longestMm(Place.NAPE) - f.amount());
  }
}
