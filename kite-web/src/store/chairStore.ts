import { create } from "zustand";
import { ApiError, get, send } from "../api/http";
import type { ChairEntry, EntryRow, SittingView } from "../api/types";
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
};

export const useChair = create<Chair>(() => ({ planId: 0, sitting: null, reached: true, problem: "" }));

const key = (planId: number) => `kite-sitting-${planId}`;

/** On this device before anything else: what is written down here outlives a reload without the network. */
function keep(sitting: Sitting): void {
  const { planId } = useChair.getState();
  localStorage.setItem(key(planId), JSON.stringify(sitting));
  useChair.setState({ sitting });
}

/** The sitting of a plan as this device last knew it. */
export function keptSitting(planId: number): Sitting | null {
  const text = localStorage.getItem(key(planId));
  return text ? (JSON.parse(text) as Sitting) : null;
}

export function endSitting(planId: number): void {
  localStorage.removeItem(key(planId));
  useChair.setState({ sitting: null });
}

/** Goes on with a plan's sitting, or begins it. Without the network it goes on with what this device knows. */
export async function sitDownAt(planId: number): Promise<void> {
  const known = keptSitting(planId);
  useChair.setState({ planId, sitting: known, reached: true, problem: "" });
  // What this device still has belongs to the sitting it was written in, whoever ties that off.
  if (known?.unsent.length) await flush();
  try {
    const view = await send<SittingView>("POST", `/api/plans/${planId}/sitting`, {
      token: known?.token ?? crypto.randomUUID(),
      startedAt: known?.startedAt ?? new Date().toISOString(),
    });
    const now = useChair.getState().sitting;
    const mine = now?.token === view.token ? now : null;
    keep({
      token: view.token,
      startedAt: view.startedAt,
      document: view.document,
      device: mine?.device ?? crypto.randomUUID(),
      next: mine?.next ?? 0,
      unsent: mine?.unsent ?? [],
      told: view.entries,
    });
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
      const { stored } = await send<{ stored: number }>("POST", `/api/sittings/${s.token}/entries`, {
        device: s.device,
        entries: part,
      });
      taken(s.token, stored);
      useChair.setState({ reached: true, problem: "" });
    } catch (e) {
      const gone = e instanceof ApiError && (e.status === 0 || e.status >= 500);
      useChair.setState(gone ? { reached: false } : { problem: (e as Error).message });
      return;
    }
  }
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
    const rows = await get<EntryRow[]>(`/api/sittings/${s.token}/entries?after=${after}`);
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
