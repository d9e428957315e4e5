import type { SitDocument } from "../api/types";

/** Where hair is taped, from the front back. */
export const TAPED = [
  "front",
  "apex",
  "crown",
  "templeLeft",
  "templeRight",
  "ridgeLeft",
  "ridgeRight",
  "earTopLeft",
  "earTopRight",
  "occipital",
  "napeCornerLeft",
  "nape",
] as const;

export type Taped = (typeof TAPED)[number];
type Lengths = Extract<SitDocument["start"], { kind: "taped" }>["tapedMm"];

const isTaped = (p: string): p is Taped => TAPED.some((t) => t === p);

/** The same place on the other side, where it is taped too. */
export function otherSide(p: Taped): Taped | undefined {
  const other = p.endsWith("Left") ? p.replace(/Left$/, "Right") : p.replace(/Right$/, "Left");
  return other !== p && isTaped(other) ? other : undefined;
}

/** Whether left and right are measured unlike somewhere. */
export const apart = (taped: Lengths): boolean =>
  TAPED.some((p) => {
    const other = otherSide(p);
    return (
      other !== undefined && taped[p] !== undefined && taped[other] !== undefined && taped[p] !== taped[other]
    );
  });

/** The lengths with one place set or left out; its other side goes along unless they are apart on purpose. */
export function withPlace(taped: Lengths, p: Taped, mm: number | undefined, sidesApart: boolean): Lengths {
  const out = { ...taped };
  const other = sidesApart ? undefined : otherSide(p);
  for (const at of other ? [p, other] : [p]) {
    if (mm === undefined) delete out[at];
    else out[at] = mm;
  }
  return out;
}

export const allOne = (mm: number): Lengths => Object.fromEntries(TAPED.map((p) => [p, mm]));

/** The one length of all that is taped; nothing where it is not one. */
export function oneLength(taped: Lengths): number | undefined {
  const all = Object.values(taped);
  return all.length > 0 && all.every((mm) => mm === all[0]) ? all[0] : undefined;
}
