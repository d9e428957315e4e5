package kitetail.formats.words;

import kitetail.care.Cautions;
import kitetail.care.SkinNote;

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
