import { expect, it } from "vitest";
import { lengthWords, toMm, toShown } from "./units";

it("an inch is 25.4 mm", () => {
  expect(toMm(1, "INCH")).toBe(25.4);
  expect(toShown(25.4, "INCH")).toBe(1);
});

it("what is shown goes back to what it was", () => {
  for (const mm of [3, 12, 56, 101]) expect(toMm(toShown(mm, "CM"), "CM")).toBeCloseTo(mm, 9);
  for (const eighths of [1, 5, 19]) {
    const mm = (eighths / 8) * 25.4;
    expect(toMm(toShown(mm, "INCH"), "INCH")).toBeCloseTo(mm, 9);
  }
});

it("lengths are said shortly", () => {
  expect(lengthWords(6, "CM")).toBe("6 mm");
  expect(lengthWords(60, "CM")).toBe("6.0 cm");
  expect(lengthWords(60.325, "INCH")).toBe("2 3/8 in");
  expect(lengthWords(6.35, "INCH")).toBe("1/4 in");
});
