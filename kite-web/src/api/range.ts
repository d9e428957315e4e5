import { KINDS, PARTS, RANGES } from "./ranges";

export type Range = { min: number; max: number; unit: string };

type Ranges = typeof RANGES;

/** What a number may be, named: a part of a document and a field of it. */
export function within<P extends keyof Ranges>(
  part: P,
  field: keyof Ranges[P],
): { min: number; max: number } {
  const all: Record<string, Record<PropertyKey, Range>> = RANGES;
  const range = all[part]?.[field];
  if (!range) throw new Error(`${part}.${String(field)} has no range`);
  return { min: range.min, max: range.max };
}

/** What the number at a path of a cut may be, whatever kinds stand on the way; nothing where none stands. */
export function rangeAt(cut: unknown, path: string): Range | undefined {
  const all: Record<string, Record<string, Range>> = RANGES;
  let part: string | undefined = "cut";
  let at: unknown = cut;
  const steps = path.split(".");
  for (const [i, step] of steps.entries()) {
    part = part && KINDS[part] ? KINDS[part]?.[kindOf(at)] : part;
    if (part === undefined) return undefined;
    if (i === steps.length - 1) return all[part]?.[step];
    at = at && typeof at === "object" ? Object.entries(at).find(([k]) => k === step)?.[1] : undefined;
    part = PARTS[part]?.[step];
  }
  return undefined;
}

const kindOf = (of: unknown): string => (of && typeof of === "object" && "kind" in of ? String(of.kind) : "");
