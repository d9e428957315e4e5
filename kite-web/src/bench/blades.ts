/** With what a line is cut, and which of the hair texture takes. */

import { worded } from "../words/worded";

export const BLADES = [
  ["blunt", worded("blades.blunt")],
  ["pointsShallow", worded("blades.shallow-points")],
  ["pointsDeep", worded("blades.deep-points")],
  ["razorShort", worded("blades.razor-short-strokes")],
  ["razorBroad", worded("blades.razor-broad-strokes")],
  ["razorBehind", worded("blades.razor-behind-the-fingers")],
  ["wideToothed", worded("blades.wide-toothed-moving-out")],
  ["thinningShears", worded("blades.thinning-shears-as-points")],
  ["tornDry", worded("blades.torn-dry-by-razor")],
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
  ["all", worded("blades.all")],
  ["outer", worded("blades.outer-layer")],
  ["underlay", worded("blades.underlay")],
] as const;
