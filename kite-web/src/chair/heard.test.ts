import { expect, it } from "vitest";
import { heard } from "./heard";

it.each([
  ["3 mm, right ear", "earTopRight", 3],
  ["3mm too short above the right ear", "earTopRight", 3],
  ["one and a half centimetres at the crown", "crown", 15],
  ["1,5 cm left temple", "templeLeft", 15],
  ["half an inch behind the left ear", "behindEarLeft", 12.7],
  ["an inch and a half, nape", "nape", 38.1],
  ["three quarters of an inch at the front", "front", 19.05],
  ["a quarter inch too much on the right ridge", "ridgeRight", 6.35],
  ["1/2 inch, occipital bone", "occipital", 12.7],
  ["five millimetres at the right corner of the nape", "napeCornerRight", 5],
  ["the top, ten millimetres", "apex", 10],
  ["too short in the nape by 4 mm", "nape", 4],
  ["12 mm at the top of the left ear", "earTopLeft", 12],
])("%s", (words, place, mm) => {
  const h = heard(words, "crown");
  expect(h.place).toBe(place);
  expect(h.mm).toBeCloseTo(mm, 6);
});

it("a side that is not said is that of the place at hand", () => {
  expect(heard("2 mm at the temple", "earTopRight").place).toBe("templeRight");
  expect(heard("2 mm at the temple", "earTopLeft").place).toBe("templeLeft");
});

it("nothing is made up: no number without its unit, no place that was not said", () => {
  expect(heard("3", "crown")).toEqual({ place: undefined, mm: undefined });
  expect(heard("mm at the ear", "crown").mm).toBeUndefined();
  expect(heard("4 mm over there", "crown")).toEqual({ place: undefined, mm: 4 });
  expect(heard("", "crown")).toEqual({ place: undefined, mm: undefined });
});
