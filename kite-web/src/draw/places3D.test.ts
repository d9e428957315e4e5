import * as THREE from "three";
import { expect, it } from "vitest";
import { faces } from "./Places3D";

// Millimetres; right is +x, front −y or +y alike: the camera stands at the client's left.
const left = new THREE.Vector3(-850, 0, 40);

it("takes a touch for the place that is seen, not for the one behind the head", () => {
  expect(faces([-70, 0, 60], left)).toBe(true);
  expect(faces([70, 0, 60], left)).toBe(false);
});
