import * as THREE from "three";
import type { Fallen } from "../api/binary";

/** On a quick machine each strand is drawn so many times over. */
export const CHILDREN = 9;
/** Shorter strands bend so little that fewer of their points draw them. */
const SHORT_MM = 22;
const MIDDLING_MM = 75;
/** Shorter hair is a nap: the skin's own shade with stubble on it, and no strands. */
const NAP_MM = 5;
/** A beard's hairs stand each by itself: narrower ribbons. */
const BEARD_WIDE = 0.42;
/** Points of a strand without curls; curled ones have more. */
const STRAIGHT_POINTS = 16;
/** While it turns every so many points are drawn. */
const MOVING_STEP = 3;

/** Fewer strands than this share are sent to be drawn each by itself. */
const FEW_SHARE = 0.1;

/** Strands in an order of which any first part is spread over the whole head. */
export function shuffled(n: number): Uint32Array {
  const order = new Uint32Array(n);
  let step = Math.max(1, Math.round(n * 0.618034));
  const common = (a: number, b: number): number => (b === 0 ? a : common(b, a % b));
  while (common(step, n) !== 1) step++;
  for (let i = 0; i < n; i++) order[i] = (i * step) % n;
  return order;
}

/** A strand's ribbon between every so many of its points, written into an index; where the next one goes. */
function rungs(
  strand: number,
  points: number,
  lengthMm: number,
  step: number,
  index: Uint32Array,
  from: number,
): number {
  if (lengthMm <= NAP_MM) return from;
  let ix = from;
  for (let k = 0; k < points - 1; k += step) {
    const v = 2 * (strand * points + k);
    const w = 2 * (strand * points + Math.min(points - 1, k + step));
    index.set([v, v + 1, w, v + 1, w + 1, w], ix);
    ix += 6;
  }
  return ix;
}

/** The points of a strand put into its ribbon, the o-th. */
function lay(
  position: Float32Array,
  next: Float32Array,
  o: number,
  xyz: Float32Array,
  from: number,
  points: number,
) {
  for (let k = 0; k < points; k++) {
    const a = from + 3 * k;
    const last = k === points - 1;
    for (let side = 0; side < 2; side++) {
      const v = 3 * (2 * (o * points + k) + side);
      for (let c = 0; c < 3; c++) {
        const here = xyz[a + c] as number;
        position[v + c] = here;
        next[v + c] = last ? 2 * here - (xyz[a + c - 3] as number) : (xyz[a + c + 3] as number);
      }
    }
  }
}

/** Some strands laid anew: `way` writes one's points where it is told to, root first. */
export function layAnew(
  hair: THREE.BufferGeometry,
  strands: number[],
  points: number,
  way: (strand: number, out: Float32Array) => void,
) {
  const position = hair.getAttribute("position") as THREE.BufferAttribute;
  const next = hair.getAttribute("next") as THREE.BufferAttribute;
  const { rows } = hair.userData as { rows: Uint32Array };
  // What has not changed is not sent to be drawn again.
  const few = strands.length < FEW_SHARE * rows.length;
  if (!few) {
    position.clearUpdateRanges();
    next.clearUpdateRanges();
  }
  const one = new Float32Array(3 * points);
  const each = 6 * points;
  for (const s of strands) {
    way(s, one);
    const row = rows[s] as number;
    lay(position.array as Float32Array, next.array as Float32Array, row, one, 0, points);
    if (!few) continue;
    position.addUpdateRange(row * each, each);
    next.addUpdateRange(row * each, each);
  }
  position.needsUpdate = true;
  next.needsUpdate = true;
}

