import { expect, it } from "vitest";
import { dayAndTimeTold, dayTold, momentTold, tellTimesIn, timeTold } from "./shopTime";

it("tells times as the shop's clock has them, on whatever device", () => {
  const late = "2026-12-01T23:30:00Z";
  tellTimesIn("Europe/Paris");
  expect(timeTold(late)).toBe("00:30");
  expect(dayTold(late)).toBe("2 Dec 2026");
  tellTimesIn("America/New_York");
  expect(timeTold(late)).toBe("18:30");
  expect(dayTold(late)).toBe("1 Dec 2026");
  expect(momentTold(late)).toBe("1 Dec 2026, 18:30");
  expect(dayAndTimeTold(late)).toMatch(/^Tuesday,? 1 December at 18:30$/);
});
