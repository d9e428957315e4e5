package kitetail.look;

import java.util.ArrayList;
import java.util.Arrays;
import java.util.List;
import kitetail.fall.Fall;
import kitetail.geom.Vec3;
import kitetail.head.FacePlace;
import kitetail.head.Head;
import kitetail.head.Place;
import org.jspecify.annotations.Nullable;

/**
 * Where the ends of a part of the outline land.
 *
 * @param place the place of face or neck nearest in height; null where the ends stay within the
 *     hairline
 * @param belowMm how far below it they land; below 0 above it
 * @param ofHairlineMm how far below their stretch of the hairline they land
 */
public record Landing(Side side, @Nullable FacePlace place, double belowMm, double ofHairlineMm) {
  /** The outline is where this share of the ends has come to; an assumption. */
  private static final double OUTLINE_SHARE = 0.8;

  private static final List<FacePlace> FACE =
      List.of(FacePlace.BROW_RIGHT, FacePlace.EYE_RIGHT, FacePlace.NOSE_TIP, FacePlace.CHIN);
  private static final List<FacePlace> RIGHT =
      List.of(
          FacePlace.EAR_HIGH_RIGHT,
          FacePlace.MID_EAR_RIGHT,
          FacePlace.LOBE_RIGHT,
          FacePlace.JAW_RIGHT,
          FacePlace.CHIN);
  private static final List<FacePlace> LEFT =
      List.of(
          FacePlace.EAR_HIGH_LEFT,
          FacePlace.MID_EAR_LEFT,
          FacePlace.LOBE_LEFT,
          FacePlace.JAW_LEFT,
          FacePlace.CHIN);

  static List<Landing> all(Fall f) {
    List<Landing> out = new ArrayList<>();
    for (Side s : Side.values()) {
      int[] strands = s.strands(f);
      if (strands.length > 0 && !f.ground().scalp().head().face().isEmpty()) {
        out.add(of(f, s, strands));
      }
    }
    return List.copyOf(out);
  }

  private static Landing of(Fall f, Side side, int[] strands) {
    Head head = f.ground().scalp().head();
    double z = outline(f, strands);
    double hairline = hairlineZ(head, side);
    if (z > hairline - 3 || side == Side.FRINGE && !onTheFace(f, strands)) {
      return new Landing(side, null, 0, hairline - z);
    }
    List<FacePlace> places =
        switch (side) {
          case FRINGE -> FACE;
          case RIGHT -> RIGHT;
          case LEFT -> LEFT;
          case NAPE -> List.of(FacePlace.COLLAR);
        };
    FacePlace best = places.get(0);
    for (FacePlace p : places) {
      double d = Math.abs(head.face().get(p).z() - z);
      best = d < Math.abs(head.face().get(best).z() - z) ? p : best;
    }
    return new Landing(side, best, head.face().get(best).z() - z, hairline - z);
  }

  /** Height of the outline: most of the ends that hang at all have come down to it. */
  private static double outline(Fall f, int[] strands) {
    double[] z = Arrays.stream(strands).mapToDouble(i -> f.tip(i).z()).sorted().toArray();
    return z[(int) ((1 - OUTLINE_SHARE) * (z.length - 1))];
  }

  private static boolean onTheFace(Fall f, int[] strands) {
    int before = 0;
    for (int i : strands) {
      Vec3 p = f.tip(i);
      before += p.y() > f.ground().scalp().head().place(Place.FRONT).y() - 4 ? 1 : 0;
    }
    return before > strands.length / 3;
  }

  private static double hairlineZ(Head head, Side side) {
    return switch (side) {
      case FRINGE -> head.place(Place.FRONT).z();
      case RIGHT -> head.place(Place.EAR_TOP_RIGHT).z();
      case LEFT -> head.place(Place.EAR_TOP_LEFT).z();
      case NAPE -> head.place(Place.NAPE).z();
    };
  }
}
