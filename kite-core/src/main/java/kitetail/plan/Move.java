package kitetail.plan;

import io.soabase.recordbuilder.core.RecordBuilder;
import java.util.List;
import kitetail.cut.Cut;
import kitetail.hair.Damp;
import kitetail.hair.Hair;
import org.jspecify.annotations.Nullable;

/**
 * One move of a plan.
 *
 * @param section id of the section it cuts
 * @param job what it is there for; the cut's usual one when left out
 * @param after ids of moves that must be done before it
 * @param purpose what it is for, in trade words; may be empty
 * @param watch what to watch while doing it; may be empty
 * @param stand where to stand
 * @param handling what of its handling is set; null when all of it is worked out
 */
@RecordBuilder
public record Move(
    String id,
    String name,
    String section,
    Cut cut,
    Job job,
    List<String> after,
    Damp damp,
    Stand stand,
    String purpose,
    String watch,
    boolean askFirst,
    @Nullable Handling handling) {

  /** From where the stylist works, and so the side the head is shown from. */
  public enum Stand {
    FRONT,
    LEFT,
    RIGHT,
    BACK;

    public Stand mirrored() {
      return this == LEFT ? RIGHT : this == RIGHT ? LEFT : this;
    }
  }

  public Move {
    job = job == null ? Job.usual(cut) : job;
    after = after == null ? List.of() : List.copyOf(after);
    damp = damp == null ? Damp.DAMP : damp;
    stand = stand == null ? Stand.BACK : stand;
    purpose = purpose == null ? "" : purpose;
    watch = watch == null ? "" : watch;
  }

  public Move(
      String id,
      String name,
      String section,
      Cut cut,
      Damp damp,
      Stand stand,
      String purpose,
      String watch,
      boolean askFirst) {
    this(id, name, section, cut, null, null, damp, stand, purpose, watch, askFirst, null);
  }

  public Move with(Cut other) {
    return MoveBuilder.builder(this).cut(other).build();
  }

  /** The same on another section. */
  public Move on(String other) {
    return MoveBuilder.builder(this).section(other).build();
  }

  /** The same waiting for other moves. */
  public Move after(List<String> others) {
    return MoveBuilder.builder(this).after(others).build();
  }

  public Move with(Damp other) {
    return MoveBuilder.builder(this).damp(other).build();
  }

  /** The same, there for something else. */
  public Move as(Job other) {
    return MoveBuilder.builder(this).job(other).build();
  }

  /** The same, the client asked before it. */
  public Move asked() {
    return MoveBuilder.builder(this).askFirst(true).build();
  }

  /** Length in the hand over length dry and straight, as this move holds the hair. */
  public double handRatio(Hair hair) {
    return cut.inHand() ? damp.handRatio(hair.wetDry(), cut.tensed()) : 1;
  }

  Move mirrored() {
    return MoveBuilder.builder(this).cut(cut.mirrored()).stand(stand.mirrored()).build();
  }
}
