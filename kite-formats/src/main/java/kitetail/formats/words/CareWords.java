package kitetail.formats.words;

import java.util.ArrayList;
import java.util.List;
import kitetail.check.Heed;
import kitetail.client.Cautions;
import kitetail.client.SkinNote;
import kitetail.head.Place;
import org.jspecify.annotations.Nullable;

/**
 * The usual cautions. They never name an illness, and defer to local rules, licensed practice and a
 * physician.
 */
public final class CareWords {
  private CareWords() {}

  public static String of(Cautions.Caution c, Words words) {
    return caution(c.id(), c.kind(), c.near(), words);
  }

  private static String caution(
      String id, SkinNote.@Nullable Kind kind, @Nullable Place near, Words words) {
    return Messages.say(
        "caution." + id,
        "kind",
        kind == null ? "" : Messages.of("skin", kind),
        "where",
        near == null ? "" : words.place(near));
  }

  /** What is said at the chair while a move is done, a line each. */
  public static List<String> of(List<Heed> heeds, Words words) {
    List<Heed> ears = heeds.stream().filter(h -> h.kind() == Heed.Kind.EAR).toList();
    List<String> out = new ArrayList<>();
    if (ears.size() > 1) {
      out.add(Messages.say("heed.ears"));
    } else {
      ears.forEach(h -> out.add(of(h, words)));
    }
    heeds.stream().filter(h -> h.kind() != Heed.Kind.EAR).forEach(h -> out.add(of(h, words)));
    return List.copyOf(out);
  }

  private static String of(Heed h, Words words) {
    return h.kind() == Heed.Kind.SKIN
        ? caution("skin-place", h.skin(), h.near(), words)
        : Messages.of("heed", h.kind(), "left", h.near() == Place.EAR_TOP_LEFT);
  }
}
