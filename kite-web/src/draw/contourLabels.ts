/** Chooses where contour labels stand: for each level the place on its contour nearest the middle, if it faces the eye. */
export type Projected = { x: number; y: number; facing: number };
export type Label = { level: number; x: number; y: number };

const MIN_FACING = 0.55;
/** From the middle of one label to that of the next, so that they never touch. */
const GAP_X = 76;
const GAP_Y = 32;

export function contourLabels(
  lengths: Float32Array,
  triangles: Uint32Array,
  vertices: Projected[],
  levels: number[],
  middle: { x: number; y: number },
  most = 7,
): Label[] {
  const best = new Map<number, { d: number; x: number; y: number }[]>();
  for (let t = 0; t < triangles.length; t += 3) {
    for (let k = 0; k < 3; k++) {
      const a = triangles[t + k] as number;
      const b = triangles[t + ((k + 1) % 3)] as number;
      if (a > b) continue;
      const pa = vertices[a] as Projected;
      const pb = vertices[b] as Projected;
      if (pa.facing < MIN_FACING || pb.facing < MIN_FACING) continue;
      const la = lengths[a] as number;
      const lb = lengths[b] as number;
      for (const level of levels) {
        if (la < level === lb < level) continue;
        const f = (level - la) / (lb - la);
        const x = pa.x + f * (pb.x - pa.x);
        const y = pa.y + f * (pb.y - pa.y);
        const d = Math.hypot(x - middle.x, y - middle.y);
        const kept = best.get(level) ?? [];
        kept.push({ d, x, y });
        best.set(level, kept);
      }
    }
  }
  const labels: Label[] = [];
  for (const level of [...best.keys()].sort((a, b) => b - a)) {
    const places = (best.get(level) ?? []).sort((a, b) => a.d - b.d);
    const free = places.find((p) =>
      labels.every((l) => Math.abs(l.x - p.x) > GAP_X || Math.abs(l.y - p.y) > GAP_Y),
    );
    if (free && labels.length < most) labels.push({ level, x: free.x, y: free.y });
  }
  return labels;
}
