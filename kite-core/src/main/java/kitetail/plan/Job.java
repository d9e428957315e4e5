package kitetail.plan;

import kitetail.cut.Aside;
import kitetail.cut.Comb;
import kitetail.cut.Cut;
import kitetail.cut.Edge;
import kitetail.cut.Fade;
import kitetail.cut.Fingers;
import kitetail.cut.Guard;
import kitetail.cut.Outline;
import kitetail.cut.Spot;
import kitetail.cut.Strokes;
import kitetail.cut.Texture;

/** What a move is there for; the rules of order go by it. */
public enum Job {
  /** The outer line at natural fall. */
  OUTLINE,
  /** Takes hair down so that what follows can be seen; leaves a floor length. */
  BULK,
  /** A guide others go by. */
  GUIDE,
  LENGTH,
  /** Joins what was cut before. */
  BLEND,
  /** Sides or back to their finished length. */
  SIDE,
  FRINGE,
  TAPER,
  EDGE,
  /** To the skin; grows back only with time. */
  HARD_LINE,
  TEXTURE,
  MIST,
  DRY,
  APPROVE,
  CHECK,
  NECK,
  PRODUCT,
  /** What came off that was not meant to. */
  SLIP;

  private static final double BULK_GUARD = 5;

  /** What a cut is usually for. */
  static Job usual(Cut cut) {
    return cut.as(USUAL);
  }

  private static final Cut.Cases<Job> USUAL =
      new Cut.Cases<>() {
        @Override
        public Job fingers(Fingers f) {
          return LENGTH;
        }

        @Override
        public Job comb(Comb c) {
          return SIDE;
        }

        @Override
        public Job guard(Guard g) {
          return g.number() >= BULK_GUARD ? BULK : TAPER;
        }

        @Override
        public Job fade(Fade f) {
          return TAPER;
        }

        @Override
        public Job edge(Edge e) {
          return e.outline() instanceof Outline.HardLine
              ? HARD_LINE
              : e.outline() instanceof Outline.Taper ? TAPER : EDGE;
        }

        @Override
        public Job texture(Texture t) {
          return TEXTURE;
        }

        @Override
        public Job strokes(Strokes s) {
          return SIDE;
        }

        @Override
        public Job spot(Spot s) {
          return BLEND;
        }

        @Override
        public Job aside(Aside a) {
          return switch (a.what()) {
            case MIST -> MIST;
            case DRY -> DRY;
            case APPROVE -> APPROVE;
            case CROSS_CHECK -> CHECK;
            case CLEAN_NECK -> NECK;
            case PRODUCT -> PRODUCT;
          };
        }
      };
}
