package kitetail.cut;

import kitetail.hair.Ends;
import kitetail.hair.Hair;
import kitetail.section.Zone;

/** A way of cutting a section. The records do the work. */
public sealed interface Cut permits Fingers, Comb, Guard, Edge, Texture, Aside {
  /**
   * The length the move would leave, mm as the hair is held, for each root of the zone; infinite
   * where it does not touch the hair.
   */
  double[] leaves(Zone zone, Hair hair);

  /** How many bites, columns or passes it takes. */
  int bites(Zone zone);

  /**
   * What is taken off the ends where the line of the hair that is there is followed, mm as it is
   * held; 0 for a cut with a line of its own.
   */
  default double offMm() {
    return 0;
  }

  /** How the hair it cuts ends. */
  default Ends ends() {
    return Ends.BLUNT;
  }

  /** The same with what it takes over from earlier moves or from the kit put in as numbers. */
  default Cut resolved(Before before) {
    return this;
  }

  /** The same with left and right changed over. */
  Cut mirrored();

  /** True when the hair is held firmly, so that wet hair stretches in the hand. */
  default boolean tensed() {
    return false;
  }

  /** True when a razor cuts it: a new blade for every client. */
  default boolean razor() {
    return false;
  }

  /** True when shears of any kind cut it. */
  default boolean shears() {
    return false;
  }

  /** True when lengths are measured in the hand, and so differ wet and dry. */
  default boolean inHand() {
    return false;
  }

  /** A number of this cut; {@link Double#NaN} when it has none of that kind. */
  default double dial(Dial dial) {
    return Double.NaN;
  }

  /**
   * The same with one number changed.
   *
   * @throws IllegalArgumentException when it has no such number, or the value is out of range
   */
  default Cut turned(Dial dial, double value) {
    throw new IllegalArgumentException("this cut has no " + dial);
  }
}
