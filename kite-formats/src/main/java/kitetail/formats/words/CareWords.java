package kitetail.formats.words;

import java.util.ArrayList;
import java.util.List;
import kitetail.check.Heed;
import kitetail.client.Cautions;
import kitetail.client.SkinNote;
import kitetail.head.Place;

/**
 * The usual cautions, worded once. They never name an illness, and defer to local rules, licensed
 * practice and a physician.
 */
public final class CareWords {
  private CareWords() {}

  public static String of(Cautions.Caution c, Words words) {
    return switch (c.id()) {
      case "skin-stop" -> kind(c.kind()) + " n" + stop(words.place(c.near())).substring(1);
      case "skin-place" -> kind(c.kind()) + " n" + place(words.place(c.near())).substring(1);
      case "lively" ->
          "Moves a lot, or a child: margins are wider, guards and combs come first, and no open"
              + " razor.";
      case "minor-consent" ->
          "A minor: ask the guardian before cutting, and write down who agreed.";
      case "notes-consent" ->
          "Notes on skin are kept only with consent. Ask, or they are left out when this is saved"
              + " with the visit.";
      case "allergy" ->
          "An allergy is noted: check every product's label, and do a patch test where it is told.";
      default -> c.id();
    };
  }

  /** What is said at the chair while a move is done, a line each. */
  public static List<String> of(List<Heed> heeds, Words words) {
    List<Heed> ears = heeds.stream().filter(h -> h.kind() == Heed.Kind.EAR).toList();
    List<String> out = new ArrayList<>();
    if (ears.size() > 1) {
      out.add("Both ears near the blade: fold them away, or have them held.");
    } else {
      ears.forEach(h -> out.add(of(h, words)));
    }
    heeds.stream().filter(h -> h.kind() != Heed.Kind.EAR).forEach(h -> out.add(of(h, words)));
    return List.copyOf(out);
  }

  private static String of(Heed h, Words words) {
    return switch (h.kind()) {
      case EAR ->
          (h.near() == Place.EAR_TOP_LEFT ? "Left" : "Right")
              + " ear near the blade: fold it away, or have it held.";
      case SKIN -> kind(h.skin()) + " n" + place(words.place(h.near())).substring(1);
      case NECK_RAZOR ->
          "On the neck: look for moles and raised skin first; a guarded razor, on clean skin.";
      case MOVES -> "Moves a lot: rest the hand on the head, and cut only when it is still.";
      case NEW_BLADE -> "Razor: a new blade for this client.";
    };
  }

  static String stop(String where) {
    return "Near the "
        + where
        + ": do not cut today. Send the client to a physician or pharmacist, clean and disinfect"
        + " what was touched, and follow your local rules.";
  }

  static String place(String where) {
    return "Near the "
        + where
        + ": no blade, edge or heat on it; go round it with the comb between.";
  }

  private static String kind(SkinNote.Kind k) {
    return switch (k) {
      case MOLE -> "Mole";
      case SCAR -> "Scar";
      case TENDER -> "Tender place";
      case SUNBURN -> "Sunburn";
      case FLAKING -> "Flaking skin";
      case BROKEN_SKIN -> "Broken skin";
      case LOOKS_INFECTED -> "Skin that looks infected";
      case LICE -> "Lice or nits";
    };
  }
}
