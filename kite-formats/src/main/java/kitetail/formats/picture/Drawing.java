package kitetail.formats.picture;

import kitetail.formats.json.PlanJson;

/**
 * What a still and the browser's picture of a head have in common ({@code kitetail/drawing.json});
 * assumptions.
 *
 * @param eyeMm how far the eye is from the middle of what it looks at
 * @param mostCover so much of the skin at most is hidden by the roots that stand in it
 * @param lightThrough how much of the light white hair lets through to what lies beneath; darker
 *     hair less, black none
 */
record Drawing(double eyeMm, double mostCover, double lightThrough) {
  static final Drawing OF_ALL = PlanJson.shipped("drawing.json", Drawing.class);
}
