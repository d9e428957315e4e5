/** Where the work at the chair stands, kept on the device so that a reload goes on from there. */
export type ChairSession = { token: string; startedAt: string; index: number; done: number };

const key = (planId: number) => `kite-chair-${planId}`;

export function chairSession(planId: number): ChairSession {
  const kept = localStorage.getItem(key(planId));
  if (kept) return JSON.parse(kept) as ChairSession;
  const fresh = { token: crypto.randomUUID(), startedAt: new Date().toISOString(), index: 0, done: 0 };
  keepChair(planId, fresh);
  return fresh;
}

export function keepChair(planId: number, s: ChairSession): void {
  localStorage.setItem(key(planId), JSON.stringify(s));
}

export function endChair(planId: number): void {
  localStorage.removeItem(key(planId));
}
