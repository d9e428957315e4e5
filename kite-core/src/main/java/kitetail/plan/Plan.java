package kitetail.plan;

import io.soabase.recordbuilder.core.RecordBuilder;
import java.util.HashSet;
import java.util.List;
import java.util.Set;
import kitetail.client.Cautions;
import kitetail.client.Wishes;
import kitetail.cut.Fingers;
import kitetail.fall.Styling;
import kitetail.hair.Hair;
import kitetail.hair.StartingHair;
import kitetail.head.HeadSpec;
import kitetail.section.Region;
import kitetail.section.Section;
import org.jspecify.annotations.Nullable;

/**
 * A whole plan as it is written down. Of who it is for and when, it says nothing.
 *
 * @param jumps jumps in length that are meant
 * @param family what may be fitted in it; null for a plan of no family
 * @param styling how the cut is worn
 * @param meant findings answered "meant"
 */
@RecordBuilder
public record Plan(
    int version,
    String title,
    HeadSpec head,
    Hair hair,
    StartingHair start,
    Kit kit,
    Pace pace,
    School school,
    List<Section> sections,
    List<Move> moves,
    List<MeantJump> jumps,
    Wishes wishes,
    Cautions cautions,
    @Nullable Family family,
    Styling styling,
    List<Meant> meant) {
  public static final int VERSION = 4;

  /** Half an inch, common practice. */
  private static final double USUAL_BITE_MM = 12.7;

  public Plan {
    if (version != VERSION) {
      throw new IllegalArgumentException("version must be " + VERSION + ", was " + version);
    }
    hair = hair == null ? Hair.DEFAULT : hair;
    kit = kit == null ? Kit.USUAL : kit;
    pace = pace == null ? Pace.DEFAULT : pace;
    school = school == null ? School.NONE : school;
    sections = List.copyOf(sections);
    moves = List.copyOf(moves);
    jumps = jumps == null ? List.of() : List.copyOf(jumps);
    wishes = wishes == null ? Wishes.NONE : wishes;
    cautions = cautions == null ? Cautions.NONE : cautions;
    styling = styling == null ? Styling.NATURAL : styling;
    meant = meant == null ? List.of() : List.copyOf(meant);
    Set<String> ids = new HashSet<>();
    sections.forEach(s -> unique(ids, s.id()));
    Set<String> moveIds = new HashSet<>();
    moves.forEach(m -> unique(moveIds, m.id()));
    for (Section s : sections) {
      Region.of(s, sections);
    }
    for (Move m : moves) {
      known(ids, m.section(), "move " + m.id() + " names section");
      m.after().forEach(a -> known(moveIds, a, "move " + m.id() + " comes after move"));
    }
    for (MeantJump j : jumps) {
      known(ids, j.one(), "a jump names section");
      known(ids, j.other(), "a jump names section");
    }
    if (family != null) {
      for (Knob k : family.knobs()) {
        for (String id : k.moves()) {
          known(moveIds, id, "knob " + k.id() + " names move");
          Move m = moves.stream().filter(x -> x.id().equals(id)).findFirst().orElseThrow();
          if (m.cut().dial(k.dial()).isEmpty()) {
            throw new IllegalArgumentException(
                "knob " + k.id() + " turns " + k.dial() + ", which move " + id + " does not have");
          }
        }
      }
    }
  }

  private static void known(Set<String> ids, String id, String who) {
    if (!ids.contains(id)) {
      throw new IllegalArgumentException(
          who
              + " \""
              + id
              + "\", which is not in the plan; it has "
              + ids.stream().sorted().toList());
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

  /** Where a section lies, with what it leaves out. */
  public Region region(String id) {
    return Region.of(section(id), sections);
  }

  /** Which of the moves has an id, from 0; −1 when none has. */
  public int numberOf(String move) {
    for (int m = 0; m < moves.size(); m++) {
      if (moves.get(m).id().equals(move)) {
        return m;
      }
    }
    return -1;
  }

  public Move move(String id) {
    return moves.stream().filter(m -> m.id().equals(id)).findFirst().orElseThrow();
  }

  /** True when the client is a child or moves a lot. */
  public boolean lively() {
    return cautions.lively();
  }

  public Plan withMoves(List<Move> other) {
    return PlanBuilder.builder(this).moves(other).build();
  }

  /** With other sections, and moves that work on them; jumps of sections that are gone go too. */
  public Plan with(List<Section> otherSections, List<Move> otherMoves) {
    List<String> ids = otherSections.stream().map(Section::id).toList();
    List<MeantJump> left =
        jumps.stream().filter(j -> ids.contains(j.one()) && ids.contains(j.other())).toList();
    return PlanBuilder.builder(this).sections(otherSections).moves(otherMoves).jumps(left).build();
  }

  public Plan titled(String other) {
    return PlanBuilder.builder(this).title(other).build();
  }

  public Plan withFamily(Family other) {
    return PlanBuilder.builder(this).family(other).build();
  }

  public Plan withHair(Hair other) {
    return on(head, other, start, wishes, cautions);
  }

  public Plan worn(Styling other) {
    return PlanBuilder.builder(this).styling(other).build();
  }

  public Plan withStart(StartingHair other) {
    return PlanBuilder.builder(this).start(other).build();
  }

  /** The same on another client. */
  public Plan on(HeadSpec h, Hair hr, StartingHair s, Wishes w, Cautions c) {
    return PlanBuilder.builder(this).head(h).hair(hr).start(s).wishes(w).cautions(c).build();
  }

  /**
   * The same work by another stylist, with another kit. Where a bite is the usual half inch, this
   * stylist's own is taken.
   */
  public Plan by(Kit k, Pace p, School s) {
    double own = s == null ? 0 : s.biteMm();
    List<Move> done = own == 0 ? moves : moves.stream().map(m -> withBite(m, own)).toList();
    return PlanBuilder.builder(this).kit(k).pace(p).school(s).moves(done).build();
  }

  private static Move withBite(Move m, double mm) {
    return m.cut() instanceof Fingers f && Math.abs(f.biteMm() - USUAL_BITE_MM) < 1
        ? m.with(f.withBite(mm))
        : m;
  }

  /** The cut with left and right changed over, on the same client. */
  public Plan mirroredCut() {
    Family f =
        family == null
            ? null
            : new Family(
                family.id(),
                family.about(),
                family.mark(),
                family.knobs(),
                family.wishes().stream().map(kitetail.client.Wish::mirrored).toList(),
                family.needs().mirrored());
    return PlanBuilder.builder(this)
        .sections(sections.stream().map(Section::mirrored).toList())
        .moves(moves.stream().map(Move::mirrored).toList())
        .family(f)
        .styling(styling.mirrored())
        .meant(meant.stream().map(Meant::mirrored).toList())
        .build();
  }

  /** Everything with left and right changed over: the cut, the head and its hair. */
  public Plan mirrored() {
    return mirroredCut()
        .on(head.mirrored(), hair.mirrored(), start.mirrored(), wishes.mirrored(), cautions);
  }
}
