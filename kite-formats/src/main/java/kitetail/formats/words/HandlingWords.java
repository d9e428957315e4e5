package kitetail.formats.words;

import java.util.ArrayList;
import java.util.List;
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
      out.add(Messages.of("handling.wetting", h.wetting()));
    }
    if (h.tiltDeg() != 0) {
      out.add(
          Messages.say(
              "handling.tilt",
              "tilt",
              Messages.say("handling." + tilt(h.tiltDeg() > 0, stand)),
              "angle",
              Words.degrees(h.tiltDeg())));
    }
    if (h.ear() != null) {
      out.add(Messages.of("handling.ear", h.ear()));
    }
    if (h.stroke() != null) {
      out.add(
          Messages.say(
              "handling.stroke",
              "way",
              Messages.of("handling.way", h.stroke()),
              "hand",
              h.hand() == null ? "" : h.hand()));
    }
    if (h.shears() != null) {
      out.add(Messages.of("handling.shears", h.shears()));
    }
    return List.copyOf(out);
  }

  private static String tilt(boolean away, Stand stand) {
    return switch (stand) {
      case BACK -> away ? "chin-down" : "head-back";
      case FRONT -> away ? "head-back" : "chin-down";
      case LEFT, RIGHT -> away ? "away" : "toward";
    };
  }
}
