import { expect, it } from "vitest";
import { type FallData, readFall } from "../api/binary";
import { drawnFirst, layAnew, ribbons, shuffled } from "./ribbons";

/** Two strands of three points, one 20 mm long down, one bare. */
const fall: FallData = {
  reading: {} as FallData["reading"],
  besides: new Float32Array(0),
  strands: 2,
  points: 3,
  xyz: Float32Array.of(0, 90, 0, 0, 90, -10, 0, 90, -20, 5, 80, 9, 5, 80, 9, 5, 80, 9),
};

it("any first part of the shuffled strands is spread over all of them", () => {
  for (const n of [1, 2, 7, 800, 3001]) {
    const order = shuffled(n);
    expect(new Set(order).size).toBe(n);
  }
  const first = [...shuffled(1000).slice(0, 100)];
  for (let tenth = 0; tenth < 10; tenth++) {
    expect(first.filter((s) => Math.floor(s / 100) === tenth).length).toBeGreaterThan(5);
  }
});

it("a strand is a ribbon of two vertices a point; a bare one is not drawn", () => {
  const g = ribbons(fall);
  expect(g.getAttribute("position").count).toBe(2 * 3 * 2);
  // 20 mm bend little: one piece of two triangles, at rest as well as for turning.
  expect(g.userData).toMatchObject({ fine: 2 * 3, coarse: 2 * 3 });
  expect(g.index?.count).toBe(2 * 2 * 3);
  expect(g.instanceCount).toBe(1);
  const info = g.getAttribute("info");
  const lengths = new Set(Array.from({ length: info.count }, (_, i) => info.getW(i)));
  expect(lengths).toEqual(new Set([20, 0]));
  expect([info.getX(0), info.getX(1)]).toEqual([-1, 1]);
});

it("the longer a strand, the more of its points are drawn at rest; while it turns, fewer", () => {
  const points = 16;
  const straight = (mm: number): FallData => ({
    ...fall,
    strands: 1,
    points,
    xyz: Float32Array.from({ length: 3 * points }, (_, i) =>
      i % 3 === 2 ? (-mm * Math.floor(i / 3)) / (points - 1) : 90,
    ),
  });
  const pieces = (mm: number) => ribbons(straight(mm)).userData.fine / 6;
  expect([10, 50, 200].map(pieces)).toEqual([5, 8, 15]);
  expect(ribbons(straight(200)).userData.coarse / 6).toBe(5);
});

it("of a strand with curls every point is drawn at rest, and a third while it turns", () => {
  const points = 31;
  const waved: FallData = {
    ...fall,
    strands: 1,
    points,
    xyz: Float32Array.from({ length: 3 * points }, (_, i) =>
      i % 3 === 2 ? -Math.floor(i / 3) : 90 + 4 * Math.sin(Math.floor(i / 3)),
    ),
  };
  expect(ribbons(waved).userData).toMatchObject({ fine: 6 * 30, coarse: 6 * 5 });
});

it("the last point of a ribbon goes on the way it came", () => {
  const g = ribbons(fall);
  const position = g.getAttribute("position");
  const next = g.getAttribute("next");
  for (let i = 0; i < position.count; i++) {
    if (position.getZ(i) === -20) expect(next.getZ(i)).toBe(-30);
  }
});

it("a fall is read from its bytes: the words, then points in fiftieths of a millimetre", () => {
  const text = new TextEncoder().encode(JSON.stringify({ week: 4, words: ["a"] }).padEnd(28, " "));
  const buffer = new ArrayBuffer(4 + text.length + 8 + 2 * 6 + 4 + 3);
  const view = new DataView(buffer);
  view.setInt32(0, text.length, true);
  new Uint8Array(buffer, 4).set(text);
  view.setInt32(4 + text.length, 1, true);
  view.setInt32(8 + text.length, 2, true);
  [0, 4500, -50, 25, 4500, -1000].forEach((v, i) => {
    view.setInt16(12 + text.length + 2 * i, v, true);
  });
  view.setInt32(12 + text.length + 12, 3, true);
  new Uint8Array(buffer).set([0, 51, 255], 12 + text.length + 16);
  const read = readFall(buffer);
  expect([...read.besides].map((v) => v.toFixed(2))).toEqual(["0.00", "0.20", "1.00"]);
  expect(read.reading.week).toBe(4);
  expect([read.strands, read.points]).toEqual([1, 2]);
  expect([...read.xyz]).toEqual([0, 90, -1, 0.5, 90, -20]);
});

it("strands laid anew move their own ribbons alone, and those drawn first come first", () => {
  const points = 16;
  const strands = 40;
  const many: FallData = {
    ...fall,
    strands,
    points,
    xyz: Float32Array.from({ length: 3 * points * strands }, (_, i) =>
      i % 3 === 2 ? -10 * (Math.floor(i / 3) % points) : Math.floor(i / (3 * points)),
    ),
  };
  const g = ribbons(many);
  const before = Float32Array.from(g.getAttribute("position").array);
  layAnew(g, [7], points, (s, out) => out.fill(s));
  const after = g.getAttribute("position").array as Float32Array;
  const row = g.userData.rows[7];
  const each = points * 6;
  after.forEach((v, i) => {
    expect(v).toBe(Math.floor(i / each) === row ? 7 : before[i]);
  });
  drawnFirst(g, [7, 9]);
  const index = g.index?.array as Uint32Array;
  const first = new Set(
    [...index.slice(g.userData.fine, g.userData.fine + 2 * 6 * 5)].map((v) => Math.floor(v / (2 * points))),
  );
  expect(first).toEqual(new Set([row, g.userData.rows[9]]));
  expect([...index.slice(g.userData.fine)].sort()).toEqual([...g.userData.shuffledCoarse].sort());
});
