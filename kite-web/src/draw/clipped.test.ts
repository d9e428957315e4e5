import { expect, it } from "vitest";
import type { Fallen, MeshData } from "../api/binary";
import { clipped } from "./clipped";

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
  const after = clipped(fall, scalp, Float32Array.of(30, 12, 30));
  expect([...after.xyz.slice(0, 12)]).toEqual([0, 90, 0, 0, 90, -4, 0, 90, -8, 0, 90, -12]);
  expect([...after.xyz.slice(12)]).toEqual([...fall.xyz.slice(12)]);
  expect(fall.xyz[11], "what fell stays as it was").toBe(-30);
});

it("is the same hair where nothing was cut, or it settled a little short", () => {
  expect(clipped(fall, scalp, Float32Array.of(30, 29.5, 40))).toBe(fall);
});
