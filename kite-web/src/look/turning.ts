import type { paths } from "../api/schema";

export type View = paths["/api/look/{key}/picture.png"]["get"]["parameters"]["query"]["view"];

/** Once round the head, to the right. */
export const ROUND: readonly View[] = [
  "front",
  "corner",
  "right",
  "backRight",
  "back",
  "backLeft",
  "left",
  "cornerLeft",
];

/** A finger goes so far for the next of them. */
export const STEP_PX = 70;

/** The view some steps on from one, round and round. */
export const turned = (from: number, by: number): number =>
  (((from + by) % ROUND.length) + ROUND.length) % ROUND.length;

/** How many steps a finger has turned the head that went so far to the right: the face follows it. */
export const stepsOf = (dx: number): number => Math.trunc(dx / STEP_PX);
