import { expect, it } from "vitest";
import { allOne, apart, oneLength, otherSide, TAPED, withPlace } from "./taped";

it("takes the other side along unless they are apart on purpose", () => {
  expect(withPlace({}, "templeLeft", 50, false)).toEqual({ templeLeft: 50, templeRight: 50 });
  expect(withPlace({ templeRight: 40 }, "templeLeft", 50, true)).toEqual({ templeLeft: 50, templeRight: 40 });
  expect(withPlace({ earTopLeft: 9, earTopRight: 9, apex: 7 }, "earTopRight", undefined, false)).toEqual({
    apex: 7,
  });
});

it("leaves the middle and what is taped on one side alone to themselves", () => {
  expect(otherSide("apex")).toBeUndefined();
  expect(otherSide("napeCornerLeft")).toBeUndefined();
  expect(withPlace({}, "nape", 20, false)).toEqual({ nape: 20 });
});

it("knows sides that were measured unlike", () => {
  expect(apart({ templeLeft: 50, templeRight: 50 })).toBe(false);
  expect(apart({ templeLeft: 50 })).toBe(false);
  expect(apart({ ridgeLeft: 50, ridgeRight: 44 })).toBe(true);
});

it("sets all to one length, and knows when it is one", () => {
  expect(Object.keys(allOne(12))).toHaveLength(TAPED.length);
  expect(oneLength(allOne(12))).toBe(12);
  expect(oneLength({ apex: 12, nape: 13 })).toBeUndefined();
  expect(oneLength({})).toBeUndefined();
});
