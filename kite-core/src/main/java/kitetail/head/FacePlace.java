package kitetail.head;

/** Places of the face and neck at which hair may end. Left and right are the client's. */
public enum FacePlace {
  BROW_LEFT,
  BROW_RIGHT,
  EYE_LEFT,
  EYE_RIGHT,
  CHEEK_LEFT,
  CHEEK_RIGHT,
  NOSE_TIP,
  EAR_HIGH_LEFT,
  EAR_HIGH_RIGHT,
  MID_EAR_LEFT,
  MID_EAR_RIGHT,
  LOBE_LEFT,
  LOBE_RIGHT,
  JAW_LEFT,
  JAW_RIGHT,
  CHIN,
  COLLAR
}
