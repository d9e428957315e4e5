import type { Result } from "./types";

/** A drawable mesh: positions and normals three to a vertex, triangle corners. */
export type MeshData = { points: Float32Array; normals: Float32Array; triangles: Uint32Array };
export type HeadData = { bust: MeshData; scalp: MeshData };

/** Lengths in mm at every scalp vertex: before the first move, then after each. */
export type Outcome = { result: Result; states: Float32Array[] };

const UNITS_PER_MM = 20;

export function readHead(buffer: ArrayBuffer): HeadData {
  const ints = new DataView(buffer);
  let at = 0;
  const mesh = (): MeshData => {
    const vertices = ints.getUint32(at, true);
    const corners = ints.getUint32(at + 4, true);
    const points = new Float32Array(buffer, at + 8, vertices * 3);
    const normals = new Float32Array(buffer, at + 8 + vertices * 12, vertices * 3);
    const triangles = new Uint32Array(buffer, at + 8 + vertices * 24, corners);
    at += 8 + vertices * 24 + corners * 4;
    return { points, normals, triangles };
  };
  const bust = mesh();
  return { bust, scalp: mesh() };
}

export function readOutcome(buffer: ArrayBuffer): Outcome {
  const textLength = new DataView(buffer).getUint32(0, true);
  const result = JSON.parse(new TextDecoder().decode(new Uint8Array(buffer, 4, textLength))) as Result;
  const all = new Uint16Array(buffer, 4 + textLength);
  const count = result.moves.length + 1;
  const vertices = all.length / count;
  const states = Array.from({ length: count }, (_, s) =>
    Float32Array.from(all.subarray(s * vertices, (s + 1) * vertices), (v) => v / UNITS_PER_MM),
  );
  return { result, states };
}
