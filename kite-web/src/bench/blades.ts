/** With what a line is cut, and which of the hair texture takes. */

export const BLADES = [
  ["blunt", "blunt"],
  ["pointsShallow", "shallow points"],
  ["pointsDeep", "deep points"],
  ["razorShort", "razor, short strokes"],
  ["razorBroad", "razor, broad strokes"],
  ["razorBehind", "razor behind the fingers"],
  ["wideToothed", "wide-toothed, moving out"],
  ["thinningShears", "thinning shears as points"],
  ["tornDry", "torn dry by razor"],
] as const;
/** What is used with a comb under it. */
export const OVER_COMB = new Set<string>([
  "blunt",
  "pointsShallow",
  "pointsDeep",
  "wideToothed",
  "thinningShears",
]);
export const LAYERS = [
  ["all", "all"],
  ["outer", "outer layer"],
  ["underlay", "underlay"],
] as const;
