/** An edit is data with an inverse: places in the document, what stood there, and what stands there now. */
export type Path = (string | number)[];
export type Change = { path: Path; before: unknown; after: unknown };
export type Edit = { changes: Change[]; gesture?: string };

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

export const apply = <D>(doc: D, edit: Edit): D =>
  edit.changes.reduce((d, c) => write(d, c.path, c.after), doc);

export const inverse = (e: Edit): Edit => ({
  ...e,
  changes: e.changes.map((c) => ({ path: c.path, before: c.after, after: c.before })).reverse(),
});

const isObject = (v: unknown): v is Record<string, unknown> => typeof v === "object" && v !== null;
/** What a document says of a value: an open field left out, empty or null says the same. */
const said = (v: unknown) => JSON.stringify(v ?? null);

/** The smallest places in which two documents differ; a list whose length changed is one place. */
export function differences(before: unknown, after: unknown, path: Path = []): Change[] {
  if (before === after || said(before) === said(after)) return [];
  if (Array.isArray(before) && Array.isArray(after) && before.length === after.length)
    return before.flatMap((b, i) => differences(b, after[i], [...path, i]));
  if (isObject(before) && isObject(after) && !Array.isArray(before) && !Array.isArray(after))
    return [...new Set([...Object.keys(before), ...Object.keys(after)])].flatMap((k) =>
      differences(before[k], after[k], [...path, k]),
    );
  return [{ path, before, after }];
}

/** Two edits of one place in a row, as while a slider is dragged, are one step of undo. */
export function joined(last: Edit | undefined, next: Edit, sameGesture: boolean): Edit | undefined {
  const [a, b] = [last?.changes[0], next.changes[0]];
  return sameGesture &&
    a &&
    b &&
    last?.changes.length === 1 &&
    next.changes.length === 1 &&
    JSON.stringify(a.path) === JSON.stringify(b.path)
    ? { changes: [{ path: a.path, before: a.before, after: b.after }] }
    : undefined;
}
