import type { OpeningRow } from "../api/types";

export const DAYS = ["MO", "TU", "WE", "TH", "FR", "SA", "SU"] as const;
export type Weekday = (typeof DAYS)[number];

/** The days of a rule that is nothing but some days of every week; null for any other rule. */
export function daysOf(rule: string): Weekday[] | null {
  if (rule === "FREQ=DAILY") return [...DAYS];
  const found = /^FREQ=WEEKLY;BYDAY=((?:MO|TU|WE|TH|FR|SA|SU)(?:,(?:MO|TU|WE|TH|FR|SA|SU))*)$/.exec(rule);
  return found ? (found[1] as string).split(",").map((d) => d as Weekday) : null;
}

export const ruleOf = (days: readonly Weekday[]): string =>
  `FREQ=WEEKLY;BYDAY=${DAYS.filter((d) => days.includes(d)).join(",")}`;

/** The row with a day put in or taken out; a row without days is left out by whoever keeps it. */
export function toggled(row: OpeningRow, day: Weekday): OpeningRow {
  const days = daysOf(row.rule) ?? [];
  const next = days.includes(day) ? days.filter((d) => d !== day) : [...days, day];
  return { ...row, rule: ruleOf(next) };
}

/** Hours and minutes alone. */
export const short = (time: string): string => time.slice(0, 5);
