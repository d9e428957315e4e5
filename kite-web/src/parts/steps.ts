import { worded } from "../words/worded";

/** One step of the first walk: what to do, and where that is done. */
export type Step = { words: string; on: RegExp };

const SIT = /^\/clients\/\d+\/sit$/;
const SHAPES = /^\/clients\/\d+(\/shapes)?$/;
const BENCH = /^\/plans\/\d+$/;
const CHAIR = /^\/plans\/\d+\/chair$/;

/** From who sits down to the chair, in the order of work. */
export const STEPS: readonly Step[] = [
  { words: worded("walk.sit-down"), on: SIT },
  { words: worded("walk.shapes"), on: SHAPES },
  { words: worded("walk.bench"), on: BENCH },
  { words: worded("walk.move"), on: BENCH },
  { words: worded("walk.to-the-chair"), on: BENCH },
  { words: worded("walk.chair"), on: CHAIR },
];

/** The step that is walked where somebody is now: the first of a later screen once they went on to it. */
export function stepOn(at: number, pathname: string): number {
  const step = STEPS[at];
  if (!step || step.on.test(pathname)) return at;
  const later = STEPS.findIndex((s, i) => i > at && s.on.test(pathname));
  return later < 0 ? at : later;
}
