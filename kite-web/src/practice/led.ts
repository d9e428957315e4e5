import type { Stroke, StrokeAt } from "../api/types";
import type { SkinPlace } from "./skinPlace";

/** A stroke while the hand makes it. */
export type Led = { points: StrokeAt[]; last: SkinPlace; startedMs: number };

const MOST_POINTS = 230;
const LEAST_MM = 2.5;
const MOST_GAP_MM = 120;
const MS = 1000;

const round = (v: number, digits: number) => Number(v.toFixed(digits));

const sample = (p: SkinPlace, seconds: number, gapMm: number): StrokeAt => ({
  seconds: round(Math.min(600, seconds), 3),
  aroundDeg: round(p.aroundDeg, 2),
  share: round(Math.min(1.5, Math.max(0, p.share)), 4),
  gapMm: round(gapMm, 2),
  cuts: true,
});

export const setDown = (p: SkinPlace, gapMm: number, nowMs: number): Led => ({
  points: [sample(p, 0, gapMm)],
  last: p,
  startedMs: nowMs,
});

/**
 * The comb goes on to a place: up the head it comes off the skin by its lean, down the head it comes in again. Points nearer
 * together than a tooth are not kept.
 */
export function ledOn(s: Led, to: SkinPlace, leanDeg: number, nowMs: number): Led {
  const way = to.at.distanceTo(s.last.at);
  if (way < LEAST_MM || s.points.length >= MOST_POINTS) return s;
  const up = to.share <= s.last.share ? 1 : -1;
  const gap = (s.points.at(-1) as StrokeAt).gapMm + up * way * Math.tan((leanDeg * Math.PI) / 180);
  const next = sample(to, (nowMs - s.startedMs) / MS, Math.min(MOST_GAP_MM, Math.max(0, gap)));
  return { ...s, points: [...s.points, next], last: to };
}

/** The stroke as it is told; none of one that went nowhere. */
export const takenOff = (s: Led): Stroke | null => (s.points.length < 2 ? null : { track: s.points });
