import type { Outcome } from "../api/binary";
import type { CoatRow, Cut, Ramp } from "../api/types";
import { worded } from "../words/worded";
import { lastCut, TOOLS, toolOf } from "./tools";

/** What the head is painted with. */
export const COATS = {
  length: worded("common.length"),
  change: worded("coats.taken-off"),
  weight: worded("coats.weight"),
  tool: worded("common.tool"),
  risk: worded("coats.likely-error"),
  density: worded("coats.density"),
  diameter: worded("coats.thickness"),
} as const;

export type Coat = keyof typeof COATS;

/** Coats the server works out; the others come of the lengths. */
export const asksServer = (c: Coat): c is "weight" | "risk" | "density" | "diameter" =>
  c === "weight" || c === "risk" || c === "density" || c === "diameter";

/** A coat of paint ready to lay on: a number at every vertex with its bands, or a colour at every vertex. */
export type Paint =
  | { kind: "bands"; values: Float32Array; levels: number[]; colours: string[]; labelled: boolean }
  | { kind: "kinds"; tones: Float32Array };

/** How much came off, between round amounts. */
const CHANGE_MM = [2, 5, 10, 20, 40, 80, 120];

export const lengthPaint = (values: Float32Array, ramp: Ramp): Paint => ({
  kind: "bands",
  values,
  levels: ramp.levelsMm,
  colours: ramp.colours,
  labelled: true,
});

export function changePaint(before: Float32Array, after: Float32Array, risk: CoatRow): Paint {
  const values = before.map((b, i) => Math.max(0, b - (after[i] as number)));
  return { kind: "bands", values, levels: CHANGE_MM, colours: risk.colours, labelled: true };
}

export const coatPaint = (values: Float32Array, row: CoatRow): Paint => ({
  kind: "bands",
  values,
  levels: row.levels,
  colours: row.colours,
  labelled: false,
});

/** 0 to 1 each, red, green, blue. */
export function rgb(hex: string): [number, number, number] {
  const n = Number.parseInt(hex.slice(1), 16);
  return [(n >> 16) / 255, ((n >> 8) & 255) / 255, (n & 255) / 255];
}

export function toolPaint(outcome: Outcome, cuts: Cut[], steps: number): Paint {
  const n = outcome.state(0).length;
  const tones = new Float32Array(3 * n);
  for (let v = 0; v < n; v++) {
    const m = lastCut(outcome.state, steps, v);
    const cut = m < 0 ? undefined : cuts[m];
    tones.set(rgb(TOOLS[cut ? toolOf(cut) : "none"].colour), 3 * v);
  }
  return { kind: "kinds", tones };
}
