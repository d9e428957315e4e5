package kitetail.cut;

import kitetail.hair.Hair;
import kitetail.head.Scalp;
import kitetail.section.Section;

/** A way of cutting a section. The records do the work. */
public sealed interface Cut permits Fingers, Comb, Guard {
  /**
   * The length the move would leave, mm, for each of {@code roots}; infinite where it does not
   * touch the hair.
   *
   * @param roots indices into the scalp, all inside the section
   */
  double[] leaves(Scalp scalp, Section section, int[] roots, Hair hair);

  /** How many bites, columns or passes it takes. */
  int bites(Scalp scalp, int[] roots);
}
