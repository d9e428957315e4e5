package kitetail.formats.words;

/**
 * The units a stylist reads lengths in. 1 in = 25.4 mm. The page words them alike; both are held to
 * {@code contract/vectors/lengths.json}.
 */
public enum Units {
  CM {
    @Override
    String above(double mm) {
      long whole = Math.round(mm);
      return whole < 10 ? whole + " mm" : whole / 10 + "." + whole % 10 + " cm";
    }
  },
  INCH {
    @Override
    String above(double mm) {
      long eighths = Math.round(mm / 25.4 * 8);
      long whole = eighths / 8;
      String rest =
          new String[] {"", "1/8", "1/4", "3/8", "1/2", "5/8", "3/4", "7/8"}[(int) (eighths % 8)];
      return (rest.isEmpty() ? whole + "" : whole == 0 ? rest : whole + " " + rest) + " in";
    }
  };

  abstract String above(double mm);

  /** A length, or how far something lies on one side of a line and, with a minus, on the other. */
  public String length(double mm) {
    String words = above(Math.abs(mm));
    return mm >= 0 || words.startsWith("0 ") ? words : "−" + words;
  }
}
