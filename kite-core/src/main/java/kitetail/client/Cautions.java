package kitetail.client;

import java.util.ArrayList;
import java.util.List;
import kitetail.head.Place;
import org.jspecify.annotations.Nullable;

/**
 * Skin, allergies and consent of one client on one day.
 *
 * @param lively a child, or one who moves a lot: margins are wider, guards and combs come first
 */
public record Cautions(List<SkinNote> skin, String allergies, Consent consent, boolean lively) {
  public static final Cautions NONE = new Cautions(List.of(), "", Consent.NOT_ASKED);

  public Cautions(List<SkinNote> skin, String allergies, Consent consent) {
    this(skin, allergies, consent, false);
  }

  public Cautions {
    skin = skin == null ? List.of() : List.copyOf(skin);
    allergies = allergies == null ? "" : allergies;
    consent = consent == null ? Consent.NOT_ASKED : consent;
  }

  /**
   * One thing to heed.
   *
   * @param id stable; the wording lives with the reader
   * @param near null when it is not about a place
   */
  public record Caution(
      String id, boolean stops, @Nullable Place near, SkinNote.@Nullable Kind kind) {}

  /** True when nothing may be cut today. */
  public boolean stops() {
    return skin.stream().anyMatch(n -> n.kind().stops());
  }

  /** What to heed, what stops the cut first. */
  public List<Caution> all() {
    List<Caution> out = new ArrayList<>();
    skin.stream()
        .filter(n -> n.kind().stops())
        .forEach(n -> out.add(new Caution("skin-stop", true, n.near(), n.kind())));
    skin.stream()
        .filter(n -> !n.kind().stops())
        .forEach(n -> out.add(new Caution("skin-place", false, n.near(), n.kind())));
    if (consent.minor() && consent.guardian().isBlank()) {
      out.add(new Caution("minor-consent", false, null, null));
    }
    if (!skin.isEmpty() && !consent.notes()) {
      out.add(new Caution("notes-consent", false, null, null));
    }
    if (lively) {
      out.add(new Caution("lively", false, null, null));
    }
    if (!allergies.isBlank()) {
      out.add(new Caution("allergy", false, null, null));
    }
    return List.copyOf(out);
  }

  /**
   * As it may be kept: notes on skin and health only where that was agreed to. That nothing may be
   * cut is kept in any case, without its text.
   */
  public Cautions kept() {
    return consent.notes()
        ? this
        : new Cautions(
            skin.stream()
                .filter(n -> n.kind().stops())
                .map(n -> new SkinNote(n.kind(), n.near(), ""))
                .toList(),
            "",
            consent,
            lively);
  }
}
