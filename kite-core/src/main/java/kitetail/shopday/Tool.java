package kitetail.shopday;

/** Kinds of tools. */
public enum Tool {
  COMB,
  GUARD,
  SHEARS,
  RAZOR,
  CLIPPER
}
