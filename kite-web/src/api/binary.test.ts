import { expect, it } from "vitest";
import { readHead, readOutcome } from "./binary";

it("reads an outcome: JSON, then lengths in twentieths of a millimetre, of vertices and of walks", () => {
  const text = JSON.stringify({
    moves: [{ id: "a" }],
    walks: [{ distanceMm: [0, 5] }, { distanceMm: [0] }],
  }).padEnd(88);
  const buffer = new ArrayBuffer(4 + 88 + 2 * 2 * 6);
  const view = new DataView(buffer);
  view.setUint32(0, 88, true);
  new Uint8Array(buffer, 4).set(new TextEncoder().encode(text));
  [1200, 0, 1, 400, 420, 60, 900, 65535, 2, 200, 210, 40].forEach((v, i) => {
    view.setUint16(92 + 2 * i, v, true);
  });
  const { result, count, state } = readOutcome(buffer);
  expect(result.moves[0]?.id).toBe("a");
  expect(count).toBe(2);
  expect([...state(0)].map((x) => Math.round(x * 100) / 100)).toEqual([60, 0, 0.05]);
  expect(state(1)).toBe(state(1));
  expect(state(1)[1]).toBeCloseTo(3276.75, 2);
  expect(Array.from(result.walks[0]?.beforeMm ?? [])).toEqual([20, 21]);
  expect(result.walks[0]?.afterMove.map((m) => [m.move, ...Array.from(m.lengthMm)])).toEqual([
    ["a", 10, 10.5],
  ]);
  expect(Array.from(result.walks[1]?.afterMove[0]?.lengthMm ?? [])).toEqual([2]);
});

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
