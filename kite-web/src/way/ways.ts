import type { Cost, School } from "../api/types";

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
    title: "Outline",
    why: "Outline first keeps the length safe; inside first lets the line fall where the shape puts it.",
    choices: [
      ["insideFirst", "inside first"],
      ["outlineFirst", "outline first"],
    ],
  },
  {
    about: "begin",
    title: "Begin with",
    why: "Top first unloads the comb; back first gives the guide everywhere.",
    choices: [
      ["sides", "sides"],
      ["back", "back"],
      ["top", "top"],
    ],
  },
  {
    about: "fringe",
    title: "Fringe",
    why: "Early it leads the shape; last and dry it shows its true length.",
    choices: [
      ["first", "first"],
      ["middle", "in the middle"],
      ["last", "last and dry"],
    ],
  },
  {
    about: "taper",
    title: "Taper",
    why: "After drying it answers the finished top; before, it is quicker.",
    choices: [
      ["beforeDrying", "before drying"],
      ["afterDrying", "after drying"],
    ],
  },
  {
    about: "work",
    title: "Short sides",
    why: "Attachments are quick and even; comb work has no bands to blend.",
    choices: [
      ["attachments", "attachments"],
      ["comb", "comb work"],
    ],
  },
  {
    about: "knuckle",
    title: "Along the fingers",
    why: "Past the knuckle tension is lost, but a panel takes fewer bites.",
    choices: [
      ["first", "to the first knuckle"],
      ["second", "to the second"],
      ["past", "past it"],
    ],
  },
  {
    about: "crossCheck",
    title: "Checking",
    why: "Checking finds errors; small bites make few.",
    choices: [
      ["everySection", "every section"],
      ["smallBites", "small bites instead"],
    ],
  },
  {
    about: "firmness",
    title: "Hold",
    why: "Firm is even; without tension nothing springs up.",
    choices: [
      ["firm", "firm"],
      ["none", "no tension"],
    ],
  },
  {
    about: "product",
    title: "Product",
    why: "In first, hair dries the way it is worn; last, it shows what the cut alone does.",
    choices: [
      ["first", "in before drying"],
      ["last", "into dry hair"],
    ],
  },
  {
    about: "cowlick",
    title: "Cowlick",
    why: "Short it stands with the rest; long its own weight lays it down.",
    choices: [
      ["short", "short, supported"],
      ["long", "left long"],
    ],
  },
];

const LEAST = { minutes: 0.5, driftMm: 0.05, grams: 0.5 };

/** What a choice costs in a few words; nothing when it makes no difference that is felt. */
export function costWords(c: Cost | undefined): string[] {
  if (!c) return [];
  const out: string[] = [];
  if (Math.abs(c.minutes) >= LEAST.minutes)
    out.push(`${Math.abs(c.minutes).toFixed(0)} min ${c.minutes > 0 ? "more" : "less"}`);
  if (Math.abs(c.driftMm) >= LEAST.driftMm)
    out.push(`${Math.abs(c.driftMm).toFixed(1)} mm ${c.driftMm > 0 ? "less even" : "more even"}`);
  if (Math.abs(c.grams) >= LEAST.grams)
    out.push(`${Math.abs(c.grams).toFixed(0)} g ${c.grams > 0 ? "heavier" : "lighter"}`);
  return out;
}
