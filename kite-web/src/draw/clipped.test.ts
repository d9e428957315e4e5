import { expect, it } from "vitest";
import type { Fallen, MeshData } from "../api/binary";
import { clipped, cutSince, hanging } from "./clipped";

/** Two strands of four points, 30 mm down each, at two places of the scalp. */
const fall: Fallen = {
  reading: {} as Fallen["reading"],
  besides: new Float32Array(0),
  strands: 2,
  points: 4,
  xyz: Float32Array.of(
    0,
    90,
    0,
    0,
    90,
    -10,
    0,
    90,
    -20,
    0,
    90,
    -30,
    50,
    0,
    0,
    50,
    0,
    -10,
    50,
    0,
    -20,
    50,
    0,
    -30,
  ),
};
const scalp: MeshData = {
  points: Float32Array.of(50, 1, 0, 0, 91, 0, -50, 0, 0),
  normals: new Float32Array(9),
  triangles: Uint32Array.of(0, 1, 2),
};

it("takes off what was cut at the place a strand grows, and leaves the others as they hang", () => {
  const drawn = hanging(fall);
  expect([...drawn]).toEqual([30, 30]);
  expect(cutSince(fall, scalp, Float32Array.of(30, 12, 30), drawn)).toEqual([0]);
  const out = new Float32Array(12);
  clipped(fall, 0, drawn[0] as number, out);
  expect([...out]).toEqual([0, 90, 0, 0, 90, -4, 0, 90, -8, 0, 90, -12]);
  expect(fall.xyz[11], "what fell stays as it was").toBe(-30);
});

it("draws a strand anew once for each time it was cut", () => {
  const drawn = hanging(fall);
  cutSince(fall, scalp, Float32Array.of(30, 12, 30), drawn);
  expect(cutSince(fall, scalp, Float32Array.of(30, 12, 30), drawn)).toEqual([]);
  expect(cutSince(fall, scalp, Float32Array.of(9, 12, 30), drawn)).toEqual([1]);
  expect([...drawn]).toEqual([12, 9]);
});

it("leaves what was not cut, or settled a little short", () => {
  expect(cutSince(fall, scalp, Float32Array.of(30, 29.5, 40), hanging(fall))).toEqual([]);
});
