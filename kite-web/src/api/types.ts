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
export type AppointmentRow = {
  id: number;
  version: number;
  startsAt: string;
  endsAt: string;
  note: string;
  clientId: number;
  clientName: string;
  personId: number;
  stylist: string;
  planId?: number;
  planTitle?: string;
  planVersion?: number;
};
export type Today = Omit<Solid<S["Today"]>, "appointments"> & { appointments: AppointmentRow[] };
export type DiaryView = Omit<Solid<S["Diary"]>, "appointments"> & { appointments: AppointmentRow[] };
export type ClientRow = {
  id: number;
  name: string;
  note: string;
  planId?: number;
  planTitle?: string;
  planVersion?: number;
};
export type SitDownRow = But<Solid<S["SitDownRow"]>, "earToEarMm" | "frontToNapeMm">;
export type ClientView = Omit<Solid<S["ClientView"]>, "sitDowns" | "visits"> & {
  sitDowns: SitDownRow[];
  visits: VisitRow[];
};
export type SitDownView = Omit<Solid<S["SitDownView"]>, "document"> & { document: SitDocument };

/** What the server reads from a sit-down, beside the drawn head. */
export type SitReading = {
  measures: {
    girthMm: number;
    earToEarMm: number;
    frontToNapeMm: number;
    breadthMm: number;
    lengthMm: number;
    occipitalMm: number;
  };
  places: Record<string, [number, number, number]>;
  lengthsMm: Record<string, number>;
  strands: number;
  /** #rrggbb */
  skin: string;
  densityPerCm2: number;
  grams: number;
  scalpCm2: number;
  wetOverDry: number;
  wishes: {
    place: string;
    needMm: number;
    haveMm: number;
    offMm: number;
    shortMm: number;
    weeks: number;
  }[];
  cautions: { id: string; stops: boolean; words: string }[];
  stops: boolean;
};

export type FittedScan = But<Solid<S["FittedScan"]>, "problem" | "unit" | "head">;
export type ScannerState = Solid<S["ScannerState"]>;
export type WetDry = Solid<S["WetDry"]>;
export type CardsRead = Omit<Solid<S["CardsRead"]>, "cards"> & {
  cards: But<Solid<S["CardRow"]>, "sameAs">[];
};

/** A group of picks; each option is a JSON merge patch on the sit-down document. */
export type PickOption = { id: string; title: string; set: Record<string, unknown> };
export type PickGroup = {
  id: string;
  title: string;
  part: string;
  why: string;
  options: PickOption[];
};

/** The sit-down document, as its JSON Schema has it. */
export type Spot = { azimuthDeg: number; share: number };
export type HairPatch = { at: Spot; radiusMm: number; density: number; diameter: number; curl: number };
export type LengthPatch = { at: Spot; radiusMm: number; lengthMm: number };
export type Jump = { along: "ridge" | "behindEars"; offsetMm: number };
export type Start =
  | {
      kind: "taped";
      tapedMm: Record<string, number>;
      state?: string;
      jumps?: Jump[];
      patches?: LengthPatch[];
    }
  | { kind: "grown"; kept: unknown[]; days: number; patches?: LengthPatch[] };
