import { afterEach, expect, it } from "vitest";
import { chairSession, endChair, keepChair } from "./chairStore";

afterEach(() => localStorage.clear());

it("a reload goes on where the work stood, with the same token", () => {
  const first = chairSession(3);
  keepChair(3, { ...first, index: 4, done: 4 });
  expect(chairSession(3)).toEqual({ ...first, index: 4, done: 4 });
});

it("each plan has its own, and the end of a visit ends it", () => {
  keepChair(3, chairSession(3));
  expect(chairSession(4).token).not.toBe(chairSession(3).token);
  const token = chairSession(3).token;
  endChair(3);
  expect(chairSession(3).token).not.toBe(token);
});
