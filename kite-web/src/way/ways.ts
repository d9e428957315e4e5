import type { Cost, School } from "../api/types";
import { worded } from "../words/worded";

/** One thing stylists differ in: its choices and what speaks for each; common practice. */
export type Difference = {
  about: Exclude<keyof School, "biteMm">;
  title: string;
  why: string;
  choices: readonly (readonly [id: string, title: string])[];
};

export const DIFFERENCES: readonly Difference[] = [
  {
    about: "outline",
    title: worded("ways.outline"),
    why: worded("ways.outline-first-keeps-the"),
    choices: [
      ["insideFirst", worded("ways.inside-first")],
      ["outlineFirst", worded("ways.outline-first")],
    ],
  },
  {
    about: "begin",
    title: worded("ways.begin-with"),
    why: worded("ways.top-first-unloads-the"),
    choices: [
      ["sides", worded("ways.sides")],
      ["back", worded("common.back")],
      ["top", worded("ways.top")],
    ],
  },
  {
    about: "fringe",
    title: worded("ways.fringe"),
    why: worded("ways.early-it-leads-the"),
    choices: [
      ["first", worded("ways.first")],
      ["middle", worded("ways.in-the-middle")],
      ["last", worded("ways.last-and-dry")],
    ],
  },
  {
    about: "taper",
    title: worded("ways.taper"),
    why: worded("ways.after-drying-it-answers"),
    choices: [
      ["beforeDrying", worded("ways.before-drying")],
      ["afterDrying", worded("ways.after-drying")],
    ],
  },
  {
    about: "work",
    title: worded("ways.short-sides"),
    why: worded("ways.attachments-are-quick-and"),
    choices: [
      ["attachments", worded("ways.attachments")],
      ["comb", worded("ways.comb-work")],
    ],
  },
  {
    about: "knuckle",
    title: worded("ways.along-the-fingers"),
    why: worded("ways.past-the-knuckle-tension"),
    choices: [
      ["first", worded("ways.to-the-first-knuckle")],
      ["second", worded("ways.to-the-second")],
      ["past", worded("ways.past-it")],
    ],
  },
  {
    about: "crossCheck",
    title: worded("ways.checking"),
    why: worded("ways.checking-finds-errors-small"),
    choices: [
      ["everySection", worded("ways.every-section")],
      ["smallBites", worded("ways.small-bites-instead")],
    ],
  },
  {
    about: "firmness",
    title: worded("ways.hold"),
    why: worded("ways.firm-is-even-without"),
    choices: [
      ["firm", worded("ways.firm")],
      ["none", worded("ways.no-tension")],
    ],
  },
  {
    about: "product",
    title: worded("ways.product"),
    why: worded("ways.in-first-hair-dries"),
    choices: [
      ["first", worded("ways.in-before-drying")],
      ["last", worded("ways.into-dry-hair")],
    ],
  },
  {
    about: "cowlick",
    title: worded("ways.cowlick"),
    why: worded("ways.short-it-stands-with"),
    choices: [
      ["short", worded("ways.short-supported")],
      ["long", worded("ways.left-long")],
    ],
  },
];

const LEAST = { minutes: 0.5, driftMm: 0.05, grams: 0.5 };

/** What a choice costs in a few words; nothing when it makes no difference that is felt. */
export function costWords(c: Cost | undefined): string[] {
  if (!c) return [];
  const out: string[] = [];
  if (Math.abs(c.minutes) >= LEAST.minutes)
    out.push(
      worded("ways.min", {
        minutes: Math.abs(c.minutes).toFixed(0),
        minutes2: c.minutes > 0 ? "more" : "less",
      }),
    );
  if (Math.abs(c.driftMm) >= LEAST.driftMm)
    out.push(
      worded("ways.mm", {
        driftMm: Math.abs(c.driftMm).toFixed(1),
        driftMm2: c.driftMm > 0 ? worded("ways.less-even") : worded("ways.more-even"),
      }),
    );
  if (Math.abs(c.grams) >= LEAST.grams)
    out.push(`${Math.abs(c.grams).toFixed(0)} g ${c.grams > 0 ? "heavier" : "lighter"}`);
  return out;
}
