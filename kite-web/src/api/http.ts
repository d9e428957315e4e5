/** One way to the server: JSON or bytes, the CSRF token, and problems as errors with their fields. */

import { askAhead, takeAhead } from "./ahead";
import { deviceName } from "./device";

export type FieldProblem = { path: string; value: string; allowed: string };

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

const GONE = "The shop's server cannot be reached. What you did stays here; try again.";

async function call(method: string, url: string, body?: unknown, signal?: AbortSignal): Promise<Response> {
  const text = body === undefined ? undefined : JSON.stringify(body);
  const ahead = takeAhead(url, text);
  if (ahead) {
    const known = await ahead;
    signal?.throwIfAborted();
    return known;
  }
  for (let tries = 0; ; tries++) {
    const response = await once(method, url, text, signal);
    if (response.ok) return response;
    const problem = await response.json().catch(() => ({}));
    const wait = Number(response.headers.get("Retry-After"));
    if (problem.askAgain === true && tries < MOST_TRIES && wait <= LONGEST_WAIT_S) {
      await later(wait, signal);
      continue;
    }
    throw new ApiError(
      response.status,
      problem.detail ?? `The server answered ${response.status}.`,
      problem.problems ?? [],
      problem.currentVersion,
      problem.stored,
      problem.codeNeeded === true,
    );
  }
}

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

/** Asks for what a page will want to show, a plan and what comes of it, while the page itself is still on its way. */
export async function askForPlan(id: string): Promise<void> {
  const early = (method: string, url: string, body?: unknown) =>
    askAhead(url, () => call(method, url, body), body === undefined ? undefined : JSON.stringify(body));
  for (const url of ["/api/ramp", "/api/coats"]) early("GET", url);
  const plan = await early("GET", `/api/plans/${id}`);
  const { document } = await plan.clone().json();
  for (const url of ["/api/outcome", "/api/head"]) early("POST", url, document);
}

export async function get<T>(url: string): Promise<T> {
  return (await call("GET", url)).json();
}

/** JSON objects one a line, each handed on as it comes in; with a body it is posted. */
export async function lines<T>(
  url: string,
  each: (line: T) => void,
  signal?: AbortSignal,
  body?: unknown,
): Promise<void> {
  const response = await call(body === undefined ? "GET" : "POST", url, body, signal);
  const reader = response.body?.pipeThrough(new TextDecoderStream()).getReader();
  let rest = "";
  for (let read = await reader?.read(); read && !read.done; read = await reader?.read()) {
    const parts = (rest + read.value).split("\n");
    rest = parts.pop() ?? "";
    for (const p of parts) {
      if (!p) continue;
      const line = JSON.parse(p);
      // The answer had begun when its time was over.
      if (line.stopped) throw new ApiError(503, line.stopped);
      each(line as T);
    }
  }
}

/** Like get, but null where the server has nothing (204). */
export async function getOrNull<T>(url: string): Promise<T | null> {
  const response = await call("GET", url);
  return response.status === 204 ? null : response.json();
}

/** What the server answers; nothing where it says no more than that it is done (204). */
export async function send<T>(method: "POST" | "PUT", url: string, body: unknown): Promise<T> {
  const response = await call(method, url, body);
  return response.status === 204 ? (undefined as T) : response.json();
}

export async function remove(url: string): Promise<void> {
  await call("DELETE", url);
}

export async function bytes(url: string, body: unknown, signal?: AbortSignal): Promise<ArrayBuffer> {
  return (await call("POST", url, body, signal)).arrayBuffer();
}

const KEPT = "kite-kept";

async function keptName(url: string, body: unknown): Promise<string> {
  const text = new TextEncoder().encode(JSON.stringify(body));
  const sum = new Uint8Array(await crypto.subtle.digest("SHA-256", text));
  return `${url}?of=${[...sum.slice(0, 12)].map((b) => b.toString(16).padStart(2, "0")).join("")}`;
}

/** Like bytes; the answer is kept on this device and stands in for the server when it is gone. */
export async function keptBytes(url: string, body: unknown, signal?: AbortSignal): Promise<ArrayBuffer> {
  // Browsers keep nothing for a page that comes neither from this machine nor over HTTPS.
  if (!("caches" in globalThis)) return bytes(url, body, signal);
  const name = await keptName(url, body);
  const kept = await caches.open(KEPT);
  try {
    const answer = await bytes(url, body, signal);
    await kept.put(name, new Response(answer.slice(0)));
    return answer;
  } catch (e) {
    const known = e instanceof ApiError && e.status === 0 ? await kept.match(name) : undefined;
    if (!known) throw e;
    return known.arrayBuffer();
  }
}

export async function keptJson<T>(url: string, body: unknown): Promise<T> {
  return JSON.parse(new TextDecoder().decode(await keptBytes(url, body))) as T;
}

/** Nothing of the shop stays on this device. */
export async function forget(): Promise<void> {
  if (!("caches" in globalThis)) return;
  for (const name of await caches.keys()) if (name === KEPT || name === "kite-api") await caches.delete(name);
}

/** A file as it is, in a stream, with how far it has got. */
export async function upload<T>(url: string, file: Blob, progress: (share: number) => void): Promise<T> {
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
              x.response?.detail ?? `The server answered ${x.status}.`,
              x.response?.problems ?? [],
            ),
          );
    x.send(file);
  });
}
