package kitetail.hair;

/** The six lengths taped before a cut, mm. The side stands for both sides, taped above the ear. */
public record TapedLengths(
    double frontMm,
    double topMm,
    double crownMm,
    double sideMm,
    double occipitalMm,
    double napeMm) {
  public TapedLengths {
    for (double l : new double[] {frontMm, topMm, crownMm, sideMm, occipitalMm, napeMm}) {
      if (!(l >= 0 && l <= 1500)) {
        throw new IllegalArgumentException("a taped length must be 0 to 1500 mm, was " + l);
      }
    }
  }
}
