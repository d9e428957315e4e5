package kitetail.check;

import java.util.List;
import java.util.Optional;
import kitetail.plan.Finding;
import kitetail.plan.Finding.Severity;

/**
 * One thing that may be wrong, or want care: what it is called, how grave it is, how it is found
 * and what answers it. Its words stand in the catalogue of messages under its id; a cut that trips
 * it and one that does not stand in its test, which fails without them.
 */
interface Rule {
  /** Stable; documents and answers name it. */
  String id();

  /** Ids of its findings: its own, where it does not stand for several. */
  default List<String> finds() {
    return List.of(id());
  }

  /** How grave it is; the gravest, where that goes by what is found. */
  Severity severity();

  /** The same of one of its findings, by its id, where the rule stands for several. */
  default Severity severity(String finding) {
    return severity();
  }

  /** True when it asks how the hair falls. */
  default boolean needsLook() {
    return false;
  }

  void find(Evidence e, Found out);

  /**
   * What answers one of its findings; none when no single change does.
   *
   * @param e the plan as it is by now, and what came of it when the finding was made
   */
  default Optional<Remedy> remedy(Evidence e, Finding f) {
    return Optional.empty();
  }
}