/** Some strands are drawn before all others while it turns or is played, however few are. */
export function drawnFirst(hair: THREE.BufferGeometry, strands: Iterable<number>) {
  const { fine, rows, coarseAt, shuffledCoarse } = hair.userData as {
    fine: number;
    rows: Uint32Array;
    coarseAt: Uint32Array;
    shuffledCoarse: Uint32Array;
  };
  const index = hair.index as THREE.BufferAttribute;
  const array = index.array as Uint32Array;
  const first = new Set<number>();
  for (const s of strands) first.add(rows[s] as number);
  let at = fine;
  const put = (row: number) => {
    const block = shuffledCoarse.subarray(coarseAt[row], coarseAt[row + 1]);
    array.set(block, at);
    at += block.length;
  };
  for (const row of first) put(row);
  for (let row = 0; row + 1 < coarseAt.length; row++) if (!first.has(row)) put(row);
  index.needsUpdate = true;
}

/**
 * Every strand as a ribbon: two vertices a point, its next point, and side, place along, seed and length. The index
 * holds all points first and then, for turning, some of them; userData tells how many of each, and each strand's row.
 */
export function ribbons(fall: Fallen): THREE.InstancedBufferGeometry {
  const { strands, points, xyz } = fall;
  const curled = points > STRAIGHT_POINTS;
  const movingStep = Math.max(MOVING_STEP, Math.ceil((MOVING_STEP * (points - 1)) / (STRAIGHT_POINTS - 1)));
  const position = new Float32Array(strands * points * 6);
  const next = new Float32Array(strands * points * 6);
  const info = new Float32Array(strands * points * 8);
  const index = new Uint32Array(strands * (points - 1) * 6);
  const coarse = new Uint32Array(strands * Math.ceil((points - 1) / movingStep) * 6);
  const order = shuffled(strands);
  let ix = 0;
  let cx = 0;
  const coarseAt = new Uint32Array(strands + 1);
  for (let o = 0; o < strands; o++) {
    const s = order[o] as number;
    let length = 0;
    for (let k = 1; k < points; k++) {
      const a = 3 * (s * points + k);
      length += Math.hypot(
        (xyz[a] as number) - (xyz[a - 3] as number),
        (xyz[a + 1] as number) - (xyz[a - 2] as number),
        (xyz[a + 2] as number) - (xyz[a - 1] as number),
      );
    }
    const wide = s >= fall.reading.strands ? BEARD_WIDE : 1;
    lay(position, next, o, xyz, 3 * s * points, points);
    for (let k = 0; k < points; k++) {
      for (let side = 0; side < 2; side++) {
        const v = 2 * (o * points + k) + side;
        info.set([(side * 2 - 1) * wide, k / (points - 1), (s * 0.618034) % 1, length], 4 * v);
      }
    }
    const step = curled ? 1 : length < SHORT_MM ? 3 : length < MIDDLING_MM ? 2 : 1;
    ix = rungs(o, points, length, step, index, ix);
    cx = rungs(o, points, length, movingStep, coarse, cx);
    coarseAt[o + 1] = cx;
  }
  const g = new THREE.InstancedBufferGeometry();
  g.setAttribute("position", new THREE.BufferAttribute(position, 3));
  g.setAttribute("next", new THREE.BufferAttribute(next, 3));
  g.setAttribute("info", new THREE.BufferAttribute(info, 4));
  const child = new Float32Array(CHILDREN * 4);
  for (let k = 1; k < CHILDREN; k++) {
    const a = k * 2.399963;
    const r = Math.sqrt(k / CHILDREN);
    child.set([r * Math.cos(a), r * Math.sin(a), ((k * 0.7548777) % 1) * 2 - 1, k / CHILDREN], 4 * k);
  }
  g.setAttribute("child", new THREE.InstancedBufferAttribute(child, 4));
  const both = new Uint32Array(ix + cx);
  both.set(index.subarray(0, ix));
  both.set(coarse.subarray(0, cx), ix);
  g.setIndex(new THREE.BufferAttribute(both, 1));
  const rows = new Uint32Array(strands);
  order.forEach((s, o) => {
    rows[s] = o;
  });
  g.userData = { fine: ix, coarse: cx, rows, coarseAt, shuffledCoarse: coarse.subarray(0, cx) };
  g.instanceCount = 1;
  return g;
}
