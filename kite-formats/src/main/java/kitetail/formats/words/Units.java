package kitetail.formats.words;

import java.util.Locale;

/** The units a stylist reads lengths in. 1 in = 25.4 mm. */
public enum Units {
  CM {
    @Override
    public String length(double mm) {
      return mm < 10
          ? String.format(Locale.ROOT, "%.0f mm", mm)
          : String.format(Locale.ROOT, "%.1f cm", mm / 10);
    }
  },
  INCH {
    @Override
    public String length(double mm) {
      long eighths = Math.round(mm / 25.4 * 8);
      long whole = eighths / 8;
      long rest = eighths % 8;
      String[] parts = {"", "⅛", "¼", "⅜", "½", "⅝", "¾", "⅞"};
      return (whole == 0 && rest > 0 ? "" : Long.toString(whole)) + parts[(int) rest] + " in";
    }
  };

  public abstract String length(double mm);
}
