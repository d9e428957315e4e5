/** An edit is data with an inverse: a path, what stood there, and what stands there now. */
export type Path = (string | number)[];
export type Edit = { path: Path; before: unknown; after: unknown };

export function read(doc: unknown, path: Path): unknown {
  return path.reduce<unknown>((at, key) => (at as Record<string | number, unknown> | undefined)?.[key], doc);
}

/** The document with one place changed; everything else is shared. */
export function write<T>(doc: T, path: Path, value: unknown): T {
  const [key, ...rest] = path;
  if (key === undefined) return value as T;
  const copy = (Array.isArray(doc) ? [...doc] : { ...doc }) as Record<string | number, unknown>;
  copy[key] = write((doc as Record<string | number, unknown>)[key], rest, value);
  return copy as T;
}

export const inverse = (e: Edit): Edit => ({ path: e.path, before: e.after, after: e.before });

/** Two edits of one place in a row, as while a slider is dragged, are one step of undo. */
export function joined(last: Edit | undefined, next: Edit, sameGesture: boolean): Edit | undefined {
  return sameGesture && last && JSON.stringify(last.path) === JSON.stringify(next.path)
    ? { path: last.path, before: last.before, after: next.after }
    : undefined;
}
