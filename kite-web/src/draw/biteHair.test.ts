import { expect, it } from "vitest";
import type { InHandData } from "../api/inHand";
import { asFarOn, bitesOfSkin, CUT, FALLEN, HELD, hairAt, PLAYED_MS, playedTo, strandAt } from "./biteHair";

/** Four strands of three points: cut in bites 1 and 2, one clipped till its bite 3, one never cut. */
const N = 9;
const line = (x: number, z: number) => [x, 0, 0, x, 0, z / 2, x, 0, z];
const data = {
  before: {
    points: 3,
    xyz: Float32Array.from([...line(0, -100), ...line(40, -100), ...line(80, -100), ...line(120, -100)]),
  },
  after: Float32Array.from([...line(0, -50), ...line(40, -50), ...line(80, -50), ...line(120, -100)]),
  bite: Uint16Array.of(1, 2, 3, 0),
  cutShare: Float32Array.of(0.5, 0.5, 0.5, 0),
  held: {
    at: Int32Array.of(0, N, 2 * N, -1),
    xyz: Float32Array.from([...line(0, 100), ...line(40, 100), ...line(80, 100)]),
  },
  clipped: { at: Int32Array.of(-1, -1, 0, N), xyz: Float32Array.from([...line(80, 9), ...line(120, 9)]) },
} as unknown as InHandData;

const tip = (strand: number, bite: number, stage: number) => {
  const out = new Float32Array(N);
  strandAt(data, strand, { bite, stage }, out);
  return out[8];
};

it("a bite done has fallen, the one in hand is held, the rest hangs or is clipped away", () => {
  expect(tip(0, 2, HELD)).toBe(-50);
  expect(tip(1, 2, HELD)).toBe(100);
  expect(tip(2, 2, HELD)).toBe(9);
  expect(tip(3, 2, HELD)).toBe(9);
  expect(tip(1, 1, HELD)).toBe(-100);
});

it("it is combed up from where it lay, shortened where it is cut, and falls as it is left", () => {
  expect(tip(1, 2, 0)).toBe(-100);
  expect(tip(1, 2, 0.5)).toBeCloseTo(0);
  expect(tip(1, 2, 1.2)).toBe(100);
  expect(tip(1, 2, CUT)).toBe(50);
  expect(tip(1, 2, 2.5)).toBeCloseTo(0);
  expect(tip(1, 2, FALLEN)).toBe(-50);
});

it("all hair at a moment is every strand at it", () => {
  const reading = { lines: [{}, {}, {}] };
  const d = { ...data, before: { ...data.before, reading } } as unknown as InHandData;
  const { xyz } = hairAt(d, { bite: 2, stage: HELD });
  expect([0, 1, 2, 3].map((s) => xyz[N * s + 8])).toEqual([-50, 100, 9, 9]);
  // A texture holds no hair: what it leaves is shown.
  const none = { ...data, before: { ...data.before, reading: { lines: [] } } } as unknown as InHandData;
  expect(hairAt(none, { bite: 1, stage: HELD }).xyz[8]).toBe(-50);
});

it("its root never leaves the skin", () => {
  const out = new Float32Array(N);
  for (let stage = 0; stage <= 3; stage += 0.1) {
    strandAt(data, 1, { bite: 2, stage }, out);
    expect([out[0], out[1], out[2]]).toEqual([40, 0, 0]);
  }
});

it("a bite is played in under two seconds, every stage in its turn", () => {
  expect(PLAYED_MS).toBeLessThan(2000);
  expect(playedTo(0)).toBe(0);
  expect(playedTo(PLAYED_MS)).toBe(FALLEN);
  let last = 0;
  for (let ms = 0; ms <= PLAYED_MS; ms += 20) {
    expect(playedTo(ms)).toBeGreaterThanOrEqual(last);
    last = playedTo(ms);
  }
});

it("counted otherwise by the plan, the bite drawn is the one as far on", () => {
  expect(asFarOn(1, 17, 17)).toBe(1);
  expect(asFarOn(17, 17, 16)).toBe(16);
  expect(asFarOn(3, 6, 12)).toBe(6);
  expect(asFarOn(1, 0, 3)).toBe(3);
});

it("skin goes with the hair that grows on it, and far skin with none", () => {
  expect([...bitesOfSkin(data, Float32Array.of(1, 0, 0, 41, 3, 0, 60, 0, 0, 120, 0, 0))]).toEqual([
    1, 2, 0, 0,
  ]);
});
