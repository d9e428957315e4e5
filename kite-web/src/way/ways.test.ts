import { expect, test } from "vitest";
import { costWords, DIFFERENCES } from "./ways";

test("what a choice costs is said in minutes, evenness and weight, and nothing that is not felt", () => {
  expect(costWords({ about: "knuckle", choice: "past", minutes: -4.6, driftMm: 0.31, grams: 0 })).toEqual([
    "5 min less",
    "0.3 mm less even",
  ]);
  expect(costWords({ about: "cowlick", choice: "long", minutes: 0.2, driftMm: 0.01, grams: 2.4 })).toEqual([
    "2 g heavier",
  ]);
  expect(costWords({ about: "begin", choice: "top", minutes: 0, driftMm: 0, grams: 0 })).toEqual([]);
  expect(costWords(undefined)).toEqual([]);
});

test("every difference offers more than one way, and a reason", () => {
  for (const d of DIFFERENCES) {
    expect(d.choices.length).toBeGreaterThan(1);
    expect(d.why).toMatch(/\.$/);
  }
});
