/** One way to the server: a client made from its contract, the CSRF token, and problems as errors with their fields. */

import createClient from "openapi-fetch";
import { worded } from "../words/worded";
import { askAhead, takeAhead } from "./ahead";
import { deviceName } from "./device";
import type { components, paths } from "./schema";
import { untilSignedIn, useSignedOut } from "./signedOut";
import { knownAs, learnt, lengthened, shortened } from "./works";

export type FieldProblem = components["schemas"]["PlanProblem"];
type Problem = Partial<components["schemas"]["Problem"]>;

export class ApiError extends Error {
  constructor(
    readonly status: number,
    message: string,
    readonly problems: FieldProblem[] = [],
    readonly currentVersion?: number,
    /** How many of a device's entries the server has, where one before those sent is missing. */
    readonly stored?: number,
    /** Whether the digits beside the password are asked. */
    readonly codeNeeded = false,
  ) {
    super(message);
  }
}

const KEPT_ALIVE_CHARS = 30_000;

/** How often the server's "ask again in so many seconds" is followed before it is told. */
const MOST_TRIES = 5;
const LONGEST_WAIT_S = 10;

function cookie(name: string): string | undefined {
  return document.cookie
    .split("; ")
    .find((c) => c.startsWith(`${name}=`))
    ?.slice(name.length + 1);
}

async function token(): Promise<string> {
  const known = cookie("XSRF-TOKEN");
  if (known) return known;
  await fetch("/api/session/token");
  return cookie("XSRF-TOKEN") ?? "";
}

const GONE = worded("http.the-shops-server-cannot");

async function call(method: string, url: string, text?: string, signal?: AbortSignal): Promise<Response> {
  const ahead = takeAhead(url, text);
  if (ahead) {
    const known = await ahead;
    signal?.throwIfAborted();
    return known;
  }
  let sent = text;
  for (let tries = 0; ; tries++) {
    const response = await once(method, url, sent, signal);
    if (response.ok) {
      learnt(sent, response.headers.get("X-Work"));
      return response;
    }
    const problem: Problem = await response.json().catch(() => ({}));
    const again = problem.unknownWork === true && sent ? lengthened(sent) : null;
    if (again !== null && tries < MOST_TRIES) {
      sent = again;
      continue;
    }
    if (isOver(response.status, url) && tries < MOST_TRIES) {
      await untilSignedIn(signal);
      continue;
    }
    const wait = Number(response.headers.get("Retry-After"));
    if (problem.askAgain === true && tries < MOST_TRIES && wait <= LONGEST_WAIT_S) {
      await later(wait, signal);
      continue;
    }
    throw new ApiError(
      response.status,
      problem.detail ?? worded("http.the-server-answered", { status: response.status }),
      problem.problems ?? [],
      problem.currentVersion,
      problem.stored,
      problem.codeNeeded === true,
    );
  }
}

/** The session is over: whoever works here signs in on the spot, and it goes on. */
const isOver = (status: number, url: string): boolean =>
  status === 401 && useSignedOut.getState().atWork && !url.startsWith("/api/session");

/** Some seconds, or until nobody wants it any more. */
function later(seconds: number, signal?: AbortSignal): Promise<void> {
  return new Promise((go, stop) => {
    const gone = () => {
      clearTimeout(timer);
      stop(signal?.reason);
    };
    const timer = setTimeout(() => {
      signal?.removeEventListener("abort", gone);
      go();
    }, 1000 * seconds);
    signal?.addEventListener("abort", gone);
  });
}

async function once(method: string, url: string, text?: string, signal?: AbortSignal): Promise<Response> {
  try {
    const headers: Record<string, string> = {};
    if (method !== "GET") {
      headers["X-XSRF-TOKEN"] = await token();
      headers["X-Device"] = deviceName();
    }
    if (text !== undefined) headers["Content-Type"] = "application/json";
    return await fetch(url, {
      method,
      headers,
      body: text,
      signal,
      // A save begun as the page is left still arrives; browsers allow that up to 64 KiB.
      keepalive: method === "PUT" && text !== undefined && text.length < KEPT_ALIVE_CHARS,
    });
  } catch (e) {
    if (e instanceof DOMException && e.name === "AbortError") throw e;
    throw new ApiError(0, GONE);
  }
}

