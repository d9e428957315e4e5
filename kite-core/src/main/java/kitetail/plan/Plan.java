package kitetail.plan;

import java.util.HashSet;
import java.util.List;
import java.util.Set;
import kitetail.care.Cautions;
import kitetail.hair.Hair;
import kitetail.hair.StartingHair;
import kitetail.head.HeadSpec;
import kitetail.section.Section;
import kitetail.wish.Wishes;

/** A whole plan as it is written down. Of who it is for and when, it says nothing. */
public record Plan(
    int version,
    String title,
    HeadSpec head,
    Hair hair,
    StartingHair start,
    Pace pace,
    List<Section> sections,
    List<Move> moves,
    Wishes wishes,
    Cautions cautions) {
  public static final int VERSION = 2;

  public Plan {
    if (version != VERSION) {
      throw new IllegalArgumentException("version must be " + VERSION + ", was " + version);
    }
    hair = hair == null ? Hair.DEFAULT : hair;
    pace = pace == null ? Pace.DEFAULT : pace;
    sections = List.copyOf(sections);
    moves = List.copyOf(moves);
    wishes = wishes == null ? Wishes.NONE : wishes;
    cautions = cautions == null ? Cautions.NONE : cautions;
    Set<String> ids = new HashSet<>();
    sections.forEach(s -> unique(ids, s.id()));
    Set<String> moveIds = new HashSet<>();
    moves.forEach(m -> unique(moveIds, m.id()));
    for (Move m : moves) {
      if (!ids.contains(m.section())) {
        throw new IllegalArgumentException(
            "move "
                + m.id()
                + " names section \""
                + m.section()
                + "\", which is not in the plan; it has "
                + ids.stream().sorted().toList());
      }
    }
  }

  private static void unique(Set<String> seen, String id) {
    if (!seen.add(id)) {
      throw new IllegalArgumentException("id \"" + id + "\" is given twice");
    }
  }

  public Section section(String id) {
    return sections.stream().filter(s -> s.id().equals(id)).findFirst().orElseThrow();
  }
}
