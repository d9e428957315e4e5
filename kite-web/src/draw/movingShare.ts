/** A frame that takes longer while a head turns is seen to stutter: thirty a second are wished. */
const SLOW_MS = 31;
/** One this quick leaves room for more strands. */
const QUICK_MS = 22;
/** Nothing was on its way: the time since says nothing of the drawing. */
const PAUSED_MS = 120;
const LEAST = 0.1;
const MOST = 0.24;
const FEWER = 0.85;
const MORE = 1.03;

/**
 * The share of the strands to draw while a head turns on a slow machine: fewer after a frame that came late, more again
 * after quick ones.
 *
 * @param sinceMs since the frame before
 */
export function nextShare(share: number, sinceMs: number): number {
  if (sinceMs > PAUSED_MS) return share;
  if (sinceMs > SLOW_MS) return Math.max(LEAST, share * FEWER);
  return sinceMs < QUICK_MS ? Math.min(MOST, share * MORE) : share;
}

export const FIRST_SHARE = MOST;
