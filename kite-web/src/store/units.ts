import type { PersonView } from "../api/types";

/** Lengths as the stylist reads them. 1 in = 25.4 mm. */
export const MM_PER_INCH = 25.4;

export type Units = PersonView["units"];

export const unitOf = (u: Units): string => (u === "inch" ? "in" : "cm");

export const toShown = (mm: number, u: Units): number =>
  u === "inch" ? Math.round((mm / MM_PER_INCH) * 8) / 8 : Math.round(mm) / 10;

export const toMm = (shown: number, u: Units): number => (u === "inch" ? shown * MM_PER_INCH : shown * 10);

export const stepOf = (u: Units): number => (u === "inch" ? 0.125 : 0.5);

/** Shorter than this a millimetre is seen. */
const SHORT_CM = 3;

/** By how much a length is stepped where it stands: by millimetres while it is short, in inches by eighths. */
export const lengthStep =
  (u: Units) =>
  (shown: number): number =>
    u === "inch" || shown >= SHORT_CM ? stepOf(u) : 0.1;

/** The shortest length that is stepped to: to nothing is typed. */
export const leastStep = (u: Units): number => lengthStep(u)(0);

const EIGHTHS = ["", "1/8", "1/4", "3/8", "1/2", "5/8", "3/4", "7/8"];

/** As the server words them; both are held to contract/vectors/lengths.json. */
export function lengthWords(mm: number, u: Units): string {
  const words = wordsAbove(Math.abs(mm), u);
  return mm >= 0 || words.startsWith("0 ") ? words : `−${words}`;
}

function wordsAbove(mm: number, u: Units): string {
  if (u === "cm") {
    const whole = Math.round(mm);
    return whole < 10 ? `${whole} mm` : `${Math.floor(whole / 10)}.${whole % 10} cm`;
  }
  const eighths = Math.round((mm / MM_PER_INCH) * 8);
  const whole = Math.floor(eighths / 8);
  const rest = EIGHTHS[eighths % 8] ?? "";
  return `${rest === "" ? whole : whole === 0 ? rest : `${whole} ${rest}`} in`;
}
