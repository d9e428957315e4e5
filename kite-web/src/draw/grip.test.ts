import { expect, it } from "vitest";
import { handsRoom } from "./Grip3D";

it("hair held straight up stays in the picture, and a short head is not seen from afar", () => {
  expect(handsRoom(new Float32Array([3, 12, 8]))).toBe(1.1);
  // 330 mm stand in the picture, 132 of them over the middle for head and fingers.
  expect(165 * handsRoom(new Float32Array([40, 97]))).toBeCloseTo(132 + 97, 5);
  expect(handsRoom(new Float32Array([300]))).toBe(1.8);
});
