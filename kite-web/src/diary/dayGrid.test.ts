import { expect, test } from "vitest";
import { closed } from "./DayGrid";

const open = (from: number, to: number) => ({ day: "2026-11-25", from: from * 60, to: to * 60 });

test("what lies outside the hours is closed; a lunch between two is too", () => {
  expect(closed([open(13, 18), open(9, 12)])).toEqual([
    [8 * 60, 9 * 60],
    [12 * 60, 13 * 60],
    [18 * 60, 21 * 60],
  ]);
});

test("a day without hours is closed from rim to rim, one open all day nowhere", () => {
  expect(closed([])).toEqual([[8 * 60, 21 * 60]]);
  expect(closed([open(7, 22)])).toEqual([]);
});