export type Wish = { place: string; lengthMm?: number; landing?: string; standMm?: number };
export type SkinNote = { kind: string; near: string; note?: string };
export type SitDocument = {
  version: 1;
  head: {
    kind: "measured";
    girthMm: number;
    earToEarMm?: number;
    frontToNapeMm?: number;
    breadthMm?: number;
    lengthMm?: number;
    shape?: Record<string, number>;
    hairline?: Record<string, number>;
    nudges?: Record<string, { upFingers: number; acrossFingers: number }>;
    relief?: { mm: number[] };
  };
  hair?: {
    exitDeg: number;
    growthMmPerDay: number;
    densityPerCm2?: number;
    diameterUm?: number;
    wetDry?: { stretchShare: number; curlRatio: number };
    growth?: Record<string, string>;
    patches?: HairPatch[];
    colour?: HairColour;
    skin?: SkinTone;
    beard?: Beard;
    neck?: "cleaned" | "left";
  };
  start: Start;
  wishes?: {
    points?: Wish[];
    leaveAlone?: string[];
    worn?: string[];
    howMuch?: string;
    upkeep?: string;
    holdWeeks?: number;
    decides?: string;
    note?: string;
    [answer: string]: unknown;
  };
  cautions?: {
    skin?: SkinNote[];
    allergies?: string;
    /** A child, or one who moves a lot. */
    lively?: boolean;
    consent?: { minor?: boolean; guardian?: string; photos?: boolean; notes?: boolean };
  };
};
/** Level 1 black to 10 lightest blonde; warmth -1 ash to 1 copper; share of white hairs. */
/** Depth 1 lightest to 10 deepest; undertone -1 rosy to 1 golden. */
export type SkinTone = { depth: number; undertone: number };
/** Lengths beyond the grown roots may have been coloured. */
export type HairColour = {
  level: number;
  warmth?: number;
  greyShare?: number;
  dyed?: { level: number; warmth?: number; rootsMm: number };
};
export type Beard = "none" | "stubble" | "short" | "full";
/** A line of the ranking as it comes in: how far it is, or at last the families, best first. */
export type RankLine = {
  done?: number;
  of?: number;
  families?: {
    id: string;
    title: string;
    score: number;
    reasons: string[];
    /** Until there is hair for it; 0 for today. */
    weeks: number;
    fit: { answered: string[] };
  }[];
};
export type Ramp = Solid<S["Ramp"]>;
export type CoatRow = Solid<S["CoatRow"]>;
export type GripRow = Solid<S["GripRow"]>;
export type LandingRow = Solid<S["LandingRow"]>;
export type ScalpMap = Solid<S["ScalpMap"]>;
export type SectionRow = Solid<S["SectionRow"]>;
export type Stretch = Solid<S["Stretch"]>;
export type RemedyRow = Omit<But<Solid<S["RemedyRow"]>, "move">, "document"> & {
  document: PlanDocument;
  words: string;
};
export type VersionRow = Solid<S["Row"]>;
/** Who did what; nobody is the server itself. */
export type TrailLine = Omit<Solid<S["TrailLine"]>, "who"> & { who?: string };
export type Added = { id: number };
export type PlanView = Omit<Solid<S["PlanView"]>, "document"> & { document: PlanDocument };

/** The plan document, as its JSON Schema has it. */
export type Facing = "up" | "down" | "front" | "back" | "left" | "right";
export type Hold =
  | { kind: "straightOut" }
  | { kind: "elevation"; elevationDeg: number }
  | { kind: "toward"; facing: Facing };
export type Line =
  | { kind: "round"; lengthMm: number; fingerDeg?: number }
  | { kind: "level"; place: string; lengthMm: number; fallsDeg: number }
  | { kind: "off"; lengthMm: number }
  | { kind: "slope"; place: string; lengthMm: number; far: string; farMm: number; eachSide?: boolean }
  | { kind: "flat"; facing: Facing; place: string; lengthMm: number; fingerDeg: number };
export type Guide =
  | { kind: "travelling" }
  | { kind: "middle" }
  | { kind: "lastBite" }
  | { kind: "newBite" }
  | { kind: "byEye" }
  | { kind: "fixed"; place: string; gather: "row" | "spot" | "plane" }
  | { kind: "seen"; place: string }
  | { kind: "two"; place: string; far: string }
  | { kind: "pinched" };
export type Parting =
  | { kind: "across"; toward: Facing }
  | { kind: "diagonal"; toward: Facing; slopeDeg: number }
  | { kind: "hairline" }
  | { kind: "centre" }
  | { kind: "pivot"; about: string; clockwise: boolean }
  | { kind: "panels"; panels: number; toward: Facing };
