package kitetail.check;

import java.util.List;

/**
 * One thing that may be wrong, or want care. A rule has its words in the catalogue of messages, by
 * what it finds, and a cut that trips it beside one that does not in its test.
 */
interface Rule {
  /** Stable; documents and answers name it. */
  String id();

  /** Ids of its findings: its own, where it does not stand for several. */
  default List<String> finds() {
    return List.of(id());
  }

  /** True when it asks how the hair falls. */
  default boolean needsLook() {
    return false;
  }

  void find(Evidence e, Found out);
}
