package kitetail.formats.sheet;

/** What a sheet is printed on. ISO 216 A4; ANSI/ASME Y14.1 letter, 8.5 by 11 inches. */
public enum Paper {
  A4(210, 297, "A4"),
  LETTER(215.9, 279.4, "letter");

  private final double widthMm;
  private final double heightMm;
  private final String css;

  Paper(double widthMm, double heightMm, String css) {
    this.widthMm = widthMm;
    this.heightMm = heightMm;
    this.css = css;
  }

  public double widthMm() {
    return widthMm;
  }

  public double heightMm() {
    return heightMm;
  }

  /** As style sheets name it. */
  String css() {
    return css;
  }
}
