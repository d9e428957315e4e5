package kitetail.check;

/** One thing that may be wrong, or want care. */
interface Rule {
  /** Stable; documents and answers name it. */
  String id();

  /** True when it asks how the hair falls. */
  default boolean needsLook() {
    return false;
  }

  void find(Evidence e, Found out);
}
