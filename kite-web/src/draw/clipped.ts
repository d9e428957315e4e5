import type { Fallen, MeshData } from "../api/binary";

/** A strand that hangs longer by less than this share has not been cut. */
const SAME = 0.04;

/** For each root of a fall the nearest vertex of the scalp it grows on, worked out once a scalp and number of strands. */
const known = new WeakMap<MeshData, Map<number, Uint32Array>>();

function vertices(fall: Fallen, scalp: MeshData): Uint32Array {
  const of = known.get(scalp) ?? new Map<number, Uint32Array>();
  known.set(scalp, of);
  const has = of.get(fall.strands);
  if (has) return has;
  const { xyz } = fall;
  const p = scalp.points;
  const out = new Uint32Array(fall.strands);
  for (let s = 0; s < fall.strands; s++) {
    const o = 3 * s * fall.points;
    const [x, y, z] = [xyz[o] as number, xyz[o + 1] as number, xyz[o + 2] as number];
    let least = Number.POSITIVE_INFINITY;
    for (let v = 0; v < p.length / 3; v++) {
      const dx = (p[3 * v] as number) - x;
      const dy = (p[3 * v + 1] as number) - y;
      const dz = (p[3 * v + 2] as number) - z;
      const d = dx * dx + dy * dy + dz * dz;
      if (d < least) {
        least = d;
        out[s] = v;
      }
    }
  }
  of.set(fall.strands, out);
  return out;
}

/**
 * Straight hair as it fell, with what has been cut since taken off its ends: it shows at once what a cut took, until it
 * has fallen anew.
 *
 * @param lengths in mm at each vertex of the scalp
 */
export function clipped(fall: Fallen, scalp: MeshData, lengths: Float32Array): Fallen {
  const { points, strands, xyz } = fall;
  const at = vertices(fall, scalp);
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
