const PASSES = 2;

/** A field of 0 and 1 evened out over a mesh: what lies about a vertex weighs as much as itself. */
export function smoothed(values: Float32Array, triangles: Uint32Array): Float32Array {
  let field = values;
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
