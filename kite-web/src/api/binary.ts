import type { FallColours, FallReading, Result } from "./types";

/** A drawable mesh: positions and normals three to a vertex, triangle corners. */
export type MeshData = { points: Float32Array; normals: Float32Array; triangles: Uint32Array };
/** With the lines of the face as ribbons, a mesh a kind of line. */
export type HeadData = { bust: MeshData; scalp: MeshData; face: MeshData[] };

/** Lengths in mm at every scalp vertex: state 0 before the first move, state i after the i-th; turned into numbers when asked for. */
export type Outcome = { result: Result; count: number; state: (i: number) => Float32Array };

const UNITS_PER_MM = 20;

/** Meshes one after another from a place in the bytes. */
export function meshReader(buffer: ArrayBuffer, from: number): { next: () => MeshData; at: () => number } {
  const ints = new DataView(buffer);
  let at = from;
  const next = (): MeshData => {
    const vertices = ints.getUint32(at, true);
    const corners = ints.getUint32(at + 4, true);
    const points = new Float32Array(buffer, at + 8, vertices * 3);
    const normals = new Float32Array(buffer, at + 8 + vertices * 12, vertices * 3);
    const triangles = new Uint32Array(buffer, at + 8 + vertices * 24, corners);
    at += 8 + vertices * 24 + corners * 4;
    return { points, normals, triangles };
  };
  return { next, at: () => at };
}

export function readHead(buffer: ArrayBuffer): HeadData {
  const meshes = meshReader(buffer, 0);
  const bust = meshes.next();
  const scalp = meshes.next();
  const face: MeshData[] = [];
  while (meshes.at() < buffer.byteLength) face.push(meshes.next());
  return { bust, scalp, face };
}

/** The scalp cut along the borders of sections; `like` tells for each vertex the scalp's own whose hair it shows. */
export type Seams = { mesh: MeshData; like: Uint32Array };

export function readSeams(buffer: ArrayBuffer): Seams {
  const meshes = meshReader(buffer, 0);
  const mesh = meshes.next();
  return { mesh, like: new Uint32Array(buffer, meshes.at(), mesh.points.length / 3) };
}

/** A field worked out when it is first looked at: the head is painted before the profile is read. */
function whenAsked<T, K extends keyof T>(of: T, key: K, make: () => T[K]) {
  Object.defineProperty(of, key, {
    configurable: true,
    enumerable: true,
    get() {
      const value = make();
      Object.defineProperty(of, key, { value, enumerable: true });
      return value;
    },
  });
}

export function readOutcome(buffer: ArrayBuffer): Outcome {
  const textLength = new DataView(buffer).getUint32(0, true);
  const result = JSON.parse(new TextDecoder().decode(new Uint8Array(buffer, 4, textLength))) as Result;
  const all = new Uint16Array(buffer, 4 + textLength);
  const count = result.moves.length + 1;
  const points = result.walks.reduce((n, w) => n + w.distanceMm.length, 0);
  const row = all.length / count;
  const vertices = row - points;
  const lengths = (from: number, n: number) => {
    const mm = new Float32Array(n);
    for (let v = 0; v < n; v++) mm[v] = (all[from + v] as number) / UNITS_PER_MM;
    return mm;
  };
  let at = vertices;
  for (const w of result.walks) {
    const first = at;
    const n = w.distanceMm.length;
    whenAsked(w, "beforeMm", () => [...lengths(first, n)]);
    whenAsked(w, "afterMove", () =>
      result.moves.map((m, i) => ({ move: m.id, lengthMm: [...lengths((i + 1) * row + first, n)] })),
    );
    at += n;
  }
  const read = new Map<number, Float32Array>();
  const state = (i: number) => {
    const known = read.get(i);
    if (known) return known;
    const mm = lengths(i * row, vertices);
    read.set(i, mm);
    return mm;
  };
  return { result, count, state };
}

/** Strands at rest with their curls, a beard's among them, root first, mm, and what is read of them. */
export type Fallen = {
  reading: FallColours;
  strands: number;
  points: number;
  xyz: Float32Array;
  /** How much of the skin beard and neck hair hide at each vertex of the bust, 0 to 1. */
  besides: Float32Array;
};

export type FallData = Fallen & { reading: FallReading };

const FALL_UNITS_PER_MM = 50;

export function readFall<F extends Fallen = FallData>(buffer: ArrayBuffer): F {
  const ints = new DataView(buffer);
  const textLength = ints.getInt32(0, true);
  const reading = JSON.parse(new TextDecoder().decode(new Uint8Array(buffer, 4, textLength))) as F["reading"];
  const strands = ints.getInt32(4 + textLength, true);
  const points = ints.getInt32(8 + textLength, true);
  const raw = new Int16Array(buffer, 12 + textLength, strands * points * 3);
  const after = 12 + textLength + 6 * strands * points;
  const covered = new Uint8Array(buffer, after + 4, ints.getInt32(after, true));
  return {
    reading,
    strands,
    points,
    xyz: Float32Array.from(raw, (v) => v / FALL_UNITS_PER_MM),
    besides: Float32Array.from(covered, (v) => v / 255),
  } as F;
}

/** Where the bytes of a fall end, and others may begin. */
export function fallEnd(buffer: ArrayBuffer, fall: Fallen): number {
  const textLength = new DataView(buffer).getInt32(0, true);
  return 16 + textLength + 6 * fall.strands * fall.points + fall.besides.length;
}
