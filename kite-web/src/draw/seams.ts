import type { Seams } from "../api/binary";

/** Numbers of the scalp's own vertices laid on the scalp cut along its borders, so many to a vertex. */
export function alongSeams(values: Float32Array, seams: Seams | undefined, size = 1): Float32Array {
  if (!seams) return values;
  const out = new Float32Array(seams.like.length * size);
  for (let v = 0; v < seams.like.length; v++) {
    const from = (seams.like[v] as number) * size;
    for (let k = 0; k < size; k++) out[v * size + k] = values[from + k] as number;
  }
  return out;
}

/**
 * Brings a field of 0 to 1 to the middle where it jumps over a border, so that its rim is drawn on it. The two vertices
 * of a border's crossing follow one another, after the scalp's own.
 */
export function rimOnSeams(field: Float32Array, own: number): Float32Array {
  for (let v = own; v + 1 < field.length; v += 2) {
    const a = field[v] as number;
    const b = field[v + 1] as number;
    if (a > 0.5 !== b > 0.5) {
      field[v] = 0.5;
      field[v + 1] = 0.5;
    }
  }
  return field;
}
