import { smoothed } from "./smoothed";

/** So many kinds a coat can tell apart. */
export const MOST_KINDS = 8;

/**
 * Kinds as fields, so that the line between two runs even and not from vertex to vertex: the colour of each kind, and at
 * every vertex how much of what lies about it is of each.
 */
export function kindFields(tones: Float32Array, triangles: Uint32Array) {
  const colours: [number, number, number][] = [];
  const kinds = new Map<string, number>();
  const of = new Uint8Array(tones.length / 3);
  for (let v = 0; v < of.length; v++) {
    const tone: [number, number, number] = [
      tones[3 * v] as number,
      tones[3 * v + 1] as number,
      tones[3 * v + 2] as number,
    ];
    const key = tone.join();
    let kind = kinds.get(key);
    if (kind === undefined) {
      kind = Math.min(colours.length, MOST_KINDS - 1);
      kinds.set(key, kind);
      colours[kind] ??= tone;
    }
    of[v] = kind;
  }
  const shares = new Float32Array(of.length * MOST_KINDS);
  colours.forEach((_, k) => {
    const field = smoothed(
      Float32Array.from(of, (kind) => (kind === k ? 1 : 0)),
      triangles,
    );
    field.forEach((f, v) => {
      shares[v * MOST_KINDS + k] = f;
    });
  });
  return { colours, shares };
}
