import { expect, it } from "vitest";
import { ROUND, STEP_PX, stepsOf, turned } from "./turning";

it("goes round the head and comes back to where it was, either way", () => {
  let at = 0;
  for (let i = 0; i < ROUND.length; i++) at = turned(at, 1);
  expect(at).toBe(0);
  expect(ROUND[turned(0, -1)]).toBe("cornerLeft");
  expect(ROUND[turned(0, 4)]).toBe("back");
  expect(new Set(ROUND).size).toBe(ROUND.length);
});

it("a trembling finger turns nothing; a long stroke turns step by step", () => {
  expect(stepsOf(STEP_PX / 2)).toBe(0);
  expect(stepsOf(-STEP_PX / 2)).toBe(-0);
  expect(stepsOf(2.5 * STEP_PX)).toBe(2);
  expect(stepsOf(-1.2 * STEP_PX)).toBe(-1);
});
