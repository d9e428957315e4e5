import { smoothed } from "./smoothed";
import { wasCut } from "./tools";

/** 1 where hair was shortened, 0 where not, smoothed over the mesh so that its rim at 0.5 runs even. */
export function cutField(after: Float32Array, before: Float32Array, triangles: Uint32Array): Float32Array {
  const cut = after.map((a, i) => (wasCut(before[i] as number, a) ? 1 : 0));
  return smoothed(cut, triangles);
}
