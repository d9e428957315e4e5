import type { MeshData } from "../api/binary";

/** Triangles drawn while the head turns are so many times wider than those at rest. */
const WIDER = 2.1;

/** How long the sides of the triangles at every vertex are, on average. */
function sides(m: MeshData): Float32Array {
  const sum = new Float32Array(m.points.length / 3);
  const count = new Float32Array(sum.length);
  for (let t = 0; t < m.triangles.length; t++) {
    const next = t % 3 === 2 ? t - 2 : t + 1;
    const [a, b] = [m.triangles[t] as number, m.triangles[next] as number];
    const long = Math.hypot(
      (m.points[3 * a] as number) - (m.points[3 * b] as number),
      (m.points[3 * a + 1] as number) - (m.points[3 * b + 1] as number),
      (m.points[3 * a + 2] as number) - (m.points[3 * b + 2] as number),
    );
    for (const v of [a, b]) {
      sum[v] = (sum[v] as number) + long;
      count[v] = (count[v] as number) + 1;
    }
  }
  return sum.map((s, v) => s / Math.max(1, count[v] as number));
}

/**
 * Fewer triangles over the same vertices: those that lie in one small cell are drawn as one. Where triangles are fine,
 * as at an ear, the cells are small too.
 */
export function coarseTriangles(m: MeshData): Uint32Array {
  const side = sides(m);
  const kept = new Map<string, number>();
  const stands = Uint32Array.from({ length: side.length }, (_, v) => {
    const cell = WIDER * 2 ** Math.round(Math.log2(Math.max(0.5, side[v] as number)));
    const at = [0, 1, 2].map((c) => Math.floor((m.points[3 * v + c] as number) / cell));
    const key = `${cell}/${at}`;
    const first = kept.get(key);
    if (first !== undefined) return first;
    kept.set(key, v);
    return v;
  });
  const out: number[] = [];
  for (let t = 0; t < m.triangles.length; t += 3) {
    const [a, b, c] = [0, 1, 2].map((k) => stands[m.triangles[t + k] as number] as number) as [
      number,
      number,
      number,
    ];
    if (a !== b && b !== c && a !== c) out.push(a, b, c);
  }
  return Uint32Array.from(out);
}
