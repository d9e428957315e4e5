import type { Edit } from "./edits";

/** The way back and forth of a document, kept on this device so that undo goes on after a reload. */
type History = { of: string; done: Edit[]; undone: Edit[] };

const key = (url: string) => `kite-undo:${url}`;

/** A short mark of a text; two documents with the same mark are taken for the same. */
export function mark(text: string): string {
  let h = 0x811c9dc5;
  for (let i = 0; i < text.length; i++) {
    h = Math.imul(h ^ text.charCodeAt(i), 0x01000193);
  }
  return `${text.length}:${(h >>> 0).toString(36)}`;
}

/** Fields in one order, so that a document that went through the server is known again. */
export function sorted(v: unknown): unknown {
  if (Array.isArray(v)) return v.map(sorted);
  if (typeof v !== "object" || v === null) return v;
  return Object.fromEntries(
    Object.entries(v)
      .filter(([, x]) => x !== undefined && x !== null)
      .sort(([a], [b]) => (a < b ? -1 : 1))
      .map(([k, x]) => [k, sorted(x)]),
  );
}

const markOf = (document: unknown) => mark(JSON.stringify(sorted(document)));

export function keepHistory(url: string, document: unknown, done: Edit[], undone: Edit[]): void {
  // A full store lets go of the oldest steps first.
  for (let from = 0; from <= done.length; from += Math.max(1, Math.ceil((done.length - from) / 2))) {
    try {
      const h: History = { of: markOf(document), done: done.slice(from), undone };
      localStorage.setItem(key(url), JSON.stringify(h));
      return;
    } catch {
      // Tried again with fewer.
    }
  }
}

/** The steps that lead to just this document; none when it was changed elsewhere. */
export function readHistory(url: string, document: unknown): Pick<History, "done" | "undone"> {
  try {
    const h = JSON.parse(localStorage.getItem(key(url)) ?? "null") as History | null;
    if (h && h.of === markOf(document)) return { done: h.done, undone: h.undone };
  } catch {
    // What cannot be read is no history.
  }
  return { done: [], undone: [] };
}
