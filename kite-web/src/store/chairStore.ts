import { create } from "zustand";
import { ApiError, api, said } from "../api/http";
import type { ChairEntry, SittingView } from "../api/types";
import { claim, dropLog, keepLog, keptLogs, newDevice } from "./chairLogs";
import { lastDone, type Sitting } from "./sitting";

/** How often what could not be sent is tried again, and what other tablets wrote is asked for. */
const EVERY_MS = 3000;
const MOST = 400;

type Chair = {
  planId: number;
  sitting: Sitting | null;
  /** False while the server cannot be reached. */
  reached: boolean;
  problem: string;
  /** The device's storage took no more: what is tapped is kept only until the page is left. */
  full: boolean;
};

export const useChair = create<Chair>(() => ({
  planId: 0,
  sitting: null,
  reached: true,
  problem: "",
  full: false,
}));

/** On this device before anything else: what is written down here outlives a reload without the network. */
function keep(sitting: Sitting): void {
  const full = !keepLog(useChair.getState().planId, sitting);
  useChair.setState({ sitting, full });
}

/** The sitting of a plan as this device last knew it: what this tab goes on with, or another tab wrote. */
export function keptSitting(planId: number): Sitting | null {
  const now = useChair.getState();
  if (now.planId === planId && now.sitting) return now.sitting;
  const all = keptLogs(planId);
  return all.find(toSend) ?? all[0] ?? null;
}

/** Nothing of a sitting stays on this device, but what the server never took. */
export function endSitting(planId: number): void {
  for (const s of keptLogs(planId)) if (!toSend(s)) dropLog(planId, s.device);
  useChair.setState({ sitting: null });
}

/** The log this tab goes on with, of those no other tab is writing in. */
async function mine(planId: number): Promise<Sitting | null> {
  const free: Sitting[] = [];
  for (const s of keptLogs(planId)) if (await claim(s)) free.push(s);
  const first = free.find(toSend) ?? free[0] ?? null;
  for (const s of free) if (s !== first && !toSend(s)) dropLog(planId, s.device);
  return first;
}

/**
 * Sends all that tabs closed since have left of a plan.
 *
 * @throws ApiError when it cannot be sent
 */
export async function sendKept(planId: number): Promise<void> {
  await flush();
  for (const s of keptLogs(planId)) {
    if (!toSend(s) || s.device === useChair.getState().sitting?.device) continue;
    if (!(await claim(s))) continue;
    const token = (s.toBegin && (await begin(planId, s)).token) || s.token;
    if (s.unsent.length > 0) await post({ ...s, token }, s.unsent);
    dropLog(planId, s.device);
  }
}

function post(s: Sitting, entries: Sitting["unsent"]): Promise<{ stored: number }> {
  const sentAt = new Date().toISOString();
  return said(
    api.POST("/api/sittings/{token}/entries", {
      params: { path: { token: s.token } },
      body: { device: s.device, sentAt, entries },
    }),
  );
}

/** A sitting as the server tells it, with what this device still has of it. */
async function told(view: SittingView, known: Sitting | null): Promise<Sitting> {
  const mine = view.token === undefined || known?.token === view.token || known?.toBegin ? known : null;
  return {
    token: view.token ?? known?.token ?? crypto.randomUUID(),
    startedAt: view.startedAt ?? known?.startedAt ?? null,
    toBegin: view.token === undefined && (known?.startedAt ?? null) !== null,
    document: view.document,
    device: mine?.device ?? (await newDevice()),
    next: mine?.next ?? 0,
    unsent: mine?.unsent ?? [],
    told: view.entries,
    weeksToGo: view.weeksToGo,
    aheadMs: view.serverAt ? Date.now() - Date.parse(view.serverAt) : 0,
  };
}

/** Begins on the server what was begun here, once; where another tablet was first, that one's is told. */
function begin(planId: number, s: Sitting): Promise<SittingView> {
  const sentAt = new Date().toISOString();
  return said(
    api.POST("/api/plans/{planId}/sitting", {
      params: { path: { planId } },
      body: {
        token: s.token,
        startedAt: s.startedAt ?? sentAt,
        sentAt: s.toBegin ? sentAt : undefined,
      },
    }),
  );
}

/** Goes on with a plan's sitting, or looks how it would begin. Without the network it goes on with what this device knows. */
export async function sitDownAt(planId: number): Promise<void> {
  const known = await mine(planId);
  useChair.setState({ planId, sitting: known, reached: true, problem: "", full: false });
  if (known && toSend(known)) await flush();
  try {
    // What was begun here is begun again where the server has lost it; else looking begins nothing.
    const view = await (known?.startedAt
      ? begin(planId, useChair.getState().sitting ?? known)
      : said(api.GET("/api/plans/{planId}/sitting", { params: { path: { planId } } })));
    keep(await told(view, useChair.getState().sitting));
    void sendKept(planId).catch(() => undefined);
    void flush();
  } catch (e) {
    const { sitting } = useChair.getState();
    if (e instanceof ApiError && e.status === 404 && known && !(sitting && toSend(sitting))) {
      endSitting(planId);
      return sitDownAt(planId);
    }
    const gone = e instanceof ApiError && e.status === 0;
    if (e instanceof ApiError && e.status === 422) useChair.setState({ sitting: null });
    useChair.setState({ reached: !gone, problem: gone && known ? "" : (e as Error).message });
  }
}

