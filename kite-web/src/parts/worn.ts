import type { Way } from "../api/types";
import { worded } from "../words/worded";

/** How hair is worn, and how long it has grown, in words. */

export const WAYS: Record<Way, string> = {
  natural: worded("worn.as-it-falls"),
  forward: worded("common.forward"),
  back: worded("common.back"),
  left: worded("worn.to-the-left"),
  right: worded("worn.to-the-right"),
  up: worded("common.up"),
};

/** A plan is looked at so many weeks on at most. */
export const MOST_WEEKS = 16;

export const weekWords = (week: number) =>
  week === 0 ? worded("worn.just-cut") : worded("worn.weeks", { weeks: week });
