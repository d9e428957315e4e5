import type { ChairEntry, EntryRow, Place, PlanDocument } from "../api/types";
import { withSlip } from "./slip";

/** One of this device's own entries; numbered from 0 without a gap. */
export type Written = { number: number; at: string; entry: ChairEntry };

/** A sitting as this device knows it: what the server has, and what is still to be sent. */
export type Sitting = {
  token: string;
  /** Null while it is only looked at. */
  startedAt: string | null;
  /** It was begun on this device, and the server does not know of it yet. */
  toBegin?: boolean;
  /** The plan the work began with. */
  document: PlanDocument;
  device: string;
  next: number;
  unsent: Written[];
  /** What the server has told, of every device. */
  told: EntryRow[];
  /** Until the client's hair is what the plan starts from; 0 when it is there. */
  weeksToGo?: number;
  /** How far this device's clock is ahead of the server's. */
  aheadMs?: number;
};

/** Where the work stands. */
export type Stands = {
  document: PlanDocument;
  done: ReadonlySet<string>;
  skipped: ReadonlyMap<string, string>;
  approved: ReadonlySet<string>;
  bites: ReadonlyMap<string, number>;
  /** What was taken too much, in the order it was; the ids are those of the plan's moves. */
  slips: readonly { id: string; place: Place; mm: number }[];
  /** Texture columns done, as "move/column". */
  dosed: ReadonlySet<string>;
  forDry: readonly string[];
  checked: ReadonlyMap<number, number>;
  /** The plan the check round is about: as it was when its first place was looked at. */
  roundOf: PlanDocument;
  /** Since when it is paused; null while it goes on. */
  pausedAt: number | null;
  pausedMs: number;
};

/** An entry and whose it is: enough to take it back. */
export type Known = { device: string; number: number; at: number; entry: ChairEntry };

/** All that was written down, here and on other devices, in the order it was done. */
function written(s: Sitting): Known[] {
  const known = new Set(s.told.map((r) => `${r.device}/${r.number}`));
  return [
    ...s.told.map((r) => ({ ...r, at: Date.parse(r.at) })),
    ...s.unsent
      .filter((w) => !known.has(`${s.device}/${w.number}`))
      .map((w) => ({ ...w, device: s.device, at: Date.parse(w.at) - (s.aheadMs ?? 0) })),
  ].sort((a, b) => a.at - b.at);
}

/** What was written down and not taken back. */
function standing(s: Sitting): Known[] {
  const all = written(s);
  const undone = new Set(
    all.flatMap(({ entry: e }) => (e.kind === "undone" ? [`${e.device}/${e.number}`] : [])),
  );
  return all.filter((k) => !undone.has(`${k.device}/${k.number}`));
}

const UNDONE: ReadonlySet<ChairEntry["kind"]> = new Set([
  "bite",
  "done",
  "skipped",
  "approved",
  "dosed",
  "measured",
  "tookMore",
  "replanned",
  "checked",
]);

/** What was written down last and can be taken back, if anything. */
export function lastDone(s: Sitting): Known | undefined {
  return standing(s).findLast((k) => UNDONE.has(k.entry.kind));
}

/** Where a length was measured and not taken back. */
export const measuredAt = (s: Sitting): Place[] =>
  [...new Set(standing(s).flatMap(({ entry: e }) => (e.kind === "measured" ? [e.place] : [])))].sort();

/** What stands after all that was written down and not taken back. */
export function stands(s: Sitting): Stands {
  const done = new Set<string>();
  const skipped = new Map<string, string>();
  const approved = new Set<string>();
  const bites = new Map<string, number>();
  const dosed = new Set<string>();
  const forDry = new Set<string>();
  const checked = new Map<number, number>();
  const slips: { id: string; place: Place; mm: number }[] = [];
  let document = s.document;
  let roundOf: PlanDocument | null = null;
  let pausedAt: number | null = null;
  let pausedMs = 0;
  for (const { at, entry: e } of standing(s)) {
    if (e.kind === "bite") bites.set(e.move, (bites.get(e.move) ?? 0) + 1);
    else if (e.kind === "done") {
      skipped.delete(e.move);
      done.add(e.move);
    } else if (e.kind === "skipped") {
      done.delete(e.move);
      skipped.set(e.move, e.reason);
    } else if (e.kind === "reopened") {
      done.delete(e.move);
      skipped.delete(e.move);
    } else if (e.kind === "tookMore" && e.mm > 0) {
      const [slipped, id] = withSlip(document, e.move, e.place, e.mm);
      document = slipped;
      done.add(id);
      slips.push({ id, place: e.place, mm: e.mm });
    } else if (e.kind === "approved") approved.add(e.move);
    else if (e.kind === "dosed") dosed.add(`${e.move}/${e.column}`);
    else if (e.kind === "forDry") forDry.add(e.what);
    else if (e.kind === "drySeen") forDry.delete(e.what);
    else if (e.kind === "checked") {
      roundOf ??= document;
      checked.set(e.item, e.longerMm);
    } else if (e.kind === "replanned") document = e.plan;
    else if (e.kind === "paused") pausedAt ??= at;
    else if (e.kind === "resumed" && pausedAt !== null) {
      pausedMs += at - pausedAt;
      pausedAt = null;
    }
  }
  return {
    document,
    done,
    skipped,
    approved,
    bites,
    slips,
    dosed,
    forDry: [...forDry],
    checked,
    roundOf: roundOf ?? document,
    pausedAt,
    pausedMs,
  };
}

/** The first move neither done nor skipped; the number of moves when none is left. */
export function nextMove(s: Stands): number {
  const at = s.document.moves.findIndex((m) => !s.done.has(m.id) && !s.skipped.has(m.id));
  return at < 0 ? s.document.moves.length : at;
}

/** Time in the chair so far, pauses left out. */
export function workedMs(s: Sitting, t: Stands, now: number): number {
  if (s.startedAt === null) return 0;
  const until = t.pausedAt ?? now - (s.aheadMs ?? 0);
  return Math.max(0, until - Date.parse(s.startedAt) - t.pausedMs);
}

/** A move's number as it is said: what slipped is none. */
export function numberOf(moves: PlanDocument["moves"], at: number): number {
  return moves.slice(0, at).filter((m) => m.job !== "slip").length + 1;
}
