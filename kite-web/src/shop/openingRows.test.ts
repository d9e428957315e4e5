import { expect, test } from "vitest";
import { daysOf, ruleOf, short, toggled } from "./openingRows";

const row = { rule: "FREQ=WEEKLY;BYDAY=TU,WE", since: "2026-01-05", from: "09:00:00", to: "18:00:00" };

test("days of a week are read from a rule and written back in order", () => {
  expect(daysOf(row.rule)).toEqual(["TU", "WE"]);
  expect(ruleOf(["SA", "MO"])).toBe("FREQ=WEEKLY;BYDAY=MO,SA");
  expect(daysOf("FREQ=DAILY")).toHaveLength(7);
});

test("a rule that is more than days of a week is left as it is", () => {
  expect(daysOf("FREQ=WEEKLY;INTERVAL=2;BYDAY=SA")).toBeNull();
  expect(daysOf("FREQ=MONTHLY;BYDAY=1FR")).toBeNull();
});

test("a day is put in and taken out", () => {
  expect(toggled(row, "SU").rule).toBe("FREQ=WEEKLY;BYDAY=TU,WE,SU");
  expect(toggled(row, "TU").rule).toBe("FREQ=WEEKLY;BYDAY=WE");
  expect(short(row.from)).toBe("09:00");
});