/** A request that still knows its body: to read it back takes a turn that a page being left no longer has. */
class Asked extends Request {
  readonly said?: string;

  constructor(to: RequestInfo | URL, how?: RequestInit) {
    super(to, how);
    if (typeof how?.body === "string") this.said = how.body;
  }
}

/** What is asked, and how; a refusal is thrown as an {@link ApiError}. */
export const api = createClient<paths>({
  baseUrl: location.origin,
  Request: Asked,
  bodySerializer: shortened,
  fetch: (r) =>
    call(r.method, r.url.slice(location.origin.length), r instanceof Asked ? r.said : undefined, r.signal),
});

/** What an answer says. */
export async function said<T>(answer: Promise<{ data?: T }>): Promise<NonNullable<T>> {
  const { data } = await answer;
  if (data === undefined || data === null) throw new ApiError(0, worded("http.the-server-answered-nothing"));
  return data;
}

/** What an answer says, or null where there is nothing to say. */
export async function saidOrNull<T>(answer: Promise<{ data?: T }>): Promise<T | null> {
  return (await answer).data ?? null;
}

/** That it is done. */
export async function carriedOut(answer: Promise<unknown>): Promise<void> {
  await answer;
}

/** Asks for what a page will want to show, a plan and what comes of it, while the page itself is still on its way. */
export async function askForPlan(id: string): Promise<void> {
  const early = (method: string, url: string, text?: string) =>
    askAhead(url, () => call(method, url, text), text);
  for (const url of ["/api/ramp", "/api/coats"]) early("GET", url);
  const plan = await early("GET", `/api/plans/${id}`);
  const { work, document } = await plan.clone().json();
  // Another server may have to be sent it.
  knownAs(document, work);
  for (const url of ["/api/outcome", "/api/head"]) early("POST", url, JSON.stringify({ work }));
}

/** JSON objects one a line, each handed on as it comes in. */
export async function lines<T>(
  answer: Promise<{ data?: Response["body"] }>,
  each: (line: T) => void,
): Promise<void> {
  const { data } = await answer;
  const reader = data?.pipeThrough(new TextDecoderStream()).getReader();
  let rest = "";
  for (let read = await reader?.read(); read && !read.done; read = await reader?.read()) {
    const parts = (rest + read.value).split("\n");
    rest = parts.pop() ?? "";
    for (const p of parts) {
      if (!p) continue;
      const line: T & Partial<components["schemas"]["Stopped"]> = JSON.parse(p);
      // The answer had begun when its time was over.
      if (line.stopped) throw new ApiError(503, line.stopped);
      each(line);
    }
  }
}

/** What is posted with a whole document as its body, by the address. */
type Posts = {
  [P in keyof paths as paths[P] extends { post: { requestBody: unknown } } ? P : never]: paths[P] extends {
    post: {
      requestBody: { content: { "application/json": infer B } };
      responses: { 200: { content: infer C } };
    };
  }
    ? { body: B; answer: C extends { "application/json": infer A } ? A : ArrayBuffer }
    : never;
};

const KEPT = "kite-kept";

async function keptName(url: string, body: string): Promise<string> {
  const sum = new Uint8Array(await crypto.subtle.digest("SHA-256", new TextEncoder().encode(body)));
  return `${url}?of=${[...sum.slice(0, 12)].map((b) => b.toString(16).padStart(2, "0")).join("")}`;
}

