import { create } from "zustand";
import { ApiError, api, said } from "../api/http";
import type { ChairEntry } from "../api/types";
import { claim, dropLog, keepLog, keptLogs, newDevice } from "./chairLogs";
import type { Sitting } from "./sitting";

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
  return all.find((s) => s.unsent.length > 0) ?? all[0] ?? null;
}

/** Nothing of a sitting stays on this device, but what the server never took. */
export function endSitting(planId: number): void {
  for (const s of keptLogs(planId)) if (s.unsent.length === 0) dropLog(planId, s.device);
  useChair.setState({ sitting: null });
}

/** The log this tab goes on with, of those no other tab is writing in. */
async function mine(planId: number): Promise<Sitting | null> {
  const free: Sitting[] = [];
  for (const s of keptLogs(planId)) if (await claim(s)) free.push(s);
  const first = free.find((s) => s.unsent.length > 0) ?? free[0] ?? null;
  for (const s of free) if (s !== first && s.unsent.length === 0) dropLog(planId, s.device);
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
    if (s.unsent.length === 0 || s.device === useChair.getState().sitting?.device) continue;
    if (!(await claim(s))) continue;
    await post(s, s.unsent);
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

/** Goes on with a plan's sitting, or begins it. Without the network it goes on with what this device knows. */
export async function sitDownAt(planId: number): Promise<void> {
  const known = await mine(planId);
  useChair.setState({ planId, sitting: known, reached: true, problem: "", full: false });
  // What this device still has belongs to the sitting it was written in, whoever ties that off.
  if (known?.unsent.length) await flush();
  try {
    const view = await said(
      api.POST("/api/plans/{planId}/sitting", {
        params: { path: { planId } },
        body: {
          token: known?.token ?? crypto.randomUUID(),
          startedAt: known?.startedAt ?? new Date().toISOString(),
          // Times it knows of a sitting that goes on are the server's already.
          sentAt: known ? undefined : new Date().toISOString(),
        },
      }),
    );
    const now = useChair.getState().sitting;
    const same = now?.token === view.token ? now : null;
    keep({
      token: view.token,
      startedAt: view.startedAt,
      document: view.document,
      device: same?.device ?? (await newDevice()),
      next: same?.next ?? 0,
      unsent: same?.unsent ?? [],
      told: view.entries,
      weeksToGo: view.weeksToGo,
      aheadMs: view.serverAt ? Date.now() - Date.parse(view.serverAt) : 0,
    });
    void sendKept(planId).catch(() => undefined);
    void flush();
  } catch (e) {
    if (e instanceof ApiError && e.status === 404 && known && !useChair.getState().sitting?.unsent.length) {
      // Tied off on another tablet: the next one begins anew.
      endSitting(planId);
      return sitDownAt(planId);
    }
    const gone = e instanceof ApiError && e.status === 0;
    // Nothing is cut today: what is written down here stays on the device.
    if (e instanceof ApiError && e.status === 422) useChair.setState({ sitting: null });
    useChair.setState({ reached: !gone, problem: gone && known ? "" : (e as Error).message });
  }
}

/** Writes something down: kept on the device at once, sent when it can be. */
export function write(entry: ChairEntry): void {
  const { sitting } = useChair.getState();
  if (!sitting) return;
  keep({
    ...sitting,
    next: sitting.next + 1,
    unsent: [...sitting.unsent, { number: sitting.next, at: new Date().toISOString(), entry }],
  });
  void flush();
}

let sending: Promise<void> | null = null;

/** Sends what is unsent, in order; one at a time, and what came in meanwhile after it. */
export function flush(): Promise<void> {
  sending ??= sendAll().finally(() => {
    sending = null;
  });
  return sending;
}

async function sendAll(): Promise<void> {
  for (let s = useChair.getState().sitting; s && s.unsent.length > 0; s = useChair.getState().sitting) {
    const part = s.unsent.slice(0, MOST);
    try {
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
    told: [...s.told, ...sent.map((w) => ({ id: 0, device: s.device, ...w }))],
  });
}

/** What other tablets wrote since. */
async function listen(): Promise<void> {
  const { sitting: s } = useChair.getState();
  if (!s) return;
  const after = s.told.reduce((most, r) => Math.max(most, r.id), 0);
  try {
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
