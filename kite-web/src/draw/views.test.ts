import { expect, it } from "vitest";
import { viewOn } from "./views";

it.each([
  [[0, 90, 60], "front"],
  [[-75, 0, 20], "left"],
  [[75, -10, 20], "right"],
  [[0, -95, 0], "back"],
  [[10, 0, 140], "top"],
] as const)("a place at %s is looked at from its side", (at, view) => {
  expect(viewOn(at)).toBe(view);
});

it("a place nobody knows is looked for in front", () => {
  expect(viewOn(undefined)).toBe("front");
});
