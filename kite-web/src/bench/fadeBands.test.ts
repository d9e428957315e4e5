import { expect, it } from "vitest";
import type { FadeBand } from "../api/types";
import { blended, boundaryOf, leversOf, moved, numbersOf, withOneMore, without } from "../parts/fadeBands";

const BANDS: FadeBand[] = [
  { number: 0.5, leverMm: 0, fromShare: 0, toShare: 0.13 },
  { number: 1, leverMm: 0, fromShare: 0.25, toShare: 0.38 },
  { number: 2, leverMm: 0, fromShare: 0.5, toShare: 0.63 },
  { number: 3, leverMm: 0, fromShare: 0.75, toShare: 1 },
];

/** As the server demands: in order, the first from the hairline, the last to the top. */
function sound(bands: FadeBand[]): void {
  expect(bands[0]?.fromShare).toBe(0);
  expect(bands.at(-1)?.toShare).toBe(1);
  bands.forEach((b, k) => {
    expect(b.toShare).toBeGreaterThanOrEqual(b.fromShare);
    expect(b.fromShare).toBeGreaterThanOrEqual(bands[k - 1]?.toShare ?? 0);
    expect(b.number).toBeGreaterThanOrEqual(bands[k - 1]?.number ?? 0);
  });
}

it("moves a boundary to where it is pulled and leaves the others", () => {
  const up = moved(BANDS, 1, 0.55);
  expect(boundaryOf(up, 1)).toBeCloseTo(0.55, 2);
  expect(boundaryOf(up, 0)).toBe(boundaryOf(BANDS, 0));
  expect(boundaryOf(up, 2)).toBe(boundaryOf(BANDS, 2));
  sound(up);
});

it("keeps guards in order however far a boundary is pulled", () => {
  for (const to of [-3, 0, 0.3, 0.9, 7]) for (const k of [0, 1, 2]) sound(moved(BANDS, k, to));
  expect(boundaryOf(moved(BANDS, 0, -1), 0)).toBeGreaterThan(0);
  expect(boundaryOf(moved(BANDS, 2, 5), 2)).toBeLessThan(1);
});

it("rocks out over as much as is asked, as far as there is room", () => {
  const wide = blended(BANDS, 0, 0.2);
  expect((wide[1]?.fromShare ?? 0) - (wide[0]?.toShare ?? 0)).toBeCloseTo(0.2, 2);
  const none = blended(BANDS, 0, 0);
  expect(none[1]?.fromShare).toBe(none[0]?.toShare);
  sound(wide);
  sound(none);
  sound(blended(BANDS, 1, 3));
});

it("adds the next longer guard at the top and takes any out", () => {
  const five = withOneMore(BANDS);
  expect(five.map((b) => b.number)).toEqual([0.5, 1, 2, 3, 4]);
  sound(five);
  for (let k = 0; k < 5; k++) {
    const four = without(five, k);
    expect(four).toHaveLength(4);
    sound(four);
  }
  expect(without(BANDS.slice(0, 1), 0)).toHaveLength(1);
  const most = Array.from({ length: 6 }).reduce<FadeBand[]>((b) => withOneMore(b), BANDS);
  expect(most).toHaveLength(8);
  sound(most);
});

it("lets a guard be no longer than the one above it and no shorter than the one below", () => {
  expect(numbersOf(BANDS, 1)).toEqual({ min: 0.5, max: 2 });
  expect(numbersOf(BANDS, 0)).toEqual({ min: 0, max: 1 });
  expect(numbersOf(BANDS, 3)).toEqual({ min: 2, max: 12 });
});

it("opens a lever no farther than the guard above leaves, and closes it no farther than the one below", () => {
  // A number is 3.175 mm: a half with its lever open by 1.5 is all but a one.
  expect(leversOf(BANDS, 0)).toEqual({ min: 0, max: 1.5 });
  expect(leversOf(BANDS, 3)).toEqual({ min: 0, max: 5 });
  const close: FadeBand[] = [
    { number: 1, leverMm: 1.5, fromShare: 0, toShare: 0.4 },
    { number: 1, leverMm: 2, fromShare: 0.5, toShare: 1 },
  ];
  expect(leversOf(close, 1).min).toBe(1.5);
  expect(leversOf(close, 0).max).toBe(2);
});

it("counts the levers where it says which guards fit between", () => {
  const open: FadeBand[] = [
    { number: 1, leverMm: 2, fromShare: 0, toShare: 0.3 },
    { number: 2, leverMm: 0, fromShare: 0.4, toShare: 0.6 },
    { number: 3, leverMm: 0, fromShare: 0.7, toShare: 1 },
  ];
  expect(numbersOf(open, 1)).toEqual({ min: 2, max: 3 });
});