/** The clock begins. */
export function start(): void {
  const { sitting } = useChair.getState();
  if (!sitting || sitting.startedAt !== null) return;
  keep({ ...sitting, startedAt: new Date().toISOString(), toBegin: true });
  void flush();
}

/** Writes something down: kept on the device at once, sent when it can be. What is done before the start is the start. */
export function write(entry: ChairEntry): void {
  start();
  const { sitting } = useChair.getState();
  if (!sitting) return;
  keep({
    ...sitting,
    next: sitting.next + 1,
    unsent: [...sitting.unsent, { number: sitting.next, at: new Date().toISOString(), entry }],
  });
  void flush();
}

/** Takes back what was written down last. */
export function undo(): void {
  const { sitting } = useChair.getState();
  const last = sitting && lastDone(sitting);
  if (last) write({ kind: "undone", device: last.device, number: last.number });
}

const toSend = (s: Sitting) => s.toBegin === true || s.unsent.length > 0;

let sending: Promise<void> | null = null;

/** Sends what is unsent, in order; one at a time, and what came in meanwhile after it. */
export function flush(): Promise<void> {
  sending ??= sendAll().finally(() => {
    sending = null;
  });
  return sending;
}

async function sendAll(): Promise<void> {
  for (let s = useChair.getState().sitting; s && toSend(s); s = useChair.getState().sitting) {
    const { planId } = useChair.getState();
    const part = s.unsent.slice(0, MOST);
    try {
      if (s.toBegin) {
        const view = await begin(planId, s);
        const now = useChair.getState().sitting;
        if (now?.device === s.device) keep(await told(view, now));
        continue;
      }
      const { stored } = await post(s, part);
      taken(s.token, stored);
      useChair.setState({ reached: true, problem: "" });
    } catch (e) {
      if (e instanceof ApiError && e.stored !== undefined && againFrom(e.stored)) continue;
      const gone = e instanceof ApiError && (e.status === 0 || e.status >= 500);
      useChair.setState(gone ? { reached: false } : { problem: (e as Error).message });
      return;
    }
  }
}

/** The server lost some (a copy was brought back): sends them again from there. False when they are not here. */
function againFrom(number: number): boolean {
  const { sitting: s } = useChair.getState();
  if (!s || (s.unsent[0]?.number ?? 0) <= number) return false;
  const lost = s.told.filter((r) => r.device === s.device && r.number >= number);
  if (!lost.some((r) => r.number === number)) return false;
  // Times that were told are the server's; sent again they are this device's.
  const back = lost.map(({ number: n, at, entry }) => ({
    number: n,
    at: new Date(Date.parse(at) + (s.aheadMs ?? 0)).toISOString(),
    entry,
  }));
  keep({
    ...s,
    unsent: [...back, ...s.unsent].sort((a, b) => a.number - b.number),
    told: s.told.filter((r) => !lost.includes(r)),
  });
  return true;
}

/** What the server has stored moves from unsent to told. */
function taken(token: string, stored: number): void {
  const { sitting: s } = useChair.getState();
  if (!s || s.token !== token) return;
  const sent = s.unsent.filter((w) => w.number < stored);
  keep({
    ...s,
    unsent: s.unsent.filter((w) => w.number >= stored),
    // Times that are told are the server's.
    told: [
      ...s.told,
      ...sent.map((w) => ({
        id: 0,
        device: s.device,
        ...w,
        at: new Date(Date.parse(w.at) - (s.aheadMs ?? 0)).toISOString(),
      })),
    ],
  });
}

/** What other tablets wrote since, or that one of them has begun. */
async function listen(): Promise<void> {
  const { planId, sitting: s } = useChair.getState();
  if (!s || s.toBegin) return;
  const after = s.told.reduce((most, r) => Math.max(most, r.id), 0);
  try {
    if (s.startedAt === null) {
      const view = await said(api.GET("/api/plans/{planId}/sitting", { params: { path: { planId } } }));
      const still = useChair.getState().sitting;
      if (view.token !== undefined && still?.startedAt === null) keep(await told(view, still));
      return;
    }
    const rows = await said(
      api.GET("/api/sittings/{token}/entries", { params: { path: { token: s.token }, query: { after } } }),
    );
    useChair.setState({ reached: true });
    const now = useChair.getState().sitting;
    if (rows.length === 0 || !now || now.token !== s.token) return;
    const fresh = new Map(rows.map((r) => [`${r.device}/${r.number}`, r]));
    keep({ ...now, told: [...now.told.filter((r) => !fresh.has(`${r.device}/${r.number}`)), ...rows] });
  } catch (e) {
    if (e instanceof ApiError && e.status === 0) useChair.setState({ reached: false });
  }
}

/** Keeps sending and listening until the returned function is called. */
export function stayInTouch(): () => void {
  const again = () => void flush().then(listen);
  const timer = setInterval(again, EVERY_MS);
  window.addEventListener("online", again);
  return () => {
    clearInterval(timer);
    window.removeEventListener("online", again);
  };
}
