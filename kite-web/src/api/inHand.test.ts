import { expect, it } from "vitest";
import { readInHand } from "./inHand";

/** As docs/formats.md lays it out: two strands of two points, the first cut in bite 1, the second clipped away. */
function bytes(): ArrayBuffer {
  const text = new TextEncoder().encode(JSON.stringify({ strands: 2, lines: [] }).padEnd(40, " "));
  const before = 4 + text.length + 8 + 2 * 12 + 4 + 1;
  const begin = Math.ceil(before / 4) * 4;
  const buffer = new ArrayBuffer(begin + 24 + 4 + 4 + 12 + 4 + 12);
  const view = new DataView(buffer);
  view.setInt32(0, text.length, true);
  new Uint8Array(buffer, 4).set(text);
  let at = 4 + text.length;
  view.setInt32(at, 2, true);
  view.setInt32(at + 4, 2, true);
  at += 8;
  const shorts = (...v: number[]) => {
    for (const s of v) {
      view.setUint16(at, s & 0xffff, true);
      at += 2;
    }
  };
  const strand = (x: number, z: number) => shorts(50 * x, 0, 0, 50 * x, 0, 50 * z);
  strand(1, -80);
  strand(2, -90);
  view.setInt32(at, 1, true);
  at = begin;
  strand(1, -40);
  strand(2, -90);
  shorts(1, 0);
  shorts(32_768, 0);
  strand(1, 80);
  shorts(0, 1);
  strand(2, 5);
  expect(at).toBe(buffer.byteLength);
  return buffer;
}

it("a move on hair is read as it is laid out", () => {
  const d = readInHand(bytes());
  expect([d.before.strands, d.before.points]).toEqual([2, 2]);
  expect(d.after[5]).toBe(-40);
  expect([...d.bite]).toEqual([1, 0]);
  expect(d.cutShare[0]).toBeCloseTo(0.5, 3);
  expect([...d.held.at]).toEqual([0, -1]);
  expect(d.held.xyz[5]).toBe(80);
  expect([...d.clipped.at]).toEqual([-1, 0]);
  expect(d.clipped.xyz[5]).toBe(5);
});
