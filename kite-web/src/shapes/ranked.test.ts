import { expect, test } from "vitest";
import { inWeeks, parted, type Ranked } from "../parts/ranked";

const shape = (id: string, weeks = 0): Ranked => ({
  id,
  title: id,
  score: 0,
  reasons: ["Fits."],
  weeks,
  fit: { answered: [], worstMm: 0, rmsMm: 0, settings: [], unmet: [] },
});

test("today's cut stands apart from the shapes, which keep their order", () => {
  const { today, shapes } = parted([shape("todays-cut"), shape("b"), shape("a")]);
  expect(today?.id).toBe("todays-cut");
  expect(shapes.map((s) => s.id)).toEqual(["b", "a"]);
  expect(parted([shape("a")]).today).toBeUndefined();
});

test("a shape without hair for it says when there is", () => {
  expect(inWeeks(0)).toBeUndefined();
  expect(inWeeks(1)).toBe("in a week");
  expect(inWeeks(14)).toBe("in about 14 weeks");
});
