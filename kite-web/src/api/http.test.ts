import { afterEach, beforeEach, expect, it, vi } from "vitest";
import { api, keepOnly, said, upload } from "./http";
import { signedInAgain, useSignedOut } from "./signedOut";
import type { PlanDocument } from "./types";

const busy = (more: object) => () =>
  new Response(JSON.stringify({ detail: "Much is asked just now.", ...more }), {
    status: 503,
    headers: { "Retry-After": "2" },
  });

function answering(...answers: (() => Response)[]) {
  let n = 0;
  const asked = vi.fn(async () => (answers[Math.min(n++, answers.length - 1)] as () => Response)());
  vi.stubGlobal("fetch", asked);
  return asked;
}

beforeEach(() => {
  vi.useFakeTimers();
});

afterEach(() => {
  vi.useRealTimers();
  vi.unstubAllGlobals();
});

it("asks again when the server says when", async () => {
  const asked = answering(busy({ askAgain: true }), () => new Response('{"on":true}'));
  const answer = said(api.GET("/api/session/second"));
  await vi.advanceTimersByTimeAsync(1900);
  expect(asked).toHaveBeenCalledTimes(1);
  await vi.advanceTimersByTimeAsync(200);
  expect(await answer).toEqual({ on: true });
});

it("tells it in the end, and at once where something may have been done", async () => {
  const often = answering(busy({ askAgain: true }));
  const failed = expect(said(api.GET("/api/session/second"))).rejects.toThrow("Much is asked just now.");
  await vi.advanceTimersByTimeAsync(20_000);
  await failed;
  expect(often).toHaveBeenCalledTimes(6);
  const once = answering(busy({}));
  await expect(said(api.GET("/api/session/second"))).rejects.toThrow("Much is asked just now.");
  expect(once).toHaveBeenCalledTimes(1);
});

it("is on its way before the page is left: no turn of the browser's passes", async () => {
  // biome-ignore lint/suspicious/noDocumentCookie: the browser has it from the server
  document.cookie = "XSRF-TOKEN=t";
  // A browser reads a request's body back in a turn of its own, which a page being left does not get.
  vi.spyOn(Request.prototype, "text").mockReturnValue(new Promise(() => undefined));
  const asked = answering(() => new Response('{"version":2}'));
  const plan = {
    version: 4,
    title: "t",
    head: { kind: "measured", girthMm: 570 },
    start: { kind: "taped", tapedMm: {} },
  };
  const save = api.PUT("/api/plans/{id}", {
    params: { path: { id: 7 } },
    body: { version: 1, document: { ...plan, sections: [], moves: [] } as PlanDocument },
  });
  for (let i = 0; i < 12; i++) await Promise.resolve();
  expect(asked).toHaveBeenCalledTimes(1);
  const [url, init] = asked.mock.calls[0] as unknown as [string, RequestInit];
  expect(url).toBe("/api/plans/7");
  expect(init.keepalive).toBe(true);
  expect(JSON.parse(String(init.body)).version).toBe(1);
  await save;
});

it("a file goes up again once the password is given, and is refused where nobody is at work", async () => {
  let over = true;
  const sent: string[] = [];
  class Sends {
    status = 0;
    response: unknown = null;
    responseType = "";
    upload = {};
    onload: () => void = () => undefined;
    open(_method: string, url: string) {
      sent.push(url);
    }
    setRequestHeader() {}
    send() {
      this.status = over ? 401 : 201;
      this.response = over ? { detail: "no" } : { id: 4 };
      queueMicrotask(() => this.onload());
    }
  }
  vi.stubGlobal("XMLHttpRequest", Sends);
  vi.stubGlobal("fetch", async () => new Response("{}"));
  useSignedOut.setState({ atWork: true, out: false });
  const going = upload<{ id: number }>("/api/clients/1/photos", new Blob(["x"]));
  await vi.advanceTimersByTimeAsync(10);
  expect(useSignedOut.getState().out).toBe(true);
  over = false;
  signedInAgain();
  expect(await going).toEqual({ id: 4 });
  expect(sent).toHaveLength(2);
  over = true;
  useSignedOut.setState({ atWork: false });
  await expect(upload("/api/clients/1/photos", new Blob(["x"]))).rejects.toThrow("no");
  vi.unstubAllGlobals();
});

it("keeps one plan's bytes and no other's, and asks for none of them twice", async () => {
  const held = new Map<string, Response>();
  const at = (r: string | { url: string }) =>
    new URL(typeof r === "string" ? r : r.url, location.origin).href;
  const cache = {
    keys: async () => [...held.keys()].map((url) => ({ url })),
    delete: async (r: { url: string }) => held.delete(at(r)),
    match: async (n: string) => held.get(at(n)),
    put: async (n: string, r: Response) => void held.set(at(n), r),
  };
  vi.stubGlobal("caches", { open: async () => cache });
  const asked = answering(() => new Response("bytes"));
  const plan = (title: string) => ({ title, moves: [] }) as unknown as PlanDocument;
  const moves = (title: string) => ["a", "b", "c"].map((move) => ({ document: plan(title), move }));
  const posts = () => asked.mock.calls.filter((c) => String((c as unknown[])[0]) === "/api/in-hand").length;
  const keep = (title: string) => keepOnly("/api/in-hand", moves(title), () => false);
  held.set(at("/api/outcome?of=1"), new Response("outcome"));
  await keep("one");
  await keep("one");
  expect(posts()).toBe(3);
  await keep("other");
  expect(posts()).toBe(6);
  expect([...held.keys()].filter((k) => k.includes("in-hand"))).toHaveLength(3);
  expect(held.has(at("/api/outcome?of=1")), "what is of another kind stays").toBe(true);
});
