import * as THREE from "three";
import { expect, it } from "vitest";
import type { Fallen } from "../api/binary";
import { held } from "./hairInTeeth";
import type { SkinPlace } from "./skinPlace";

/** Four strands on a back that is level: under the comb, beside its teeth, above it, and on the face. */
const fall = {
  strands: 4,
  points: 2,
  xyz: Float32Array.from(
    [
      [5, -90, 2],
      [30, -90, 0],
      [0, -90, 25],
      [0, 90, 0],
    ].flatMap(([x, y, z]) => [x, y, z, x, y, (z as number) - 40] as number[]),
  ),
} as Fallen;
const lengths = Float32Array.of(40, 40, 40, 40);
const roots = Uint32Array.of(0, 1, 2, 3);
const back: SkinPlace = {
  aroundDeg: 180,
  share: 0.8,
  at: new THREE.Vector3(0, -90, 0),
  out: new THREE.Vector3(0, -1, 0),
};

it("draws out of the comb what grows between its teeth, as long as it is, off the head and up", () => {
  const strands = held(fall, roots, lengths, back, 40);
  expect(strands).toHaveLength(6);
  const [x, y, z, ex, ey, ez] = strands as [number, number, number, number, number, number];
  expect([x, y, z]).toEqual([5, -90, 2]);
  expect(Math.hypot(ex - x, ey - y, ez - z)).toBeCloseTo(40);
  expect(ey).toBeLessThan(-110);
  expect(ez).toBeGreaterThan(z);
});

it("holds what the last stroke left, no more", () => {
  const strands = held(fall, roots, Float32Array.of(12, 40, 40, 40), back, 40);
  const [x, y, z, ex, ey, ez] = strands as [number, number, number, number, number, number];
  expect(Math.hypot(ex - x, ey - y, ez - z)).toBeCloseTo(12);
});
