import type { Field } from "./readSit";

/** What the sit-down's head can be painted with. */
export const COATS = {
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
