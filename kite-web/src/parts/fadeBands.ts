import { within } from "../api/range";
import type { FadeBand } from "../api/types";
import { MM_PER_INCH } from "../store/units";

/** As near as two boundaries may come, of the height. */
const LEAST = 0.02;
const SHARE_DIGITS = 100;
/** The longest guard there is, eighths of an inch. */
const LONGEST = within("fadeBand", "number").max;
const MOST_BANDS = 8;
const MM_PER_NUMBER = MM_PER_INCH / 8;
/** How much of its share of the way a new guard is held to the skin. */
const HELD = 0.5;

const round = (share: number) => Math.round(share * SHARE_DIGITS) / SHARE_DIGITS;
const clamp = (v: number, min: number, max: number) => Math.min(max, Math.max(min, v));

/** The middle of the way from a guard to the one above it, of the height. */
export const boundaryOf = (bands: FadeBand[], k: number): number =>
  ((bands[k]?.toShare ?? 0) + (bands[k + 1]?.fromShare ?? 1)) / 2;

/** The bands with the way from one guard to the next elsewhere, and as long as it was where it fits. */
export function moved(bands: FadeBand[], k: number, to: number): FadeBand[] {
  const [under, over] = [bands[k], bands[k + 1]];
  if (!under || !over) return bands;
  const half = (over.fromShare - under.toShare) / 2;
  const low = under.fromShare + LEAST;
  const high = over.toShare - LEAST;
  const at = clamp(to, low, high);
  return set(bands, k, round(Math.max(low, at - half)), round(Math.min(high, at + half)));
}

/** The bands with the way from one guard to the next so long, of the height, about where it was. */
export function blended(bands: FadeBand[], k: number, share: number): FadeBand[] {
  const [under, over] = [bands[k], bands[k + 1]];
  if (!under || !over) return bands;
  const at = boundaryOf(bands, k);
  return set(
    bands,
    k,
    round(Math.max(under.fromShare, at - share / 2)),
    round(Math.min(over.toShare, at + share / 2)),
  );
}

function set(bands: FadeBand[], k: number, to: number, from: number): FadeBand[] {
  return bands.map((b, i) =>
    i === k ? { ...b, toShare: to } : i === k + 1 ? { ...b, fromShare: Math.max(to, from) } : b,
  );
}

/** One more guard at the top, the next longer whole one; the others make room. */
export function withOneMore(bands: FadeBand[]): FadeBand[] {
  const top = bands.at(-1);
  if (!top || bands.length >= MOST_BANDS || top.number >= LONGEST) return bands;
  const n = bands.length + 1;
  const squeezed = bands.map((b) => ({
    ...b,
    fromShare: round((b.fromShare * bands.length) / n),
    toShare: round((b.toShare * bands.length) / n),
  }));
  const last = squeezed.at(-1) as FadeBand;
  return [
    ...squeezed.slice(0, -1),
    { ...last, toShare: round(last.fromShare + HELD * (last.toShare - last.fromShare)) },
    {
      number: Math.min(LONGEST, Math.floor(top.number) + 1),
      leverMm: 0,
      fromShare: round((n - 1) / n),
      toShare: 1,
    },
  ];
}

/** Without one guard: the one below it goes on to where it ended, or the one above begins where it began. */
export function without(bands: FadeBand[], k: number): FadeBand[] {
  if (bands.length < 2) return bands;
  const out = bands.filter((_, i) => i !== k);
  return out.map((b, i) => ({
    ...b,
    fromShare: i === 0 ? 0 : b.fromShare,
    toShare: i === out.length - 1 ? 1 : b.toShare,
  }));
}

/** What a guard leaves with its lever where it stands, mm: guards are numbered in eighths of an inch. */
const heightMm = (b: FadeBand) => b.number * MM_PER_NUMBER + b.leverMm;

/** Of a half, downward or upward, as a hand can set it. */
const half = (v: number, way: (x: number) => number) => way(2 * v + (way === Math.floor ? 1e-9 : -1e-9)) / 2;

type Span = { min: number; max: number };

/** What a guard's number may be, so that it leaves no less than the one below it and no more than the one above. */
export function numbersOf(bands: FadeBand[], k: number): Span {
  const [under, over] = [bands[k - 1], bands[k + 1]];
  const own = bands[k]?.leverMm ?? 0;
  return {
    min: under ? Math.max(0, half((heightMm(under) - own) / MM_PER_NUMBER, Math.ceil)) : 0,
    max: over ? half((heightMm(over) - own) / MM_PER_NUMBER, Math.floor) : LONGEST,
  };
}

/** What its lever may add, likewise. */
export function leversOf(bands: FadeBand[], k: number): Span {
  const [under, over] = [bands[k - 1], bands[k + 1]];
  const bare = (bands[k]?.number ?? 0) * MM_PER_NUMBER;
  const { min, max } = within("fadeBand", "leverMm");
  return {
    min: under ? Math.max(min, half(heightMm(under) - bare, Math.ceil)) : min,
    max: over ? Math.min(max, half(heightMm(over) - bare, Math.floor)) : max,
  };
}
