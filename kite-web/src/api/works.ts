/** Plans the server knows already are named to it, not sent again. */

const names = new WeakMap<object, string>();
/** The latest, to be sent whole when the server no longer knows one. */
const named = new Map<string, object>();
const MOST = 40;
/** Which plans a body holds whole, by its text, until it is answered. */
const whole = new Map<string, object[]>();
const MOST_UNDER_WAY = 20;

/** Where a body may hold a plan: it is one, or these are. */
const PARTS = ["document", "other"];

function latest<V>(map: Map<string, V>, key: string, value: V, most: number): void {
  map.delete(key);
  map.set(key, value);
  const first = map.keys().next().value;
  if (map.size > most && first !== undefined) map.delete(first);
}

/** The server calls a plan so. */
export function knownAs(plan: object, name: string): void {
  names.set(plan, name);
  latest(named, name, plan, MOST);
}

const isPlan = (x: unknown): x is object =>
  typeof x === "object" && x !== null && "moves" in x && "sections" in x && "head" in x;

const isName = (x: unknown): x is { work: string } =>
  typeof x === "object" && x !== null && "work" in x && Object.keys(x).length === 1;

function mapped(body: unknown, each: (x: unknown) => unknown): unknown {
  const own = each(body);
  if (own !== body || typeof body !== "object" || body === null) return own;
  const out: Record<string, unknown> = { ...body };
  for (const p of PARTS) if (p in out) out[p] = each(out[p]);
  return out;
}

/** A body as it is sent: its plans by name where the server knows them. */
export function shortened(body: unknown): string {
  const sent: object[] = [];
  const text = JSON.stringify(
    isPlan(body) || PARTS.some((p) => isPlan((body as Record<string, unknown> | null)?.[p]))
      ? mapped(body, (x) => {
          if (!isPlan(x)) return x;
          const work = names.get(x);
          if (work === undefined) sent.push(x);
          return work === undefined ? x : { work };
        })
      : body,
  );
  if (sent.length > 0) latest(whole, text, sent, MOST_UNDER_WAY);
  return text;
}

/** What an answer calls the plans that were sent whole, in their order. */
export function learnt(text: string | undefined, header: string | null): void {
  const sent = text === undefined ? undefined : whole.get(text);
  if (!sent || !header) return;
  header.split(",").forEach((name, i) => {
    const plan = sent[i];
    if (plan) knownAs(plan, name.trim());
  });
}

/** The same body with its plans whole; null where one is not here any more. */
export function lengthened(text: string): string | null {
  let all = true;
  const body = mapped(JSON.parse(text), (x) => {
    if (!isName(x)) return x;
    const plan = named.get(x.work);
    if (!plan) all = false;
    else names.delete(plan);
    return plan ?? x;
  });
  return all ? shortened(body) : null;
}
