import { addDays, format, parseISO, startOfWeek } from "date-fns";
import { formatInTimeZone, fromZonedTime } from "date-fns-tz";

/** A day's date as 2026-11-25. */
export type Day = string;

export const STEP_MIN = 5;

/** Minutes since midnight in the shop's zone. */
export function minuteOf(at: string, zone: string): number {
  const [h, m] = formatInTimeZone(at, zone, "HH:mm").split(":").map(Number);
  return (h as number) * 60 + (m as number);
}

export const dayOf = (at: string, zone: string): Day => formatInTimeZone(at, zone, "yyyy-MM-dd");

/** The moment at so many minutes past midnight of a day in the shop's zone. */
export function moment(day: Day, minute: number, zone: string): string {
  const two = (n: number) => String(n).padStart(2, "0");
  return fromZonedTime(`${day}T${two(Math.floor(minute / 60))}:${two(minute % 60)}:00`, zone).toISOString();
}

export const clock = (minute: number): string =>
  `${String(Math.floor(minute / 60)).padStart(2, "0")}:${String(minute % 60).padStart(2, "0")}`;

export const shifted = (day: Day, by: number): Day => format(addDays(parseISO(day), by), "yyyy-MM-dd");

export const mondayOf = (day: Day): Day =>
  format(startOfWeek(parseISO(day), { weekStartsOn: 1 }), "yyyy-MM-dd");

export const long = (day: Day): string => format(parseISO(day), "EEEE d MMMM");
export const short = (day: Day): string => format(parseISO(day), "EEE d");

/** To the steps appointments are kept in, within a day. */
export const snapped = (minute: number): number =>
  Math.min(23 * 60, Math.max(0, Math.round(minute / STEP_MIN) * STEP_MIN));
