import { rangeAt, within } from "../api/range";
import type { Cut } from "../api/types";
import { leastStep, lengthStep, toMm, toShown, type Units, unitOf } from "../store/units";
import { worded } from "../words/worded";
import { BLADES, LAYERS, OVER_COMB } from "./blades";
import { GUIDES, HOLDS, newGuide, newHold } from "./FingersPanel";
import { NAPE_FORMS } from "./napeForms";
import { FACINGS } from "./places";

/** How a number or choice of a cut is changed where it stands in the sentence. */
export type Changed =
  | {
      kind: "number";
      label: string;
      value: number;
      step: number | ((value: number) => number);
      least?: number | undefined;
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
  "line.lengthMm": worded("common.length"),
  "line.farMm": worded("numbers.length-at-the-far"),
  biteMm: worded("common.bite"),
  "hand.first.lengthMm": worded("numbers.left-at-the-lower"),
};
/** Label and step; what a number may be stands in the contract. */
const PLAIN: Record<string, [label: string, step: number]> = {
  "hold.elevationDeg": [worded("numbers.elevation"), 15],
  "line.fingerDeg": [worded("numbers.finger-angle"), 5],
  "line.fallsDeg": [worded("numbers.falls-toward-the-back"), 5],
  rollDeg: [worded("numbers.fingers-rolled-up"), 5],
  "hand.first.elevationDeg": [worded("numbers.lifted-first-to"), 15],
  "hand.tuck.deg": [worded("numbers.in-below-0-or"), 5],
  leverMm: [worded("numbers.lever-adds"), 0.5],
  "parting.slopeDeg": [worded("numbers.parting-slopes"), 5],
  "parting.panels": [worded("numbers.panels"), 1],
  "turn.atMm": [worded("numbers.turned-off-the-head"), 1],
  gapMm: [worded("numbers.off-the-skin-at"), 0.5],
  outDeg: [worded("numbers.comb-leans-off-the"), 1],
  number: [worded("numbers.guard-number"), 0.5],
  passes: [worded("numbers.passes"), 1],
  depthMm: [worded("numbers.deepest-cut-from-the"), 1],
  sideburnMm: [worded("numbers.high-at-the-sideburn"), 1],
  behindEarMm: [worded("numbers.high-behind-the-ear"), 1],
  napeMm: [worded("numbers.high-at-the-nape"), 1],
  "left.sideburnMm": [worded("numbers.high-at-the-sideburn"), 1],
  "left.behindEarMm": [worded("numbers.high-behind-the-ear"), 1],
  "outline.lengthMm": [worded("numbers.at-the-hairline"), 0.5],
  "outline.farMm": [worded("numbers.where-the-taper-ends"), 0.5],
  "outline.sideburnMm": [worded("numbers.high-at-the-sideburn"), 1],
  "outline.behindEarMm": [worded("numbers.high-behind-the-ear"), 1],
  "outline.napeMm": [worded("numbers.high-at-the-nape"), 1],
};
/** How far an outline is raised, in the words of each. */
export const RAISE = {
  halfMoon: [worded("numbers.off-the-ear"), within("halfMoon", "raiseMm")],
  sideburn: [worded("numbers.above-its-natural-end"), within("sideburnEnd", "raiseMm")],
  nape: [worded("numbers.above-the-hairline"), within("napeLine", "raiseMm")],
} as const;

const readAt = (cut: Cut, path: string): unknown =>
  path.split(".").reduce<unknown>((at, k) => (at as Record<string, unknown> | undefined)?.[k], cut);

/** A length told in millimetres whatever the units, in whole ones. */
const inMm = (label: string, value: number, { min, max }: { min: number; max: number }): Changed => ({
  kind: "number",
  label,
  value,
  step: 1,
  min,
  max,
  unit: "mm",
  toDocument: (v) => v,
});

/** What may be said at a place of a cut; nothing for a place the page does not know. */
export function changedAt(cut: Cut, path: string, units: Units): Changed | undefined {
  const value = readAt(cut, path);
  const range = rangeAt(cut, path);
  const label = LENGTHS[path];
  if (label !== undefined && range) {
    const { min, max } = range;
    const inches = units === "inch";
    const bite = path === "biteMm";
    if (bite && !inches) return inMm(label, value as number, range);
    return {
      kind: "number",
      label,
      value: toShown(value as number, units),
      step: bite ? 0.125 : lengthStep(units),
      least: bite ? undefined : leastStep(units),
      min: bite ? 0.125 : toShown(min, units),
      max: toShown(max, units),
      unit: unitOf(units),
      toDocument: (v) => toMm(v, units),
    };
  }
  if (path === "outline.raiseMm" && cut.kind === "edge" && cut.outline.kind in RAISE) {
    const [label, reach] = RAISE[cut.outline.kind as keyof typeof RAISE];
    return inMm(label, value as number, reach);
  }
  if (path === "share" && range)
    return {
      kind: "number",
      label: worded("numbers.share-of-the-hairs"),
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
    return pick(worded("numbers.held"), HOLDS, "hold", (v) => newHold(v as (typeof HOLDS)[number][0]));
  if (path === "guide.kind" && cut.kind === "fingers")
    return pick(worded("numbers.guide"), GUIDES, "guide", (v) => newGuide(v as (typeof GUIDES)[number][0]));
  if (path === "tension")
    return pick(worded("numbers.held-how"), [
      ["firm", worded("numbers.firmly")],
      ["none", worded("numbers.without-tension")],
    ]);
  if (path === "parting.toward") return pick(worded("numbers.working"), FACINGS);
  if (path === "outline.form") return pick(worded("common.nape-shape"), NAPE_FORMS);
  if (path === "tool" && cut.kind === "comb")
    return pick(worded("common.tool"), [
      ["clipper", worded("numbers.clipper")],
      ["scissors", worded("numbers.scissors")],
    ]);
  if (path === "blade")
    return pick(
      worded("common.cut"),
      cut.kind === "comb" ? BLADES.filter(([b]) => OVER_COMB.has(b)) : BLADES,
    );
  if (path === "layer") return pick(worded("numbers.of-the-hair"), LAYERS);
  if (path === "grain")
    return pick(worded("numbers.grain"), [
      ["with", worded("numbers.with-the-grain")],
      ["against", worded("numbers.against-the-grain")],
    ]);
  return undefined;
}
