import { expect, it } from "vitest";
import { FIRST_SHARE, nextShare } from "./movingShare";

/** A machine whose frame takes so long with every strand there is, and some whatever is drawn. */
const frameMs = (share: number, allMs: number) => 12 + share * allMs;

it("comes to thirty frames a second where fewer strands can bring it there", () => {
  for (const allMs of [60, 90, 130, 180]) {
    let share = FIRST_SHARE;
    for (let i = 0; i < 40; i++) share = nextShare(share, frameMs(share, allMs));
    expect(frameMs(share, allMs)).toBeLessThan(1000 / 30);
  }
});

it("draws as many as ever where there is time, and never less than a tenth", () => {
  let share = FIRST_SHARE;
  for (let i = 0; i < 40; i++) share = nextShare(share, 16);
  expect(share).toBe(FIRST_SHARE);
  for (let i = 0; i < 40; i++) share = nextShare(share, 90);
  expect(share).toBe(0.1);
  for (let i = 0; i < 60; i++) share = nextShare(share, 16);
  expect(share).toBe(FIRST_SHARE);
});

it("makes nothing of a hand that pauses", () => {
  expect(nextShare(0.2, 900)).toBe(0.2);
});