/** What the hand does within a bite beside lying on its line. */
export type Hand = {
  first?: { elevationDeg: number; lengthMm: number };
  tuck?: { by: string; fromMm: number; toMm: number; deg: number };
  wraps?: boolean;
};
export type Fingers = {
  kind: "fingers";
  hold: Hold;
  line: Line;
  guide: Guide;
  parting: Parting;
  biteMm: number;
  tension?: "firm" | "none";
  rollDeg?: number;
  blade?: string;
  hand?: Hand;
};
export type Comb = {
  kind: "comb";
  gapMm: number;
  outDeg: number;
  thicknessMm: number;
  lengthMm?: number;
  tool: "clipper" | "scissors";
  square?: Facing;
  lift?: "straightOut" | "alongGrowth";
  turn?: { atMm: number; radiusMm: number };
  blade?: string;
  offMm?: number;
  leverMm?: number;
};
export type Guard = {
  kind: "guard";
  number: number;
  leverMm: number;
  grain: "with" | "against";
  rockOut?: { by: string; atMm: number; radiusMm: number };
};
export type Outline =
  | { kind: "halfMoon"; side: "left" | "right"; raiseMm: number }
  | { kind: "sideburn"; side: "left" | "right"; raiseMm: number; slopeDeg: number }
  | {
      kind: "nape";
      form: "natural" | "square" | "rounded" | "pointed";
      raiseMm: number;
      cornerRadiusMm: number;
    }
  | { kind: "hardLine"; from: string; to: string; widthMm: number }
  | {
      kind: "taper";
      lengthMm: number;
      farMm: number;
      sideburnMm: number;
      behindEarMm: number;
      napeMm: number;
    };
export type Edge = { kind: "edge"; outline: Outline; bladeMm: number };
export type Texture = {
  kind: "texture";
  tool: string;
  share?: number;
  depthMm?: number;
  passes: number;
  layer?: string;
};
export type Aside = { kind: "aside"; what: string };
export type Cut = Fingers | Comb | Guard | Edge | Texture | Aside;
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
  handling?: Handling;
};
/** What of a move's handling is set; the rest is worked out. */
export type Handling = { tiltDeg?: number; stroke?: string; ear?: string; wetting?: string };
export type PlanDocument = {
  version: 4;
  title: string;
  head: { kind: string; [k: string]: unknown };
  sections: { id: string; name: string; limits: unknown[] }[];
  moves: Move[];
  styling?: Styling;
  meant?: Meant[];
  [k: string]: unknown;
};
export type Way = "natural" | "back" | "forward" | "left" | "right" | "up";
export type Styling = {
  way?: Way;
  part?: "none" | "left" | "centre" | "right";
  productShare?: number;
  hold?: number;
  wet?: boolean;
  dried?: Dried;
  /** Since it was dried. */
  hours?: number;
  /** How damp the air has been since, 0 to 1. */
  dampAir?: number;
};
export type Dried =
  | "air"
  | "cloth"
  | "nozzle"
  | "diffuser"
  | "ventBrush"
  | "flatBrush"
  | "roundBrush"
  | "iron";
export type Meant = { rule: string; move?: string | null; place?: string | null; note?: string };

/** What fallen hair is drawn with. */
export type FallColours = {
  /** How much has grown by then. */
  grownMm: number;
  /** Of the scalp; a beard's come after these. */
  strands: number;
  /** Hairs as seen from afar; those with pigment, the white ones, and the share of these. */
  colour: string;
  pigmented: string;
  white: string;
  greyShare: number;
  /** Of the lengths beyond so many mm, where they were coloured. */
  lengths: string;
  rootsMm?: number;
  /** The line where it is parted: how far to the right, and where it ends toward the back, mm. */
  part?: { x: number; fromY: number };
  skin: string;
  /** How soon roots hide the skin, a millimetre of length. */
  hidesPerMm: number;
  /** #rrggbbaa of each kind of line of the face. */
  face: string[];
};

/** What is read of fallen hair, with the server's words. */
export type FallReading = FallColours & {
  /** Of few strands: asked for so, or because others waited. */
  coarse: boolean;
  week: number;
  words: string[];
  returnWords: string;
  findings: Finding[];
  findingWords: string[];
  ears: { leftShare: number; rightShare: number };
  landings: { side: string; place?: string; belowMm?: number; ofHairlineMm: number }[];
  weightLines: { near: string; heightMm: number; fromDeg: number; toDeg: number; share: number }[];
};

/** A stretch of a move's sentence; with the path of what it says in the cut, when that can be changed. */
export type SaidPart = { text: string; path: string | null };

