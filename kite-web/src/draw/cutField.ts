/** What a move took off in mm before it counts as cut. */
const TOUCHED_MM = 0.3;
const PASSES = 2;

/** 1 where hair was shortened, 0 where not, smoothed over the mesh so that its rim at 0.5 runs even. */
export function cutField(after: Float32Array, before: Float32Array, triangles: Uint32Array): Float32Array {
  let field = new Float32Array(after.length);
  for (let i = 0; i < field.length; i++) {
    field[i] = (before[i] as number) - (after[i] as number) > TOUCHED_MM ? 1 : 0;
  }
  for (let pass = 0; pass < PASSES; pass++) {
    const sum = field.map((v) => 2 * v);
    const weight = new Float32Array(field.length).fill(2);
    for (let t = 0; t < triangles.length; t += 3) {
      const a = triangles[t] as number;
      const b = triangles[t + 1] as number;
      const c = triangles[t + 2] as number;
      const all = (field[a] as number) + (field[b] as number) + (field[c] as number);
      sum[a] = (sum[a] as number) + all;
      sum[b] = (sum[b] as number) + all;
      sum[c] = (sum[c] as number) + all;
      weight[a] = (weight[a] as number) + 3;
      weight[b] = (weight[b] as number) + 3;
      weight[c] = (weight[c] as number) + 3;
    }
    field = sum.map((s, i) => s / (weight[i] as number));
  }
  return field;
}
