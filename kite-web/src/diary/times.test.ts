import { expect, it } from "vitest";
import { clock, dayOf, minuteOf, moment, mondayOf, snapped } from "../parts/times";

const ZONE = "Europe/Amsterdam";

it("a time of the shop is the same moment wherever the page is looked at", () => {
  // Winter: an hour before UTC; summer: two. Common knowledge of the zone.
  expect(moment("2026-11-25", 9 * 60 + 30, ZONE)).toBe("2026-11-25T08:30:00.000Z");
  expect(moment("2026-07-01", 9 * 60 + 30, ZONE)).toBe("2026-07-01T07:30:00.000Z");
  expect(minuteOf("2026-11-25T08:30:00Z", ZONE)).toBe(9 * 60 + 30);
  expect(dayOf("2026-11-25T23:30:00Z", ZONE)).toBe("2026-11-26");
});

it("on the night the clocks go back, a morning's time is still its own", () => {
  expect(moment("2026-10-25", 9 * 60, ZONE)).toBe("2026-10-25T08:00:00.000Z");
  expect(moment("2026-10-24", 9 * 60, ZONE)).toBe("2026-10-24T07:00:00.000Z");
});

it("weeks begin on Monday, times come in steps of five minutes", () => {
  expect(mondayOf("2026-11-29")).toBe("2026-11-23");
  expect(mondayOf("2026-11-23")).toBe("2026-11-23");
  expect(snapped(572)).toBe(570);
  expect(snapped(573)).toBe(575);
  expect(clock(575)).toBe("09:35");
});
