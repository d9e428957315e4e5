import type { Fallen, MeshData } from "../api/binary";
import { strandRoots } from "./strandRoots";

/** A strand that hangs longer by less than this share has not been cut. */
const SAME = 0.04;

/** How far along its strand each point lies, in mm. */
function along(fall: Fallen, strand: number): Float64Array {
  const { points, xyz } = fall;
  const out = new Float64Array(points);
  for (let k = 1; k < points; k++) {
    const i = 3 * (strand * points + k);
    out[k] =
      (out[k - 1] as number) +
      Math.hypot(
        (xyz[i] as number) - (xyz[i - 3] as number),
        (xyz[i + 1] as number) - (xyz[i - 2] as number),
        (xyz[i + 2] as number) - (xyz[i - 1] as number),
      );
  }
  return out;
}

/** How long each strand is drawn as it fell, in mm. */
export const hanging = (fall: Fallen): Float32Array =>
  Float32Array.from({ length: fall.strands }, (_, s) => along(fall, s)[fall.points - 1] as number);

/**
 * The strands that have been cut since they were drawn; how long they are drawn now is taken down.
 *
 * @param lengths in mm at each vertex of the scalp
 * @param drawnMm of each strand
 */
export function cutSince(
  fall: Fallen,
  scalp: MeshData,
  lengths: Float32Array,
  drawnMm: Float32Array,
): number[] {
  const at = strandRoots(fall, scalp);
  const out: number[] = [];
  for (let s = 0; s < fall.strands; s++) {
    const left = lengths[at[s] as number] as number;
    if (left >= (drawnMm[s] as number) * (1 - SAME)) continue;
    drawnMm[s] = left;
    out.push(s);
  }
  return out;
}

/** A strand as it fell with all beyond a length taken off its end: straight hair, until it has fallen anew. */
export function clipped(fall: Fallen, strand: number, leftMm: number, out: Float32Array): void {
  const { points, xyz } = fall;
  const far = along(fall, strand);
  const o = 3 * strand * points;
  out.set(xyz.subarray(o, o + 3));
  let k = 1;
  for (let n = 1; n < points; n++) {
    const want = (leftMm * n) / (points - 1);
    while (k < points - 1 && (far[k] as number) < want) k++;
    const from = far[k - 1] as number;
    const w = (want - from) / Math.max(1e-9, (far[k] as number) - from);
    for (let c = 0; c < 3; c++) {
      const a = xyz[o + 3 * (k - 1) + c] as number;
      const b = xyz[o + 3 * k + c] as number;
      out[3 * n + c] = a + w * (b - a);
    }
  }
}
