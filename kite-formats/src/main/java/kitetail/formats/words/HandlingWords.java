package kitetail.formats.words;

import java.util.ArrayList;
import java.util.List;
import java.util.Locale;
import kitetail.check.Handled;
import kitetail.plan.Handling.Wetting;
import kitetail.plan.Move.Stand;

/** How a move is done beside its cut, in a few words each. */
public final class HandlingWords {
  private HandlingWords() {}

  /**
   * @param stand from where the stylist works
   */
  public static List<String> of(Handled h, Stand stand) {
    List<String> out = new ArrayList<>();
    if (h.wetting() != Wetting.NONE) {
      out.add(h.wetting() == Wetting.MIST ? "Mist first" : "Cutting lotion first");
    }
    if (h.tiltDeg() != 0) {
      out.add(
          String.format(
              Locale.ROOT, "%s %.0f°", tilt(h.tiltDeg() > 0, stand), Math.abs(h.tiltDeg())));
    }
    if (h.ear() != null) {
      out.add(
          switch (h.ear()) {
            case COMB -> "comb holds the ear";
            case CLIENT -> "client holds the ear";
            case HAND -> "your hand holds the ear";
          });
    }
    if (h.stroke() != null) {
      out.add("strokes " + h.stroke().name().toLowerCase(Locale.ROOT) + hand(h));
    }
    if (h.shears() != null) {
      out.add(h.shears() == Handled.Shears.DRY_CUTTING ? "dry-cutting shears" : "precision shears");
    }
    return List.copyOf(out);
  }

  private static String hand(Handled h) {
    return h.hand() == null ? "" : ", " + h.hand().name().toLowerCase(Locale.ROOT) + " hand";
  }

  private static String tilt(boolean away, Stand stand) {
    return switch (stand) {
      case BACK -> away ? "chin down" : "head back";
      case FRONT -> away ? "head back" : "chin down";
      case LEFT, RIGHT -> away ? "head tilted away" : "head tilted toward you";
    };
  }
}
