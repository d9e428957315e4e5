/** Work not yet on the server, kept on this device, so that a reload while the server is gone loses nothing. */
export type Draft<D> = { version: number; document: D };

const key = (url: string) => `kite-draft:${url}`;

export function keepDraft<D>(url: string, draft: Draft<D>): void {
  try {
    localStorage.setItem(key(url), JSON.stringify(draft));
  } catch {
    // The device's store is full or shut: the server's copy is still made.
  }
}

export function readDraft<D>(url: string): Draft<D> | null {
  try {
    return JSON.parse(localStorage.getItem(key(url)) ?? "null");
  } catch {
    return null;
  }
}

export const dropDraft = (url: string) => localStorage.removeItem(key(url));
