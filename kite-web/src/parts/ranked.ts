import type { RankLine } from "../api/types";
import { worded } from "../words/worded";

export type Ranked = NonNullable<RankLine["families"]>[number];

/** By which today's cut is asked for, beside the families. */
export const TODAY = "todays-cut";

/** What is done of today's cut, whoever wears it. */
export const TODAYS = worded("ranked.its-own-line-followed");

export const isToday = (f: Ranked): boolean => f.id === TODAY;

/** Today's cut stands before the shapes that are ranked. */
export function parted(families: Ranked[]): { today?: Ranked; shapes: Ranked[] } {
  return {
    today: families.find(isToday),
    shapes: families.filter((f) => !isToday(f)),
  };
}

/** When a shape the hair does not reach yet can be cut; nothing when it can be today. */
export const inWeeks = (weeks: number): string | undefined =>
  weeks === 0
    ? undefined
    : weeks === 1
      ? worded("ranked.in-a-week")
      : worded("ranked.in-about-weeks", { weeks });
