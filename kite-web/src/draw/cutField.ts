/** What a move took off in mm before it counts as cut. */
const TOUCHED_MM = 0.3;
const PASSES = 3;

/** 1 where hair was shortened, 0 where not, smoothed over the mesh so that its rim at 0.5 runs even. */
export function cutField(after: Float32Array, before: Float32Array, triangles: Uint32Array): Float32Array {
  let field = Float32Array.from(after, (l, i) => ((before[i] ?? l) - l > TOUCHED_MM ? 1 : 0));
  for (let pass = 0; pass < PASSES; pass++) {
    const sum = Float32Array.from(field, (v) => 2 * v);
    const weight = new Float32Array(field.length).fill(2);
    const join = (a: number, b: number) => {
      sum[a] = (sum[a] as number) + (field[b] as number);
      weight[a] = (weight[a] as number) + 1;
    };
    for (let t = 0; t < triangles.length; t += 3) {
      const [a, b, c] = [triangles[t], triangles[t + 1], triangles[t + 2]] as [number, number, number];
      join(a, b);
      join(a, c);
      join(b, a);
      join(b, c);
      join(c, a);
      join(c, b);
    }
    field = sum.map((s, i) => s / (weight[i] as number));
  }
  return field;
}
