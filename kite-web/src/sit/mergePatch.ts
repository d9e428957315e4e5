import type { Path } from "../store/edits";

type Fields = Record<string, unknown>;
const isFields = (v: unknown): v is Fields => typeof v === "object" && v !== null && !Array.isArray(v);

/** JSON Merge Patch (RFC 7396). Numbers and words that are not there yet are added at the end. */
export function mergePatch(target: unknown, patch: unknown): unknown {
  if (!isFields(patch)) return patch;
  const out: Fields = isFields(target) ? { ...target } : {};
  for (const [name, value] of Object.entries(patch)) {
    if (value === null) delete out[name];
    else out[name] = mergePatch(out[name], value);
  }
  return out;
}

/** The one place of a document a patch changes, and what stands there afterwards. */
export function narrowest(document: unknown, patch: unknown): { path: Path; value: unknown } {
  const path: Path = [];
  let at = document;
  let rest = patch;
  while (isFields(rest) && isFields(at)) {
    const names = Object.keys(rest);
    const name = names[0];
    if (names.length !== 1 || name === undefined || !(name in at)) break;
    path.push(name);
    at = at[name];
    rest = rest[name];
  }
  return { path, value: mergePatch(at, rest) };
}