/** Bytes for a document; they are kept on this device and stand in for the server when it is gone. */
async function keptBytes<P extends keyof Posts>(
  url: P,
  body: Posts[P]["body"],
  signal?: AbortSignal,
): Promise<ArrayBuffer> {
  const asked = async () => (await call("POST", url, shortened(body), signal)).arrayBuffer();
  // Browsers keep nothing for a page that comes neither from this machine nor over HTTPS.
  if (!("caches" in globalThis)) return asked();
  const name = await keptName(url, JSON.stringify(body));
  const kept = await caches.open(KEPT);
  try {
    const answer = await asked();
    await kept.put(name, new Response(answer.slice(0)));
    return answer;
  } catch (e) {
    const known = e instanceof ApiError && e.status === 0 ? await kept.match(name) : undefined;
    if (!known) throw e;
    return known.arrayBuffer();
  }
}

/** Bytes for a document, kept on this device when they are wanted without the server too. */
export const bytesOf = <P extends keyof Posts>(
  url: P,
  body: Posts[P]["body"],
  keep: boolean,
  signal?: AbortSignal,
): Promise<ArrayBuffer> =>
  keep
    ? keptBytes(url, body, signal)
    : call("POST", url, shortened(body), signal).then((r) => r.arrayBuffer());

/**
 * Bytes for each of some documents kept on this device, one after another, and of this kind no others: what is kept
 * already is not asked for again.
 */
export async function keepOnly<P extends keyof Posts>(
  url: P,
  bodies: Posts[P]["body"][],
  stopped: () => boolean,
): Promise<void> {
  if (!("caches" in globalThis)) return;
  const kept = await caches.open(KEPT);
  const names = await Promise.all(bodies.map((b) => keptName(url, JSON.stringify(b))));
  const wanted = new Set(names.map((n) => new URL(n, location.origin).href));
  for (const r of await kept.keys())
    if (new URL(r.url).pathname === url && !wanted.has(r.url)) await kept.delete(r);
  for (const [i, body] of bodies.entries()) {
    if (stopped()) return;
    if (!(await kept.match(names[i] as string))) await keptBytes(url, body);
  }
}

/** Kept bytes that are JSON. */
export async function keptJson<P extends keyof Posts>(
  url: P,
  body: Posts[P]["body"],
): Promise<Posts[P]["answer"]> {
  return JSON.parse(new TextDecoder().decode(await keptBytes(url, body)));
}

/** Nothing of the shop stays on this device. */
export async function forget(): Promise<void> {
  if (!("caches" in globalThis)) return;
  for (const name of await caches.keys()) if (name === KEPT || name === "kite-api") await caches.delete(name);
}

/** A file as it is, in a stream, with how far it has got; where the session is over, once more after the password. */
export async function upload<T = unknown>(
  url: string,
  file: Blob,
  progress: (share: number) => void = () => undefined,
): Promise<T> {
  try {
    return await uploaded<T>(url, file, progress);
  } catch (e) {
    if (!(e instanceof ApiError && isOver(e.status, url))) throw e;
    await untilSignedIn();
    return uploaded<T>(url, file, progress);
  }
}

async function uploaded<T>(url: string, file: Blob, progress: (share: number) => void): Promise<T> {
  const csrf = await token().catch(() => {
    throw new ApiError(0, GONE);
  });
  return new Promise((done, fail) => {
    const x = new XMLHttpRequest();
    x.open("POST", url);
    x.responseType = "json";
    x.setRequestHeader("X-XSRF-TOKEN", csrf);
    x.setRequestHeader("Content-Type", "application/octet-stream");
    x.setRequestHeader("X-Device", deviceName());
    x.upload.onprogress = (e) => progress(e.total > 0 ? e.loaded / e.total : 0);
    x.onerror = () => fail(new ApiError(0, GONE));
    x.onload = () =>
      x.status < 300
        ? done(x.response)
        : fail(
            new ApiError(
              x.status,
              x.response?.detail ?? worded("http.the-server-answered", { status: x.status }),
              x.response?.problems ?? [],
            ),
          );
    x.send(file);
  });
}
