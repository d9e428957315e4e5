import type { components } from "./schema";

type S = components["schemas"];

/** The server leaves out only what is named below; springdoc calls every field optional. */
type Solid<T> = T extends (infer U)[]
  ? Solid<U>[]
  : T extends object
    ? { [K in keyof T]-?: Solid<NonNullable<T[K]>> }
    : T;

type But<T, K extends keyof T> = Omit<T, K> & Partial<Pick<T, K>>;

export type PersonView = Solid<S["PersonView"]>;
export type Appointment = But<Solid<S["Appointment"]>, "planId" | "planTitle" | "planVersion">;
export type Today = Omit<Solid<S["Today"]>, "appointments"> & { appointments: Appointment[] };
export type ClientRow = But<Solid<S["ClientRow"]>, "planId" | "planTitle" | "planVersion">;
export type ClientView = But<Solid<S["ClientView"]>, "earToEarMm" | "frontToNapeMm">;
export type FamilyRow = Solid<S["FamilyRow"]>;
export type Ramp = Solid<S["Ramp"]>;
export type Added = { id: number };
export type PlanView = Omit<Solid<S["PlanView"]>, "document"> & { document: PlanDocument };

/** The plan document, as its JSON Schema has it. */
export type Facing = "up" | "down" | "front" | "back" | "left" | "right";
export type Hold =
  | { kind: "straightOut" }
  | { kind: "elevation"; elevationDeg: number }
  | { kind: "toward"; facing: Facing };
export type Line =
  | { kind: "round"; lengthMm: number }
  | { kind: "flat"; facing: Facing; place: string; lengthMm: number; fingerDeg: number };
export type Guide =
  | { kind: "travelling" }
  | { kind: "lastBite" }
  | { kind: "fixed"; place: string; gather: "row" | "spot" };
export type Fingers = {
  kind: "fingers";
  hold: Hold;
  line: Line;
  guide: Guide;
  progress: Facing;
  biteMm: number;
};
export type Comb = {
  kind: "comb";
  gapMm: number;
  outDeg: number;
  thicknessMm: number;
  tool: "clipper" | "scissors";
};
export type Guard = {
  kind: "guard";
  number: number;
  leverMm: number;
  grain: "with" | "against";
  rockOut?: { by: string; atMm: number; radiusMm: number };
};
export type Cut = Fingers | Comb | Guard;
export type Move = {
  id: string;
  name: string;
  section: string;
  cut: Cut;
  damp: "wet" | "damp" | "dry";
  stand: "front" | "left" | "right" | "back";
  purpose: string;
  watch: string;
  askFirst: boolean;
};
export type PlanDocument = {
  version: 1;
  title: string;
  head: { kind: string; [k: string]: unknown };
  sections: { id: string; name: string; limits: unknown[] }[];
  moves: Move[];
  [k: string]: unknown;
};

/** The result document, with the words the server adds. */
export type Walk = {
  walk: "centre" | "earToEar" | "edge";
  lengthMm: number;
  marksMm: Record<string, number>;
  distanceMm: number[];
  beforeMm: number[];
  afterMove: { move: string; lengthMm: number[] }[];
};
export type Result = {
  bites: number;
  minutes: number;
  moves: {
    id: string;
    bites: number;
    minutes: number;
    cutAreaMm2: number;
    takenMaxMm: number;
    shortfallMm: number;
  }[];
  walks: Walk[];
  findings: {
    rule: string;
    severity: "stop" | "warn" | "note";
    move?: string;
    place: string;
    amountMm: number;
  }[];
  words: { id: string; headline: string; sentence: string }[];
  findingWords: string[];
};
