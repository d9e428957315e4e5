import type { Cut } from "../api/types";
import { worded } from "../words/worded";

/** What a place was last shaped with; each has its own colour, the same on head, map and profile. */
export const TOOLS = {
  none: { name: worded("tools.left-as-it-is"), colour: "#e6dcc8" },
  fingers: { name: worded("tools.over-the-fingers"), colour: "#6f93c4" },
  comb: { name: worded("tools.over-the-comb"), colour: "#4d9c86" },
  guard: { name: "guard", colour: "#d9a13b" },
  edge: { name: "outline", colour: "#c2583f" },
  texture: { name: "texture", colour: "#8d6aa8" },
} as const;

export type Tool = keyof typeof TOOLS;

export const toolOf = (cut: Cut): Tool =>
  (({ aside: "none", spot: "fingers", fade: "guard", strokes: "comb" }) as const)[
    cut.kind as "aside" | "spot" | "fade" | "strokes"
  ] ?? (cut.kind as Tool);

/** The least that is a cut, as on the server. */
const CUT_MM = 0.05;
// Lengths come in twentieths of a millimetre, each rounded by itself.
const ROUNDED_MM = 0.01;

/** Whether hair of such lengths before and after was cut between. */
export const wasCut = (beforeMm: number, afterMm: number): boolean =>
  beforeMm - afterMm > CUT_MM + ROUNDED_MM;

/** The last of some moves that shortened the hair at one of its places; −1 when none did. */
export function lastCut(lengths: (step: number) => ArrayLike<number>, steps: number, at: number): number {
  for (let m = steps; m > 0; m--) {
    if (wasCut(lengths(m - 1)[at] as number, lengths(m)[at] as number)) return m - 1;
  }
  return -1;
}
