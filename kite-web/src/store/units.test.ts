import { expect, it } from "vitest";
import { toMm, toShown } from "./units";

it("an inch is 25.4 mm", () => {
  expect(toMm(1, "inch")).toBe(25.4);
  expect(toShown(25.4, "inch")).toBe(1);
});

it("what is shown goes back to what it was", () => {
  for (const mm of [3, 12, 56, 101]) expect(toMm(toShown(mm, "cm"), "cm")).toBeCloseTo(mm, 9);
  for (const eighths of [1, 5, 19]) {
    const mm = (eighths / 8) * 25.4;
    expect(toMm(toShown(mm, "inch"), "inch")).toBeCloseTo(mm, 9);
  }
});
