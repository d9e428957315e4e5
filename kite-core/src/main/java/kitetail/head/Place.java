package kitetail.head;

/** The named places of a head. Left and right are the client's. */
public enum Place {
  FRONT,
  RECESSION_LEFT,
  RECESSION_RIGHT,
  TEMPLE_LEFT,
  TEMPLE_RIGHT,
  SIDEBURN_LEFT,
  SIDEBURN_RIGHT,
  EAR_TOP_LEFT,
  EAR_TOP_RIGHT,
  BEHIND_EAR_LEFT,
  BEHIND_EAR_RIGHT,
  NAPE_CORNER_LEFT,
  NAPE_CORNER_RIGHT,
  NAPE,
  APEX,
  RIDGE_LEFT,
  RIDGE_RIGHT,
  CROWN,
  OCCIPITAL
}
