import { expect, it } from "vitest";
import type { Seams } from "../api/binary";
import { readSeams } from "../api/binary";
import { cutField } from "./cutField";
import { kindFields, MOST_KINDS } from "./kinds";
import { alongSeams, rimOnSeams } from "./seams";

/** Two triangles of a strip, cut between vertex 0 and the others: 4 to 7 are the two sides of two crossings. */
const seams: Seams = {
  mesh: {
    points: new Float32Array(24),
    normals: new Float32Array(24),
    triangles: new Uint32Array([0, 4, 6, 5, 1, 2, 5, 2, 7, 1, 3, 2]),
  },
  like: new Uint32Array([0, 1, 2, 3, 0, 1, 0, 2]),
};

it("either side of a border shows its own hair", () => {
  expect([...alongSeams(new Float32Array([10, 60, 70, 80]), seams)]).toEqual([
    10, 60, 70, 80, 10, 60, 10, 70,
  ]);
  const tones = alongSeams(new Float32Array([1, 0, 0, 0, 1, 0, 0, 0, 1, 0, 0, 0]), seams, 3);
  expect([...tones.slice(12, 18)]).toEqual([1, 0, 0, 0, 1, 0]);
});

it("without seams the numbers stay as they are", () => {
  const values = new Float32Array([1, 2]);
  expect(alongSeams(values, undefined)).toBe(values);
});

it("the rim of what is cut lies on the border, and nowhere where both sides are cut", () => {
  const before = alongSeams(new Float32Array([90, 90, 90, 90]), seams);
  const one = alongSeams(new Float32Array([30, 90, 90, 90]), seams);
  const rim = rimOnSeams(cutField(one, before, seams.mesh.triangles), 4);
  expect([...rim]).toEqual([1, 0, 0, 0, 0.5, 0.5, 0.5, 0.5]);
  const all = alongSeams(new Float32Array([30, 40, 40, 40]), seams);
  expect([...rimOnSeams(cutField(all, before, seams.mesh.triangles), 4)]).toEqual([1, 1, 1, 1, 1, 1, 1, 1]);
});

it("the bytes of seams are a mesh and whose hair each vertex shows", () => {
  const b = new DataView(new ArrayBuffer(8 + 2 * 24 + 3 * 4 + 2 * 4));
  b.setUint32(0, 2, true);
  b.setUint32(4, 3, true);
  b.setFloat32(8 + 4 * 5, 7.5, true);
  b.setUint32(8 + 48 + 4, 1, true);
  b.setUint32(8 + 48 + 12 + 4, 9, true);
  const read = readSeams(b.buffer);
  expect(read.mesh.points[5]).toBe(7.5);
  expect([...read.mesh.triangles]).toEqual([0, 1, 0]);
  expect([...read.like]).toEqual([0, 9]);
});

it("kinds are told as shares: all of one inside, both beside their border, colours as given", () => {
  const row = 12;
  const triangles = Uint32Array.from({ length: 3 * (row - 2) }, (_, i) => Math.floor(i / 3) + (i % 3));
  const tones = new Float32Array(3 * row);
  for (let v = 0; v < row; v++) tones.set(v < 6 ? [1, 0, 0] : [0, 0, 1], 3 * v);
  const { colours, shares } = kindFields(tones, triangles);
  expect(colours).toEqual([
    [1, 0, 0],
    [0, 0, 1],
  ]);
  const at = (v: number, k: number) => shares[v * MOST_KINDS + k] as number;
  expect(at(0, 0)).toBeGreaterThan(0.95);
  expect(at(5, 0)).toBeGreaterThan(at(5, 1));
  expect(at(6, 1)).toBeGreaterThan(at(6, 0));
  for (let v = 0; v < row; v++) expect(at(v, 0) + at(v, 1)).toBeCloseTo(1, 5);
});
