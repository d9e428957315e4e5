import { rangeAt, within } from "../api/range";
import type { Cut } from "../api/types";
import { stepOf, toMm, toShown, type Units, unitOf } from "../store/units";
import { BLADES, LAYERS, OVER_COMB } from "./blades";
import { GUIDES, HOLDS, newGuide, newHold } from "./FingersPanel";
import { NAPE_FORMS } from "./napeForms";

/** How a number or choice of a cut is changed where it stands in the sentence. */
export type Changed =
  | {
      kind: "number";
      label: string;
      value: number;
      step: number;
      min: number;
      max: number;
      unit: string;
      toDocument: (shown: number) => unknown;
    }
  | {
      kind: "pick";
      label: string;
      value: string;
      options: readonly (readonly [string, string])[];
      /** Where the choice stands, when it is more than the one word. */
      at: string;
      toDocument: (picked: string) => unknown;
    };

const LENGTHS: Record<string, string> = {
  "line.lengthMm": "Length",
  "line.farMm": "Length at the far end",
  biteMm: "Bite",
  "hand.first.lengthMm": "Left at the lower edge, lifted",
};
/** Label and step; what a number may be stands in the contract. */
const PLAIN: Record<string, [label: string, step: number]> = {
  "hold.elevationDeg": ["Elevation", 15],
  "line.fingerDeg": ["Finger angle", 5],
  "line.fallsDeg": ["Falls toward the back", 5],
  rollDeg: ["Fingers rolled up", 5],
  "hand.first.elevationDeg": ["Lifted first to", 15],
  "hand.tuck.deg": ["In (below 0) or out", 5],
  leverMm: ["Lever adds", 0.5],
  gapMm: ["Off the skin at the start", 0.5],
  outDeg: ["Comb leans off the head", 1],
  number: ["Guard number", 0.5],
  passes: ["Passes", 1],
  depthMm: ["Deepest cut from the ends", 1],
  "outline.lengthMm": ["At the hairline", 0.5],
  "outline.farMm": ["Where the taper ends", 0.5],
  "outline.sideburnMm": ["High at the sideburn", 1],
  "outline.behindEarMm": ["High behind the ear", 1],
  "outline.napeMm": ["High at the nape", 1],
};
/** How far an outline is raised, in the words of each. */
export const RAISE = {
  halfMoon: ["Off the ear", within("halfMoon", "raiseMm")],
  sideburn: ["Above its natural end", within("sideburnEnd", "raiseMm")],
  nape: ["Above the hairline", within("napeLine", "raiseMm")],
} as const;

const readAt = (cut: Cut, path: string): unknown =>
  path.split(".").reduce<unknown>((at, k) => (at as Record<string, unknown> | undefined)?.[k], cut);

/** What may be said at a place of a cut; nothing for a place the page does not know. */
export function changedAt(cut: Cut, path: string, units: Units): Changed | undefined {
  const value = readAt(cut, path);
  const range = rangeAt(cut, path);
  const label = LENGTHS[path];
  if (label !== undefined && range) {
    const { min, max } = range;
    const inches = units === "inch";
    const bite = path === "biteMm";
    if (bite && !inches)
      return {
        kind: "number",
        label,
        value: value as number,
        step: 1,
        min,
        max,
        unit: "mm",
        toDocument: (v) => v,
      };
    return {
      kind: "number",
      label,
      value: toShown(value as number, units),
      step: bite ? 0.125 : stepOf(units),
      min: bite ? 0.125 : toShown(min, units),
      max: toShown(max, units),
      unit: unitOf(units),
      toDocument: (v) => toMm(v, units),
    };
  }
  if (path === "outline.raiseMm" && cut.kind === "edge" && cut.outline.kind in RAISE) {
    const [label, { min, max }] = RAISE[cut.outline.kind as keyof typeof RAISE];
    return {
      kind: "number",
      label,
      value: value as number,
      step: 1,
      min,
      max,
      unit: "mm",
      toDocument: (v) => v,
    };
  }
  if (path === "share" && range)
    return {
      kind: "number",
      label: "Share of the hairs",
      value: Math.round(100 * (value as number)),
      step: 5,
      min: Math.round(100 * range.min),
      max: Math.round(100 * range.max),
      unit: "%",
      toDocument: (v) => v / 100,
    };
  const plain = PLAIN[path];
  if (plain && range && typeof value === "number") {
    const [label, step] = plain;
    return { kind: "number", label, value, step, ...range, toDocument: (v) => v };
  }
  return picked(cut, path, value);
}

function picked(cut: Cut, path: string, value: unknown): Changed | undefined {
  const pick = (
    label: string,
    options: readonly (readonly [string, string])[],
    at = path,
    toDocument: (v: string) => unknown = (v) => v,
  ): Changed => ({ kind: "pick", label, value: String(value), options, at, toDocument });
  if (path === "hold.kind" && cut.kind === "fingers")
    return pick("Held", HOLDS, "hold", (v) => newHold(v as (typeof HOLDS)[number][0]));
  if (path === "guide.kind" && cut.kind === "fingers")
    return pick("Guide", GUIDES, "guide", (v) => newGuide(v as (typeof GUIDES)[number][0]));
  if (path === "outline.form") return pick("Nape shape", NAPE_FORMS);
  if (path === "tool" && cut.kind === "comb")
    return pick("Tool", [
      ["clipper", "clipper"],
      ["scissors", "scissors"],
    ]);
  if (path === "blade")
    return pick("Cut", cut.kind === "comb" ? BLADES.filter(([b]) => OVER_COMB.has(b)) : BLADES);
  if (path === "layer") return pick("Of the hair", LAYERS);
  if (path === "grain")
    return pick("Grain", [
      ["with", "with the grain"],
      ["against", "against the grain"],
    ]);
  return undefined;
}
