package kitetail.client;

import kitetail.geom.Vec3;
import kitetail.head.FacePlace;
import kitetail.head.Head;

/** Where ends are wished to land, combed flat. */
public enum Landing {
  BROW(FacePlace.BROW_LEFT, FacePlace.BROW_RIGHT),
  EYE(FacePlace.EYE_LEFT, FacePlace.EYE_RIGHT),
  CHEEK(FacePlace.CHEEK_LEFT, FacePlace.CHEEK_RIGHT),
  NOSE_TIP(FacePlace.NOSE_TIP, FacePlace.NOSE_TIP),
  EAR_TOP(FacePlace.EAR_HIGH_LEFT, FacePlace.EAR_HIGH_RIGHT),
  MID_EAR(FacePlace.MID_EAR_LEFT, FacePlace.MID_EAR_RIGHT),
  EAR_LOBE(FacePlace.LOBE_LEFT, FacePlace.LOBE_RIGHT),
  JAW(FacePlace.JAW_LEFT, FacePlace.JAW_RIGHT),
  CHIN(FacePlace.CHIN, FacePlace.CHIN),
  COLLAR(FacePlace.COLLAR, FacePlace.COLLAR);

  private final FacePlace left;
  private final FacePlace right;

  Landing(FacePlace left, FacePlace right) {
    this.left = left;
    this.right = right;
  }

  /** The place on the side of the root; never inside the head. */
  Vec3 on(Head head, Vec3 rootMm) {
    Vec3 p = head.face().get(rootMm.x() < 0 ? left : right);
    return head.surface().heightMm(p.x(), p.y(), p.z()) < 0 ? head.surface().onto(p) : p;
  }
}