/** The result document, with the words the server adds. */
export type Walk = {
  walk: "centre" | "earToEar" | "edge";
  lengthMm: number;
  marksMm: Record<string, number>;
  distanceMm: number[];
  /** x, y, z of each point, one after another. */
  pointsMm: number[];
  beforeMm: number[];
  afterMove: { move: string; lengthMm: number[] }[];
};
export type Finding = {
  rule: string;
  severity: "stop" | "warn" | "note";
  move?: string;
  place: string;
  amount: number;
  unit: "mm" | "mm2" | "percent";
  with?: string[];
  /** The answer that it is meant. */
  meant?: Meant;
};
export type Result = {
  head: { landmarks: Record<string, [number, number, number]> };
  bites: number;
  minutes: number;
  moves: {
    id: string;
    bites: number;
    minutes: number;
    cutAreaMm2: number;
    takenMaxMm: number;
    shortfallMm: number;
    /** How often feet or chair are moved. */
    turns: number;
    /** Of a texture move: what it takes of each column. */
    doses?: { aroundDeg: number; passes: number; percent: number }[];
    /** What is to be heeded while it is done: ears, skin, blades. */
    heeds: string[];
    /** How it is done beside its cut: mist, tilt of the head, ear, stroke, shears. */
    handling: string[];
  }[];
  walks: Walk[];
  findings: Finding[];
  words: { id: string; headline: string; parts: SaidPart[] }[];
  findingWords: string[];
  growthMmPerWeek: number;
  /** For each move, why its numbers are what they are. */
  why: string[];
  wishes: { place: string; wishedMm: number; lengthMm: number; overMm: number; shortfallMm: number }[];
  jumps: { longer: string; shorter: string; mm: number; near: string; meant: boolean }[];
  cover: {
    gaps: { sections: string[]; areaMm2: number; near: string }[];
    overlaps: { sections: string[]; areaMm2: number; near: string }[];
  };
};

/** What is written down at the chair, as docs/formats.md has it. */
export type ChairEntry =
  | { kind: "bite" | "done" | "reopened" | "approved"; move: string }
  | { kind: "skipped"; move: string; reason: string }
  | { kind: "dosed"; move: string; column: number }
  | { kind: "measured"; place: string; mm: number }
  | { kind: "tookMore"; move: string; place: string; mm: number }
  | { kind: "replanned"; plan: PlanDocument }
  | { kind: "paused" | "resumed" }
  | { kind: "forDry" | "drySeen"; what: string }
  | { kind: "checked"; item: number; longerMm: number };
export type EntryRow = { id: number; device: string; number: number; at: string; entry: ChairEntry };
export type SittingView = Omit<Solid<S["SittingView"]>, "document" | "entries"> & {
  document: PlanDocument;
  entries: EntryRow[];
};
/** What else has to change after a slip, and the plan that goes on with it. */
export type Replanned = {
  restored: boolean;
  words: string;
  changes: { move: string }[];
  document: PlanDocument;
};
/** One thing to look at when the cut is done. */
export type CheckItem = { kind: "seam" | "lastBite" | "across" | "balance"; place: string };
export type NeedRow = But<Solid<S["NeedRow"]>, "readyAt">;
export type ToolRow = Omit<But<Solid<S["ToolRow"]>, "measuredMm">, "needs" | "asked"> & {
  needs: NeedRow[];
  asked: boolean;
};
export type MessageRow = But<Solid<S["MessageRow"]>, "sentAt" | "nextTryAt" | "givenUpAt" | "why">;
export type PersonRow = But<Solid<S["PersonRow"]>, "disabledAt">;
export type PeopleView = Omit<Solid<S["People"]>, "people"> & { people: PersonRow[] };
export type ErasedClient = Solid<S["Waiting"]>;
export type OpeningRow = Solid<S["OpeningRow"]>;
export type WaitingRow = But<Solid<S["WaitingRow"]>, "planId" | "planTitle" | "personId">;
export type PushedRow = Solid<S["PushedRow"]>;
export type Lesson = Solid<S["Lesson"]>;
export type PlaceRow = But<Solid<S["PlaceRow"]>, "measuredMm">;
export type VisitLengths = Omit<Solid<S["VisitLengths"]>, "places"> & { places: PlaceRow[] };
export type PhotoRow = But<Solid<S["PhotoRow"]>, "visitId">;
export type VisitRow = But<Solid<S["VisitRow"]>, "priceCents">;
