package kitetail.kit;

/** Kinds of tools. */
public enum Tool {
  COMB,
  GUARD,
  SHEARS,
  RAZOR,
  CLIPPER
}
