import type { Fallen, MeshData } from "../api/binary";

const known = new WeakMap<MeshData, Map<number, Uint32Array>>();

/** For each strand of a fall the vertex of the scalp it grows nearest to, worked out once a scalp and number of strands. */
export function strandRoots(fall: Fallen, scalp: MeshData): Uint32Array {
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
