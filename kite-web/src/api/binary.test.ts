import { expect, it } from "vitest";
import { readHead } from "./binary";

it("reads two meshes, one after the other", () => {
  const one = (x: number) => {
    const b = new ArrayBuffer(8 + 2 * 36 + 12);
    new Uint32Array(b, 0, 2).set([3, 3]);
    new Float32Array(b, 8, 9).fill(x);
    new Uint32Array(b, 80, 3).set([0, 1, 2]);
    return new Uint8Array(b);
  };
  const both = new Uint8Array([...one(1.5), ...one(-2)]);
  const head = readHead(both.buffer);
  expect(head.bust.points[8]).toBe(1.5);
  expect(head.scalp.points[0]).toBe(-2);
  expect([...head.scalp.triangles]).toEqual([0, 1, 2]);
});
