import * as THREE from "three";
import { expect, it } from "vitest";
import type { Fallen } from "../api/binary";
import { facing, held } from "./hairInTeeth";
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

it("shows its breadth to the eye wherever on the head it is", () => {
  const behind = new THREE.Vector3(0, -850, 40);
  for (const deg of [180, 150, 120, 100]) {
    const turn = (deg * Math.PI) / 180;
    const out = new THREE.Vector3(Math.sin(turn), Math.cos(turn), 0);
    const root = out.clone().multiplyScalar(85);
    const end = root.clone().addScaledVector(out, 40).setZ(24);
    const c = facing([...root.toArray(), ...end.toArray()], behind, 0.5);
    const corner = (k: number) => new THREE.Vector3().fromArray(c, 3 * k);
    // As the eye sees it: across the line from the eye to the root, and to the strand.
    const toEye = behind.clone().sub(root).normalize();
    const breadth = corner(0).sub(corner(1));
    expect(breadth.length(), `${deg}°`).toBeCloseTo(1);
    expect(Math.abs(breadth.dot(toEye)), `${deg}°`).toBeLessThan(1e-3);
    expect(corner(2).sub(corner(3)).length()).toBeCloseTo(1);
  }
});
