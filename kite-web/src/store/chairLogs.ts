import type { Sitting } from "./sitting";

/** What was written down at the chair, on this device: a log for each tab that wrote any. */
const PREFIX = "kite-sitting-";
const LEFT_AFTER_MS = 120_000;
const held = new Set<string>();

const key = (planId: number, device: string) => `${PREFIX}${planId}/${device}`;

/** Whether storage took it; false when it is full. */
export function keepLog(planId: number, s: Sitting): boolean {
  try {
    localStorage.setItem(key(planId, s.device), JSON.stringify({ ...s, keptAt: Date.now() }));
    // As it was kept before tabs had logs of their own.
    localStorage.removeItem(`${PREFIX}${planId}`);
    return true;
  } catch {
    return false;
  }
}

export type Log = Sitting & { keptAt?: number };

export function keptLogs(planId: number): Log[] {
  return Object.keys(localStorage)
    .filter((k) => k === `${PREFIX}${planId}` || k.startsWith(`${PREFIX}${planId}/`))
    .sort()
    .map((k) => JSON.parse(localStorage.getItem(k) as string) as Log);
}

export function dropLog(planId: number, device: string): void {
  localStorage.removeItem(key(planId, device));
  localStorage.removeItem(`${PREFIX}${planId}`);
}

/**
 * Whether this tab alone goes on with a log: it holds the lock for as long as it is open. Where browsers have no locks
 * (a page that comes neither from this machine nor over HTTPS), a tab knows its own logs, and takes another's once
 * nothing was written in it for two minutes.
 */
export function claim({ device, keptAt = 0 }: Pick<Log, "device" | "keptAt">): Promise<boolean> {
  if (held.has(device)) return Promise.resolve(true);
  const own = () => {
    held.add(device);
    try {
      sessionStorage.setItem(`kite-tab-${device}`, "mine");
    } catch {
      // Then it is known as long as the page is not loaded again.
    }
  };
  if (!navigator.locks) {
    const mine = sessionStorage.getItem(`kite-tab-${device}`) !== null || Date.now() - keptAt > LEFT_AFTER_MS;
    if (mine) own();
    return Promise.resolve(mine);
  }
  return new Promise((go) => {
    void navigator.locks.request(`kite-device-${device}`, { ifAvailable: true }, (lock) => {
      if (!lock) {
        go(false);
        return undefined;
      }
      own();
      go(true);
      return new Promise(() => undefined);
    });
  });
}

/** A log nobody has written in yet. */
export async function newDevice(): Promise<string> {
  const device = crypto.randomUUID();
  sessionStorage.setItem(`kite-tab-${device}`, "mine");
  await claim({ device });
  return device;
}

/** How much written down at any chair on this device the server does not have yet. */
export function unsentEntries(): number {
  return Object.keys(localStorage)
    .filter((k) => k.startsWith(PREFIX))
    .map((k) => JSON.parse(localStorage.getItem(k) as string) as Log)
    .reduce((sum, s) => sum + s.unsent.length + (s.toBegin ? 1 : 0), 0);
}
