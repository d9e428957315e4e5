import { lengthWords, type Units } from "../store/units";
import type { Field } from "./readSit";

/** What the sit-down's head can be painted with. */
export const COATS = {
  hair: { title: "As it falls", field: "length", from: 0, to: 1 },
  growth: { title: "Growth", field: "length", from: 0, to: 1 },
  length: { title: "Length", field: "length", from: 0, to: 1 },
  density: { title: "Density", field: "density", from: 60, to: 340 },
  diameter: { title: "Thickness", field: "diameter", from: 40, to: 105 },
  curl: { title: "Curl", field: "curl", from: 1, to: 0.4 },
} as const satisfies Record<string, { title: string; field: Field; from: number; to: number }>;

export type Coat = keyof typeof COATS;

/** Where a number stands between the palest and the darkest of its coat, 0 to 1. */
export function shareOf(coat: Coat, value: number): number {
  const { from, to } = COATS[coat];
  return Math.max(0, Math.min(1, (value - from) / (to - from)));
}

/** What the colours of a coat mean. */
export function legend(coat: Coat, units: Units): string {
  const { from, to } = COATS[coat];
  switch (coat) {
    case "hair":
      return "The hair as it hangs today.";
    case "growth":
      return "Each stroke lies the way the hair grows.";
    case "length":
      return `Lines at ${[30, 40, 50, 60, 80, 100].map((l) => lengthWords(l, units)).join(", ")} …; darker is longer.`;
    case "density":
      return `Pale ${from}, dark ${to} hairs a cm².`;
    case "diameter":
      return `Pale ${from} µm, dark ${to} µm.`;
    case "curl":
      return `Pale straight, dark drying to ${Math.round(to * 100)} % of its length.`;
  }
}
