import type { Fallen, MeshData } from "../api/binary";
import { strandRoots } from "./strandRoots";

/** A strand that hangs longer by less than this share has not been cut. */
const SAME = 0.04;

/**
 * Straight hair as it fell, with what has been cut since taken off its ends: it shows at once what a cut took, until it
 * has fallen anew.
 *
 * @param lengths in mm at each vertex of the scalp
 */
export function clipped(fall: Fallen, scalp: MeshData, lengths: Float32Array): Fallen {
  const { points, strands, xyz } = fall;
  const at = strandRoots(fall, scalp);
  let out = xyz;
  const along = new Float64Array(points);
  for (let s = 0; s < strands; s++) {
    const o = 3 * s * points;
    for (let k = 1; k < points; k++) {
      const i = o + 3 * k;
      along[k] =
        (along[k - 1] as number) +
        Math.hypot(
          (xyz[i] as number) - (xyz[i - 3] as number),
          (xyz[i + 1] as number) - (xyz[i - 2] as number),
          (xyz[i + 2] as number) - (xyz[i - 1] as number),
        );
    }
    const hangs = along[points - 1] as number;
    const left = lengths[at[s] as number] as number;
    if (left >= hangs * (1 - SAME)) continue;
    if (out === xyz) out = xyz.slice();
    let k = 1;
    for (let n = 1; n < points; n++) {
      const want = (left * n) / (points - 1);
      while (k < points - 1 && (along[k] as number) < want) k++;
      const from = along[k - 1] as number;
      const w = (want - from) / Math.max(1e-9, (along[k] as number) - from);
      for (let c = 0; c < 3; c++) {
        const a = xyz[o + 3 * (k - 1) + c] as number;
        const b = xyz[o + 3 * k + c] as number;
        out[o + 3 * n + c] = a + w * (b - a);
      }
    }
  }
  return out === xyz ? fall : { ...fall, xyz: out };
}
