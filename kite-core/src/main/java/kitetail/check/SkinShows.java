package kitetail.check;

import kitetail.client.Wishes;
import kitetail.head.Place;
import kitetail.look.Side;
import kitetail.look.Skin;
import kitetail.plan.Finding.Severity;

/** Skin showing higher than an edge explains, where no taper was wished. */
final class SkinShows implements Rule {
  private static final double LEAST_MM = 12;

  @Override
  public String id() {
    return "skin-shows";
  }

  @Override
  public boolean needsLook() {
    return true;
  }

  @Override
  public Severity severity() {
    return Severity.NOTE;
  }

  @Override
  public void find(Evidence e, Found out) {
    for (Skin s : e.look().skin()) {
      boolean wished = s.side() == Side.NAPE && e.plan().wishes().nape() == Wishes.NapeEdge.TAPERED;
      if (!wished && s.heightMm() >= LEAST_MM) {
        Place place =
            switch (s.side()) {
              case FRINGE -> Place.FRONT;
              case LEFT -> Place.EAR_TOP_LEFT;
              case RIGHT -> Place.EAR_TOP_RIGHT;
              case NAPE -> Place.NAPE;
            };
        out.add(null, place, s.heightMm());
      }
    }
  }
}
