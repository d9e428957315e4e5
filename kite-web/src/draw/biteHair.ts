import type { Fallen } from "../api/binary";
import type { InHandData } from "../api/inHand";

/**
 * How far a bite has come: 0 combed out from where it lay, 1 held, 2 cut, 3 let go and fallen; the bite is 0 before the
 * first.
 */
export type Moment = { bite: number; stage: number };

export const HELD = 1;
export const CUT = 2;
export const FALLEN = 3;

/** How long a bite is played, ms, and how much of it each stage takes: combing, holding and closing, falling. */
export const PLAYED_MS = 1800;
const TAKES = [0.34, 0.26, 0.4];

/** Where a bite is that has been played for so long; the last stage for good. */
export function playedTo(ms: number): number {
  let left = ms / PLAYED_MS;
  for (let stage = 0; stage < TAKES.length; stage++) {
    const takes = TAKES[stage] as number;
    if (left < takes) return stage + left / takes;
    left -= takes;
  }
  return FALLEN;
}

/** From the n-th of so many bites, counted elsewhere, to the one as far on of those that are drawn. */
export const asFarOn = (n: number, of: number, drawn: number): number =>
  Math.max(1, Math.min(drawn, Math.ceil((Math.min(n, Math.max(1, of)) * drawn) / Math.max(1, of))));

const smooth = (t: number) => t * t * (3 - 2 * t);

/** The ends stay in the hand until the blades have closed by so much of the stage. */
const CLOSED = 0.7;

/** Where the points of a strand of the scalp lie at a moment, root first. */
export function strandAt(d: InHandData, strand: number, now: Moment, out: Float32Array): void {
  const numbers = out.length;
  const from = strand * numbers;
  const lies = d.before.xyz;
  const bite = d.bite[strand] as number;
  if (bite > 0 && (now.bite > bite || (now.bite === bite && now.stage >= FALLEN))) {
    for (let k = 0; k < numbers; k++) out[k] = d.after[from + k] as number;
    return;
  }
  const up = d.clipped.at[strand] as number;
  const [rest, at] = up >= 0 ? [d.clipped.xyz, up] : [lies, from];
  if (bite === 0 || bite !== now.bite || now.stage <= 0) {
    for (let k = 0; k < numbers; k++) out[k] = rest[at + k] as number;
    return;
  }
  const hand = d.held.at[strand] as number;
  if (now.stage <= HELD) {
    const t = smooth(now.stage);
    for (let k = 0; k < numbers; k++) {
      const a = rest[at + k] as number;
      out[k] = a + t * ((d.held.xyz[hand + k] as number) - a);
    }
    return;
  }
  const share = now.stage < HELD + CLOSED ? 1 : (d.cutShare[strand] as number);
  const t = now.stage <= CUT ? 0 : smooth(now.stage - CUT);
  const last = numbers / 3 - 1;
  for (let k = 0; k <= last; k++) {
    const along = share * k;
    const b = Math.min(last - 1, Math.floor(along));
    for (let c = 0; c < 3; c++) {
      const a = d.held.xyz[hand + 3 * b + c] as number;
      const held = a + (along - b) * ((d.held.xyz[hand + 3 * b + 3 + c] as number) - a);
      out[3 * k + c] = held + t * ((d.after[from + 3 * k + c] as number) - held);
    }
  }
}

/** All hair at a moment; where the move holds none, as it leaves it. */
export function hairAt(d: InHandData, now: Moment): Fallen {
  const xyz = d.before.xyz.slice();
  if (d.before.reading.lines.length === 0) {
    xyz.set(d.after);
    return { ...d.before, xyz };
  }
  const numbers = 3 * d.before.points;
  for (let s = 0; s < d.bite.length; s++) {
    strandAt(d, s, now, xyz.subarray(s * numbers, (s + 1) * numbers));
  }
  return { ...d.before, xyz };
}

/** The bite of the strand that grows nearest to each vertex of the scalp; 0 where none near it is cut. */
export function bitesOfSkin(d: InHandData, points: Float32Array, mostMm = 12): Uint16Array {
  const each = 3 * d.before.points;
  const cut: number[] = [];
  d.bite.forEach((b, s) => {
    if (b > 0) cut.push(s);
  });
  const out = new Uint16Array(points.length / 3);
  for (let v = 0; v < out.length; v++) {
    let near = mostMm * mostMm;
    for (const s of cut) {
      const a = s * each;
      const x = (d.before.xyz[a] as number) - (points[3 * v] as number);
      const y = (d.before.xyz[a + 1] as number) - (points[3 * v + 1] as number);
      const z = (d.before.xyz[a + 2] as number) - (points[3 * v + 2] as number);
      const off = x * x + y * y + z * z;
      if (off < near) {
        near = off;
        out[v] = d.bite[s] as number;
      }
    }
  }
  return out;
}
