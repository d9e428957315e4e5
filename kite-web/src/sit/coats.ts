import type { Field } from "../parts/readSit";
import { lengthWords, type Units } from "../store/units";
import { worded } from "../words/worded";

/** What the sit-down's head can be painted with. */
export const COATS = {
  hair: { title: worded("coats.as-it-falls"), field: "length", from: 0, to: 1 },
  growth: { title: worded("coats.growth"), field: "length", from: 0, to: 1 },
  length: { title: worded("common.length"), field: "length", from: 0, to: 1 },
  density: { title: worded("coats.density"), field: "density", from: 60, to: 340 },
  diameter: { title: worded("coats.thickness"), field: "diameter", from: 40, to: 105 },
  curl: { title: worded("coats.curl"), field: "curl", from: 1, to: 0.4 },
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
      return worded("coats.the-hair-as-it");
    case "growth":
      return worded("coats.each-stroke-lies-the");
    case "length":
      return worded("coats.lines-at-darker-is", {
        map: [30, 40, 50, 60, 80, 100].map((l) => lengthWords(l, units)).join(", "),
      });
    case "density":
      return worded("coats.pale-dark-hairs-a", { from, to });
    case "diameter":
      return worded("coats.pale-m-dark-m", { from, to });
    case "curl":
      return worded("coats.pale-straight-dark-drying", { to: Math.round(to * 100) });
  }
}
