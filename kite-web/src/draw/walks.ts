import { placeName } from "../api/names";
import type { FallReading, Walk } from "../api/types";
import { worded } from "../words/worded";

export const WALK_NAMES = {
  centre: worded("walks.centre-front-to-nape"),
  earToEar: worded("walks.ear-to-ear-left"),
  edge: worded("walks.round-the-hairline"),
};

const WEIGHT_NEAR_MM = 8;

/** The named places a walk passes, in its order. */
export function marksOf(walk: Walk): { place: string; name: string; atMm: number }[] {
  return Object.entries(walk.marksMm)
    .map(([place, atMm]) => ({ place, name: placeName(place), atMm }))
    .sort((a, b) => a.atMm - b.atMm);
}

/** The point of a walk nearest to a distance along it. */
export function nearestAt(walk: Walk, mm: number): number {
  return walk.distanceMm.reduce(
    (b, d, i) => (Math.abs(d - mm) < Math.abs((walk.distanceMm[b] as number) - mm) ? i : b),
    0,
  );
}

/** Where a walk passes the height of a line of weight, within the line's own turn round the head. */
export function weightOn(walk: Walk, lines: FallReading["weightLines"]): { atMm: number; words: string }[] {
  return lines.flatMap((l) => {
    let best = -1;
    let near = WEIGHT_NEAR_MM;
    walk.distanceMm.forEach((_, i) => {
      const [x, y, z] = [0, 1, 2].map((c) => walk.pointsMm[3 * i + c] as number) as [number, number, number];
      const deg = ((Math.atan2(x, y) * 180) / Math.PI + 360) % 360;
      if (!within(deg, l.fromDeg, l.toDeg)) return;
      const off = Math.abs(z - l.heightMm);
      if (off < near) {
        near = off;
        best = i;
      }
    });
    if (best < 0) return [];
    const share = Math.round(100 * l.share);
    return [{ atMm: walk.distanceMm[best] as number, words: worded("walks.weight-of-the-ends", { share }) }];
  });
}

const within = (deg: number, from: number, to: number): boolean =>
  [deg, deg - 360, deg + 360].some((d) => d >= from - 1 && d <= to + 1);
